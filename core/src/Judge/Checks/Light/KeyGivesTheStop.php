<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\FaceReading;

/** The lamps with the light that is there give the wanted stop at the face; what gives most is named. */
final class KeyGivesTheStop extends Rule
{
    /** Third stops as cameras name them, up to where noise is a matter of taste. */
    private const ISO = [
        100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600, 2000, 2500, 3200, 4000, 5000, 6400, 8000,
        10000, 12800,
    ];

    public function id(): string
    {
        return 'key-gives-the-stop';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->setup->subjects() as $subject) {
            $face = $situation->face($subject->id);
            // Where nothing burns, nothing was metered and no sky is planned, nobody has said anything of the light.
            if ($face->light->totalLux() > 0.0 || $situation->scene->lamps !== []) {
                yield $this->exposed($situation, $face);
            }
        }
    }

    private function exposed(Situation $situation, FaceReading $face): Finding
    {
        $light = $face->light;
        $blamed = $face->key();
        // No lamp is to blame for what is there without any.
        $isDay = $blamed === null || $light->ambientLux > $light->lampLux;
        $metering = $situation->setup->setup->metering;
        $off = $light->stopsOver();
        $severity = Severity::above(abs($off), $situation->limits->get('key_watch_stops'), $situation->limits->get('key_break_stops'));

        return $this->finding(
            $severity,
            [
                'thing' => $blamed === null ? '' : $situation->name($blamed),
                'subject' => $face->body->person->name,
                'stop' => Quantity::of($light->tStop(), Unit::TStop),
                'wanted' => Quantity::of($metering->tStop, Unit::TStop),
                'off' => Quantity::of(abs($off), Unit::Stop),
                'lux' => Quantity::of($light->totalLux(), Unit::Lux),
            ],
            // Whatever lights it, it is one face’s exposure.
            [$face->body->person->id],
            new Working('T²/t = E·S/C', [
                'E from the lamps' => Quantity::of($light->lampLux, Unit::Lux),
                'E, ambient' => Quantity::of($light->ambientLux, Unit::Lux),
                'S' => Quantity::of($metering->iso, Unit::Count),
                '1/t' => Quantity::of(1 / $metering->shutterS(), Unit::Count),
                'E wanted' => Quantity::of($metering->wantedLux(), Unit::Lux),
            ], 'ISO 2720:1974 with a dome, C = 330; lamps by Lambert’s polygon formula'),
            $severity === Severity::Holds ? [] : $this->ideas($situation, $face, $blamed, $off),
            match (true) {
                $severity === Severity::Holds => $isDay ? 'day' : null,
                $off > 0 => $isDay ? 'day-bright' : 'bright',
                $blamed === null => 'day-dim',
                default => 'dim',
            },
        );
    }

    /** @return list<Mend> that lamp's dimmer set, with what walls give back of it; then another sensitivity */
    private function ideas(Situation $situation, FaceReading $face, ?string $lamp, float $off): array
    {
        $light = $face->light;
        $metering = $situation->setup->setup->metering;
        $ideas = [];
        $own = $lamp === null ? 0.0 : $face->byLamp[$lamp] + $face->byRoom * ($situation->scene->room()->lampShares[$lamp] ?? 0.0);
        if ($lamp !== null && $own > 0.0) {
            $placed = $situation->scene->lamps[$lamp]->placement;
            $dim = $placed->dimmer * ($metering->wantedLux() - ($light->totalLux() - $own)) / $own;
            $dim = max($situation->scene->lamps[$lamp]->fixture->lowestDim, min(1.0, round($dim, 2)));
            $ideas[] = new Mend(
                'dim',
                ['thing' => $situation->name($lamp), 'dim' => Quantity::share($dim)],
                $situation->edit("lights/$lamp", ['dimmer' => $dim]),
            );
        }
        if ($off < 0 || $light->ambientLux > $light->lampLux) {
            $needed = $metering->iso * 2 ** -$off;
            $iso = (float) self::ISO[0];
            foreach (self::ISO as $step) {
                $iso = abs(log($step / $needed)) < abs(log($iso / $needed)) ? (float) $step : $iso;
            }
            $ideas[] = new Mend('iso', ['iso' => Quantity::of($iso, Unit::Count)], $situation->edit('metering', ['iso' => $iso]));
        }

        return $ideas;
    }
}
