<?php

declare(strict_types=1);

namespace FineFrame\Format\Dxf;

use FineFrame\Format\UnreadableFile;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Space\TapeBook;

/**
 * A room from DXF (R12 and later, ASCII): LINE, POLYLINE and LWPOLYLINE on layers with “wall” in their name make the walls; lines on
 * layers with “door” or “window” that lie along a wall make its openings. Where no layer says wall, the longest closed outline does.
 */
final class Reader
{
    /** Ends of lines that are to meet may miss by this much, metres. */
    private const JOINS_M = 0.02;

    private const ON_WALL_M = 0.15;

    /** $INSUNITS: metres in a drawing unit. */
    private const UNITS = [1 => 0.0254, 2 => 0.3048, 4 => 0.001, 5 => 0.01, 6 => 1.0];

    /**
     * @param  float  $metresAUnit  for drawings that do not say: R12 has no units
     * @return array{walls: list<array<string, mixed>>, openings: list<array<string, mixed>>, turned_deg: float} walls and openings as the plan file writes them, and how far the drawing was turned clockwise to lay its first wall along x
     *
     * @throws UnreadableFile if it is no DXF or holds no closed outline
     */
    public static function read(string $dxf, float $metresAUnit = 1.0): array
    {
        [$paths, $unit] = self::paths($dxf, $metresAUnit);
        $scaled = array_map(static fn (array $p): array => [$p[0], array_map(static fn (Vec2 $c): Vec2 => $c->times($unit), $p[1]), $p[2]], $paths);
        $corners = self::outline(array_values(array_filter($scaled, static fn (array $p): bool => str_contains($p[0], 'WALL')))) ?? self::outline($scaled) ?? throw UnreadableFile::without('closed outline of walls');
        if ((new Polygon($corners))->signedArea() < 0) {
            $corners = array_reverse($corners);
        }
        $walls = [];
        $count = count($corners);
        foreach ($corners as $i => $corner) {
            $along = $corners[($i + 1) % $count]->minus($corner);
            $next = $corners[($i + 2) % $count]->minus($corners[($i + 1) % $count]);
            $walls[] = ['id' => 'w'.($i + 1), 'name' => 'wall '.TapeBook::letter($i), 'length_m' => round($along->length(), 4), 'turn_deg' => round(rad2deg(atan2($along->cross($next), $along->dot($next))), 4), 'by' => 'drawing'];
        }

        return ['walls' => $walls, 'openings' => self::openings($scaled, $corners), 'turned_deg' => round(rad2deg(M_PI / 2 - $corners[1 % $count]->minus($corners[0])->bearing()), 4)];
    }

    /**
     * @return array{list<array{string, list<Vec2>, bool}>, float} layer, points and whether closed; metres in a unit
     *
     * @throws UnreadableFile
     */
    private static function paths(string $dxf, float $unit): array
    {
        $lines = preg_split('/\R/', $dxf) ?: [];
        str_contains($dxf, 'ENTITIES') && count($lines) > 8 ?: throw UnreadableFile::without('drawing that can be read: save it as ASCII DXF, R12');
        $paths = [];
        $now = null;
        $kind = '';
        for ($i = 0; $i + 1 < count($lines); $i += 2) {
            [$code, $value] = [trim($lines[$i]), trim($lines[$i + 1])];
            if ($code === '9' && $value === '$INSUNITS') {
                $unit = self::UNITS[(int) trim($lines[$i + 3] ?? '')] ?? $unit;
            }
            if ($code === '0') {
                $kind = $value;
                if (in_array($value, ['LINE', 'POLYLINE', 'LWPOLYLINE'], true)) {
                    $now === null ?: $paths[] = $now;
                    $now = ['', [], false];
                } elseif ($value !== 'VERTEX' && $now !== null) {
                    $paths[] = $now;
                    $now = null;
                }
            } elseif ($now !== null) {
                $now = self::fed($now, $kind, $code, $value);
            }
        }
        $now === null ?: $paths[] = $now;

        return [array_values(array_filter($paths, static fn (array $p): bool => count($p[1]) >= 2)), $unit];
    }

    /**
     * @param  array{string, list<Vec2>, bool}  $path
     * @return array{string, list<Vec2>, bool}
     */
    private static function fed(array $path, string $kind, string $code, string $value): array
    {
        $points = $path[1];
        $last = count($points) - 1;

        return match (true) {
            $code === '8' && $kind !== 'VERTEX' => [strtoupper($value), $points, $path[2]],
            $code === '70' && $kind !== 'VERTEX' => [$path[0], $points, ((int) $value & 1) === 1],
            ($code === '10' && $kind !== 'POLYLINE') || $code === '11' => [$path[0], [...$points, new Vec2((float) $value, 0.0)], $path[2]],
            (($code === '20' && $kind !== 'POLYLINE') || $code === '21') && $last >= 0 => [$path[0], [...array_slice($points, 0, -1), new Vec2($points[$last]->x, (float) $value)], $path[2]],
            default => $path,
        };
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
        $loose = array_values(array_filter($paths, static fn (array $p): bool => ! $p[2]));
        while ($loose !== []) {
            $chain = array_shift($loose)[1];
            do {
                $grown = false;
                foreach ($loose as $i => [, $points]) {
                    $end = $chain[count($chain) - 1];
                    $points = $points[0]->distanceTo($end) < self::JOINS_M ? $points : ($points[count($points) - 1]->distanceTo($end) < self::JOINS_M ? array_reverse($points) : null);
                    if ($points !== null) {
                        array_push($chain, ...array_slice($points, 1));
                        unset($loose[$i]);
                        [$loose, $grown] = [array_values($loose), true];
                        break;
                    }
                }
            } while ($grown);
            if (count($chain) > 3 && $chain[0]->distanceTo($chain[count($chain) - 1]) < self::JOINS_M) {
                $best = self::larger($best, array_slice($chain, 0, -1));
            }
        }

        return $best;
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
            $point->distanceTo($before) < 1e-6 || abs($point->minus($before)->unit()->cross($after->minus($point)->unit())) < 1e-6 ?: $clean[] = $point;
        }

        return count($clean) < 3 || ($best !== null && abs((new Polygon($clean))->signedArea()) <= abs((new Polygon($best))->signedArea())) ? $best : $clean;
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
            $kind = str_contains($layer, 'WINDOW') ? 'window' : (str_contains($layer, 'DOOR') ? 'door' : null);
            foreach ($kind === null ? [] : (new Polygon($corners))->edges() as $i => $edge) {
                [$a, $b] = [$points[0], $points[count($points) - 1]];
                if ($edge->distanceTo($a) > self::ON_WALL_M || $edge->distanceTo($b) > self::ON_WALL_M) {
                    continue;
                }
                $from = [$edge->direction()->dot($a->minus($edge->from)), $edge->direction()->dot($b->minus($edge->from))];
                $width = abs($from[1] - $from[0]);
                if ($width >= 0.1) {
                    $openings[] = ['id' => $kind.'-'.(count($openings) + 1), 'name' => $kind.' '.(count($openings) + 1), 'kind' => $kind, 'wall' => 'w'.($i + 1), 'offset_m' => round(max(0.0, min($from)), 4), 'width_m' => round($width, 4), 'sill_m' => $kind === 'door' ? 0.0 : 0.9, 'head_m' => $kind === 'door' ? 2.0 : 2.1];
                }
                break;
            }
        }

        return $openings;
    }
}
