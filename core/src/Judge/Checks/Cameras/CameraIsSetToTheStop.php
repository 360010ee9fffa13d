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

/** Every camera works at the stop that the light is set for; one that does not needs density or gain, said beforehand. */
final class CameraIsSetToTheStop extends Rule
{
    public function id(): string
    {
        return 'camera-is-set-to-the-stop';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    private const SAME_STOPS = 0.17;

    public function run(Situation $situation): iterable
    {
        $wanted = $situation->setup->setup->metering->tStop;
        foreach ($situation->setup->cameras as $id => $camera) {
            $off = 2 * log($wanted / $camera->placement->tStop, 2);
            yield $this->finding(
                abs($off) > self::SAME_STOPS ? Severity::Watch : Severity::Holds,
                ['camera' => $camera->placement->label, 'stop' => Quantity::of($camera->placement->tStop, Unit::TStop), 'wanted' => Quantity::of($wanted, Unit::TStop), 'off' => Quantity::of(abs($off), Unit::Stop)],
                [$id],
                new Working('stops = 2·log₂(wanted / set)', ['wanted' => Quantity::of($wanted, Unit::TStop), 'set' => Quantity::of($camera->placement->tStop, Unit::TStop)], 'definition of a stop'),
                [new Mend('set-stop', ['thing' => $camera->placement->label, 'stop' => Quantity::of($wanted, Unit::TStop)], $situation->edit("cameras/$id", ['t_stop' => $wanted]))],
                abs($off) <= self::SAME_STOPS ? null : ($off > 0 ? 'open' : 'closed'),
            );
        }
    }
}
