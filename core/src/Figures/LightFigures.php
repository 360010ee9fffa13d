<?php

declare(strict_types=1);

namespace FineFrame\Figures;

use FineFrame\Camera\Camera;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Working;
use FineFrame\Light\NoseShadow;
use FineFrame\Light\SoftBox;
use FineFrame\Light\Softness;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\FaceReading;
use FineFrame\Scene\LitPatch;

final class LightFigures
{
    /** @return list<Figure> */
    public static function face(Situation $situation, string $subject): array
    {
        $metering = $situation->setup->setup->metering;
        $face = $situation->face($subject);
        $light = $face->light;
        $working = new Working('T²/t = E·S/C; ratio = (key + fill) : fill', [
            'E from the lamps' => Quantity::of($light->lampLux, Unit::Lux),
            'of it, from boards' => Quantity::of($face->bounced, Unit::Lux),
            'of it, from the room' => Quantity::of($face->byRoom, Unit::Lux),
            'E, ambient' => Quantity::of($light->ambientLux, Unit::Lux),
            'S' => Quantity::of($metering->iso, Unit::Count),
            '1/t' => Quantity::of(1 / $metering->shutterS(), Unit::Count),
        ], 'ISO 2720:1974 with a dome, C = 330; lamps by Lambert’s polygon formula');
        $one = static fn (string $name, Quantity $value): Figure => new Figure('face', $subject, $name, $value, $working);

        return [
            $one('lux', Quantity::of($light->totalLux(), Unit::Lux)),
            $one('t_stop', Quantity::of($light->tStop(), Unit::TStop)),
            $one('stops_over', Quantity::of($light->stopsOver(), Unit::Stop)),
            $one('ratio', Quantity::of($light->ratio(), Unit::Ratio)),
            $one('cheeks', Quantity::ratio($face->cheeks())),
            $one('room_lux', Quantity::of($face->byRoom, Unit::Lux)),
            $one('kelvin', Quantity::of($face->colour()?->kelvin(), Unit::Kelvin)),
            $one('hair', Quantity::of($face->cells['hair'], Unit::Lux)),
            new Figure(
                'face',
                $subject,
                'hair_over',
                Quantity::of($face->hairStops(), Unit::Stop),
                new Working('log₂(hair ÷ face)', [
                    'hair' => Quantity::of($face->cells['hair'], Unit::Lux),
                    'face' => Quantity::of($light->totalLux(), Unit::Lux),
                ]),
            ),
            ...self::shape($face, $subject),
        ];
    }

    /** @return list<Figure> by the light that gives most: how large it looks, and the shadow of the nose */
    private static function shape(FaceReading $face, string $subject): array
    {
        [$seen, $nose, $to] = [$face->mainSeenRad(), $face->noseShadow(), $face->main()[1] ?? null];
        $figures = $seen === null ? [] : [
            new Figure(
                'face',
                $subject,
                'seen',
                Quantity::degrees(rad2deg($seen)),
                new Working('2·atan(√area ÷ 2d)', ['d' => Quantity::metres($to?->length())], 'the light that gives the face most'),
            ),
        ];

        return $nose === null ? $figures : [...$figures, new Figure(
            'face',
            $subject,
            'nose_shadow',
            Quantity::of(1000 * $nose->lengthM(), Unit::Millimetre),
            new Working(
                'h · tan θ, away from the light; past the lip it crosses the mouth',
                [
                    'h' => Quantity::of(1000 * NoseShadow::TIP_M, Unit::Millimetre),
                    'down' => Quantity::of(1000 * $nose->downM, Unit::Millimetre),
                    'to the lip' => Quantity::of(1000 * NoseShadow::TO_LIP_M, Unit::Millimetre),
                ],
                'a plane face',
            ),
        )];
    }

    /** @return list<Figure> */
    public static function lamp(Situation $situation, string $id): array
    {
        $lamp = $situation->scene->lamps[$id];
        $body = $situation->setup->bodies[$lamp->placement->subject];
        $distance = $lamp->centre()->distanceTo($body->eyes);
        $alone = $situation->face($lamp->placement->subject)->byLamp[$id] ?? 0.0;
        $across = sqrt($lamp->emitter->widthM * $lamp->emitter->heightM);
        $hardRad = deg2rad($situation->limits->get('hard_under_deg'));

        return [
            new Figure(
                'light',
                $id,
                'distance',
                Quantity::metres($distance),
                new Working('from the centre of the face of the lamp to the eyes', []),
            ),
            new Figure(
                'light',
                $id,
                'lux',
                Quantity::of($alone, Unit::Lux),
                new Working(
                    'E = L/2 · Σ γᵢ (n·Γᵢ), × (1 + cos θ)/2 for the dome',
                    [
                        'at 1 m' => Quantity::of($lamp->fixture->luxAt1m, Unit::Lux),
                        'dimmer' => Quantity::share($lamp->placement->dimmer),
                        'of its face seen' => Quantity::share($situation->face($lamp->placement->subject)->seen[$id] ?? 0.0),
                    ],
                    'Lambert’s polygon formula, L from the lux at 1 m',
                ),
            ),
            ...self::fallOff($situation, $id, $distance),
            ...self::patch($situation, $id),
            new Figure(
                'light',
                $id,
                'angular_size',
                Quantity::degrees(rad2deg($lamp->seenRad($body->eyes))),
                new Working(
                    '2·atan(√area ÷ 2d)',
                    ['√area' => Quantity::metres($across), 'd' => Quantity::metres($distance)],
                    'its lit face as it is turned',
                ),
            ),
            new Figure(
                'light',
                $id,
                'hard_from',
                Quantity::metres(Softness::distance($across, $hardRad)),
                new Working('√area ÷ 2·tan(α/2)', ['√area' => Quantity::metres($across), 'α' => Quantity::degrees(rad2deg($hardRad))]),
            ),
        ];
    }

    /** @return list<Figure> of a lamp that is turned to a place: what it draws there */
    private static function patch(Situation $situation, string $id): array
    {
        $lamp = $situation->scene->lamps[$id];
        $isTurned = $lamp->placement->aim !== null || $lamp->emitter->picture() !== null;
        $patch = $isTurned ? LitPatch::of($situation->scene, $lamp) : null;
        if ($patch === null) {
            return [];
        }
        $working = new Working('from its centre to where half its light is left, along the surface', [
            'to the surface' => Quantity::metres($patch->on->distanceM),
            'what else is there' => Quantity::of($patch->besides, Unit::Lux),
        ]);
        $size = $patch->widthM === null || $patch->heightM === null ? [] : [
            new Figure('light', $id, 'patch_width', Quantity::metres($patch->widthM), $working),
            new Figure('light', $id, 'patch_height', Quantity::metres($patch->heightM), $working),
        ];

        return [new Figure('light', $id, 'patch_lux', Quantity::of($patch->lux, Unit::Lux), $working), ...$size];
    }

    /**
     * How far a lamp, carried or placed, may come nearer or go before the face is half a stop off; and how much less it gives to
     * what is behind.
     *
     * @return list<Figure>
     */
    private static function fallOff(Situation $situation, string $id, float $distance): array
    {
        $lamp = $situation->scene->lamps[$id];
        $subject = $lamp->placement->subject;
        $body = $situation->setup->bodies[$subject];
        $way = $lamp->centre()->minus($body->eyes)->unit();
        $there = static fn (float $at): SoftBox => new SoftBox(
            $lamp->placement->movedTo($body->eyes->plus($way->times($at))),
            $lamp->fixture,
            $body->eyes,
            $lamp->modifiers,
        );
        $lux = static fn (float $at): float => $there($at)->luxAt($body->eyes, $way);
        $here = $lux($distance);
        $reach = static function (float $stops) use ($lux, $here, $distance): float {
            [$low, $high] = [0.05, 8 * $distance];
            for ($i = 0; $i < 40; $i++) {
                $middle = ($low + $high) / 2;
                if ($lux($middle) > $here * 2 ** $stops) {
                    $low = $middle;
                } else {
                    $high = $middle;
                }
            }

            return $low;
        };
        $camera = array_values(
            array_filter(
                $situation->setup->cameras,
                static fn (Camera $c): bool => $situation->setup->bodyFor($c)?->person->id === $subject,
            ),
        )[0] ?? null;
        $behind = $camera === null ? 0.0 : ($situation->behind($camera, $body)[$id] ?? 0.0);
        $face = $situation->face($subject)->byLamp[$id] ?? 0.0;
        $working = new Working(
            'the distance at which the lamp gives half a stop more, or less, at the face',
            ['now' => Quantity::metres($distance)],
            'by its whole face, not by the square',
        );

        return $here <= 0.0 ? [] : [
            new Figure('light', $id, 'half_stop_near', Quantity::metres($reach(0.5)), $working),
            new Figure('light', $id, 'half_stop_far', Quantity::metres($reach(-0.5)), $working),
            new Figure(
                'light',
                $id,
                'to_background',
                Quantity::of($behind > 0.0 && $face > 0.0 ? log($face / $behind, 2) : null, Unit::Stop),
                new Working(
                    'log₂ of the lamp’s light on the face over that on what is behind the head',
                    ['face' => Quantity::of($face, Unit::Lux), 'behind' => Quantity::of($behind, Unit::Lux)],
                ),
            ),
        ];
    }
}
