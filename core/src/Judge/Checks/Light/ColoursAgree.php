<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\Chromaticity;
use FineFrame\Light\LightPlacement;
use FineFrame\Light\Mired;
use FineFrame\Light\Modifier;
use FineFrame\Light\ModifierKind;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\FaceReading;

/** Lamps that light a face agree in colour with one another and with what the cameras are set to. */
final class ColoursAgree extends Rule
{
    /** A lamp that gives less of the light than this is an accent, and may differ. */
    private const ACCENT = 0.1;

    public function id(): string
    {
        return 'colours-agree';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $white = $situation->plannedKelvin();
        $limit = $situation->limits->get('colour_watch_mired');
        foreach ($situation->setup->subjects() as $subject) {
            $face = $situation->face($subject->id);
            $day = $this->day($situation, $face, $white, $limit);
            if ($day !== null) {
                yield $day;
            }
            foreach ($face->byLamp as $id => $lux) {
                $kelvin = $situation->scene->lamps[$id]->kelvin();
                $shift = Mired::shift($white, $kelvin);
                if ($lux < self::ACCENT * $face->light->totalLux()) {
                    continue;
                }
                yield $this->finding(
                    abs($shift) > $limit ? Severity::Watch : Severity::Holds,
                    [
                        'lamp' => $situation->name($id),
                        'subject' => $subject->name,
                        'kelvin' => Quantity::of($kelvin, Unit::Kelvin),
                        'white' => Quantity::of($white, Unit::Kelvin),
                        'shift' => Quantity::of($shift, Unit::Mired),
                    ],
                    [$id, $subject->id],
                    new Working(
                        'shift = 10⁶/lamp − 10⁶/cameras',
                        [
                            'lamp' => Quantity::of($kelvin, Unit::Kelvin),
                            'cameras' => Quantity::of($white, Unit::Kelvin),
                            'watched above' => Quantity::of($limit, Unit::Mired),
                        ],
                        'mired, as gels are sold',
                    ),
                    [
                        ...$this->gel($situation, $id, $shift),
                        new Mend(
                            'set-kelvin',
                            ['thing' => $situation->name($id), 'kelvin' => Quantity::of($white, Unit::Kelvin)],
                            $situation->edit(
                                "lights/$id",
                                [
                                    'kelvin' => min(
                                        15_000.0,
                                        Mired::shifted($white, -$situation->scene->lamps[$id]->emitter->mired) ?? 15_000.0,
                                    ),
                                ],
                            ),
                        ),
                    ],
                );
            }
        }
    }

    /** Daylight that has its part of a face, against the cameras. */
    private function day(Situation $situation, FaceReading $face, float $white, float $limit): ?Finding
    {
        $day = $situation->scene->windows()?->day;
        $lux = array_sum($face->byDay);
        if ($day === null || $lux < self::ACCENT * $face->light->totalLux()) {
            return null;
        }
        $sun = ($face->byDay['sun'] ?? 0.0) + $situation->scene->room()->sunShare * ($face->byDay['room'] ?? 0.0);
        $kelvin = Chromaticity::mixed(
            [
                [$sun, Chromaticity::planckian($day->sunKelvin())],
                [max(1e-6, $lux - $sun), Chromaticity::daylight($day->weather->skyKelvin())],
            ],
        )->kelvin();
        $shift = Mired::shift($white, $kelvin);

        return $this->finding(
            abs($shift) > 2 * $limit ? Severity::Watch : Severity::Holds,
            [
                'lamp' => 'Daylight',
                'subject' => $face->body->person->name,
                'kelvin' => Quantity::of(round($kelvin / 50) * 50, Unit::Kelvin),
                'white' => Quantity::of($white, Unit::Kelvin),
                'shift' => Quantity::of($shift, Unit::Mired),
            ],
            [$face->body->person->id, 'daylight'],
            new Working(
                'sun and sky at the face mixed, against the cameras',
                [
                    'daylight' => Quantity::of($kelvin, Unit::Kelvin),
                    'its share of the face' => Quantity::share($lux / max(1e-6, $face->light->totalLux())),
                    'watched above' => Quantity::of(2 * $limit, Unit::Mired),
                ],
                'skies vary: meter on the day',
            ),
            case: abs($shift) > 2 * $limit ? 'day' : null,
        );
    }

    /** @return list<Mend> the gel of the kit that comes nearest, in the first free place before the lamp */
    private function gel(Situation $situation, string $id, float $shift): array
    {
        $gels = array_map(
            static fn (Modifier $m): float => $m->mired,
            array_filter(
                $situation->setup->plan->kit->modifiers,
                static fn (Modifier $m): bool => $m->kind === ModifierKind::Gel && abs($m->mired) > 5,
            ),
        );
        $free = array_values(array_diff(LightPlacement::SLOTS, array_keys($situation->scene->lamps[$id]->placement->modifiers)))[0] ?? null;
        if ($gels === [] || $free === null) {
            return [];
        }
        $gel = Mired::nearestGel(-$shift, $gels);

        return abs($shift + $gels[$gel]) > abs($shift)
            ? []
            : [
                new Mend(
                    'gel',
                    ['thing' => $situation->name($id), 'gel' => lcfirst($situation->setup->plan->kit->modifiers[$gel]->name)],
                    $situation->edit("lights/$id", [$free => $gel]),
                ),
            ];
    }
}
