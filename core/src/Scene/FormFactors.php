<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;
use FineFrame\Light\PolygonSource;

/**
 * How much of the light of each patch of a room meets each other one, past walls and clutter: Lambert's polygon formula from the middles of
 * both,
 * then scaled until each patch's factors to all others sum to one, so that no light is lost. What clutter hides it takes itself.
 */
final readonly class FormFactors
{
    private const ROUNDS = 8;

    /** Within so many of its areas, the square of the distance, a patch is looked at corner by corner. */
    private const NEAR_SIZES = 4.0;

    public function __construct(private RoomPatches $patches)
    {
    }

    /**
     * The share of what leaves a rectangle evenly that falls on another: Lambert's polygon formula, averaged over places on the first.
     *
     * @param  list<Vec3>  $from  four corners in order, counter-clockwise seen from the side that shines
     * @param  list<Vec3>  $to  counter-clockwise seen from the side that is lit
     * @param  int  $places  on the first, a side
     */
    public static function between(array $from, array $to, int $places): float
    {
        $normal = $from[1]->minus($from[0])->cross($from[2]->minus($from[0]))->unit();
        $sum = 0.0;
        for ($i = 0; $i < $places; $i++) {
            for ($j = 0; $j < $places; $j++) {
                [$s, $t] = [($i + 0.5) / $places, ($j + 0.5) / $places];
                $at = Vec3::between(Vec3::between($from[0], $from[1], $s), Vec3::between($from[3], $from[2], $s), $t);
                $sum += PolygonSource::luxPerNit($to, $at, $normal);
            }
        }

        return $sum / $places ** 2 / M_PI;
    }

    /** @return list<list<float>> form factors times areas, alike both ways: patches, then clutter */
    public function exchange(): array
    {
        [$all, $clutter] = [$this->patches->all, count($this->patches->clutter)];
        $count = count($all);
        $exchange = array_fill(0, $count + $clutter, array_fill(0, $count + $clutter, 0.0));
        for ($i = 0; $i < $count; $i++) {
            for ($j = $i + 1; $j < $count; $j++) {
                [$a, $b] = [$all[$i], $all[$j]];
                $way = $b->middle->minus($a->middle);
                if ($way->dot($a->normal) <= 1e-6 || $way->dot($b->normal) >= -1e-6) {
                    continue;
                }
                $whole = self::whole($a, $b, $way);
                if ($this->patches->isClear()) {
                    $exchange[$i][$j] = $exchange[$j][$i] = $whole;

                    continue;
                }
                $rays = $this->rays($i, $j);
                foreach ($rays as [$here, $there]) {
                    $this->shared($exchange, $whole / count($rays), $here, $there, $i, $j);
                }
            }
        }

        return $this->kept($exchange);
    }

    /** Nothing in between: by the middles from a few sizes off, near by by Lambert's polygon formula from both. */
    private static function whole(RoomPatch $a, RoomPatch $b, Vec3 $way): float
    {
        $square = $way->dot($way);
        if ($square > self::NEAR_SIZES * max($a->areaM2, $b->areaM2)) {
            return $a->areaM2 * $b->areaM2 * $way->dot($a->normal) * -$way->dot($b->normal) / (M_PI * $square * $square);
        }

        return (
            $a->areaM2 * PolygonSource::luxPerNit($b->corners, $a->middle, $a->normal)
            + $b->areaM2 * PolygonSource::luxPerNit($a->corners, $b->middle, $b->normal)
        ) / (2 * M_PI);
    }

    /**
     * @return non-empty-list<array{Vec3, Vec3}> from all parts of two patches to the middle of the other, so that a mirror image is asked
     *     alike
     */
    private function rays(int $i, int $j): array
    {
        [$a, $b] = [$this->patches->all[$i]->middle, $this->patches->all[$j]->middle];
        $rays = [[$a, $b]];
        foreach ($this->patches->parts[$i] as $part) {
            $rays[] = [$part->middle, $b];
        }
        foreach ($this->patches->parts[$j] as $part) {
            $rays[] = [$a, $part->middle];
        }

        return $rays;
    }

    /**
     * A ray's share of what two patches exchange: theirs where it is clear, else with what it meets first from either end.
     *
     * @param  array<int, array<int, float>>  $exchange
     */
    private function shared(array &$exchange, float $share, Vec3 $here, Vec3 $there, int $i, int $j): void
    {
        if (! $this->patches->isOpen($here, $there)) {
            return;
        }
        $count = count($this->patches->all);
        $met = $this->patches->between($here, $there);
        if ($met === null) {
            $exchange[$i][$j] += $share;
            $exchange[$j][$i] += $share;

            return;
        }
        foreach ([[$i, $count + $met], [$j, $count + ($this->patches->between($there, $here) ?? $met)]] as [$patch, $block]) {
            $exchange[$patch][$block] += $share;
            $exchange[$block][$patch] += $share;
        }
    }

    /**
     * Scaled until what a patch exchanges with all others is its area (Sinkhorn, kept alike both ways); a block's surface is what comes
     * out.
     *
     * @param  array<int, array<int, float>>  $exchange
     * @return list<list<float>>
     */
    private function kept(array $exchange): array
    {
        $count = count($this->patches->all);
        $scale = array_fill(0, count($exchange), 1.0);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $next = $scale;
            for ($i = 0; $i < $count; $i++) {
                $sum = 0.0;
                foreach ($exchange[$i] as $j => $factor) {
                    $sum += $factor * $scale[$j];
                }
                $next[$i] = $sum > 1e-12 ? sqrt($scale[$i] * $this->patches->all[$i]->areaM2 / $sum) : 0.0;
            }
            $scale = $next;
        }
        $kept = [];
        foreach ($exchange as $i => $row) {
            $kept[] = array_map(
                static fn (float $factor, float $other): float => $factor * $scale[$i] * $other,
                array_values($row),
                array_values($scale),
            );
        }

        return $kept;
    }
}
