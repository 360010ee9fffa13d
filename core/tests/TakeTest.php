<?php

declare(strict_types=1);

use FineFrame\Judge\Judge;
use FineFrame\Plan\Edit;
use FineFrame\Plan\NewMark;
use FineFrame\Plan\NewThing;
use FineFrame\Plan\SetupPlan;
use FineFrame\Scene\Entry;
use FineFrame\Scene\FocusPull;
use FineFrame\Scene\Path;
use FineFrame\Scene\Scene;
use FineFrame\Scene\Sweep;
use FineFrame\Tests\Cases;

/** The loft with one camera on a straight way and nothing else of gear in it. */
function walk(array $marks, array $changes = []): SetupPlan
{
    $mark = static fn (int $i, array $m): array => $m + [
        'id' => "m$i",
        'name' => "mark $i",
        'height_m' => 1.4,
        'focal_mm' => 35,
        'tilt_deg' => 0,
    ];
    $plan = Cases::demo(
        [
            '/setups/duo/lights' => [],
            '/setups/duo/cameras/cam-b' => null,
            '/setups/duo/furniture' => [],
            '/setups/duo/cameras/cam-a/operator' => '',
            '/setups/duo/cameras/cam-a/support' => 'slider-08',
            '/setups/duo/moves/move-a/marks' => array_map($mark, array_keys($marks), $marks),
        ] + $changes,
    )->plan;

    return $plan->setup('duo');
}

/** @return list<Entry> */
function entries(SetupPlan $setup): array
{
    return (new Sweep(new Scene($setup), Path::of($setup, $setup->setup->moves[0])))->entries();
}

/** A ladder 4 cm wide, 2 m up the plan. */
function ladder(float $x): array
{
    return [
        '/setups/duo/furniture/-' => [
            'id' => 'ladder', 'name' => 'ladder', 'width_m' => 0.04, 'depth_m' => 0.04, 'height_m' => 2, 'x_m' => $x,
            'y_m' => 2.0, 'keep_out' => true,
        ],
    ];
}

it('catches what enters only between two marks, and when', function (): void {
    // The full-frame 35 mm sees 0.514 m to each side a metre ahead. Looking up the plan from y = 1, the ladder's near edge is 0.98 m ahead.
    $marks = [
        ['at_s' => 0, 'x_m' => 2.0, 'y_m' => 1.0, 'bearing_deg' => 0],
        ['at_s' => 40, 'x_m' => 6.0, 'y_m' => 1.0, 'bearing_deg' => 0],
    ];
    [$entry] = $all = entries(walk($marks, ladder(4.0)));

    // Its left edge, at x = 3.98, comes into view when the right side of the frame, at x + 0.514 × 0.98 … 1.02, reaches it: a tenth of a
    // metre a second.
    expect($all)->toHaveCount(1)->and($entry->owner)->toBe('ladder')
        ->and($entry->fromS)->toEqualWithDelta((3.98 - 0.5143 * 1.02 - 2.0) / 0.1, 0.15)
        ->and($entry->toS)->toEqualWithDelta((4.02 + 0.5143 * 1.02 - 2.0) / 0.1, 1.1)
        ->and(entries(walk($marks, ladder(8.5))))->toBe([]);
});

it('sees the rail that a slider runs on, where the lens looks along it', function (): void {
    // Its top is 11 cm under the lens, and 0.8 m of it, of which 0.5 m are travelled, end 0.65 m ahead of the first mark.
    $push = fn (float $tilt): array => [
        ['at_s' => 0, 'x_m' => 3.0, 'y_m' => 2.0, 'bearing_deg' => 0, 'tilt_deg' => $tilt],
        ['at_s' => 10, 'x_m' => 3.0, 'y_m' => 2.5, 'bearing_deg' => 0, 'tilt_deg' => $tilt],
    ];
    $seen = fn (array $marks): array => array_map(fn (Entry $e): string => $e->owner, entries(walk($marks)));

    // The 35 mm sees 16.1° down: at 0.65 m the rail is 9.6° down. Level sees it, at first; ten degrees up does not, nor a move across.
    expect($seen($push(0)))->toBe(['move-a'])->and($seen($push(10)))->toBe([])
        ->and(entries(walk($push(0)))[0]->toS)->toBeLessThan(7.0)
        ->and(
            $seen(
                [
                    ['at_s' => 0, 'x_m' => 3.0, 'y_m' => 2.0, 'bearing_deg' => 0],
                    ['at_s' => 10, 'x_m' => 3.5, 'y_m' => 2.0, 'bearing_deg' => 0],
                ],
            ),
        )->toBe([]);
});

it('finds a thing so thin that only fine steps meet it while the camera turns on the spot', function (): void {
    $marks = [
        ['at_s' => 0, 'x_m' => 4.0, 'y_m' => 1.0, 'bearing_deg' => -80],
        ['at_s' => 10, 'x_m' => 4.0, 'y_m' => 1.0, 'bearing_deg' => -100 + 360],
    ];
    $path = Path::of(walk($marks), walk($marks)->setup->moves[0]);

    // From −80° the shorter way to −100° is 20° anticlockwise: away from the ladder, which is never seen; sixteen steps of 1.25°.
    expect(count($path->moments()))->toBe(17)->and(entries(walk($marks, ladder(4.0))))->toBe([]);
    $marks[1]['bearing_deg'] = 80;
    expect(entries(walk($marks, ladder(4.0))))->toHaveCount(1);
});

it('keeps the eyes where the marks put them while it walks around someone', function (): void {
    $marks = [
        ['at_s' => 0, 'x_m' => 2.2, 'y_m' => 3.0, 'subject' => 'tamsin', 'lead' => 0, 'eye_line' => 0.4],
        ['at_s' => 20, 'x_m' => 6.0, 'y_m' => 3.0, 'subject' => 'tamsin', 'lead' => 0, 'eye_line' => 0.4],
    ];
    $setup = walk($marks);
    $path = Path::of($setup, $setup->setup->moves[0]);
    foreach ([0.0, 7.3, 20.0] as $moment) {
        $at = $path->at($moment)->place($setup->bodies['tamsin']->eyes);

        expect($at[0])->toEqualWithDelta(0.0, 1e-9)->and($at[1])->toEqualWithDelta(0.2, 1e-9);
    }
    // Passing close by, the lens turns fast: many more steps than one every 10 cm.
    expect(count($path->moments()))->toBeGreaterThan(76);
});

it('says what sees the moving camera, who is walked into, and which pull is hard', function (): void {
    $find = fn (SetupPlan $setup, string $check): array => array_values(
        array_map(
            fn ($f) => [$f->case, $f->about],
            array_filter(Judge::standard()->judge($setup)->findings, fn ($f) => $f->check === $check),
        ),
    );
    $duo = Cases::demo()->plan->setup('duo');
    $slow = fn (array $changes): SetupPlan => (new Edit($changes))->applyTo($duo->plan)->setup('duo');
    $at = '/setups/duo/moves/move-a/marks';

    expect($find($duo, 'take-stays-clean'))->toContain(['fails', ['cam-a', 'amp-case']])->toContain(['seen', ['cam-b', 'cam-a']])
        ->and($find($duo, 'take-can-be-walked')[0][0])->toBe('bump')
        ->and(
            $find(
                $slow(
                    [
                        "$at/m3/y_m" => 2.1,
                        "$at/m6/y_m" => 2.1,
                        "$at/m7/y_m" => 2.2,
                        '/setups/duo/furniture/amp-case' => null,
                        '/setups/duo/cameras/cam-b' => null,
                    ],
                ),
                'take-can-be-walked',
            )[0][0],
        )->toBe('holds')
        ->and($find($slow(["$at/m2/at_s" => 1]), 'take-keeps-focus')[0][0])->toBe('fails')
        ->and($find($slow(["$at/m1/x_m" => 3.88, "$at/m1/y_m" => 3.88]), 'take-keeps-focus')[0][0])->toBe('near');
});

it('gives the focus distances along the axis, with what is sharp around them', function (): void {
    $setup = walk(
        [
            ['at_s' => 0, 'x_m' => 3.0, 'y_m' => 1.0, 'subject' => 'tamsin'],
            ['at_s' => 10, 'x_m' => 3.0, 'y_m' => 2.0, 'subject' => 'tamsin'],
        ],
    );
    [$far, $near] = FocusPull::along(Path::of($setup, $setup->setup->moves[0]), $setup);

    expect($far->distanceM - $near->distanceM)->toEqualWithDelta(0.95, 0.06)
        ->and($near->nearM)->toBeLessThan($near->distanceM)->and($near->farM)->toBeGreaterThan($near->distanceM)
        ->and($near->lengthsASecond)->toEqualWithDelta(($far->distanceM - $near->distanceM) / 10 / ($near->farM - $near->nearM), 1e-9);
});

it('begins a move where a camera stands, goes on from there, and lets go of it with the camera', function (): void {
    $talk = Cases::demo();
    $begun = NewMark::at($talk, $talk->cameras['cam-a'])->edit->applyTo($talk->plan)->setup();
    $next = NewMark::at($begun, $begun->cameras['cam-a'])->edit->applyTo($begun->plan)->setup();
    $gone = NewThing::without($next, 'cam-a')->applyTo($next->plan)->setup();

    expect(array_map(fn ($m) => [$m->atS, $m->subject], $next->setup->moves[0]->marks))
        ->toBe([[0.0, 'miller'], [10.0, 'miller']])
        ->and($gone->setup->moves)
        ->toBe([])
        ->and(NewThing::without($next, 'mark:move-1:mark-2')->applyTo($next->plan)->setup()->setup->moves[0]->marks)->toHaveCount(1)
        ->and(NewThing::without($begun, 'mark:move-1:mark-1')->applyTo($begun->plan)->setup()->setup->moves)->toBe([]);
});
