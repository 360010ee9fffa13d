<?php

declare(strict_types=1);

use FineFrame\Geometry\Vec3;
use FineFrame\Light\Weather;
use FineFrame\Scene\FaceReading;
use FineFrame\Scene\Scene;
use FineFrame\Tests\Plans;

/** A room with some things in it, and the same seen in a mirror: x runs the other way. */
function lit(bool $isMirrored, bool $isEll): Scene
{
    [$w, $d] = [6.0, 5.0];
    $x = fn (float $x): float => $isMirrored ? $w - $x : $x;
    $deg = fn (float $deg): float => $isMirrored ? 360 - $deg : $deg;
    $plan = Plans::room($w, $d)
        ->sitter('ann', $x(3.4), 3.2, $deg(160))
        ->thing('chest', $x(1.2), 2.4, 0.8, 0.5, 0.9)
        ->lamp('key', $x(1.5), 1.2, null, ['dimmer' => 1.0]);
    if ($isEll) {
        $wall = fn (string $id, float $long, float $turn): array => [
            'id' => $id,
            'name' => $id,
            'length_m' => $long,
            'turn_deg' => $turn,
            'by' => 'tape',
        ];
        $walls = [$wall('a', 6, 90), $wall('b', 5, 90), $wall('c', 4, 90), $wall('d', 2, -90), $wall('e', 2, 90), $wall('f', 3, 90)];
        // The cut corner is at the upper left; mirrored, at the upper right.
        $mirrored = [$wall('a', 6, 90), $wall('b', 3, 90), $wall('c', 2, -90), $wall('d', 2, 90), $wall('e', 4, 90), $wall('f', 5, 90)];
        $plan = $plan->with(['/locations/room/space/walls' => $isMirrored ? $mirrored : $walls]);
    }

    return new Scene($plan->setup());
}

it('reads the same in a room and in its mirror image', function (bool $isEll): void {
    [$one, $other] = array_map(
        fn (bool $m): FaceReading => new FaceReading($scene = lit($m, $isEll), $scene->setup->bodies['ann']),
        [false, true],
    );
    expect($other->byRoom)->toEqualWithDelta($one->byRoom, 0.01 * $one->byRoom)
        ->and($other->byLamp['key'])->toEqualWithDelta($one->byLamp['key'], 0.002 * $one->byLamp['key'])
        ->and($other->cells['left'])->toEqualWithDelta($one->cells['right'], 0.01 * $one->cells['right']);
})->with(['four walls' => [false], 'an inner corner' => [true]]);

it('keeps every lumen of the lamps, in the room and on what stands there', function (bool $isEll): void {
    $scene = lit(false, $isEll);
    expect($scene->room()->taken()[0])->toEqualWithDelta($scene->lamps['key']->lumens(), 0.002 * $scene->lamps['key']->lumens());
})->with([[false], [true]]);

it('sees by what stands before it, not through it', function (): void {
    $bare = Plans::room()->sitter('ann', 5.4, 4.4)->lamp(
        'key',
        1.0,
        1.0,
        null,
        ['dimmer' => 1.0, 'aim_x_m' => 0.0, 'aim_y_m' => 2.5, 'aim_height_m' => 1.2],
    );
    $read = fn (Plans $plan): float => (new Scene($plan->setup()))->room()->at(new Vec3(2.5, 2.5, 1.0), new Vec3(-1, 0, 0), true)[0];
    expect($read($bare->thing('screen', 1.9, 2.5, 0.1, 3.0, 2.4)))->toBeLessThan(0.6 * $read($bare));
});

it('lets sheers and frosted glass glow: the sun on them lights the room', function (string $what, float $share): void {
    $plan = Plans::room()
        ->window(
            'window',
            'near',
            1.0,
            4.0,
            $what === 'frosted' ? ['glazing' => 'frosted'] : ($what === 'none' ? [] : ['curtain' => $what]),
        )
        ->sitter('ann', 3, 3.5)
        ->with([
            '/locations/room/site' => ['latitude_deg' => 50.0, 'longitude_deg' => 0.0],
            'metering/weather' => 'clear',
            'metering/clock' => '12:00',
            '/locations/room/space/north_deg' => 0,
            '/brief/days' => [['id' => 'day', 'name' => 'day', 'date' => '2026-03-21', 'from' => '11:00', 'to' => '13:00']],
        ]);
    $scene = new Scene($plan->setup());
    $windows = $scene->windowsAt(Weather::Clear, $scene->plannedAt());
    $cosine = -$windows->towardsSun()->dot(new Vec3(0, 1, 0));
    $onGlass = 4.0 * 1.2 * ($windows->day->sunLux * $cosine + ($windows->day->skyLux + M_PI * $windows->day->groundNits()) / 2);
    expect($cosine)->toBeGreaterThan(0.5)->and($scene->room()->taken()[1] / $onGlass)->toEqualWithDelta($share, 0.1 * $share);
})->with(['clear glass' => ['none', 0.88], 'a sheer' => ['sheer', 0.88 * 0.45], 'frosted glass' => ['frosted', 0.7]]);

it('lets the sun through by its own glass', function (): void {
    $sun = fn (string $glazing): float => (function (Scene $scene): float {
        return $scene->windowsAt(Weather::Clear, $scene->plannedAt())->sunAt(new Vec3(3.0, 0.3, 1.0));
    })(new Scene(Plans::room()->window('window', 'near', 1.0, 4.0, ['glazing' => $glazing])->sitter('ann', 3, 3.5)->with([
        '/locations/room/site' => ['latitude_deg' => 50.0, 'longitude_deg' => 0.0],
        '/brief/days' => [['id' => 'day', 'name' => 'day', 'date' => '2026-03-21', 'from' => '11:00', 'to' => '13:00']],
    ])->setup()));
    expect($sun('single') / $sun('open'))
        ->toEqualWithDelta(0.88, 1e-6)
        ->and($sun('double') / $sun('open'))
        ->toEqualWithDelta(0.78, 1e-6)
        ->and($sun('frosted'))
        ->toBe(0.0);
});
