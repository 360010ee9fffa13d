<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Space\Room;
use FineFrame\Space\Rooms;
use FineFrame\Sun\Spans;
use FineFrame\Sun\Sun;
use FineFrame\Sun\SunInRoom;
use FineFrame\Sun\SunPatch;

/** The cases know one window and the wall opposite; here they become a hall with that window in its south side. */
final class SunPatchCases implements Topic
{
    /** Half the hall's width: farther than any case's patch runs sideways. */
    private const HALF_M = 45.0;

    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        $window = $in->map('window');

        return match ($kind) {
            'patch' => $this->patch($in, $window),
            'window_day' => $this->day(
                $in,
                'direct_sun_intervals_local',
                fn (Sun $sun): bool => $sun->altitudeRad >= deg2rad($in->number('min_altitude_deg')) && self::before($in, $sun),
            ),
            'point_lit_day' => $this->pointDay($in, $window),
            default => null,
        };
    }

    /** Whether the sun stands in front of the wall. */
    private static function before(Inputs $in, Sun $sun): bool
    {
        return cos($sun->azimuthRad - deg2rad($in->number('wall_bearing_deg'))) > 0;
    }

    /** The window's wall runs along +x at y = 0 and looks to −y, which is turned to the case's bearing. */
    private static function hall(Inputs $in, Inputs $window, float $depthM): Room
    {
        $wall = static fn (string $id, float $length): array => ['id' => $id, 'name' => $id, 'length_m' => $length, 'turn_deg' => 90];
        $width = 2 * self::HALF_M;
        $problems = new Problems;
        $room = Room::read(Node::root([
            'height_m' => 40, 'north_deg' => $in->number('wall_bearing_deg') - 180,
            'walls' => [$wall('near', $width), $wall('right', $depthM), $wall('far', $width), $wall('left', $depthM)],
            'openings' => [
                [
                    'id' => 'window',
                    'name' => 'window',
                    'kind' => 'window',
                    'wall' => 'near',
                    'offset_m' => self::HALF_M - $window->number('width_m') / 2,
                    'width_m' => $window->number('width_m'),
                    'sill_m' => $window->number('sill_m'),
                    'head_m' => $window->number('head_m'),
                ],
            ],
        ], $problems));
        $problems->raise();

        return $room;
    }

    /** @return array<string, mixed> */
    private function patch(Inputs $in, Inputs $window): array
    {
        $sun = Sun::standing(deg2rad($in->number('sun_azimuth_deg')), deg2rad($in->number('sun_altitude_deg')));
        $deep = (new SunInRoom(Rooms::of(self::hall($in, $window, 90.0))))->patches($sun)[0] ?? null;
        if ($deep === null) {
            return [
                'direct_sun' => false,
                'incidence_on_glass_deg' => null,
                'floor_corners_local_m' => null,
                'floor_corners_east_north_m' => null,
                'floor_area_m2' => 0.0,
                'floor_area_within_room_m2' => 0.0,
                'opposite_wall' => null,
                'reaches_opposite_wall' => false,
            ];
        }
        $room = (new SunInRoom(Rooms::of(self::hall($in, $window, $in->number('room_depth_m')))))->patches($sun);
        $far = array_values(array_filter($room, static fn (SunPatch $p): bool => $p->wall === 'far'))[0] ?? null;
        $floors = array_filter($room, static fn (SunPatch $p): bool => $p->wall === null);
        // Looking out of the window, right is −x.
        [$right, $left, $headLeft, $headRight] = $deep->corners + [1 => $deep->corners[0], 2 => $deep->corners[0], 3 => $deep->corners[0]];
        $corners = array_map(static fn (Vec3 $c): array => [self::HALF_M - $c->x, $c->y], [$left, $right, $headRight, $headLeft]);
        $glass = Sun::standing(deg2rad($in->number('wall_bearing_deg')), 0.0)->direction();

        return [
            'direct_sun' => true,
            'incidence_on_glass_deg' => rad2deg($sun->direction()->angleTo($glass)),
            'incidence_on_floor_deg' => 90 - rad2deg($sun->altitudeRad),
            'floor_corners_local_m' => $corners,
            'floor_corners_east_north_m' => array_map(fn (array $c): array => self::eastNorth($in, $c), $corners),
            'floor_area_m2' => $deep->areaM2(),
            'floor_area_within_room_m2' => array_sum(array_map(static fn (SunPatch $p): float => $p->areaM2(), $floors)),
            'reaches_opposite_wall' => $far !== null, 'opposite_wall' => $far === null ? null : self::opposite($far),
        ];
    }

    /**
     * @param  array{float, float}  $local  right and depth
     * @return array{float, float}
     */
    private static function eastNorth(Inputs $in, array $local): array
    {
        $out = Vec2::towards(deg2rad($in->number('wall_bearing_deg')));
        $at = $out->left()->times(-$local[0])->minus($out->times($local[1]));

        return [$at->x, $at->y];
    }

    /** @return array<string, float> */
    private static function opposite(SunPatch $patch): array
    {
        $across = array_map(static fn (Vec3 $c): float => self::HALF_M - $c->x, $patch->corners);
        $heights = array_map(static fn (Vec3 $c): float => $c->z, $patch->corners);

        return [
            'u_left_m' => min($across),
            'u_right_m' => max($across),
            'z_low_m' => min($heights),
            'z_high_m' => max($heights),
            'area_m2' => $patch->areaM2(),
        ];
    }

    /** @return array<string, mixed> */
    private function pointDay(Inputs $in, Inputs $window): array
    {
        $inputs = $in->map('point');
        $room = new SunInRoom(Rooms::of(self::hall($in, $window, 90.0)));
        $point = new Vec3(self::HALF_M - $inputs->number('u_m'), $inputs->number('depth_m'), $inputs->number('z_m'));

        return $this->day($in, 'lit_intervals_local', static fn (Sun $sun): bool => $room->strikes($point, $sun));
    }

    /**
     * @param  \Closure(Sun): bool  $isSo
     * @return array<string, mixed>
     */
    private function day(Inputs $in, string $name, \Closure $isSo): array
    {
        $site = SunCases::site($in);
        [$from, $to] = $site->day($in->word('date'));
        $spans = Spans::where(static fn (float $time): bool => $isSo(Sun::over($site, $time)), $from, $to);

        return [
            $name => array_map(static fn (array $s): array => [$site->clock($s[0], 'c'), $site->clock($s[1], 'c')], $spans),
            'total_h' => array_sum(array_map(static fn (array $s): float => $s[1] - $s[0], $spans)) / 3600,
        ];
    }
}
