<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** A first plan to change: a plain room, a seated subject and an interviewer, A and B, a soft key and a boom. */
final class Starter
{
    public static function plan(string $title, string $place): ShootPlan
    {
        $walls = [];
        foreach (['south' => 5.0, 'east' => 4.0, 'north' => 5.0, 'west' => 4.0] as $name => $length) {
            $walls[] = ['id' => "wall-$name", 'name' => "$name wall", 'length_m' => $length, 'turn_deg' => 90, 'by' => 'sketch'];
        }

        return PlanReader::document([
            'format' => PlanReader::FORMAT,
            'version' => PlanReader::VERSION,
            'shoot' => ['id' => 'shoot', 'title' => $title],
            'brief' => [],
            'locations' => [['id' => 'place', 'name' => $place, 'space' => [
                'height_m' => 2.7, 'walls' => $walls,
                'openings' => [
                    [
                        'id' => 'door', 'name' => 'door', 'kind' => 'door', 'wall' => 'wall-west', 'offset_m' => 0.3,
                        'width_m' => 0.85, 'head_m' => 2.0,
                    ],
                ],
            ]]],
            'setups' => [self::setup()],
            'kit' => Kit::library()->write(),
        ]);
    }

    /** @return array<string, mixed> */
    private static function setup(): array
    {
        $aim = ['mode' => 'eyes', 'subject' => 'subject-1'];

        return [
            'id' => 'setup-1', 'name' => 'Setup 1', 'location' => 'place', 'metering' => ['ambient_lux' => 40, 't_stop' => 2.9],
            'subjects' => [
                [
                    'id' => 'subject-1', 'name' => 'Subject', 'x_m' => 2.2, 'y_m' => 2.6, 'facing_deg' => 188,
                    'looks_at' => 'interviewer-1', 'sway_m' => 0.05,
                ],
                [
                    'id' => 'interviewer-1', 'name' => 'Interviewer', 'role' => 'interviewer', 'x_m' => 1.8,
                    'y_m' => 0.75, 'facing_deg' => 14, 'looks_at' => 'subject-1',
                ],
            ],
            'cameras' => [
                [
                    'id' => 'camera-1', 'label' => 'A', 'body' => 'a-body', 'lens' => 'prime-50', 'support' => 'tripod',
                    'x_m' => 2.6, 'y_m' => 0.8, 'height_m' => 1.2, 'focal_mm' => 50, 't_stop' => 2.9, 'aim' => $aim,
                ],
                [
                    'id' => 'camera-2', 'label' => 'B', 'body' => 'a-body', 'lens' => 'zoom-24-70',
                    'support' => 'tripod', 'x_m' => 4.0, 'y_m' => 1.75, 'height_m' => 1.2, 'focal_mm' => 34,
                    't_stop' => 2.9, 'aim' => $aim,
                ],
            ],
            'lights' => [
                [
                    'id' => 'light-1', 'name' => 'Key', 'fixture' => 'soft-90', 'stand' => 'light-stand', 'x_m' => 1.05,
                    'y_m' => 1.0, 'height_m' => 1.75, 'subject' => 'subject-1', 'dimmer' => 0.2,
                ],
            ],
            'microphones' => [
                [
                    'id' => 'boom-1', 'name' => 'Boom', 'model' => 'short-line', 'pole' => 'pole-3',
                    'stand' => 'boom-stand', 'subject' => 'subject-1', 'x_m' => 2.2, 'y_m' => 2.4, 'height_m' => 1.62,
                    'stand_x_m' => 3.4, 'stand_y_m' => 2.9, 'stand_height_m' => 2.2,
                ],
            ],
        ];
    }
}
