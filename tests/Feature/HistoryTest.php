<?php

declare(strict_types=1);

use App\Models\Shoot;
use App\Plans\PlanStore;
use FineFrame\Plan\Edit;
use FineFrame\Plan\PlanWriter;

/** The demo after two changes: the key dimmed to the stop, then B farther left. */
function changedTwice(Shoot $shoot): Shoot
{
    $store = app(PlanStore::class);
    $shoot = $store->commit($shoot, 1, new Edit(['/setups/talk/lights/key/dimmer' => 0.17]), 'Dim Key');

    return $store->commit($shoot, 2, new Edit(['/setups/talk/cameras/cam-b/label' => 'C']), 'Call it C');
}

it('puts two versions beside each other: frames, verdicts that turned, and what changed', function (): void {
    $shoot = changedTwice($this->demo());
    $this->get("/shoots/$shoot->id/history?left=1&right=2")->assertOk()
        ->assertSeeInOrder(['Version 1', '3 break', 'Version 2', '2 break'])
        ->assertSeeInOrder(['Key is 2.1 stops too bright', 'breaks → holds'])
        ->assertSeeInOrder(['Key, dimmer', '0.8', '0.17'])
        ->assertDontSee('What C sees');
    // Without numbers, or with some that there are not, the newest two.
    foreach (['', '?left=77&right=99'] as $asked) {
        $this->get("/shoots/$shoot->id/history$asked")->assertOk()->assertSeeInOrder(['Version 2', 'Version 3'])->assertSee('What C sees');
    }
});

it('puts two setups beside each other', function (): void {
    $shoot = $this->demo();
    $this->get("/shoots/$shoot->id/history?left=1&right=1&left_setup=talk&right_setup=duo")
        ->assertOk()->assertSeeInOrder(['selected>Setup 1', 'selected>The duo'], false)->assertSee('Tamsin');
});

it('brings a version back as a change of its own', function (): void {
    $shoot = changedTwice($this->demo());
    $first = PlanWriter::json(PlanStore::read($shoot->heads()->where('version', 1)->sole()->revision->plan));
    $now = static fn (): string => PlanWriter::json(app(PlanStore::class)->open($shoot->refresh()));
    $last = $now();
    $at = "/shoots/$shoot->id";

    $this->post("$at/history", ['version' => 3, 'bring' => 1])->assertRedirect();
    expect($now())->toBe($first)->and($shoot->version)->toBe(4);
    $this->get("$at/history")->assertSee('Back to version 1: The demo');
    $this->post("$at/undo", ['version' => 4])->assertRedirect();
    expect($now())->toBe($last);
    // Another has changed it meanwhile: nothing is overwritten unseen.
    $this->post("$at/history", ['version' => 3, 'bring' => 1])->assertStatus(409);
    $this->post("$at/history", ['version' => 5, 'bring' => 88])->assertNotFound();
});

it('says what undo would take back', function (): void {
    $shoot = changedTwice($this->demo());
    $this->get("/shoots/$shoot->id/cameras")->assertSee('title="Undo: Call it C"', false)->assertDontSee('title="Redo:', false);
    $this->post("/shoots/$shoot->id/undo", ['version' => 3]);
    $this->get("/shoots/$shoot->id/cameras")->assertSee('title="Redo: Call it C"', false)->assertSee('title="Undo: Dim Key"', false);
});
