<?php

declare(strict_types=1);

use FineFrame\Judge\CheckSet;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Severity;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\UnitSystem;
use FineFrame\Tests\Checks;
use FineFrame\Tests\Plans;

/** Severity, case and whom it is about. */
function told(Finding $finding): string
{
    return trim($finding->severity->value.' '.$finding->case.' '.implode('+', $finding->about));
}

function judges(string $check, Plans $plan, string $said, array $numbers): void
{
    $found = $plan->said($check);
    $all = array_map(told(...), $found);
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
}

/** What a mend does, and by how much. */
function done(?Mend $mend): string
{
    $numbers = array_map(
        static fn (Quantity $q): string => $q->print(UnitSystem::Metric),
        array_filter($mend->arguments ?? [], static fn (mixed $a): bool => $a instanceof Quantity),
    );

    return trim($mend?->case.' '.implode(' ', $numbers));
}

function mends(string $check, Plans $plan, string $said, string $done): void
{
    [$judge, $setup] = [Judge::standard(), $plan->setup()];
    $verdicts = $judge->judge($setup);
    $finding = array_values(
        array_filter($verdicts->findings, static fn (Finding $f): bool => $f->check === $check && told($f) === $said),
    )[0];
    $mend = $judge->mend($setup, $verdicts, $finding);
    expect(done($mend))->toBe($done);
    $after = $judge->judge($setup->after($mend->edit));

    expect($after->find($finding->key())?->severity ?? Severity::Holds)
        ->toBe(Severity::Holds)
        ->and(array_diff($after->broken(), $verdicts->broken()))
        ->toBe([]);
}

// By the check's name, so that its rows can be run alone.
foreach (Checks::all() as $check => $rows) {
    it("judges $check", function (string $check, Plans $plan, string $said, array $numbers): void {
        judges($check, $plan, $said, $numbers);
    })->with(static fn (): array => iterator_to_array(Checks::rows($check)));
    if (array_filter($rows, static fn (array $row): bool => isset($row[4])) !== []) {
        it("mends $check", function (string $check, Plans $plan, string $said, string $done): void {
            mends($check, $plan, $said, $done);
        })->with(static fn (): array => iterator_to_array(Checks::mends($check)));
    }
}

/** What a check says of a plan, but for what is said of the room next door. */
function saidOf(string $check, Plans $plan): array
{
    return array_values(
        array_filter(array_map(told(...), $plan->said($check)), static fn (string $said): bool => ! str_ends_with($said, ' gap')),
    );
}

foreach (['another setup at the same place' => 'afterAnother', 'a room next door' => 'withRoomNextDoor'] as $beside => $how) {
    it("says the same beside $beside", function (string $check) use ($how): void {
        // What is wrong first: there is more to lose.
        $rows = iterator_to_array(Checks::rows($check));
        uasort($rows, static fn (array $a, array $b): int => str_starts_with($a[2], 'holds') <=> str_starts_with($b[2], 'holds'));
        foreach (array_slice($rows, 0, 4) as $name => [, $plan]) {
            expect(saidOf($check, $plan->$how()))->toBe(saidOf($check, $plan), $name);
        }
    })->with(array_keys(Checks::all()));
}

it('has rows for every check, and no check without', function (): void {
    expect(array_keys(Checks::all()))->toEqualCanonicalizing(array_map(static fn ($c): string => $c->id(), CheckSet::standard()));
});
