<?php

declare(strict_types=1);

use App\Plans\PlanStore;
use FineFrame\Judge\PowerPlan;
use FineFrame\Judge\Situation;

beforeEach(function (): void {
    $this->seed();
    $this->shoot = App\Models\Shoot::query()->firstOrFail();
    $this->power = fn (): PowerPlan => PowerPlan::of(
        new Situation(app(PlanStore::class)->open($this->shoot->refresh())->setup()),
    );
});

it('shows each breaker with what it carries, and each load with its circuit', function (): void {
    $this->get("/shoots/{$this->shoot->id}/rig?look=power")
        ->assertOk()
        ->assertSeeInOrder(['kitchen ring', '32.0 A, 230 V', '25.6 A', 'Recorder 0.1 A', 'wall sockets', 'Loads on the mains', 'Key', '300 W']);
});

it('plugs a load elsewhere, out, and shares all of it out', function (): void {
    $post = fn (array $more) => $this->post(
        "/shoots/{$this->shoot->id}/power",
        $more + ['version' => $this->shoot->refresh()->version, 'stage' => 'rig', 'look' => 'power'],
    );
    $post(['thing' => 'key', 'circuit' => 'circuits-1'])->assertRedirect();
    expect(($this->power)()->on['key'])->toBe('circuits-1');
    $post(['thing' => 'key', 'circuit' => '']);
    expect(($this->power)()->on)->not->toHaveKey('key')->toHaveKey('back');
    $post(['how' => 'roomy']);
    expect(($this->power)()->unplugged())->toBe([]);
    $post(['thing' => 'key', 'circuit' => 'cellar'])->assertNotFound();
    $post(['thing' => 'nobody', 'circuit' => 'circuits-1'])->assertNotFound();
});
