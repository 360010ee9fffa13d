<?php

declare(strict_types=1);

namespace App\View\Drawing;

use FineFrame\Judge\PlaceView;
use FineFrame\Sun\Sky;
use FineFrame\Sun\SunPatch;
use FineFrame\Sun\SunStudy;

/** The sun's day as drawn: its height over the hours, what it reaches when, and its patches on the floor step by step. */
final class SunDrawing
{
    public const WIDTH = 720.0;

    public const LEFT = 156.0;

    private const STEP_S = 600.0;

    private const ROW = 17.0;

    private const ARC = 74.0;

    /**
     * @var list<array{clock: string, altitude: string, bearing: string, sky: string, path: string, walls: list<array{path: string}>}>|null
     */
    private ?array $steps = null;

    private float $from;

    private float $to;

    private readonly Sheet $sheet;

    public function __construct(private readonly SunStudy $study, private readonly PlaceView $view)
    {
        [$begins, $ends] = $study->site->day($study->day->date);
        $this->from = max($begins, floor((($study->day->civilDawn ?? $begins) - 1800) / 3600) * 3600);
        $this->to = min($ends, ceil((($study->day->civilDusk ?? $ends) + 1800) / 3600) * 3600);
        $this->sheet = new Sheet($view->place->rooms->corners());
    }

    /**
     * @return list<array{clock: string, altitude: string, bearing: string, sky: string, path: string, walls: list<array{path: string}>}>
     *     the patches every ten minutes
     */
    public function steps(): array
    {
        return $this->steps ??= $this->stepped();
    }

    /**
     * @return list<array{clock: string, altitude: string, bearing: string, sky: string, path: string, walls: list<array{path: string}>}>
     */
    private function stepped(): array
    {
        $steps = [];
        for ($time = $this->from; $time <= $this->to; $time += self::STEP_S) {
            $sun = $this->study->sun($time);
            $patches = $this->study->patches($time);
            $floor = array_filter($patches, static fn (SunPatch $p): bool => $p->wall === null);
            $walls = array_filter($patches, static fn (SunPatch $p): bool => $p->wall !== null);
            $steps[] = [
                'clock' => $this->study->site->clock($time),
                'altitude' => round(rad2deg($sun->altitudeRad)).'°',
                'bearing' => round(fmod(rad2deg($sun->azimuthRad) + 360, 360)).'°',
                'sky' => Sky::under($sun->altitudeRad)->value,
                'path' => implode('', array_map($this->flat(...), $floor)),
                'walls' => array_values(array_map(fn (SunPatch $p): array => ['path' => $this->flat($p, false)], $walls)),
            ];
        }

        return $steps;
    }

    /** @return int the step to open at: the middle of what is recorded, else solar noon */
    public function opening(): int
    {
        $window = $this->view->window();
        $at = $window === null ? $this->study->day->noon : ($window[0] + $window[1]) / 2;

        return (int) max(0, round((min($at, $this->to) - $this->from) / self::STEP_S));
    }

    /** The sun's height over the hours, as a path. */
    public function arc(): string
    {
        $points = [];
        for ($time = $this->from; $time <= $this->to; $time += 900) {
            $altitude = $this->study->sun($time)->altitudeRad;
            if ($altitude >= deg2rad(-8)) {
                $points[] = round($this->x($time), 1).' '.$this->y($altitude);
            }
        }

        return 'M'.implode('L', $points);
    }

    public function horizon(): float
    {
        return $this->y(0.0);
    }

    /** @return list<array{x: float, words: string}> */
    public function hours(): array
    {
        $marks = [];
        for ($time = ceil($this->from / 3600) * 3600; $time <= $this->to; $time += $this->to - $this->from > 13 * 3600 ? 7200 : 3600) {
            $marks[] = ['x' => round($this->x($time), 1), 'words' => $this->study->site->clock($time, 'G')];
        }

        return $marks;
    }

    /**
     * @return list<array{name: string, kind: string, y: float, spans: list<array{x: float, width: float, words: string}>}> what is so when,
     *     a row each
     */
    public function rows(): array
    {
        $day = $this->study->day;
        $rows = [];
        $window = $this->view->window();
        if ($window !== null) {
            $rows[] = ['shooting', 'record', [$window]];
        }
        $names = array_column(array_map(static fn ($o): array => [$o->id, $o->name], $this->view->place->rooms->openings), 1, 0);
        foreach ($this->study->throughWindows() as $id => $spans) {
            $rows[] = ['sun in the '.$names[$id], 'window', $spans];
        }
        foreach ($this->view->spots() as [$name, $spot]) {
            $rows[] = ['sun on '.$name, 'spot', $this->study->onSpot($spot)];
        }
        $rows[] = ['steady', 'steady', $this->study->steady($this->view->spots()[0][1] ?? null)];
        $low = [];
        if (! ($day->sunrise === null || $day->goldenMorningEnds === null)) {
            $low[] = [$day->sunrise, $day->goldenMorningEnds];
        }
        if (! ($day->sunset === null || $day->goldenEveningBegins === null)) {
            $low[] = [$day->goldenEveningBegins, $day->sunset];
        }
        if ($low !== []) {
            $rows[] = ['golden light', 'golden', $low];
        }

        return array_map(fn (
            array $r,
            int $i,
        ): array => ['name' => mb_strimwidth(
            $r[0],
            0,
            26,
            '…',
        ), 'kind' => $r[1], 'y' => self::ARC + 20 + $i * self::ROW, 'spans' => array_map(fn (array $s): array => [
            'x' => round($this->x($s[0]), 1),
            'width' => round(max(1.5, $this->x($s[1]) - $this->x($s[0])), 1),
            'words' => $this->study->site->clock($s[0]).'–'.$this->study->site->clock($s[1]),
        ], $r[2])], $rows, array_keys($rows));
    }

    public function height(): float
    {
        return self::ARC + 24 + count($this->rows()) * self::ROW;
    }

    /** @return array<string, string> the day's moments by what they are */
    public function facts(): array
    {
        $day = $this->study->day;
        $clock = fn (?float $time): string => $time === null ? 'none' : $this->study->site->clock($time);

        return array_filter([
            'Sunrise' => $clock($day->sunrise),
            'Golden until' => $clock($day->goldenMorningEnds),
            'Highest' => $clock($day->noon).', '.round(rad2deg($day->noonAltitudeRad)).'°',
            'Golden from' => $clock($day->goldenEveningBegins), 'Sunset' => $clock($day->sunset), 'Dark from' => $clock($day->civilDusk),
        ]);
    }

    public function place(): string
    {
        $site = $this->study->site;

        return sprintf(
            '%.4f°, %.4f°, %s time, compass %+.1f°',
            $site->latitudeDeg,
            $site->longitudeDeg,
            $site->zone->getName(),
            $site->declinationDeg,
        );
    }

    private function x(float $time): float
    {
        return self::LEFT + (
            max($this->from, min($this->to, $time))
            - $this->from
        ) / ($this->to - $this->from) * (self::WIDTH - self::LEFT - 8);
    }

    private function y(float $altitudeRad): float
    {
        $top = max(20.0, rad2deg($this->study->day->noonAltitudeRad) + 4);

        return round(self::ARC - (max(-8.0, rad2deg($altitudeRad)) + 8) / ($top + 8) * (self::ARC - 6), 1);
    }

    /** A patch on the floor as it lies; one on a wall as the line of it. */
    private function flat(SunPatch $patch, bool $closed = true): string
    {
        $points = array_map(static fn ($c) => $c->floor(), $patch->corners);

        return $this->sheet->path($closed ? $points : [$points[0], $points[1]], $closed);
    }
}
