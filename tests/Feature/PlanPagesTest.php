<?php

declare(strict_types=1);

use App\Models\Shoot;
use App\Plans\PlanStore;
use FineFrame\Plan\Edit;

beforeEach(fn () => $this->shoot = $this->demo());

function edit(Shoot $shoot, array $values, int $version = 1): array
{
    return ['version' => $version, 'stage' => 'cameras', 'look' => 'above', 'select' => 'none', 'edit' => json_encode($values)];
}

it('shows every stage and way to look', function (string $path, string $text): void {
    $this->get("/shoots/{$this->shoot->id}$path")->assertOk()->assertSee($text, false);
})->with([
    ['/', '3 break'],
    ['/brief', 'What this brief means for the shoot'],
    ['/measure', 'Tape book'],
    ['/stage', 'Miller'],
    ['/light', 'Metering'],
    ['/sound', 'Boom’s tip is 10 cm inside B’s frame.'],
    ['/rig', '2 × Video tripod, 1 × Light stand, 2 × Clamp with a ball head, 1 × Boom stand'],
    ['/cameras?look=side', 'The set from the side'],
    ['/cameras?look=table', 'from the hearth wall'],
    ['/cameras?select=cam-b', 'Hyperfocal'],
    ['/light?select=metering', 'Shutter angle'],
    ['/cameras?select=nobody', 'Verdicts'],
]);

it('sets a setup’s own hours on its card, and lets go of them', function (): void {
    $url = "/shoots/{$this->shoot->id}";
    $card = $this
        ->get("$url/stage?place=duo&select=setup")
        ->assertOk()
        ->assertSee('the first shoot day')
        ->assertSee('Talk in the stone room, 2026-12-05');
    $keep = fn (int $version, array $fields) => $this->post(
        "$url/card",
        ['version' => $version, 'stage' => 'stage', 'place' => 'duo', 'select' => 'setup', 'thing' => 'setup', 'fields' => $fields],
        ['HX-Request' => 'true'],
    );
    $own = fn (string $day, string $from, string $to): array => [
        '/setups/duo/day' => $day,
        '/setups/duo/from' => $from,
        '/setups/duo/to' => $to,
    ];
    $keep(1, $own('days-1', '18:30', '20:00'))->assertOk();
    expect(
        array_intersect_key(json_decode($this->shoot->refresh()->head->plan, true)['setups'][1], ['day' => 0, 'from' => 0, 'to' => 0]),
    )->toBe(['day' => 'days-1', 'from' => '18:30', 'to' => '20:00']);
    $this->get("$url/light?place=duo")->assertSee('<option >18:45</option>', false)->assertDontSee('<option >11:00</option>', false);
    $this->get("$url/light")->assertSee('<option >11:00</option>', false);
    $keep(2, $own('days-1', 'half six', '20:00'))
        ->assertStatus(422)
        ->assertSee('Must be a time of day like 14:30')
        ->assertSee('value="half six"', false);
    $keep(2, $own('', '', ''))->assertOk();
    expect(json_decode($this->shoot->refresh()->head->plan, true)['setups'][1])->not->toHaveKey('day')->not->toHaveKey('from');
});

it('goes by the first day again where a setup’s own is taken out', function (): void {
    $store = app(PlanStore::class);
    $days = [['id' => 'days-1', 'name' => 'one', 'date' => '2026-12-05'], ['id' => 'days-2', 'name' => 'two', 'date' => '2026-12-06']];
    $store->commit($this->shoot, 1, new Edit(['/brief/days' => $days, '/setups/duo/day' => 'days-2']), 'Two days');
    $this->post(
        "/shoots/{$this->shoot->id}/sheet",
        [
            'version' => 2,
            'stage' => 'brief',
            'sheet' => 'days',
            'rows' => ['days-1' => ['name' => 'one', 'date' => '2026-12-05'], 'days-2' => ['name' => '']],
            'drop' => 'days-2',
        ],
    )->assertRedirect();
    expect($store->open($this->shoot->refresh())->setup('duo')->hours()->date)
        ->toBe('2026-12-05')
        ->and($store->open($this->shoot)->brief->list('days'))
        ->toHaveCount(1);
});

it('lists everything on the floor, with what is worn, hung and plugged', function (): void {
    $page = $this->get("/shoots/{$this->shoot->id}/sound?look=table&place=duo")->assertOk();
    foreach (['room pair' => 'stereo pair', 'receivers' => 'antenna', 'camera B' => 'recorder', 'Wren' => 'person'] as $name => $kind) {
        expect($page->getContent())->toMatch('/>'.preg_quote($name, '/')."<\\/a><\\/th>\\s*<td>$kind</");
    }
});

it('calls the angle of a pair what it is, and a recorder’s hours its own', function (): void {
    $this
        ->get("/shoots/{$this->shoot->id}/sound?look=music&place=duo")
        ->assertOk()
        ->assertSee('angle between capsules')
        ->assertDontSee('beam angle');
});

it('answers a change with the parts of the page, a plain form with a redirect', function (): void {
    $this->post("/shoots/{$this->shoot->id}/edit", edit($this->shoot, ['/setups/talk/cameras/cam-b/x_m' => 5.0]), ['HX-Request' => 'true'])
        ->assertOk()->assertSee('id="frames"', false)->assertSee('data-version="2"', false);
    $this->post("/shoots/{$this->shoot->id}/edit", edit($this->shoot, ['/setups/talk/cameras/cam-b/x_m' => 5.1], 2))->assertRedirect();
    expect($this->shoot->refresh()->head->words)->toBe('Move B');
});

it('previews without keeping', function (): void {
    $this
        ->post(
            "/shoots/{$this->shoot->id}/preview",
            edit($this->shoot, ['/setups/talk/cameras/cam-b/x_m' => 3.2, '/setups/talk/cameras/cam-b/y_m' => 1.9]),
        )
        ->assertOk()
        ->assertSee('B is in A’s frame');
    expect($this->shoot->refresh()->version)->toBe(1);
});

it('mends, undoes over the whole history, and redoes', function (): void {
    $url = "/shoots/{$this->shoot->id}";
    $this->post("$url/mend", ['version' => 1, 'finding' => 'key-gives-the-stop:miller'])->assertRedirect();
    $this->post("$url/mend", ['version' => 2, 'finding' => 'boom-stays-out-of-frame:boom+cam-b'])->assertRedirect();
    expect($this->shoot->refresh()->breaks)->toBe(1);
    $mended = $this->shoot->head->plan;
    $this->post("$url/undo", ['version' => 3]);
    $this->post("$url/undo", ['version' => 4]);
    expect($this->shoot->refresh()->head->plan)->toBe($this->demoFile())->and($this->shoot->breaks)->toBe(3);
    $this->post("$url/undo", ['version' => 5])->assertSessionHas('said', 'There is nothing to undo.');
    $this->post("$url/redo", ['version' => 5]);
    $this->post("$url/redo", ['version' => 6]);
    expect($this->shoot->refresh()->head->plan)->toBe($mended);
});

it('keeps both sides of a stale change', function (): void {
    $url = "/shoots/{$this->shoot->id}/edit";
    $this->post($url, edit($this->shoot, ['/setups/talk/cameras/cam-b/x_m' => 5.0]));
    $stale = $this->post($url, edit($this->shoot, ['/setups/talk/cameras/cam-b/x_m' => 4.5]));
    $stale->assertStatus(409)->assertSee('5.00 m')->assertSee('4.50 m')->assertSee('Move B')->assertSee('Keep my change');
    $this->post($url, edit($this->shoot, ['/setups/talk/cameras/cam-b/x_m' => 4.5], 2))->assertRedirect();
    expect($this->shoot->revisions()->count())->toBe(3);
});

it('says what is wrong beside the field and changes nothing', function (array $fields, string $sentence): void {
    $answer = $this->post(
        "/shoots/{$this->shoot->id}/card",
        ['version' => 1, 'thing' => 'cam-b', 'select' => 'cam-b', 'stage' => 'cameras', 'fields' => $fields],
    );
    $answer->assertStatus(422)->assertSee($sentence)->assertSee(array_values($fields)[0])->assertSee('aria-invalid="true"', false);
    expect($this->shoot->refresh()->version)->toBe(1);
})->with([
    'no length' => [['/setups/talk/cameras/cam-b/height_m' => 'tall'], 'is not a length'],
    'below the floor' => [['/setups/talk/cameras/cam-b/height_m' => '-1'], 'Must be between 5 cm and 15.00 m'],
    'outside' => [['/setups/talk/cameras/cam-b/x_m' => '70'], 'Is outside the room'],
    'a lens of 0 mm' => [['/setups/talk/cameras/cam-b/focal_mm' => '0'], 'Must be between 1 mm and 2000 mm'],
    'no number' => [['/setups/talk/cameras/cam-b/t_stop' => 'wide'], 'is not a number'],
]);

it('leaves untouched fields as precise as they were, in feet too', function (): void {
    $this->withCookie('units', 'imperial')->post(
        "/shoots/{$this->shoot->id}/card",
        [
            'version' => 1,
            'thing' => 'cam-b',
            'fields' => ['/setups/talk/cameras/cam-b/x_m' => "17'4 1/2\"", '/setups/talk/cameras/cam-b/height_m' => '4ft 2in'],
        ],
    );
    $camera = app(PlanStore::class)->open($this->shoot->refresh())->setup()->setup->cameras[1];

    expect($camera->place->x)->toBe(5.3)->and($camera->heightM)->toEqualWithDelta(1.27, 1e-6);
});

it('measures a room typed in feet and inches', function (): void {
    $row = fn (string $id, string $length): array => [
        'id' => $id,
        'name' => $id,
        'length_m' => $length,
        'turn_deg' => '90',
        'by' => 'tape',
    ];
    $at = ['version' => 1, 'stage' => 'measure', 'sheet' => 'walls', 'place' => 'glasshouse'];
    $this
        ->withCookie('units', 'imperial')
        ->post(
            "/shoots/{$this->shoot->id}/sheet",
            $at + [
                'rows' => [
                    $row('w1', "26' 6\""),
                    $row('w2', '16'),
                    $row('w3', '26ft 6in'),
                    $row('w4', "16'"),
                    ['name' => '', 'length_m' => ''],
                ],
            ],
        )
        ->assertRedirect();
    $room = app(PlanStore::class)->open($this->shoot->refresh())->location('glasshouse')->space;

    expect($room->book->walls[0]->lengthM)
        ->toEqualWithDelta(26.5 * 0.3048, 1e-6)
        ->and($room->book->walls[0]->name)
        ->toBe('w1')
        ->and($room->openings)
        ->toHaveCount(3);
});

it('puts a sheet’s trouble beside its field and keeps what was typed', function (): void {
    $at = ['version' => 1, 'stage' => 'scout', 'look' => 'notes', 'place' => 'glasshouse', 'sheet' => 'noise'];
    $this->post(
        "/shoots/{$this->shoot->id}/sheet",
        $at + ['rows' => ['new' => ['id' => '', 'name' => 'bilge pump', 'level_dba' => 'loud', 'runs_from' => '']]],
    )
        ->assertStatus(422)->assertSee('“loud” is not a number', false)->assertSee('value="bilge pump"', false);
    $this->post(
        "/shoots/{$this->shoot->id}/sheet",
        $at + ['rows' => ['new' => ['id' => '', 'name' => 'bilge pump', 'level_dba' => '400', 'runs_from' => '25:00']]],
    )
        ->assertStatus(422)
        ->assertSee('Must be between 0 dB(A) and 140 dB(A)')
        ->assertSee('Must be a time of day like 14:30')
        ->assertSee('value="bilge pump"', false);
    expect($this->shoot->refresh()->version)->toBe(1);
});

it('adds and removes things', function (): void {
    $url = "/shoots/{$this->shoot->id}/things";
    $this->post($url, ['version' => 1, 'kind' => 'camera'])->assertRedirect();
    $this->post("$url/remove", ['version' => 2, 'thing' => 'miller'])->assertRedirect();
    expect(app(PlanStore::class)->open($this->shoot->refresh())->setup()->setup->cameras)
        ->toHaveCount(3)
        ->and($this->shoot->head->words)
        ->toBe('Remove Miller');
    $this->post($url, ['version' => 3, 'kind' => 'elephant'])->assertStatus(422);
});

it('escapes what people type, on pages, in drawings and on paper', function (): void {
    $evil = '<script>alert(1)</script>"&\'';
    $shoot = app(PlanStore::class)->commit(
        $this->shoot,
        1,
        new Edit(
            [
                '/shoot/title' => $evil,
                '/setups/talk/subjects/miller/name' => $evil,
                '/setups/talk/furniture/hopper/name' => $evil,
                '/locations/stone-room/space/walls/w5/name' => $evil,
            ],
        ),
        $evil,
    );
    foreach ([
        '/cameras', '/cameras?select=miller', '/cameras?look=table', '/cameras?look=side', '/measure', '/floor.svg',
        '/frames/cam-a.svg',
    ] as $path) {
        $body = (string) $this->get("/shoots/$shoot->id$path")->assertOk()->getContent();
        expect($body)->not->toContain('<script>alert');
        str_contains($path, '.svg') ? expect(simplexml_load_string($body))->not->toBeFalse() : null;
    }
    $this->get("/shoots/$shoot->id/sheet.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    $this->get('/')->assertDontSee('<script>alert', false);
});

it('guards its answers', function (): void {
    $policy = $this->get("/shoots/{$this->shoot->id}/cameras")->headers->get('Content-Security-Policy');
    expect($policy)->toContain("default-src 'none'")->toContain("script-src 'self'")->not->toContain('unsafe');
    $body = (string) $this->get("/shoots/{$this->shoot->id}/cameras")->getContent();
    expect(preg_match('/<script(?![^>]*src=)|\son\w+=|style="/i', $body))->toBe(0);
});

it('answers what is not there with a page, not a fault', function (): void {
    $this->get('/shoots/none/cameras')->assertNotFound()->assertSee('No page or plan at this address');
    $this->get("/shoots/{$this->shoot->id}/frames/none.svg")->assertNotFound();
    $this->post("/shoots/{$this->shoot->id}/card", ['version' => 1, 'thing' => 'none'])->assertNotFound();
    $this->post("/shoots/{$this->shoot->id}/mend", ['version' => 1, 'finding' => ['x']])->assertStatus(422);
    $this->post("/shoots/{$this->shoot->id}/edit", ['version' => 1, 'edit' => '"text"'])->assertStatus(422);
    $this->post("/shoots/{$this->shoot->id}/edit", ['version' => 1, 'edit' => '{"/setups/talk/nowhere/x/y":1}'])->assertStatus(422);
    $this->post("/shoots/{$this->shoot->id}/edit", ['version' => 1, 'edit' => '{"":1,"x":{"a":[]},"/setups":null}'])->assertStatus(422);
});

it('takes no list for a word', function (string $path): void {
    expect($this->get("/shoots/{$this->shoot->id}$path")->status())->toBeIn([200, 404]);
})->with(['/cameras?select[]=x', '/cameras?look[]=x', '/cameras?stage[]=x', '/sheet.pdf?paper[]=x', '/scout', '/no-such-stage']);

it('removes a plan and brings it back', function (): void {
    $this->delete("/shoots/{$this->shoot->id}")->assertRedirect('/');
    $this->get("/shoots/{$this->shoot->id}/cameras")->assertNotFound();
    $this->post("/shoots/{$this->shoot->id}/restore")->assertRedirect('/');
    $this->get("/shoots/{$this->shoot->id}/cameras")->assertOk();
});

it('copies a setup to change it without losing the first, and takes one out while another stays', function (): void {
    $shoot = $this->demo();
    $plan = fn () => app(App\Plans\PlanStore::class)->open($shoot->refresh());
    $do = fn (string $what, string $setup) => $this->post(
        "/shoots/$shoot->id/$what",
        ['version' => $shoot->refresh()->version, 'stage' => 'stage', 'place' => $setup, 'select' => 'setup'],
    );

    $this->get("/shoots/$shoot->id/stage?place=duo&select=setup")->assertSee('Copy this setup');
    expect($do('setups/copy', 'duo')->assertRedirect()->headers->get('Location'))->toContain('place=setup-1');
    expect(array_column($plan()->setups, 'name'))->toBe(['Setup 1', 'The duo', 'The duo, copy']);
    $this->post(
        "/shoots/$shoot->id/card",
        [
            'version' => $shoot->refresh()->version,
            'stage' => 'light',
            'place' => 'setup-1',
            'thing' => 'duo-key',
            'fields' => ['/setups/setup-1/lights/duo-key/on' => ''],
        ],
    )->assertRedirect();
    expect($plan()->setup('setup-1')->setup->lights[0]->on)->toBeFalse()->and($plan()->setup('duo')->setup->lights[0]->on)->toBeTrue();
    $this->get("/shoots/$shoot->id/cameras?place=setup-1")->assertOk()->assertSee('The duo, copy');
    foreach (['setup-1', 'duo'] as $gone) {
        $do('setups/remove', $gone)->assertRedirect();
    }
    $do('setups/remove', '')->assertSessionHas('said', 'A plan needs at least one setup: this one stays.');
    expect($plan()->setups)->toHaveCount(1);
});
