<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Staging\Body;

/**
 * From where on the floor which faces are seen, at a lens's height: past people, instruments, stands, platforms and a crowd drawn as a
 * block.
 */
final readonly class SightMap
{
    private const STEP_M = 0.4;

    /** A face turned farther than this from the place is not seen. */
    private const FACE_RAD = 100 * M_PI / 180;

    /** What somebody with a camera takes of the floor, metres from their middle. */
    private const ROOM_M = 0.3;

    /** @param  list<array{Vec2, list<string>}>  $places  where one can stand, and whose faces are seen from there */
    private function __construct(public array $places, public float $heightM)
    {
    }

    /** @param  string  $but  a camera that is carried about, and hides nothing where it stands now */
    public static function of(Scene $scene, float $heightM, string $but = ''): self
    {
        $solids = array_values(
            array_filter(
                [...$scene->shell, ...$scene->solids],
                static fn (Solid $s): bool => $s->owner !== $but && $s->material !== Material::Floor && $s->material !== Material::Ceiling,
            ),
        );
        $corners = $scene->setup->room->corners();
        [$xs, $ys] = [array_column($corners, 'x'), array_column($corners, 'y')];
        $places = [];
        for ($x = min($xs) + self::STEP_M / 2; $x < max($xs); $x += self::STEP_M) {
            for ($y = min($ys) + self::STEP_M / 2; $y < max($ys); $y += self::STEP_M) {
                $place = new Vec2($x, $y);
                if (self::canStand($scene, $place)) {
                    $places[] = [$place, self::seen($scene, $solids, $place->at($heightM))];
                }
            }
        }

        return new self($places, $heightM);
    }

    private static function canStand(Scene $scene, Vec2 $place): bool
    {
        if (! $scene->setup->room->contains($place)) {
            return false;
        }
        foreach ($scene->obstacles() as $thing) {
            if (
                $thing->baseM < 1.8
                && ! $thing->carriesStands
                && $thing->isNear($place, self::ROOM_M)
                && $thing->footprint->distanceTo($place) < self::ROOM_M
            ) {
                return false;
            }
        }
        foreach ($scene->setup->bodies as $body) {
            if ($body->person->place->distanceTo($place) < self::ROOM_M + 0.25) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<Solid>  $solids
     * @return list<string>
     */
    private static function seen(Scene $scene, array $solids, Vec3 $eye): array
    {
        $seen = [];
        foreach ($scene->setup->subjects() as $subject) {
            $body = $scene->setup->bodies[$subject->id];
            if ($body->face()->at(0.0)->angleTo($eye->minus($body->eyes)) <= self::FACE_RAD && self::isClear($solids, $body, $eye)) {
                $seen[] = $subject->id;
            }
        }

        return $seen;
    }

    /** @param  list<Solid>  $solids */
    private static function isClear(array $solids, Body $body, Vec3 $eye): bool
    {
        $to = $body->eyes->minus($eye);
        [$from, $ray] = [[$eye->x, $eye->y, $eye->z], [$to->x, $to->y, $to->z]];
        foreach ($solids as $solid) {
            if ($solid->owner === $body->person->id && $solid->material !== Material::Wood && $solid->material !== Material::Black) {
                continue;
            }
            $met = $solid->hitBy($from, $ray);
            if ($met !== null && $met < 0.97) {
                return false;
            }
        }

        return true;
    }
}
