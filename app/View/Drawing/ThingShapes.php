<?php

declare(strict_types=1);

namespace App\View\Drawing;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\SoftBox;
use FineFrame\Scene\Footprint;
use FineFrame\Scene\LensView;
use FineFrame\Staging\Body;
use FineFrame\Staging\Person;
use FineFrame\Staging\Posture;

/** People and gear from above by their true sizes, as classes and paths. */
final readonly class ThingShapes
{
    /** Legs on the floor turn by a third of a circle. */
    private const LEGS = [0.0, 2 * M_PI / 3, 4 * M_PI / 3];

    public function __construct(private Sheet $sheet)
    {
    }

    /** @return list<array{string, string}> class and path: shoulders, and a head that shows where it looks */
    public function figure(Body $body): array
    {
        $h = $body->person->statureM;
        $ring = function (Vec2 $centre, float $across, float $along, float $bearing): string {
            $points = array_map(
                static fn (int $i): Vec2 => $centre->plus(
                    (new Vec2($across * sin($i * M_PI / 10), $along * cos($i * M_PI / 10)))->turnedClockwise($bearing),
                ),
                range(0, 19),
            );

            return $this->sheet->path($points);
        };
        $nose = $body->person->place->plus($body->face()->times(0.09 * $h));
        $side = $body->face()->left()->times(0.028 * $h);
        $base = $body->person->place->plus($body->face()->times(0.045 * $h));

        $seat = $body->person->posture === Posture::Seated
            && ($body->person->seatBackM > 0.05 || $body->person->seatWidthM > Person::STOOL_M)
            ? [
                [
                    'seat',
                    $this->sheet->path(
                        Polygon::box(
                            $body->person->place->minus(Vec2::towards($body->person->facingRad)->times(0.04)),
                            $body->person->seatWidthM,
                            0.5,
                            $body->person->facingRad,
                        )->corners,
                    ),
                ],
            ]
            : [];

        return [
            ...$seat,
            ['shoulders', $ring($body->person->place, Body::SHOULDER_BREADTH * $h / 2, 0.075 * $h, $body->person->facingRad)],
            ['nose', $this->sheet->path([$base->plus($side), $nose, $base->minus($side)])],
            ['head', $ring($body->person->place, Body::HEAD_BREADTH * $h / 2, Body::HEAD_DEPTH * $h / 2, $body->headBearingRad)],
        ];
    }

    /** @return list<array{string, string}> the box by its true width and depth, and its lit face */
    public function lamp(SoftBox $lamp): array
    {
        $middle = $lamp->centre()->floor();
        [$right, $left] = array_map(static fn (Vec3 $c): Vec2 => $c->floor(), array_slice($lamp->corners(), 0, 2));
        $rear = $lamp->rear()->floor();
        $small = static fn (Vec2 $corner): Vec2 => $rear->plus($corner->minus($middle)->times(0.3));

        return [
            ['box', $this->sheet->path([$right, $left, $small($left), $small($right)])],
            ['face', $this->sheet->path([$right, $left], false)],
        ];
    }

    /** @return list<array{string, string}> */
    public function camera(LensView $view): array
    {
        $ahead = Vec2::towards($view->bearingRad);
        $side = $ahead->left();
        $eye = $view->camera->placement->place;
        [$length, $front] = [$view->camera->lens->lengthM, max(0.05, $view->camera->lens->frontM / 2)];
        $at = static fn (float $back, float $across): Vec2 => $eye->minus($ahead->times($back))->plus($side->times($across));

        return [
            ['body', $this->sheet->path([$at($length, 0.09), $at($length + 0.18, 0.09), $at($length + 0.18, -0.09), $at($length, -0.09)])],
            ['lens', $this->sheet->path([$at(0, $front), $at($length, $front * 0.8), $at($length, -$front * 0.8), $at(0, -$front)])],
        ];
    }

    /** @return list<array{string, string}> three legs of true length */
    public function legs(Footprint $print, float $bearing): array
    {
        return [
            [
                'legs',
                implode(
                    '',
                    array_map(
                        fn (float $turn): string => $this->sheet->path(
                            [$print->centre, $print->centre->plus(Vec2::towards($bearing + $turn)->times($print->radiusM))],
                            false,
                        ),
                        self::LEGS,
                    ),
                ),
            ],
        ];
    }
}
