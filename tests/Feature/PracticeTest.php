<?php

declare(strict_types=1);

use App\Models\ExerciseRun;
use App\Models\Shoot;
use App\Plans\PlanStore;
use FineFrame\Plan\Edit;

it('hides what it knows until somebody has said what is wrong, and keeps how they did', function (): void {
    $this->get('/practice')->assertOk()->assertSeeInOrder(['Not quite black', 'not tried', 'Light', '0 / 3']);
    $this->post('/practice/08-milky-blacks')->assertRedirect();
    $shoot = Shoot::query()->sole();
    $at = "/shoots/$shoot->id/light";

    $this->get($at)->assertOk()->assertSee('What is wrong here?')->assertDontSee('into B’s lens')->assertDontSee('to watch')->assertDontSee('<h2>Verdicts', false);
    expect(array_column($this->get("/shoots/$shoot->id/find")->json(), 'kind'))->not->toContain('verdict');
    $this->get('/')->assertDontSee('Not quite black');
    // Nothing chosen is no answer.
    $this->post("/shoots/$shoot->id/practice", ['version' => 1, 'stage' => 'light'])->assertStatus(422)->assertSee('Choose what you take to be wrong.');

    app(PlanStore::class)->commit($shoot, 1, new Edit(['/setups/setup-1/lights/light-1/before' => 'grid-tight', '/setups/setup-1/lights/light-1/dimmer' => 0.48]), 'Grid');
    $this->post("/shoots/$shoot->id/practice", ['version' => 2, 'named' => 'lens-is-shaded'])->assertRedirect();
    $this->get($at)->assertSeeInOrder(['Right: that was it.', 'Key shines into B’s lens', 'Mended: it holds now.', 'Why it matters', '<h2>Verdicts'], false);
    expect(ExerciseRun::query()->sole())->is_named->toBeTrue()->is_mended->toBeTrue()->breaks->toBeFalse();
    $this->get('/practice')->assertSeeInOrder(['Not quite black', '1 try', 'Light', '1 / 3', '1 / 3']);

    // Another try begins anew; what was reached stays.
    $this->post('/practice/08-milky-blacks');
    $this->get('/practice')->assertSeeInOrder(['Light', '1 / 3', '1 / 3']);
    expect(Shoot::query()->sole()->id)->not->toBe($shoot->id);
});

it('tells who was wrong what it was, on a page that was kept before', function (): void {
    config(['fineframe.build' => 'practice-'.getmypid()]);
    $this->post('/practice/12-tea-at-eleven');
    $shoot = Shoot::query()->sole();
    $this->get("/shoots/$shoot->id/rig")->assertSee('What is wrong here?');
    $this->post("/shoots/$shoot->id/practice", ['version' => 1, 'named' => 'cables-reach'])->assertRedirect();
    $this->get("/shoots/$shoot->id/rig")->assertSeeInOrder(['Not that. It was: a breaker will trip', 'Not mended yet', 'trips']);
});

it('has no exercise by another name', function (): void {
    $this->post('/practice/none')->assertNotFound();
    $this->post('/practice/..%2Flibrary')->assertNotFound();
    $shoot = $this->demo();
    $this->post("/shoots/$shoot->id/practice", ['version' => 1, 'named' => 'frames-differ'])->assertNotFound();
});
