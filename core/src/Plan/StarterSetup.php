<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/**
 * Who sits or stands where in a first setup, and what is around them. People are at the north of the floor and look south.
 *
 * @internal
 */
final readonly class StarterSetup
{
    private const ID = 'setup-1';

    private const AMBIENT_LUX = 40;

    private const T_STOP = 2.9;

    private const LISTENS = 'the interviewer, on headphones';

    /** Between performers, and from the last of them to the wall behind. */
    private const APART_M = 1.3;

    private const BACK_M = 1.8;

    /** In front of the middle of them, whom they all turn to. */
    private const FACED_M = 2.5;

    public function __construct(private bool $isTalk, private int $people, private float $widthM, private float $depthM)
    {
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return [
            'id' => self::ID, 'name' => 'Setup 1', 'location' => 'place',
            'metering' => ['ambient_lux' => self::AMBIENT_LUX, 't_stop' => self::T_STOP],
        ] + match (true) {
            ! $this->isTalk => $this->performance(),
            $this->people === 1 => $this->one(),
            default => $this->two(),
        };
    }

    /** @return list<string> */
    public function assumed(): array
    {
        $at = '/setups/'.self::ID;
        $people = array_map(static fn (int $n): string => "subject-$n", range(1, $this->people));
        $all = $this->isTalk ? [...$people, 'interviewer-1'] : $people;

        return ["$at/metering/ambient_lux", ...array_map(static fn (string $id): string => "$at/subjects/$id/stature_m", $all)];
    }

    /** @return array<string, mixed> */
    private function one(): array
    {
        return [
            'subjects' => [
                $this->guest(1, 'Subject', 2.2, 2.6, 188),
                $this->interviewer(1.8, 0.75, 14),
            ],
            'cameras' => [
                $this->camera(1, 'prime-50', 50, 2.6, 0.8, self::eyes('subject-1')),
                $this->camera(2, 'zoom-24-70', 34, 4.0, 1.75, self::eyes('subject-1')),
            ],
            'lights' => [['before' => 'grid-tight'] + self::lamp(1, 'Key', 'soft-90', 1.05, 1.0, 1.75, 0.48, 'subject-1')],
            'microphones' => [self::boom(1, 'Boom', 2.2, 2.4, 3.4, 2.9)],
        ] + self::talkSound(['subject-1' => 'Subject'], ['subject-1' => 'Boom'], [1.2, 0.5]);
    }

    /** @return array<string, mixed> two beside each other who both look past the same side of the lenses: nobody crosses a line */
    private function two(): array
    {
        return [
            'subjects' => [
                $this->guest(1, 'Subject 1', 2.4, 3.4, 190),
                $this->guest(2, 'Subject 2', 3.8, 3.4, 200),
                $this->interviewer(2.0, 1.1, 25),
            ],
            'cameras' => [
                $this->camera(1, 'prime-50', 50, 2.9, 1.0, self::eyes('subject-1')),
                $this->camera(2, 'zoom-24-70', 50, 3.9, 0.95, self::eyes('subject-2')),
            ],
            'lights' => [self::lamp(1, 'Key', 'soft-120', 1.1, 1.7, 1.9, 0.17, 'subject-1')],
            'microphones' => [
                self::boom(1, 'Boom 1', 2.4, 3.2, 0.9, 2.7),
                self::boom(2, 'Boom 2', 3.8, 3.2, 5.2, 3.6),
            ],
        ] + self::talkSound(
            ['subject-1' => 'Subject 1', 'subject-2' => 'Subject 2'],
            ['subject-1' => 'Boom 1', 'subject-2' => 'Boom 2'],
            [1.0, 0.5],
        );
    }

    /** @return array<string, mixed> in a shallow bow that opens to the lens; A has the first, B has all and stays as it is */
    private function performance(): array
    {
        $people = $names = [];
        for ($n = 1; $n <= $this->people; $n++) {
            $off = ($n - ($this->people + 1) / 2) * self::APART_M;
            $names["subject-$n"] = $this->people === 1 ? 'Performer' : "Performer $n";
            $people[] = [
                'id' => "subject-$n", 'name' => $names["subject-$n"], 'posture' => 'standing',
                'facing_deg' => round(180 + rad2deg(atan2($off, self::FACED_M)), 1),
                'x_m' => round($this->widthM / 2 + $off, 3), 'y_m' => round($this->depthM - self::BACK_M - 0.08 * $off ** 2, 3),
                'sway_m' => 0.15,
            ];
        }
        $middle = $this->widthM / 2;
        $wide = ['role' => 'locked on everybody', 'covers' => array_fill_keys(array_keys($names), true)];

        return [
            'subjects' => $people,
            'cameras' => [
                $this->camera(1, 'zoom-24-70', 50, $middle + 1.6, 1.0, self::eyes('subject-1')),
                $wide + $this->camera(2, 'zoom-18-55', 20, $middle, 0.7, ['mode' => 'free', 'bearing_deg' => 0, 'tilt_deg' => -2]),
            ],
            'lights' => $this->stageLamps(),
            'pairs' => [[
                'id' => 'pair-1', 'name' => 'Pair', 'model' => 'cardioid', 'height_m' => 2.6, 'x_m' => $middle,
                'y_m' => round($this->depthM - self::BACK_M - 1.5, 3),
                'hung' => 'from above',
            ]],
        ] + self::stageSound($names, [$this->widthM - 0.8, 0.6]);
    }

    /** @return list<array<string, mixed>> a key at the left for one or two; more are lit from both sides */
    private function stageLamps(): array
    {
        if ($this->people < 3) {
            return [self::lamp(1, 'Key', 'soft-120', 0.9, 1.2, 2.2, 0.25, 'subject-1')];
        }

        return [
            self::lamp(1, 'Key left', 'soft-120', 0.9, 1.6, 2.4, 0.25, 'subject-2'),
            self::lamp(2, 'Key right', 'soft-120', $this->widthM - 0.9, 1.6, 2.4, 0.25, 'subject-3'),
        ];
    }

    /** @return array<string, mixed> */
    private function guest(int $n, string $name, float $xM, float $yM, float $facingDeg): array
    {
        return [
            'id' => "subject-$n", 'name' => $name, 'x_m' => $xM, 'y_m' => $yM, 'facing_deg' => $facingDeg, 'looks_at' => 'interviewer-1',
            'sway_m' => 0.05,
        ];
    }

    /** @return array<string, mixed> */
    private function interviewer(float $xM, float $yM, float $facingDeg): array
    {
        return [
            'id' => 'interviewer-1', 'name' => 'Interviewer', 'role' => 'interviewer', 'x_m' => $xM, 'y_m' => $yM,
            'facing_deg' => $facingDeg, 'looks_at' => 'subject-1',
        ];
    }

    /** @return array<string, string> */
    private static function eyes(string $subject): array
    {
        return ['mode' => 'eyes', 'subject' => $subject];
    }

    /**
     * @param  array<string, mixed>  $aim
     * @return array<string, mixed>
     */
    private function camera(int $n, string $lens, float $focalMm, float $xM, float $yM, array $aim): array
    {
        return [
            'id' => "camera-$n", 'label' => chr(64 + $n), 'body' => 'a-body', 'lens' => $lens, 'support' => 'tripod', 'x_m' => $xM,
            'y_m' => $yM, 'height_m' => $this->isTalk ? 1.2 : 1.5, 'focal_mm' => $focalMm, 't_stop' => self::T_STOP, 'aim' => $aim,
        ];
    }

    /** @return array<string, mixed> */
    private static function lamp(
        int $n,
        string $name,
        string $fixture,
        float $xM,
        float $yM,
        float $heightM,
        float $dimmer,
        string $subject,
    ): array {
        return [
            'id' => "light-$n", 'name' => $name, 'fixture' => $fixture, 'stand' => 'light-stand', 'x_m' => $xM, 'y_m' => $yM,
            'height_m' => $heightM, 'subject' => $subject, 'dimmer' => $dimmer,
        ];
    }

    /** @return array<string, mixed> */
    private static function boom(int $n, string $name, float $xM, float $yM, float $standXM, float $standYM): array
    {
        return [
            'id' => "boom-$n", 'name' => $name, 'model' => 'short-line', 'pole' => 'pole-3', 'stand' => 'boom-stand',
            'subject' => "subject-$n", 'x_m' => $xM, 'y_m' => $yM, 'height_m' => 1.62,
            'stand_x_m' => $standXM, 'stand_y_m' => $standYM, 'stand_height_m' => 2.2,
        ];
    }

    /**
     * The booms on a recorder, the lavaliers on A: a voice has two ways, and neither hangs on the other's.
     *
     * @param  array<string, string>  $voices  names by id
     * @param  array<string, string>  $booms  by the voice that each hears
     * @param  array{float, float}  $at  where the recorder is
     * @return array<string, mixed>
     */
    private static function talkSound(array $voices, array $booms, array $at): array
    {
        $tracks = [];
        foreach (array_keys($voices) as $i => $id) {
            $tracks[] = ['float' => true, 'recorder' => 'recorder', 'watched_by' => self::LISTENS]
                + self::track("track-boom-$i", $booms[$id], $id, $i + 1);
        }

        return self::lavaliers($voices, 'camera A', $tracks) + ['recorders' => [
            self::recorder(1, 'recorder', 4, $at) + ['float' => true, 'watched_by' => self::LISTENS],
            self::recorder(2, 'camera A', 2, null) + ['watched_by' => 'whoever is at A'],
        ]];
    }

    /**
     * The lavaliers on a recorder, the pair on B.
     *
     * @param  array<string, string>  $voices  names by id
     * @param  array{float, float}  $at  where the recorder is
     * @return array<string, mixed>
     */
    private static function stageSound(array $voices, array $at): array
    {
        $tracks = [];
        foreach (array_keys($voices) as $i => $id) {
            $tracks[] = self::track("track-pair-$i", 'Pair', $id, 1) + ['recorder' => 'camera B', 'watched_by' => 'whoever is at B'];
        }

        return self::lavaliers($voices, 'recorder', $tracks) + ['recorders' => [
            self::recorder(1, 'recorder', 8, $at) + ['float' => true],
            self::recorder(2, 'camera B', 2, null) + ['watched_by' => 'whoever is at B'],
        ]];
    }

    /**
     * @param  array<string, string>  $voices
     * @param  list<array<string, mixed>>  $tracks  those of the other microphones
     * @return array<string, list<array<string, mixed>>>
     */
    private static function lavaliers(array $voices, string $recorder, array $tracks): array
    {
        $mics = $links = [];
        foreach (array_keys($voices) as $i => $id) {
            $n = $i + 1;
            $name = "Lavalier, $voices[$id]";
            $mics[] = ['id' => "lavalier-$n", 'name' => $name, 'model' => 'body-omni', 'person' => $id, 'worn' => 'on the chest'];
            $links[] = [
                'id' => "link-$n", 'name' => "link $n", 'carries' => 'a voice', 'from_mhz' => 470, 'to_mhz' => 518,
                'set_mhz' => NewLavalier::LINKS_MHZ[$i], 'person' => $id, 'hours' => 7, 'sets' => 2,
            ];
            $tracks[] = [
                'through' => 'a wireless link', 'link' => "link $n", 'recorder' => $recorder, 'float' => $recorder === 'recorder',
                'watched_by' => $recorder === 'recorder' ? '' : 'whoever is at A',
            ] + self::track("track-lavalier-$n", $name, $id, $n);
        }

        return [
            'mics' => $mics, 'links' => $links, 'tracks' => $tracks,
            'leads' => [['id' => 'lead-1', 'name' => 'long XLR', 'connector' => 'XLR', 'length_m' => 15, 'count' => 3]],
        ];
    }

    /** @return array<string, mixed> */
    private static function track(string $id, string $source, string $voice, int $input): array
    {
        return [
            'id' => $id, 'name' => strtolower($source), 'voice' => $voice, 'source' => $source, 'through' => 'a cable', 'input' => $input,
        ];
    }

    /**
     * @param  array{float, float}|null  $at
     * @return array<string, mixed>
     */
    private static function recorder(int $n, string $name, int $inputs, ?array $at): array
    {
        return [
            'id' => "recorder-$n", 'name' => $name, 'inputs' => $inputs, 'connector' => 'XLR',
        ] + ($at === null ? [] : ['x_m' => $at[0], 'y_m' => $at[1], 'hours' => 8]);
    }
}
