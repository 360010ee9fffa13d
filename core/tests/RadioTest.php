<?php

declare(strict_types=1);

use FineFrame\Judge\Judge;
use FineFrame\Judge\RadioPlan;
use FineFrame\Judge\Severity;
use FineFrame\Plan\SetupPlan;
use FineFrame\Sound\CarrierSet;
use FineFrame\Sound\Guards;
use FineFrame\Sound\Intermodulation;
use FineFrame\Tests\Plans;

/** @param  list<float>  $mhz  set on links of one block */
function linked(array $mhz, array $more = []): SetupPlan
{
    $plan = Plans::room()->sitter('ann', 3, 3);
    foreach ($mhz as $i => $one) {
        $plan = $plan->row(
            'links',
            ['id' => "link-$i", 'name' => "link $i", 'from_mhz' => 470, 'to_mhz' => 518, 'set_mhz' => $one] + ($more[$i] ?? []),
        );
    }

    return $plan->setup();
}

it('hears products of the third and the fifth order, each within its guard', function (array $mhz, ?string $victim): void {
    $said = array_values(
        array_filter(Judge::standard()->judge(linked($mhz))->findings, fn ($f): bool => $f->check === 'links-leave-each-other-alone'),
    );
    expect(
        array_map(fn ($f): string => $f->severity->value.' '.$f->about[0], $said),
    )->toContain($victim === null ? 'holds links' : "breaks $victim");
})->with([
    'clear of one another' => [[500.0, 500.7, 502.5], null],
    '2a − b' => [[500.0, 501.0, 502.0 - 0.075], 'link-2'],
    '2a − b, just clear' => [[500.0, 501.0, 502.0 + 0.1], null],
    'a + b − c' => [[500.0, 500.8, 502.4, 503.2 + 0.025], 'link-0'],
    '3a − 2b' => [[500.0, 500.5, 499.0 + 0.025], 'link-2'],
    '3a − 2b, just clear' => [[500.0, 500.5, 499.0 - 0.05], null],
    'too near' => [[500.0, 500.325], 'link-1'],
    'near, and far enough' => [[500.0, 500.35], null],
]);

it('lets one join just where nothing is made with it', function (): void {
    mt_srand(4);
    $guards = new Guards(...RadioPlan::GUARDS);
    for ($round = 0; $round < 60; $round++) {
        $set = new CarrierSet($guards);
        for ($try = 0; $try < 40; $try++) {
            $x = 500_000 + 25 * mt_rand(0, 480);
            $isClear = Intermodulation::conflicts([...$set->all(), $x], $guards) === [];
            expect($set->fits($x))->toBe($isClear);
            $isClear ? $set->add($x) : null;
        }
        expect(Intermodulation::hits([...$set->all(), $set->all()[0] + 25], $guards))->not->toBe([]);
    }
});

it('mends a whole crowded block at once, moving what does not fit and no more', function (): void {
    $setup = linked(array_map(fn (int $i): float => 470.1 + 0.1 * $i, range(0, 15)), [3 => ['locked' => true]]);
    $repaired = (new RadioPlan($setup))->repaired();
    $after = new RadioPlan($repaired['edit']->applyTo($setup->plan)->setup());
    expect($after->hits())->toBe([])->and($after->carriers()['link-3'])->toBe(470_400)->and(count($repaired['moved']))->toBeLessThan(15);

    $judge = Judge::standard();
    $verdicts = $judge->judge($setup);
    $broken = array_filter(
        $verdicts->findings,
        fn ($f): bool => $f->check === 'links-leave-each-other-alone' && $f->severity === Severity::Breaks,
    );
    expect(count($broken))->toBeGreaterThan(8);
    foreach ($broken as $finding) {
        expect($judge->mend($setup, $verdicts, $finding)?->case)->toBe('set-many-links');
    }
});

it('sets as many of 64 as there is room for, and names the rest', function (): void {
    $setup = linked(array_fill(0, 64, 470.0));
    $found = (new RadioPlan($setup))->coordinated(0.5);
    $after = $found['edit']->applyTo($setup->plan)->setup();
    $set = array_map(fn (string $p): string => explode('/', $p)[4], array_keys($found['edit']->values));
    $carriers = array_values(array_intersect_key((new RadioPlan($after))->carriers(), array_flip($set)));
    expect(count($set))->toBeGreaterThan(20)->and(count($set) + count($found['left']))->toBe(64)
        ->and(Intermodulation::conflicts($carriers, RadioPlan::guards()))->toBe([]);
});
