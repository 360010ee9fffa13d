<?php

declare(strict_types=1);

namespace FineFrame\Figures;

use FineFrame\Camera\Camera;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Working;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

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
            'of it, off boards' => Quantity::of($face->bounced, Unit::Lux),
            'of it, back from the room' => Quantity::of($face->byRoom, Unit::Lux),
            'E that is there' => Quantity::of($light->ambientLux, Unit::Lux),
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
        ];
    }

    /** @return list<Figure> */
    public static function lamp(Situation $situation, string $id): array
    {
        $lamp = $situation->scene->lamps[$id];
        $body = $situation->setup->bodies[$lamp->placement->subject];
        $distance = $lamp->centre()->distanceTo($body->eyes);
        $alone = $situation->face($lamp->placement->subject)->byLamp[$id] ?? 0.0;
        $wide = rad2deg(2 * atan($lamp->emitter->widthM / (2 * $distance)));

        return [
            new Figure(
                'light',
                $id,
                'distance',
                Quantity::metres($distance),
                new Working('from the middle of the face of the lamp to the eyes', []),
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
            new Figure(
                'light',
                $id,
                'angular_size',
                Quantity::degrees($wide),
                new Working(
                    '2·atan(width / 2d)',
                    ['width' => Quantity::metres($lamp->emitter->widthM), 'd' => Quantity::metres($distance)],
                ),
            ),
        ];
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
