<?php

declare(strict_types=1);

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\DimmerPlan;
use FineFrame\Judge\Situation;
use FineFrame\Light\Exposure;
use FineFrame\Light\Pattern;
use FineFrame\Light\PolygonSource;
use FineFrame\Scene\FaceReading;
use FineFrame\Scene\FramePicture;
use FineFrame\Scene\FramePolygon;
use FineFrame\Scene\Scene;
use FineFrame\Scene\ThingKind;
use FineFrame\Tests\Cases;

function square(float $half): array
{
    return [new Vec3(-$half, -$half, 0), new Vec3($half, -$half, 0), new Vec3($half, $half, 0), new Vec3(-$half, $half, 0)];
}

it('gives the closed form of a square source on its axis', function (float $half, float $distance): void {
    // Four corner factors: (2/π)·x·atan(x) with x = a/√(a²+d²), times π for lux per nit.
    $x = $half / hypot($half, $distance);
    $got = PolygonSource::luxPerNit(square($half), new Vec3(0, 0, $distance), new Vec3(0, 0, -1));

    expect($got)->toEqualWithDelta(4 * $x * atan($x), 1e-9);
})->with([[0.6, 1.0], [0.6, 0.05], [0.1, 3.0]]);

it('gives π for a source that fills the sky, half of it for a receiver on edge, and nothing behind', function (): void {
    $near = new Vec3(0, 0, 1e-4);

    expect(PolygonSource::luxPerNit(square(50), $near, new Vec3(0, 0, -1)))->toEqualWithDelta(M_PI, 1e-4)
        ->and(PolygonSource::luxPerNit(square(50), $near, new Vec3(1, 0, 0)))->toEqualWithDelta(M_PI / 2, 1e-3)
        ->and(PolygonSource::luxPerNit(square(50), new Vec3(0, 0, -1), new Vec3(0, 0, 1)))->toBe(0.0);
});

it('meets the lux that the fixture gives at one metre', function (): void {
    $lamp = (new Scene(Cases::demo(['lights/key/dimmer' => 1])))->lamps['key'];
    $ahead = $lamp->centre()->plus($lamp->facing());

    expect($lamp->luxAt($ahead, $lamp->facing()->times(-1)))->toEqualWithDelta($lamp->fixture->luxAt1m, 0.01);
});

it('halves the lamp by a stop of dimmer', function (): void {
    $lux = function (float $dim): float {
        $setup = Cases::demo(['lights/key/dimmer' => $dim]);

        return (new FaceReading(new Scene($setup), $setup->bodies['miller']))->light->lampLux;
    };
    expect($lux(0.5) / $lux(0.25))->toEqualWithDelta(2.0, 1e-9);
});

/** The light on the miller's head, after changes. */
function millersFace(array $changes = []): FaceReading
{
    $setup = Cases::demo($changes + ['cameras/cam-b' => null, 'views' => [], 'microphones' => []]);

    return new FaceReading(new Scene($setup), $setup->bodies['miller']);
}

it('loses to a flag the share of a lamp that the flag hides', function (): void {
    // The key is 1.2 m wide; a flag half way that covers the whole of it, and one that covers about half.
    $flag = fn (float $width, float $shift): array => ['furniture/-' => ['id' => 'flag', 'name' => 'flag', 'width_m' => $width, 'depth_m' => 0.02, 'height_m' => 2.4, 'x_m' => 2.4 + $shift, 'y_m' => 2.18 - $shift, 'turn_deg' => 54, 'keep_out' => true]];
    $open = millersFace();

    expect($open->seen['key'])->toBe(1.0)
        ->and(millersFace($flag(1.6, 0.0))->seen['key'])->toBe(0.0)->and(millersFace($flag(1.6, 0.0))->light->lampLux)->toBe(0.0)
        ->and(millersFace($flag(0.35, 0.0))->seen['key'])->toBeGreaterThan(0.2)->toBeLessThan(0.8)
        ->and(millersFace($flag(0.35, 0.0))->byLamp['key'])->toEqualWithDelta($open->byLamp['key'] * millersFace($flag(0.35, 0.0))->seen['key'], 1e-9);
});

it('deepens the far cheek by a black cloth and opens it by a white board', function (): void {
    // Beside the far cheek, 50 cm off.
    $board = fn (float $reflects): array => ['furniture/-' => ['id' => 'board', 'name' => 'board', 'width_m' => 1.2, 'depth_m' => 0.02, 'height_m' => 1.2, 'base_m' => 0.6, 'x_m' => 3.75, 'y_m' => 2.6, 'turn_deg' => 270, 'reflects' => $reflects, 'keep_out' => true]];
    [$bare, $cloth, $white] = [millersFace(), millersFace($board(0.03)), millersFace($board(0.85))];

    expect($cloth->cheeks())->toBeGreaterThan($bare->cheeks() * 1.1)->and($white->cheeks())->toBeLessThan($bare->cheeks() * 0.9)
        ->and($cloth->light->ambientLux)->toBeLessThan($bare->light->ambientLux)->and($white->bounced)->toBeGreaterThan(1.0)->and($bare->bounced)->toBe(0.0);
});

it('names the pattern by where the key stands', function (float $azimuth, float $elevation, Pattern $pattern): void {
    expect(Pattern::of($azimuth, $elevation))->toBe($pattern)->and(Pattern::of(-$azimuth, $elevation))->toBe($pattern);
})->with([[0, 10, Pattern::Flat], [5, 35, Pattern::Butterfly], [30, 30, Pattern::Loop], [50, 40, Pattern::Triangle], [85, 20, Pattern::Split], [140, 20, Pattern::Rim], [10, 75, Pattern::Top], [20, -30, Pattern::Under]]);

it('gives nothing from a lamp that is off, and everything that depends on it follows', function (): void {
    $off = millersFace(['lights/key/on' => false]);

    expect($off->light->lampLux)->toBe(0.0)->and($off->key())->toBeNull()->and($off->pattern())->toBeNull()->and($off->cheeks())->toEqualWithDelta(1.0, 1e-9)
        ->and(Cases::demo(['lights/key/on' => false])->setup->lights[0]->on)->toBeFalse();
});

it('throws shadows on walls and floor, and never makes light of them', function (): void {
    $lit = function (array $changes): array {
        $scene = new Scene(Cases::demo($changes));
        $stops = array_map(fn (FramePolygon $p): float => $p->stops, array_filter(FramePicture::of($scene, $scene->views['cam-a'], true)->polygons, fn (FramePolygon $p): bool => $p->kind === ThingKind::Room));

        return [count($stops), array_sum($stops) / count($stops)];
    };
    [$patches, $open] = $lit([]);
    // A wall of cloth before the key.
    [, $dark] = $lit(['furniture/-' => ['id' => 'flag', 'name' => 'flag', 'width_m' => 2.4, 'depth_m' => 0.02, 'height_m' => 2.5, 'x_m' => 2.3, 'y_m' => 2.1, 'turn_deg' => 54]]);

    expect($patches)->toBeGreaterThan(20)->and($dark)->toBeLessThan($open - 0.5);
});

it('sets all dimmers for a stop and a ratio, and says how far off it stays', function (): void {
    $situation = new Situation(Cases::demo(['cameras/cam-b' => null, 'views' => [], 'microphones' => []]));
    $lux = fn (DimmerPlan $plan): float => log((new FaceReading(new Scene($after = $plan->edit->applyTo($situation->setup->plan)->again($situation->setup)), $after->bodies['miller']))->light->totalLux() / Exposure::lux(2.8, $after->setup->metering->shutterS(), $after->setup->metering->iso), 2);
    $plan = DimmerPlan::for($situation, 'miller', 2.8, 3.0);

    // What it says comes out is what the plan reads with those dimmers.
    expect($lux($plan))->toEqualWithDelta($plan->stopsOff, 0.02);
    // Two lamps, found as well by trying every pair of settings in steps of half a per cent; from wherever they stand.
    foreach ([0.0, 0.6, 1.0] as $stands) {
        $duo = new Situation(Cases::demo(['@' => 'duo', 'lights/duo-key/dimmer' => $stands, 'lights/duo-edge/dimmer' => $stands]));
        $low = DimmerPlan::for($duo, 'wren', 2.0, 2.0)->dimmers;
        $deep = DimmerPlan::for($duo, 'wren', 2.8, 3.0)->dimmers;
        expect($low['duo-key'])->toEqualWithDelta(0.02, 0.005)->and($low['duo-edge'])->toEqualWithDelta(0.5915, 0.01)->and($deep['duo-key'])->toEqualWithDelta(0.3875, 0.01)->and($deep['duo-edge'])->toEqualWithDelta(1.0, 0.001);
    }
    // Nothing here gives T 16: the dimmers are full, and the key would have to stand nearer.
    $far = DimmerPlan::for($situation, 'miller', 16.0, 3.0);
    expect($far->isReached)->toBeFalse()->and($far->dimmers['key'])->toEqualWithDelta(1.0, 1e-6)->and($far->nearer)->toBeGreaterThan(0.3);
});
