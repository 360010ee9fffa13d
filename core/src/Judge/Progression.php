<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Camera\ShotSize;
use FineFrame\Scene\Reframe;

/** One part of a talk with the frame planned for it: the focal length it needs, how the camera comes to it, and what that costs. */
final readonly class Progression
{
    /** Minutes that a change of glass takes, with focus and exposure looked at again. */
    private const LENS_MIN = 2;

    /**
     * @param  string  $how  begins, stays, zooms, lens, or none where no glass of the kit reaches it
     * @param  bool  $loosens  deeper than what went before, and yet wider
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $camera,
        public ShotSize $size,
        public float $focalMm,
        public string $lens,
        public string $how,
        public int $minutes,
        public bool $afterBreak,
        public bool $loosens,
    ) {
    }

    /** @return list<self> in the order of the talk */
    public static function of(Situation $situation): array
    {
        $steps = [];
        $on = $last = [];
        foreach ($situation->setup->setup->list('progress') as $part) {
            $id = $part->text('camera') ?: (string) array_key_first($situation->setup->cameras);
            $camera = $situation->setup->cameras[$id] ?? null;
            $body = $camera === null ? null : $situation->setup->bodyFor($camera);
            $size = ShotSize::tryFrom($part->text('size'));
            if ($camera === null || $body === null || $size === null) {
                continue;
            }
            $to = Reframe::byLens($situation->scene, $camera, $body, $size);
            [$lens, $focal] = $on[$id] ?? [$camera->placement->lens, $camera->placement->focalMm];
            $mounted = $situation->setup->plan->kit->lenses[$lens];
            $reaches = $to->focalMm >= $mounted->shortestMm * 0.94 && $to->focalMm <= $mounted->longestMm * 1.06;
            $how = match (true) {
                // What the talk begins with is mounted before it.
                ! isset($on[$id]) && $to->why === '' => 'begins',
                $reaches && abs($to->focalMm - $focal) < 0.04 * $focal => 'stays',
                $reaches => 'zooms',
                $to->why === '' => 'lens',
                default => 'none',
            };
            $depth = $part->number('depth') ?? 2.0;
            $before = $last[$id] ?? null;
            $steps[] = new self(
                $part->id,
                $part->text('name'),
                $camera->placement->label,
                $size,
                $to->focalMm,
                in_array($how, ['lens', 'begins'], true) ? $to->lens : $lens,
                $how,
                $how === 'lens' ? self::LENS_MIN : 0,
                $part->flag('break_before'),
                $before !== null && $depth > $before[0] && $size->usualStatures() > $before[1] + 0.01,
            );
            $on[$id] = $how === 'none' ? [$lens, $focal] : [in_array($how, ['lens', 'begins'], true) ? $to->lens : $lens, $to->focalMm];
            $last[$id] = [$depth, $size->usualStatures()];
        }

        return $steps;
    }
}
