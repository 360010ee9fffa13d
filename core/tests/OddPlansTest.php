<?php

declare(strict_types=1);

use FineFrame\Judge\Judge;
use FineFrame\Tests\Plans;

it('does not fall over a lens over or inside a person, or straight down', function (float $x, float $y, float $heightM, array $aim): void {
    $plan = Plans::room()
        ->thing('box', 1, 1, 0.5, 0.5, 0.5)
        ->sitter('ann', 3, 3)
        ->lamp('key', 1.5, 1.5)
        ->camera('a', $x, $y, null, ['height_m' => $heightM] + ($aim === [] ? [] : ['aim' => $aim]))
        ->row('walks', ['name' => 'through the lens', 'person' => 'ann', 'to_x_m' => $x, 'to_y_m' => $y]);
    $verdicts = Judge::standard()->judge($plan->setup());
    expect($verdicts->findings)->not->toBe([]);
})->with([
    'straight above' => [3.0, 3.0, 2.6, []],
    'inside the head' => [3.0, 3.0, 1.2, []],
    'before the nose' => [3.0, 2.95, 1.25, []],
    'a walk through it' => [4.0, 4.0, 1.2, []],
    'straight down' => [3.0, 2.5, 2.6, ['mode' => 'free', 'tilt_deg' => -90]],
    'straight up' => [3.0, 2.5, 0.3, ['mode' => 'free', 'tilt_deg' => 90]],
]);
