<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Camera\Camera;
use FineFrame\Camera\ShotSize;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;
use FineFrame\Scene\LensView;
use FineFrame\Staging\Body;

/**
 * Haze by the school (D-17): it shows where light comes toward the lens, and only veils where none does; tight frames do without
 * it; and a reading says when there is too much.
 */
final class HazeSuitsTheFrames extends Rule
{
    /** Light that comes this far round toward the lens makes streaks: haze throws it on, hardly back. */
    private const TOWARD_DEG = 75.0;

    private const TIGHT = [ShotSize::ExtremeClose, ShotSize::Close, ShotSize::MediumClose];

    public function id(): string
    {
        return 'haze-suits-the-frames';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $school = $situation->setup->plan->brief->schools->of(Question::Haze);
        foreach ($school === School::NoHaze ? [] : $situation->framings() as $id => [$camera, $body]) {
            $size = ShotSize::of($camera->delivered->heightAt(LensView::depthOf($camera, $body)), $body->person->statureM);
            $streaks = $this->towardTheLens($situation, $camera, $body);
            $case = match (true) {
                $school === School::HazeInWides && in_array($size, self::TIGHT, true) => 'tight',
                $streaks === null => 'veil',
                $school === School::HazeOffWhenDense => 'stop-rule',
                default => null,
            };
            yield $this->finding(
                in_array($case, ['tight', 'veil'], true) ? Severity::Watch : Severity::Holds,
                [
                    'camera' => $camera->placement->label,
                    'size' => $size->value,
                    'lamp' => $streaks === null ? '' : $situation->name($streaks),
                    'behind' => Quantity::of($situation->background($camera, $body), Unit::Stop),
                    'dense' => Quantity::of($situation->background($camera, $body) + 1.0, Unit::Stop),
                ],
                array_values(array_filter([$id, $streaks])),
                new Working(
                    'lamps and windows that shine within 75° of toward the lens; the background against the face',
                    ['frame' => $size->value, 'background' => Quantity::of($situation->background($camera, $body), Unit::Stop)],
                    'who runs the building and its alarms decides on haze at all',
                ),
                case: $case,
            );
        }
    }

    /** @return string|null a lamp or window that shines past the subject toward the lens */
    private function towardTheLens(Situation $situation, Camera $camera, Body $body): ?string
    {
        $view = $body->eyes->minus($camera->pupil());
        $places = array_map(
            static fn (SoftBox $b) => $b->centre(),
            array_filter($situation->scene->lamps, static fn (SoftBox $b): bool => $b->placement->on),
        );
        foreach ($situation->scene->windows()?->outlines() ?? [] as $id => $corners) {
            $places[$id] = $corners[0]->plus($corners[2])->times(0.5);
        }
        foreach ($places as $id => $place) {
            if (rad2deg($place->minus($body->eyes)->angleTo($view)) < self::TOWARD_DEG) {
                return (string) $id;
            }
        }

        return null;
    }
}
