<?php

declare(strict_types=1);

use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Scene\FaceReading;
use FineFrame\Tests\Plans;
use FineFrame\Tests\RandomPlans;

/** @return list<string> all that is said, as far as it does not depend on where one looks from */
function verdicts(Plans $plan, string $prefix = ''): array
{
    $all = array_map(
        static fn (Finding $f): string => $f->severity->value.' '.$f->check.' '.implode(
            '+',
            array_map(static fn (string $id): string => str_replace('x-', '', $id), $f->about),
        ),
        Judge::standard()->judge($plan->setup())->findings,
    );
    sort($all);

    return $all;
}

/** @return iterable<string, array{RandomPlans}> */
function randomPlans(): iterable
{
    foreach (RandomPlans::some(40, 7) as $i => $plan) {
        yield "plan $i" => [$plan];
    }
}

it('judges alike from elsewhere', function (RandomPlans $plan): void {
    $said = verdicts($plan->plan());

    expect(verdicts($plan->turned()->plan()))->toBe($said, 'turned')
        ->and(verdicts($plan->mirrored()->plan()))->toBe($said, 'mirrored')
        ->and(verdicts($plan->reordered()->plan()))->toBe($said, 'reordered')
        ->and(verdicts($plan->renamed()->plan()))->toBe($said, 'renamed');
})->with(randomPlans(...));

it('reads no more of a lamp that is off, and no less of one that is nearer', function (RandomPlans $plan): void {
    $setup = $plan->plan()->setup();
    $lux = static fn (Plans $p): FaceReading => (new Situation($p->setup()))->face('ann');
    $before = $lux($plan->plan());
    $eyes = $setup->bodies['ann']->eyes;
    foreach ($setup->setup->lights as $lamp) {
        $off = $lux($plan->plan()->with(["lights/$lamp->id/on" => false]));
        expect($off->light->totalLux())->toBeLessThanOrEqual($before->light->totalLux() + 1e-9);
        $to = $eyes->plus($lamp->place->at($lamp->heightM)->minus($eyes)->times(0.9));
        $near = $lux(
            $plan->plan()->with(
                ["lights/$lamp->id/x_m" => $to->x, "lights/$lamp->id/y_m" => $to->y, "lights/$lamp->id/height_m" => $to->z],
            ),
        );
        if ($before->seen[$lamp->id] >= 1.0 && $near->seen[$lamp->id] >= 1.0) {
            expect($near->byLamp[$lamp->id])->toBeGreaterThanOrEqual($before->byLamp[$lamp->id]);
        }
    }
})->with(randomPlans(...));

it('clears no frame by one camera more', function (RandomPlans $plan): void {
    $broken = static fn (Plans $p): array => array_map(
        static fn (Finding $f): string => $f->key(),
        array_filter($p->said('frame-is-clear'), static fn (Finding $f): bool => $f->severity === Severity::Breaks),
    );
    $first = $plan->document['setups'][0]['cameras'][0];

    expect(
        array_diff(
            $broken($plan->plan()),
            $broken($plan->plan()->camera('more', $first['x_m'], $first['y_m'], 'ann', ['height_m' => 0.6, 'support' => 'clamp'])),
        ),
    )->toBe([]);
})->with(randomPlans(...));

it('lets a thing that is nowhere near change nothing else', function (RandomPlans $plan): void {
    $alone = verdicts($plan->plan()->with(['/kit/fixtures/soft-90/hot' => false]));
    $shelf = $plan->plan()->thing('crumb', 0.06, 0.06, 0.02, 0.02, 0.01);

    expect(array_values(array_filter(verdicts($shelf), static fn (string $s): bool => ! str_contains($s, 'crumb'))))->toBe($alone);
})->with(randomPlans(...));
