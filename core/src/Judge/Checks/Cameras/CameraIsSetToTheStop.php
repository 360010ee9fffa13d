<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/**
 * Every camera takes as much light as the setup is lit for, by stop, ISO, shutter and density together; one that does not needs density or
 * gain.
 */
final class CameraIsSetToTheStop extends Rule
{
    private const SAME_STOPS = 0.17;

    public function id(): string
    {
        return 'camera-is-set-to-the-stop';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $planned = $situation->setup->setup->metering;
        foreach ($situation->setup->cameras as $id => $camera) {
            $set = $situation->settings()[$id];
            $glass = 2 * log($planned->tStop / $camera->placement->tStop, 2);
            $off = $glass + log($set->iso / $planned->iso, 2) + log($set->shutterS() / $planned->shutterS(), 2) - $set->ndStops;
            yield $this->finding(
                abs($off) > self::SAME_STOPS ? Severity::Watch : Severity::Holds,
                [
                    'camera' => $camera->placement->label,
                    'stop' => Quantity::of($camera->placement->tStop, Unit::TStop),
                    'wanted' => Quantity::of($planned->tStop, Unit::TStop),
                    'off' => Quantity::of(abs($off), Unit::Stop),
                ],
                [$id],
                new Working('stops = 2·log₂(wanted T / set T) + log₂(ISO / planned) + log₂(shutter / planned) − density', [
                    'by the stop' => Quantity::of($glass, Unit::Stop),
                    'ISO' => round($set->iso).' for '.round($planned->iso),
                    'shutter' => Quantity::seconds($set->shutterS()),
                    'planned shutter' => Quantity::seconds($planned->shutterS()),
                    'density' => Quantity::of($set->ndStops, Unit::Stop),
                ], 'definition of a stop'),
                self::ideas($situation, $id, $off, $camera->widestT(), $camera->placement->tStop, $set->ndStops),
                match (true) {
                    abs($off) <= self::SAME_STOPS => null,
                    $off > 0 => 'open',
                    default => 'closed',
                },
            );
        }
    }

    /** @return list<Mend> density for what is over, so that depth stays as it is; else, and for what is under, the stop */
    private static function ideas(Situation $situation, string $id, float $off, float $widest, float $stop, float $density): array
    {
        $name = $situation->name($id);
        $to = max($widest, round($stop * 2 ** ($off / 2), 2));
        $less = max(0.0, round($density + $off, 1));

        return [
            new Mend(
                'set-stop',
                ['thing' => $name, 'stop' => Quantity::of($to, Unit::TStop)],
                $situation->edit("cameras/$id", ['t_stop' => $to]),
            ),
            new Mend(
                'set-density',
                ['thing' => $name, 'density' => Quantity::of($less, Unit::Stop)],
                $situation->edit("cameras/$id/settings", ['nd_stops' => $less]),
            ),
        ];
    }
}
