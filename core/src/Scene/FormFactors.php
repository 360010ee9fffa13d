<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/**
 * How much of the light of each patch of a room meets each other one: by their middles, `A·cos·cos′/(π·d² + A)` (a disc's), then
 * scaled until each patch's factors to all others sum to one, so that no light is lost.
 *
 * @phpstan-type Patch array{float, float, float, float, float, float, float, float}
 */
final readonly class FormFactors
{
    private const ROUNDS = 8;

    /** @param  list<Patch>  $patches  middle, inward normal, area, share given back */
    public function __construct(private array $patches)
    {
    }

    /**
     * @param  list<list<array{float, float}>>  $floors  of rooms in which not all patches see each other; empty where they do
     * @return list<list<float>> form factors times areas, alike both ways
     */
    public function exchange(array $floors): array
    {
        $count = count($this->patches);
        $exchange = [];
        for ($i = 0; $i < $count; $i++) {
            [$x, $y, $z, $nx, $ny, $nz, $area] = $this->patches[$i];
            $row = [];
            for ($j = 0; $j < $i; $j++) {
                $row[] = $exchange[$j][$i];
            }
            for ($row[] = 0.0, $j = $i + 1; $j < $count; $j++) {
                [$ox, $oy, $oz, $mx, $my, $mz, $other] = $this->patches[$j];
                [$dx, $dy, $dz] = [$ox - $x, $oy - $y, $oz - $z];
                $here = $nx * $dx + $ny * $dy + $nz * $dz;
                $there = -($mx * $dx + $my * $dy + $mz * $dz);
                $square = $dx * $dx + $dy * $dy + $dz * $dz;
                $row[] = $here > 1e-6 && $there > 1e-6 && ($floors === [] || self::isInside($floors, $x + $dx / 2, $y + $dy / 2))
                    ? $area * $other * $here * $there / ($square * (M_PI * $square + sqrt($area * $other)))
                    : 0.0;
            }
            $exchange[] = $row;
        }

        return $this->kept($exchange);
    }

    /**
     * Whether what is half way between two patches is in a room (crossings of a ray; plain numbers, for there are thousands).
     *
     * @param  list<list<array{float, float}>>  $floors
     */
    private static function isInside(array $floors, float $x, float $y): bool
    {
        foreach ($floors as $corners) {
            $isIn = false;
            [$px, $py] = $corners[count($corners) - 1];
            foreach ($corners as [$cx, $cy]) {
                if (($cy > $y) !== ($py > $y) && $x < ($px - $cx) * ($y - $cy) / ($py - $cy) + $cx) {
                    $isIn = ! $isIn;
                }
                [$px, $py] = [$cx, $cy];
            }
            if ($isIn) {
                return true;
            }
        }

        return false;
    }

    /**
     * Scaled until what a patch exchanges with all others is its area (Sinkhorn, kept alike both ways).
     *
     * @param  list<list<float>>  $exchange
     * @return list<list<float>>
     */
    private function kept(array $exchange): array
    {
        $scale = array_fill(0, count($exchange), 1.0);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $next = [];
            foreach ($exchange as $i => $row) {
                $sum = 0.0;
                foreach ($row as $j => $factor) {
                    $sum += $factor * $scale[$j];
                }
                $next[] = $sum > 1e-12 ? sqrt($scale[$i] * $this->patches[$i][6] / $sum) : 0.0;
            }
            $scale = $next;
        }
        foreach ($exchange as $i => $row) {
            foreach ($row as $j => $factor) {
                $row[$j] = $factor * $scale[$i] * $scale[$j];
            }
            $exchange[$i] = $row;
        }

        return $exchange;
    }
}
