<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Sound\Delay;
use FineFrame\Sound\Level;

/** Two open microphones hear one voice at two moments, and where both meet it turns hollow: the other is three times as far, or closed. */
final class OthersAreThreeTimesAsFar extends Rule
{
    public function id(): string
    {
        return 'others-are-three-times-as-far';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->heard() as $id => [$own, $voice]) {
            $near = $own->at->distanceTo($voice->at);
            foreach ($situation->heard() as $other => [$ear]) {
                if ($other === $id || $ear->subject === $own->subject) {
                    continue;
                }
                $far = $ear->at->distanceTo($voice->at);
                $weaker = Level::between($near, $far);
                $comb = Delay::comb($near, max($near + 0.001, $far), 20.0, 1);
                yield $this->finding(
                    $weaker < Level::THREE_TO_ONE_DB - 0.01 ? Severity::Watch : Severity::Holds,
                    [
                        'subject' => $voice->name,
                        'own' => $own->name,
                        'other' => $ear->name,
                        'weaker' => Quantity::of($weaker, Unit::Decibel),
                        'late' => Quantity::of(1000 * Delay::seconds(max(0.0, $far - $near)), Unit::Ratio),
                    ],
                    [$id, $other],
                    new Working('20·log₁₀(far/near); three to one is 9.5 dB', [
                        'own' => Quantity::metres($near),
                        'other' => Quantity::metres($far),
                        'first notch, Hz' => Quantity::of($comb['notches'][0] ?? 0.0, Unit::Count),
                        'late by, ms' => Quantity::ratio(1000 * Delay::seconds(max(0.0, $far - $near))),
                    ], 'sound at 20 °C'),
                    fn (): array => [...Moves::boomNearest($situation, $id), ...Moves::boomNearest($situation, $other)],
                );
            }
        }
    }
}
