<?php

declare(strict_types=1);

use FineFrame\Document\InvalidDocument;
use FineFrame\Judge\Judge;
use FineFrame\Plan\Edit;
use FineFrame\Plan\NewKind;
use FineFrame\Plan\NewThing;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\PlanWriter;
use FineFrame\Plan\Starter;
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

it('refuses a file, says where and why', function (string $file, string $sentence): void {
    expect(fn () => PlanReader::json($file))->toThrow(InvalidDocument::class, $sentence);
})->with([
    'not JSON' => ['%PDF-1.7', 'not JSON'],
    'a list' => ['[1]', 'must be an object'],
    'not ours' => ['{"format":"other"}', '/format: The file is JSON, but not a Fine Frame plan'],
    'too new' => [changed('/version', 2), '/version: The plan is of version 2; this Fine Frame reads up to version 1'],
    'nested without end' => [str_repeat('[', 100).str_repeat(']', 100), 'not JSON'],
    'too large' => [str_repeat(' ', 10_000_001), 'larger than 10 MB'],
    'a wrong type deep inside' => [changed('/setups/0/cameras/1/aim/lead', 'far'), '/setups/0/cameras/1/aim/lead: must be a number'],
    'a list where an object belongs' => [changed('/setups/0/metering', [1, 2]), '/setups/0/metering: must be an object'],
    'a lens of no length' => [changed('/kit/lenses/0/focal_min_mm', 0), '/kit/lenses/0/focal_min_mm: must be between 1 mm and 2000 mm'],
    'an absurd height' => [changed('/setups/0/cameras/0/height_m', 1e9), '/setups/0/cameras/0/height_m: must be between'],
    'a camera outside the room' => [changed('/setups/0/cameras/0/x_m', 9), '/setups/0/cameras/0/x_m: is outside the room, 1.79 m beyond its wall'],
    'a focal length that the lens has not' => [changed('/setups/0/cameras/1/focal_mm', 100), '/setups/0/cameras/1/focal_mm: must be between 24 mm and 70 mm on this lens'],
    'an unknown lens' => [changed('/setups/0/cameras/1/lens', 'none-such'), 'must name a lens of the kit; “none-such” is none'],
    'the same id twice' => [changed('/setups/0/cameras/1/id', 'cam-a'), 'holds the id “cam-a” twice'],
    'an id that is none' => [changed('/setups/0/id', '../x'), '/setups/0/id: must be an id'],
    'a limit nobody knows' => [changed('/brief/limits', ['speed' => 3]), '/brief/limits/speed: is not a limit'],
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

    expect(PlanWriter::json($without))->toBe(PlanWriter::json($setup->plan))->and(count(Judge::standard()->judge($with)->findings))->toBeGreaterThan(20);
})->with(NewKind::cases());

it('lets go of a subject that is taken out, and judges an empty set', function (): void {
    $setup = Cases::demo();
    foreach (['miller', 'asker', 'cam-a', 'cam-b'] as $id) {
        $setup = NewThing::without($setup, $id)->applyTo($setup->plan)->setup();
    }

    expect($setup->setup->lights)->toBe([])->and(Judge::standard()->judge($setup)->broken())->toBe([]);
});

it('starts a new plan in which nothing breaks', function (): void {
    expect(Judge::standard()->judge(Starter::plan('New', 'Somewhere')->setup())->broken())->toBe([]);
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
