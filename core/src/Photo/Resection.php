<?php

declare(strict_types=1);

namespace FineFrame\Photo;

/** The camera that took a photograph, solved from marks whose places are known (collinearity equations, least squares in the picture). */
final readonly class Resection
{
    /** Place, yaw, pitch, roll: six; then the focal length and the bend, where they are unknown. */
    private const POSE = 6;

    /** Steps for derivatives: metres, radians, share of the width, bend. */
    private const STEPS = [1e-5, 1e-5, 1e-5, 1e-6, 1e-6, 1e-6];

    private const BEHIND = 1e5;

    /** Standpoints that are tried first, around the marks. */
    private const AZIMUTHS = 16;

    private const HEIGHTS = [-0.15, 0.1, 0.35, 0.8];

    private const DISTANCES = [0.7, 1.2, 2.0, 3.5];

    private const FOCALS = [0.55, 0.8, 1.2];

    private const BEST = 14;

    /** Beyond this a standardised residual belongs to no mark of its kind: one in a thousand. */
    private const WRONG = 3.29;

    /**
     * @param  list<array{id: string, at: array{float, float, float}, px: array{float, float}}>  $marks
     * @param  list<list<float>>  $covariance  of place, yaw, pitch, roll, focal length and bend, as far as unknown, at one pixel
     */
    private function __construct(public PhotoCamera $camera, private array $marks, private LeastSquares $fit, public array $covariance)
    {
    }

    /**
     * @param  list<array{id: string, at: array{float, float, float}, px: array{float, float}}>  $marks
     * @param  float|null  $focalPx  null: unknown
     * @param  float|null  $k1  null: unknown
     *
     * @throws Undetermined
     */
    public static function of(int $widthPx, int $heightPx, array $marks, ?float $focalPx, ?float $k1 = 0.0): self
    {
        $unknown = self::POSE + ($focalPx === null ? 1 : 0) + ($k1 === null ? 1 : 0);
        $least = (int) ceil($unknown / 2);
        if (count($marks) < $least) {
            throw Undetermined::tooFew(count($marks), $least);
        }
        self::mustSpread($marks);
        $size = [$widthPx, $heightPx];
        $steps = [...self::STEPS, ...array_fill(0, $unknown - self::POSE, 1e-6)];
        $best = null;
        foreach (self::beginnings($marks, $size, $focalPx, $k1) as $from) {
            $fit = LeastSquares::from(
                static fn (array $p): array => self::residuals(self::at($p, $size, $focalPx, $k1), $marks), $from, $steps,
            );
            $best = $best === null || $fit->cost < $best->cost ? $fit : $best;
            if ($best->cost < 1e-4 * count($marks)) {
                break;
            }
        }
        if ($best === null || $best->cost > self::BEHIND) {
            throw Undetermined::nowhere();
        }
        $covariance = $best->covariance() ?? throw Undetermined::apart();

        return new self(self::at($best->at, $size, $focalPx, $k1), $marks, $best, $covariance);
    }

    /** Standard deviation of one unknown, by its number, at so many pixels. */
    public function deviation(int $i, float $sigmaPx): float
    {
        return $sigmaPx * sqrt(max(0.0, $this->covariance[$i][$i]));
    }

    /**
     * The one mark whose picture point does not belong to its place: some residual is too large, and without this one the rest fits best.
     *
     * @return string|null its id; null where all fit
     */
    public function wrong(float $sigmaPx): ?string
    {
        if (max($this->standardised($sigmaPx)) <= self::WRONG) {
            return null;
        }
        [$best, $id] = [INF, null];
        foreach ($this->marks as $i => $mark) {
            try {
                $rest = $this->without($i);
            } catch (Undetermined) {
                continue;
            }
            [$best, $id] = $rest->fit->cost < $best ? [$rest->fit->cost, $mark['id']] : [$best, $id];
        }

        return $id;
    }

    /** @throws Undetermined */
    public function withoutMark(string $id): self
    {
        return $this->without((int) array_search($id, array_column($this->marks, 'id'), true));
    }

    /** @throws Undetermined */
    private function without(int $i): self
    {
        $marks = $this->marks;
        unset($marks[$i]);
        $extra = count($this->fit->at) - self::POSE;
        // What was unknown is: the focal length first, the bend after it.
        $isBent = $extra === 2;

        return self::of(
            $this->camera->widthPx, $this->camera->heightPx, array_values($marks),
            $extra > 0 ? null : $this->camera->focalPx, $isBent ? null : $this->camera->k1,
        );
    }

    /** @return non-empty-list<float> each residual over what it may be by itself */
    private function standardised(float $sigmaPx): array
    {
        $all = [0.0];
        foreach ($this->fit->slopes as $r => $row) {
            $taken = 0.0;
            foreach ($row as $i => $a) {
                foreach ($row as $j => $b) {
                    $taken += $a * $this->covariance[$i][$j] * $b;
                }
            }
            $all[] = abs($this->fit->residuals[$r]) / ($sigmaPx * sqrt(max(1e-6, 1 - $taken)));
        }

        return $all;
    }

    /**
     * Parameters as they are fitted: the focal length in widths.
     *
     * @param  list<float>  $by
     */
    public function moved(array $by): PhotoCamera
    {
        $p = array_map(static fn (float $a, float $b): float => $a + $b, $this->fit->at, $by);
        $extra = count($p) - self::POSE;

        return new PhotoCamera(
            $this->camera->widthPx, $this->camera->heightPx, $extra > 0 ? $p[self::POSE] * $this->camera->widthPx : $this->camera->focalPx,
            [$p[0], $p[1], $p[2]], $p[3], $p[4], $p[5], $extra === 2 ? $p[self::POSE + 1] : $this->camera->k1,
        );
    }

    /**
     * @param  list<float>  $p  place, yaw, pitch, roll; focal length in widths and bend, as far as unknown
     * @param  array{int, int}  $size
     */
    private static function at(array $p, array $size, ?float $focalPx, ?float $k1): PhotoCamera
    {
        return new PhotoCamera(
            $size[0], $size[1], $focalPx ?? $p[self::POSE] * $size[0], [$p[0], $p[1], $p[2]], $p[3], $p[4], $p[5], $k1 ?? $p[count($p) - 1],
        );
    }

    /**
     * @param  list<array{id: string, at: array{float, float, float}, px: array{float, float}}>  $marks
     * @return list<float> pixels
     */
    private static function residuals(PhotoCamera $camera, array $marks): array
    {
        $off = [];
        foreach ($marks as $mark) {
            $seen = $camera->focalPx > 0.0 ? $camera->seen($mark['at']) : null;
            array_push($off, ...($seen === null ? [self::BEHIND, self::BEHIND] : [$seen[0] - $mark['px'][0], $seen[1] - $mark['px'][1]]));
        }

        return $off;
    }

    /**
     * Standpoints all around, looking at the middle of the marks, the best of them first.
     *
     * @param  list<array{id: string, at: array{float, float, float}, px: array{float, float}}>  $marks
     * @param  array{int, int}  $size
     * @return list<list<float>>
     */
    private static function beginnings(array $marks, array $size, ?float $focalPx, ?float $k1): array
    {
        $middle = self::middle($marks);
        $extent = 0.0;
        foreach ($marks as ['at' => $at]) {
            $extent = max($extent, hypot(hypot($at[0] - $middle[0], $at[1] - $middle[1]), $at[2] - $middle[2]));
        }
        $all = [];
        foreach ($focalPx === null ? self::FOCALS : [null] as $focal) {
            for ($a = 0; $a < self::AZIMUTHS; $a++) {
                foreach (self::DISTANCES as $far) {
                    foreach (self::HEIGHTS as $high) {
                        $yaw = 2 * M_PI * $a / self::AZIMUTHS;
                        $away = 2 * $extent * $far;
                        $place = [$middle[0] - $away * sin($yaw), $middle[1] - $away * cos($yaw), $middle[2] + $away * $high];
                        $from = [...$place, $yaw, -atan($high), 0.0, ...($focal === null ? [] : [$focal]), ...($k1 === null ? [0.0] : [])];
                        $all[] = [LeastSquares::squared(self::residuals(self::at($from, $size, $focalPx, $k1), $marks)), $from];
                    }
                }
            }
        }
        sort($all);

        return array_column(array_slice($all, 0, self::BEST), 1);
    }

    /**
     * @param  list<array{id: string, at: array{float, float, float}, px: array{float, float}}>  $marks
     * @return array{float, float, float}
     */
    private static function middle(array $marks): array
    {
        $count = count($marks);
        $mean = static fn (int $axis): float => array_sum(array_map(static fn (array $m): float => $m['at'][$axis], $marks)) / $count;

        return [$mean(0), $mean(1), $mean(2)];
    }

    /**
     * @param  list<array{id: string, at: array{float, float, float}, px: array{float, float}}>  $marks
     *
     * @throws Undetermined where all lie on one line
     */
    private static function mustSpread(array $marks): void
    {
        [$most, $longest] = [0.0, 0.0];
        $o = $marks[0]['at'];
        foreach ($marks as ['at' => $a]) {
            $u = [$a[0] - $o[0], $a[1] - $o[1], $a[2] - $o[2]];
            $longest = max($longest, $u[0] ** 2 + $u[1] ** 2 + $u[2] ** 2);
            foreach ($marks as ['at' => $b]) {
                $v = [$b[0] - $o[0], $b[1] - $o[1], $b[2] - $o[2]];
                $cross = [$u[1] * $v[2] - $u[2] * $v[1], $u[2] * $v[0] - $u[0] * $v[2], $u[0] * $v[1] - $u[1] * $v[0]];
                $most = max($most, sqrt($cross[0] ** 2 + $cross[1] ** 2 + $cross[2] ** 2));
            }
        }
        if ($most < 1e-4 * $longest || $longest === 0.0) {
            throw Undetermined::onOneLine();
        }
    }
}
