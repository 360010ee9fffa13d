<?php

declare(strict_types=1);

namespace FineFrame\Reference;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Space\TapeSurvey;
use FineFrame\Space\Traverse;

final class Survey implements Topic
{
    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind) {
            'exact', 'noisy', 'refuse' => $this->adjusted($in),
            'traverse' => $this->walked($in),
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function adjusted(Inputs $in): array
    {
        $names = $in->names('corners');
        $index = array_flip($names);
        $sketch = array_map(static fn (array $p): Vec2 => new Vec2(Inputs::float($p[0] ?? null), Inputs::float($p[1] ?? null)), $in->lists('sketch_m'));
        $ids = $readings = [];
        foreach ($in->lists('measurements') as $reading) {
            $ids[] = $reading['id'];
            [$from, $to] = [$reading['from'] ?? '', $reading['to'] ?? ''];
            $readings[] = [$index[is_string($from) ? $from : ''], $index[is_string($to) ? $to : ''], Inputs::float($reading['distance_m'] ?? null)];
        }
        $fit = TapeSurvey::solve($sketch, $readings, $in->number('sigma_m'));
        $suspects = array_map(static fn (int $i): mixed => $ids[$i], $fit->suspects());

        return [
            'pairwise_m' => self::pairs($names, $fit->corners), 'area_m2' => abs($fit->areaM2()), 'redundancy' => $fit->redundancy,
            'residuals_m' => $fit->residualsM, 'rms_residual_m' => $fit->rmsM(), 'sigma0' => $fit->sigma0(), 'fits' => $fit->fits(),
            'blunder' => count($suspects) === 1 ? $suspects[0] : null, 'blunder_candidates' => $suspects,
        ];
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
