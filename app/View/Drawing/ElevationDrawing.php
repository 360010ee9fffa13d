<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Reader;
use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\BoomStudy;
use FineFrame\Judge\Situation;
use FineFrame\Scene\Material;
use FineFrame\Scene\Solid;

/** The set from the side, square to A's line: heights, tilts and what each lens covers, true to scale. */
final readonly class ElevationDrawing
{
    private Vec2 $along;

    private float $from;

    private float $to;

    public function __construct(private Situation $situation, private Reader $reader)
    {
        $a = $situation->setup->camera(0);
        $body = $a === null ? null : $situation->setup->bodyFor($a);
        $this->along = $a === null || $body === null ? new Vec2(1, 0) : $body->person->place->minus($a->placement->place)->unit();
        $reach = array_map($this->along->dot(...), $situation->setup->room->corners());
        [$this->from, $this->to] = [min($reach), max($reach)];
    }

    public function viewBox(): string
    {
        $height = $this->top();

        return implode(
            ' ',
            array_map(
                static fn (float $n): float => round($n * Sheet::UNITS, 1),
                [$this->from - 0.35, -$height - 0.3, $this->to - $this->from + 2.2, $height + 0.6],
            ),
        );
    }

    public function text(): float
    {
        return round(($this->to - $this->from + 2.2) * Sheet::UNITS / 58, 1);
    }

    public function room(): string
    {
        return $this->path([[$this->from, 0.0], [$this->to, 0.0], ...array_reverse($this->profile())]);
    }

    private function top(): float
    {
        return $this->situation->setup->room->heightM;
    }

    /** @return list<array{float, float}> the highest of the ceiling across the view, from left to right */
    private function profile(): array
    {
        $room = $this->situation->setup->room;
        $edges = $xs = [];
        foreach ($room->panels() as $panel) {
            $tops = array_map(
                fn (Vec3 $p): array => [round($this->along->dot($p->floor()), 2), $p->z],
                $panel->room->ceiling->along($panel->wall->line, $panel->room->heightM),
            );
            for ($i = 1; $i < count($tops); $i++) {
                $edges[] = $tops[$i - 1][0] <= $tops[$i][0] ? [$tops[$i - 1], $tops[$i]] : [$tops[$i], $tops[$i - 1]];
            }
            array_push($xs, ...array_column($tops, 0));
        }
        $xs = array_values(array_unique($xs));
        sort($xs);
        $highest = static fn (float $x): float => max(
            0.0,
            ...array_map(
                static fn (array $e): float => $e[1][0] - $e[0][0] < 0.02 ? max($e[0][1], $e[1][1]) : $e[0][1] + (
                    $e[1][1]
                    - $e[0][1]
                ) * ($x - $e[0][0]) / ($e[1][0] - $e[0][0]),
                array_filter($edges, static fn (array $e): bool => $x >= $e[0][0] - 0.02 && $x <= $e[1][0] + 0.02),
            ),
        );

        return array_map(static fn (float $x): array => [$x, $highest($x)], $xs);
    }

    /** @return list<array{class: string, path: string}> far things first */
    public function solids(): array
    {
        $solids = $this->situation->scene->solids;
        $away = $this->along->left();
        usort(
            $solids,
            static fn (Solid $a, Solid $b): int => $away->dot(
                new Vec2($b->centre[0], $b->centre[1]),
            ) <=> $away->dot(new Vec2($a->centre[0], $a->centre[1])),
        );

        $flat = fn (array $p): array => [$this->along->x * $p[0] + $this->along->y * $p[1], $p[2]];

        return array_map(fn (Solid $s): array => [
            'class' => $s->kind->value.($s->material === Material::Skin ? ' skin' : ''),
            'path' => $this->path(Convex::hull(array_map($flat, $s->points))),
        ], $solids);
    }

    /**
     * @return list<array{id: string, label: string, path: string, at: array{float, float}}> top and bottom of each delivered frame, to the
     *     floor, ceiling or wall
     */
    public function cones(): array
    {
        $cones = [];
        foreach ($this->situation->scene->views as $id => $view) {
            $eye = $view->camera->pupil();
            $half = $view->cropY;
            $ends = array_map(fn (float $y): array => $this->meet($eye, new Vec3(...$view->ray([0.0, $y]))), [$half, -$half]);
            $cones[] = [
                'id' => $id,
                'label' => $view->camera->placement->label,
                'path' => $this->path([$this->flat($eye), ...$ends]),
                'at' => $this->units($this->flat($eye)),
            ];
        }

        return $cones;
    }

    /** @return list<array{float, float}> the inner side of where booms may be */
    public function boomPlaces(): array
    {
        $dots = [];
        foreach ($this->situation->scene->booms as $boom) {
            foreach ((new BoomStudy($this->situation, $boom))->volume() as [$tip]) {
                $dots[] = $this->units($this->flat($tip));
            }
        }

        return $dots;
    }

    /** @return list<array{words: string, at: array{float, float}, line: string}> heights that everything hangs from */
    public function heights(): array
    {
        $marks = [];
        foreach ($this->situation->setup->bodies as $body) {
            $marks[] = [$body->person->name.'’s eyes', $body->eyes];
        }
        foreach ($this->situation->setup->cameras as $camera) {
            $marks[] = [$camera->placement->label, $camera->pupil()];
        }
        foreach ($this->situation->scene->booms as $id => $boom) {
            $marks[] = [$this->situation->name($id), $boom->tip()];
        }
        foreach ($this->situation->scene->lamps as $id => $lamp) {
            $marks[] = [$this->situation->name($id), $lamp->centre()];
        }
        usort($marks, static fn (array $a, array $b): int => $b[1]->z <=> $a[1]->z);
        $all = [];
        $last = INF;
        foreach ($marks as [$name, $point]) {
            $level = min($point->z, $last - 0.19);
            $last = $level;
            $start = [$this->to + 0.12, $level];
            $all[] = [
                'words' => $name.' '.$this->reader->metres($point->z),
                'at' => $this->units([$this->to + 0.16, $level - 0.04]),
                'line' => $this->path([$this->flat($point), $start], false),
            ];
        }

        return $all;
    }

    /** @return array{float, float} */
    private function meet(Vec3 $eye, Vec3 $ray): array
    {
        [$wall] = $this->situation->setup->room->firstWall($eye->floor(), $ray->floor()->unit());
        $reach = $wall / max($ray->floor()->length(), 1e-6);
        $reach = $ray->z > 1e-6 ? min($reach, ($this->top() - $eye->z) / $ray->z) : $reach;
        $reach = $ray->z < -1e-6 ? min($reach, $eye->z / -$ray->z) : $reach;

        return $this->flat($eye->plus($ray->times($reach)));
    }

    /** @return array{float, float} */
    private function flat(Vec3 $p): array
    {
        return [$this->along->dot($p->floor()), $p->z];
    }

    /**
     * @param  array{float, float}  $p
     * @return array{float, float}
     */
    private function units(array $p): array
    {
        return [round($p[0] * Sheet::UNITS, 1), round(-$p[1] * Sheet::UNITS, 1)];
    }

    /** @param  list<array{float, float}>  $points */
    private function path(array $points, bool $closed = true): string
    {
        return 'M'.implode('L', array_map(fn (array $p): string => implode(' ', $this->units($p)), $points)).($closed ? 'Z' : '');
    }
}
