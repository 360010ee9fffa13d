<?php

declare(strict_types=1);

use App\Models\Shoot;
use App\Plans\PlanStore;
use FineFrame\Plan\Edit;

it('stands a whole plan by four answers, and says on its card how it stands and what is next', function (): void {
    $this->post('/shoots', [
        'what' => 'performance', 'people' => '3', 'place' => 'Net loft', 'date' => '2026-12-20', 'from' => '22:00', 'to' => '01:00',
    ])->assertRedirect();
    $shoot = Shoot::query()->sole();
    $plan = app(PlanStore::class)->open($shoot);

    expect($plan->brief->kind->value)->toBe('performance, band')
        ->and($plan->brief->day()?->text('to'))->toBe('01:00')
        ->and(count($plan->setup()->subjects()))->toBe(3);
    $this->get('/')
        ->assertSeeInOrder(['Performance, Net loft', 'Net loft · Sun 20 Dec 2026', 'to watch', 'Next', 'New, '])
        ->assertSee("/shoots/$shoot->id/floor.svg?v=1", false)
        ->assertSee("/shoots/$shoot->id/frames/camera-1.svg?v=1", false)
        ->assertDontSee('break,');
    $this->get("/shoots/$shoot->id/floor.svg?v=1")->assertHeader('Cache-Control', 'immutable, max-age=604800, private');
    $this->get("/shoots/$shoot->id/floor.svg?v=2")->assertHeader('Cache-Control', 'no-cache, private');
});

it('keeps what was typed beside what cannot be', function (array $typed, string $field, string $says): void {
    $this->from('/')->followingRedirects()->post('/shoots', $typed + ['place' => 'Net loft'])
        ->assertSeeInOrder(["name=\"$field\"", $says])->assertSee('Net loft');
    expect(Shoot::query()->count())->toBe(0);
})->with([
    'five on a stage' => [['what' => 'performance', 'people' => '5'], 'people', 'A first setup takes 1 to 4 here'],
    'three in an interview' => [['what' => 'interview', 'people' => '3'], 'people', 'A first setup takes 1 to 2 here'],
    'no end' => [['from' => '10:00'], 'to', 'Give both times'],
    'no clock' => [['from' => 'ten', 'to' => '11:00'], 'to', 'Give both times'],
    'no such day' => [['date' => '2026-02-30'], 'date', 'Choose a date.'],
]);

it('lists what is assumed until it is set or said to be right', function (): void {
    $this->post('/shoots', ['place' => 'Net loft']);
    $shoot = Shoot::query()->sole();
    $left = static fn (): array => app(PlanStore::class)->open($shoot->refresh())->assumed->pointers;
    $at = "/shoots/$shoot->id";
    $ceiling = '/locations/place/space/height_m';

    $this->get("$at/measure")->assertSeeInOrder(['Assumed until measured', 'Ceiling height', '2.70 m', 'Light of the room', '40 lx']);
    $this->get("$at/measure?select=room")->assertSeeInOrder(['Ceiling height, or highest point', 'assumed']);
    $this->post("$at/assumed", ['version' => 1, 'pointer' => '/setups/setup-1/metering/ambient_lux'])->assertRedirect();
    expect($left())->not->toContain('/setups/setup-1/metering/ambient_lux')->toContain($ceiling);
    $this->post("$at/card", ['version' => 2, 'thing' => 'room', 'fields' => [$ceiling => '2.9']])->assertRedirect();
    expect($left())->not->toContain($ceiling);
    // Anything that is not assumed is left alone.
    $this->post("$at/assumed", ['version' => 3, 'pointer' => '/shoot/title'])->assertRedirect();
    expect($shoot->refresh()->version)->toBe(3);
    $this->post("$at/undo", ['version' => 3])->assertRedirect();
    expect($left())->toContain($ceiling);
});

it('copies a shoot, and says from which', function (): void {
    $first = $this->demo();
    $this->post("/shoots/$first->id/copy")->assertRedirect('/');
    $copy = Shoot::query()->whereKeyNot($first->id)->sole();
    expect($copy->title)->toBe("$first->title, copy");
    $this->get('/')->assertSee("Copied from “{$first->title}”");
});

it('adds a lavalier with its link and its track in one step, for whoever has none', function (): void {
    $this->post('/shoots', ['place' => 'Net loft', 'people' => '2']);
    $shoot = Shoot::query()->sole();
    $store = app(PlanStore::class);
    $at = '/setups/setup-1';
    $shoot = $store->commit($shoot, 1, new Edit(["$at/mics/lavalier-2" => null, "$at/links/link-2" => null, "$at/tracks/track-lavalier-2" => null]), 'Lose one');
    $this->post("/shoots/$shoot->id/lavaliers", ['version' => 2, 'stage' => 'sound'])->assertRedirectContains('look=mics');
    $setup = $store->open($shoot->refresh())->setup();
    $said = array_column($setup->setup->list('tracks'), null, 'id')['track-1'];

    expect(array_map(fn ($m): string => $m->text('person'), $setup->setup->list('mics')))->toBe(['subject-1', 'subject-2'])
        ->and($setup->setup->list('links')[1]->number('set_mhz'))->toBe(470.575)
        ->and([$said->text('voice'), $said->text('link'), $said->text('recorder'), $said->number('input')])->toBe(['subject-2', 'link 2', 'recorder', 3.0]);
});

it('puts a window where a wall is clicked, and says that its measures are assumed', function (): void {
    $this->post('/shoots', ['place' => 'Net loft']);
    $shoot = Shoot::query()->sole();
    $this->post("/shoots/$shoot->id/openings", ['version' => 1, 'stage' => 'measure', 'kind' => 'window', 'x' => '2.5', 'y' => '0.02'])->assertRedirect();
    $this->get("/shoots/$shoot->id/measure")->assertSeeInOrder(['Window of the south wall, height', 'Window of the south wall, width'])->assertSee('Window of the south wall added');
    foreach ([['kind' => 'hatch'], ['x' => 'left'], ['y' => '9999']] as $wrong) {
        $this->post("/shoots/$shoot->id/openings", $wrong + ['version' => 2, 'kind' => 'door', 'x' => '1', 'y' => '1'])->assertStatus(422);
    }
});
