<?php

declare(strict_types=1);

use FineFrame\Judge\CheckSet;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Tests\Cases;
use FineFrame\Tests\Plans;

it('finds the three faults of the demo, and a mend for each that holds', function (): void {
    $judge = Judge::standard();
    $setup = Cases::demo();
    expect($judge->judge($setup)->broken())->toBe(
        ['frame-is-clear:cam-b+key', 'key-gives-the-stop:miller', 'boom-stays-out-of-frame:boom+cam-b'],
    );
    for ($round = 0; $round < 3; $round++) {
        $verdicts = $judge->judge($setup);
        $mend = $judge->mend($setup, $verdicts, $verdicts->findings[0]);
        $setup = $mend->edit->applyTo($setup->plan)->setup();
    }

    expect($judge->judge($setup)->broken())->toBe([]);
});

it('judges', function (string $key, Severity $severity, array $changes): void {
    expect(Judge::standard()->judge(Cases::demo($changes))->find($key)?->severity)->toBe($severity);
})->with(function (): iterable {
    [$holds, $watch, $breaks] = [Severity::Holds, Severity::Watch, Severity::Breaks];
    $b = fn (float $x, float $y, array $more = []): array => ['cameras/cam-b/x_m' => $x, 'cameras/cam-b/y_m' => $y] + $more;
    $walls = fn (float $first): array => ['/locations/stone-room/space/walls/w1/length_m' => $first];

    yield 'walls that close' => ['walls-close:stone-room', $holds, $walls(7.21)];
    yield 'walls that miss by 4 cm' => ['walls-close:stone-room', $watch, $walls(7.24)];
    yield 'depth behind' => ['subject-stands-off-the-background:cam-a+miller', $holds, []];
    yield 'close to the wall' => ['subject-stands-off-the-background:cam-a+miller', $watch, ['subjects/miller/y_m' => 3.4]];
    yield 'against the wall' => ['subject-stands-off-the-background:cam-a+miller', $breaks, ['subjects/miller/y_m' => 4.6]];
    yield 'windows out of frame' => ['window-is-not-behind-the-subject:cam-a+south-window', $holds, []];
    yield 'a window behind the head' => [
        'window-is-not-behind-the-subject:cam-b+south-window',
        $breaks,
        $b(5.6, 2.1, ['subjects/miller/y_m' => 1.6, 'subjects/miller/facing_deg' => 100]),
    ];
    yield 'a window beside the face' => ['window-is-not-behind-the-subject:cam-b+south-window', $watch, $b(5.3, 2.6)];
    yield 'a clear way out' => ['way-out-is-clear:door', $holds, []];
    yield 'a camera in the way out' => ['way-out-is-clear:cam-b+door', $breaks, $b(6.7, 1.0)];
    yield 'furniture in the way out' => [
        'way-out-is-clear:hopper+door',
        $breaks,
        ['furniture/hopper/x_m' => 6.3, 'furniture/hopper/y_m' => 0.9],
    ];
    yield 'A clear' => ['frame-is-clear:cam-a', $holds, []];
    yield 'B standing in A' => ['frame-is-clear:cam-a+cam-b', $breaks, $b(3.2, 1.9)];
    yield 'the interviewer in A' => ['frame-is-clear:cam-a+asker', $breaks, ['subjects/asker/x_m' => 3.3, 'subjects/asker/y_m' => 1.6]];
    yield 'frames that cut' => ['frames-differ:cam-a+cam-b', $holds, []];
    yield 'one size, two angles' => ['frames-differ:cam-a+cam-b', $watch, ['cameras/cam-b/focal_mm' => 60]];
    yield 'one size, one angle' => ['frames-differ:cam-a+cam-b', $breaks, $b(4.3, 0.7, ['cameras/cam-b/focal_mm' => 52])];
    yield 'one size, by the school of angle' => [
        'frames-differ:cam-a+cam-b',
        $holds,
        ['cameras/cam-b/focal_mm' => 60, '/brief/schools/cut' => 'angle-alone'],
    ];
    yield 'one side of the line' => ['line-is-kept:cam-b', $holds, []];
    yield 'across the line' => ['line-is-kept:cam-b', $breaks, $b(1.2, 0.9)];
    yield 'looking room ahead' => ['looking-room-is-ahead:cam-a+miller', $holds, []];
    yield 'looking room behind' => ['looking-room-is-ahead:cam-a+miller', $breaks, ['cameras/cam-a/aim/side' => 'right']];
    yield 'a look beside the lens' => ['gaze-suits-the-lens:cam-a+miller', $holds, []];
    yield 'a look too far round' => ['gaze-suits-the-lens:cam-a+miller', $watch, ['subjects/asker/x_m' => 1.2]];
    yield 'a look not into the lens' => ['gaze-suits-the-lens:cam-a+miller', $breaks, ['/brief/schools/gaze' => 'into-lens']];
    yield 'a look into the lens' => [
        'gaze-suits-the-lens:cam-a+miller',
        $holds,
        ['/brief/schools/gaze' => 'into-lens', 'subjects/miller/looks_at' => 'cam-a'],
    ];
    yield 'a face far enough' => ['face-keeps-its-shape:cam-a+miller', $holds, []];
    yield 'a face at a metre' => ['face-keeps-its-shape:cam-b+miller', $watch, $b(3.9, 2.05)];
    yield 'a face at half a metre' => ['face-keeps-its-shape:cam-b+miller', $breaks, $b(3.5, 2.3)];
    yield 'inside the depth of field' => ['subject-stays-in-focus:cam-a+miller', $holds, []];
    yield 'swaying at its edge' => ['subject-stays-in-focus:cam-a+miller', $watch, ['subjects/miller/sway_m' => 0.1]];
    yield 'swaying out of it' => [
        'subject-stays-in-focus:cam-a+miller',
        $breaks,
        ['cameras/cam-a/t_stop' => 1.5, 'subjects/miller/sway_m' => 0.12],
    ];
    yield 'nearer than the lens focuses' => ['lens-focuses-this-near:cam-b+miller', $breaks, $b(3.4, 2.5)];
    yield 'another stop than the light' => ['camera-is-set-to-the-stop:cam-b', $watch, ['cameras/cam-b/t_stop' => 5.6]];
    yield 'a key that fits' => ['key-gives-the-stop:miller', $holds, ['lights/key/dimmer' => 0.2]];
    yield 'a key half a stop over' => ['key-gives-the-stop:miller', $watch, ['lights/key/dimmer' => 0.28]];
    yield 'a dark key' => ['key-gives-the-stop:miller', $breaks, ['lights/key/dimmer' => 0.02]];
    yield 'a box into the ceiling' => ['soft-box-fits-the-room:key', $breaks, ['lights/key/height_m' => 2.6]];
    yield 'a box into the wall' => ['soft-box-fits-the-room:key', $breaks, ['lights/key/x_m' => 0.3]];
    yield 'a boom out of A' => ['boom-stays-out-of-frame:boom+cam-a', $holds, []];
    yield 'a boom in both' => ['boom-stays-out-of-frame:boom+cam-a', $breaks, ['microphones/boom/height_m' => 1.35]];
    yield 'a boom near enough' => ['boom-is-as-near-as-it-can-be:boom', $holds, []];
    yield 'a boom too far' => ['boom-is-as-near-as-it-can-be:boom', $watch, ['microphones/boom/height_m' => 2.1]];
    yield 'a pole too short' => ['pole-reaches:boom', $breaks, ['microphones/boom/pole' => 'pole-2', 'microphones/boom/stand_x_m' => 5.6]];
    yield 'legs in the wall' => ['stand-fits-its-place:cam-b', $breaks, $b(7.0, 2.9)];
    yield 'legs in the millstone' => ['stand-fits-its-place:cam-b', $breaks, $b(4.4, 3.3)];
    yield 'near enough for the lens' => ['lens-focuses-this-near:cam-b+miller', $holds, []];
    yield 'the stop of the light' => ['camera-is-set-to-the-stop:cam-b', $holds, []];
    yield 'a box that fits' => ['soft-box-fits-the-room:key', $holds, []];
    yield 'a pole that reaches' => ['pole-reaches:boom', $holds, []];
    yield 'legs with room' => ['stand-fits-its-place:cam-b', $holds, []];
    yield 'a tripod within its heights' => ['support-reaches-its-height:cam-b', $holds, []];
    yield 'a tripod too low' => ['support-reaches-its-height:cam-b', $breaks, ['cameras/cam-b/height_m' => 2.1]];
});

it('says nothing of a line or of looking room when the look goes into the lens', function (): void {
    $verdicts = Judge::standard()->judge(Cases::demo(['/brief/schools/gaze' => 'into-lens']));

    expect($verdicts->find('line-is-kept:cam-b'))->toBeNull()->and($verdicts->find('looking-room-is-ahead:cam-a+miller'))->toBeNull();
});

it('knows each rule by one id', function (): void {
    $ids = array_map(fn ($check) => $check->id(), CheckSet::standard());

    expect($ids)->toBe(array_unique($ids));
});

it('mends by the least that holds', function (string $key, string $case, array $changes): void {
    $judge = Judge::standard();
    $setup = Cases::demo($changes);
    $verdicts = $judge->judge($setup);

    expect($judge->mend($setup, $verdicts, $verdicts->find($key))?->case)->toBe($case);
})->with([
    'a lamp at the edge moves over' => ['frame-is-clear:cam-b+key', 'move', []],
    'a bright key is dimmed' => ['key-gives-the-stop:miller', 'dim', []],
    'a dark key at full asks for gain' => [
        'key-gives-the-stop:miller',
        'iso',
        ['lights/key/dimmer' => 1, 'lights/key/fixture' => 'lantern-60', 'metering/iso' => 200],
    ],
    'a boom in frame is raised' => ['boom-stays-out-of-frame:boom+cam-b', 'raise', []],
    'a boom too far is hung at the nearest place' => [
        'boom-is-as-near-as-it-can-be:boom',
        'boom-nearest',
        ['microphones/boom/height_m' => 2.2],
    ],
    'a pole too short brings its stand nearer' => [
        'pole-reaches:boom',
        'move-stand',
        ['microphones/boom/pole' => 'pole-2', 'microphones/boom/stand_x_m' => 5.4, 'microphones/boom/height_m' => 1.75],
    ],
    'a box in the ceiling is lowered' => [
        'soft-box-fits-the-room:key',
        'lower',
        ['lights/key/height_m' => 2.6, 'lights/key/x_m' => 1.3, 'lights/key/y_m' => 0.9, 'lights/key/dimmer' => 0.22],
    ],
    'a stop that is another is set' => ['camera-is-set-to-the-stop:cam-b', 'set-stop', ['cameras/cam-b/t_stop' => 8]],
    'looking room is put ahead' => ['looking-room-is-ahead:cam-a+miller', 'aim-ahead', ['cameras/cam-a/aim/side' => 'right']],
    'a swaying subject is stopped down for' => ['subject-stays-in-focus:cam-a+miller', 'stop-down', ['subjects/miller/sway_m' => 0.09]],
    'legs in the wall step out of it' => ['stand-fits-its-place:cam-b', 'move', ['cameras/cam-b/x_m' => 6.9]],
    'a thing in the way out steps aside' => [
        'way-out-is-clear:hopper+door',
        'move',
        ['furniture/hopper/x_m' => 6.5, 'furniture/hopper/y_m' => 1.0],
    ],
    'a tripod too high comes down' => ['support-reaches-its-height:cam-b', 'lower', ['cameras/cam-b/height_m' => 1.9]],
    'alike frames are zoomed apart' => [
        'frames-differ:cam-a+cam-b',
        'zoom',
        [
            '/brief/schools/cut' => 'size-alone',
            'cameras/cam-b/focal_mm' => 52,
            'lights/key/x_m' => 1.2,
            'lights/key/y_m' => 0.9,
            'microphones/boom/height_m' => 1.8,
        ],
    ],
    'a camera across the line comes back' => ['line-is-kept:cam-b', 'cross-back', ['cameras/cam-b/x_m' => 0.6, 'cameras/cam-b/y_m' => 1.2]],
    'a subject at the wall comes forward' => [
        'subject-stands-off-the-background:cam-a+miller',
        'move-forward',
        ['subjects/miller/y_m' => 3.35],
    ],
]);

it('judges a plan the same, whatever plan it judged before', function (): void {
    $setup = Cases::shipped();
    $judge = Judge::standard();
    mt_srand(12);
    $changes = [
        ...array_map(
            fn (): array => ['cameras/cam-b/x_m' => 3 + mt_rand(0, 300) / 100, 'cameras/cam-b/y_m' => 0.7 + mt_rand(0, 150) / 100],
            range(1, 4),
        ),
        ...array_map(
            fn (): array => ['lights/key/height_m' => 1.2 + mt_rand(0, 100) / 100, 'lights/key/dimmer' => mt_rand(5, 100) / 100],
            range(1, 4),
        ),
        ['lights/back/on' => false],
        ['metering/weather' => 'clear'],
        ['/locations/stone-room/space/openings/south-window/curtain' => 'blackout'],
        ['furniture/hopper/x_m' => 4.0], ['subjects/miller/y_m' => 2.2], ['subjects/miller/posture' => 'standing'],
    ];
    $plain = static fn (array $findings): array => array_map(
        static fn (Finding $f): array => [$f->key(), $f->case, $f->severity, $f->arguments],
        $findings,
    );
    $judge->judge($setup);
    foreach ($changes as $change) {
        $changed = Cases::shipped($change);
        expect($plain($judge->judge($changed)->findings))->toEqual(
            $plain(Judge::standard()->judge($changed)->findings),
            json_encode($change),
        );
    }
});

it('tells what a mend leaves to be watched that was not before', function (): void {
    $setup = Plans::room(8, 7)
        ->sitter('ann', 4, 4.4, 180, ['sway_m' => 0.05])
        ->interviewer('bo', 4.5, 1.2)
        ->with(['subjects/ann/looks_at' => 'bo'])
        ->camera('a', 4, 1.6, null, ['lens' => 'zoom-70-200', 'focal_mm' => 90])->setup();
    $judge = Judge::standard();
    $verdicts = $judge->judge($setup);
    $mend = $judge->mend($setup, $verdicts, $verdicts->find('subject-stays-in-focus:a+ann'));

    expect($mend->case)
        ->toBe('stop-down')
        ->and(array_map(fn (Finding $f): string => $f->key(), $mend->brings))
        ->toBe(['camera-is-set-to-the-stop:a']);
});
