<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Motion;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;

/**
 * What is overhead: flat at the room's height, sloped through points that were taped, or nothing. Each slope is a plane
 * by least squares through its points; where slopes meet, the lower one is the ceiling, so two make a pitched roof.
 */
final readonly class Ceiling implements Part
{
    /**
     * @param  list<CeilingPoint>  $points
     * @param  list<array{float, float, float}>  $planes  height = a + b·x + c·y
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public CeilingKind $kind,
        public array $points,
        private array $planes,
        public float $worstM,
        private float $topM,
        private array $extra,
    ) {
    }

    public static function read(Node $node, float $heightM): self
    {
        $kind = $node->choice('kind', CeilingKind::class, CeilingKind::Flat);
        $points = $node->each('points', CeilingPoint::read(...), 60);
        $planes = [];
        $worst = 0.0;
        if ($kind === CeilingKind::Sloped && ! $node->problems->any()) {
            $slopes = [];
            foreach ($points as $point) {
                $slopes[$point->slope][] = $point;
            }
            if ($slopes === []) {
                $node->wrong('points', 'of a sloped ceiling: tape its height at three places at least');
            }
            foreach ($slopes as $slope => $on) {
                $plane = count($on) < 3 ? null : self::plane($on);
                if ($plane === null) {
                    $node->wrong(
                        'points',
                        'of slope {slope} must be three or more that do not lie on one line',
                        ['slope' => (string) $slope],
                    );
                }
                $planes[] = $plane ?? [$heightM, 0.0, 0.0];
                foreach ($on as $point) {
                    $worst = max($worst, abs(self::height($plane ?? [$point->heightM, 0.0, 0.0], $point->at) - $point->heightM));
                }
            }
        }

        return new self($kind, $points, $planes, $worst, $heightM, $node->rest());
    }

    /** The same over a room that was moved. */
    public function moved(Motion $by): self
    {
        return new self($this->kind, $this->points, array_map(static function (array $plane) use ($by): array {
            $slope = $by->turned(new Vec2($plane[1], $plane[2]));

            return [$plane[0] - $slope->dot($by->shift), $slope->x, $slope->y];
        }, $this->planes), $this->worstM, $this->topM, $this->extra);
    }

    /** Metres above the floor at a place; infinite in the open. */
    public function heightAt(Vec2 $place): float
    {
        return match ($this->kind) {
            CeilingKind::None => INF,
            CeilingKind::Flat => $this->topM,
            CeilingKind::Sloped => min($this->topM, ...array_map(static fn (array $p): float => self::height($p, $place), $this->planes)),
        };
    }

    /** @return list<array{float, float, float}> the planes overhead, the flat top among them: height = a + b·x + c·y */
    private function planes(): array
    {
        return match ($this->kind) {
            CeilingKind::None => [],
            CeilingKind::Flat => [[$this->topM, 0.0, 0.0]],
            CeilingKind::Sloped => [[$this->topM, 0.0, 0.0], ...$this->planes],
        };
    }

    /**
     * The ceiling over a floor, a face for each slope where it is the lowest.
     *
     * @return list<non-empty-list<Vec3>>
     */
    public function over(Polygon $floor): array
    {
        $faces = [];
        foreach ($planes = $this->planes() as $i => $plane) {
            $points = array_map(static fn (Vec2 $c): array => [$c->x, $c->y], $floor->corners);
            foreach ($planes as $j => $other) {
                $points = $i === $j || $points === []
                    ? $points
                    : Convex::below($points, $plane[1] - $other[1], $plane[2] - $other[2], $other[0] - $plane[0] + ($i < $j ? 1e-9 : 0.0));
            }
            $corners = array_map(
                static fn (array $p): Vec3 => new Vec3($p[0], $p[1], self::height($plane, new Vec2($p[0], $p[1]))),
                $points,
            );
            if (count($corners) >= 3) {
                $faces[] = $corners;
            }
        }

        return $faces;
    }

    /**
     * The upper edge of a wall, from its beginning to its end, bent where slopes meet.
     *
     * @return non-empty-list<Vec3>
     */
    public function along(Segment $line, float $openTopM): array
    {
        if ($this->kind === CeilingKind::None) {
            return [$line->from->at($openTopM), $line->to->at($openTopM)];
        }
        $shares = [0.0, 1.0];
        $planes = $this->planes();
        foreach ($planes as $i => $one) {
            for ($j = $i + 1; $j < count($planes); $j++) {
                [$a, $b] = [
                    self::height($one, $line->from) - self::height($planes[$j], $line->from),
                    self::height($one, $line->to) - self::height($planes[$j], $line->to),
                ];
                if ($a * $b < 0 && self::height($one, $at = $line->at($a / ($a - $b))) < $this->heightAt($at) + 1e-6) {
                    $shares[] = $a / ($a - $b);
                }
            }
        }
        sort($shares);

        return array_map(fn (float $s): Vec3 => $line->at($s)->at($this->heightAt($line->at($s))), $shares);
    }

    /** @param  array{float, float, float}  $plane */
    private static function height(array $plane, Vec2 $place): float
    {
        return $plane[0] + $plane[1] * $place->x + $plane[2] * $place->y;
    }

    public function write(): array
    {
        return [
            'kind' => $this->kind->value,
            'points' => array_map(static fn (CeilingPoint $p): array => $p->write(), $this->points),
        ] + $this->extra;
    }

    /**
     * @param  non-empty-list<CeilingPoint>  $points
     * @return array{float, float, float}|null null if they lie on one line
     */
    private static function plane(array $points): ?array
    {
        $normal = array_fill(0, 3, [0.0, 0.0, 0.0]);
        $right = [0.0, 0.0, 0.0];
        foreach ($points as $point) {
            $row = [1.0, $point->at->x, $point->at->y];
            foreach ($row as $i => $one) {
                $right[$i] += $one * $point->heightM;
                foreach ($row as $j => $other) {
                    $normal[$i][$j] += $one * $other;
                }
            }
        }
        $matrix = Matrix::factored($normal);
        [$a, $b, $c] = $matrix->solve($right);

        return $matrix->left === 0 ? [$a, $b, $c] : null;
    }
}
