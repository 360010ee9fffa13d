<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec2;
use FineFrame\Power\Leads;
use FineFrame\Power\Load;
use FineFrame\Power\Run;
use FineFrame\Power\Wire;
use FineFrame\Space\CableWay;
use FineFrame\Space\Gate;
use FineFrame\Space\ImpossibleWay;

final class CableCases implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind === 'refuse' ? $in->word('as_kind') : $kind) {
            'route' => $this->route($in),
            'lengths' => $this->lengths($in, $in->number('way_m')),
            'shared' => $this->shared($in),
            'drop' => $this->drop($in),
            'run' => $this->run($in),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function route(Inputs $in): array
    {
        $ends = $in->number('from_height_m') + $in->number('to_height_m');
        if (min($in->number('from_height_m'), $in->number('to_height_m')) < 0.0) {
            throw ImpossibleWay::negative('The height of an end');
        }
        $pieces = [];
        foreach ($in->lists('furniture') as $row) {
            $f = new Inputs($row);
            $pieces[$f->word('id')] = Polygon::box(
                self::at($f->numbers('centre')), $f->number('width_m'), $f->number('depth_m'), -deg2rad($f->number('angle_deg')),
            );
        }
        $gates = array_map(static function (array $row): Gate {
            $g = new Inputs($row);
            $line = array_map(static fn (array $p): Vec2 => self::at(array_map(Inputs::float(...), $p)), $g->lists('line'));
            $jambs = array_map(static fn (array $p): Vec2 => self::at(array_map(Inputs::float(...), $p)), $g->lists('jambs'));

            return new Gate(
                $g->word('id'),
                new Segment($line[0], $line[1]),
                $g->number('crossing_extra_m'),
                $g->has('height_m') ? new Segment($jambs[0], $jambs[1]) : null,
                $g->orNull('height_m') ?? 0.0,
            );
        }, $in->lists('doors'));
        $corners = array_map(static fn (array $p): Vec2 => self::at(array_map(Inputs::float(...), $p)), $in->lists('room'));
        $way = (new CableWay(new Polygon($corners), $pieces, $gates))->between(self::at($in->numbers('from')), self::at($in->numbers('to')));

        return $way === null ? ['reachable' => false] : [
            'reachable' => true,
            'length_m' => $way['lengthM'] + $ends,
            'cost_m' => $way['costM'] + $ends,
            'over' => $way['over'],
            'crossed' => $way['crossed'],
            'points_m' => array_map(static fn (Vec2 $p): array => [$p->x, $p->y], $way['points']),
        ];
    }

    /** @return array<string, mixed> */
    private function lengths(Inputs $in, float $way): array
    {
        $found = $this->leads($in)->join([$way], $in->number('slack_percent'));

        $needed = $way * (1 + $in->number('slack_percent') / 100);

        return $found === null ? ['possible' => false, 'needed_m' => $needed] : [
            'possible' => true,
            'needed_m' => $needed,
            'pieces_m' => $found['runs'][0],
            'joints' => $found['pieces'] - 1,
            'waste_m' => $found['wasteM'],
        ];
    }

    /** @return array<string, mixed> */
    private function shared(Inputs $in): array
    {
        $ways = array_map(static fn (array $r): float => Inputs::float($r['way_m']), $in->lists('runs'));
        $found = $this->leads($in)->join($ways, $in->number('slack_percent'));

        return $found === null
            ? ['possible' => false]
            : ['possible' => true, 'total_waste_m' => $found['wasteM'], 'pieces' => $found['pieces']];
    }

    /** @return array<string, mixed> */
    private function drop(Inputs $in): array
    {
        $pieces = array_map(static fn (array $p): array => [
            Inputs::float($p['length_m']), new Wire(Inputs::float($p['ohm_per_km'])),
        ], $in->lists('pieces'));
        $loads = array_map(static fn (array $l): array => [
            new Load('load', Inputs::float($l['watts']), Inputs::float($l['power_factor'])), (int) Inputs::float($l['after_piece']),
        ], $in->lists('loads'));
        $volts = $in->number('volts');
        $run = new Run($volts, $pieces, $in->number('joint_loop_ohm'));
        $drops = $run->drops($loads);
        $worst = max([0.0, ...$drops]);

        return [
            'cable_m' => $run->lengthM(),
            'first_piece_a' => $run->amps($loads),
            'drop_v' => $drops,
            'worst_drop_percent' => 100 * $worst / $volts,
            'least_volts' => $volts - $worst,
            'within' => 100 * $worst / $volts <= $in->number('max_percent') + 1e-9,
        ];
    }

    /** @return array<string, mixed> */
    private function run(Inputs $in): array
    {
        $route = $this->route($in);
        if ($route['reachable'] === false) {
            return $route;
        }
        $lengths = $this->lengths($in, Inputs::float($route['length_m']));
        $answer = array_intersect_key($route, ['length_m' => 0, 'over' => 0, 'crossed' => 0]) + $lengths;
        if ($lengths['possible'] === false) {
            return $answer;
        }
        $ohms = [];
        foreach ($in->lists('stock') as $row) {
            $ohms[(string) Inputs::float($row['length_m'])] = Inputs::float($row['ohm_per_km']);
        }
        $pieces = array_map(
            static fn (float $m): array => [$m, new Wire($ohms[(string) $m])],
            (new Inputs($lengths))->numbers('pieces_m'),
        );
        $load = $in->map('load');
        $drop = (new Run($in->number('volts'), $pieces, $in->number('joint_loop_ohm')))
            ->drops([[new Load('load', $load->number('watts'), $load->number('power_factor')), count($pieces)]])[0];

        return $answer + ['drop_v' => $drop, 'drop_percent' => 100 * $drop / $in->number('volts')];
    }

    private function leads(Inputs $in): Leads
    {
        $stock = array_map(
            static fn (array $s): array => [Inputs::float($s['length_m']), (int) Inputs::float($s['count'])],
            $in->lists('stock'),
        );

        return new Leads($stock, $in->number('joint_loss_m'), $in->has('max_joints') ? (int) $in->number('max_joints') : null);
    }

    /** @param  array<array-key, float>  $xy */
    private static function at(array $xy): Vec2
    {
        [$x, $y] = array_values($xy);

        return new Vec2($x, $y);
    }
}
