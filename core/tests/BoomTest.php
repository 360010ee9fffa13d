<?php

declare(strict_types=1);

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Severity;
use FineFrame\Scene\BoomReach;
use FineFrame\Scene\Scene;
use FineFrame\Tests\Plans;

/** A sitter, two frames on them, and a boom over the head. */
function boomed(float $heightM, array $changes = []): Plans
{
    return Plans::room()
        ->sitter('ann', 3, 3)
        ->interviewer('bo', 2.6, 1)
        ->camera('a', 3.2, 0.8)
        ->camera('b', 4.6, 1.6, null, ['focal_mm' => 40])
        ->boom('boom', 3.0, 2.75, $heightM)
        ->with($changes);
}

it('finds a place as near as a fine grid of directions does', function (array $changes): void {
    $scene = new Scene(boomed(1.9, $changes)->setup());
    $boom = $scene->booms['boom'];
    $found = BoomReach::nearest($scene, $boom, 0.06);
    $face = $scene->setup->bodies['ann']->face();
    $along = new ReflectionMethod(BoomReach::class, 'along');
    $best = INF;
    for ($turn = -1.0; $turn <= 1.0; $turn += 0.05) {
        for ($rise = -1.2; $rise <= 1.45; $rise += 0.05) {
            $best = min(
                $best,
                $along->invoke(
                    null,
                    $scene,
                    $boom,
                    $face->turnedClockwise($turn)->times(cos($rise))->at(sin($rise)),
                    0.06 + $boom->model->diameterM / 2,
                    '',
                )?->distanceM ?? INF,
            );
        }
    }
    expect(20 * log10($found->distanceM / $best))->toBeLessThan(0.3);
})->with(
    [
        'two frames' => [[]],
        'a low ceiling' => [['/locations/room/space/height_m' => 2.3]],
        'a wide B' => [['cameras/b/focal_mm' => 24]],
        'turned away' => [['subjects/ann/facing_deg' => 220]],
    ],
);

it('never asks a boom to go farther off than it stands', function (): void {
    foreach ([1.55, 1.6, 1.65, 1.7] as $height) {
        $plan = boomed($height);
        $scene = new Scene($plan->setup());
        $stays = array_filter($plan->said('boom-stays-out-of-frame'), fn ($f): bool => $f->severity !== Severity::Holds) === [];
        ! $stays ?: expect(
            BoomReach::nearest($scene, $scene->booms['boom'], 0.06)->distanceM,
        )->toBeLessThanOrEqual($scene->booms['boom']->distanceM() + 1e-6);
    }
});

it('judges a boom by the margin that is wanted, each side of it', function (): void {
    $scene = new Scene(boomed(1.9)->setup());
    $boom = $scene->booms['boom'];
    // Where the tip is just out of both frames, straight up from where it stands.
    $clear = fn (float $z): float => min(
        array_map(
            fn ($view): float => max(
                array_map(fn (Vec3 $side): float => -$side->dot((new Vec3(3.0, 2.75, $z))->minus(new Vec3(...$view->eye))), $view->sides()),
            ),
            $scene->views,
        ),
    ) - $boom->model->diameterM / 2;
    for ($z = 1.2; $clear($z) < 0.0; $z += 0.002);
    $said = fn (float $more, array $limits = []): array => array_map(
        fn ($f): string => $f->severity->value.' '.$f->case,
        boomed(round($z + $more, 4), $limits)->said('boom-stays-out-of-frame'),
    );
    expect($said(0.01))
        ->toContain('watch margin')
        ->and($said(0.12))
        ->toBe(['holds holds', 'holds holds'])
        ->and($said(0.12, ['/brief/limits' => ['boom_margin_m' => 0.3]]))
        ->toContain('watch margin')
        ->and(implode(' ', $said(-0.05)))->toContain('breaks');
});

it('keeps pole and microphone off lamps', function (): void {
    $scene = new Scene(boomed(1.9)->lamp('top', 3.0, 2.6, null, ['height_m' => 2.0, 'dimmer' => 0.2])->setup());
    $found = BoomReach::nearest($scene, $scene->booms['boom'], 0.06);
    $to = $found->tip->minus($scene->lamps['top']->centre());
    expect($to->length())->toBeGreaterThan(0.3);
});
