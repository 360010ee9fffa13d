<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\Rooms;

/**
 * The windows of a place as holes in its walls, for what shines or is seen through them from outside. A ray has to pass the
 * inner and the outer side of a deep wall. Glass and cloth let their share through straight on: that frosted glass and sheers
 * scatter it is left out.
 */
final readonly class Holes
{
    /** Places on a window, a side, by which light that comes in is shared out. */
    private const GRID = 5;

    /**
     * @var array<string, list<array{Vec2, Vec2, Vec2, float, float, float, float, float}>> by wall: corner, unit along it, unit inward,
     *     width, sill, head, depth, share let through
     */
    private array $byWall;

    private string $key;

    public function __construct(Rooms $rooms)
    {
        $all = [];
        foreach ($rooms->openings as $opening) {
            $passes = Windows::veil($opening)->passes();
            if ($opening->kind === OpeningKind::Window && $passes > 0.0) {
                $line = $rooms->lineOf($opening);
                $all[$opening->wall][] = [
                    $line->from, $line->direction(), $rooms->wallOf($opening)->inward(), $line->length(),
                    $opening->sillM, $opening->headM, $opening->revealM, $passes,
                ];
            }
        }
        $this->byWall = $all;
        $this->key = hash('xxh128', serialize($all), true);
    }

    /**
     * The share of light along a ray that a wall lets through where it is met; 0 but in a window.
     *
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $ray
     * @param  float  $along  how far along the ray the wall is met
     */
    public function passes(string $wall, array $from, array $ray, float $along): float
    {
        foreach ($this->byWall[$wall] ?? [] as [$corner, $unit, $inward, $width, $sill, $head, $depth, $passes]) {
            $out = abs($inward->x * $ray[0] + $inward->y * $ray[1]);
            // Seen from the room the outer side is farther along, seen from outside nearer.
            $side = $inward->x * $ray[0] + $inward->y * $ray[1] < 0 ? 1 : -1;
            $step = $out < 1e-9 ? 0.0 : $side * $depth / $out;
            $isThrough = true;
            foreach ([$along, $along + $step] as $at) {
                $s = ($from[0] + $at * $ray[0] - $corner->x) * $unit->x + ($from[1] + $at * $ray[1] - $corner->y) * $unit->y;
                $z = $from[2] + $at * $ray[2];
                $isThrough = $isThrough && $s >= 0.0 && $s <= $width && $z >= $sill && $z <= $head;
            }
            if ($isThrough) {
                return $passes;
            }
        }

        return 0.0;
    }

    /** The same for places whose windows let through the same in the same places. */
    public function key(): string
    {
        return $this->key;
    }

    /** @return list<array{Vec3, Vec3, float}> all windows in small parts: middle, unit inward, square metres */
    public function parts(): array
    {
        $parts = [];
        foreach (array_merge([], ...array_values($this->byWall)) as [$corner, $unit, $inward, $width, $sill, $head]) {
            for ($i = 0; $i < self::GRID ** 2; $i++) {
                $parts[] = [
                    $corner->plus(
                        $unit->times($width * (intdiv($i, self::GRID) + 0.5) / self::GRID),
                    )->at($sill + ($head - $sill) * ($i % self::GRID + 0.5) / self::GRID),
                    $inward->at(0.0), $width * ($head - $sill) / self::GRID ** 2,
                ];
            }
        }

        return $parts;
    }
}
