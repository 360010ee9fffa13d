<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\LampMoves;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\Pattern;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;
use FineFrame\Scene\FaceReading;

/** One cheek is darker than the other by as much as the school of contrast wants, and the key does not fall from above into the eyes. */
final class FaceHasShape extends Rule
{
    public function id(): string
    {
        return 'face-has-shape';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $school = $situation->setup->plan->brief->schools->of(Question::Contrast);
        // The least and the most of cheek to cheek.
        [$least, $most] = match ($school) {
            School::ShadowToLens => [1.8, 8.0],
            School::OpenFace => [1.3, 4.0],
            School::EvenFace => [1.0, 1.6],
            default => [1.2, 2.5],
        };
        foreach ($situation->setup->subjects() as $subject) {
            $face = $situation->face($subject->id);
            $pattern = $face->pattern();
            if ($pattern === null) {
                continue;
            }
            $cheeks = $face->cheeks();
            $case = match (true) {
                $pattern === Pattern::Top && $situation->setup->plan->brief->schools->has(School::NoTopLight) => $this->top($face),
                $pattern === Pattern::Under => 'under',
                $cheeks < $least => null,
                $cheeks > $most => 'hard',
                default => 'holds',
            };
            yield $this->finding(
                $case === 'holds' ? Severity::Holds : Severity::Watch,
                [
                    'subject' => $subject->name,
                    'ratio' => Quantity::ratio($cheeks),
                    'least' => Quantity::ratio($least),
                    'most' => Quantity::ratio($most),
                    'pattern' => $pattern->value,
                    'angle' => Quantity::degrees($face->keyElevationDeg()),
                ],
                [$subject->id],
                new Working(
                    'cheek to cheek = brighter / darker, flat cells 60° off the nose',
                    [
                        'left' => Quantity::of($face->cells['left'], Unit::Lux),
                        'right' => Quantity::of($face->cells['right'], Unit::Lux),
                        'key over the eyes' => Quantity::degrees($face->keyElevationDeg()),
                    ],
                    "school: {$school->word()}",
                ),
                fn (): array => $this->ideas($situation, $face, $case),
                $case,
            );
        }
    }

    private function top(FaceReading $face): string
    {
        return ($face->main()[0] ?? '') === FaceReading::THERE ? 'top-there' : 'top';
    }

    /** Over the eyes a key stands well between these, degrees. */
    private const UP_DEG = [35.0, 25.0, 45.0];

    /**
     * The lamp that gives most, lower or higher; round toward the side for more shape, toward the lens for less.
     *
     * @return list<Mend>
     */
    private function ideas(Situation $situation, FaceReading $face, ?string $case): array
    {
        $key = $face->main()[0] ?? '';
        if (! isset($situation->scene->lamps[$key])) {
            return [];
        }
        if ($case === 'top' || $case === 'under') {
            return array_map(static fn (float $deg): Mend => LampMoves::at($situation, $key, $deg), self::UP_DEG);
        }

        return [
            ...LampMoves::swung($situation, $key, [15, -15, 30, -30, 45, -45, 60, -60]),
            ...LampMoves::away($situation, $key, [1.4, 0.7]),
        ];
    }
}
