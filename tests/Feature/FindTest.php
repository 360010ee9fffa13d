<?php

declare(strict_types=1);

use App\View\Glossary;

it('finds things, pages, verdicts, settings, choices, papers and terms, each where it is', function (string $kind, string $name, string $at, string $more): void {
    $shoot = $this->demo();
    $found = array_values(array_filter(
        $this->get("/shoots/$shoot->id/find?stage=cameras")->assertOk()->json(),
        static fn (array $one): bool => $one['kind'] === $kind && str_starts_with($one['name'], $name),
    ))[0];

    expect($found['more'])->toContain($more);
    $at === ''
        ? expect($found['url'])->toBe('')
        : $this->get($found['url'])->assertOk()->assertSee($at);
})->with([
    'a thing' => ['thing', 'Hearth wall', 'Remove Hearth wall', ''],
    'a page' => ['page', 'Stops', 'Stops', 'Light'],
    'a verdict' => ['verdict', 'Key is in B’s frame', 'Key is in B’s frame', 'breaks'],
    'a setting of a thing' => ['field', 'Key: Dimmer', 'Dimmer', '80 %'],
    'a setting of the room' => ['field', 'Room: Ceiling height', 'Ceiling height', '2.9'],
    'a choice' => ['school', 'Main microphone', 'Main microphone', 'Boom'],
    'an act' => ['act', 'Undo', '', 'u'],
    'a term' => ['term', 'Lead room (looking room)', '', 'ahead of where somebody looks'],
]);

it('tells in feet where feet are read', function (): void {
    $shoot = $this->demo();
    $fields = array_column($this->withCookie('units', 'imperial')->get("/shoots/$shoot->id/find")->json(), 'more', 'name');
    expect($fields['Camera A: Lens height'])->toBe('3\'11"');
});

it('names the terms of a sentence once each, by whatever they are called', function (string $sentence, array $terms): void {
    expect(Glossary::in($sentence))->toBe($terms);
})->with([
    ['Key is 2.1 stops too bright; the lav is near.', ['key', 'stop', 'lavalier']],
    ['The key light and the key.', ['key']],
    ['Keyboard and monkey.', []],
    ['Looking room is on the wrong side.', ['lead room']],
]);
