<?php

declare(strict_types=1);

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\RadioPlan;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Light\Exposure;
use FineFrame\Scene\FaceReading;
use FineFrame\Scene\Intrusions;
use FineFrame\Scene\Material;
use FineFrame\Scene\Scene;
use FineFrame\Scene\Solid;
use FineFrame\Sound\Material as Lining;
use FineFrame\Tests\Plans;
use FineFrame\Tests\RandomPlans;

/*
 * Answers by the plainest way there is, slow and without cleverness, against those that the pages show.
 */

/**
 * What shows of each thing that is not wanted, by rays through a grid of the frame.
 *
 * @return array<string, float> shares of the frame
 */
function byRays(Scene $scene, string $camera, int $across = 72, int $up = 40): array
{
    $view = $scene->views[$camera];
    $solids = array_filter(
        [...$scene->shell, ...$scene->solidsSeenBy($view->camera)],
        static fn (Solid $s): bool => $s->material !== Material::Floor && $s->material !== Material::Ceiling,
    );
    $shares = [];
    for ($i = 0; $i < $across; $i++) {
        for ($j = 0; $j < $up; $j++) {
            $ray = $view->ray([$view->cropX * (2 * ($i + 0.5) / $across - 1), $view->cropY * (2 * ($j + 0.5) / $up - 1)]);
            [$nearest, $owner] = [INF, null];
            foreach ($solids as $solid) {
                $met = $solid->hitBy($view->eye, $ray);
                if ($met !== null && $met < $nearest) {
                    [$nearest, $owner] = [$met, $solid->kind->intrudes() ? $solid->owner : null];
                }
            }
            $owner === null ?: $shares[$owner] = ($shares[$owner] ?? 0.0) + 1 / ($across * $up);
        }
    }

    return $shares;
}

it('sees as much of each thing in a frame as rays do', function (RandomPlans $plan): void {
    $scene = new Scene($plan->plan()->setup());
    $camera = (string) array_key_first($scene->views);
    $exact = [];
    foreach ((new Intrusions($scene, $scene->views[$camera]))->all() as $intrusion) {
        $exact[$intrusion->owner] = $intrusion->share;
    }
    $cast = byRays($scene, $camera);
    $off = array_map(
        static fn (string $owner): float => abs(($cast[$owner] ?? 0.0) - ($exact[$owner] ?? 0.0)),
        array_map(strval(...), array_keys($exact + $cast)),
    );

    // A ray stands for a square; along an edge half of it is wrong either way, and what touches the glass is cut five centimetres before
    // it.
    expect(max([0.0, ...$off]))->toBeLessThan(0.013);
})->with(fn (): array => array_map(static fn (RandomPlans $p): array => [$p], RandomPlans::some(20, 3)));

it('hits the carriers that all products to the fifth order hit', function (array $mhz): void {
    [$spacing, $two, $three, $fifth] = RadioPlan::GUARDS;
    $khz = array_map(static fn (float $f): int => (int) round(1000 * $f), $mhz);
    $hit = [];
    foreach ($khz as $v => $victim) {
        foreach ($khz as $a => $f) {
            $a === $v || abs($f - $victim) >= $spacing ?: $hit[$victim] = true;
            foreach ($khz as $b => $g) {
                $a === $b || $v === $a || $v === $b || abs(2 * $f - $g - $victim) >= $two ?: $hit[$victim] = true;
                $a === $b || $v === $a || $v === $b || abs(3 * $f - 2 * $g - $victim) >= $fifth ?: $hit[$victim] = true;
                foreach ($khz as $c => $h) {
                    count(array_unique([$a, $b, $c, $v])) < 4 || abs($f + $g - $h - $victim) >= $three ?: $hit[$victim] = true;
                }
            }
        }
    }
    $links = array_map(
        static fn (float $f, int $i): array => ['id' => "l$i", 'name' => "l$i", 'from_mhz' => 470, 'to_mhz' => 698, 'set_mhz' => $f],
        $mhz,
        array_keys($mhz),
    );

    expect(array_keys((new RadioPlan(Plans::room()->with(['links' => $links])->setup()))->hits()))->toEqualCanonicalizing(array_keys($hit));
})->with([
    'spread by chance' => [[471.3, 475.825, 480.1, 482.45, 488.9, 491.2, 497.775, 503.35, 509.1, 512.6]],
    'evenly, the worst there is' => [[500.0, 500.4, 500.8, 501.2, 501.6]],
    'where only the fifth order hits' => [[500.0, 501.0, 503.0]],
    'far apart' => [[470.5, 477.3, 495.9, 531.2]],
]);

it('finds no place for a boom that is nearer and clear, wherever one looks', function (RandomPlans $plan): void {
    $plans = $plan->plan();
    $situation = new Situation($plans->setup());
    $nearest = $situation->nearestBoom('boom');
    if ($nearest === null) {
        expect(true)->toBeTrue();

        return;
    }
    $body = $situation->setup->bodies['ann'];
    mt_srand(5);
    for ($i = 0; $i < 60; $i++) {
        // Anywhere ahead of the mouth, at nine tenths of the way and less.
        $to = new Vec3(mt_rand(-100, 100) / 100, mt_rand(-100, 100) / 100, mt_rand(-40, 100) / 100);
        $tip = $body->mouth->plus($to->unit()->times($nearest->distanceM * mt_rand(70, 90) / 100));
        if ($body->face()->at(0.0)->dot($to) <= 0.0 || $tip->z > $situation->setup->room->heightAt($tip->floor()) - 0.1) {
            continue;
        }
        $said = $plans->with(
            ['microphones/boom/x_m' => $tip->x, 'microphones/boom/y_m' => $tip->y, 'microphones/boom/height_m' => $tip->z],
        )->said('boom-stays-out-of-frame');
        expect(
            array_filter($said, static fn ($f): bool => $f->severity !== Severity::Holds),
        )->not->toBe([], sprintf('clear at %.2f, %.2f, %.2f', $tip->x, $tip->y, $tip->z));
    }
})->with(
    fn (): array => array_map(
        static fn (RandomPlans $p): array => [$p],
        array_slice(
            array_values(
                array_filter(
                    RandomPlans::some(20, 11),
                    static fn (RandomPlans $p): bool => $p->document['setups'][0]['microphones'] !== [],
                ),
            ),
            0,
            5,
        ),
    ),
);

/** @param  array<string, mixed>  $room  one of `independent/rooms.php` */
function roomInNumbers(array $room): Plans
{
    $linings = [];
    foreach ($room['gives'] as $what => $gives) {
        $linings[] = ['id' => $what, 'name' => $what, 'light' => $gives] + array_fill_keys(
            array_map(static fn (int $b): string => "alpha_$b", Lining::BANDS_HZ),
            0.1,
        );
    }
    $plan = Plans::room(...$room['size'])->sitter('ann', $room['seat'][0], $room['seat'][1], $room['facing_deg'])->with([
        '/kit/materials' => $linings,
        '/locations/room/space/surfaces' => ['walls' => 'walls', 'floor' => 'floor', 'ceiling' => 'ceiling'],
        'metering/ambient_lux' => 0.0,
    ]);
    foreach ($room['boxes'] as $id => [$x, $y, $wide, $deep, $low, $high, $gives]) {
        $plan = $plan->thing($id, $x, $y, $wide, $deep, $high - $low, ['base_m' => $low] + ($id === 'chest' ? [] : ['reflects' => $gives]));
    }
    [$lamp, $pane] = [$room['lamp'], $room['window']];
    if ($lamp !== null) {
        $grid = $lamp['grid_half_deg'] === null
            ? []
            : [
                [
                    'id' => 'cells',
                    'name' => 'cells',
                    'kind' => 'grid',
                    'angle_deg' => 2 * $lamp['grid_half_deg'],
                    'passes' => $lamp['passes'],
                ],
            ];
        $plan = $plan->with(
            [
                '/kit/modifiers' => $grid,
                '/kit/fixtures/soft-90/lux_at_1m' => $lamp['lux_at_1m'],
                '/kit/fixtures/soft-90/width_m' => $lamp['side'],
                '/kit/fixtures/soft-90/height_m' => $lamp['side'],
            ],
        )
            ->lamp(
                'key',
                $lamp['at'][0],
                $lamp['at'][1],
                'ann',
                ['height_m' => $lamp['at'][2], 'dimmer' => $lamp['dimmer']] + ($grid === [] ? [] : ['before' => 'cells']),
            );
    }

    return $pane === null
        ? $plan
        : $plan->window(
            'pane',
            'near',
            $pane['from'],
            $pane['to'] - $pane['from'],
            ['sill_m' => $pane['sill'], 'head_m' => $pane['head'], 'glazing' => 'single', 'reveal_m' => 0.0],
        )->with([
            '/locations/room/site' => ['latitude_deg' => 50.0, 'longitude_deg' => 0.0],
            'metering/weather' => 'overcast',
            'metering/clock' => '12:00',
            '/brief/days' => [['id' => 'day', 'name' => 'day', 'date' => '2026-03-21', 'from' => '11:00', 'to' => '13:00']],
        ]);
}

it('reads at a face what paths of light bring there', function (string $name, array $room, array $traced): void {
    $scene = new Scene(roomInNumbers($room)->setup());
    $body = $scene->setup->bodies['ann'];
    $reading = new FaceReading($scene, $body);
    // Under an overcast sky a nit of it, and a fifth of that of the ground.
    $nits = $scene->windows()?->day->skyNits() ?? 1.0;
    $read = (array_sum($reading->byLamp) + array_sum($reading->byDay) + $reading->byRoom + $reading->bounced) / $nits;
    $straight = (array_sum($reading->byLamp) + ($reading->byDay['pane'] ?? 0.0)) / $nits;

    expect([$body->eyes->x, $body->eyes->y, $body->eyes->z])->toEqualWithDelta($room['eyes'], 0.001)
        ->and(Exposure::stops($traced['direct'], $straight))->toEqualWithDelta(0.0, 0.05)
        ->and(Exposure::stops($traced['direct'] + $traced['room'], $read))->toEqualWithDelta(0.0, 0.06);
})->with(function (): array {
    $traced = json_decode((string) file_get_contents(__DIR__.'/data/traced.json'), true)['rooms'];
    $rooms = require __DIR__.'/independent/rooms.php';

    return array_map(static fn (string $name): array => [$name, $rooms[$name], $traced[$name]], array_keys($rooms));
});
