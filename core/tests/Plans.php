<?php

declare(strict_types=1);

namespace FineFrame\Tests;

use FineFrame\Judge\CheckSet;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Verdicts;
use FineFrame\Plan\Kit;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\SetupPlan;
use LogicException;

/**
 * Small plans that read like a sentence: `Plans::room(6, 5)->sitter('ann', 3, 3)->camera('a', 3, 1)->setup()`. A room's corner is at 0, 0;
 * `near` is
 * its wall along y = 0; bearings are clockwise from +y, so a sitter who faces 180 looks toward it.
 */
final readonly class Plans
{
    /** @param  array<string, mixed>  $document */
    private function __construct(private array $document, private ?string $judging = null)
    {
    }

    /** @param  array<string, mixed>  $document */
    public static function of(array $document): self
    {
        return new self($document);
    }

    /** An empty room, walls `near`, `right`, `far`, `left`, its surfaces as unknown as a new one's. */
    public static function room(float $widthM = 6.0, float $depthM = 5.0, float $heightM = 3.0): self
    {
        $wall = static fn (string $id, float $lengthM): array => [
            'id' => $id,
            'name' => "$id wall",
            'length_m' => $lengthM,
            'turn_deg' => 90,
            'by' => 'tape',
        ];

        return new self([
            'format' => PlanReader::FORMAT, 'version' => PlanReader::VERSION,
            'shoot' => ['id' => 'shoot', 'title' => 'A room', 'date' => '2026-06-21'],
            'brief' => ['kind' => 'talk with one person'],
            'locations' => [[
                'id' => 'room', 'name' => 'room',
                'space' => [
                    'height_m' => $heightM,
                    'north_deg' => 0,
                    'walls' => [$wall('near', $widthM), $wall('right', $depthM), $wall('far', $widthM), $wall('left', $depthM)],
                ],
            ]],
            'setups' => [[
                'id' => 'one',
                'name' => 'One',
                'location' => 'room',
                'metering' => ['iso' => 800, 'fps' => 25, 'shutter_deg' => 180, 't_stop' => 2.8, 'ambient_lux' => 20],
                'subjects' => [], 'cameras' => [], 'lights' => [], 'microphones' => [], 'furniture' => [],
            ]],
            'kit' => Kit::library()->write(),
        ]);
    }

    /** As much as a setup may hold, or a share of it, in a hall of twenty by sixteen metres. */
    public static function largest(float $share = 1.0): self
    {
        $most = static fn (int $n): int => (int) round($share * $n);
        $plan = self::room(20, 16, 5)->window('w1', 'near', 2, 3)->window('w2', 'left', 4, 3)->with([
            '/locations/room/site' => ['latitude_deg' => 59.5, 'longitude_deg' => 10.5, 'time_zone' => 'Europe/Oslo'],
            'metering/weather' => 'clear',
            '/brief/days' => [['id' => 'day', 'name' => 'day', 'date' => '2026-06-21', 'from' => '10:00', 'to' => '12:00']],
        ]);
        for ($i = 0; $i < $most(12); $i++) {
            $plan = $plan->{$i % 3 === 0 ? 'stander' : 'sitter'}("p$i", 5 + 2.0 * ($i % 6), 8 + 2.2 * intdiv($i, 6), 170 + 3 * $i);
        }
        for ($i = 0; $i < $most(8); $i++) {
            $plan = $plan->camera("c$i", 2.5 + 2.1 * $i, 2.0 + 0.3 * ($i % 3), 'p'.($i % max(1, $most(12))));
        }
        for ($i = 0; $i < $most(40); $i++) {
            $plan = $plan->lamp(
                "l$i",
                1.5 + 0.9 * ($i % 20),
                3.5 + 10.5 * intdiv($i, 20),
                'p'.($i % max(1, $most(12))),
                ['dimmer' => 0.1, 'height_m' => 2.2],
            );
        }
        for ($i = 0; $i < $most(20); $i++) {
            $plan = $plan->boom(
                "b$i",
                5 + 2.0 * ($i % 6),
                7.6 + 2.2 * (intdiv($i, 6) % 2),
                1.7 + 0.1 * intdiv($i, 12),
                ['subject' => 'p'.($i % max(1, $most(12)))],
            );
        }
        for ($i = 0; $i < $most(200); $i++) {
            $plan = $plan->thing(
                "t$i",
                0.6 + 0.45 * ($i % 40),
                12.2 + 0.7 * intdiv($i, 40),
                0.3,
                0.3,
                0.4 + 0.05 * ($i % 8),
                ['keep_out' => $i % 5 === 0],
            );
        }

        return $plan;
    }

    /** @param  array<string, mixed>  $more */
    public function sitter(string $id, float $x, float $y, float $facingDeg = 180, array $more = []): self
    {
        return $this->adding(
            'subjects',
            $more + [
                'id' => $id, 'name' => ucfirst($id), 'x_m' => $x, 'y_m' => $y, 'facing_deg' => $facingDeg,
                'posture' => 'seated', 'sway_m' => 0.03,
            ],
        );
    }

    /** @param  array<string, mixed>  $more */
    public function stander(string $id, float $x, float $y, float $facingDeg = 180, array $more = []): self
    {
        return $this->sitter($id, $x, $y, $facingDeg, $more + ['posture' => 'standing']);
    }

    /** @param  array<string, mixed>  $more */
    public function interviewer(string $id, float $x, float $y, float $facingDeg = 0, array $more = []): self
    {
        return $this->sitter($id, $x, $y, $facingDeg, $more + ['role' => 'interviewer']);
    }

    /** @param  array<string, mixed>  $more */
    public function camera(string $id, float $x, float $y, ?string $on = null, array $more = []): self
    {
        $on ??= $this->document['setups'][0]['subjects'][0]['id'] ?? null;
        $aim = $on === null ? ['mode' => 'free'] : ['mode' => 'eyes', 'subject' => $on];

        return $this->adding('cameras', $more + [
            'id' => $id, 'label' => strtoupper($id), 'body' => 'a-body', 'lens' => 'zoom-24-70', 'support' => 'tripod',
            'x_m' => $x, 'y_m' => $y, 'height_m' => 1.2, 'focal_mm' => 50, 't_stop' => 2.9, 'aim' => $aim,
        ]);
    }

    /** @param  array<string, mixed>  $more */
    public function lamp(string $id, float $x, float $y, ?string $on = null, array $more = []): self
    {
        $on ??= $this->document['setups'][0]['subjects'][0]['id'] ?? '';

        return $this->adding(
            'lights',
            $more + [
                'id' => $id, 'name' => ucfirst($id), 'fixture' => 'soft-90', 'stand' => 'light-stand', 'x_m' => $x,
                'y_m' => $y, 'height_m' => 1.8, 'subject' => $on, 'dimmer' => 0.2,
            ],
        );
    }

    /** @param  array<string, mixed>  $more */
    public function boom(string $id, float $x, float $y, float $heightM, array $more = []): self
    {
        return $this->adding('microphones', $more + [
            'id' => $id,
            'name' => ucfirst($id),
            'model' => 'short-line',
            'pole' => 'pole-3',
            'stand' => 'boom-stand',
            'subject' => $this->document['setups'][0]['subjects'][0]['id'] ?? '',
            'x_m' => $x, 'y_m' => $y, 'height_m' => $heightM, 'stand_x_m' => $x + 1.2, 'stand_y_m' => $y, 'stand_height_m' => 2.0,
        ]);
    }

    /** @param  array<string, mixed>  $more */
    public function thing(string $id, float $x, float $y, float $widthM, float $depthM, float $heightM, array $more = []): self
    {
        return $this->adding(
            'furniture',
            $more + [
                'id' => $id, 'name' => $id, 'x_m' => $x, 'y_m' => $y, 'width_m' => $widthM, 'depth_m' => $depthM,
                'height_m' => $heightM,
            ],
        );
    }

    /** @param  array<string, mixed>  $more */
    public function window(string $id, string $wall, float $offsetM, float $widthM, array $more = []): self
    {
        return $this->opening($id, $wall, $offsetM, $widthM, $more + ['kind' => 'window', 'sill_m' => 0.9, 'head_m' => 2.1]);
    }

    /** @param  array<string, mixed>  $more */
    public function opening(string $id, string $wall, float $offsetM, float $widthM, array $more): self
    {
        $document = $this->document;
        $document['locations'][0]['space']['openings'][] = $more + [
            'id' => $id,
            'name' => "$id",
            'wall' => $wall,
            'offset_m' => $offsetM,
            'width_m' => $widthM,
        ];

        return new self($document, $this->judging);
    }

    /** One row more of a setup's list: `tracks`, `links`, `progress`. */
    public function row(string $list, array $row): self
    {
        $nth = count($this->document['setups'][0][$list] ?? []) + 1;

        return $this->adding($list, $row + ['id' => "$list-$nth"]);
    }

    /** @param  array<string, mixed>  $changes  by pointer from the plan's root, or below its setup */
    public function with(array $changes): self
    {
        $document = $this->document;
        foreach ($changes as $pointer => $value) {
            $at = &$document;
            $from = str_starts_with($pointer, '/') ? '' : 'setups/0/';
            foreach (explode('/', $from.ltrim($pointer, '/')) as $step) {
                $index = is_array($at) && array_is_list($at) ? array_search($step, array_column($at, 'id'), true) : false;
                $at = &$at[$index === false ? $step : $index];
            }
            $at = $value;
            unset($at);
        }

        return new self($document, $this->judging);
    }

    /**
     * The same setup once more at the same place, first in the plan, with changes: what follows is judged in the other.
     *
     * @param  array<string, mixed>  $changes  its lists and fields
     */
    public function second(string $id, array $changes = []): self
    {
        $document = $this->document;
        $document['setups'][] = ['id' => $id, 'name' => ucfirst($id)] + $changes + $document['setups'][0];

        return new self($document, $this->judging);
    }

    /** The same after an empty setup at the same place, which comes first in the plan. */
    public function afterAnother(): self
    {
        $document = $this->document;
        $judged = $document['setups'][0];
        $lists = array_fill_keys(['subjects', 'cameras', 'lights', 'microphones', 'furniture'], []);
        array_unshift(
            $document['setups'],
            ['id' => 'empty', 'name' => 'Empty', 'location' => $judged['location'], 'metering' => $judged['metering']] + $lists,
        );

        return new self($document, $this->judging ?? $judged['id']);
    }

    /** The same with a room more behind a narrow gap in the wall over there, where four walls stand. */
    public function withRoomNextDoor(): self
    {
        $document = $this->document;
        $space = &$document['locations'][0]['space'];
        if (count($space['walls']) !== 4 || isset($space['rooms']) || isset($space['ties'])) {
            return $this;
        }
        $wall = static fn (string $id): array => ['id' => $id, 'name' => $id, 'length_m' => 3.0, 'turn_deg' => 90, 'by' => 'tape'];
        $space['openings'][] = [
            'id' => 'gap',
            'name' => 'gap',
            'wall' => $space['walls'][2]['id'],
            'offset_m' => 0.05,
            'width_m' => 0.3,
            'kind' => 'door',
            'sill_m' => 0,
            'head_m' => min(2.0, $space['height_m']),
        ];
        $space['rooms'][] = [
            'id' => 'next', 'name' => 'next', 'through' => 'gap', 'wall' => 'next-a', 'offset_m' => 2.6,
            'space' => ['height_m' => min(2.6, $space['height_m']), 'walls' => array_map($wall, ['next-a', 'next-b', 'next-c', 'next-d'])],
        ];

        return new self($document, $this->judging);
    }

    /** The same, judged in another of its setups. */
    public function in(string $setup): self
    {
        return new self($this->document, $setup);
    }

    public function setup(?string $id = null): SetupPlan
    {
        return PlanReader::document($this->document)->setup($id ?? $this->judging);
    }

    public function judged(?string $id = null): Verdicts
    {
        return Judge::standard()->judge($this->setup($id));
    }

    /** @return list<Finding> what one check says */
    public function said(string $check, ?string $id = null): array
    {
        foreach (CheckSet::standard() as $rule) {
            if ($rule->id() === $check) {
                return [...$rule->run(new Situation($this->setup($id)))];
            }
        }
        throw new LogicException("No check is called $check.");
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return $this->document;
    }

    private function adding(string $list, array $item): self
    {
        $document = $this->document;
        $document['setups'][0][$list][] = $item;

        return new self($document, $this->judging);
    }
}
