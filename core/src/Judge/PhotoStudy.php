<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Photo\PhotoCamera;
use FineFrame\Photo\Readings;
use FineFrame\Photo\Resection;
use FineFrame\Photo\Undetermined;
use FineFrame\Plan\Location;

/** A photograph of a place, marked where points of the plan are seen: the camera that took it, and what can be measured on it. */
final class PhotoStudy
{
    /** A mark by a finger on a screen is off by so much of the picture’s width. Ours. */
    private const SIGMA = 0.0006;

    public ?Resection $solved = null;

    /** Why nothing can be measured yet; empty where it can. */
    public string $wanting = '';

    /** The mark that does not fit, by its point; null where all do. */
    public ?string $wrong = null;

    public function __construct(public readonly Location $place, public readonly Record $photo)
    {
        $known = self::points($place);
        $marks = [];
        foreach ($this->marks() as $row) {
            if (isset($known[$row->text('point')])) {
                $marks[] = [
                    'id' => $row->text('point'), 'at' => $known[$row->text('point')]['at'],
                    'px' => [$row->number('u_px') ?? 0.0, $row->number('v_px') ?? 0.0],
                ];
            }
        }
        try {
            $this->solved = Resection::of($this->widthPx(), $this->heightPx(), $marks, $this->focalPx());
            $this->wrong = $this->solved->wrong($this->sigmaPx());
        } catch (Undetermined $why) {
            $this->wanting = $why->getMessage();
        }
    }

    /** @return list<Record> on this photograph */
    public function marks(): array
    {
        return array_values(array_filter(
            $this->place->list('sightings'), fn (Record $r): bool => $r->text('photo') === $this->photo->id,
        ));
    }

    public function widthPx(): int
    {
        return (int) ($this->photo->number('width_px') ?? 4000.0);
    }

    public function heightPx(): int
    {
        return (int) ($this->photo->number('height_px') ?? 3000.0);
    }

    public function sigmaPx(): float
    {
        return max(1.0, self::SIGMA * $this->widthPx());
    }

    /**
     * What the plan knows and a photograph may show: corners of walls at floor and ceiling, corners of doors and windows.
     *
     * @return array<string, array{name: string, at: array{float, float, float}}> by what marks call them
     */
    public static function points(Location $place): array
    {
        $points = [];
        foreach ($place->rooms->walls as $wall) {
            $at = $wall->line->from;
            $points["corner/$wall->id/floor"] = ['name' => "corner where the $wall->name begins, floor", 'at' => [$at->x, $at->y, 0.0]];
            $points["corner/$wall->id/ceiling"] = [
                'name' => "corner where the $wall->name begins, ceiling", 'at' => [$at->x, $at->y, $place->rooms->heightAt($at)],
            ];
        }
        foreach ($place->rooms->openings as $opening) {
            $line = $place->rooms->lineOf($opening);
            foreach (['begins' => $line->from, 'ends' => $line->to] as $side => $at) {
                foreach (['sill' => $opening->sillM, 'head' => $opening->headM] as $level => $z) {
                    $points["opening/$opening->id/$side-$level"] = [
                        'name' => "$opening->name, where it $side along its wall, $level", 'at' => [$at->x, $at->y, $z],
                    ];
                }
            }
        }

        return $points;
    }

    /**
     * The plan as this camera saw it: edges of walls and openings, in shares of the picture.
     *
     * @return list<list<array{float, float}>>
     */
    public function drawn(): array
    {
        if ($this->solved === null) {
            return [];
        }
        $lines = [];
        foreach ($this->place->rooms->walls as $wall) {
            [$a, $b] = [$wall->line->from, $wall->line->to];
            [$ha, $hb] = [$this->place->rooms->heightAt($a), $this->place->rooms->heightAt($b)];
            array_push(
                $lines,
                [[$a->x, $a->y, 0.0], [$b->x, $b->y, 0.0]],
                [[$a->x, $a->y, $ha], [$b->x, $b->y, $hb]],
                [[$a->x, $a->y, 0.0], [$a->x, $a->y, $ha]],
            );
        }
        foreach ($this->place->rooms->openings as $opening) {
            $line = $this->place->rooms->lineOf($opening);
            $corner = static fn (bool $isEnd, float $z): array => [
                ($isEnd ? $line->to : $line->from)->x, ($isEnd ? $line->to : $line->from)->y, $z,
            ];
            $lines[] = [
                $corner(false, $opening->sillM), $corner(true, $opening->sillM), $corner(true, $opening->headM),
                $corner(false, $opening->headM), $corner(false, $opening->sillM),
            ];
        }

        return array_values(array_filter(array_map($this->along(...), $lines), static fn (array $l): bool => count($l) > 1));
    }

    /**
     * @param  string  $what  floor, height, or the id of a wall
     * @param  list<float>  $px  of both points
     * @return array{value: float, sigma: float} metres; on a wall, between the two points on it
     *
     * @throws Undetermined
     */
    public function read(string $what, array $px): array
    {
        $solved = $this->solved ?? throw Undetermined::tooFew(count($this->marks()), 4);
        $wall = $this->place->rooms->wall($what);
        $between = $wall === null ? null : [[$wall->line->from->x, $wall->line->from->y], [$wall->line->to->x, $wall->line->to->y]];
        $sigma = Readings::deviationOf(
            $solved, static fn (PhotoCamera $c, array $p): float => self::reading($c, $p, $what, $between), $px, $this->sigmaPx(),
        );

        return ['value' => self::reading($solved->camera, $px, $what, $between), 'sigma' => $sigma];
    }

    /**
     * @param  list<float>  $p
     * @param  array{array{float, float}, array{float, float}}|null  $wall
     *
     * @throws Undetermined
     */
    private static function reading(PhotoCamera $camera, array $p, string $what, ?array $wall): float
    {
        return match (true) {
            $what === 'height' => Readings::height($camera, [$p[0], $p[1]], [$p[2], $p[3]]),
            $wall !== null => self::onWall($camera, $wall[0], $wall[1], $p),
            default => Readings::length($camera, [$p[0], $p[1]], [$p[2], $p[3]]),
        };
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  list<float>  $p
     *
     * @throws Undetermined
     */
    private static function onWall(PhotoCamera $camera, array $a, array $b, array $p): float
    {
        [$from, $to] = [Readings::onWall($camera, $a, $b, [$p[0], $p[1]]), Readings::onWall($camera, $a, $b, [$p[2], $p[3]])];

        return hypot($to[0] - $from[0], $to[1] - $from[1]);
    }

    /** A lens whose length and sensor are known needs no solving; a sensor is measured along its longer side. */
    private function focalPx(): ?float
    {
        [$focal, $sensor] = [$this->photo->number('focal_mm'), $this->photo->number('sensor_mm')];

        return $focal === null || $sensor === null ? null : $focal / $sensor * max($this->widthPx(), $this->heightPx());
    }

    /**
     * Part by part, so that what lies behind the camera is left out.
     *
     * @param  list<array{float, float, float}>  $line
     * @return list<array{float, float}>
     */
    private function along(array $line): array
    {
        $seen = [];
        foreach ($line as $i => $to) {
            $from = $line[max(0, $i - 1)];
            foreach ($i === 0 ? [1.0] : [0.25, 0.5, 0.75, 1.0] as $t) {
                $px = $this->solved?->camera->seen([
                    $from[0] + $t * ($to[0] - $from[0]), $from[1] + $t * ($to[1] - $from[1]), $from[2] + $t * ($to[2] - $from[2]),
                ]);
                if ($px !== null && abs($px[0] / $this->widthPx() - 0.5) < 3 && abs($px[1] / $this->heightPx() - 0.5) < 3) {
                    $seen[] = [$px[0] / $this->widthPx(), $px[1] / $this->heightPx()];
                }
            }
        }

        return $seen;
    }
}
