<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;
use FineFrame\Space\FloorBody;
use FineFrame\Space\ImpossibleWay;
use FineFrame\Space\WayOut;
use FineFrame\Space\WaysOut;

final class RouteCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        $ways = $this->ways($in);
        $from = self::at($in->numbers('from'));
        $person = $in->number('person_width_m');

        return match ($kind === 'refuse' ? $in->word('as_kind') : $kind) {
            'clear_width' => $this->width($ways, $from, $person),
            'move' => $this->move($ways, $from),
            'walk' => $this->walk($ways, $from, $person),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function width(WaysOut $ways, Vec2 $from, float $person): array
    {
        if ($person <= 0.0) {
            throw ImpossibleWay::flat('a person');
        }
        $all = $ways->from($from);
        $best = WayOut::best($all);
        $width = $all[$best]->widthM;

        return [
            'clear_width_m' => $width,
            'passes' => $width >= $person - 1e-9,
            'exit_widths_m' => array_map(static fn (WayOut $w): float => $w->widthM, $all),
            'exit' => $width > 0.0 ? $best : null,
            'between' => $width > 0.0 ? $all[$best]->between : null,
        ];
    }

    /** @return array<string, mixed> */
    private function move(WaysOut $ways, Vec2 $from): array
    {
        $all = $ways->from($from);
        $now = $all[WayOut::best($all)]->widthM;
        $without = $ways->without($from);

        return ['clear_width_m' => $now, 'without' => $without, 'best_move' => WaysOut::bestMove($now, $without)];
    }

    /** @return array<string, mixed> */
    private function walk(WaysOut $ways, Vec2 $from, float $person): array
    {
        $walk = $ways->walk($from, $person);

        return $walk === null ? ['passes' => false] : ['passes' => true, 'walk_m' => $walk[1], 'exit' => $walk[0]];
    }

    private function ways(Inputs $in): WaysOut
    {
        $bodies = array_map(static function (array $row): FloorBody {
            $f = new Inputs($row);
            $centre = self::at($f->numbers('centre'));

            return match (true) {
                $f->has('radius_m') => FloorBody::round($f->word('id'), $centre, $f->number('radius_m')),
                min($f->number('width_m'), $f->number('depth_m')) <= 0.0 => throw ImpossibleWay::flat($f->word('id')),
                default => FloorBody::piece(
                    $f->word('id'),
                    Polygon::box($centre, $f->number('width_m'), $f->number('depth_m'), -deg2rad($f->number('angle_deg'))),
                ),
            };
        }, $in->lists('furniture'));
        $exits = [];
        foreach ($in->lists('exits') as $row) {
            $exits[(new Inputs($row))->word('id')] = new Segment(...self::points($row['line']));
        }
        $floor = new Polygon(self::points($in->lists('room')));

        return WaysOut::of([$floor], $floor->edges(), $bodies, $exits);
    }

    /** @return list<Vec2> */
    private static function points(mixed $points): array
    {
        return array_map(
            static fn (mixed $p): Vec2 => self::at(array_map(Inputs::float(...), is_array($p) ? array_values($p) : [])),
            is_array($points) ? array_values($points) : [],
        );
    }

    /** @param  list<float>  $point */
    private static function at(array $point): Vec2
    {
        return new Vec2($point[0], $point[1]);
    }
}
