<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Document\Record;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Voice;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Sound\StereoPair;

/**
 * A pair spreads what lies within its recording angle from one loudspeaker to the other: narrower players huddle in the middle, wider ones
 * pile up at the sides.
 */
final class PairHearsTheWidth extends Rule
{
    public function id(): string
    {
        return 'pair-hears-the-width';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    private const HUDDLED = 0.4;

    public function run(Situation $situation): iterable
    {
        foreach ($situation->setup->setup->list('pairs') as $pair) {
            $model = $situation->setup->plan->kit->microphones[$pair->text('model')] ?? null;
            [$x, $y] = [$pair->number('x_m'), $pair->number('y_m')];
            $voices = array_values($situation->voices());
            if ($model === null || $x === null || $y === null || count($voices) < 2) {
                continue;
            }
            $at = new Vec2($x, $y);
            $bearings = array_map(static fn ($v): float => $v->at->floor()->minus($at)->bearing(), $voices);
            $widest = 0.0;
            foreach ($bearings as $one) {
                foreach ($bearings as $other) {
                    $widest = max($widest, abs(Turn::wrapped($one - $other)));
                }
            }
            $hears = (new StereoPair(
                $model->pickup(),
                $pair->number('spacing_m') ?? 0.17,
                deg2rad($pair->number('angle_deg') ?? 110.0),
            ))->recordingAngle();
            $case = match (true) {
                $widest > $hears => 'wide',
                $widest < self::HUDDLED * $hears => 'narrow',
                default => null,
            };
            yield $this->finding(
                $case === null ? Severity::Holds : Severity::Watch,
                [
                    'pair' => $pair->text('name') ?: 'The pair',
                    'width' => Quantity::degrees(rad2deg($widest)),
                    'angle' => Quantity::degrees(rad2deg($hears)),
                ],
                [$pair->id],
                new Working(
                    'level over 15 dB and time over 1.1 ms add to one whole shift',
                    [
                        'players, as the pair sees them' => Quantity::degrees(rad2deg($widest)),
                        'recording angle' => Quantity::degrees(rad2deg($hears)),
                    ],
                    'a simple trade of level and time: listen',
                ),
                fn (): array => $this->ideas($situation, $pair, $at, $voices, $case === 'wide'),
                $case,
            );
        }
    }

    /**
     * Nearer to the players, or farther from them.
     *
     * @param  non-empty-list<Voice>  $voices
     * @return list<Mend>
     */
    private function ideas(Situation $situation, Record $pair, Vec2 $at, array $voices, bool $isWide): array
    {
        $middle = array_reduce(
            $voices,
            static fn (Vec2 $sum, Voice $v): Vec2 => $sum->plus($v->at->floor()->times(1 / count($voices))),
            new Vec2(0, 0),
        );
        $ideas = [];
        foreach ($isWide ? [1.3, 1.6, 2.0, 2.6, 3.4] : [0.8, 0.65, 0.5, 0.4] as $factor) {
            $to = $middle->plus($at->minus($middle)->times($factor));
            $ideas[] = new Mend(
                'move',
                ['thing' => $pair->text('name') ?: 'the pair', 'distance' => Quantity::metres($at->distanceTo($to))],
                $situation->moved("pairs/$pair->id", $to),
            );
        }

        return $ideas;
    }
}
