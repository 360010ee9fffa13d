<?php

declare(strict_types=1);

namespace FineFrame\Figures;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Equivalence;
use FineFrame\Camera\Perspective;
use FineFrame\Camera\ShotSize;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\Backdrop;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Target;
use FineFrame\Scene\ThingKind;
use FineFrame\Staging\Body;

final class CameraFigures
{
    private const EARS_BEHIND_M = 0.1;

    /** From the entrance pupil back to the middle of the support. */
    private const BEHIND_LENS_M = 0.2;

    /** @return list<Figure> */
    public static function of(Situation $situation, string $id): array
    {
        $camera = $situation->setup->cameras[$id];
        $body = $situation->setup->bodyFor($camera);
        $view = $situation->scene->views[$id];
        $lens = self::lens($camera, $view);

        return self::named(
            $id,
            $body === null
                ? [...$lens, ...self::onThing($situation, $view)]
                : [...$lens, ...self::onSubject($situation, $camera, $view, $body)],
        );
    }

    /** @return list<array{string, Quantity|string, Working}> */
    private static function lens(Camera $camera, LensView $view): array
    {
        $field = $camera->delivered;
        $inputs = [
            's, across' => Quantity::of($field->widthMm, Unit::Millimetre),
            's, up' => Quantity::of($field->heightMm, Unit::Millimetre),
            'f′' => Quantity::of($field->focalMm, Unit::Millimetre),
        ];
        $angle = new Working('angle = 2·atan(s / 2f′), f′ = f × reducer', $inputs, 'rectilinear lens');
        $equal = new Working('f′ × 36 mm / sensor width', $inputs, 'by width, against 36 × 24 mm');
        $aim = new Working('the turn and tilt that put the eyes where the aim says', []);

        return [
            ['effective_focal', Quantity::of($camera->effectiveFocalMm(), Unit::Millimetre), $angle],
            [
                'equivalent_focal',
                Quantity::of($camera->effectiveFocalMm() * (new Equivalence($camera->recorded))->byWidth(), Unit::Millimetre),
                $equal,
            ],
            ['angle_h', Quantity::degrees(rad2deg($field->horizontalRad())), $angle],
            ['angle_v', Quantity::degrees(rad2deg($field->verticalRad())), $angle],
            ['bearing', Quantity::degrees(fmod(rad2deg($view->bearingRad) + 720, 360)), $aim],
            ['tilt', Quantity::degrees(rad2deg($view->tiltRad)), $aim],
        ];
    }

    /** @return list<array{string, Quantity|string, Working}> its distance and its field there; nothing where the axis meets nothing */
    private static function onThing(Situation $situation, LensView $view): array
    {
        $target = Target::of($situation->scene, $view);
        if ($target === null) {
            return [];
        }
        [$field, $depth] = [$view->camera->delivered, $target->depthM];
        $at = new Working(
            'field = distance along the axis × s / f′',
            [
                'distance' => Quantity::metres($depth),
                's' => Quantity::of($field->heightMm, Unit::Millimetre),
                'f′' => Quantity::of($field->focalMm, Unit::Millimetre),
            ],
            'pinhole at the entrance pupil',
        );

        return [
            [
                'on',
                $target->kind === ThingKind::Room ? 'the room' : $situation->name($target->owner),
                new Working('what the axis meets first', []),
            ],
            ['to_thing', Quantity::metres($depth), new Working('from the lens along its axis', [])],
            ['field_w', Quantity::metres($field->widthAt($depth)), $at],
            ['field_h', Quantity::metres($field->heightAt($depth)), $at],
        ];
    }

    /** @return list<array{string, Quantity|string, Working}> */
    private static function onSubject(Situation $situation, Camera $camera, LensView $view, Body $body): array
    {
        $distance = $camera->pupil()->distanceTo($body->eyes);
        $field = $camera->delivered;
        $depth = max(0.01, $view->depth($body->eyes));
        [$w, $h] = [$field->widthAt($depth), $field->heightAt($depth)];
        $at = new Working(
            'field = distance along the axis × s / f′',
            [
                'distance' => Quantity::metres($depth),
                's' => Quantity::of($field->heightMm, Unit::Millimetre),
                'f′' => Quantity::of($field->focalMm, Unit::Millimetre),
            ],
            'pinhole at the entrance pupil',
        );
        $size = ShotSize::of($h, $body->person->statureM);
        $rise = $camera->placement->heightM - $body->eyes->z;

        return [
            ['distance', Quantity::metres($distance), new Working('from the lens to the eyes', [])],
            ['field_w', Quantity::metres($w), $at],
            ['field_h', Quantity::metres($h), $at],
            [
                'shot_size',
                $size->value,
                new Working(
                    'field height / stature',
                    ['field height' => Quantity::metres($h), 'stature' => Quantity::metres($body->person->statureM)],
                    'our table of names, docs/METHODS',
                ),
            ],
            [
                'perspective',
                Quantity::share(Perspective::noseToEar($distance) - 1),
                new Working('nose larger than ear by 0.13 m / d', ['d' => Quantity::metres($distance)]),
            ],
            [
                'gaze_h',
                Quantity::degrees(abs(rad2deg(LensView::gazeOff($camera, $body)))),
                new Working('between the look and the line to the lens, on the floor', []),
            ],
            [
                'gaze_v',
                Quantity::degrees(rad2deg(atan2($rise, max(0.01, $distance)))),
                new Working('atan((lens height − eye height) / distance)', ['above the eyes' => Quantity::metres($rise)]),
            ],
            ...self::room($situation, $camera, $body, $distance),
            ...self::placed($view, $body),
            ...self::sharp($situation, $camera, $view, $body),
        ];
    }

    /**
     * @return list<array{string, Quantity|string, Working}> how far the camera could go back, and the focal length that keeps the frame
     *     from there
     */
    private static function room(Situation $situation, Camera $camera, Body $body, float $distance): array
    {
        $back = $camera->placement->place->minus($body->person->place)->unit();
        $behind = max(
            0.0,
            $situation->setup->room->firstWall($camera->placement->place, $back)[0] - self::BEHIND_LENS_M - $camera->support->legRadiusM,
        );
        $longest = $camera->placement->focalMm * ($distance + $behind) / $distance;
        $working = new Working(
            'room = lens to the wall behind − 0.2 m of body − legs; longest = f × (d + room) / d',
            ['d' => Quantity::metres($distance), 'legs' => Quantity::metres($camera->support->legRadiusM)],
        );

        return [
            ['room_behind', Quantity::metres($behind), $working],
            ['longest_focal', Quantity::of($longest, Unit::Millimetre), $working],
        ];
    }

    /** @return list<array{string, Quantity|string, Working}> */
    private static function placed(LensView $view, Body $body): array
    {
        $eyes = $view->place($body->eyes);
        $crown = $view->place($body->person->place->at($body->crownM));
        if ($eyes === null || $crown === null) {
            return [];
        }
        $off = LensView::gazeOff($view->camera, $body);
        $x = $eyes[0] / $view->cropX;

        return [
            [
                'headroom',
                Quantity::share((1 - $crown[1] / $view->cropY) / 2),
                new Working('from the crown to the frame’s top / height', []),
            ],
            [
                'looking_room',
                Quantity::share((1 - ($off > 0 ? $x : -$x)) / 2),
                new Working('from the eyes to the edge in the direction of the look / width', []),
            ],
        ];
    }

    /** @return list<array{string, Quantity|string, Working}> */
    private static function sharp(Situation $situation, Camera $camera, LensView $view, Body $body): array
    {
        $focus = $view->depth($body->eyes);
        if ($focus <= $camera->effectiveFocalMm() / 1000) {
            return [];
        }
        $dof = $camera->depthOfField();
        $behind = Backdrop::behind($situation->scene, $camera, $body);
        $working = new Working('H = f²/(N·c) + f; near = s(H−f)/(H+s−2f); far = s(H−f)/(H−s)', [
            's' => Quantity::metres($focus),
            'N, from T and the lens’s transmission' => Quantity::ratio($dof->fNumber),
            'H' => Quantity::metres($dof->hyperfocalM()),
        ], 'exact thin lens; c = used diagonal / 1500');
        [$blur, $face] = array_map(
            static fn (float $m): float => $dof->blurMm($focus, is_infinite($m) ? null : $focus + $m) / $camera->delivered->widthMm,
            [$behind->distanceM, self::EARS_BEHIND_M],
        );

        return [
            ['hyperfocal', Quantity::metres($dof->hyperfocalM()), $working],
            ['near', Quantity::metres($dof->nearM($focus)), $working],
            ['far', Quantity::metres($dof->farM($focus)), $working],
            [
                'background_distance',
                Quantity::metres($behind->distanceM),
                new Working(
                    'from the head to the first thing behind it on the camera’s line',
                    ['what' => $situation->name($behind->owner)],
                ),
            ],
            [
                'background_blur',
                Quantity::share($blur),
                new Working(
                    'blur = |D−s|/D · f²/(N(s−f)) / frame width',
                    ['D' => Quantity::metres($focus + $behind->distanceM), 's' => Quantity::metres($focus)],
                    'exact thin lens',
                ),
            ],
            [
                'blur_contrast',
                Quantity::ratio($blur / $face),
                new Working(
                    'blur of what is behind / blur of the ears, with the eyes sharp',
                    [
                        'behind' => Quantity::share($blur),
                        'ears' => Quantity::share($face),
                        'ears behind the eyes' => Quantity::metres(self::EARS_BEHIND_M),
                    ],
                    'exact thin lens',
                ),
            ],
        ];
    }

    /**
     * @param  list<array{string, Quantity|string, Working}>  $figures
     * @return list<Figure>
     */
    private static function named(string $id, array $figures): array
    {
        return array_map(static fn (array $f): Figure => new Figure('camera', $id, $f[0], $f[1], $f[2]), $figures);
    }
}
