<?php

declare(strict_types=1);

namespace FineFrame\Sun;

use FineFrame\Geometry\Vec3;
use FineFrame\Space\Rooms;

/** One date's sun in one room: which windows it comes through, when it reaches a spot, and when nothing changes. */
final class SunStudy
{
    private const STEADY_AT_LEAST_S = 1800.0;

    public readonly SunDay $day;

    private readonly SunInRoom $sunlight;

    /** @var array<string, Sun> by time; every question of the day asks for the same ones */
    private array $suns = [];

    /** @var array<string, list<array{float, float}>>|null */
    private ?array $windows = null;

    /** @var array<string, list<array{float, float}>> by spot */
    private array $spots = [];

    public function __construct(public readonly Site $site, private readonly Rooms $room, string $date)
    {
        $this->day = SunDay::of($site, $date);
        $this->sunlight = new SunInRoom($room);
    }

    /** The sun over the place; what stands about it hides the sun below the skyline. */
    public function sun(float $time): Sun
    {
        return $this->suns["t$time"] ??= Sun::over($this->site, $time);
    }

    private function seen(float $time): ?Sun
    {
        $sun = $this->sun($time);

        return $sun->altitudeRad > max(0.0, $this->site->skylineRad) ? $sun : null;
    }

    /** @return list<SunPatch> */
    public function patches(float $time): array
    {
        $sun = $this->seen($time);

        return $sun === null ? [] : $this->sunlight->patches($sun);
    }

    /** @return list<array{float, float}> when direct sun reaches a point */
    public function onSpot(Vec3 $spot): array
    {
        return $this->spots["$spot->x $spot->y $spot->z"] ??= $this->where(fn (Sun $sun): bool => $this->sunlight->strikes($spot, $sun));
    }

    /** @return array<string, list<array{float, float}>> when direct sun comes in, by window */
    public function throughWindows(): array
    {
        return $this->windows ??= array_filter(
            array_map(
                fn (string $id): array => $this->where(fn (Sun $sun): bool => $this->sunlight->comesThrough($id, $sun)),
                $this->sunlight->windows(),
            ),
        );
    }

    /**
     * Stretches of daylight in which no window gains or loses the sun, it neither reaches nor leaves the spot, and it
     * stands above golden light. Clouds are not foreseen.
     *
     * @return list<array{float, float}> of half an hour or more, the longest first
     */
    public function steady(?Vec3 $spot): array
    {
        [$from, $to] = [$this->day->goldenMorningEnds, $this->day->goldenEveningBegins];
        if ($from === null || $to === null) {
            return [];
        }
        $changes = [$from, $to];
        foreach ([...array_values($this->throughWindows()), $spot === null ? [] : $this->onSpot($spot)] as $spans) {
            foreach ($spans as $span) {
                array_push($changes, ...array_filter($span, static fn (float $t): bool => $t > $from && $t < $to));
            }
        }
        sort($changes);
        $steady = [];
        for ($i = 1; $i < count($changes); $i++) {
            if ($changes[$i] - $changes[$i - 1] >= self::STEADY_AT_LEAST_S) {
                $steady[] = [$changes[$i - 1], $changes[$i]];
            }
        }
        usort($steady, static fn (array $a, array $b): int => $b[1] - $b[0] <=> $a[1] - $a[0]);

        return $steady;
    }

    /** @return array{float, float}|null the longest steady stretch in which no direct sun is on the spot */
    public function calm(Vec3 $spot): ?array
    {
        foreach ($this->steady($spot) as [$from, $to]) {
            $lit = array_filter($this->onSpot($spot), static fn (array $s): bool => $s[0] < ($from + $to) / 2 && $s[1] > ($from + $to) / 2);
            if ($lit === []) {
                return [$from, $to];
            }
        }

        return null;
    }

    /**
     * @param  \Closure(Sun): bool  $isSo
     * @return list<array{float, float}>
     */
    private function where(\Closure $isSo): array
    {
        [$from, $to] = $this->site->day($this->day->date);
        // By night there is nothing to look for; a quarter of an hour covers what air and the half disc add.
        [$from, $to] = [max($from, ($this->day->sunrise ?? $from) - 900), min($to, ($this->day->sunset ?? $to) + 900)];

        return $this->day->state === 'polar_night' ? [] : Spans::where(function (float $time) use ($isSo): bool {
            $sun = $this->seen($time);

            return $sun !== null && $isSo($sun);
        }, $from, $to);
    }
}
