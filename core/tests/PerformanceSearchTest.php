<?php

declare(strict_types=1);

use FineFrame\Camera\Role;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Propose\PerformanceSearch;
use FineFrame\Tests\Cases;
use FineFrame\Tests\Plans;

/** So many performers in a row before so many cameras, all in one corner yet. */
function stage(float $width, float $depth, int $people, int $cameras): Plans
{
    $plan = Plans::room($width, $depth)->with(['/brief/kind' => 'performance, band']);
    for ($i = 0; $i < $people; $i++) {
        $plan = $plan->stander("p$i", $width / 2 + 1.3 * ($i - ($people - 1) / 2), 0.62 * $depth, 180);
    }
    for ($i = 0; $i < $cameras; $i++) {
        $plan = $plan->camera(chr(97 + $i), 1 + $i, 1, 'p0');
    }

    return $plan;
}

it('gives everybody a camera and one camera everybody, and breaks nothing of theirs', function (Plans $plan, int $least): void {
    $setup = $plan->setup();
    $judge = Judge::standard();
    $proposals = (new PerformanceSearch(new Situation($setup), $judge))->proposals();
    expect(count($proposals))->toBeGreaterThanOrEqual($least);
    foreach ($proposals as $proposal) {
        $after = new Situation($setup->after($proposal->edit));
        $verdicts = $judge->judge($after);
        $covered = array_filter($verdicts->findings, static fn (Finding $f): bool => $f->check === 'everyone-is-covered');
        $safety = array_values(array_filter($after->setup->cameras, static fn ($c): bool => $c->placement->role === Role::Safety));
        expect(array_values(array_unique(array_map(static fn (Finding $f): string => $f->severity->value, $covered))))->toBe(['holds'])
            ->and($verdicts->find("safety-holds:{$safety[0]->placement->id}")?->severity)->toBe(Severity::Holds)
            ->and(array_diff(
                array_map(static fn (string $key): string => explode(':', $key)[0], $verdicts->broken()),
                ['key-gives-the-stop'],
            ))->toBe([]);
    }
})->with([
    'one camera on two' => [stage(8, 7, 2, 1), 3],
    'two on one' => [stage(9, 8, 1, 2), 3],
    'two on three' => [stage(8, 7, 3, 2), 2],
    'three on four' => [stage(10, 8, 4, 3), 2],
    'a small room' => [stage(6, 5, 2, 2), 1],
]);

it('leaves a camera that moves on its way', function (): void {
    $proposals = (new PerformanceSearch(new Situation(Cases::shipped(['@' => 'duo'])), Judge::standard()))->proposals();
    expect($proposals)->not->toBe([]);
    foreach ($proposals as $proposal) {
        expect(array_filter(array_keys($proposal->edit->values), static fn (string $at): bool => str_contains($at, 'cam-a')))->toBe([]);
    }
});

it('names the camera that finds no place', function (): void {
    $search = new PerformanceSearch(new Situation(stage(2.4, 2.2, 2, 1)->setup()), Judge::standard());
    expect($search->proposals())->toBe([])->and($search->without)->toBe(['a']);
});
