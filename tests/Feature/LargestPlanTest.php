<?php

declare(strict_types=1);

use App\Plans\PlanStore;
use FineFrame\Tests\Plans;

beforeEach(function (): void {
    config(['fineframe.mends_ms' => 0.001]);
    $this->shoot = app(PlanStore::class)->create(Plans::largest(0.5)->setup()->plan, 'Half of the most');
});

it('answers first and asks for what takes longer once the page stands', function (): void {
    $at = "/shoots/{$this->shoot->id}";
    $this
        ->get("$at/light")
        ->assertOk()
        ->assertSee('Lighting the frames')
        ->assertSee('Looking for mends: 0 of 60')
        ->assertSee('Look for a mend');
    $this->get("$at/light?look=stops")->assertOk()->assertSee('Metering the floor')->assertDontSee('stop-line');

    config(['fineframe.mends_later_ms' => 0.001]);
    $later = $this->get("$at/light?later=mends&from=1", ['HX-Request' => 'true'])->assertOk()->assertHeader('X-Plan-Version', '1');
    expect(substr_count($later->getContent(), 'hx-swap-oob="morph"'))->toBe(2);
    $later->assertSee('Looking for mends: 2 of 60');
});

it('stops looking for mends by itself after as many as anybody reads', function (): void {
    config(['fineframe.mends_unasked' => 2, 'fineframe.mends_later_ms' => 0.001]);
    $this
        ->get("/shoots/{$this->shoot->id}/cameras?later=mends&from=1", ['HX-Request' => 'true'])
        ->assertOk()
        ->assertDontSee('Looking for mends');
});
