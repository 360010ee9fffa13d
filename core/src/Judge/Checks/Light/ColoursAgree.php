<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\Mired;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** Lamps that light a face agree in colour with one another and with what the cameras are set to. */
final class ColoursAgree extends Rule
{
    /** A lamp that gives less of the light than this is an accent, and may differ. */
    private const ACCENT = 0.1;

    public function id(): string
    {
        return 'colours-agree';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $white = $situation->plannedKelvin();
        $limit = $situation->limits->get('colour_watch_mired');
        foreach ($situation->setup->subjects() as $subject) {
            $face = $situation->face($subject->id);
            foreach ($face->byLamp as $id => $lux) {
                $kelvin = $situation->scene->lamps[$id]->kelvin();
                $shift = Mired::shift($white, $kelvin);
                if ($lux < self::ACCENT * $face->light->totalLux()) {
                    continue;
                }
                yield $this->finding(
                    abs($shift) > $limit ? Severity::Watch : Severity::Holds,
                    ['lamp' => $situation->name($id), 'subject' => $subject->name, 'kelvin' => Quantity::of($kelvin, Unit::Kelvin), 'white' => Quantity::of($white, Unit::Kelvin), 'shift' => Quantity::of($shift, Unit::Mired)],
                    [$id, $subject->id],
                    new Working('shift = 10⁶/lamp − 10⁶/cameras', ['lamp' => Quantity::of($kelvin, Unit::Kelvin), 'cameras' => Quantity::of($white, Unit::Kelvin), 'watched above' => Quantity::of($limit, Unit::Mired)], 'mired, as gels are sold'),
                    [new Mend('set-kelvin', ['thing' => $situation->name($id), 'kelvin' => Quantity::of($white, Unit::Kelvin)], $situation->edit("lights/$id", ['kelvin' => min(15_000.0, Mired::shifted($white, -$situation->scene->lamps[$id]->emitter->mired) ?? 15_000.0)]))],
                );
            }
        }
    }
}
