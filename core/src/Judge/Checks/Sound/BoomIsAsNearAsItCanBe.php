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
use FineFrame\Sound\Boom;

/** A boom hangs as near the mouth as the widest frame lets it; every centimetre more lets the room in. */
final class BoomIsAsNearAsItCanBe extends Rule
{
    private const FORMULA = 'nearest = least distance along directions in front of the mouth at which tip, rear and pole leave every frame '
        .'by the margin; cost = 20·log₁₀(now / nearest)';

    public function id(): string
    {
        return 'boom-is-as-near-as-it-can-be';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->booms as $id => $boom) {
            $nearest = $situation->nearestBoom($id);
            $distance = $boom->distanceM();
            if ($nearest === null) {
                yield $this->finding(
                    Severity::Watch,
                    [
                        'thing' => $situation->name($id),
                        'subject' => $situation->name($boom->placement->subject),
                        'distance' => Quantity::metres($distance),
                    ],
                    [$id],
                    new Working('search over directions in front of the mouth', []),
                    case: 'nowhere',
                );

                continue;
            }
            $cost = Boom::costDb(max($distance, 0.01), $nearest->distanceM);
            $slack = $distance - $nearest->distanceM;
            yield $this->finding(
                $slack > $situation->limits->get('boom_slack_m') ? Severity::Watch : Severity::Holds,
                [
                    'thing' => $situation->name($id),
                    'subject' => $situation->name($boom->placement->subject),
                    'distance' => Quantity::metres($distance),
                    'nearest' => Quantity::metres($nearest->distanceM),
                    'cost' => Quantity::of(max(0.0, $cost), Unit::Decibel),
                    'camera' => $nearest->limitedBy === null ? '' : $situation->name($nearest->limitedBy),
                ],
                [$id],
                new Working(self::FORMULA, [
                    'now' => Quantity::metres($distance),
                    'nearest' => Quantity::metres($nearest->distanceM),
                    'margin' => Quantity::metres($situation->limits->get('boom_margin_m')),
                ], 'inverse square law in the direct field'),
                fn (): array => Moves::boomNearest($situation, $id),
            );
        }
    }
}
