<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\Format\Eulumdat\Reader as EulumdatReader;
use FineFrame\Format\Ies\Reader as IesReader;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\Chromaticity;
use FineFrame\Light\Density;
use FineFrame\Light\Emitter;
use FineFrame\Light\ImpossibleLight;
use FineFrame\Light\Loss;
use FineFrame\Light\Penumbra;
use FineFrame\Light\PolygonSource;
use FineFrame\Light\Radiosity;
use FineFrame\Light\Veil;
use FineFrame\Scene\FormFactors;
use FineFrame\Scene\Material;
use FineFrame\Scene\Solid;
use FineFrame\Scene\ThingKind;
use FineFrame\Scene\Visible;

final readonly class LightCases implements Topic
{
    /** An endless edge reaches so far, metres. */
    private const ENDLESS_M = 500.0;

    /** Places on a rectangle, a side, for half a percent. */
    private const PLACES = 40;

    /** @param  string  $folder  that the cases' files lie in */
    public function __construct(private string $folder)
    {
    }

    public function answer(string $kind, array $inputs): ?array
    {
        $in = new Inputs($inputs);

        return match ($kind) {
            'enclosure' => self::enclosure($in),
            'form_factor' => [
                'factor' => FormFactors::between(self::rectangle($in->map('from')), self::rectangle($in->map('to')), self::PLACES),
            ],
            'grid' => self::grid($in),
            'hidden' => self::hidden($in),
            'sheer' => self::sheer($in),
            'two_patch' => self::twoPatches($in),
            'six_patch' => self::sixPatches($in),
            'bounce_colour' => self::bounced($in),
            'stops' => self::stops($in),
            'penumbra' => self::penumbra($in),
            'strip' => self::strip($in),
            'ldt', 'ldt_malformed' => $this->lamp($in, true),
            'ies_c', 'ies_c_malformed' => $this->lamp($in, false),
            'refuse' => $this->answer($in->word('of'), $inputs),
            default => null,
        };
    }

    /** @return array<string, float> */
    private static function enclosure(Inputs $in): array
    {
        [$point, $normal] = [self::vector($in->numbers('point_m')), self::vector($in->numbers('normal'))->unit()];
        [$flat, $dome] = [0.0, 0.0];
        foreach (self::box($in->numbers('dimensions_m')) as $name => $corners) {
            $nits = $in->map('exitance_lm_m2')->number($name) / M_PI;
            $flat += $nits * PolygonSource::luxPerNit($corners, $point, $normal);
            $dome += $nits * PolygonSource::domePerNit($corners, $point, $normal);
        }

        return ['flat_lx' => $flat, 'dome_lx' => $dome];
    }

    /** @return array<string, list<float>> */
    private static function grid(Inputs $in): array
    {
        $side = $in->number('side_m') / 2;
        $face = [new Vec3(-$side, -$side, 0), new Vec3($side, -$side, 0), new Vec3($side, $side, 0), new Vec3(-$side, $side, 0)];
        $cutoff = deg2rad($in->number('cutoff_deg'));
        $cutoff >= 0.0 ?: throw ImpossibleLight::negative('A cutoff');
        $lux = $open = [];
        foreach ($in->each('receivers') as $receiver) {
            [$point, $normal] = [self::vector($receiver->numbers('point_m')), self::vector($receiver->numbers('normal'))->unit()];
            $open[] = $in->number('luminance_cd_m2') * PolygonSource::luxPerNit($face, $point, $normal);
            $lux[] = $in->number('luminance_cd_m2') * Emitter::cutPerNit(
                [[tan($cutoff), 1.0, Emitter::HARD_SIDES]],
                $face,
                $point,
                $normal,
            );
        }

        return ['illuminance_lx' => $lux, 'without_grid_lx' => $open];
    }

    /** @return array<string, float> */
    private static function hidden(Inputs $in): array
    {
        [$face, $receiver] = [self::rectangle($in->map('source')), $in->map('receiver')];
        [$point, $normal] = [self::vector($receiver->numbers('point_m')), self::vector($receiver->numbers('normal'))->unit()];
        $hiders = array_map(
            self::panel(...),
            array_map(static fn (array $r): array => array_map(self::vector(...), self::points($r)), $in->lists('rectangles_m')),
        );
        foreach ($in->each('edges') as $edge) {
            [$at, $along] = [
                self::vector($edge->numbers('point_m')),
                self::vector($edge->numbers('along'))->unit()->times(self::ENDLESS_M),
            ];
            $away = self::vector($edge->numbers('opaque_towards'));
            // Square to the edge, in the plane that it is said to be opaque in.
            $away = $away->minus($along->times($away->dot($along) / $along->dot($along)))->unit()->times(self::ENDLESS_M);
            $hiders[] = self::panel(
                [$at->minus($along), $at->plus($along), $at->plus($along)->plus($away), $at->minus($along)->plus($away)],
            );
        }
        $nits = $in->map('source')->number('luminance_cd_m2');
        $open = $nits * PolygonSource::luxPerNit($face, $point, $normal);
        $lux = $nits * (Visible::of($face, $point, $hiders)?->luxPerNit($normal) ?? 0.0);

        return ['illuminance_lx' => $lux, 'open_lx' => $open, 'share' => $open > 0.0 ? $lux / $open : 0.0];
    }

    /** @return array<string, mixed> */
    private static function sheer(Inputs $in): array
    {
        $veil = new Veil($in->number('direct'), $in->number('scattered'));
        $inward = self::vector($in->numbers('inward_normal'))->unit();
        $corners = self::turned(array_map(self::vector(...), self::points($in->lists('window_m'))), $inward);
        $area = $corners[1]->minus($corners[0])->cross($corners[3]->minus($corners[0]))->length();
        $towards = self::vector($in->numbers('sun_direction'));
        $sun = Veil::onPane($in->number('sun_normal_lx'), $towards, $inward);
        $exitance = $veil->exitance($sun, $in->number('sky_lx'));
        $lux = $through = [];
        foreach ($in->each('receivers') as $receiver) {
            [$point, $normal] = [self::vector($receiver->numbers('point_m')), self::vector($receiver->numbers('normal'))->unit()];
            $through[] = $direct = $veil->sunThrough($corners, $inward, $towards, $in->number('sun_normal_lx'), $point, $normal);
            $lux[] = $direct + $exitance / M_PI * PolygonSource::luxPerNit($corners, $point, $normal);
        }

        return [
            'lumens_in' => $area * ($sun + $in->number('sky_lx')),
            'lumens_scattered_out' => $area * $exitance,
            'lumens_direct_out' => $area * $veil->direct * $sun,
            'exitance_lm_m2' => $exitance, 'illuminance_lx' => $lux, 'of_it_direct_lx' => $through,
        ];
    }

    /** @return array<string, list<float>> */
    private static function twoPatches(Inputs $in): array
    {
        [$areas, $gives, $own] = [$in->numbers('areas_m2'), $in->numbers('reflectance'), $in->numbers('own_exitance_lm_m2')];
        $exchange = array_map(
            static fn (array $row, float $area): array => array_map(
                static fn (mixed $f): float => $area * Inputs::float($f),
                array_values($row),
            ),
            $in->lists('f'),
            $areas,
        );
        $lux = Radiosity::balance($exchange, $areas, $gives, $own);

        return [
            'exitance_lm_m2' => array_map(static fn (float $o, float $g, float $l): float => $o + $g * $l, $own, $gives, $lux),
            'illuminance_lx' => $lux,
        ];
    }

    /** @return array<string, array<string, float>> */
    private static function sixPatches(Inputs $in): array
    {
        $box = self::box($in->numbers('dimensions_m'));
        $names = array_keys($box);
        [$x, $y, $z] = array_pad($in->numbers('dimensions_m'), 3, 0.0);
        $areas = [$x * $y, $x * $y, $y * $z, $y * $z, $x * $z, $x * $z];
        $exchange = [];
        foreach (array_values($box) as $i => $from) {
            $exchange[] = array_map(
                static fn (array $to): float => $to === $from ? 0.0 : $areas[$i] * FormFactors::between($from, $to, self::PLACES),
                array_values($box),
            );
        }
        $gives = array_map($in->map('reflectance')->number(...), $names);
        $own = array_map($in->map('own_exitance_lm_m2')->number(...), $names);
        $lux = Radiosity::balance($exchange, $areas, $gives, $own);

        return [
            'exitance_lm_m2' => array_combine(
                $names,
                array_map(static fn (float $o, float $g, float $l): float => $o + $g * $l, $own, $gives, $lux),
            ),
            'illuminance_lx' => array_combine($names, $lux),
        ];
    }

    /** @return array<string, mixed> */
    private static function bounced(Inputs $in): array
    {
        $light = $in->map('light');
        $colour = $light->word('kind') === 'daylight'
            ? Chromaticity::daylight($light->number('cct_k'))
            : Chromaticity::planckian($light->number('cct_k'));
        [$x, $y, $z] = array_pad($in->numbers('reflectance_xyz'), 3, 0.0);
        $xyz = $colour->bounced(
            $light->number('illuminance_lx'),
            [$x, $y, $z],
            $in->number('direct_share'),
            $in->number('bounced_share'),
            $in->word('bounces') === 'all',
        );
        $mixed = Chromaticity::ofXyz($xyz);

        return [
            'xyz' => $xyz,
            'illuminance_lx' => $xyz[1],
            'x' => $mixed->x,
            'y' => $mixed->y,
            'cct_k' => $mixed->kelvin(),
            'duv' => $mixed->duv(),
            'shift_mired' => 1e6 / $mixed->kelvin() - 1e6 / $colour->kelvin(), 'duv_shift' => $mixed->duv() - $colour->duv(),
        ];
    }

    /** @return array<string, float> */
    private static function stops(Inputs $in): array
    {
        [$before, $after] = [0.0, 0.0];
        foreach ($in->each('openings') as $opening) {
            $share = 1.0;
            foreach ($opening->each('layers') as $layer) {
                $passes = match (true) {
                    $layer->has('density') => 1 / (new Density($layer->number('density')))->factor(),
                    $layer->has('stops') => Loss::ofStops([$layer->number('stops')])->transmittance(),
                    $layer->has('sandwich') => Loss::sandwich(...$layer->numbers('sandwich')),
                    default => $layer->number('transmission'),
                };
                $share *= Loss::covering($passes, $layer->has('covers') ? $layer->number('covers') : 1.0);
            }
            [$before, $after] = [$before + $opening->number('lux'), $after + $share * $opening->number('lux')];
        }

        return ['before_lx' => $before, 'after_lx' => $after, 'stops_lost' => log($before / $after, 2)];
    }

    /** @return array<string, float> */
    private static function penumbra(Inputs $in): array
    {
        $shade = Penumbra::of(
            self::line($in->lists('source')),
            self::flat($in->numbers('edge')),
            self::flat($in->numbers('opaque_towards')),
            self::screen($in),
        );

        return [
            'shade_begins_m' => $shade->beginsM,
            'shade_full_m' => $shade->fullM,
            'middle_m' => $shade->middleM,
            'width_m' => $shade->widthM(),
        ];
    }

    /** @return array<string, mixed> */
    private static function strip(Inputs $in): array
    {
        $shadow = Penumbra::ofStrip(self::line($in->lists('source')), self::line($in->lists('strip')), self::screen($in));

        return ['umbra_m' => $shadow['umbra'], 'outer_m' => $shadow['outer']];
    }

    /** @return array<string, mixed> */
    private function lamp(Inputs $in, bool $isEulumdat): array
    {
        $file = (string) @file_get_contents("$this->folder/".$in->word('file'));
        $web = $isEulumdat ? EulumdatReader::read($file) : IesReader::read($file);
        $candela = array_map(
            static fn (array $a): float => $web->candela(Inputs::float($a[0] ?? null), Inputs::float($a[1] ?? null)),
            $in->lists('angles_deg'),
        );

        return ['valid' => true, 'candela' => $candela] + (
            $isEulumdat
            ? ['candela_per_klm' => array_map(static fn (float $c): float => 1000 * $c / $web->lampLumens, $candela)]
            : []
        );
    }

    /**
     * A box's faces, lit inward.
     *
     * @param  list<float>  $size
     * @return array<string, list<Vec3>>
     */
    private static function box(array $size): array
    {
        [$x, $y, $z] = array_pad($size, 3, 0.0);
        $v = static fn (float $a, float $b, float $c): Vec3 => new Vec3($a, $b, $c);

        return [
            'floor' => [$v(0, 0, 0), $v($x, 0, 0), $v($x, $y, 0), $v(0, $y, 0)],
            'ceiling' => [$v(0, 0, $z), $v(0, $y, $z), $v($x, $y, $z), $v($x, 0, $z)],
            'x0' => [$v(0, 0, 0), $v(0, $y, 0), $v(0, $y, $z), $v(0, 0, $z)],
            'x1' => [$v($x, 0, 0), $v($x, 0, $z), $v($x, $y, $z), $v($x, $y, 0)],
            'y0' => [$v(0, 0, 0), $v(0, 0, $z), $v($x, 0, $z), $v($x, 0, 0)],
            'y1' => [$v(0, $y, 0), $v($x, $y, 0), $v($x, $y, $z), $v(0, $y, $z)],
        ];
    }

    /** @return list<Vec3> corners counter-clockwise seen from where the normal points */
    private static function rectangle(Inputs $in): array
    {
        return self::turned(array_map(self::vector(...), self::points($in->lists('corners_m'))), self::vector($in->numbers('normal')));
    }

    /**
     * @param  list<Vec3>  $corners
     * @return list<Vec3>
     */
    private static function turned(array $corners, Vec3 $normal): array
    {
        return $corners[1]->minus($corners[0])->cross($corners[2]->minus($corners[0]))->dot($normal) >= 0
            ? $corners
            : array_reverse($corners);
    }

    /** @param  list<Vec3>  $corners */
    private static function panel(array $corners): Solid
    {
        $points = array_map(static fn (Vec3 $c): array => [$c->x, $c->y, $c->z], $corners);

        return new Solid(
            'panel',
            ThingKind::Furniture,
            Material::Wood,
            $points === [] ? [[0.0, 0.0, 0.0]] : $points,
            [array_keys($points)],
        );
    }

    /** @return array{Vec2, Vec2} a point and a direction */
    private static function screen(Inputs $in): array
    {
        return [self::flat($in->map('screen')->numbers('point')), self::flat($in->map('screen')->numbers('along'))];
    }

    /**
     * @param  list<array<array-key, mixed>>  $ends
     * @return array{Vec2, Vec2}
     */
    private static function line(array $ends): array
    {
        $points = self::points($ends);

        return [self::flat($points[0] ?? []), self::flat($points[1] ?? [])];
    }

    /**
     * @param  array<array-key, mixed>  $rows
     * @return list<list<float>>
     */
    private static function points(array $rows): array
    {
        return array_values(
            array_map(static fn (mixed $row): array => array_values(array_map(Inputs::float(...), is_array($row) ? $row : [])), $rows),
        );
    }

    /** @param  list<float>  $of */
    private static function vector(array $of): Vec3
    {
        return new Vec3(...array_pad(array_slice($of, 0, 3), 3, 0.0));
    }

    /** @param  list<float>  $of */
    private static function flat(array $of): Vec2
    {
        return new Vec2(...array_pad(array_slice($of, 0, 2), 2, 0.0));
    }
}
