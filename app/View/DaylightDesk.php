<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\DaylightStudy;
use FineFrame\Judge\Situation;
use FineFrame\Light\Reflector;
use FineFrame\Light\Weather;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\DaylightFit;
use FineFrame\Scene\FaceReading;
use FineFrame\Staging\Person;
use FineFrame\Sun\Site;

/** Daylight on faces over the recording, under three skies, and how far the model is off what was metered. */
final readonly class DaylightDesk
{
    public const WIDTH = 640.0;

    public const HEIGHT = 170.0;

    private const LEFT = 52.0;

    private const RIGHT = 96.0;

    private const LOWER = 24.0;

    private ?Site $site;

    private function __construct(private DaylightStudy $study, private Situation $situation, private Reader $reader)
    {
        $this->site = $situation->setup->location->site;
    }

    /** @return self|null null where too little is known for daylight to be computed */
    public static function of(Situation $situation, Reader $reader): ?self
    {
        $study = DaylightStudy::of($situation);

        return $study === null ? null : new self($study, $situation, $reader);
    }

    /** @return list<Person> */
    public function people(): array
    {
        return $this->situation->setup->subjects();
    }

    /** @return list<string> the clock at each step */
    public function clocks(): array
    {
        return array_map($this->clock(...), $this->study->times());
    }

    /**
     * @return list<array{sky: string, isPlanned: bool, cells: list<array{stops: string, lux: string, cheeks: string, kelvin: string}>, drift: string, begin: string}>
     */
    public function rows(Person $person): array
    {
        $rows = [];
        foreach (Weather::skies() as $sky) {
            $steady = $this->study->steadiest($sky, $person->id);
            $rows[] = [
                'sky' => $sky->value, 'isPlanned' => $this->situation->setup->setup->metering->weather === $sky,
                'cells' => array_map(fn (float $t): array => $this->cell($this->study->at($sky, $t, $person->id)), $this->study->times()),
                'drift' => $this->reader->print(Quantity::of(abs($this->study->drift($sky, $person->id)), Unit::Stop)).(
                    $this->study->drift($sky, $person->id) < 0
                    ? ', darker'
                    : ', brighter'
                ),
                'begin' => $steady === null
                    ? ''
                    : $this->clock($steady[0]).' ('.$this->reader->print(Quantity::of($steady[1], Unit::Stop)).')',
            ];
        }

        return $rows;
    }

    /** What a cloud before the sun does to a face, in the middle of the recording, and what to do about it. */
    public function swing(Person $person): string
    {
        $middle = array_sum($this->study->window) / 2;
        [$clear, $cloudy] = [
            $this->study->at(Weather::Clear, $middle, $person->id)->light->totalLux(),
            $this->study->at(Weather::Overcast, $middle, $person->id)->light->totalLux(),
        ];
        $stops = log(max(1e-6, $clear) / max(1e-6, $cloudy), 2);
        $share = $this->study->at(Weather::Overcast, $middle, $person->id)->light->ambientLux / max(1e-6, $cloudy);

        return 'A cloud over the sun takes '.$this->reader->print(
            Quantity::of(abs($stops), Unit::Stop),
        ).' here; daylight is '.round(100 * $share).' % of the face under an overcast sky. '.match (true) {
            abs($stops) < 0.35 => 'Ride the exposure.',
            abs($stops) < 1.0 => 'Pause while it passes, or light the face with lamps.',
            default => 'Draw the curtains or shoot at another hour: you can’t ride that.',
        };
    }

    /**
     * @return list<array{sky: string, path: string, x: float, y: float, ends: float}> the light on a face over time, in stops against the
     *     wanted exposure
     */
    public function lines(Person $person): array
    {
        $lines = [];
        $low = -INF;
        foreach (Weather::skies() as $sky) {
            $points = array_map(
                fn (float $t): string => $this->x($t).' '.$this->y($this->study->at($sky, $t, $person->id)->light->stopsOver()),
                $this->study->times(),
            );
            $ends = $this->y($this->study->at($sky, $this->study->window[1], $person->id)->light->stopsOver());
            $lines[] = [
                'sky' => $sky->value,
                'path' => 'M'.implode('L', $points),
                'x' => self::WIDTH - self::RIGHT + 22,
                'y' => $ends + 4,
                'ends' => $ends,
            ];
        }
        usort($lines, static fn (array $a, array $b): int => $a['y'] <=> $b['y']);
        foreach ($lines as $i => $line) {
            // Names that would lie on each other are pushed apart.
            $low = max($low + 17, $line['y']);
            $lines[$i]['y'] = $low;
        }

        return $lines;
    }

    /** @return list<array{y: float, words: string}> */
    public function marks(): array
    {
        return array_map(
            fn (int $s): array => ['y' => $this->y($s), 'words' => Reader::sign($s).abs($s)],
            [-4, -2, 0, 2, 4],
        );
    }

    /** @return list<array{x: float, words: string}> */
    public function hours(): array
    {
        return array_map(fn (float $t): array => ['x' => $this->x($t), 'words' => $this->clock($t)], $this->study->times());
    }

    public function left(): float
    {
        return self::LEFT;
    }

    /**
     * @return list<array{sky: string, fit: DaylightFit, edit: string, readings: list<array{name: string, read: string, before: string, after: string}>, factors: string, off: string}>
     */
    public function fits(): array
    {
        $fits = [];
        $at = '/setups/'.$this->situation->setup->setup->id.'/metering';
        foreach (Weather::skies() as $sky) {
            $fit = $this->study->fit($sky);
            if ($fit !== null) {
                $lux = fn (float $v): string => $this->reader->print(Quantity::of($v, Unit::Lux));
                $fits[] = [
                    'sky' => $sky->value,
                    'fit' => $fit,
                    'edit' => (string) json_encode(
                        ["$at/sky_factor" => round($fit->sky, 3), "$at/room_factor" => round($fit->room, 3), "$at/weather" => $sky->value],
                    ),
                    'readings' => array_map(
                        static fn (array $r): array => [
                            'name' => $r['name'],
                            'read' => $lux($r['read']),
                            'before' => $lux($r['before']),
                            'after' => $lux($r['after']),
                        ],
                        $fit->readings,
                    ),
                    'factors' => number_format($fit->sky, 2).' for the sky, '.number_format($fit->room, 2).' for the room',
                    'off' => $this->reader->print(Quantity::of($fit->off(), Unit::Stop)),
                ];
            }
        }
        usort($fits, static fn (array $a, array $b): int => $a['fit']->strain() <=> $b['fit']->strain());

        return $fits;
    }

    /**
     * @return list<array{name: string, words: string}> boards that stand there, and how they throw the sun onto the first face, under a
     *     clear sky
     */
    public function boards(): array
    {
        $scene = $this->situation->scene;
        $time = $scene->plannedAt();
        $windows = $scene->windowsAt(Weather::Clear, $time);
        $subject = $this->people()[0] ?? null;
        $rows = [];
        if ($windows === null || $time === null || $subject === null) {
            return [];
        }
        foreach ($this->situation->setup->setup->furniture as $thing) {
            if (($thing->reflects ?? 0.0) < 0.5) {
                continue;
            }
            $body = $this->situation->setup->bodies[$subject->id];
            $at = $thing->place->at($thing->baseM + $thing->heightM / 2);
            $throw = $windows->sunAt($at) <= 0.0
                ? null
                : Reflector::at(
                    $at,
                    $body->eyes,
                    $windows->towardsSun(),
                    $windows->sunAt($at),
                    $thing->widthM * $thing->heightM,
                    (float) $thing->reflects,
                    $thing->reflects >= 0.85 ? Reflector::BRIGHT_RAD : Reflector::DULL_RAD,
                );
            $after = fn (float $seconds): Vec3 => $scene->windowsAt(
                Weather::Clear,
                $time + $seconds,
            )?->towardsSun() ?? $windows->towardsSun();
            $rows[] = ['name' => $thing->name, 'words' => $throw === null ? 'no sun reaches it at '.$this->clock($time).'.' : sprintf(
                'at %s turn it to %d° and %d° %s: it gives %s, %s over what is wanted, and needs turning again after %d minutes.%s',
                $this->clock($time),
                round(fmod(rad2deg($throw->bearingRad()) + 360, 360)),
                round(abs(rad2deg($throw->tiltRad()))),
                $throw->tiltRad() >= 0 ? 'up' : 'down',
                $this->reader->print(Quantity::of($throw->lux, Unit::Lux)),
                $this->reader->print(
                    Quantity::of(log(max(1e-3, $throw->lux) / $this->situation->setup->setup->metering->wantedLux(), 2), Unit::Stop),
                ),
                round($throw->leavesAfterS($after) / 60),
                $body->face()->at(0.0)->angleTo($at->minus($body->eyes)) < 0.7
                    ? ' It shines into the eyes: farther round, or a dull one. Never a bright board near eyes for long.'
                    : '',
            )];
        }

        return $rows;
    }

    private function x(float $time): float
    {
        [$from, $to] = $this->study->window;

        return round(self::LEFT + ($time - $from) / ($to - $from) * (self::WIDTH - self::LEFT - self::RIGHT), 1);
    }

    private function y(float $stops): float
    {
        return round((self::HEIGHT - self::LOWER) * (0.5 - max(-5.0, min(5.0, $stops)) / 10), 1);
    }

    private function clock(float $time): string
    {
        return $this->site?->clock($time) ?? '';
    }

    /** @return array{stops: string, lux: string, cheeks: string, kelvin: string} */
    private function cell(FaceReading $face): array
    {
        $over = $face->light->stopsOver();

        return [
            'stops' => ($over < 0 ? '−' : '+').number_format(abs($over), 1),
            'lux' => $this->reader->print(Quantity::of($face->light->totalLux(), Unit::Lux)),
            'cheeks' => number_format($face->cheeks(), 1).' : 1',
            'kelvin' => $this->reader->print(Quantity::of(round(($face->colour()?->kelvin() ?? 0.0) / 50) * 50, Unit::Kelvin)),
        ];
    }
}
