<?php

declare(strict_types=1);

use App\Plans\PlanStore;
use FineFrame\Plan\SetupPlan;
use Illuminate\Http\UploadedFile;

beforeEach(function (): void {
    $this->shoot = $this->demo();
    $this->at = fn (string $what, array $fields = []) => $this->post(
        "/shoots/{$this->shoot->id}/$what",
        $fields + ['version' => $this->shoot->refresh()->version, 'stage' => 'cameras'],
    );
    $this->setup = fn (string $id = 'talk'): SetupPlan => app(PlanStore::class)->open($this->shoot->refresh())->setup($id);
});

it('shows each way to look at the cameras', function (string $query, string $words): void {
    $this->get("/shoots/{$this->shoot->id}/cameras?$query")->assertOk()->assertSee($words, false);
})->with([
    ['look=propose', 'Scoring positions'],
    ['look=propose&later=all', 'Proposal 3'],
    ['look=propose&chair=1&later=all', 'Keep the chair here'],
    ['look=propose&place=duo&later=all', 'one camera has everyone'],
    ['look=take&place=duo', 'the voice comes in'],
    ['look=take', 'No camera moves here'],
    ['look=cover&place=duo', 'bridge, cello'],
    ['look=settings', 'How the mill came to him'],
    ['look=kit', '25–100 mm cine zoom'],
    ['place=duo', 'Key in the tide chart'],
    ['select=cam-a', 'Shot sizes from here'],
    ['place=duo&select=mark:move-a:m2', 'the voice comes in'],
]);

it('frames a camera to a size, squares it, and says what cannot be', function (): void {
    ($this->at)('frame/size', ['thing' => 'cam-b', 'size' => 'close-up', 'by' => 'lens'])->assertRedirect();
    expect(($this->setup)()->cameras['cam-b']->placement->focalMm)->toBeGreaterThan(60.0);
    ($this->at)('frame/size', ['thing' => 'cam-b', 'size' => 'wide', 'by' => 'move'])->assertSessionHas(
        'said',
        'Not enough room behind: the wall is in the way.',
    );
    ($this->at)('frame/square', ['thing' => 'cam-b', 'place' => 'duo'])->assertSessionHas(
        'said',
        'Done: Turn B 2.0°, square to the yard side.',
    );
    expect(rad2deg(($this->setup)('duo')->cameras['cam-b']->placement->aim->bearingRad))->toEqualWithDelta(0.0, 0.3);
    ($this->at)('frame/size', ['thing' => 'nobody', 'size' => 'wide', 'by' => 'move'])->assertNotFound();
});

it('sets marks, moves one by its card and takes one out', function (): void {
    ($this->at)('marks', ['thing' => 'cam-b'])->assertRedirect();
    ($this->at)('marks', ['thing' => 'cam-b']);
    ($this->at)(
        'card',
        [
            'thing' => 'mark:move-1:mark-2',
            'fields' => [
                '/setups/talk/moves/move-1/marks/mark-2/x_m' => '4.9',
                '/setups/talk/moves/move-1/marks/mark-2/at_s' => '24',
                '/setups/talk/moves/move-1/helper' => 'Bram',
            ],
        ],
    )->assertRedirect();
    $move = ($this->setup)()->setup->moves[0];
    expect([$move->marks[1]->place->x, $move->marks[1]->atS, $move->helper])->toBe([4.9, 24.0, 'Bram']);
    ($this->at)(
        'card',
        ['thing' => 'mark:move-1:mark-2', 'fields' => ['/setups/talk/moves/move-1/marks/mark-2/at_s' => '0']],
    )->assertStatus(422)->assertSee('Must come after the mark before it');
    ($this->at)('things/remove', ['thing' => 'mark:move-1:mark-2'])->assertRedirect();
    expect(($this->setup)()->setup->moves[0]->marks)->toHaveCount(1);
});

it('gives the frame at a moment and the focus strip in both units', function (): void {
    $at = "/shoots/{$this->shoot->id}/takes";
    $early = $this->get("$at/move-a.svg?place=duo&at=0")->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent();
    $late = $this->get("$at/move-a.svg?place=duo&at=80")->getContent();

    expect(simplexml_load_string($early))->not->toBeFalse()->and($late)->not->toBe($early)->and($late)->toContain('amplifier case');
    $this->get("$at/nothing.svg?place=duo")->assertNotFound();
    expect($this->get("$at/move-a.pdf?place=duo")->assertOk()->getContent())->toStartWith('%PDF');
});

it('takes the kit out as a table and brings it back changed', function (): void {
    $csv = $this->get("/shoots/{$this->shoot->id}/kit.csv")->assertOk()->getContent();
    $file = fn (string $text): UploadedFile => UploadedFile::fake()->createWithContent('kit.csv', $text);
    expect($csv)->toContain('lens,prime-50,50 mm prime');
    ($this->at)(
        'bring',
        [
            'what' => 'kit',
            'look' => 'kit',
            'file' => $file(
                "gear,id,name,focal_min_mm,focal_max_mm,t_min,model,count,whose\n"
                .'lens,old-75,75 mm of my uncle’s,75,75,"2,2",,,'."\nstock,mine,,,,,old-75,1,own\n",
            ),
        ],
    )->assertRedirect();
    $kit = ($this->setup)()->plan->kit;
    expect($kit->lenses['old-75']->widestT)
        ->toBe(2.2)
        ->and($kit->stock->count('old-75'))
        ->toBe(1)
        ->and($kit->stock->isOwn($kit->glass()[0]->id))
        ->toBeTrue()
        ->and(count($kit->bodies))
        ->toBeGreaterThan(3);
    ($this->at)(
        'bring',
        ['what' => 'kit', 'look' => 'kit', 'file' => $file("gear,id,focal_min_mm\nlens,prime-50,wide\n")],
    )->assertStatus(422)->assertSee('Line 2: focal_min_mm must be a number');
    ($this->at)(
        'bring',
        ['what' => 'kit', 'look' => 'kit', 'file' => $file("gear,id,name\nkite,k,red\n")],
    )->assertStatus(422)->assertSee('Line 2: gear must be body, lens');
});

it('applies a proposal as one change that undo takes back', function (): void {
    $page = $this->get("/shoots/{$this->shoot->id}/cameras?look=propose&later=all")->getContent();
    preg_match('~name="edit" value="([^"]+)"~', $page, $found);
    ($this->at)('edit', ['edit' => html_entity_decode($found[1])])->assertRedirect();
    expect($this->shoot->refresh()->version)->toBe(2)->and(($this->setup)()->cameras['cam-a']->placement->place->x)->not->toBe(3.55);
    ($this->at)('undo', []);
    expect(($this->setup)()->cameras['cam-a']->placement->place->x)->toBe(3.55);
});

it('draws the rail of a slider under its move', function (): void {
    $shoot = $this->demo();
    $floor = fn (): string => (string) $this->get("/shoots/$shoot->id/floor.svg?place=duo")->assertOk()->getContent();
    $rail = '/stroke="#4c5a63" stroke-width="1" d="M[^"]+L[^"]+Z"\\/>\\s+<path fill="none" stroke="#0b6670"/';
    expect($floor())->not->toMatch($rail);
    $this->post(
        "/shoots/$shoot->id/card",
        [
            'version' => 1,
            'stage' => 'cameras',
            'place' => 'duo',
            'thing' => 'cam-a',
            'fields' => ['/setups/duo/cameras/cam-a/support' => 'slider-08', '/setups/duo/cameras/cam-a/operator' => ''],
        ],
    )->assertRedirect();

    expect(app(App\Plans\PlanStore::class)->open($shoot->refresh())->setup('duo')->cameras['cam-a']->support->railM)->toBe(0.8)
        ->and($floor())->toMatch($rail);
});
