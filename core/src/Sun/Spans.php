<?php

declare(strict_types=1);

namespace FineFrame\Sun;

/** When something is so, from one time to another: sampled, and each change found by halving. */
final class Spans
{
    private const EXACT_S = 0.5;

    /**
     * @param  \Closure(float): bool  $isSo  of seconds of the epoch
     * @return list<array{float, float}>
     */
    public static function where(\Closure $isSo, float $from, float $to, float $stepS = 240.0): array
    {
        [$spans, $was] = [[], $isSo($from)];
        $began = $was ? $from : null;
        for ($time = $from; $time < $to; $time = $next) {
            $next = min($to, $time + $stepS);
            $is = $isSo($next);
            if ($is !== $was) {
                $change = self::change($isSo, $time, $next, $was);
                if ($began !== null) {
                    $spans[] = [$began, $change];
                }
                $began = $is ? $change : null;
            }
            $was = $is;
        }
        if ($began !== null) {
            $spans[] = [$began, $to];
        }

        return $spans;
    }

    /** @param  \Closure(float): bool  $isSo */
    private static function change(\Closure $isSo, float $from, float $to, bool $was): float
    {
        while ($to - $from > self::EXACT_S) {
            $middle = ($from + $to) / 2;
            [$from, $to] = $isSo($middle) === $was ? [$middle, $to] : [$from, $middle];
        }

        return ($from + $to) / 2;
    }
}
