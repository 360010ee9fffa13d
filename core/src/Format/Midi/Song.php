<?php

declare(strict_types=1);

namespace FineFrame\Format\Midi;

/** A song by its ticks: where tempo and metre change, where its sections begin; seconds, bars and beats of any place in it. */
final readonly class Song
{
    public const USUAL_US = 500_000;

    /**
     * @param  float|null  $ticksASecond  where the file counts frames of film, and tempo does not matter
     * @param  array<int, int>  $tempos  microseconds a quarter, by tick, in order; the first at 0
     * @param  array<int, array{int, int}>  $metres  beats and what one is, by tick, in order; the first at 0
     * @param  list<array{int, string}>  $markers  tick and name
     */
    public function __construct(
        public int $format,
        public int $tracks,
        public ?int $ticksAQuarter,
        public ?float $ticksASecond,
        public int $ticks,
        public array $tempos,
        public array $metres,
        public array $markers,
    ) {
    }

    public function seconds(float $tick): float
    {
        if ($this->ticksASecond !== null || $this->ticksAQuarter === null) {
            return $tick / ($this->ticksASecond ?? 1.0);
        }
        [$seconds, $from, $us] = [0.0, 0, self::USUAL_US];
        foreach ($this->tempos as $at => $next) {
            if ($at > $tick) {
                break;
            }
            [$seconds, $from, $us] = [$seconds + ($at - $from) * $us / $this->ticksAQuarter / 1e6, $at, $next];
        }

        return $seconds + ($tick - $from) * $us / $this->ticksAQuarter / 1e6;
    }

    public function tick(float $seconds): float
    {
        if ($this->ticksASecond !== null || $this->ticksAQuarter === null) {
            return $seconds * ($this->ticksASecond ?? 1.0);
        }
        [$from, $us] = [0, self::USUAL_US];
        foreach ($this->tempos as $at => $next) {
            if ($this->seconds($at) > $seconds) {
                break;
            }
            [$from, $us] = [$at, $next];
        }

        return $from + ($seconds - $this->seconds($from)) * 1e6 * $this->ticksAQuarter / $us;
    }

    /** @return float|null quarters a minute */
    public function bpm(int $tick): ?float
    {
        $us = self::USUAL_US;
        foreach ($this->tempos as $at => $next) {
            $us = $at <= $tick ? $next : $us;
        }

        return $this->ticksAQuarter === null ? null : 60e6 / $us;
    }

    /** @return array{int, int}|null beats, and what one is; null where ticks are frames */
    public function metre(int $tick): ?array
    {
        $metre = null;
        foreach ($this->metres as $at => $next) {
            $metre = $at <= $tick ? $next : $metre;
        }

        return $metre;
    }

    /** @return array{int, float}|null bar and beat, both from 1; null where ticks are frames */
    public function position(float $tick): ?array
    {
        foreach (array_reverse($this->stretches()) as [$from, $bar, $ofBar, $ofBeat]) {
            if ($tick >= $from - 1e-9) {
                $bars = floor(($tick - $from) / $ofBar + 1e-9);

                return [$bar + (int) $bars, 1 + max(0.0, $tick - $from - $bars * $ofBar) / $ofBeat];
            }
        }

        return null;
    }

    /** @return float|null the tick of a bar and beat; null where there is no such place */
    public function at(int $bar, float $beat): ?float
    {
        foreach ($this->stretches() as [$from, $first, $ofBar, $ofBeat, $beats, $to, $next]) {
            if ($bar < $first || ($next !== null && $bar >= $next)) {
                continue;
            }
            $tick = $from + ($bar - $first) * $ofBar + ($beat - 1) * $ofBeat;

            return $beat >= 1.0 && $beat < $beats + 1 && ($to === null || $tick < $to - 1e-9) ? $tick : null;
        }

        return null;
    }

    /** @return list<array{name: string, tick: int, seconds: float, lengthS: float}> */
    public function sections(): array
    {
        $sections = [];
        foreach ($this->markers as $i => [$tick, $name]) {
            $end = $this->markers[$i + 1][0] ?? $this->ticks;
            $sections[] = [
                'name' => $name,
                'tick' => $tick,
                'seconds' => $this->seconds($tick),
                'lengthS' => $this->seconds($end) - $this->seconds($tick),
            ];
        }

        return $sections;
    }

    /**
     * Stretches of one metre. A signature begins a bar: the one in progress is cut short, and counts.
     *
     * @return list<array{int, int, float, float, int, int|null, int|null}> tick, first bar, ticks of a bar and of a beat, beats, and where
     *     the next begins, by tick and bar
     */
    private function stretches(): array
    {
        if ($this->ticksAQuarter === null) {
            return [];
        }
        [$all, $bar] = [[], 1];
        $ticks = array_keys($this->metres);
        foreach ($ticks as $i => $from) {
            [$beats, $one] = $this->metres[$from];
            $ofBeat = $this->ticksAQuarter * 4 / $one;
            $to = $ticks[$i + 1] ?? null;
            $next = $to === null ? null : $bar + (int) ceil(($to - $from) / ($beats * $ofBeat) - 1e-9);
            $all[] = [$from, $bar, $beats * $ofBeat, $ofBeat, $beats, $to, $next];
            $bar = $next ?? $bar;
        }

        return $all;
    }

    /** @return array<int, int> bar at which each signature begins, by tick */
    public function bars(): array
    {
        return array_column(array_map(static fn (array $s): array => [$s[0], $s[1]], $this->stretches()), 1, 0);
    }
}
