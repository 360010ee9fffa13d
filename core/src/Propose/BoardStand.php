<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Plan\FreeId;
use FineFrame\Space\Rooms;
use FineFrame\Staging\Body;

/** Puts a board or a black cloth beside a face where no frame sees it. */
final readonly class BoardStand
{
    private const SIZE_M = 1.2;

    public function __construct(private Rooms $room, private LampStand $stand)
    {
    }

    /**
     * @param  list<string>  $used
     * @return array{id: string, ...}|null a board or a black cloth beside the cheek away from the key, in no frame
     */
    public function beside(Body $body, int $sign, bool $isWhite, array $used): ?array
    {
        foreach ([75.0, 60.0, 90.0] as $deg) {
            foreach ([0.7, 0.9, 1.1, 1.4] as $distance) {
                $out = Vec2::towards($body->headBearingRad + $sign * deg2rad($deg));
                $place = $body->person->place->plus($out->times($distance));
                $half = $out->left()->times(self::SIZE_M / 2);
                $base = max(0.2, $body->eyes->z - self::SIZE_M / 2);
                $corners = [$place->plus($half), $place->minus($half)];
                if (
                    array_filter($corners, fn (Vec2 $c): bool => ! $this->room->contains($c)) === []
                    && ! $this->stand->shows(self::grid($corners, $base))
                ) {
                    return [
                        'id' => FreeId::of($isWhite ? 'board' : 'black', $used),
                        'name' => $isWhite ? 'white board' : 'black cloth',
                        'width_m' => self::SIZE_M,
                        'depth_m' => 0.02,
                        'height_m' => self::SIZE_M,
                        'base_m' => round($base, 2),
                        'x_m' => round($place->x, 3),
                        'y_m' => round($place->y, 3),
                        'turn_deg' => round(rad2deg($out->times(-1.0)->bearing()), 1),
                        'reflects' => $isWhite ? 0.8 : 0.03,
                        'keep_out' => true,
                    ];
                }
            }
        }

        return null;
    }

    /**
     * @param  array{Vec2, Vec2}  $ends
     * @return list<Vec3> places all over a board
     */
    private static function grid(array $ends, float $base): array
    {
        $all = [];
        foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $across) {
            foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $up) {
                $all[] = $ends[0]->plus($ends[1]->minus($ends[0])->times($across))->at($base + $up * self::SIZE_M);
            }
        }

        return $all;
    }
}
