<?php

declare(strict_types=1);

use App\Plans\PlanStore;

it('looks at the scene with a lamp off, alone, and keeps nothing of it', function (): void {
    $shoot = $this->demo();
    $at = "/shoots/$shoot->id/light?place=duo";
    $all = $this->get($at)->assertOk()->assertSee('1</span> Key: off', false)->getContent();
    $off = $this->get("$at&off=duo-key")->assertSee('on again')->getContent();

    preg_match('~Tamsin <b class="num">(\d+) lx~', $all, $lit);
    preg_match('~Tamsin <b class="num">(\d+) lx~', $off, $dark);
    expect((int) $lit[1])->toBeGreaterThan((int) $dark[1]);
    // The card shows the lamp as it is kept, and keeping the card does not switch it off.
    $this->get("$at&off=duo-key&select=duo-key")->assertSee('lights/duo-key/on');
    $this->post("/shoots/$shoot->id/card", ['version' => 1, 'stage' => 'light', 'place' => 'duo', 'thing' => 'duo-key', 'fields' => ['/setups/duo/lights/duo-key/on' => '1', '/setups/duo/lights/duo-key/kelvin' => '4300']])->assertRedirect();
    $key = app(PlanStore::class)->open($shoot->refresh())->setup('duo')->setup->lights[0];
    expect($key->on)->toBeTrue()->and($key->kelvin)->toBe(4300.0);
    $this->get("$at&off=nothing,or,other")->assertOk();
});
