<?php

declare(strict_types=1);

use FineFrame\Camera\DepthOfField;
use FineFrame\Camera\FieldOfView;
use FineFrame\Camera\ImpossibleOptics;
use FineFrame\Camera\Perspective;
use FineFrame\Camera\ShotSize;
use FineFrame\Figures\Figures;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\LensView;
use FineFrame\Tests\Cases;

/** @return array<string, float|string|null> */
function figures(array $changes = []): array
{
    $all = [];
    foreach (Figures::of(new Situation(Cases::demo($changes))) as $figure) {
        $all[$figure->id()] = $figure->value instanceof Quantity ? $figure->value->value : $figure->value;
    }

    return $all;
}

it('names a shot by how much of a person it holds', function (float $fieldM, string $name): void {
    expect(ShotSize::of($fieldM, 1.70)->value)->toBe($name);
})->with([
    [0.20, 'extreme close-up'], [0.26, 'close-up'], [0.47, 'close-up'], [0.48, 'medium close-up'],
    [0.71, 'medium close-up'], [0.72, 'medium'],
    [0.98, 'medium'], [0.99, 'cowboy'], [1.44, 'cowboy'], [1.45, 'full'], [2.29, 'full'], [2.30, 'wide'], [9.0, 'wide'],
]);

it('cuts the largest window of an aspect out of a sensor', function (float $aspect, float $width, float $height): void {
    $crop = (new FieldOfView(36, 24, 50))->croppedTo($aspect);

    expect($crop->widthMm)->toEqualWithDelta($width, 1e-9)->and($crop->heightMm)->toEqualWithDelta($height, 1e-9);
})->with(['wide' => [16 / 9, 36, 20.25], 'its own' => [1.5, 36, 24], 'square' => [1, 24, 24], 'upright' => [9 / 16, 13.5, 24]]);

it('refuses glass that cannot be', function (Closure $make): void {
    expect($make)->toThrow(ImpossibleOptics::class);
})->with([
    'no focal length' => [fn () => new FieldOfView(36, 24, 0)],
    'no sensor' => [fn () => new FieldOfView(36, -1, 50)],
    'no stop' => [fn () => new DepthOfField(50, 0, 0.03)],
    'focus inside the lens' => [fn () => (new DepthOfField(50, 2.8, 0.03))->nearM(0.05)],
    'blur inside the lens' => [fn () => (new DepthOfField(50, 2.8, 0.03))->blurMm(0.04, 3.0)],
]);

it('blurs a background more when it is farther, the lens longer and the stop wider', function (): void {
    $blur = fn (float $focal, float $stop, ?float $at): float => (new DepthOfField($focal, $stop, 0.02))->blurMm(2.0, $at);

    expect($blur(50, 2.8, 3.0))->toBeLessThan($blur(50, 2.8, 5.0))
        ->and($blur(50, 2.8, 5.0))->toBeLessThan($blur(50, 2.8, null))
        ->and($blur(50, 2.8, 3.0))->toBeLessThan($blur(85, 2.8, 3.0))
        ->and($blur(50, 2.8, 3.0))->toBeLessThan($blur(50, 1.4, 3.0))
        ->and($blur(50, 2.8, 2.0))->toBe(0.0);
});

it('sets a face off by distance alone: no stop and no lens changes the blur of what is behind against the ears', function (): void {
    [$as, $open] = [figures(), figures(['cameras/cam-a/t_stop' => 1.8])];
    $contrast = 'camera.cam-a.blur_contrast';

    expect($open['camera.cam-a.background_blur'])
        ->toBeGreaterThan($as['camera.cam-a.background_blur'])
        ->and($open[$contrast])
        ->toEqualWithDelta($as[$contrast], 1e-9)
        // d/(s + d) against 0.1/(s + 0.1).
        ->and($as[$contrast])->toBeGreaterThan(3.0);
});

it('stretches a face by closeness alone', function (): void {
    expect(Perspective::noseToEar(1.3))->toEqualWithDelta(1.1, 1e-9)->and(Perspective::noseToEar(0.13))->toEqualWithDelta(2.0, 1e-9);
});

it('computes A as by hand', function (): void {
    // A at (3.55, 0.72, 1.20), 50 mm on 24 × 13.5 mm; the miller's eyes by the body: 1.74 m, seated at 0.46 m, looking at the asker.
    $f = figures();
    $head = atan2(2.75 - 3.20, 0.85 - 2.75);
    $eyes = [3.20 + 0.85 * 0.48 * 0.112 * 1.74 * sin($head), 2.75 + 0.85 * 0.48 * 0.112 * 1.74 * cos($head), 0.46 + (0.52 - 0.064) * 1.74];
    $d = sqrt(($eyes[0] - 3.55) ** 2 + ($eyes[1] - 0.72) ** 2 + ($eyes[2] - 1.2) ** 2);

    // The eyes sit a share of 0.12 beside the middle and 0.14 above it: along the axis they are a little nearer than along the ray.
    $deep = $d / sqrt(1 + (0.12 * 24 / 50) ** 2 + (0.14 * 13.5 / 50) ** 2);

    expect($f['camera.cam-a.distance'])->toEqualWithDelta($d, 1e-9)
        ->and($f['camera.cam-a.field_w'])->toEqualWithDelta($deep * 24 / 50, 1e-9)
        ->and($f['camera.cam-a.field_h'])->toEqualWithDelta($deep * 13.5 / 50, 1e-9)
        ->and($f['camera.cam-a.angle_v'])->toEqualWithDelta(rad2deg(2 * atan(13.5 / 100)), 1e-9)
        ->and($f['camera.cam-a.equivalent_focal'])->toEqualWithDelta(75.0, 1e-9)
        ->and($f['camera.cam-a.perspective'])->toEqualWithDelta(0.13 / $d, 1e-9)
        ->and($f['camera.cam-a.looking_room'])->toEqualWithDelta(0.62, 1e-9)
        ->and($f['camera.cam-a.shot_size'])->toBe('medium close-up');
});

it('takes a reducer into every figure', function (): void {
    $f = figures(['cameras/cam-a/reducer' => 'reducer-071']);

    expect($f['camera.cam-a.effective_focal'])->toEqualWithDelta(35.5, 1e-9)
        ->and($f['camera.cam-a.field_w'] / figures()['camera.cam-a.field_w'])->toEqualWithDelta(1 / 0.71, 5e-3)
        ->and($f['camera.cam-a.hyperfocal'])->toBeLessThan(figures()['camera.cam-a.hyperfocal']);
});

it('measures the delivered frame, not the recorded one', function (): void {
    $upright = figures(['/brief/aspect_width' => 9, '/brief/aspect_height' => 16]);

    expect($upright['camera.cam-a.field_h'])->toEqualWithDelta(figures()['camera.cam-a.field_h'], 2e-3)
        ->and($upright['camera.cam-a.field_w'])->toEqualWithDelta($upright['camera.cam-a.field_h'] * 9 / 16, 1e-9);
});

it('tells how far back a camera could go, and the lens that keeps the frame from there', function (): void {
    $f = figures(['cameras/cam-a/x_m' => 3.2, 'cameras/cam-a/y_m' => 1.75]);
    $room = 1.75 - 0.2 - 0.42;

    expect($f['camera.cam-a.room_behind'])->toEqualWithDelta($room, 0.01)
        ->and($f['camera.cam-a.longest_focal'])->toEqualWithDelta(50 * (1 + $room / $f['camera.cam-a.distance']), 0.6);
});

it('tells on which side of the frame a look goes', function (array $changes, int $side): void {
    $setup = Cases::demo($changes);

    expect(LensView::gazeOff($setup->cameras['cam-a'], $setup->bodies['miller']) <=> 0.0)->toBe($side);
})->with([
    'the asker sits left of A' => [[], -1],
    'the asker sits right of A' => [['subjects/asker/x_m' => 4.6], 1],
]);

it('leaves the looking room where it is told to', function (string $side, int $face): void {
    $setup = Cases::demo(['cameras/cam-a/aim/side' => $side]);
    $view = LensView::of($setup->cameras['cam-a'], $setup->bodies['miller']);

    expect(round($view->place($setup->bodies['miller']->eyes)[0], 6) <=> 0.0)->toBe($face);
})->with([['left', 1], ['right', -1], ['centred', 0], ['ahead', 1]]);

it('meters the key, the light that is there and their ratio', function (): void {
    $f = figures();

    expect($f['face.miller.lux'])->toEqualWithDelta($f['light.key.lux'] + $f['face.miller.room_lux'] + 45, 1e-9)
        ->and($f['face.miller.ratio'])->toEqualWithDelta(($f['light.key.lux'] + $f['face.miller.room_lux'] + 45) / 45, 1e-9)
        ->and($f['face.miller.t_stop'])->toEqualWithDelta(sqrt($f['face.miller.lux'] * 800 / 50 / 330), 1e-9)
        ->and($f['face.miller.stops_over'])->toEqualWithDelta(2 * log($f['face.miller.t_stop'] / 2.9, 2), 1e-9)
        ->and(figures(['metering/ambient_lux' => 0])['face.miller.ratio'])->toBeNull();
});

it('gives a boom its distance, its cost and its clearance to each frame', function (): void {
    $f = figures();
    $lower = figures(['microphones/boom/height_m' => 1.45]);

    expect($f['boom.boom.clearance.cam-a'])->toBeGreaterThan(0)
        ->and($f['boom.boom.clearance.cam-b'])->toBeLessThan(0)
        ->and($lower['boom.boom.clearance.cam-b'])->toBeLessThan($f['boom.boom.clearance.cam-b'])
        ->and($f['boom.boom.cost'])->toEqualWithDelta(20 * log10($f['boom.boom.distance'] / $f['boom.boom.nearest']), 1e-9);
});

it('measures how A and B differ', function (): void {
    $f = figures(['cameras/cam-b/focal_mm' => 60]);

    expect($f['pair.cam-a+cam-b.size_ratio'])->toEqualWithDelta($f['camera.cam-b.field_h'] / $f['camera.cam-a.field_h'], 1e-9)
        ->and($f['pair.cam-a+cam-b.angle'])->toBeGreaterThan(45)->toBeLessThan(60);
});
