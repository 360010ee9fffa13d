<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;

/** Furniture, people and what is built in, as one block each: enough to take and give back the light of a room. */
final class Clutter
{
    /** What furniture and clothes send back on the whole, where nobody has sampled them. */
    public const GIVES = 0.3;

    /** Smaller things take no light to speak of, metres from middle to corner. */
    private const LEAST_M = 0.3;

    /** The largest of them count. */
    private const MOST = 24;

    private readonly float $x;

    private readonly float $y;

    private readonly float $z;

    private readonly float $square;

    private function __construct(public readonly string $owner, private readonly Solid $block)
    {
        [[$this->x, $this->y, $this->z], $this->square] = [$block->centre, $block->radius ** 2 + 1e-9];
    }

    /** What tells it from another, for what is computed once for a room. */
    public function key(): string
    {
        return $this->owner.' '.implode(
            ' ',
            array_map(
                static fn (array $p): string => implode(',', array_map(static fn (float $v): string => (string) round($v, 4), $p)),
                $this->block->points,
            ),
        );
    }

    /**
     * @return list<self> the largest first. Boards and cloths are left out: a face is lit by these as such
     */
    public static function allOf(Scene $scene): array
    {
        $boards = array_column(array_filter($scene->setup->setup->furniture, static fn ($f): bool => $f->reflects !== null), null, 'id');
        $points = [];
        foreach ($scene->solids as $i => $solid) {
            if (
                in_array(
                    $solid->kind,
                    [ThingKind::Furniture, ThingKind::Kit, ThingKind::Built, ThingKind::Subject, ThingKind::Interviewer],
                    true,
                )
                && ! isset($boards[$solid->owner])
            ) {
                // A row of columns is no block, each of them is.
                $key = $solid->kind === ThingKind::Built ? "built $i" : $solid->owner;
                $points[$key] = [$solid->owner, [...$points[$key][1] ?? [], ...$solid->points]];
            }
        }
        $all = [];
        foreach ($points as [$owner, $its]) {
            $block = self::block($owner, $its);
            if ($block->radius >= self::LEAST_M) {
                $all[] = new self($owner, $block);
            }
        }
        usort($all, static fn (self $a, self $b): int => $b->block->radius <=> $a->block->radius);

        return array_slice($all, 0, self::MOST);
    }

    /**
     * The first that stands between two points.
     *
     * @param  list<self>  $all
     * @param  string  $but  whose does not count
     */
    public static function between(array $all, Vec3 $from, Vec3 $to, string $but = ''): ?int
    {
        [$fx, $fy, $fz] = [$from->x, $from->y, $from->z];
        [$rx, $ry, $rz] = [$to->x - $fx, $to->y - $fy, $to->z - $fz];
        $length = $rx * $rx + $ry * $ry + $rz * $rz;
        [$first, $nearest] = [null, 0.999];
        foreach ($all as $i => $one) {
            // Past its sphere, the block needs not be asked.
            [$x, $y, $z] = [$one->x - $fx, $one->y - $fy, $one->z - $fz];
            $along = $x * $rx + $y * $ry + $z * $rz;
            if ($x * $x + $y * $y + $z * $z - $along * $along / $length > $one->square || $one->owner === $but) {
                continue;
            }
            $met = $one->block->hitBy([$fx, $fy, $fz], [$rx, $ry, $rz]);
            if ($met !== null && $met < $nearest) {
                [$first, $nearest] = [$i, $met];
            }
        }

        return $first;
    }

    /** @param  non-empty-list<array{float, float, float}>  $points */
    private static function block(string $owner, array $points): Solid
    {
        [$xs, $ys, $zs] = [array_column($points, 0), array_column($points, 1), array_column($points, 2)];
        [$x0, $y0, $z0, $x1, $y1, $z1] = [min($xs), min($ys), min($zs), max($xs), max($ys), max($zs)];

        return new Solid($owner, ThingKind::Furniture, Material::Wood,
            [
                [$x0, $y0, $z0], [$x1, $y0, $z0], [$x1, $y1, $z0], [$x0, $y1, $z0], [$x0, $y0, $z1], [$x1, $y0, $z1],
                [$x1, $y1, $z1], [$x0, $y1, $z1],
            ],
            [[3, 2, 1, 0], [4, 5, 6, 7], [0, 1, 5, 4], [1, 2, 6, 5], [2, 3, 7, 6], [3, 0, 4, 7]]);
    }
}
