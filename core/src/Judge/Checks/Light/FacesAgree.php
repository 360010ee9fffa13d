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
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** Two in one frame share one exposure: light that falls off between them leaves one too dark. */
final class FacesAgree extends Rule
{
    private const APART_STOPS = 0.7;

    public function id(): string
    {
        return 'faces-agree';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $subjects = $situation->setup->subjects();
        foreach ($subjects as $i => $one) {
            foreach (array_slice($subjects, $i + 1) as $other) {
                $apart = log(
                    max(1e-6, $situation->face($one->id)->light->totalLux()) / max(1e-6, $situation->face($other->id)->light->totalLux()),
                    2,
                );
                yield $this->finding(
                    abs($apart) > self::APART_STOPS ? Severity::Watch : Severity::Holds,
                    [
                        'one' => $apart > 0 ? $one->name : $other->name,
                        'other' => $apart > 0 ? $other->name : $one->name,
                        'stops' => Quantity::of(abs($apart), Unit::Stop),
                    ],
                    [$one->id, $other->id],
                    new Working(
                        'log₂ of the light on both faces',
                        [
                            $one->name => Quantity::of($situation->face($one->id)->light->totalLux(), Unit::Lux),
                            $other->name => Quantity::of($situation->face($other->id)->light->totalLux(), Unit::Lux),
                        ],
                    ),
                    fn (): array => $this->ideas($situation, $apart > 0 ? $one->id : $other->id),
                );
            }
        }
    }

    /** @return list<Mend> what lights the brighter one most, farther away: it falls off less between the two */
    private function ideas(Situation $situation, string $brighter): array
    {
        $key = $situation->face($brighter)->key();

        return $key === null
            ? []
            : [...LampMoves::away($situation, $key, [1.3, 1.6, 2.0]), ...LampMoves::swung($situation, $key, [20, -20, 40, -40])];
    }
}
