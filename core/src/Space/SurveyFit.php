<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;

/** What the readings say, how well they agree, and how well each point is known. */
final readonly class SurveyFit
{
    /** Largest standardised residual that is still chance: two-sided 0.1 % (Baarda 1968). */
    public const LIMIT = 3.29;

    /** @var list<float> computed minus read, in the readings' order: metres, or radians for an angle */
    public array $residuals;

    /** @var list<float> each residual over its own standard uncertainty (Baarda's w); zero where nothing checks the reading */
    public array $standardised;

    /** @var list<float> how much of each reading the others check: 0 nothing, 1 wholly (its redundancy number) */
    public array $checked;

    /** @var int how many readings more than the points need */
    public int $redundancy;

    /**
     * @param  non-empty-list<Vec2>  $points
     * @param  list<Reading>  $readings
     * @param  list<list<float>>  $covariance  of the unknowns, square metres
     * @param  int  $freedom  how many ways the points can still move though every reading is kept
     */
    public function __construct(public array $points, public array $readings, private array $covariance, public int $freedom)
    {
        $residuals = $standardised = $checked = [];
        foreach ($readings as $reading) {
            [$residual, $parts] = $reading->linear($points);
            $share = 1 - $this->variance(Adjustment::row($parts)) / $reading->sigma ** 2;
            $residuals[] = $residual;
            $checked[] = max(0.0, $share);
            $standardised[] = $share > 1e-6 ? $residual / ($reading->sigma * sqrt($share)) : 0.0;
        }
        $this->residuals = $residuals;
        $this->standardised = $standardised;
        $this->checked = $checked;
        $this->redundancy = count($readings) - (2 * count($points) - 3) + $freedom;
    }

    /**
     * The same points held against readings that did not make them all.
     *
     * @param  list<Reading>  $readings
     */
    public function judging(array $readings): self
    {
        return new self($this->points, $readings, $this->covariance, $this->freedom);
    }

    /** Whether each reading agrees with the rest; one that nothing checks must be met as read. */
    public function fits(): bool
    {
        foreach ($this->readings as $i => $reading) {
            if (max(abs($this->standardised[$i]), abs($this->residuals[$i]) / $reading->sigma) > self::LIMIT) {
                return false;
            }
        }

        return true;
    }

    /** The weighted sum of the residuals' squares. */
    public function misfit(): float
    {
        return array_sum(
            array_map(static fn (Reading $r, float $off): float => ($off / $r->sigma) ** 2, $this->readings, $this->residuals),
        );
    }

    /** Standard uncertainty of unit weight; null without redundancy. */
    public function sigma0(): ?float
    {
        return $this->redundancy > 0 ? sqrt($this->misfit() / $this->redundancy) : null;
    }

    /** The largest difference between a length and what the rest make of it. */
    public function largestResidualM(): float
    {
        $largest = 0.0;
        foreach ($this->readings as $i => $reading) {
            $largest = $reading->before === null ? max($largest, abs($this->residuals[$i])) : $largest;
        }

        return $largest;
    }

    /** Metres squared, of all points taken as corners; negative when they run clockwise. */
    public function areaM2(): float
    {
        return (new Polygon($this->points))->signedArea();
    }

    /** The standard error ellipse of a point against the first corner and the first wall. */
    public function ellipse(int $point): ErrorEllipse
    {
        $at = fn (int $i, int $j): float => $this->between(Adjustment::column($point, $i), Adjustment::column($point, $j));

        return ErrorEllipse::of($at(0, 0), $at(0, 1), $at(1, 1));
    }

    /** What one more distance would read as things stand: its standard uncertainty, metres. */
    public function sigmaOf(int $from, int $to): float
    {
        return sqrt(max(0.0, $this->variance($this->rowOf($from, $to))));
    }

    /** The same fit as it would be known after one more distance; where the points lie is not changed. */
    public function knowing(int $from, int $to, float $sigmaM): self
    {
        [$gain, $innovation] = $this->gain($from, $to, $sigmaM);
        $covariance = [];
        foreach ($this->covariance as $i => $line) {
            $covariance[] = array_map(static fn (float $c, float $g): float => $c - $gain[$i] * $g / $innovation, $line, $gain);
        }

        return new self($this->points, $this->readings, $covariance, max(0, $this->freedom - 1));
    }

    /** The larger standard semi-axis of the point known worst, once one more distance is taped. */
    public function worstAfter(int $from, int $to, float $sigmaM): float
    {
        [$gain, $innovation] = $this->gain($from, $to, $sigmaM);
        $after = function (?int $i, ?int $j) use ($gain, $innovation): float {
            return $i === null || $j === null ? 0.0 : $this->covariance[$i][$j] - $gain[$i] * $gain[$j] / $innovation;
        };
        $worst = 0.0;
        foreach (array_keys($this->points) as $point) {
            [$x, $y] = [Adjustment::column($point, 0), Adjustment::column($point, 1)];
            $worst = max($worst, ErrorEllipse::of($after($x, $x), $after($x, $y), $after($y, $y))->majorM);
        }

        return $worst;
    }

    /** The point that is known worst. */
    public function worstPoint(): int
    {
        $sizes = array_map(fn (int $i): float => $this->ellipse($i)->majorM, array_keys($this->points));

        return (int) array_search(max($sizes), $sizes, true);
    }

    /** @return array{list<float>, float} what the unknowns learn of a distance, and its whole variance */
    private function gain(int $from, int $to, float $sigmaM): array
    {
        $row = $this->rowOf($from, $to);
        $gain = array_map(static function (array $line) use ($row): float {
            $sum = 0.0;
            foreach ($row as $j => $part) {
                $sum += $line[$j] * $part;
            }

            return $sum;
        }, $this->covariance);
        $innovation = $sigmaM ** 2;
        foreach ($row as $j => $part) {
            $innovation += $gain[$j] * $part;
        }

        return [$gain, $innovation];
    }

    /** @return array<int, float> */
    private function rowOf(int $from, int $to): array
    {
        return Adjustment::row(Reading::distance('', $from, $to, 1.0, 1.0)->linear($this->points)[1]);
    }

    private function between(?int $i, ?int $j): float
    {
        return $i === null || $j === null ? 0.0 : $this->covariance[$i][$j];
    }

    /** @param  array<int, float>  $row */
    private function variance(array $row): float
    {
        $sum = 0.0;
        foreach ($row as $i => $one) {
            foreach ($row as $j => $other) {
                $sum += $one * $this->covariance[$i][$j] * $other;
            }
        }

        return $sum;
    }
}
