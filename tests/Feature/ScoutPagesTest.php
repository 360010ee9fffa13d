<?php

declare(strict_types=1);

use App\Instruments\Instruments;
use App\Instruments\NoReading;
use App\Instruments\StandIns;
use App\Plans\PlanStore;
use FineFrame\Plan\Location;
use FineFrame\Plan\ShootPlan;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Symfony\Component\Clock\NativeClock;

beforeEach(function (): void {
    $this->shoot = $this->demo();
    $this->at = fn (string $what, array $fields, ?int $version = null) => $this->post(
        "/shoots/{$this->shoot->id}/$what",
        $fields + ['version' => $version ?? $this->shoot->refresh()->version, 'stage' => 'scout', 'place' => 'glasshouse'],
    );
    $this->plan = fn (): ShootPlan => app(PlanStore::class)->open($this->shoot->refresh());
    $this->place = fn (string $id = 'glasshouse'): Location => ($this->plan)()->location($id);
});

afterEach(fn () => File::deleteDirectory(storage_path("app/photos/{$this->shoot->id}")));

it('shows each way to look at a place', function (string $query, string $words): void {
    $this->get("/shoots/{$this->shoot->id}/$query")->assertOk()->assertSee($words, false);
})->with([
    ['scout', 'sun in the south window'],
    ['scout?look=notes', 'sluice at the turn of the tide'],
    ['scout?look=photos', 'Add photos'],
    ['scout?look=compare', 'Ruled out: permission'],
    ['scout?place=glasshouse', 'sun on the chosen spot'],
    ['measure?place=glasshouse', 'north wall 8.22 m'],
    ['measure?look=book', 'Sloped ceiling, by points'],
    ['brief?look=schools', 'Second camera’s position'],
]);

it('adds a place, writes down what was found and takes a word back by undo', function (): void {
    ($this->at)('places', ['name' => 'Boat shed'])->assertRedirect();
    ($this->at)(
        'sheet',
        [
            'place' => 'boat-shed',
            'sheet' => 'noise',
            'rows' => ['new' => ['id' => '', 'name' => 'gulls', 'level_dba' => '51', 'can_stop' => 'no']],
        ],
    )->assertRedirect();
    expect(($this->place)('boat-shed')->list('noise')[0]->number('level_dba'))->toBe(51.0);

    ($this->at)('undo', []);
    expect(($this->place)('boat-shed')->list('noise'))->toBe([]);
    ($this->at)('places/remove', ['place' => 'boat-shed']);
    expect(count(($this->plan)()->locations))->toBe(3);
    ($this->at)('places/remove', ['place' => 'stone-room']);
    expect(count(($this->plan)()->locations))->toBe(3);
});

it('changes and removes an entry without losing what it does not show', function (): void {
    $rows = [
        '0' => ['id' => 'noise-1', 'name' => 'vent fan', 'level_dba' => '44', 'can_stop' => 'yes', 'who' => 'the gardener'],
        '1' => ['id' => 'noise-2', 'name' => 'road beyond the wall', 'level_dba' => '39', 'can_stop' => 'no'],
    ];
    ($this->at)('sheet', ['sheet' => 'noise', 'rows' => $rows, 'drop' => '1']);

    expect(($this->place)()->list('noise'))
        ->toHaveCount(1)
        ->and(($this->place)()->list('noise')[0]->text('can_stop'))
        ->toBe('yes')
        ->and(($this->place)()->list('noise')[0]->number('level_dba'))
        ->toBe(44.0);
});

it('takes a reading into the form and keeps it only with the sheet', function (): void {
    $answer = ($this->at)(
        'sheet',
        [
            'look' => 'notes',
            'sheet' => 'noise',
            'take' => 'new/level_dba',
            'rows' => ['new' => ['id' => '', 'name' => 'a heater', 'level_dba' => '']],
        ],
    )->assertOk()->assertSee('Level meter:');
    preg_match('~name="rows\[new\]\[level_dba\]" value="(\d+)"~', $answer->getContent(), $found);

    expect((int) $found[1])->toBeGreaterThan(39)->toBeLessThan(47)->and(($this->place)()->list('noise'))->toHaveCount(2);
});

it('tapes in any order, and says what it wrote', function (): void {
    ($this->at)('tape', ['from' => 'w1', 'to' => 'w2', 'length' => '8.30', 'by' => 'tape'])->assertRedirect();
    expect(array_map(fn ($t) => [$t->from, $t->to, $t->lengthM], ($this->place)()->space->book->ties))->toContain(['w1', 'w2', 8.3]);
    ($this->at)('tape', ['from' => 'w1', 'to' => 'w2', 'length' => 'long'])->assertStatus(422)->assertSee('“long” is not a length', false);
    ($this->at)(
        'tape',
        ['from' => 'w1', 'to' => 'w1', 'length' => '3'],
    )->assertStatus(422)->assertSee('Must run between two different points');
    ($this->at)('shape', ['shape' => 'ell', 'width' => '6', 'depth' => '4'])->assertRedirect();
    expect(($this->place)()->space->book->walls)->toHaveCount(6)->and(($this->place)()->space->book->isTaped())->toBeFalse();
    ($this->at)('tape', ['from' => 'w2', 'to' => 'w1', 'length' => '6.2']);
    expect(($this->place)()->space->book->walls[0]->lengthM)->toBe(6.2)->and(($this->place)()->space->book->ties)->toBe([]);
});

it('turns a compass bearing to a true one', function (): void {
    ($this->at)('places/compass', [])->assertRedirect();
    expect(rad2deg(($this->place)()->space->northRad))->toEqualWithDelta(20.0, 8.0);
});

it('turns the plan by two points of a wall off a map', function (): void {
    // Eastward along the south glass, which is drawn along +x.
    ($this->at)('places/bearing', ['wall' => 'w1', 'from' => '52.0, 1.2000', 'to' => '52.0, 1.2001'])->assertRedirect();
    expect(rad2deg(($this->place)()->space->northRad))->toEqualWithDelta(0.0, 0.11);
    ($this->at)(
        'places/bearing',
        ['wall' => 'w1', 'from' => '52.0, 1.2', 'to' => 'over there'],
    )->assertStatus(422)->assertSee('“over there” is not a position');
});

it('joins a room behind an opening, tapes it in its own right and takes it out again', function (): void {
    ($this->at)(
        'rooms',
        ['stage' => 'measure', 'through' => 'door', 'name' => 'porch', 'width' => '0.5', 'depth' => '2'],
    )->assertStatus(422)->assertSee('narrower than the room behind it');
    ($this->at)(
        'rooms',
        ['stage' => 'measure', 'through' => 'door', 'name' => 'porch', 'width' => '2.4', 'depth' => '2'],
    )->assertRedirect();
    ($this->at)(
        'tape',
        ['stage' => 'measure', 'room' => 'room-1', 'from' => 'room-1-w1', 'to' => 'room-1-w2', 'length' => '2.55', 'by' => 'tape'],
    )->assertRedirect();
    ($this->at)(
        'sheet',
        [
            'stage' => 'measure',
            'room' => 'room-1',
            'sheet' => 'openings',
            'rows' => [
                [
                    'id' => '', 'name' => 'porch window', 'kind' => 'window', 'wall' => 'room-1-w3',
                    'offset_m' => '0.5', 'width_m' => '0.8', 'sill_m' => '1', 'head_m' => '1.9',
                ],
            ],
        ],
    )->assertRedirect();
    $porch = ($this->place)()->rooms->called('room-1');

    expect($porch->taped->book->walls[0]->lengthM)->toBe(2.55)->and($porch->taped->openings[0]->name)->toBe('porch window')
        ->and(($this->place)()->space->openings)->toHaveCount(3);
    $this->get("/shoots/{$this->shoot->id}/measure?place=glasshouse&room=room-1")->assertSee('Tape: porch');
    $this->get("/shoots/{$this->shoot->id}/measure?place=glasshouse&select=none")->assertSee('Porch:');
    ($this->at)(
        'card',
        ['stage' => 'measure', 'thing' => 'room:room-1', 'fields' => ['/locations/glasshouse/space/rooms/room-1/name' => 'lobby']],
    );
    expect(($this->place)()->rooms->called('room-1')->name)->toBe('lobby');
    ($this->at)('rooms/remove', ['stage' => 'measure', 'room' => 'room-1'])->assertRedirect();
    expect(($this->place)()->rooms->all)->toHaveCount(2);
});

it('keeps a material that was changed, and the book’s again when the change is taken back', function (): void {
    $row = fn (string $name, string $mid): array => [
        'rows' => [
            [
                'id' => 'books', 'name' => $name, 'alpha_125' => '0.3', 'alpha_250' => '0.4', 'alpha_500' => $mid,
                'alpha_1000' => '0.3', 'alpha_2000' => '0.3', 'alpha_4000' => '0.2', 'light' => '0.25',
            ],
        ],
        'sheet' => 'materials',
        'stage' => 'measure',
        'look' => 'book',
    ];
    ($this->at)('sheet', $row('full bookshelves', '1.6'))->assertStatus(422)->assertSee('Must be between 0.0 and 1.0');
    ($this->at)('sheet', $row('full bookshelves', '0.6'))->assertRedirect();
    expect(($this->plan)()->kit->materials['books']->alpha[2])->toBe(0.6);
    ($this->at)('sheet', $row('full bookshelves', '0.4'));
    expect(($this->plan)()->kit->materials)->toBe([]);
});

it('gives a place its latitude on its card, and the sun follows', function (): void {
    ($this->at)('places', ['name' => 'Barn']);
    ($this->at)(
        'card',
        [
            'place' => 'barn',
            'thing' => 'place',
            'fields' => [
                '/locations/barn/site/latitude_deg' => '60',
                '/locations/barn/facts/mood' => '5',
                '/locations/barn/facts/spot_x_m' => '1.5',
                '/locations/barn/facts/spot_y_m' => '1.5',
            ],
        ],
    );
    expect(($this->place)('barn')->site?->latitudeDeg)->toBe(60.0)->and(($this->place)('barn')->spot()?->z)->toBe(1.2);
    ($this->at)(
        'card',
        ['place' => 'barn', 'thing' => 'place', 'fields' => ['/locations/barn/site/latitude_deg' => '91']],
    )->assertStatus(422)->assertSee('Must be between -90° and 90°');
    ($this->at)('card', ['place' => 'barn', 'thing' => 'place', 'fields' => ['/locations/barn/facts/mood' => '']]);
    expect(($this->place)('barn')->facts->number('mood'))->toBeNull();
});

it('records a decision with its reason', function (): void {
    ($this->at)(
        'card',
        [
            'thing' => 'weights',
            'fields' => [
                '/scouting/decision/place' => 'stone-room',
                '/scouting/decision/reason' => 'quiet before the tide turns',
                '/scouting/weights/quiet' => '4',
                '/scouting/stops/access' => '1',
            ],
        ],
    );
    $scouting = ($this->plan)()->scouting;

    expect($scouting->decision->text('reason'))
        ->toBe('quiet before the tide turns')
        ->and($scouting->weights['quiet'])
        ->toBe(4.0)
        ->and($scouting->stops)
        ->toBe(['access', 'open']);
    $this->get("/shoots/{$this->shoot->id}/scout?look=compare")->assertSee('because quiet before the tide turns');
});

it('takes photos upright, without the place they were taken at', function (): void {
    // A 40 by 20 JPEG, red on its left; its EXIF says: turn right, 26 mm, like 39 mm, at 52° north.
    $image = imagecreatetruecolor(40, 20);
    imagefilledrectangle($image, 0, 0, 19, 19, imagecolorallocate($image, 255, 0, 0));
    ob_start();
    imagejpeg($image, null, 95);
    $jpeg = (string) ob_get_clean();
    $ascii = "52 north\0";
    $entry = fn (int $tag, int $type, int $count, string $value): string => pack('vvV', $tag, $type, $count).$value;
    $tiff = "II*\0".pack('V', 8).pack('v', 2).$entry(
        0x0112,
        3,
        1,
        pack('vv', 6, 0),
    ).$entry(0xA431, 2, 9, pack('V', 38)).pack('V', 0).$ascii;
    $exif = "Exif\0\0".$tiff;
    $path = (string) tempnam(sys_get_temp_dir(), 'photo');
    file_put_contents($path, substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2));
    $this->post(
        "/shoots/{$this->shoot->id}/photos",
        [
            'version' => 1,
            'place' => 'glasshouse',
            'stage' => 'scout',
            'photos' => [new UploadedFile($path, 'one.jpg', 'image/jpeg', null, true), UploadedFile::fake()->image('two.png', 300, 200)],
        ],
    )->assertRedirect();
    $photos = ($this->place)()->list('photos');
    $kept = (string) file_get_contents(storage_path("app/photos/{$this->shoot->id}/".$photos[0]->text('file')));
    $shown = imagecreatefromstring($kept);

    expect($photos)->toHaveCount(2)->and([$photos[0]->number('width_px'), $photos[0]->number('height_px')])->toBe([20.0, 40.0])
        ->and($kept)->not->toContain('52 north')->and(imagecolorsforindex($shown, imagecolorat($shown, 10, 4))['red'])->toBeGreaterThan(200)
        ->and(
            $this->get("/shoots/{$this->shoot->id}/photos/thumb-".$photos[1]->text('file'))->assertOk()->headers->get('content-type'),
        )->toBe('image/jpeg');
    $this->get("/shoots/{$this->shoot->id}/photos/..%2F..%2F.env")->assertNotFound();
    $this
        ->post(
            "/shoots/{$this->shoot->id}/photos",
            [
                'version' => 3,
                'place' => 'glasshouse',
                'stage' => 'scout',
                'look' => 'photos',
                'photos' => [UploadedFile::fake()->createWithContent('note.jpg', 'no picture')],
            ],
        )
        ->assertStatus(422)
        ->assertSee('is not a picture we can read');
});

it('measures a hidden world that may contradict the plan, and sometimes shows nothing', function (): void {
    $instruments = app(Instruments::class);
    $place = ($this->place)();
    $worlds = require database_path('demo/worlds.php');
    [$shown, $none] = [[], 0];
    foreach (range(1, 60) as $i) {
        try {
            $shown[] = (new StandIns($worlds, "seed $i", new NativeClock))->distance($place, 'w1', 'w2')->value;
        } catch (NoReading) {
            $none++;
        }
    }

    expect($instruments)->toBeInstanceOf(StandIns::class)
        ->and(array_sum($shown) / count($shown))->toEqualWithDelta(8.214, 0.001)->and(max($shown) - min($shown))->toBeGreaterThan(0.002)
        ->and($none)->toBeGreaterThan(0)->toBeLessThan(20)
        ->and($instruments->illuminance($place, 'potting bench', 'daylight')->value)->toEqualWithDelta(4200 * 0.97, 400)
        ->and($instruments->forecast($place, '2026-12-05')['sure'])->toBeLessThan(0.95);
});

it('takes a tape book, a drawing and readings in, and says what is wrong with a file', function (): void {
    $file = fn (string $name, string $content): UploadedFile => UploadedFile::fake()->createWithContent($name, $content);
    $csv = $this->get("/shoots/{$this->shoot->id}/tape.csv?place=glasshouse")->assertOk()->getContent();
    $dxf = $this->get("/shoots/{$this->shoot->id}/room.dxf?place=glasshouse")->assertOk()->getContent();
    ($this->at)('bring', ['what' => 'tape', 'file' => $file('a.csv', str_replace('8.21', '8.91', $csv))])->assertRedirect();
    expect(($this->place)()->space->book->walls[0]->lengthM)->toBe(8.91);
    ($this->at)('bring', ['what' => 'drawing', 'unit' => 'm', 'file' => $file('a.dxf', $dxf)])->assertRedirect();
    expect(($this->place)()->space->book->walls[0]->lengthM)
        ->toEqualWithDelta(8.209, 0.002)
        ->and(($this->place)()->space->openings)
        ->toHaveCount(3);
    ($this->at)(
        'bring',
        ['what' => 'readings', 'file' => $file('r.csv', (string) file_get_contents(public_path('readings-example.csv')))],
    )->assertRedirect();
    expect(($this->place)()->list('noise'))->toHaveCount(3)->and(($this->place)()->list('circuits')[1]->number('already_a'))->toBe(7.4);
    ($this->at)(
        'bring',
        ['what' => 'readings', 'look' => 'notes', 'file' => $file('r.csv', "list,name,lux\nlight,x,bright")],
    )->assertStatus(422)->assertSee('Line 2: “bright” is not a number');
    ($this->at)(
        'bring',
        ['what' => 'drawing', 'stage' => 'measure', 'look' => 'book', 'file' => $file('a.dxf', 'nothing')],
    )->assertStatus(422)->assertSee('The file holds no drawing that can be read');
});

it('keeps pictures for the look with the brief', function (): void {
    ($this->at)(
        'photos',
        ['stage' => 'brief', 'to' => 'references', 'photos' => [UploadedFile::fake()->image('low window light.png', 900, 600)]],
    )->assertRedirect();
    $reference = ($this->plan)()->brief->list('references');
    $last = $reference[count($reference) - 1];

    expect($last->text('name'))->toBe('low window light');
    $this->get("/shoots/{$this->shoot->id}/brief")->assertSee('photos/'.$last->text('file'), false);
    $this->get("/shoots/{$this->shoot->id}/photos/{$last->text('file')}")->assertOk();
});

it('lays a floor plan underneath and scales it by two points', function (): void {
    ($this->at)('underlay', ['underlay' => UploadedFile::fake()->image('plan.png', 800, 500)])->assertRedirect();
    expect(($this->place)()->space->underlay?->metresAPixel)->toEqualWithDelta(8.21 / 800, 1e-4);
    ($this->at)('underlay', ['x1' => '1', 'y1' => '1', 'x2' => '3', 'y2' => '1', 'apart' => '3 m'])->assertRedirect();
    $under = ($this->place)()->space->underlay;
    expect($under?->metresAPixel)->toEqualWithDelta(1.5 * 8.21 / 800, 1e-4)->and($under?->place->x)->toEqualWithDelta(-0.5, 1e-6);
    $this->get("/shoots/{$this->shoot->id}/measure?place=glasshouse")->assertSee('class="underlay"', false);
    ($this->at)(
        'underlay',
        ['stage' => 'measure', 'x1' => '1', 'y1' => '1', 'x2' => '1', 'y2' => '1', 'apart' => '3'],
    )->assertStatus(422)->assertSee('is not a length a tape can give');
    ($this->at)('underlay', ['stage' => 'measure'])->assertStatus(422)->assertSee('Mark two points on the floor first.');
});

it('sets up in a place that had nothing, and things stand there', function (): void {
    $this->get("/shoots/{$this->shoot->id}/stage?place=glasshouse")->assertSee('Add to this setup')->assertDontSee('Add subject');
    ($this->at)('setups', ['stage' => 'stage'])->assertRedirect();
    ($this->at)('things', ['stage' => 'stage', 'kind' => 'subject'])->assertRedirect();
    $setup = ($this->plan)()->setupAt('glasshouse');

    expect($setup->setup->isBare())->toBeFalse()->and($setup->subjects())->toHaveCount(1)->and(($this->plan)()->setups)->toHaveCount(3);
    $this->get("/shoots/{$this->shoot->id}/stage?place=glasshouse")->assertSee('Add subject');
});
