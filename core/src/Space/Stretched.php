<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** A distance longer than the way round by other readings: no triangle holds it, whatever the room's shape. */
final readonly class Stretched
{
    /** How many standard uncertainties a length may pass the way round by chance. */
    private const CHANCE = 3.29;

    /**
     * @param  int  $reading  by number
     * @param  list<int>  $way  the readings that lead round, by number
     * @param  float  $mostM  the way round
     */
    private function __construct(public int $reading, public array $way, public float $mostM)
    {
    }

    /**
     * The reading that passes its way round by most.
     *
     * @param  list<Reading>  $readings
     */
    public static function among(array $readings): ?self
    {
        $lengths = array_filter($readings, static fn (Reading $r): bool => $r->before === null && $r->isTaped());
        [$worst, $over] = [null, self::CHANCE];
        foreach ($lengths as $i => $reading) {
            // Two readings of one pair contradict each other, and bound nothing.
            $others = array_filter(
                $lengths,
                static fn (Reading $r): bool => ! in_array(
                    $r->from,
                    [$reading->from, $reading->to],
                    true,
                ) || ! in_array($r->to, [$reading->from, $reading->to], true),
            );
            $way = self::way($others, $reading->from, $reading->to);
            if ($way === null) {
                continue;
            }
            $round = array_sum(array_map(static fn (int $j): float => $readings[$j]->value, $way));
            $sigma = sqrt($reading->sigma ** 2 + array_sum(array_map(static fn (int $j): float => $readings[$j]->sigma ** 2, $way)));
            $by = ($reading->value - $round) / $sigma;
            if ($by > $over) {
                [$worst, $over] = [new self($i, $way, $round), $by];
            }
        }

        return $worst;
    }

    /**
     * The shortest way from one point to another along readings (Dijkstra 1959).
     *
     * @param  array<int, Reading>  $lengths
     * @return list<int>|null the readings in order; null when none lead there
     */
    private static function way(array $lengths, int $from, int $to): ?array
    {
        [$far, $by, $done] = [[$from => 0.0], [$from => []], []];
        while (($ahead = array_diff_key($far, $done)) !== []) {
            $at = array_keys($ahead, min($ahead), true)[0];
            if ($at === $to) {
                return $by[$at];
            }
            $done[$at] = true;
            foreach ($lengths as $i => $length) {
                $next = match ($at) {
                    $length->from => $length->to,
                    $length->to => $length->from,
                    default => null,
                };
                if ($next !== null && $far[$at] + $length->value < ($far[$next] ?? INF)) {
                    [$far[$next], $by[$next]] = [$far[$at] + $length->value, [...$by[$at], $i]];
                }
            }
        }

        return null;
    }
}
