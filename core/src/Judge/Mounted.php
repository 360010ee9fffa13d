<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Geometry\Vec3;
use FineFrame\Grip\Support;
use FineFrame\Light\SoftBox;

/** A lamp or a pole on what holds it: how heavy it is with what is put to it, how far off its legs, and what of it catches wind. */
final readonly class Mounted
{
    /**
     * @param  float|null  $kg  null where a part of it has not been weighed
     * @param  float  $offsetM  from the axis of its legs
     * @param  float  $ballastKg  on them
     * @param  float  $areaM2  of its face and cloths
     */
    private function __construct(
        public string $id,
        public Support $on,
        public Vec3 $at,
        public ?float $kg,
        public float $offsetM,
        public float $ballastKg,
        public float $areaM2,
    ) {
    }

    /** A microphone with its mount and cover at the end of a pole, kilograms; ours, a usual one. */
    private const MICROPHONE_KG = 0.3;

    /** @return list<self> lamps, and poles on stands */
    public static function withPoles(Situation $situation): array
    {
        $ballast = self::ballast($situation);
        $kit = $situation->setup->plan->kit;
        $all = self::allOf($situation);
        foreach ($situation->scene->booms as $id => $boom) {
            $pole = $kit->poles[$boom->placement->pole];
            if ($boom->stand->kind->isCarried()) {
                continue;
            }
            $ahead = $boom->placement->standPlace->distanceTo($boom->placement->place);
            // The pole hangs ahead of its holder by its middle, the microphone at its end; nothing of it is behind.
            $offset = $pole->kg === null ? $ahead : $ahead * ($pole->kg / 2 + self::MICROPHONE_KG) / ($pole->kg + self::MICROPHONE_KG);
            $all[] = new self(
                $boom->placement->id,
                $boom->stand,
                $boom->placement->standTop(),
                $pole->kg === null ? null : $pole->kg + self::MICROPHONE_KG,
                $offset,
                $ballast[$boom->placement->id] ?? 0.0,
                0.0,
            );
        }

        return $all;
    }

    /** @return list<self> every lamp of a setup */
    public static function allOf(Situation $situation): array
    {
        $ballast = self::ballast($situation);
        $supports = $situation->setup->plan->kit->supports;

        return array_values(array_map(static fn (SoftBox $lamp): self => new self(
            $lamp->placement->id,
            $on = $supports[$lamp->placement->stand],
            $lamp->rear(),
            $lamp->weightKg(),
            $on->asideM(),
            $ballast[$lamp->placement->id] ?? 0.0,
            $lamp->emitter->widthM * $lamp->emitter->heightM,
        ), array_filter($situation->scene->lamps, static fn (SoftBox $l): bool => ! $l->placement->practical)));
    }

    /** @return array<string, float> kilograms by what is on the stand */
    private static function ballast(Situation $situation): array
    {
        $ballast = [];
        foreach ($situation->setup->setup->list('ballast') as $row) {
            $ballast[$row->text('thing')] = ($ballast[$row->text('thing')] ?? 0.0) + ($row->number('kg') ?? 0.0);
        }

        return $ballast;
    }
}
