<?php

declare(strict_types=1);

use FineFrame\Document\InvalidDocument;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Finding;
use FineFrame\Judge\FirstPlan;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Stage;
use FineFrame\Plan\Dangling;
use FineFrame\Plan\Edit;
use FineFrame\Plan\NewKind;
use FineFrame\Plan\NewOpening;
use FineFrame\Plan\NewShoot;
use FineFrame\Plan\NewThing;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\PlanWriter;
use FineFrame\Plan\Refit;
use FineFrame\Plan\SetupList;
use FineFrame\Plan\Starter;
use FineFrame\Propose\LightIdeas;
use FineFrame\Space\OpeningKind;
use FineFrame\Tests\Cases;

function changed(string $pointer, mixed $value): string
{
    $document = json_decode((string) file_get_contents(__DIR__.'/../../database/demo/sallow-tide-mill.fineframe.json'), true);
    $at = &$document;
    foreach (array_slice(explode('/', $pointer), 1) as $step) {
        $at = &$at[$step];
    }
    $at = $value;

    return (string) json_encode($document);
}

it('writes what it reads, byte for byte, with keys it does not know', function (): void {
    $file = changed('/setups/0/cameras/0/sponsor', ['name' => 'Ida', 'since' => 2.50, 'tags' => new stdClass, 'cues' => []]);
    $once = PlanWriter::json(PlanReader::json($file));

    expect(PlanWriter::json(PlanReader::json($once)))->toBe($once)
        ->and($once)->toContain('"sponsor": {')->toContain('"tags": {}')->toContain('"cues": []');
});

it('reads what version 1 called its own as what nobody has counted yet', function (): void {
    $old = json_decode(changed('/version', 1), true);
    unset($old['kit']['stock']);
    $old['kit']['lenses'][1]['own'] = true;
    $old['kit']['supports'][0]['own'] = false;
    $plan = PlanReader::json(json_encode($old));

    expect($plan->kit->stock->isOwn($old['kit']['lenses'][1]['id']))->toBeTrue()
        ->and($plan->kit->stock->count($old['kit']['lenses'][1]['id']))->toBeNull()
        ->and($plan->kit->stock->rows)->toHaveCount(1)
        ->and(PlanWriter::json($plan))->not->toContain('"own":')->toContain('"version": 2')
        ->and(PlanWriter::json(PlanReader::json(PlanWriter::json($plan))))->toBe(PlanWriter::json($plan));
});

it('refuses a file, says where and why', function (string $file, string $sentence): void {
    expect(fn () => PlanReader::json($file))->toThrow(InvalidDocument::class, $sentence);
})->with([
    'not JSON' => ['%PDF-1.7', 'not JSON'],
    'a list' => ['[1]', 'must be an object'],
    'not ours' => ['{"format":"other"}', '/format: The file is JSON, but not a Fine Frame plan'],
    'too new' => [changed('/version', 3), '/version: The plan is of version 3; this Fine Frame reads up to version 2'],
    'nested without end' => [str_repeat('[', 100).str_repeat(']', 100), 'not JSON'],
    'too large' => [str_repeat(' ', 10_000_001), 'larger than 10 MB'],
    'a wrong type deep inside' => [changed('/setups/0/cameras/1/aim/lead', 'far'), '/setups/0/cameras/1/aim/lead: must be a number'],
    'a list where an object belongs' => [changed('/setups/0/metering', [1, 2]), '/setups/0/metering: must be an object'],
    'a lens of no length' => [changed('/kit/lenses/0/focal_min_mm', 0), '/kit/lenses/0/focal_min_mm: must be between 1 mm and 2000 mm'],
    'an absurd height' => [changed('/setups/0/cameras/0/height_m', 1e9), '/setups/0/cameras/0/height_m: must be between'],
    'a camera outside the room' => [
        changed('/setups/0/cameras/0/x_m', 9),
        '/setups/0/cameras/0/x_m: is outside the room, 1.79 m beyond its wall',
    ],
    'a focal length that the lens has not' => [
        changed('/setups/0/cameras/1/focal_mm', 100),
        '/setups/0/cameras/1/focal_mm: must be between 24 mm and 70 mm on this lens',
    ],
    'an unknown lens' => [changed('/setups/0/cameras/1/lens', 'none-such'), 'must name a lens of the kit; “none-such” is none'],
    'the same id twice' => [changed('/setups/0/cameras/1/id', 'cam-a'), 'holds the id “cam-a” twice'],
    'an id that is none' => [changed('/setups/0/id', '../x'), '/setups/0/id: must be an id'],
    'a limit nobody knows' => [changed('/brief/limits', ['speed' => 3]), '/brief/limits/speed: is not a limit'],
    'a microphone with a camera’s id' => [changed('/setups/0/mics/0/id', 'cam-a'), 'holds the id “cam-a” twice'],
    'a recorder far outside' => [
        changed('/setups/0/recorders/0/x_m', 150),
        '/setups/0/recorders/0/x_m: is outside the room, 142.79 m beyond its wall',
    ],
    'an antenna farther off than it may look in from' => [
        changed('/setups/0/antennas/0/x_m', 23),
        '/setups/0/antennas/0/x_m: is outside the room',
    ],
    'a microphone of no kit' => [
        changed('/setups/0/mics/0/model', 'none-such'),
        '/setups/0/mics/0/model: must name a microphone of the kit',
    ],
    'a microphone on nobody' => [changed('/setups/0/mics/0/person', 'nobody'), '/setups/0/mics/0/person: must name a person of this setup'],
    'a track for a voice that is not there' => [
        changed('/setups/0/tracks/0/voice', 'nobody'),
        '/setups/0/tracks/0/voice: must name a person of this setup',
    ],
    'a colour on nothing' => [
        changed('/setups/0/colours/1/on', 'w99'),
        '/setups/0/colours/1/on: must name a person, a thing or a wall of this setup',
    ],
    'a wall of no known material' => [
        changed('/locations/0/space/surfaces', ['walls' => 'velvet']),
        '/locations/0/space/surfaces/walls: must name a material of the kit; “velvet” is none',
    ],
    'a date that is none' => [changed('/shoot/date', '2026-02-30'), '/shoot/date: must be a date'],
]);

it('names every problem, not the first alone', function (): void {
    try {
        PlanReader::json(changed('/setups/0/metering', ['iso' => 'high', 'fps' => -1]));
    } catch (InvalidDocument $e) {
        expect(array_map(fn ($p) => $p->pointer, $e->problems))->toBe(['/setups/0/metering/fps', '/setups/0/metering/iso']);
    }
});

it('keeps a limit that the brief changes', function (): void {
    expect(Cases::demo(['/brief/limits/face_watch_m' => 3])->plan->brief->limits->get('face_watch_m'))->toBe(3.0);
});

it('refuses an edit that leads nowhere', fn () => Cases::demo(['cameras/none/x_m' => 1]))->throws(InvalidDocument::class, 'leads nowhere');

it('adds each kind of thing and takes it out again', function (NewKind $kind): void {
    $setup = Cases::demo();
    $new = NewThing::in($setup, $kind);
    $with = $new->edit->applyTo($setup->plan)->setup();
    $without = NewThing::without($with, $new->id)->applyTo($with->plan);

    expect(PlanWriter::json($without))
        ->toBe(PlanWriter::json($setup->plan))
        ->and(count(Judge::standard()->judge($with)->findings))
        ->toBeGreaterThan(20);
})->with(NewKind::cases());

it('lets go of a subject that is taken out, and judges an empty set', function (): void {
    $setup = Cases::demo();
    foreach (['miller', 'asker', 'cam-a', 'cam-b'] as $id) {
        $setup = NewThing::without($setup, $id)->applyTo($setup->plan)->setup();
    }

    expect($setup->setup->lights)->toBe([])->and(Judge::standard()->judge($setup)->broken())->toBe([]);
});

it('leaves nothing that names what is taken out', function (string $setup, string $id, array $gone, array $cleared): void {
    $before = Cases::demo(['@' => $setup]);
    $after = NewThing::without($before, $id)->applyTo($before->plan)->setup($setup)->setup;
    $left = fn (string $list): array => array_column($after->list($list), 'id');
    foreach ($gone as $row) {
        [$list, $one] = explode('/', $row);
        expect(in_array($one, $left($list), true))->toBeFalse($row);
    }
    foreach ($cleared as $row => $column) {
        [$list, $one] = explode('/', $row);
        expect(array_column($after->list($list), null, 'id')[$one]->text($column))->toBe('');
    }
})->with([
    'a player' => [
        'duo',
        'tamsin',
        ['colours/colours-1'],
        ['mics/mics-2' => 'person', 'links/links-2' => 'person', 'tracks/tracks-2' => 'voice'],
    ],
    'a camera' => ['talk', 'cam-b', ['views/v1'], []],
]);

it('opens a plan of an older version whose rows name what had been taken out', function (): void {
    $document = json_decode(changed('/setups/0/mics/0/person', 'gone'), true);
    $document['setups'][0]['colours'][0]['on'] = 'gone';
    $setup = PlanReader::document(Dangling::letGo($document))->setup('talk')->setup;
    expect($setup->list('mics')[0]->text('person'))
        ->toBe('')
        ->and(array_column($setup->list('colours'), 'id'))->not
        ->toContain('colours-1')
        ->toContain('colours-2')
        ->and(
            PlanWriter::json(PlanReader::document(Dangling::letGo($intact = json_decode(changed('/version', 1), true)))),
        )->toBe(PlanWriter::json(PlanReader::document($intact)));
});

it('brings microphones inside with the room, and takes the colour of a wall along that goes', function (): void {
    $setup = Cases::demo();
    $small = [
        'height_m' => 2.0,
        'walls' => array_map(fn (int $i): array => ['id' => "n$i", 'name' => "n$i", 'length_m' => 3.0, 'turn_deg' => 90], range(0, 3)),
    ];
    $after = Refit::of($setup->plan, 'stone-room', $small)->edit->applyTo($setup->plan)->setup('talk');
    expect($after->room->contains(SetupList::place($after->setup->list('recorders')[1])))
        ->toBeTrue()
        ->and(array_column($after->setup->list('colours'), 'id'))->not
        ->toContain('colours-2');
});

it('stands a whole first setup in which nothing breaks', function (bool $isTalk, int $people, string $kind, int $booms): void {
    $new = new NewShoot('New', 'Somewhere', $isTalk, $people, '2026-12-20', '10:00', '12:00');
    $plan = FirstPlan::of($new, Judge::standard(more: new LightIdeas));
    $setup = $plan->setup();
    $verdicts = Judge::standard()->judge($setup);
    $works = [Stage::Stage, Stage::Cameras, Stage::Sound];
    $watched = array_filter($verdicts->of(Severity::Watch), static fn (Finding $f): bool => in_array($f->stage, $works, true));

    expect($verdicts->broken())->toBe([])
        ->and(array_unique(array_column($watched, 'check')))->toEqualCanonicalizing($isTalk ? [] : ['somebody-listens'])
        ->and($plan->brief->kind->value)->toBe($kind)
        ->and($plan->brief->day()?->text('from'))->toBe('10:00')
        ->and(count($setup->subjects()))->toBe($people)
        ->and(count($setup->setup->list('mics')))->toBe($people)
        ->and(count($setup->setup->booms))->toBe($booms);
})->with([
    'an interview' => [true, 1, 'talk with one person', 1], 'of two' => [true, 2, 'talk with two people', 2],
    'a solo' => [false, 1, 'performance, solo', 0], 'a duo' => [false, 2, 'performance, duo', 0],
    'three' => [false, 3, 'performance, band', 0], 'four' => [false, 4, 'performance, band', 0],
]);

it('assumes a number until somebody sets it or says that it is right', function (): void {
    $plan = Starter::plan(new NewShoot('New', 'Somewhere'));
    $ceiling = '/locations/place/space/height_m';
    $doors = PlanWriter::document($plan)['locations'][0]['space']['openings'];
    $names = static fn (array $edit): string => implode(' ', array_map(
        static fn (string $p): string => basename($p), (new Edit($edit))->applyTo($plan)->assumed->pointers,
    ));
    $all = 'height_m offset_m width_m head_m ambient_lux stature_m stature_m';

    expect($names(['/setups/setup-1/cameras/camera-1/x_m' => 2.7]))->toBe($all)
        ->and($names([$ceiling => 2.7]))->toBe(substr($all, 9))
        ->and($names(NewThing::without($plan->setup(), 'interviewer-1')->values ?? []))->toBe(substr($all, 0, -10))
        ->and($names(['/locations/place/space/openings' => [['head_m' => 2.1] + $doors[0]]]))->toBe(str_replace('head_m ', '', $all))
        ->and($plan->assumed->confirmed($plan, $ceiling)?->values)->toBe([$ceiling => 2.7])
        ->and($plan->assumed->confirmed($plan, '/shoot/title'))->toBeNull()
        ->and(PlanReader::json(PlanWriter::json($plan))->assumed->pointers)->toEqualCanonicalizing($plan->assumed->pointers);
});

it('takes an edit back to the same file', function (): void {
    $plan = Cases::demo()->plan;
    $there = (new Edit(['/setups/talk/cameras/cam-b/x_m' => 5.0]))->applyTo($plan);

    expect(PlanWriter::json((new Edit(['/setups/talk/cameras/cam-b/x_m' => 5.3]))->applyTo($there)))->toBe(PlanWriter::json($plan));
});

it('gives a new camera the lens of the brief’s school', function (string $school, float $focal): void {
    $setup = Cases::demo(['/brief/schools/lens' => $school]);
    $after = NewThing::in($setup, NewKind::Camera)->edit->applyTo($setup->plan)->setup();

    expect($after->setup->cameras[2]->focalMm)->toBe($focal);
})->with([['long', 85.0], ['thirty-five', 35.0], ['fifty', 50.0]]);

it('puts a window or a door into the wall that is pointed at, clear of what is there', function (string $kind, float $x, float $y, ?array $said): void {
    $plan = Starter::plan(new NewShoot('New', 'Somewhere'));
    $new = NewOpening::at($plan, $plan->locations[0], OpeningKind::from($kind), new Vec2($x, $y));
    $made = $new === null ? null : array_column($new->edit->applyTo($plan)->locations[0]->space->openings, null, 'id')[$new->id];

    expect($made === null ? null : [$made->wall, round($made->offsetM, 3), $made->widthM, $made->sillM])->toBe($said);
    expect($new === null ? 4 : count($new->edit->applyTo($plan)->assumed->pointers) - count($plan->assumed->pointers))->toBe(4);
})->with([
    'a window about its middle' => ['window', 2.5, -0.1, ['wall-south', 1.9, 1.2, 0.9]],
    'a door' => ['door', 4.9, 2.0, ['wall-east', 1.575, 0.85, 0.0]],
    'at a corner' => ['window', 0.3, 0.05, ['wall-south', 0.05, 1.2, 0.9]],
    // The door of the west wall is from 0.3 to 1.15 from its north end, the wall 4 m long.
    'on the door' => ['window', 0.0, 3.3, ['wall-west', 1.2, 1.2, 0.9]],
]);
