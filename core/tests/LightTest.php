<?php

declare(strict_types=1);

use FineFrame\Geometry\Vec3;
use FineFrame\Light\FaceLight;
use FineFrame\Light\PolygonSource;
use FineFrame\Scene\Scene;
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

        return FaceLight::on($setup->bodies['miller'], (new Scene($setup))->lamps, $setup->setup->metering)->lampLux;
    };
    expect($lux(0.5) / $lux(0.25))->toEqualWithDelta(2.0, 1e-9);
});
