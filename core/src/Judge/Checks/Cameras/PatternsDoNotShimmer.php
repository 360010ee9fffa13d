<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\Camera;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/**
 * Fine stripes, checks and weaves that come near the sensor's own grid beat with it. A repeat needs two pixels to be drawn,
 * and twice that in colour, for every second photosite alone sees red or blue: between one and four, it may shimmer.
 */
final class PatternsDoNotShimmer extends Rule
{
    private const BLURRED_PX = 1.0;

    private const DRAWN_PX = 4.0;

    public function id(): string
    {
        return 'patterns-do-not-shimmer';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->colours()->patterned() as $sample) {
            $at = $this->place($situation, $sample->text('on'));
            if ($at === null) {
                continue;
            }
            foreach ($situation->scene->views as $id => $view) {
                $seen = $view->place($at);
                if ($seen === null || max(abs($seen[0]), abs($seen[1])) > 1.1) {
                    continue;
                }
                $pixels = $this->pixels($view->camera, $sample->number('pattern_mm') ?? 0.0, $view->depth($at));
                $shimmers = $pixels > self::BLURRED_PX && $pixels < self::DRAWN_PX;
                yield $this->finding(
                    $shimmers ? Severity::Watch : Severity::Holds,
                    ['thing' => $sample->text('name'), 'camera' => $view->camera->placement->label, 'pixels' => Quantity::ratio($pixels)],
                    [$id, $sample->text('on'), $sample->id],
                    new Working('repeat × focal length / distance, over the pixels’ pitch', [
                        'repeat' => Quantity::metres(($sample->number('pattern_mm') ?? 0.0) / 1000),
                        'distance' => Quantity::metres($view->depth($at)),
                        'pixels a repeat' => Quantity::ratio($pixels),
                    ], 'Nyquist: two pixels a repeat, four where colours are sampled at every second'),
                    $shimmers ? $this->closer($situation, $view->camera, $pixels) : [],
                    match (true) {
                        $shimmers => null,
                        $pixels <= self::BLURRED_PX => 'blurred',
                        default => null,
                    },
                );
            }
        }
    }

    /** The breast of someone who wears it, the middle of a thing. */
    private function place(Situation $situation, string $on): ?Vec3
    {
        $body = $situation->setup->bodies[$on] ?? null;
        if ($body !== null) {
            return $body->person->place->at(0.9 * $body->shoulderM() + 0.1 * $body->hipM());
        }
        foreach ($situation->setup->setup->furniture as $thing) {
            if ($thing->id === $on) {
                return $thing->place->at($thing->baseM + $thing->heightM / 2);
            }
        }

        return null;
    }

    private function pixels(Camera $camera, float $patternMm, float $distanceM): float
    {
        return $patternMm * $camera->effectiveFocalMm() / (1000 * $distanceM) * $camera->pixels()[0] / $camera->recorded->widthMm;
    }

    /** @return list<Mend> */
    private function closer(Situation $situation, Camera $camera, float $pixels): array
    {
        $focal = ceil($camera->placement->focalMm * self::DRAWN_PX / $pixels);

        return $focal <= $camera->lens->longestMm ? [Moves::zoom($situation, $camera, $focal)] : [];
    }
}
