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
use FineFrame\Plan\School;
use FineFrame\Scene\LensView;
use FineFrame\Staging\Body;
use FineFrame\Staging\Person;
use FineFrame\Staging\Role;

/** The look passes close beside A’s lens, or goes straight into it, as the school of gaze has it. */
final class GazeSuitsTheLens extends Rule
{
    public function id(): string
    {
        return 'gaze-suits-the-lens';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    private const INTO_LENS_DEG = 3.0;

    public function run(Situation $situation): iterable
    {
        $a = $situation->setup->camera(0);
        $body = $a === null ? null : $situation->setup->bodyFor($a);
        if ($a === null || $body === null || ! $situation->setup->isTalk()) {
            return;
        }
        $off = abs(rad2deg(LensView::gazeOff($a, $body)));
        $widest = $situation->limits->get('gaze_widest_deg');
        $other = $situation->setup->bodies[$body->person->looksAt ?? '']->person ?? null;
        $into = $situation->setup->plan->brief->schools->has(School::IntoLens);
        if (! $into && $other?->role === Role::Subject) {
            yield $this->betweenTwo($situation, $a, $body, $other, $off);

            return;
        }
        $severity = match (true) {
            $into => Severity::above($off, self::INTO_LENS_DEG, 2 * self::INTO_LENS_DEG),
            $off < self::INTO_LENS_DEG || $off > $widest => Severity::Watch,
            default => Severity::Holds,
        };

        yield $this->finding(
            $severity,
            [
                'camera' => $a->placement->label,
                'subject' => $body->person->name,
                'angle' => Quantity::degrees($off),
                'limit' => Quantity::degrees($into ? self::INTO_LENS_DEG : $widest),
            ],
            [$a->placement->id, $body->person->id],
            new Working(
                'angle = between the look and the line to the lens, on the floor',
                ['angle' => Quantity::degrees($off)],
                $into ? 'school: into the lens' : 'school: to a person beside the lens',
            ),
            ideas: $this->ideas($situation, $a, $body, $into),
            case: $severity === Severity::Holds ? null : match (true) {
                $into => 'not-into-lens',
                $off < self::INTO_LENS_DEG => 'too-near',
                default => 'too-wide',
            },
        );
    }

    /** Two who talk to each other are seen from the side: three quarters of the face, up to this far off the lens. */
    private const BETWEEN_TWO_DEG = 50.0;

    private function betweenTwo(Situation $situation, Camera $a, Body $body, Person $other, float $off): Finding
    {
        $holds = $off <= self::BETWEEN_TWO_DEG;

        return $this->finding(
            $holds ? Severity::Holds : Severity::Watch,
            [
                'camera' => $a->placement->label,
                'subject' => $body->person->name,
                'other' => $other->name,
                'angle' => Quantity::degrees($off),
                'limit' => Quantity::degrees(self::BETWEEN_TWO_DEG),
            ],
            [$a->placement->id, $body->person->id],
            new Working(
                'angle = between the look and the line to the lens, on the floor',
                ['angle' => Quantity::degrees($off)],
                'two who talk to each other; our starting point',
            ),
            $holds ? [] : Moves::around($situation, $a, $body),
            $holds ? 'two' : 'profile',
        );
    }

    /**
     * @return list<Mend> into the lens: look there; beside it: whoever is looked at seated 8° off it, or as near as legs allow, on the side
     *     where they are first
     */
    private function ideas(Situation $situation, Camera $a, Body $body, bool $into): array
    {
        $asker = $situation->setup->bodies[$body->person->looksAt ?? '']->person ?? null;
        if ($into) {
            return [
                new Mend(
                    'look-into',
                    ['subject' => $body->person->name, 'camera' => $a->placement->label],
                    $situation->edit("subjects/{$body->person->id}", ['looks_at' => $a->placement->id]),
                ),
            ];
        }
        if ($asker === null) {
            return [];
        }
        $arm = $a->placement->place->minus($body->person->place);
        $side = $arm->cross($asker->place->minus($body->person->place)) < 0 ? 1.0 : -1.0;
        $ideas = [];
        foreach ([1.0, 0.9, 1.1, 0.8] as $reach) {
            foreach ([8, 11, -8, -11, 15, 19, 23] as $deg) {
                $to = $body->person->place->plus($arm->times($reach)->turnedClockwise($side * deg2rad($deg)));
                $ideas[] = new Mend(
                    'seat',
                    [
                        'thing' => $asker->name,
                        'angle' => Quantity::degrees(abs($deg)),
                        'camera' => $a->placement->label,
                        'distance' => Quantity::metres($asker->place->distanceTo($to)),
                    ],
                    $situation->moved("subjects/$asker->id", $to),
                );
            }
        }

        return $ideas;
    }
}
