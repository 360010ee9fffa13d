<?php

declare(strict_types=1);

use App\Http\Where;
use App\Plans\EditWords;
use App\Plans\Pointers;
use App\View\Drawing\Drawings;
use App\View\Drawing\ElevationDrawing;
use App\View\Drawing\FloorDrawing;
use App\View\Drawing\FrameDrawing;
use App\View\Drawing\Palette;
use App\View\Drawing\Sheet;
use App\View\Reader;
use App\View\Workspace;
use FineFrame\Figures\Figures;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Plan\Edit;
use FineFrame\Scene\Material;
use FineFrame\Tests\Cases;

/** @return list<Vec2> the corners of a drawn path, back in metres */
function metres(string $path): array
{
    preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $path, $found, PREG_SET_ORDER);

    return array_map(fn (array $p): Vec2 => new Vec2((float) $p[1] / Sheet::UNITS, -(float) $p[2] / Sheet::UNITS), $found);
}

function drawn(array $changes = []): FloorDrawing
{
    return new FloorDrawing(new Situation(Cases::demo($changes)), new Reader);
}

it('ends what a lens covers at the first wall, around the corner that juts in too', function (array $changes): void {
    $room = Cases::demo($changes)->room;
    foreach (drawn($changes)->overlays()->wedges() as $wedge) {
        foreach (array_slice(metres($wedge['path']), 1) as $corner) {
            expect($room->borderDistanceTo($corner))->toBeLessThan(0.02);
        }
    }
})->with(['the demo' => [[]], 'from the nook' => [['cameras/cam-b/x_m' => 6.8, 'cameras/cam-b/y_m' => 3.2]]]);

it('draws a lens’s cover as wide as its angle of view', function (): void {
    $setup = Cases::demo();
    [$eye, $first] = metres(drawn()->overlays()->wedges()[0]['path']);
    $corners = metres(drawn()->overlays()->wedges()[0]['path']);
    $angle = end($corners)->minus($eye)->bearing() - $first->minus($eye)->bearing();

    expect($angle)->toEqualWithDelta($setup->cameras['cam-a']->delivered->horizontalRad(), 0.01);
});

it('draws things in their true size', function (): void {
    $things = array_column([...drawn()->furniture(), ...drawn()->things()], null, 'id');
    $span = fn (string $path): float => max(
        array_map(fn (Vec2 $c): float => $c->x, metres($path)),
    ) - min(array_map(fn (Vec2 $c): float => $c->x, metres($path)));
    $face = metres(array_column($things['key']->shapes, 1, 0)['face']);

    expect($span($things['sack-bench']->shapes[0][1]))->toEqualWithDelta(1.7, 0.003)
        ->and($span($things['millstone']->shapes[0][1]))->toEqualWithDelta(1.3, 0.003)
        ->and($face[0]->distanceTo($face[1]))->toEqualWithDelta(1.2, 0.003)
        ->and($things['cam-a']->ring)->toBe(42.0);
});

it('shows only what a stage is about', function (Stage $stage, array $overlays): void {
    expect(
        (new Workspace($this->demo(), Cases::demo(), new Where($stage, 'above'), new Reader, Judge::standard()))->overlays(),
    )->toBe($overlays);
})->with(
    [
        [Stage::Measure, ['tape', 'survey']],
        [Stage::Scout, ['sun']],
        [Stage::Light, ['lenses', 'light']],
        [Stage::Cameras, ['lenses']],
        [Stage::Stage, []],
    ],
);

it('widens the pool of a lamp stop by stop', function (): void {
    $reach = array_map(
        fn (array $p): float => max(array_map(fn (Vec2 $c): float => $c->distanceTo(new Vec2(1.6, 1.5)), metres($p['path']))),
        drawn(['lights/key/dimmer' => 0.1])->overlays()->pools(),
    );

    expect($reach[0])->toBeGreaterThan($reach[1])->and($reach[1])->toBeGreaterThan($reach[2]);
});

it('measures a chosen camera from two walls and to its subject', function (): void {
    $words = array_column(drawn()->overlays()->distances('cam-a'), 'words');

    expect($words)->toContain('72 cm')->toContain('3.55 m')->toHaveCount(3)->and(drawn()->overlays()->distances('nobody'))->toBe([]);
});

it('marks the frame as the figures say', function (array $changes): void {
    $situation = new Situation(Cases::demo($changes));
    $figures = [];
    foreach (Figures::of($situation) as $figure) {
        $figures[$figure->id()] = (new Reader)->print($figure->value);
    }
    foreach (FrameDrawing::all($situation, new Reader) as $frame) {
        expect($frame->marks()['headWords'])->toBe($figures["camera.$frame->id.headroom"])
            ->and($frame->marks()['lookWords'])->toBe($figures["camera.$frame->id.looking_room"])
            ->and($frame->headline())->toContain($figures["camera.$frame->id.shot_size"]);
    }
})->with(
    [
        'the demo' => [[]],
        'upright' => [['/brief/aspect_width' => 9, '/brief/aspect_height' => 16]],
        'very wide' => [['/brief/aspect_width' => 2.39, '/brief/aspect_height' => 1]],
    ],
);

it('lines out the delivered frame within the recorded one', function (float $w, float $h, bool $cropped): void {
    $frame = FrameDrawing::all(new Situation(Cases::demo(['/brief/aspect_width' => $w, '/brief/aspect_height' => $h])), new Reader)[0];
    [$x, $y, $width, $height] = $frame->delivered();

    expect($frame->isCropped())->toBe($cropped)
        ->and($width / $height)->toEqualWithDelta($w / $h, 0.01)
        ->and($x + $width / 2)->toEqualWithDelta(FrameDrawing::WIDTH / 2, 0.1)
        ->and($y + $height / 2)->toEqualWithDelta($frame->height / 2, 0.1);
})->with([[16, 9, false], [2.39, 1, true], [1, 1, true], [9, 16, true]]);

it('writes heights from the side without two on one line', function (): void {
    $heights = (new ElevationDrawing(new Situation(Cases::demo()), new Reader))->heights();
    $levels = array_map(fn (array $h): float => $h['at'][1], $heights);

    expect(array_column($heights, 'words'))->toContain('A 1.20 m')->toContain('Boom 1.55 m');
    for ($i = 1; $i < count($levels); $i++) {
        expect($levels[$i] - $levels[$i - 1])->toBeGreaterThan(15);
    }
});

it('brightens a face with the light on it, and never past white', function (): void {
    $sum = fn (float $stops): int => array_sum(array_map(hexdec(...), str_split(substr(Palette::fill(Material::Skin, $stops), 1), 2)));

    expect($sum(-3))
        ->toBeLessThan($sum(-1))
        ->and($sum(-1))
        ->toBeLessThan($sum(0))
        ->and($sum(0))
        ->toBeLessThan($sum(1))
        ->and($sum(9))
        ->toBeLessThanOrEqual(765);
});

it('makes files that stand alone', function (): void {
    $work = new Workspace($this->demo(), Cases::demo(), new Where(Stage::Cameras, 'above'), new Reader, Judge::standard());
    foreach ([app(Drawings::class)->floor($work), app(Drawings::class)->frame($work, 'cam-b')] as $svg) {
        expect(simplexml_load_string($svg))->not->toBeFalse()->and($svg)->not->toMatch('/class="(wall|body)|href=|url\((?!#)|<script/');
    }
});

it('says in words what an edit did', function (array $values, string $words): void {
    expect(EditWords::of(Cases::demo(), new Edit($values)))->toBe($words);
})->with([
    'a move' => [['/setups/talk/cameras/cam-b/x_m' => 1, '/setups/talk/cameras/cam-b/y_m' => 1], 'Move B'],
    'a stand' => [['/setups/talk/microphones/boom/stand_x_m' => 1], 'Move Boom'],
    'fields' => [['/setups/talk/lights/key/dimmer' => 1, '/setups/talk/lights/key/height_m' => 2], 'Change Key: dimmer, height'],
    'metering' => [['/setups/talk/metering/iso' => 400], 'Change metering: iso'],
    'the brief' => [['/brief/schools/gaze' => 'into-lens'], 'Change brief: gaze'],
]);

it('names fields by ids where the reader counts', function (string $counted, string $named): void {
    expect(Pointers::byId(Cases::demo()->plan, $counted))->toBe($named);
})->with([
    ['/setups/0/cameras/1/x_m', '/setups/talk/cameras/cam-b/x_m'],
    ['/locations/0/space/walls/2/length_m', '/locations/stone-room/space/walls/w3/length_m'],
    ['/setups/0/metering/iso', '/setups/talk/metering/iso'], ['/setups/9/x', '/setups/9/x'], ['', ''],
]);
