<?php

declare(strict_types=1);

use FineFrame\Camera\ShotSize;
use FineFrame\Geometry\Convex;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Plan\SetupPlan;
use FineFrame\Scene\Intrusions;
use FineFrame\Scene\Reflection;
use FineFrame\Scene\Reframe;
use FineFrame\Scene\Scene;
use FineFrame\Scene\SeatPaths;
use FineFrame\Scene\Square;
use FineFrame\Scene\Stack;
use FineFrame\Staging\Colour;
use FineFrame\Tests\Cases;

/** @return list<Finding> */
function found(SetupPlan $setup, string $check): array
{
    return array_values(array_filter(Judge::standard()->judge($setup)->findings, fn (Finding $f): bool => $f->check === $check));
}

/**
 * A mirror in the loft, a camera 3 m before it looking straight in, and a lamp 2 m before it; nothing else of gear.
 *
 * @return list<string> what is seen in it
 */
function mirrored(float $lampX, float $turn = 180, array $more = []): array
{
    $setup = Cases::demo(['@' => 'duo', 'moves' => [], 'mics' => [], 'links' => [], 'tracks' => [], 'colours' => [], 'views' => [], 'cues' => [], 'cameras/cam-a' => null, 'subjects/wren/looks_at' => null, 'cameras/cam-b/covers' => new stdClass, 'subjects/tamsin' => null,
        'furniture' => [
            [
                'id' => 'glass', 'name' => 'glass', 'width_m' => 0.6, 'depth_m' => 0.02, 'height_m' => 0.6,
                'base_m' => 1.1, 'x_m' => 4.0, 'y_m' => 5.0, 'turn_deg' => $turn, 'finish' => 'mirror',
            ],
            ...$more,
        ],
        'subjects/wren/x_m' => 7.5,
        'subjects/wren/y_m' => 5.0,
        'lights' => [
            [
                'id' => 'bulb', 'name' => 'bulb', 'fixture' => 'panel-60', 'stand' => 'light-stand', 'x_m' => $lampX,
                'y_m' => 3.0, 'height_m' => 1.4, 'subject' => 'wren', 'dimmer' => 0.5,
            ],
        ],
        'cameras/cam-b/x_m' => 4.0, 'cameras/cam-b/y_m' => 2.0, 'cameras/cam-b/height_m' => 1.4, 'cameras/cam-b/aim' => [
            'mode' => 'free',
            'bearing_deg' => 0,
            'tilt_deg' => 0,
        ]]);
    $scene = new Scene($setup);

    return array_map(
        fn (Reflection $r): string => $r->owner,
        Reflection::in($scene, $scene->views['cam-b'], (new Intrusions($scene, $scene->views['cam-b']))->covers()),
    );
}

it('finds in a mirror what stands where its image can be seen, and the camera itself', function (): void {
    // The glass is 3 m off and 0.6 m wide: its sides are at ±0.1. The lamp stands 2 m before it, so its image is 5 m from the lens: seen
    // within ±0.5 m.
    expect(mirrored(4.3))->toContain('bulb')->toContain('cam-b')
        ->and(mirrored(5.4))->not->toContain('bulb')
        // Turned by 10°, the view swings by 20°: the lens no longer sees itself, and a lamp off its axis comes in.
        ->and(mirrored(4.9, 170))->toContain('bulb')->not->toContain('cam-b');
});

it('does not see through the back of a mirror, nor past what hides it', function (): void {
    expect(mirrored(4.3, 0))->toBe([])
        ->and(
            mirrored(
                4.3,
                180,
                [['id' => 'screen', 'name' => 'screen', 'width_m' => 3, 'depth_m' => 0.05, 'height_m' => 2, 'x_m' => 4.0, 'y_m' => 3.5]],
            ),
        )->toBe([]);
});

it('mends a reflection by a turn at the nail or a drawn curtain', function (): void {
    $setup = Cases::demo(['@' => 'duo']);
    $verdicts = Judge::standard()->judge($setup);
    $finding = $verdicts->find('reflections-are-clear:cam-b+chart+duo-key');

    expect($finding?->severity)
        ->toBe(Severity::Watch)
        ->and(Judge::standard()->mend($setup, $verdicts, $finding)?->case)
        ->toStartWith('turn-');
});

it('slings the second lens as high under the first as both frames allow', function (): void {
    $stack = fn (array $changes = []): ?Stack => Stack::of(
        new Scene(
            Cases::demo(
                $changes + [
                    'lights' => [],
                    'microphones' => [],
                    'cameras/cam-b/x_m' => 3.55,
                    'cameras/cam-b/y_m' => 0.72,
                    'cameras/cam-b/height_m' => 0.7,
                    'cameras/cam-b/focal_mm' => 24,
                    'cameras/cam-b/aim/side' => 'centred',
                    'cameras/cam-a/aim/side' => 'centred',
                    'cameras/cam-b/support' => 'clamp',
                    'cameras/cam-a/support' => 'clamp',
                ],
            ),
        ),
    );
    $bare = $stack();
    $hooded = $stack(['cameras/cam-a/prompter' => 'prompter-15']);

    expect($bare->isClear)->toBeTrue()->and($bare->highestM)->toBeGreaterThan(0.7)->toBeLessThan(1.2)
        // The hood reaches before the lens and down into the wide frame under it.
        ->and($hooded->highestM)->toBeLessThan($bare->highestM - 0.03)
        ->and(
            $stack(['cameras/cam-b/height_m' => $hooded->highestM + 0.01, 'cameras/cam-a/prompter' => 'prompter-15'])->isClear,
        )->toBeFalse()
        ->and(
            $stack(['cameras/cam-b/height_m' => $hooded->highestM - 0.002, 'cameras/cam-a/prompter' => 'prompter-15'])->isClear,
        )->toBeTrue()
        ->and(rad2deg($bare->upRad))->toEqualWithDelta(rad2deg(atan2(Cases::demo()->bodies['miller']->eyes->z - 0.7, 1.95)), 1.5)
        ->and($stack(['cameras/cam-b/x_m' => 5.2]))->toBeNull();
});

it('reaches a size by the lens or by moving, alike in size and unlike in what is behind', function (): void {
    $scene = new Scene(Cases::demo());
    $camera = $scene->setup->cameras['cam-b'];
    $body = $scene->setup->bodyFor($camera);
    foreach ([ShotSize::MediumClose, ShotSize::Medium, ShotSize::Cowboy] as $size) {
        foreach ([Reframe::byLens($scene, $camera, $body, $size), Reframe::byMove($scene, $camera, $body, $size)] as $option) {
            $after = $option->edit->applyTo($scene->setup->plan)->setup()->cameras['cam-b'];
            $share = $after->delivered->heightAt($after->pupil()->distanceTo($body->eyes)) / $body->person->statureM;

            expect($option->why)
                ->toBe('')
                ->and($share)
                ->toEqualWithDelta($size->usualStatures(), 0.012)
                ->and(ShotSize::of($share, 1.0))
                ->toBe($size);
        }
    }
    [$lens, $move] = [
        Reframe::byLens($scene, $camera, $body, ShotSize::MediumClose),
        Reframe::byMove($scene, $camera, $body, ShotSize::MediumClose),
    ];

    expect($lens->backgroundM)->toBeLessThan($move->backgroundM)->and($move->noseToEar)->toBeGreaterThan($lens->noseToEar)
        ->and(Reframe::byMove($scene, $camera, $body, ShotSize::Wide)->why)->toBe('wall')
        ->and(Reframe::byLens($scene, $camera, $body, ShotSize::ExtremeClose)->lens)->not->toBe('zoom-18-55');
});

it('squares a camera that aims freely by turning it, and others by carrying them around', function (string $camera, array $changes): void {
    $setup = Cases::demo($changes);
    [$finding] = array_values(array_filter(found($setup, 'camera-is-square'), fn (Finding $f): bool => $f->about === [$camera]));
    $after = $finding->ideas()[0]->edit->applyTo($setup->plan)->setup($setup->setup->id);

    expect($finding->severity)->toBe(Severity::Watch)
        ->and(abs(rad2deg(Square::toWall($after, (new Scene($after))->views[$camera])->offRad)))->toBeLessThan(0.4);
})->with([
    'free' => ['cam-b', ['@' => 'duo', 'cameras/cam-b/aim/bearing_deg' => 3]],
    'around the eyes, by the school of squared frames' => [
        'cam-a',
        ['/brief/schools/support' => 'locked', 'cameras/cam-a/aim/side' => 'centred'],
    ],
]);

it('names the odd one out, the camera that stops, the lamp that beats and what hunts', function (): void {
    $about = fn (array $changes, string $check): array => array_map(
        fn (Finding $f): array => [$f->case, $f->about, $f->severity->value],
        found(Cases::demo($changes), $check),
    );

    expect($about(['cameras/cam-b/settings' => ['fps' => 50, 'white_balance_k' => 3200]], 'settings-agree'))->toBe(
        [['fps', ['cam-b', 'fps'], 'breaks'], ['white_balance_k', ['cam-b', 'white_balance_k'], 'watch']],
    )
        ->and(
            $about(['cameras/cam-b/body' => 'full-body', 'progress' => [], '/brief/days/days-1/minutes' => 45], 'camera-outlasts-the-take'),
        )->toBe([['alone', ['cam-b'], 'breaks']])
        ->and(
            $about(
                ['/locations/stone-room/scouted/colour/colour-2/plan' => 'gel', '/locations/stone-room/facts/mains' => '60 Hz'],
                'lamps-do-not-flicker',
            )[0],
        )->toBe(['fails', ['cam-a'], 'watch'])
        ->and(
            $about(
                ['/locations/stone-room/scouted/colour/colour-2/plan' => 'gel', '/locations/stone-room/facts/mains' => '50 Hz'],
                'lamps-do-not-flicker',
            )[0],
        )->toBe(['holds', ['cam-a'], 'holds'])
        ->and($about(['cameras/cam-a/settings/automatic' => 'focus'], 'camera-is-manual')[0][2])->toBe('breaks')
        // Two stops more by ISO and two of density cancel.
        ->and($about(['cameras/cam-a/settings' => ['iso' => 3200, 'nd_stops' => 2]], 'camera-is-set-to-the-stop')[0][0])->toBe('holds')
        ->and($about(['cameras/cam-a/settings' => ['iso' => 3200]], 'camera-is-set-to-the-stop')[0][0])->toBe('open');
});

it('seats the interviewer near the lens, and hides who should not be seen', function (): void {
    $far = Cases::demo(['subjects/asker/x_m' => 1.2, 'subjects/asker/y_m' => 2.2]);
    $verdicts = Judge::standard()->judge($far);
    $mend = Judge::standard()->mend($far, $verdicts, $verdicts->find('gaze-suits-the-lens:cam-a+miller'));
    $into = ['/brief/schools/gaze' => 'into-lens', 'subjects/miller/looks_at' => 'cam-a'];

    expect($mend?->case)->toBe('seat')
        ->and(found(Cases::demo($into), 'nothing-distracts')[0]->case)->toBe('hide')
        ->and(
            found(
                Cases::demo(
                    $into + [
                        'furniture/-' => [
                            'id' => 'flat', 'name' => 'flat', 'width_m' => 1.6, 'depth_m' => 0.05, 'height_m' => 2,
                            'x_m' => 2.9, 'y_m' => 1.5,
                        ],
                    ],
                ),
                'nothing-distracts',
            )[0]->severity,
        )->toBe(Severity::Holds);
});

it('cuts one polygon out of another', function (): void {
    expect(Convex::area(Convex::within([[0, 0], [2, 0], [2, 2], [0, 2]], [[1, 1], [3, 1], [3, 3], [1, 3]])))->toEqualWithDelta(1.0, 1e-12)
        ->and(Convex::within([[0, 0], [1, 0], [0, 1]], [[5, 5], [6, 5], [5, 6]]))->toBe([]);
});

it('tells colours apart as CIEDE2000 is tabled', function (array $one, array $other, float $apart): void {
    expect(Colour::lab(...$one)->differsFrom(Colour::lab(...$other)))->toEqualWithDelta($apart, 5e-5)
        ->and(Colour::lab(...$other)->differsFrom(Colour::lab(...$one)))->toEqualWithDelta($apart, 5e-5);
})->with([
    [[50, 2.6772, -79.7751], [50, 0, -82.7485], 2.0425], [[50, 2.5, 0], [50, 0, -2.5], 4.3065], [[50, 2.5, 0], [73, 25, -18], 27.1492],
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644], [[2.0776, 0.0795, -1.1350], [0.9033, -0.0636, -0.5514], 0.9082],
]);

it('asks for clothes that keep to the palette, part from the wall and do not shimmer', function (): void {
    $judged = fn (array $sample): SetupPlan => Cases::demo(
        ['colours/colours-1/colour' => $sample[0], 'colours/colours-1/pattern_mm' => $sample[1]],
    );
    $severity = fn (SetupPlan $setup, string $check, string $about): string => array_values(
        array_filter(found($setup, $check), fn (Finding $f): bool => in_array($about, $f->about, true)),
    )[0]->severity->value;

    // The smock as the limewash behind it, in stripes of just over a millimetre; then slate, plain but for a check of three centimetres.
    $melts = $judged(['#cfc8b8', 1.2]);
    $parts = $judged(['#5b6670', 30.0]);
    expect($severity($melts, 'clothes-part-from-the-background', 'cam-a'))
        ->toBe('watch')
        ->and($severity($parts, 'clothes-part-from-the-background', 'cam-a'))
        ->toBe('holds')
        ->and($severity($melts, 'patterns-do-not-shimmer', 'cam-b'))
        ->toBe('watch')
        ->and($severity($parts, 'patterns-do-not-shimmer', 'cam-a'))
        ->toBe('holds')
        ->and($severity($judged(['#2f9e44', null]), 'colours-keep-to-the-palette', 'miller'))
        ->toBe('watch')
        ->and($severity($parts, 'colours-keep-to-the-palette', 'miller'))
        ->toBe('holds');
});

it('finds the widest seat that hides nobody', function (): void {
    // B looks from the side, past the wing of a high wide chair; the key comes over its arm.
    $setup = Cases::demo(
        ['subjects/miller/seat_width_m' => 1.1, 'subjects/miller/seat_back_m' => 0.9, 'subjects/miller/facing_deg' => 100.0],
    );
    $paths = SeatPaths::to(new Scene($setup), $setup->bodies['miller']);
    $widest = $paths?->highest(0.15);
    expect(max($paths?->hidden(1.1, 0.9) ?? [0]))->toBeGreaterThan(0.5)->and($widest)->toBeGreaterThan(0.05)->toBeLessThan(0.8)
        ->and(max($paths?->hidden(1.1, (float) $widest) ?? [1]))
        ->toBeLessThanOrEqual(0.15)
        ->and(max($paths?->hidden(1.1, (float) $widest + 0.02) ?? [0]))
        ->toBeGreaterThan(0.15);

    $found = found($setup, 'seat-is-slim')[0];
    expect($found->severity->value)->toBe('watch')->and($found->ideas()[0]->case)->toBe('lower-back')
        ->and(found($found->ideas()[0]->edit->applyTo($setup->plan)->again($setup), 'seat-is-slim')[0]->severity->value)->toBe('holds');
});
