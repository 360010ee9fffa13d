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

/** Green from tubes and lawns, magenta from a gel too many: skin shows either at once, and no white balance of kelvins takes it out. */
final class TintIsNeutral extends Rule
{
    public function id(): string
    {
        return 'tint-is-neutral';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $limit = $situation->limits->get('tint_watch_duv');
        foreach ($situation->setup->subjects() as $subject) {
            $face = $situation->face($subject->id);
            $colour = $face->colour();
            if ($colour === null) {
                continue;
            }
            $duv = $colour->duv();
            $ideas = [];
            foreach ($face->byLamp as $id => $lux) {
                $own = $situation->scene->lamps[$id]->placement->duv;
                if ($lux > 0.1 * $face->light->totalLux() && $own * $duv > 0.0) {
                    $ideas[] = new Mend(
                        'set-tint',
                        ['thing' => $situation->name($id)],
                        $situation->edit("lights/$id", ['duv' => -$situation->scene->lamps[$id]->emitter->duv]),
                    );
                }
            }
            yield $this->finding(
                abs($duv) > $limit ? Severity::Watch : Severity::Holds,
                ['subject' => $subject->name, 'tint' => $colour->tint()->value, 'duv' => Quantity::of($duv, Unit::Duv)],
                [$subject->id],
                new Working(
                    'all light at the face as XYZ, off the black body',
                    [
                        'Duv' => Quantity::of($duv, Unit::Duv),
                        'watched above' => Quantity::of($limit, Unit::Duv),
                        'colour' => Quantity::of($colour->kelvin(), Unit::Kelvin),
                    ],
                    'ANSI C78.377; a camera’s eye differs from ours: look at a chart',
                ),
                $ideas,
            );
        }
    }
}
