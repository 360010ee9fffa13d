<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\FaceLight;
use FineFrame\Space\Room;

/** The light at a height over all of the floor, as a meter reads it whose dome is turned to a lens. */
final readonly class LightField
{
    /** Rays to each lamp, a side. */
    private const RAYS = 3;

    public function __construct(private Scene $scene, private ?Vec3 $lens)
    {
    }

    /** A floor is metered in so many places at most. */
    private const PLACES = 2000;

    /**
     * @param  bool  $isRough  whether it is painted only: lamps that give little there are taken as seen
     * @return array<string, float> lux at a place: by lamp, and `around` for what the room gives back and what is there
     */
    public function at(Vec3 $point, bool $isRough = false): array
    {
        $axis = $this->lens === null || $this->lens->distanceTo($point) < 0.05
            ? new Vec3(0, 0, 1)
            : $this->lens->minus($point)->floor()->unit()->at(0.0);
        $lux = [];
        foreach ($this->scene->lamps as $id => $lamp) {
            $full = $lamp->placement->on ? FaceLight::from($lamp, $point, $axis) : 0.0;
            $lux[$id] = $full > 0.01 ? $full : 0.0;
        }
        foreach ($isRough ? Shading::telling($lux, 0.0) : array_keys(array_filter($lux)) as $id) {
            $lux[$id] *= Occlusion::seen($this->scene, $this->scene->lamps[$id], $point, '', self::RAYS);
        }
        $windows = $this->scene->windows();
        [$lamps, $day] = $this->scene->room()->dome($point, $axis, ! $isRough);
        $lux['around'] = $lamps + $day + ($windows === null ? $this->scene->ambient()->at($axis) : 0.0);
        foreach ($windows?->outlines() ?? [] as $id => $corners) {
            $towards = Vec3::between($corners[0], $corners[2], 0.5)->minus($point)->unit();
            $lux[$id] = ($windows?->diffuse($point, $towards)[$id] ?? 0.0) * (1 + $towards->dot($axis)) / 2;
        }
        if ($windows !== null) {
            $lux['sky'] = $windows->openSky($point);
            $lux['sun'] = $windows->sunAt($point) * (1 + $windows->towardsSun()->dot($axis)) / 2;
        }

        return $lux;
    }

    /** Stops over the wanted exposure. */
    public function stops(Vec3 $point, bool $isRough = false): float
    {
        return log(max(1e-3, array_sum($this->at($point, $isRough))) / $this->scene->setup->setup->metering->wantedLux(), 2);
    }

    /**
     * @return array<int, array<int, float>> stops by column and row, from the lower left corner on; only where the room is
     */
    public function grid(Room $room, float $heightM, float $stepM): array
    {
        [$x0, $y0] = self::corner($room);
        $grid = [];
        foreach (range(0, (int) floor((max(array_column($room->floor->corners, 'x')) - $x0) / $stepM)) as $i) {
            foreach (range(0, (int) floor((max(array_column($room->floor->corners, 'y')) - $y0) / $stepM)) as $j) {
                $place = new Vec2($x0 + $i * $stepM, $y0 + $j * $stepM);
                if ($room->floor->contains($place)) {
                    $grid[$i][$j] = $this->stops($place->at($heightM), true);
                }
            }
        }

        return $grid;
    }

    /** How far apart a floor is metered: as fine as is wanted, coarser on a large one. */
    public static function step(Room $room, float $finestM): float
    {
        return max($finestM, round(sqrt(abs($room->floor->signedArea()) / self::PLACES), 2));
    }

    /** @return array{float, float} where the grid begins: a hand's breadth inside the room's lower left */
    public static function corner(Room $room): array
    {
        return [
            min([INF, ...array_column($room->floor->corners, 'x')]) + 0.02,
            min([INF, ...array_column($room->floor->corners, 'y')]) + 0.02,
        ];
    }
}
