<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Space\CeilingKind;

/**
 * Wind on a capsule ends a take: outdoors each microphone wears what the wind asks for; indoors it is carried, for clients change their
 * minds.
 */
final class WindIsKeptOff extends Rule
{
    public function id(): string
    {
        return 'wind-is-kept-off';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    /** Metres a second from which each cover is too little: bare, foam, fur. */
    private const UP_TO = ['none' => 0.3, 'foam' => 2.0, 'fur' => 6.0, 'basket and fur' => 12.0];

    public function run(Situation $situation): iterable
    {
        $isOpen = $situation->setup->location->space->ceiling->kind === CeilingKind::None;
        $said = $situation->setup->plan->brief->facts->number('wind_mps');
        $wind = $said ?? 4.0;
        foreach ($isOpen ? $situation->ears() : [] as $id => $ear) {
            $enough = array_keys(array_filter(self::UP_TO, static fn (float $most): bool => $most >= $wind))[0] ?? null;
            $holds = self::UP_TO[$ear->cover] >= $wind;
            $list = isset($situation->scene->booms[$id]) ? 'microphones' : 'mics';
            yield $this->finding(
                match (true) {
                    $holds => Severity::Holds,
                    $ear->cover === 'none' || $enough === null => Severity::Breaks,
                    default => Severity::Watch,
                },
                [
                    'microphone' => $ear->name,
                    'cover' => $ear->cover === 'none' ? 'nothing' : $ear->cover,
                    'wind' => Quantity::of($wind, Unit::MetreASecond),
                    'wants' => $enough ?? 'another day',
                ],
                [$id],
                new Working(
                    'up to 0.3 m/s bare, 2 in foam, 6 in fur, 12 in a basket with fur',
                    [
                        'wind' => Quantity::of($wind, Unit::MetreASecond),
                        'said by' => $said === null ? 'nobody: a breeze is taken' : 'the brief',
                    ],
                    'middle values; gusts are half as much again',
                ),
                $holds || $enough === null
                    ? []
                    : [
                        new Mend(
                            'cover-wind',
                            ['thing' => $ear->name, 'cover' => $enough],
                            $situation->edit("$list/$id", ['cover' => $enough]),
                        ),
                    ],
                $holds ? null : 'fails',
            );
        }
    }
}
