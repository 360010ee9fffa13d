<?php

declare(strict_types=1);

use App\Plans\PlanStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\View;

it('looks at the scene with a lamp off, alone, and keeps nothing of it', function (): void {
    $shoot = $this->demo();
    $at = "/shoots/$shoot->id/light?place=duo";
    $all = $this->get($at)->assertOk()->assertSee('1</span> Key: switch off', false)->getContent();
    $off = $this->get("$at&off=duo-key")->assertSee('switch on')->getContent();

    preg_match('~Tamsin <b class="num">(\d+) lx~', $all, $lit);
    preg_match('~Tamsin <b class="num">(\d+) lx~', $off, $dark);
    expect((int) $lit[1])->toBeGreaterThan((int) $dark[1]);
    // The card shows the lamp as it is kept, and keeping the card does not switch it off.
    $this->get("$at&off=duo-key&select=duo-key")->assertSee('lights/duo-key/on');
    $this->post(
        "/shoots/$shoot->id/card",
        [
            'version' => 1,
            'stage' => 'light',
            'place' => 'duo',
            'thing' => 'duo-key',
            'fields' => ['/setups/duo/lights/duo-key/on' => '1', '/setups/duo/lights/duo-key/kelvin' => '4300'],
        ],
    )->assertRedirect();
    $key = app(PlanStore::class)->open($shoot->refresh())->setup('duo')->setup->lights[0];
    expect($key->on)->toBeTrue()->and($key->kelvin)->toBe(4300.0);
    $this->get("$at&off=nothing,or,other")->assertOk();
});

it('lights by a maker’s file, and refuses a broken one by its line', function (): void {
    $shoot = $this->demo();
    $bring = fn (string $text) => $this->post(
        "/shoots/$shoot->id/bring",
        [
            'version' => $shoot->refresh()->version,
            'stage' => 'cameras',
            'look' => 'kit',
            'what' => 'ies',
            'name' => 'Spot',
            'file' => UploadedFile::fake()->createWithContent('a.ies', $text),
        ],
    );
    $ies = (string) file_get_contents(base_path('core/tests/data/files/sym_lambert.ies'));
    $bring($ies)->assertSessionHas('said', 'Spot imported: 3140 lm, 1000 cd at most.');
    $this->post(
        "/shoots/$shoot->id/card",
        ['version' => 2, 'stage' => 'light', 'thing' => 'key', 'fields' => ['/setups/talk/lights/key/fixture' => 'lamp-1']],
    )->assertRedirect();
    $this->get("/shoots/$shoot->id/light")->assertOk();
    $setup = app(PlanStore::class)->open($shoot->refresh())->setup();
    $lamp = (new FineFrame\Scene\Scene($setup))->lamps['key'];

    // 1000 cd ahead at 80 %: 200 lx two metres off, and by the cosine beside.
    expect($lamp->luxAt($lamp->centre()->plus($lamp->facing()->times(2)), $lamp->facing()->times(-1)))->toEqualWithDelta(200.0, 0.01);
    foreach ([
        'bad_word' => 'stands where a number belongs',
        'bad_short_candela' => 'fewer values than declared',
        'bad_no_tilt' => 'no TILT= line',
        'bad_huge_counts' => 'must be a whole number',
        'bad_extra_values' => 'more values than declared',
        'bad_angles_order' => 'must ascend',
    ] as $file => $words) {
        $bring((string) file_get_contents(base_path("core/tests/data/files/$file.ies")))->assertStatus(422)->assertSee($words);
    }
    $bring("IESNA\nTILT=NONE\n\0\1\2")->assertStatus(422);
});

it('sets all dimmers on the page, says how near it comes, and keeps what was typed when it cannot be read', function (): void {
    $shoot = $this->demo();
    $solve = fn (array $with) => $this->post(
        "/shoots/$shoot->id/dimmers",
        $with + ['version' => $shoot->refresh()->version, 'stage' => 'light', 'face' => 'miller', 'stop' => '2.8', 'ratio' => '3'],
    );
    $dimmer = fn (): float => app(PlanStore::class)->open($shoot->refresh())->setup()->setup->lights[0]->dimmer;

    $solve(['stop' => 'wide'])->assertStatus(422)->assertSee('value="wide"', false);
    expect($shoot->refresh()->version)->toBe(1);
    expect($solve([])->assertRedirect()->getSession()->get('said'))->toStartWith('Key to ')->toContain(' : 1, ');
    $before = $dimmer();
    expect($solve(['stop' => '16'])->getSession()->get('said'))->toContain('bring the key closer by')
        ->and($dimmer())->toBe(1.0)->and($before)->toBeLessThan(0.5);
});

it('lists the lamps from two walls, and prints what each does', function (): void {
    $shoot = $this->demo();
    $list = (string) $this->get("/shoots/$shoot->id/light?look=list&place=duo")->assertOk()->getContent();
    expect(strip_tags($list))->toContain('1.20 m from the window gable, 2.00 m from the river side')->toContain('53°, 14° down');

    $lux = [];
    View::composer('papers.contact-sheet', function ($view) use (&$lux): void {
        $lux = array_map(
            fn (array $row): int => (int) preg_replace('/^\D+/', '', $row['faces']),
            array_column($view->getData()['rows'], null, 'name'),
        );
    });
    $this
        ->get("/shoots/$shoot->id/contact.pdf?stage=light&place=duo&off=duo-key")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/pdf');
    // By five lamps: all, each alone, all without each; what is off on the page is no matter to the sheet. What is there stands in each.
    expect(array_keys($lux))->toBe(
        [
            'All lamps',
            ...array_merge(
                ...array_map(
                    fn (string $lamp): array => ["$lamp alone", "Without $lamp"],
                    $lamps = ['Key', 'Edge', 'Fill', 'Back', 'Beams'],
                ),
            ),
            ...array_merge(
                ...array_map(fn (string $hour): array => ["At $hour, sky clear", "At $hour, sky overcast"], ['10:30', '11:15', '12:00']),
            ),
        ],
    )
        ->and($lux['All lamps'])->toBeGreaterThan($lux['Key alone'])->and($lux['All lamps'])->toBeGreaterThan($lux['Edge alone'])
        ->and(array_sum(array_map(fn (string $lamp): int => $lux["$lamp alone"], $lamps)) - $lux['All lamps'])->toEqualWithDelta(4 * 90, 4);
});

it('shows the light in each of its ways, and keeps what is only looked at out of the plan', function (): void {
    $shoot = $this->demo();
    $at = "/shoots/$shoot->id/light";
    $this->get("$at?look=stops")->assertOk()->assertSee('Stops over target exposure')->assertSee('+4 and more: clips');
    $this->get("$at?look=propose&later=all")->assertOk()->assertSee('Proposal 1: ')->assertSee('lamp positions scored');
    $this
        ->get("$at?look=day&place=duo")
        ->assertOk()
        ->assertSee('Steadiest from')
        ->assertSee('No daylight reading has a position and a time yet');
    $this->get("$at?look=day")->assertOk()->assertSee('Compared with your meter')->assertSee('window seat');
    $this->get("$at?look=lamps")->assertOk()->assertSee('Modifiers')->assertSee('Half diffusion in a 1.2 m frame');
    $this->get("$at?place=duo&sky=clear&hour=10:30")->assertOk()->assertSee('the sun itself')->assertSee('daylight by the gable window');
    $this->get("$at?place=duo&sky=overcast&hour=10:30")->assertOk()->assertDontSee('the sun itself');
    expect(app(PlanStore::class)->open($shoot->refresh())->setup('duo')->setup->metering->clock)->toBe('');

    // A probe is dropped and read; the fitted sky is planned by; a frame goes before the key.
    $this->post(
        "/shoots/$shoot->id/sheet",
        [
            'version' => 1,
            'stage' => 'light',
            'look' => 'stops',
            'sheet' => 'probes',
            'rows' => ['new' => ['id' => '', 'name' => 'hands', 'x_m' => '3.1', 'y_m' => '2.4', 'height_m' => '0.8']],
        ],
    )->assertRedirect();
    $this->get("$at?look=stops")->assertSee('hands')->assertSee('from all around');
    $this->post(
        "/shoots/$shoot->id/edit",
        [
            'version' => 2,
            'stage' => 'light',
            'look' => 'day',
            'edit' => json_encode(['/setups/talk/metering/sky_factor' => 0.4, '/setups/talk/metering/weather' => 'overcast']),
        ],
    )->assertRedirect();
    $this->get($at)->assertSee('daylight by the estuary window');
    $this->post(
        "/shoots/$shoot->id/card",
        [
            'version' => 3,
            'stage' => 'light',
            'thing' => 'key',
            'fields' => ['/setups/talk/lights/key/before' => 'frame-full', '/setups/talk/lights/key/aim_x_m' => ''],
        ],
    )->assertRedirect();
    $this->get("$at?look=list")->assertSee('Soft box 1.2 m → Full diffusion in a 1.8 m frame');
});
