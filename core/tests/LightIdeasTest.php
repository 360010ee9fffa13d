<?php

declare(strict_types=1);

use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\LampWork;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Light\LampPart;
use FineFrame\Propose\LightIdeas;
use FineFrame\Tests\Checks;
use FineFrame\Tests\Plans;

/** Ann alone before A, in the dark. */
function unlit(): Plans
{
    return Plans::room(8, 7)->sitter('ann', 4, 4.4)->interviewer('bo', 4.5, 1.2)->with(['subjects/ann/looks_at' => 'bo'])->camera('a', 4, 1.6);
}

/** A plan of the table of checks. */
function tabled(string $check, string $name): Plans
{
    return array_column(Checks::all()[$check], 1, 0)[$name];
}

it('adds what is missing, and it holds', function (Plans $plan, string $check, string $case, ?LampPart $part): void {
    $judge = Judge::standard(more: new LightIdeas);
    $setup = $plan->setup();
    $verdicts = $judge->judge($setup);
    $finding = array_values(array_filter(
        $verdicts->findings,
        static fn (Finding $f): bool => $f->check === $check && $f->severity !== Severity::Holds,
    ))[0];
    $mend = $judge->mend($setup, $verdicts, $finding);
    $after = new Situation($setup->after($mend->edit));
    $works = array_merge(...array_values(LampWork::allOf($after)));
    $parts = array_column($works, 'part');

    expect($mend->case)->toBe($case)
        ->and($judge->judge($after)->find($finding->key())?->severity ?? Severity::Holds)->toBe(Severity::Holds)
        ->and($part === null || in_array($part, $parts, true))->toBeTrue()
        ->and(array_diff($judge->judge($after)->broken(), $verdicts->broken()))->toBe([]);
})->with([
    'a face in the dark gets a key' => [unlit(), 'key-gives-the-stop', 'add-lamp', LampPart::Key],
    'eyes get a small lamp over the lens' => [tabled('eyes-catch-light', 'too high'), 'eyes-catch-light', 'add-lamp', LampPart::Eye],
    'a flat face gets a black' => [tabled('face-has-shape', 'flat'), 'face-has-shape', 'add-black', null],
    'a lens that is shone into gets a flag' => [
        tabled('lens-is-shaded', 'beside the frame, into the lens'), 'lens-is-shaded', 'set-flag', null,
    ],
    'a second face in the dark gets a lamp of its own' => [
        unlit()->lamp('key', 6, 2.6, null, ['dimmer' => 0.3, 'height_m' => 2.0])->sitter('cy', 1.2, 6, 0), 'key-gives-the-stop', 'add-lamp',
        LampPart::Key,
    ],
]);

it('takes no lamp that is not there', function (): void {
    $stock = array_map(
        static fn (string $id): array => ['id' => $id, 'model' => $id, 'count' => 0],
        array_keys(unlit()->setup()->plan->kit->fixtures),
    );
    $setup = unlit()->with(['/kit/stock' => $stock])->setup();
    $judge = Judge::standard(more: new LightIdeas);
    $verdicts = $judge->judge($setup);

    expect($judge->mend($setup, $verdicts, $verdicts->find('key-gives-the-stop:ann'))->case)->toBe('iso');
});
