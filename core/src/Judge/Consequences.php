<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;
use FineFrame\Plan\Setup;
use FineFrame\Plan\ShootPlan;
use FineFrame\Staging\Person;
use FineFrame\Staging\Role;

/** What a brief already rules out or asks for, before anything is placed. Data: the sentences stand in lang/en/consequences.php. */
final class Consequences
{
    /** @return list<array{string, array<string, Quantity|string>}> the case, and its parts */
    public static function of(ShootPlan $plan): array
    {
        return [...self::ofPeople($plan), ...self::ofHands($plan), ...self::ofDelivery($plan), ...self::ofTime($plan)];
    }

    /** @return list<array{string, array<string, Quantity|string>}> */
    private static function ofPeople(ShootPlan $plan): array
    {
        $brief = $plan->brief;
        $talk = $brief->kind->isTalk();
        $all = [];
        $new = array_filter($brief->list('cast'), static fn (Record $r): bool => ! $r->flag('used_to_cameras'));
        if ($brief->schools->has(School::IntoLens)) {
            $all[] = [
                $new !== [] || $brief->list('cast') === [] ? 'prompter' : 'into-lens',
                ['who' => implode(', ', array_map(static fn (Record $r): string => $r->text('name'), $new))],
            ];
        } elseif ($talk) {
            $all[] = ['asker', []];
        }
        // As many as one setup has at once; the whole cast only where nobody is seated yet.
        $seated = max(
            [
                0,
                ...array_map(
                    static fn (Setup $s): int => count(array_filter($s->people, static fn (Person $p): bool => $p->role === Role::Subject)),
                    $plan->setups,
                ),
            ],
        );
        $heads = $seated > 0 ? $seated : max($brief->kind->people(), count($brief->list('cast')));
        $all[] = [
            'microphones',
            ['count' => (string) ($heads + ($brief->schools->has(School::BoomOnly) ? 0 : 1)), 'heads' => (string) $heads],
        ];
        if ($brief->schools->has(School::OneTake)) {
            $all[] = ['one-take', []];
        }
        if (! ($talk || ! $brief->schools->has(School::BodyFirst))) {
            $all[] = ['body-in-music', []];
        }

        return $all;
    }

    /** @return list<array{string, array<string, Quantity|string>}> */
    private static function ofHands(ShootPlan $plan): array
    {
        $brief = $plan->brief;
        $hands = (int) ($brief->facts->number('hands') ?? 1);
        $cameras = max(1, count($plan->setups[0]->cameras));
        $all = [];
        if (! $brief->facts->flag('boom_hand') && ! $brief->schools->has(School::BodyFirst)) {
            $all[] = [$brief->schools->has(School::BoomOnly) ? 'stand-boom-only' : 'stand-boom', []];
        }
        if ($hands < $cameras) {
            $all[] = [
                'locked-off',
                [
                    'cameras' => (string) $cameras,
                    'hands' => (string) $hands,
                    'alone' => (string) ($cameras - max(0, $hands - ($brief->kind->isTalk() ? 1 : 0))),
                ],
            ];
        }
        if ($brief->schools->has(School::Handheld) && $hands < 2) {
            $all[] = ['handheld-alone', []];
        }
        if (in_array($brief->schools->of(Question::Lamps), [School::FiveOrSixLamps, School::TenLamps], true) && $hands < 3) {
            $all[] = ['many-lamps', ['hands' => (string) $hands]];
        }
        if (! $brief->schools->has(School::NoHaze)) {
            $all[] = ['haze', []];
        }

        return $all;
    }

    /** @return list<array{string, array<string, Quantity|string>}> */
    private static function ofDelivery(ShootPlan $plan): array
    {
        $all = [];
        $recorded = $plan->brief->facts->number('record_width_px') ?? (float) array_values($plan->kit->bodies)[0]->widthPx;
        foreach ($plan->brief->list('deliverables') as $one) {
            [$w, $h] = [$one->number('aspect_width'), $one->number('aspect_height')];
            if ($w === null || $h === null) {
                continue;
            }
            $share = min(1.0, $w / $h / $plan->brief->aspect());
            $name = ['name' => $one->text('name')];
            if ($share < 0.999) {
                $all[] = ['narrower', $name + ['share' => Quantity::share($share)]];
            }
            $wanted = $one->number('width_px');
            if ($wanted !== null) {
                $spare = $recorded * $share / $wanted;
                $all[] = [
                    $spare >= 1.0 ? 'spare' : 'enlarged',
                    $name + ['spare' => number_format($spare, 2).'×', 'pixels' => (string) (int) $recorded],
                ];
            }
        }
        $rates = array_unique(
            array_filter(array_map(static fn (Record $r): ?float => $r->number('fps'), $plan->brief->list('deliverables'))),
        );
        if (count($rates) > 1) {
            $all[] = [
                'rates',
                [
                    'rates' => implode(
                        ' and ',
                        array_map(static fn (float $r): string => rtrim(rtrim(number_format($r, 3), '0'), '.'), $rates),
                    ),
                ],
            ];
        }
        foreach ($rates as $rate) {
            if (abs($rate - $plan->setups[0]->metering->fps) > 0.01) {
                $all[] = [
                    'rate',
                    [
                        'rate' => rtrim(rtrim(number_format($rate, 3), '0'), '.'),
                        'camera' => rtrim(rtrim(number_format($plan->setups[0]->metering->fps, 3), '0'), '.'),
                    ],
                ];
            }
        }

        return $all;
    }

    /** @return list<array{string, array<string, Quantity|string>}> */
    private static function ofTime(ShootPlan $plan): array
    {
        $all = [];
        $day = $plan->brief->day();
        if ($day === null || $day->text('from') === '' || $day->text('to') === '') {
            $all[] = ['no-hours', []];
        }
        if ($plan->brief->schools->has(School::AfterDark)) {
            $all[] = ['after-dark', []];
        }
        foreach ($plan->brief->list('topics') as $topic) {
            if ($topic->text('picture') === '') {
                $all[] = ['topic', ['topic' => $topic->text('name')]];
            }
        }
        foreach ($plan->brief->list('references') as $reference) {
            if ($reference->text('agreed_by') === '') {
                $all[] = ['reference', ['reference' => $reference->text('name')]];
            }
        }

        return $all;
    }
}
