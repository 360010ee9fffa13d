<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Stage;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\SeatPaths;
use FineFrame\Staging\Person;

/** Bulky seating is swapped for something slimmer where its back or arms come between the sitter and a lens or a lamp. */
final class SeatIsSlim extends Rule
{
    /** More of a head and shoulders than this, hidden by their own seat, is seen. */
    private const HIDDEN = 0.15;

    public function id(): string
    {
        return 'seat-is-slim';
    }

    public function stage(): Stage
    {
        return Stage::Stage;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->setup->subjects() as $subject) {
            $paths = $this->isBulky($subject) ? SeatPaths::to($situation->scene, $situation->setup->bodies[$subject->id]) : null;
            if ($paths === null) {
                continue;
            }
            $hidden = $paths->hidden($subject->seatWidthM, $subject->seatBackM);
            arsort($hidden);
            $worst = array_key_first($hidden) ?? '';
            $share = $hidden[$worst] ?? 0.0;
            $width = $share > self::HIDDEN ? $paths->widest(self::HIDDEN) : null;
            yield $this->finding(
                $share > self::HIDDEN ? Severity::Watch : Severity::Holds,
                [
                    'subject' => $subject->name,
                    'from' => $situation->name($worst),
                    'share' => Quantity::share($share),
                ] + ($width === null ? [] : ['width' => Quantity::metres($width)]),
                array_values(array_filter([$subject->id, $worst])),
                new Working('rays from each lens and lamp to the head and shoulders, past the seat', [
                    'seat' => Quantity::metres($subject->seatWidthM),
                    'back above the seat' => Quantity::metres($subject->seatBackM),
                    'hidden' => Quantity::share($share),
                    'widest that clears' => $width === null ? 'none with this back' : Quantity::metres($width),
                ]),
                $share > self::HIDDEN ? $this->slimmer($situation, $subject, $paths, $width) : [],
                match (true) {
                    $share <= self::HIDDEN => null,
                    $width === null => 'back',
                    default => null,
                },
            );
        }
    }

    private function isBulky(Person $person): bool
    {
        return $person->seatBackM > 0.05 || $person->seatWidthM > Person::ARMS_M;
    }

    /** @return list<Mend> */
    private function slimmer(Situation $situation, Person $subject, SeatPaths $paths, ?float $width): array
    {
        $ideas = [];
        if ($width !== null) {
            $ideas[] = new Mend(
                'slimmer-seat',
                ['subject' => $subject->name, 'width' => Quantity::metres($width)],
                $situation->edit("subjects/$subject->id", ['seat_width_m' => floor($width * 100) / 100]),
            );
        }
        $back = $paths->highest(self::HIDDEN);
        if ($back !== null) {
            $ideas[] = new Mend(
                'lower-back',
                ['subject' => $subject->name, 'height' => Quantity::metres($back)],
                $situation->edit("subjects/$subject->id", ['seat_back_m' => floor($back * 100) / 100]),
            );
        }
        $ideas[] = new Mend(
            'stool',
            ['subject' => $subject->name],
            $situation->edit("subjects/$subject->id", ['seat_width_m' => Person::STOOL_M, 'seat_back_m' => 0.0]),
        );

        return $ideas;
    }
}
