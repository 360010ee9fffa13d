<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** Bars and beats as time: metres by bar, tempos that hold from a place on, or rise and fall evenly between two. */
final readonly class TempoMap
{
    /**
     * @param  array<int, array{int, int}>  $metres  beats and what one is, by the bar from which they hold, in order; the first from bar 1
     * @param  list<array{float, float, float}>  $tempos  from a place, in whole notes: whole notes a minute there, and at the next
     */
    private function __construct(private array $metres, private array $tempos)
    {
    }

    /**
     * @param  array<int, array{int, int}>  $metres
     * @param  list<array{bar: int, beat: float, bpm: float, unit: float}>  $tempos  unit: what the bpm counts, in whole notes
     * @param  list<array{from: array{int, float}, to: array{int, float}, bpm: array{float, float}, unit: float}>  $ramps
     *
     * @throws ImpossibleDay
     */
    public static function of(array $metres, array $tempos, array $ramps = []): self
    {
        ksort($metres);
        $map = new self($metres, []);
        $all = [];
        foreach ($tempos as $t) {
            $all[] = [$map->place($t['bar'], $t['beat']), $t['bpm'] * $t['unit'], $t['bpm'] * $t['unit']];
        }
        foreach ($ramps as $r) {
            [$from, $to] = [$map->place(...$r['from']), $map->place(...$r['to'])];
            $all[] = [$from, $r['bpm'][0] * $r['unit'], $r['bpm'][1] * $r['unit'], $to];
            $all[] = [$to, $r['bpm'][1] * $r['unit'], $r['bpm'][1] * $r['unit']];
        }
        usort($all, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($all as $one) {
            if (min($one[1], $one[2]) <= 0.0) {
                throw ImpossibleDay::tempo();
            }
        }

        return new self($metres, array_map(static fn (array $one): array => [$one[0], $one[1], $one[2]], $all));
    }

    /** Seconds from the first beat of the first bar. */
    public function seconds(int $bar, float $beat): float
    {
        $at = $this->place($bar, $beat);
        $seconds = 0.0;
        foreach ($this->tempos as $i => [$from, $begins, $ends]) {
            $next = $this->tempos[$i + 1][0] ?? INF;
            $to = min($at, $next);
            if ($to <= $from) {
                break;
            }
            $risen = is_finite($next) ? ($ends - $begins) * ($to - $from) / ($next - $from) : 0.0;
            $seconds += self::lasts($to - $from, $begins, $begins + $risen);
        }

        return $seconds;
    }

    /** Minutes of so much music as its tempo goes evenly from one to another, in seconds: ∫ dx / v. */
    private static function lasts(float $whole, float $from, float $to): float
    {
        return abs($to - $from) < 1e-12 ? 60 * $whole / $from : 60 * $whole * log($to / $from) / ($to - $from);
    }

    /** Whole notes from the beginning. */
    private function place(int $bar, float $beat): float
    {
        if ($bar < 1 || $beat < 1.0) {
            throw ImpossibleDay::bar($bar);
        }
        [$place, $since, $metre] = [0.0, 1, [4, 4]];
        foreach ($this->metres as $from => $next) {
            if ($from > $bar) {
                break;
            }
            $place += ($from - $since) * $metre[0] / $metre[1];
            [$since, $metre] = [$from, $next];
        }

        return $place + ($bar - $since) * $metre[0] / $metre[1] + ($beat - 1) / $metre[1];
    }
}
