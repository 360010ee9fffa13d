<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/**
 * A lamp's intensity by direction (type C): vertical angles from straight ahead, horizontal ones around. Bilinear between
 * them, by the symmetry that the horizontal angles imply; nothing outside the vertical range.
 */
final readonly class PhotometricWeb implements Part
{
    /**
     * @param  non-empty-list<float>  $vertical  degrees, ascending
     * @param  non-empty-list<float>  $horizontal  degrees, ascending: one for a round beam, to 90 or 180 for a symmetric one, to 360
     * @param  non-empty-list<non-empty-list<float>>  $candela  by horizontal, then vertical angle
     * @param  array{float, float}  $sizeM  width and length of what shines, as a file says it; 0 where it does not
     * @param  float  $lampLumens  of the lamps alone, as a file says it; 0 where it does not
     */
    public function __construct(
        public array $vertical,
        public array $horizontal,
        public array $candela,
        public float $watts = 0.0,
        public array $sizeM = [0.0, 0.0],
        public float $lampLumens = 0.0,
    ) {
    }

    public static function read(Node $node): self
    {
        $vertical = $node->numberList('vertical_deg', 1000);
        $planes = $node->each(
            'planes',
            static fn (Node $n): array => [$n->number('deg', 0, 360, Unit::Degree), $n->numberList('candela', 1000)],
            1000,
        );
        [$horizontal, $candela] = [[], []];
        foreach ($planes as $i => [$deg, $values]) {
            if (! (count($values) === count($vertical) && $values !== [])) {
                $node->wrong("planes/$i/candela", 'must hold a value for each vertical angle');
            }
            [$horizontal[], $candela[]] = [$deg, $values === [] ? [0.0] : $values];
        }
        if (! ($vertical !== [] && $horizontal !== [])) {
            $node->wrong('planes', 'must hold one plane of angles at least');
        }

        return new self(
            $vertical === [] ? [0.0] : $vertical,
            $horizontal === [] ? [0.0] : $horizontal,
            $candela === [] ? [[0.0]] : $candela,
            $node->number('watts', 0, 100_000, Unit::Watt, 0.0),
        );
    }

    public function write(): array
    {
        return [
            'vertical_deg' => $this->vertical,
            'planes' => array_map(
                static fn (float $deg, array $candela): array => ['deg' => $deg, 'candela' => $candela],
                $this->horizontal,
                $this->candela,
            ),
            'watts' => $this->watts,
        ];
    }

    /** Candela in a direction. */
    public function candela(float $verticalDeg, float $horizontalDeg): float
    {
        $last = count($this->vertical) - 1;
        if ($verticalDeg < $this->vertical[0] - 1e-9 || $verticalDeg > $this->vertical[$last] + 1e-9) {
            return 0.0;
        }
        [$i, $s] = self::between($this->vertical, $verticalDeg);
        [$j, $t] = self::between($this->horizontal, $this->folded($horizontalDeg));
        $at = fn (int $h): float => ($this->candela[$h][$i] ?? 0.0) * (1 - $s) + ($this->candela[$h][min($i + 1, $last)] ?? 0.0) * $s;

        return $at($j) * (1 - $t) + $at(min($j + 1, count($this->horizontal) - 1)) * $t;
    }

    public function peak(): float
    {
        return max(array_map(static fn (array $plane): float => max($plane), $this->candela));
    }

    /** The flux of what lies between the angles, lumens: linear in the angle, so exact. */
    public function lumens(): float
    {
        $mean = $this->meanAround();
        $flux = 0.0;
        for ($i = 1; $i < count($mean); $i++) {
            [$a, $b] = [deg2rad($this->vertical[$i - 1]), deg2rad($this->vertical[$i])];
            $slope = ($mean[$i] - $mean[$i - 1]) / ($b - $a);
            $flux += $mean[$i - 1] * cos($a) - $mean[$i] * cos($b) + $slope * (sin($b) - sin($a));
        }

        return 2 * M_PI * $flux;
    }

    /** The same by the mean of each zone, as data sheets add it up. */
    public function zonalLumens(): float
    {
        $mean = $this->meanAround();
        $flux = 0.0;
        for ($i = 1; $i < count($mean); $i++) {
            $flux += ($mean[$i - 1] + $mean[$i]) / 2 * (cos(deg2rad($this->vertical[$i - 1])) - cos(deg2rad($this->vertical[$i])));
        }

        return 2 * M_PI * $flux;
    }

    /** @return list<float> candela by vertical angle, the mean around */
    private function meanAround(): array
    {
        $count = count($this->horizontal);
        $span = $this->horizontal[$count - 1] - $this->horizontal[0];
        $mean = [];
        foreach (array_keys($this->vertical) as $i) {
            $sum = 0.0;
            for ($j = 1; $j < $count; $j++) {
                $sum += (
                    ($this->candela[$j - 1][$i] ?? 0.0)
                    + ($this->candela[$j][$i] ?? 0.0)
                ) / 2 * ($this->horizontal[$j] - $this->horizontal[$j - 1]);
            }
            $mean[] = $count === 1 || $span <= 0 ? $this->candela[0][$i] ?? 0.0 : $sum / $span;
        }

        return $mean;
    }

    /** A horizontal angle within the range that is given, by its symmetry. */
    private function folded(float $deg): float
    {
        $deg = fmod(fmod($deg, 360) + 360, 360);
        $last = $this->horizontal[count($this->horizontal) - 1];
        $first = $this->horizontal[0];

        return match (true) {
            count($this->horizontal) === 1 => $first,
            $first >= 89.0 && $last <= 271.0 && $deg < 90 => 180 - $deg,
            $first >= 89.0 && $last <= 271.0 && $deg > 270 => 540 - $deg,
            $first >= 89.0 && $last <= 271.0 => $deg,
            $last <= 91.0 => 90 - abs(90 - abs(180 - abs($deg - 180))),
            $last <= 181.0 => $deg > 180 ? 360 - $deg : $deg,
            default => $deg,
        };
    }

    /**
     * @param  non-empty-list<float>  $angles
     * @return array{int, float} the angle before, and the share of the way to the next
     */
    private static function between(array $angles, float $deg): array
    {
        $last = count($angles) - 1;
        for ($i = 0; $i < $last; $i++) {
            if ($deg <= $angles[$i + 1]) {
                return [$i, max(0.0, ($deg - $angles[$i]) / ($angles[$i + 1] - $angles[$i]))];
            }
        }

        return [$last, 0.0];
    }
}
