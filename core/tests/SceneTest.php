<?php

declare(strict_types=1);

use FineFrame\Camera\AimMode;
use FineFrame\Plan\Edit;
use FineFrame\Scene\BoomReach;
use FineFrame\Scene\FollowThrough;
use FineFrame\Scene\FramePicture;
use FineFrame\Scene\Intrusions;
use FineFrame\Scene\Scene;
use FineFrame\Scene\ThingKind;
use FineFrame\Tests\Cases;

it('puts the eyes where the aim says', function (array $changes, float $x, float $y): void {
    $scene = new Scene(Cases::demo($changes));
    $view = $scene->views['cam-a'];
    $at = $view->place($scene->setup->bodies['miller']->eyes);

    expect($at[0] / $view->cropX)->toEqualWithDelta($x, 1e-9)->and($at[1] / $view->cropY)->toEqualWithDelta($y, 1e-9);
})->with([
    'with looking room ahead, to frame left' => [[], 0.24, 0.28],
    'centred' => [['cameras/cam-a/aim/side' => 'centred', 'cameras/cam-a/aim/eye_line' => 0.5], 0.0, 0.0],
    'from below, wide and off' => [
        [
            'cameras/cam-a/height_m' => 0.6,
            'cameras/cam-a/lens' => 'zoom-18-55',
            'cameras/cam-a/focal_mm' => 18,
            'cameras/cam-a/aim/lead' => 0.4,
        ],
        0.8,
        0.28,
    ],
    'delivered upright from a wide sensor' => [['/brief/aspect_width' => 9, '/brief/aspect_height' => 16], 0.24, 0.28],
]);

it('sees a post one centimetre inside the frame and not one outside', function (float $inside, bool $seen): void {
    // Free-aimed along +y from (3.55, 0.72) with the 50 mm lens: the right side runs at 0.24 m a metre.
    $aim = ['cameras/cam-a/aim' => ['mode' => 'free', 'bearing_deg' => 0, 'tilt_deg' => 0]];
    $edge = 3.55 + 0.24 * 1.5;
    // The boom's stand is a column of 2 cm radius at its widest: its near edge is where it is placed.
    $changes = $aim + [
        'microphones/boom/stand_x_m' => $edge + 0.02 - $inside,
        'microphones/boom/stand_y_m' => 2.22,
        'microphones/boom/x_m' => 5.2,
        'microphones/boom/y_m' => 2.3,
        'microphones/boom/height_m' => 2.2,
    ];
    $scene = new Scene(Cases::demo($changes));
    $owners = array_map(fn ($i) => $i->owner, (new Intrusions($scene, $scene->views['cam-a']))->all());

    expect(in_array('boom', $owners, true))->toBe($seen);
})->with([[0.03, true], [-0.01, false]]);

it('leaves out what furniture hides', function (): void {
    $screen = [
        'id' => 'screen', 'name' => 'screen', 'width_m' => 3.0, 'depth_m' => 0.1, 'height_m' => 2.6, 'x_m' => 2.6,
        'y_m' => 2.0, 'turn_deg' => 60,
    ];
    $share = function (array $changes): float {
        $scene = new Scene(Cases::demo($changes));

        return (new Intrusions($scene, $scene->views['cam-b']))->share($scene->solidsOf('key'));
    };

    expect($share([]))->toBeGreaterThan(0.03)->and($share(['furniture/-' => $screen]))->toBe(0.0);
});

it('paints near things over far ones', function (): void {
    $scene = new Scene(Cases::demo());
    $owners = array_map(fn ($p) => $p->owner, FramePicture::of($scene, $scene->views['cam-a'])->polygons);
    $last = fn (string $owner): int => max(array_keys($owners, $owner));

    expect($last('w5'))->toBeLessThan(min(array_keys($owners, 'grain hopper') ?: array_keys($owners, 'hopper')))
        ->and($last('hopper'))->toBeLessThan(min(array_keys($owners, 'miller')));
});

it('never draws the camera that looks', function (): void {
    $scene = new Scene(Cases::demo());

    expect(array_filter(FramePicture::of($scene, $scene->views['cam-b'])->polygons, fn ($p) => $p->owner === 'cam-b'))->toBe([]);
});

it('finds the nearest boom place just outside every frame', function (): void {
    $scene = new Scene(Cases::demo());
    $best = BoomReach::nearest($scene, $scene->booms['boom'], 0.06);
    $setup = Cases::demo(
        ['microphones/boom/x_m' => $best->tip->x, 'microphones/boom/y_m' => $best->tip->y, 'microphones/boom/height_m' => $best->tip->z],
    );
    $after = new Scene($setup);
    foreach ($after->views as $view) {
        expect(array_filter((new Intrusions($after, $view))->all(), fn ($i) => $i->kind === ThingKind::Boom))->toBe([]);
    }
    $closer = $best->tip->minus($after->booms['boom']->mouth)->times(0.8)->plus($after->booms['boom']->mouth);
    $limit = $after->views[$best->limitedBy];
    $at = $limit->place($closer);

    expect(abs($at[0]) < 1 && abs($at[1]) < 1)->toBeTrue()->and($after->setup->camera(0)->placement->aim->mode)->toBe(AimMode::Eyes);
});

it('follows a lens with its focal length and stop, and a freed aim with where it points', function (): void {
    $setup = Cases::demo();
    $edit = FollowThrough::of(
        $setup,
        new Edit(['/setups/talk/cameras/cam-a/lens' => 'zoom-70-200', '/setups/talk/cameras/cam-a/aim/mode' => 'free']),
    );
    $after = $edit->applyTo($setup->plan)->setup();
    $before = (new Scene($setup))->views['cam-a'];

    expect($after->cameras['cam-a']->placement->focalMm)->toBe(70.0)
        ->and((new Scene($after))->views['cam-a']->bearingRad)->toEqualWithDelta(fmod($before->bearingRad + 2 * M_PI, 2 * M_PI), 1e-3);
});

it('notes where furniture was found when it is first moved, and only then', function (): void {
    $setup = Cases::demo();
    $moved = FollowThrough::of($setup, new Edit(['/setups/talk/furniture/hopper/x_m' => 2.0]))->applyTo($setup->plan)->setup();
    $hopper = array_column($moved->setup->furniture, null, 'id')['hopper'];
    $again = FollowThrough::of($moved, new Edit(['/setups/talk/furniture/hopper/x_m' => 2.5]))->applyTo($moved->plan)->setup();
    $was = array_column($setup->setup->furniture, null, 'id')['hopper'];

    expect($hopper->found?->x)->toBe($was->place->x)->and($hopper->isMoved())->toBeTrue()->and($was->isMoved())->toBeFalse()
        ->and(array_column($again->setup->furniture, null, 'id')['hopper']->found?->x)->toBe($was->place->x);
});
