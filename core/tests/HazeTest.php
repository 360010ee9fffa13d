<?php

declare(strict_types=1);

use FineFrame\Light\Haze;

it('fills and leaks as the equation of mixed air says, step by step', function (float $volume, float $output, float $changesH): void {
    $haze = new Haze($volume, $output, $changesH / 3600);
    $density = 0.0;
    for ($s = 0; $s < 1200; $s++) {
        // Each second in twenty steps of the equation itself.
        for ($i = 0; $i < 20; $i++) {
            $density += ($output / $volume - $changesH / 3600 * $density) / 20;
        }
    }
    expect($haze->after(1200))->toEqualWithDelta($density, 1e-4 * $density)
        ->and($haze->fills($density))->toEqualWithDelta(1200.0, 0.5)
        ->and($haze->fills($haze->most() * 1.01))->toBeNull();
})->with(['a loft' => [157.0, 0.0033, 2.0], 'a leaky hall' => [2000.0, 0.05, 12.0]]);

it('halves in a room’s own time, and stays in one that is shut', function (): void {
    $haze = new Haze(100.0, 0.01, 1 / 3600);
    expect($haze->fades(0.5))->toEqualWithDelta(3600 * log(2), 1e-9)
        ->and($haze->left(3600.0, 1.0))->toEqualWithDelta(exp(-1), 1e-12)
        ->and((new Haze(100.0, 0.01, 0.0))->fades(0.5))->toBeNull()
        ->and((new Haze(100.0, 0.01, 0.0))->fills(0.02))->toEqualWithDelta(200.0, 1e-9)
        ->and(Haze::keeps(Haze::density(0.85, 5.4), 5.4))->toEqualWithDelta(0.85, 1e-12);
});
