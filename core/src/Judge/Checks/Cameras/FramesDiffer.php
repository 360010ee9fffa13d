<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\Camera;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;
use FineFrame\Scene\LensView;
use FineFrame\Staging\Body;

/** Two frames cut together when they differ enough in size, in angle or in both: which of them, the school of cutting says. */
final class FramesDiffer extends Rule
{
    public function id(): string
    {
        return 'frames-differ';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $cameras = array_values($situation->setup->cameras);
        foreach ($cameras as $i => $a) {
            $body = $situation->setup->bodyFor($a);
            foreach (array_slice($cameras, $i + 1) as $b) {
                if ($body !== null && $situation->setup->bodyFor($b) === $body) {
                    yield $this->pair($situation, $a, $b, $body);
                }
            }
        }
    }

    private function pair(Situation $situation, Camera $a, Camera $b, Body $body): Finding
    {
        $angle = rad2deg($a->pupil()->minus($body->eyes)->angleTo($b->pupil()->minus($body->eyes)));
        [$one, $two] = [$this->size($a, $body), $this->size($b, $body)];
        $ratio = max($one, $two) / min($one, $two);
        [$wide, $far] = [$situation->limits->get('size_ratio'), $situation->limits->get('angle_apart_deg')];

        return $this->finding(
            $this->judged($situation->setup->plan->brief->schools->of(Question::Cut), $ratio >= $wide, $angle >= $far),
            [
                'a' => $a->placement->label,
                'b' => $b->placement->label,
                'ratio' => Quantity::ratio($ratio),
                'angle' => Quantity::degrees($angle),
                'ratioLimit' => Quantity::ratio($wide), 'angleLimit' => Quantity::degrees($far),
            ],
            [$a->placement->id, $b->placement->id],
            new Working('ratio = wider field / tighter field at the face; angle = between the lenses, seen from the eyes', [
                'field A' => Quantity::metres($one),
                'field B' => Quantity::metres($two),
                'ratio' => Quantity::ratio($ratio),
                'angle' => Quantity::degrees($angle),
            ]),
            [...$this->sizes($situation, $b, $one, $two, $wide), ...Moves::around($situation, $b, $body)],
            match ($situation->setup->plan->brief->schools->of(Question::Cut)) {
                School::SizeAlone => $ratio >= $wide ? 'holds-size' : 'fails-size',
                School::AngleAlone => $angle >= $far ? 'holds-angle' : 'fails-angle',
                default => null,
            },
        );
    }

    private function size(Camera $camera, Body $body): float
    {
        return $camera->delivered->heightAt(LensView::depthOf($camera, $body));
    }

    private function judged(School $school, bool $size, bool $angle): Severity
    {
        return match ($school) {
            School::SizeAlone => $size ? Severity::Holds : Severity::Breaks,
            School::AngleAlone => $angle ? Severity::Holds : Severity::Breaks,
            default => match (true) {
                $size && $angle => Severity::Holds,
                $size || $angle => Severity::Watch,
                default => Severity::Breaks,
            },
        };
    }

    /** @return list<Mend> B's focal length set to reach the ratio, on the side where it already is first */
    private function sizes(Situation $situation, Camera $b, float $one, float $two, float $wanted): array
    {
        $ideas = [];
        foreach ($two >= $one ? [$wanted * 1.02, 1 / ($wanted * 1.02)] : [1 / ($wanted * 1.02), $wanted * 1.02] as $ratio) {
            $focal = round($b->placement->focalMm * $two / ($one * $ratio), 1);
            if ($focal >= $b->lens->shortestMm && $focal <= $b->lens->longestMm) {
                $ideas[] = Moves::zoom($situation, $b, $focal);
            }
        }

        return $ideas;
    }
}
