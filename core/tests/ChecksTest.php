<?php

declare(strict_types=1);

use FineFrame\Judge\CheckSet;
use FineFrame\Judge\Finding;
use FineFrame\Tests\Checks;
use FineFrame\Tests\Plans;

it('judges', function (string $check, Plans $plan, string $said, array $numbers): void {
    $found = $plan->said($check);
    $print = static fn (Finding $f): string => trim($f->severity->value.' '.$f->case.' '.implode('+', $f->about));
    $all = array_map($print, $found);
    if ($said === '') {
        expect($all)->toBe([]);

        return;
    }
    expect($all)->toContain($said);
    foreach ($numbers as $name => $expected) {
        $got = $found[(int) array_search($said, $all, true)]->arguments[$name];
        is_array($expected) || is_float($expected) || is_int($expected)
            ? expect($got->value)->toEqualWithDelta(...is_array($expected) ? $expected : [$expected, max(0.005, 0.01 * abs($expected))])
            : expect($got)->toBe($expected);
    }
})->with(Checks::rows(...));

it('has rows for every check, and no check without', function (): void {
    expect(array_keys(Checks::all()))->toEqualCanonicalizing(array_map(static fn ($c): string => $c->id(), CheckSet::standard()));
});
