<?php

declare(strict_types=1);

use App\Plans\PlanStore;
use FineFrame\Plan\PlanReader;
use FineFrame\Tests\Plans;
use Illuminate\Testing\TestResponse;

/** @return array<string, string> what every form of the page says of where it is */
function fieldsOf(TestResponse $page): array
{
    $dom = new DOMDocument;
    @$dom->loadHTML('<?xml encoding="utf-8">'.$page->getContent());
    $xpath = new DOMXPath($dom);
    $all = [];
    foreach ($xpath->query('//form[@method="post"][.//input[@name="version"]]') as $form) {
        $fields = [];
        foreach ($xpath->query('.//input[@type="hidden"]', $form) as $input) {
            $fields[$input->getAttribute('name')] = $input->getAttribute('value');
        }
        $all[] = array_intersect_key(
            $fields,
            array_flip(['stage', 'look', 'place', 'room', 'select', 'off', 'sky', 'hour', 'bare', 'chair', 'crop']),
        );
    }
    parse_str($xpath->query('//*[@id="state"]')->item(0)->getAttribute('data-where'), $script);
    // Some forms go elsewhere once they are done: they say so in place of where they are.
    foreach ($all as $fields) {
        expect(array_keys($fields))->toEqualCanonicalizing(array_keys($script));
    }

    return $script;
}

/** @return list<string> addresses of the page that a whole reload or a link would open */
function addressesOf(TestResponse $page): array
{
    preg_match_all('/href="([^"]*\/light\?[^"]*look=stops[^"]*)"/', $page->getContent(), $m);

    return array_map(html_entity_decode(...), $m[1]);
}

it('says in every form, address and script what the reader looks at', function (): void {
    $page = $this->get("/shoots/{$this->demo()->id}/light?place=duo&off=edge&sky=overcast&hour=11:00&select=edge&bare=1")->assertOk();
    $script = fieldsOf($page);
    expect($script)->toBe(
        [
            'stage' => 'light', 'look' => 'above', 'place' => 'duo', 'select' => 'edge', 'off' => 'edge',
            'sky' => 'overcast', 'hour' => '11:00', 'bare' => '1',
        ],
    )
        ->and(addressesOf($page)[0])->toContain('off=edge')->toContain('sky=overcast')->toContain('place=duo');
});

it('leaves a lamp off that was looked off, whatever is changed', function (): void {
    $shoot = $this->demo();
    $fields = fieldsOf($this->get("/shoots/$shoot->id/light?off=key"));
    $edit = fn (float $x): string => json_encode(['/setups/talk/cameras/cam-b/x_m' => $x]);
    $this
        ->post("/shoots/$shoot->id/preview", $fields + ['version' => 1, 'edit' => $edit(5.0)], ['HX-Request' => 'true'])
        ->assertOk()
        ->assertSee('switch on');
    $this
        ->post("/shoots/$shoot->id/edit", $fields + ['version' => 1, 'edit' => $edit(5.0)], ['HX-Request' => 'true'])
        ->assertOk()
        ->assertSee('switch on');
    $this->post("/shoots/$shoot->id/undo", $fields + ['version' => 2])->assertRedirectContains('off=key');
    expect($shoot->refresh()->head->plan)->not->toContain('"on": false');
});

it('mends what is broken as it is looked at', function (): void {
    $shoot = $this->demo();
    $fields = fieldsOf($this->get("/shoots/$shoot->id/light?off=key"));
    $this->post("/shoots/$shoot->id/mend", $fields + ['version' => 1, 'finding' => 'boom-stays-out-of-frame:boom+cam-b'])->assertRedirectContains('off=key');
    expect($shoot->refresh()->version)->toBe(2)->and(array_column(json_decode($shoot->head->plan, true)['setups'][0]['lights'], 'on', 'id')['key'])->toBeTrue();
});

it('stays in the room next door', function (): void {
    $shoot = app(PlanStore::class)->create(
        PlanReader::document(Plans::room()->sitter('ann', 3, 3)->camera('a', 3, 1)->withRoomNextDoor()->document()),
        'Two rooms',
    );
    $fields = fieldsOf($this->get("/shoots/$shoot->id/measure?room=next"));
    expect($fields['room'])->toBe('next');
    $this->post(
        "/shoots/$shoot->id/edit",
        $fields + ['version' => 1, 'edit' => json_encode(['/setups/one/cameras/a/x_m' => 3.2])],
    )->assertRedirectContains('room=next');
});
