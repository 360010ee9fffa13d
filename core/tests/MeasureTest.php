<?php

declare(strict_types=1);

use FineFrame\Measure\InvalidLength;
use FineFrame\Measure\Length;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Measure\UnitSystem;

it('reads a length as people type it', function (string $typed, UnitSystem $bare, float $metres): void {
    expect(Length::parse($typed, $bare)->metres)->toEqualWithDelta($metres, 1e-9);
})->with([
    'bare metres' => ['3.2', UnitSystem::Metric, 3.2],
    'comma' => ['3,2 m', UnitSystem::Metric, 3.2],
    'centimetres' => ['320cm', UnitSystem::Metric, 3.2],
    'millimetres' => [' 85 mm ', UnitSystem::Imperial, 0.085],
    'bare feet' => ['10', UnitSystem::Imperial, 3.048],
    'feet and inches' => ['10\'6"', UnitSystem::Metric, 3.2004],
    'words and a fraction' => ['10ft 6 1/2in', UnitSystem::Metric, 3.2131],
    'inches alone' => ['6 1/2"', UnitSystem::Metric, 0.1651],
    'typographic marks' => ['10′ 6½″', UnitSystem::Metric, 3.2131],
    'dash' => ['5\'-3"', UnitSystem::Metric, 1.6002],
    'below zero' => ['-4 in', UnitSystem::Metric, -0.1016],
]);

it('refuses what is no length', fn (string $typed) => Length::parse($typed))
    ->with(['', 'tall', '3 m 2', '1/2', '10\'6"x', '1e5', 'NaN'])->throws(InvalidLength::class);

it('prints in both systems', function (Quantity $quantity, string $metric, string $imperial): void {
    expect($quantity->print(UnitSystem::Metric))->toBe($metric)->and($quantity->print(UnitSystem::Imperial))->toBe($imperial);
})->with([
    'metres' => [Quantity::metres(3.2131), '3.21 m', '10′ 6½″'],
    'centimetres' => [Quantity::metres(0.11), '11 cm', '4½″'],
    'rounds up to a foot' => [Quantity::metres(0.3047), '30 cm', '1′ 0″'],
    'infinite' => [Quantity::metres(INF), '∞', '∞'],
    'light' => [Quantity::of(402.4, Unit::Lux), '402 lx', '37 fc'],
    'a small share' => [Quantity::share(0.0023), '0.2 %', '0.2 %'],
]);
