<?php

declare(strict_types=1);

namespace FineFrame\Format\Dxf;

use FineFrame\Format\UnreadableFile;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Space\TapeBook;

/**
 * A room from DXF (R12 and later, ASCII): what is drawn on layers with “wall” in their name makes the walls; lines on
 * layers with “door” or “window” that lie along a wall make its openings. Where no layer says wall, the longest closed outline does.
 */
final class Reader
{
    /** Ends of lines that are to meet may miss by this much, metres. */
    private const JOINS_M = 0.02;

    private const ON_WALL_M = 0.15;

    private const MOST_WALLS = 60;

    /**
     * @param  float  $metresAUnit  for drawings that do not say: R12 has no units
     * @return array{walls: list<array<string, mixed>>, openings: list<array<string, mixed>>, turned_deg: float} walls and openings as the
     *     plan file writes them, and how far the drawing was turned clockwise to lay its first wall along x
     *
     * @throws UnreadableFile if it is no DXF or holds no closed outline
     */
    public static function read(string $dxf, float $metresAUnit = 1.0): array
    {
        $drawing = Drawing::read($dxf, $metresAUnit);
        $scaled = $drawing->paths();
        $walls = array_values(array_filter($scaled, static fn (array $p): bool => str_contains($p[0], 'WALL')));
        $corners = self::outline($walls);
        if ($corners === null && ($unread = $drawing->unread('WALL')) !== null) {
            throw UnreadableFile::saying("The walls hold a $unread, which is not read: draw them as lines, polylines and arcs.");
        }
        $corners ??= self::outline($scaled) ?? throw UnreadableFile::without('closed outline of walls');
        if (count($corners) > self::MOST_WALLS) {
            throw UnreadableFile::saying(
                'The outline has '.count($corners).' corners; a room may have '.self::MOST_WALLS
                    .'. Draw curved walls as a few straight pieces.',
            );
        }
        if ((new Polygon($corners))->signedArea() < 0) {
            $corners = array_reverse($corners);
        }
        $walls = [];
        $count = count($corners);
        foreach ($corners as $i => $corner) {
            $along = $corners[($i + 1) % $count]->minus($corner);
            $next = $corners[($i + 2) % $count]->minus($corners[($i + 1) % $count]);
            $walls[] = [
                'id' => 'w'.($i + 1),
                'name' => 'wall '.TapeBook::letter($i),
                'length_m' => round($along->length(), 4),
                'turn_deg' => round(rad2deg(atan2($along->cross($next), $along->dot($next))), 4),
                'by' => 'drawing',
            ];
        }

        return [
            'walls' => $walls,
            'openings' => self::openings($scaled, $corners),
            'turned_deg' => round(rad2deg(M_PI / 2 - $corners[1 % $count]->minus($corners[0])->bearing()), 4),
        ];
    }

    /**
     * The largest closed outline: one that is drawn so, or lines that meet end to end.
     *
     * @param  list<array{string, list<Vec2>, bool}>  $paths
     * @return non-empty-list<Vec2>|null
     */
    private static function outline(array $paths): ?array
    {
        $best = null;
        foreach ($paths as [, $points, $closed]) {
            if ($closed || (count($points) > 3 && $points[0]->distanceTo($points[count($points) - 1]) < self::JOINS_M)) {
                $best = self::larger($best, $closed ? $points : array_slice($points, 0, -1));
            }
        }
        foreach (self::chains(array_values(array_filter($paths, static fn (array $p): bool => ! $p[2]))) as $chain) {
            if (count($chain) > 3 && $chain[0]->distanceTo($chain[count($chain) - 1]) < self::JOINS_M) {
                $best = self::larger($best, array_slice($chain, 0, -1));
            }
        }

        return $best;
    }

    /**
     * Lines that meet end to end, found by the cells that their ends lie in.
     *
     * @param  list<array{string, list<Vec2>, bool}>  $paths
     * @return iterable<list<Vec2>>
     */
    private static function chains(array $paths): iterable
    {
        $cell = static fn (float $v): int => (int) floor($v / self::JOINS_M);
        $ends = [];
        foreach ($paths as $i => [, $points]) {
            foreach ([$points[0], $points[count($points) - 1]] as $end) {
                $ends[$cell($end->x).' '.$cell($end->y)][$i] = true;
            }
        }
        $left = array_fill_keys(array_keys($paths), true);
        foreach ($paths as $start => [, $chain]) {
            if (! isset($left[$start])) {
                continue;
            }
            unset($left[$start]);
            while (($next = self::next($paths, $ends, $left, $chain[count($chain) - 1])) !== null) {
                unset($left[$next[0]]);
                array_push($chain, ...array_slice($next[1], 1));
            }
            yield $chain;
        }
    }

    /**
     * @param  list<array{string, list<Vec2>, bool}>  $paths
     * @param  array<string, array<int, true>>  $ends
     * @param  array<int, true>  $left
     * @return array{int, list<Vec2>}|null what goes on from a point, the way it goes on
     */
    private static function next(array $paths, array $ends, array $left, Vec2 $end): ?array
    {
        [$x, $y] = [(int) floor($end->x / self::JOINS_M), (int) floor($end->y / self::JOINS_M)];
        foreach ([0, -1, 1] as $dx) {
            foreach ([0, -1, 1] as $dy) {
                foreach (array_keys($ends[($x + $dx).' '.($y + $dy)] ?? []) as $i) {
                    $points = $paths[$i][1];
                    if (! isset($left[$i])) {
                        continue;
                    }
                    if ($points[0]->distanceTo($end) < self::JOINS_M) {
                        return [$i, $points];
                    }
                    if ($points[count($points) - 1]->distanceTo($end) < self::JOINS_M) {
                        return [$i, array_reverse($points)];
                    }
                }
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<Vec2>|null  $best
     * @param  list<Vec2>  $points
     * @return non-empty-list<Vec2>|null
     */
    private static function larger(?array $best, array $points): ?array
    {
        $clean = [];
        foreach ($points as $i => $point) {
            $before = $points[($i + count($points) - 1) % count($points)];
            $after = $points[($i + 1) % count($points)];
            // A point on the way is no corner.
            if (
                $point->distanceTo($before) >= 1e-6
                && abs($point->minus($before)->unit()->cross($after->minus($point)->unit())) >= 1e-6
            ) {
                $clean[] = $point;
            }
        }

        return count($clean) < 3 || ($best !== null && abs((new Polygon($clean))->signedArea()) <= abs((new Polygon($best))->signedArea()))
            ? $best
            : $clean;
    }

    /**
     * @param  list<array{string, list<Vec2>, bool}>  $paths
     * @param  non-empty-list<Vec2>  $corners
     * @return list<array<string, mixed>>
     */
    private static function openings(array $paths, array $corners): array
    {
        $openings = [];
        foreach ($paths as [$layer, $points]) {
            $kind = match (true) {
                str_contains($layer, 'WINDOW') => 'window',
                str_contains($layer, 'DOOR') => 'door',
                default => null,
            };
            foreach ($kind === null ? [] : (new Polygon($corners))->edges() as $i => $edge) {
                [$a, $b] = [$points[0], $points[count($points) - 1]];
                if ($edge->distanceTo($a) > self::ON_WALL_M || $edge->distanceTo($b) > self::ON_WALL_M) {
                    continue;
                }
                $from = [$edge->direction()->dot($a->minus($edge->from)), $edge->direction()->dot($b->minus($edge->from))];
                $width = abs($from[1] - $from[0]);
                if ($width >= 0.1) {
                    $openings[] = [
                        'id' => $kind.'-'.(count($openings) + 1),
                        'name' => $kind.' '.(count($openings) + 1),
                        'kind' => $kind,
                        'wall' => 'w'.($i + 1),
                        'offset_m' => round(max(0.0, min($from)), 4),
                        'width_m' => round($width, 4),
                        'sill_m' => $kind === 'door' ? 0.0 : 0.9,
                        'head_m' => $kind === 'door' ? 2.0 : 2.1,
                    ];
                }
                break;
            }
        }

        return $openings;
    }
}
