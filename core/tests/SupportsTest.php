<?php

declare(strict_types=1);

use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Scene\Scene;
use FineFrame\Tests\Plans;

/** @return list<string> "thing: case" of each finding of a check that does not hold */
function wrong(Plans $plan, string $check): array
{
    return array_values(array_map(
        static fn (Finding $f): string => $f->about[0].': '.$f->case,
        array_filter($plan->said($check), static fn (Finding $f): bool => $f->severity->value !== 'holds'),
    ));
}

function seatedRoom(): Plans
{
    return Plans::room(8)->sitter('ann', 3, 3.2)->camera('a', 3, 0.9);
}

it('gives legs to what stands on them, and to nothing else', function (string $support, bool $crosses): void {
    // The lamp over Ann's head: legs straight under it would run through her and the frame.
    $plan = seatedRoom()->lamp('top', 3, 3.2, null, ['height_m' => 2.6, 'stand' => $support]);
    $legs = array_filter($plan->said('frame-is-clear'), static fn (Finding $f): bool => $f->severity->value === 'breaks');

    expect($legs !== [])->toBe($crosses);
})->with(['on a stand' => ['light-stand', true], 'clamped' => ['clamp', false]]);

it('wants something for a clamp to bite, and offers a stand', function (array $lamp, Plans $plan, array $wrong): void {
    $said = wrong($plan->lamp('l', 5, 4, null, $lamp + ['stand' => 'clamp']), 'stand-fits-its-place');

    expect($said)->toBe($wrong);
})->with([
    'in free air' => [['height_m' => 1.5], seatedRoom(), ['l: hangs']],
    'on a shelf' => [['height_m' => 1.5], seatedRoom()->thing('shelf', 5.2, 4.1, 0.4, 0.4, 1.4), []],
    'under the ceiling' => [['height_m' => 2.7], seatedRoom(), []],
]);

it('offers the first stand that is high enough for what a clamp cannot hold', function (float $height, string $stand): void {
    $setup = seatedRoom()
        ->lamp('l', 5, 4, null, ['height_m' => $height, 'stand' => 'clamp'])
        ->with(['/locations/room/space/height_m' => 5])
        ->setup();
    $judge = Judge::standard();
    $verdicts = $judge->judge($setup);

    expect(array_values($judge->mend($setup, $verdicts, $verdicts->find('stand-fits-its-place:l'))->edit->values))->toBe([$stand]);
})->with([[1.2, 'light-stand'], [1.9, 'light-stand'], [2.7, 'boom-stand']]);

it('counts two loads on one column as one stand, and two columns as two', function (float $apart, array $wrong): void {
    $plan = seatedRoom()->lamp('low', 5, 4, null, ['height_m' => 1.2])->lamp('high', 5 + $apart, 4, null, ['height_m' => 2.2]);

    expect(wrong($plan, 'stand-fits-its-place'))->toBe($wrong);
})->with(['one' => [0.0, []], 'two' => [0.3, ['low: fails', 'high: fails']]]);

it('stands an arm aside of its load, and somebody behind what is held', function (): void {
    $plan = seatedRoom()->thing('table', 4.6, 3.4, 0.8, 0.6, 0.75)->lamp('over', 4.6, 3.4, null, ['height_m' => 2.4]);
    $on = fn (string $support): array => wrong($plan->with(['lights/over/stand' => $support]), 'stand-fits-its-place');
    $held = fn (Plans $p): bool => wrong($p, 'frame-is-clear') !== [];

    expect($on('light-stand'))->toBe(['over: fails'])->and($on('overhead-arm'))->toBe([])
        // A lamp behind Ann held by hand puts its holder into the frame; clamped under the ceiling nobody shows.
        ->and($held(seatedRoom()->lamp('back', 3.6, 4.2, null, ['height_m' => 2.75, 'stand' => 'by-hand'])))->toBeTrue()
        ->and($held(seatedRoom()->lamp('back', 3.6, 4.2, null, ['height_m' => 2.75, 'stand' => 'clamp'])))->toBeFalse();
});

it('lifts people and stands onto a stage', function (): void {
    $stage = [
        '/locations/room/space/built' => [
            [
                'id' => 'stage', 'name' => 'stage', 'kind' => 'platform', 'x_m' => 3, 'y_m' => 3.5, 'width_m' => 5,
                'depth_m' => 2.6, 'height_m' => 0.6,
            ],
        ],
    ];
    $plan = Plans::room()->stander('ann', 3, 3.2)->camera('a', 3, 0.9)->lamp('l', 5, 3.6, null, ['height_m' => 2.8]);
    $eyes = fn (Plans $p): float => $p->setup()->bodies['ann']->eyes->z;

    expect($eyes($plan->with($stage)) - $eyes($plan))->toEqualWithDelta(0.6, 1e-9)
        ->and(wrong($plan, 'support-reaches-its-height'))
        ->toBe(['l: fails'])
        ->and(wrong($plan->with($stage), 'support-reaches-its-height'))
        ->toBe([]);
});

it('stands a microphone and whoever is at a camera on the stage, where a lens sees them', function (): void {
    $stage = [
        '/locations/room/space/built' => [
            [
                'id' => 'stage', 'name' => 'stage', 'kind' => 'platform', 'x_m' => 3, 'y_m' => 3.5, 'width_m' => 5,
                'depth_m' => 2.6, 'height_m' => 0.6,
            ],
        ],
    ];
    $plan = Plans::room()->stander('ann', 3, 3.2)->camera('a', 3, 0.9)->camera('b', 4.6, 3.8, 'ann', ['support' => 'shoulder'])
        ->row('mics', ['id' => 'm', 'name' => 'mic', 'model' => 'short-line', 'worn' => 'on a stand', 'x_m' => 2.4, 'y_m' => 3.4]);
    $lowest = fn (Plans $p, string $id): float => min(
        array_column(array_merge(...array_map(fn ($s) => $s->points, (new Scene($p->setup()))->solidsOf($id))), 2),
    );

    foreach (['m', 'b'] as $id) {
        expect($lowest($plan->with($stage), $id) - $lowest($plan, $id))->toEqualWithDelta(0.6, 0.001);
    }
});
