<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\LensView;

/**
 * Two people who look at one another, each on a camera of their own, look opposite ways, as far off the lens, at a like size and height:
 * then the cut reads as one talk.
 */
final class EyelinesMatch extends Rule
{
    private const LIKE_DEG = 10.0;

    private const LIKE_SIZE = 1.25;

    public function id(): string
    {
        return 'eyelines-match';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $framings = [...$situation->framings()];
        $ids = array_keys($framings);
        foreach ($ids as $i => $one) {
            foreach (array_slice($ids, $i + 1) as $other) {
                [[$a, $x], [$b, $y]] = [$framings[$one], $framings[$other]];
                if (! $situation->setup->isTalk() || $x->person->looksAt !== $y->person->id || $y->person->looksAt !== $x->person->id) {
                    continue;
                }
                [$off, $back] = [rad2deg(LensView::gazeOff($a, $x)), rad2deg(LensView::gazeOff($b, $y))];
                [$size, $like] = [
                    $a->delivered->heightAt(LensView::depthOf($a, $x)) / $x->person->statureM,
                    $b->delivered->heightAt(LensView::depthOf($b, $y)) / $y->person->statureM,
                ];
                $ratio = max($size, $like) / min($size, $like);
                $case = match (true) {
                    $off * $back > 0 => 'same-way',
                    abs(abs($off) - abs($back)) > self::LIKE_DEG => null,
                    $ratio > self::LIKE_SIZE => 'sizes',
                    default => 'holds',
                };
                yield $this->finding(
                    match ($case) {
                        'same-way' => Severity::Breaks,
                        'holds' => Severity::Holds,
                        default => Severity::Watch,
                    },
                    [
                        'a' => $a->placement->label,
                        'b' => $b->placement->label,
                        'one' => $x->person->name,
                        'other' => $y->person->name,
                        'off' => Quantity::degrees(abs($off)),
                        'back' => Quantity::degrees(abs($back)),
                        'ratio' => Quantity::ratio($ratio),
                    ],
                    [$one, $other],
                    new Working(
                        'the looks off each lens, on the floor; the frames’ heights in statures',
                        [
                            $a->placement->label => Quantity::degrees($off),
                            $b->placement->label => Quantity::degrees($back),
                            'sizes' => Quantity::ratio($ratio),
                        ],
                    ),
                    fn (): array => $case === 'sizes' ? [
                        Moves::zoom($situation, $b, round($b->placement->focalMm * $like / $size, 1)),
                    ] : Moves::around($situation, $b, $y),
                    $case,
                );
            }
        }
    }
}
