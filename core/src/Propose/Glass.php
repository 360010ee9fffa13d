<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Lens;
use FineFrame\Plan\SetupPlan;

/** What lens of a kit gives a focal length on a camera. */
final readonly class Glass
{
    /** A lens may be asked for so much beyond its ends. */
    private const BEYOND = 0.06;

    /** @var list<Lens> what the kit has besides those on the cameras */
    private array $spare;

    public function __construct(private SetupPlan $setup)
    {
        $this->spare = $setup->glass();
    }

    /**
     * @param  float  $focalMm  effective, with whatever reducer is on the camera
     * @param  list<string>  $taken  by other cameras
     * @return array{string, float} the lens on the camera where it reaches, else the first of the kit that does; empty where none does
     */
    public function for(Camera $camera, float $focalMm, array $taken = []): array
    {
        $focal = $focalMm / ($camera->reducer->factor ?? 1.0);
        foreach ([$camera->lens, ...$this->spare] as $lens) {
            $isGone = in_array($lens->id, $taken, true) && $this->setup->plan->kit->stock->count($lens->id) === 1;
            if (! $isGone && $focal >= $lens->shortestMm * (1 - self::BEYOND) && $focal <= $lens->longestMm * (1 + self::BEYOND)) {
                return [$lens->id, max($lens->shortestMm, min($lens->longestMm, $focal))];
            }
        }

        return ['', 0.0];
    }
}
