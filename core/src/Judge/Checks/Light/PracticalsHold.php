<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\LensView;

/** A lamp that is meant to be seen glows, and does not burn out: what the camera holds over a grey card is its ceiling. */
final class PracticalsHold extends Rule
{
    private const GREY = 0.18;

    public function id(): string
    {
        return 'practicals-hold';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $limit = $situation->limits->get('clip_stops');
        foreach ($situation->scene->lamps as $id => $lamp) {
            $seen = array_filter(
                $situation->scene->views,
                static fn (LensView $view): bool => ($at = $view->place($lamp->centre())) !== null
                    && abs($at[0]) < $view->cropX
                    && abs($at[1]) < $view->cropY,
            );
            $nits = $lamp->emitter->nits();
            if (! $lamp->placement->practical || ! $lamp->placement->on || $nits === null || $seen === []) {
                continue;
            }
            $over = log(
                max(1e-6, $nits * $lamp->placement->dimmer) / (self::GREY * $situation->setup->setup->metering->wantedLux() / M_PI),
                2,
            );
            $dim = $lamp->placement->dimmer * 2 ** ($limit - 1 - $over);
            yield $this->finding(
                $over > $limit ? Severity::Watch : Severity::Holds,
                ['lamp' => $situation->name($id), 'stops' => Quantity::of($over, Unit::Stop), 'limit' => Quantity::of($limit, Unit::Stop)],
                [$id, ...array_keys($seen)],
                new Working(
                    'the luminance of its face over a grey card in the wanted light',
                    ['over the card' => Quantity::of($over, Unit::Stop), 'the camera holds' => Quantity::of($limit, Unit::Stop)],
                ),
                $over > $limit && $dim >= $lamp->fixture->lowestDim
                    ? [
                        new Mend(
                            'dim',
                            ['thing' => $situation->name($id), 'dim' => Quantity::share($dim)],
                            $situation->edit("lights/$id", ['dimmer' => $dim]),
                        ),
                    ]
                    : [],
            );
        }
    }
}
