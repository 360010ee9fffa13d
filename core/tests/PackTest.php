<?php

declare(strict_types=1);

use FineFrame\Pack\Box;
use FineFrame\Pack\Carriers;
use FineFrame\Pack\CaseSize;
use FineFrame\Pack\Laid;
use FineFrame\Pack\Packer;
use FineFrame\Tests\Cases;

/** Whether boxes go into one case at whole decimetres, by trying every place and turn. */
function goesIn(array $boxes, CaseSize $case, array $laid = []): bool
{
    if ($boxes === []) {
        return true;
    }
    $box = array_shift($boxes);
    foreach ($box->turns() as [$dx, $dy, $dz]) {
        for ($x = 0; $x + $dx <= $case->lengthM + 1e-9; $x += 0.1) {
            for ($y = 0; $y + $dy <= $case->widthM + 1e-9; $y += 0.1) {
                for ($z = 0; $z + $dz <= $case->heightM + 1e-9; $z += 0.1) {
                    $spot = new Laid($box, $x, $y, $z, $dx, $dy, $dz);
                    if ($spot->isFree($laid) && goesIn($boxes, $case, [...$laid, $spot])) {
                        return true;
                    }
                }
            }
        }
    }

    return false;
}

it('packs a case wherever trying every place does', function (): void {
    mt_srand(21);
    $fits = 0;
    for ($try = 0; $try < 120; $try++) {
        $case = new CaseSize('case', 0.1 * mt_rand(2, 4), 0.1 * mt_rand(2, 3), 0.1 * mt_rand(2, 3), 100);
        $boxes = [];
        for ($i = 0; $i < 4; $i++) {
            $boxes[] = new Box("b$i", 0.1 * mt_rand(1, 3), 0.1 * mt_rand(1, 2), 0.1 * mt_rand(1, 2), 1, mt_rand(0, 3) === 0, mt_rand(0, 2) === 0);
        }
        $wanted = array_sum(array_map(static fn (Box $b): float => $b->litres(), $boxes)) <= $case->litres() + 1e-6 && goesIn($boxes, $case);
        $packing = (new Packer($boxes, [$case]))->pack();
        expect($packing->left === [])->toBe($wanted);
        $fits += $wanted ? 1 : 0;
    }
    expect($fits)->toBeGreaterThan(30)->toBeLessThan(100);
});

it('lays nothing into another, outside its case, on what is fragile, or beyond what a case holds', function (): void {
    $pack = (new FineFrame\Judge\Situation(Cases::shipped()))->pack();
    $packing = $pack->packing();
    expect($packing->left)->toBe([])->and(count($packing->cases))->toBeGreaterThan(5);
    foreach ($packing->cases as $id => $laid) {
        foreach ($laid as $i => $one) {
            expect($one->isInside($pack->cases[$id]))->toBeTrue();
            foreach (array_slice($laid, $i + 1) as $other) {
                expect($one->hinders($other))->toBeFalse();
            }
        }
        expect(array_sum(array_map(static fn (Laid $l): float => $l->box->kg, $laid)))->toBeLessThanOrEqual($pack->cases[$id]->maxKg + 1e-6);
    }
});

it('keeps together what is looked for together, while there is room', function (): void {
    $box = static fn (string $id, string $group): Box => new Box($id, 0.2, 0.2, 0.2, 1, group: $group);
    $case = static fn (string $id, string $for = ''): CaseSize => new CaseSize($id, 0.4, 0.2, 0.2, 10, $for);
    $in = static fn (array $boxes, array $cases): array => array_map(
        static fn (array $laid): array => array_map(static fn (Laid $l): string => $l->box->id, $laid), (new Packer($boxes, $cases))->pack()->cases,
    );
    $boxes = array_map($box, ['a1', 'b1', 'a2', 'b2', 'a3', 'b3', 'a4', 'b4'], ['a', 'b', 'a', 'b', 'a', 'b', 'a', 'b']);
    expect($in($boxes, array_map($case, ['k1', 'k2', 'k3', 'k4'])))->toBe(['k1' => ['a1', 'a2'], 'k2' => ['a3', 'a4'], 'k3' => ['b1', 'b2'], 'k4' => ['b3', 'b4']])
        ->and($in($boxes, [$case('k1', 'b'), $case('k2'), $case('k3'), $case('k4', 'b')])['k2'])->toBe(['a1', 'a2'])
        // With less room, what is left goes wherever it can.
        ->and($in(array_slice($boxes, 0, 6), array_map($case, ['k1', 'k2', 'k3'])))->toHaveCount(3);
});

it('walks no more rounds than any sharing out would', function (): void {
    mt_srand(22);
    for ($try = 0; $try < 40; $try++) {
        $kg = array_map(static fn (): float => mt_rand(2, 30), range(1, 6));
        [$few, $more] = [new Carriers([20.0, 15.0], 2, true), new Carriers([20.0, 15.0, 20.0], 2, true)];
        $rounds = $few->rounds($kg);
        // By weight and by hands it can be no fewer; a third person never makes it more.
        expect($rounds)->toBeGreaterThanOrEqual((int) ceil(max(array_sum($kg) / 35, count($kg) / 4) - 1e-9))
            ->and($more->rounds($kg))->toBeLessThanOrEqual($rounds);
    }
    expect((new Carriers([20.0, 15.0], 2, true))->rounds([31.0]))->toBeNull()
        ->and((new Carriers([20.0, 15.0], 2, true))->rounds([30.0]))->toBe(1);
});
