<?php

declare(strict_types=1);

namespace FineFrame\Light;

/**
 * Light to and fro between surfaces until it is balanced: exitance B = own + ρ·E, E = Σ F·B (radiosity; Goral et al., Computer Graphics
 * 18(3), 1984).
 */
final class Radiosity
{
    /** The change of all light from one round to the next at which it is balanced. */
    private const STILL = 1e-9;

    private const MOST_ROUNDS = 3000;

    /**
     * @param  list<list<float>>  $exchange  form factors times areas, alike both ways
     * @param  list<float>  $areas  square metres; what a surface exchanges with all others is no more than this
     * @param  list<float>  $gives  the share of light that each sends back
     * @param  list<float>  $own  lumens a square metre that each gives besides
     * @param  float  $still  stop when less than this share of all light moved in a round
     * @return list<float> lux on each, without what comes from elsewhere
     *
     * @throws ImpossibleLight if a share is none, or nothing swallows the light
     */
    public static function balance(array $exchange, array $areas, array $gives, array $own, float $still = self::STILL): array
    {
        foreach ($gives as $share) {
            if (! ($share >= 0.0 && $share <= 1.0)) {
                throw ImpossibleLight::reflecting($share);
            }
        }
        foreach ($own as $one) {
            if (! ($one >= 0.0 && is_finite($one))) {
                throw ImpossibleLight::negative('What a surface gives');
            }
        }
        [$back, $lux, $before] = [$own, array_fill(0, count($own), 0.0), INF];
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $moved = 0.0;
            foreach ($exchange as $i => $row) {
                $sum = 0.0;
                foreach ($row as $j => $factor) {
                    $sum += $factor * $back[$j];
                }
                $lux[$i] = $areas[$i] > 0.0 ? $sum / $areas[$i] : 0.0;
                $now = $own[$i] + $gives[$i] * $lux[$i];
                $moved += abs($now - $back[$i]);
                $back[$i] = $now;
            }
            $all = array_sum($back);
            if ($moved <= $still * $all) {
                return array_values($lux);
            }
            // What does not shrink by now never will.
            if ($round > 60 && $moved > 0.9999 * $before) {
                break;
            }
            $before = $moved;
        }
        throw ImpossibleLight::unswallowed();
    }
}
