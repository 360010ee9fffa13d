<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Sound\Delay;
use FineFrame\Sound\Ear;

/** A boom and a lavalier hear one voice at two moments: mixed as they are they comb; moved by so many samples they add. */
final class TwoMicrophonesAreAligned extends Rule
{
    public function id(): string
    {
        return 'two-microphones-are-aligned';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $rate = 1000 * ($situation->setup->plan->brief->facts->number('rate_khz') ?? 48.0);
        foreach ($situation->voices() as $person => $voice) {
            $ears = array_filter($situation->ears(), static fn (Ear $e): bool => $e->subject === $person && ! $e->spare);
            uasort($ears, static fn (Ear $a, Ear $b): int => $a->at->distanceTo($voice->at) <=> $b->at->distanceTo($voice->at));
            $near = array_key_first($ears);
            foreach ($ears as $id => $ear) {
                if ($near === null || $id === $near) {
                    continue;
                }
                [$one, $two] = [$ears[$near]->at->distanceTo($voice->at), $ear->at->distanceTo($voice->at)];
                $late = Delay::seconds($two - $one);
                $comb = Delay::comb($one, $two, 20.0, 1);
                yield $this->finding(
                    Severity::Holds,
                    [
                        'near' => $ears[$near]->name,
                        'far' => $ear->name,
                        'subject' => $voice->name,
                        'late' => Quantity::ratio(1000 * $late),
                        'samples' => Quantity::of(round($late * $rate), Unit::Count),
                        'notch' => Quantity::of(round($comb['notches'][0] ?? 0.0), Unit::Count),
                    ],
                    [$near, $id],
                    new Working(
                        '(d₂ − d₁)/343 s; the first notch at 1/2Δt',
                        [
                            'near' => Quantity::metres($one),
                            'far' => Quantity::metres($two),
                            'samples' => Quantity::of(round($late * $rate), Unit::Count),
                        ],
                        'sound at 20 °C',
                    ),
                );
            }
        }
    }
}
