<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\Camera;
use FineFrame\Geometry\Vec2;

/** Two cameras on one axis, the second slung under the first: how high the lower and how low the upper may be. */
final readonly class Stack
{
    /** Farther apart than this across the axis, they are no stack, metres. */
    private const BESIDE_M = 0.25;

    private const LOWEST_M = 0.1;

    /** Two bodies cannot be nearer to one another, lens over lens. */
    private const BODIES_M = 0.18;

    /**
     * @param  float|null  $highestM  of the lower lens, both frames clear; null where no height is
     * @param  float|null  $lowestUpperM  of the upper lens over the lower one as it is
     * @param  float  $upRad  by which the lower one looks up at the eyes
     */
    private function __construct(
        public Camera $upper,
        public Camera $lower,
        public bool $isClear,
        public ?float $highestM,
        public ?float $lowestUpperM,
        public float $upRad,
    ) {
    }

    /** The first two cameras, where one lies under the other and both are on one person. */
    public static function of(Scene $scene): ?self
    {
        [$a, $b] = [$scene->setup->camera(0), $scene->setup->camera(1)];
        $body = $a === null ? null : $scene->setup->bodyFor($a);
        if ($a === null || $b === null || $body === null || $scene->setup->bodyFor($b) !== $body) {
            return null;
        }
        [$upper, $lower] = $a->placement->heightM >= $b->placement->heightM ? [$a, $b] : [$b, $a];
        $axis = $body->eyes->floor()->minus($upper->placement->place)->unit();
        $apart = $lower->placement->place->minus($upper->placement->place);
        if (
            abs($axis->cross($apart)) > self::BESIDE_M
            || abs($axis->dot($apart)) > 0.6
            || $upper->placement->heightM - $lower->placement->heightM < 0.05
        ) {
            return null;
        }
        $clear = static fn (float $high, float $low): bool => self::clears($scene, self::at($upper, $high), self::at($lower, $low));
        $highest = self::edge(
            static fn (float $h): bool => $clear($upper->placement->heightM, $h),
            self::LOWEST_M,
            $upper->placement->heightM - self::BODIES_M,
        );
        $lowestUpper = self::edge(
            static fn (float $h): bool => $clear($h, $lower->placement->heightM),
            $lower->placement->heightM + 2.0,
            $lower->placement->heightM + self::BODIES_M,
        );

        return new self(
            $upper,
            $lower,
            $upper->placement->heightM - $lower->placement->heightM >= self::BODIES_M
                && $clear($upper->placement->heightM, $lower->placement->heightM),
            $highest,
            $lowestUpper,
            atan2($body->eyes->z - $lower->placement->heightM, $body->eyes->floor()->distanceTo($lower->placement->place)),
        );
    }

    private static function at(Camera $camera, float $height): Camera
    {
        return $camera->as(
            $camera->placement->at(
                new Vec2($camera->placement->place->x, $camera->placement->place->y),
                $height,
                $camera->placement->focalMm,
                $camera->placement->aim,
            ),
        );
    }

    private static function clears(Scene $scene, Camera $upper, Camera $lower): bool
    {
        [$above, $below] = [LensView::of($upper, $scene->setup->bodyFor($upper)), LensView::of($lower, $scene->setup->bodyFor($lower))];

        return ! (new Intrusions($scene, $above, $lower->placement->id))->shows($scene->onSupport($below))
            && ! (new Intrusions($scene, $below, $upper->placement->id))->shows($scene->onSupport($above));
    }

    /**
     * The value nearest to $blocked at which it still holds, to a millimetre; null if it does not even at $open.
     *
     * @param  \Closure(float): bool  $holds
     */
    private static function edge(\Closure $holds, float $open, float $blocked): ?float
    {
        if (! $holds($open)) {
            return null;
        }
        while (abs($blocked - $open) > 0.001) {
            $middle = ($open + $blocked) / 2;
            if ($holds($middle)) {
                $open = $middle;
            } else {
                $blocked = $middle;
            }
        }

        return round($open, 3);
    }
}
