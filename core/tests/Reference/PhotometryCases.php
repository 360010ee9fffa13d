<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Format\Ies\Reader;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\Beam;
use FineFrame\Light\Loss;
use FineFrame\Light\PointSource;
use FineFrame\Light\PolygonSource;

final readonly class PhotometryCases implements Topic
{
    /** A disc as a polygon of equal area. */
    private const SIDES = 720;

    /** @param  string  $folder  that the cases' files lie in */
    public function __construct(private string $folder)
    {
    }

    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);
        $n = $in->number(...);

        return match ($kind) {
            'point' => ['illuminance_lx' => PointSource::lux($n('intensity_cd'), $n('distance_m'), deg2rad($n('incidence_deg')))],
            'disc' => self::near(
                M_PI * $n('radius_m') ** 2 * $n('luminance_cd_m2'),
                PointSource::disc($n('luminance_cd_m2'), $n('radius_m'), $n('distance_m')),
                $n('distance_m'),
            ),
            'rect' => self::near(
                $n('width_m') * $n('height_m') * $n('luminance_cd_m2'),
                $n('luminance_cd_m2') * PolygonSource::luxPerNit(
                    self::rectangle($n('width_m'), $n('height_m')),
                    new Vec3(0, 0, $n('distance_m')),
                    new Vec3(0, 0, -1),
                ),
                $n('distance_m'),
            ),
            'tilted' => self::tilted($in),
            'beam' => ['centre_intensity_cd' => Beam::from($in->word('model'))->centre($n('flux_lm'), deg2rad($n('fwhm_deg')))],
            'bounce' => self::bounce($in),
            'transmission' => [
                'total_stops' => ($loss = Loss::ofStops($in->numbers('losses_stops')))->stops,
                'transmittance' => $loss->transmittance(),
                'lux_after_from_1000' => 1000 * $loss->transmittance(),
            ],
            'transmission_to_stops' => [
                'transmittance' => ($loss = Loss::through($in->numbers('transmittances')))->transmittance(),
                'stops' => $loss->stops,
            ],
            'ies', 'ies_malformed' => $this->ies($in),
            default => null,
        };
    }

    /** @return array<string, float> */
    private static function near(float $candela, float $lux, float $distance): array
    {
        $square = $candela / $distance ** 2;

        return [
            'intensity_on_axis_cd' => $candela,
            'illuminance_lx' => $lux,
            'inverse_square_lx' => $square,
            'near_field_error_percent' => 100 * ($square / $lux - 1),
        ];
    }

    /** @return array<string, float> */
    private static function tilted(Inputs $in): array
    {
        $at = new Vec3(...array_slice($in->numbers('receiver_m'), 0, 3));
        $tilt = deg2rad($in->number('receiver_tilt_deg'));
        $normal = new Vec3(sin($tilt), 0, -cos($tilt));
        $disc = $in->word('source') === 'disc';
        $corners = $disc ? self::disc($in->number('radius_m')) : self::rectangle($in->number('width_m'), $in->number('height_m'));
        $area = $disc ? M_PI * $in->number('radius_m') ** 2 : $in->number('width_m') * $in->number('height_m');
        $lux = $in->number('luminance_cd_m2') * PolygonSource::luxPerNit($corners, $at, $normal);
        $distance = $at->length();
        $point = $in->number('luminance_cd_m2') * $area * ($at->z / $distance) * max(0.0, -$normal->dot($at) / $distance) / $distance ** 2;

        return ['illuminance_lx' => $lux, 'point_source_lx' => $point, 'near_field_error_percent' => 100 * ($point / $lux - 1)];
    }

    /** @return array<string, float> */
    private static function bounce(Inputs $in): array
    {
        $board = PointSource::lux(
            $in->number('source_intensity_cd'),
            $in->number('source_distance_m'),
            deg2rad($in->number('source_incidence_deg')),
        );
        $luminance = $in->number('reflectance') * $board / M_PI;
        [$w, $h, $d] = [$in->number('board_width_m'), $in->number('board_height_m'), $in->number('subject_distance_m')];
        $exit = deg2rad($in->number('exit_angle_deg'));
        $at = new Vec3($d * sin($exit), 0, $d * cos($exit));

        return [
            'board_illuminance_lx' => $board,
            'board_luminance_cd_m2' => $luminance,
            'bounce_illuminance_small_board_lx' => PointSource::lux($luminance * $w * $h * cos($exit), $d, 0.0),
            'bounce_illuminance_exact_lx' => $luminance * PolygonSource::luxPerNit(self::rectangle($w, $h), $at, $at->times(-1 / $d)),
        ];
    }

    /** @return array<string, mixed> */
    private function ies(Inputs $in): array
    {
        $web = Reader::read((string) @file_get_contents("$this->folder/".$in->word('file')));

        return [
            'valid' => true, 'vertical_count' => count($web->vertical), 'horizontal_count' => count($web->horizontal),
            'candela' => array_map(
                static fn (array $a): float => $web->candela(Inputs::float($a[0] ?? null), Inputs::float($a[1] ?? null)),
                $in->lists('angles_deg'),
            ),
            'peak_candela' => $web->peak(), 'total_lumens' => $web->lumens(), 'zonal_mean_lumens' => $web->zonalLumens(),
        ];
    }

    /** @return list<Vec3> in z = 0, lit toward +z */
    private static function rectangle(float $width, float $height): array
    {
        [$w, $h] = [$width / 2, $height / 2];

        return [new Vec3(-$w, -$h, 0), new Vec3($w, -$h, 0), new Vec3($w, $h, 0), new Vec3(-$w, $h, 0)];
    }

    /** @return list<Vec3> */
    private static function disc(float $radius): array
    {
        $turn = 2 * M_PI / self::SIDES;
        $grown = $radius * sqrt($turn / sin($turn));

        return array_map(
            static fn (int $i): Vec3 => new Vec3($grown * cos($i * $turn), $grown * sin($i * $turn), 0),
            range(0, self::SIDES - 1),
        );
    }
}
