<?php

declare(strict_types=1);

use FineFrame\Document\InvalidDocument;
use FineFrame\Judge\Exercise;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Turned;
use FineFrame\Plan\Edit;
use FineFrame\Propose\LightIdeas;
use FineFrame\Tests\Plans;

$folder = __DIR__.'/../data/exercises';

it('has one mistake in each exercise, found by the check that it names and at its stage', function (string $file): void {
    $exercise = Exercise::json(basename($file, '.json'), (string) file_get_contents($file));
    $judge = Judge::standard(more: new LightIdeas);
    $verdicts = $judge->judge($exercise->plan($judge)->setup());
    $found = $exercise->finding($verdicts);

    // None of the others that could be chosen is wrong as well.
    $also = array_filter($verdicts->findings, static fn (Finding $f): bool => $f->severity !== Severity::Holds
        && $f->check !== $exercise->wrong && isset($exercise->choices[$f->check])
        && $f->severity->rank() <= ($found?->severity->rank() ?? 0));

    expect($found)->not->toBeNull()
        ->and($found->stage)->toBe($exercise->stage)
        ->and(array_column($also, 'check'))->toBe([])
        ->and(count($exercise->choices))->toBe(5);
})->with(array_map(static fn (string $file): array => [$file], glob("$folder/*.json") ?: []));

it('tells how somebody did: named, mended, and what that brought', function () use ($folder): void {
    $exercise = Exercise::json('x', (string) file_get_contents("$folder/08-milky-blacks.json"));
    $judge = Judge::standard(more: new LightIdeas);
    $plan = $exercise->plan($judge);
    $does = static fn (array $edit, string $named = 'lens-is-shaded') => $exercise->outcome($named, (new Edit($edit))->applyTo($plan), $judge);
    $key = '/setups/setup-1/lights/light-1';

    $left = $does(['/setups/setup-1/name' => 'Mine'], 'colours-agree');
    expect([$left->isNamed, $left->isMended(), $left->worse])->toBe([false, false, []]);
    $grid = $does(["$key/before" => 'grid-tight', "$key/dimmer" => 0.48]);
    expect([$grid->isNamed, $grid->isMended(), $grid->breaks()])->toBe([true, true, false]);
    $off = $does(["$key/on" => false]);
    expect([$off->isMended(), $off->breaks()])->toBe([true, true])
        ->and($off->worse[0]->finding()->check)->toBe('key-gives-the-stop');
});

it('refuses a file whose answer is none of its choices', function () use ($folder): void {
    $file = json_decode((string) file_get_contents("$folder/08-milky-blacks.json"), true);
    Exercise::json('x', (string) json_encode(['wrong' => 'nothing'] + $file));
})->throws(InvalidDocument::class, 'must be one of the choices');

it('tells which verdicts turned, what became worse first', function (): void {
    $room = Plans::room()->sitter('ann', 3, 3)->camera('a', 3, 0.8, 'ann');
    $told = static fn (Plans $before, Plans $after): array => array_map(
        static fn (Turned $t): string => ($t->isWorse() ? 'worse ' : 'better ').$t->finding()->key(),
        array_filter(
            Turned::between($before->judged(), $after->judged()),
            static fn (Turned $t): bool => in_array($t->finding()->stage, [Stage::Stage, Stage::Cameras], true),
        ),
    );
    $near = $room->with(['subjects/ann/y_m' => 4.6]);

    expect($told($room, $near)[0])->toBe('worse subject-stands-off-the-background:a+ann')
        ->and($told($near, $room))->toContain('better subject-stands-off-the-background:a+ann')
        ->and($told($room, $room))->toBe([]);
});
