<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Space\Adjustment;
use FineFrame\Space\Blunder;
use FineFrame\Space\Reading;
use FineFrame\Space\SurveyFit;
use FineFrame\Space\Traverse;
use FineFrame\Space\UnsolvedSurvey;

final class Survey implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind) {
            'exact', 'noisy', 'refuse' => $this->adjusted($in),
            'blunder' => $this->blundered($in),
            'quad_closure' => $this->closed($in),
            'traverse' => $this->walked($in),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function adjusted(Inputs $in): array
    {
        [$names, $sketch, $ids, $readings] = $this->readings($in);
        $fit = self::fixed($sketch, $readings);
        $suspects = array_map(static fn (int $i): string => $ids[$i], self::inOrder(Blunder::among($sketch, $fit)));

        return [
            'pairwise_m' => self::pairs($names, $fit->points), 'area_m2' => abs($fit->areaM2()), 'redundancy' => $fit->redundancy,
            'residuals_m' => $fit->residuals,
            'rms_residual_m' => sqrt(
                array_sum(array_map(static fn (float $v): float => $v ** 2, $fit->residuals)) / max(1, count($readings)),
            ),
            'sigma0' => $fit->sigma0(),
            'fits' => $fit->fits(),
            'blunder' => count($suspects) === 1 ? $suspects[0] : null, 'blunder_candidates' => $suspects,
        ];
    }

    /** @return list<int> */
    private static function inOrder(Blunder $blunder): array
    {
        $suspects = $blunder->suspects();
        sort($suspects);

        return $suspects;
    }

    /** @return array<string, mixed> with the suspect reading left out, and how far it is off */
    private function blundered(Inputs $in): array
    {
        $all = $this->adjusted($in);
        [$names, $sketch, $ids, $readings] = $this->readings($in);
        $suspect = array_search($all['blunder'], $ids, true);
        if ($suspect === false) {
            return $all;
        }
        $taped = $readings[$suspect];
        $without = self::fixed($sketch, array_values(array_diff_key($readings, [$suspect => true])));

        return $all + [
            'pairwise_without_blunder_m' => self::pairs($names, $without->points), 'area_without_blunder_m2' => abs($without->areaM2()),
            'blunder_error_m' => -$taped->linear($without->points)[0],
        ];
    }

    /**
     * @param  list<Vec2>  $sketch
     * @param  list<Reading>  $readings
     *
     * @throws UnsolvedSurvey if the readings leave a corner free
     */
    private static function fixed(array $sketch, array $readings): SurveyFit
    {
        $fit = Adjustment::solve($sketch, $readings);

        return $fit->freedom === 0 ? $fit : throw UnsolvedSurvey::undetermined(count($sketch), count($readings));
    }

    /** @return array{list<string>, list<Vec2>, list<string>, list<Reading>} corners' names, sketch, readings' ids, readings */
    private function readings(Inputs $in): array
    {
        $names = $in->names('corners');
        $index = array_flip($names);
        $ids = $readings = [];
        foreach ($in->lists('measurements') as $reading) {
            [$id, $from, $to] = array_map(
                static fn (string $k): string => is_string($reading[$k] ?? null) ? $reading[$k] : '',
                ['id', 'from', 'to'],
            );
            $ids[] = $id;
            $readings[] = Reading::distance(
                $id,
                $index[$from],
                $index[$to],
                Inputs::float($reading['distance_m'] ?? null),
                $in->has('sigma_m') ? $in->number('sigma_m') : 0.003,
            );
        }

        return [
            $names,
            array_map(
                static fn (array $p): Vec2 => new Vec2(Inputs::float($p[0] ?? null), Inputs::float($p[1] ?? null)),
                $in->lists('sketch_m'),
            ),
            $ids,
            $readings,
        ];
    }

    /** @return array<string, float> the second diagonal that four walls and one diagonal imply, against the taped one */
    private function closed(Inputs $in): array
    {
        [$ab, $bc, $cd, $da, $ac] = array_map($in->number(...), ['ab_m', 'bc_m', 'cd_m', 'da_m', 'ac_m']);
        $readings = array_map(
            static fn (array $r): Reading => Reading::distance('', $r[0], $r[1], $r[2], 0.003),
            [[0, 1, $ab], [1, 2, $bc], [2, 3, $cd], [3, 0, $da], [0, 2, $ac]],
        );
        $fit = self::fixed([new Vec2(0, 0), new Vec2($ab, 0), new Vec2($ab, $bc), new Vec2(0, $da)], $readings);
        $bd = $fit->points[1]->distanceTo($fit->points[3]);

        return ['bd_predicted_m' => $bd, 'misclosure_m' => $in->number('bd_m') - $bd, 'area_from_walls_and_ac_m2' => abs($fit->areaM2())];
    }

    /** @return array<string, mixed> */
    private function walked(Inputs $in): array
    {
        $lengths = $in->numbers('wall_lengths_m');
        // The first interior angle is at the first wall's start: each turn is at the next corner.
        $angles = $in->numbers('interior_angles_deg');
        $turns = array_map(static fn (float $a): float => deg2rad(180 - $a), [...array_slice($angles, 1), $angles[0]]);
        $chain = Traverse::through($lengths, $turns);
        $names = array_map(static fn (int $i): string => chr(65 + $i), array_keys($lengths));

        return [
            'angular_misclosure_deg' => rad2deg($chain->angularMisclosureRad), 'linear_misclosure_m' => $chain->linearMisclosureM,
            'perimeter_over_misclosure' => $chain->linearMisclosureM > 1e-9 ? $chain->perimeterM / $chain->linearMisclosureM : null,
            'pairwise_m' => self::pairs($names, $chain->corners), 'area_m2' => abs((new Polygon($chain->corners))->signedArea()),
        ];
    }

    /**
     * @param  list<string>  $names
     * @param  list<Vec2>  $corners
     * @return array<string, float>
     */
    private static function pairs(array $names, array $corners): array
    {
        $pairs = [];
        foreach ($names as $i => $one) {
            for ($j = $i + 1; $j < count($names); $j++) {
                $pairs[$one.'-'.$names[$j]] = $corners[$i]->distanceTo($corners[$j]);
            }
        }

        return $pairs;
    }
}
