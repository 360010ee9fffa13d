<?php

declare(strict_types=1);

use App\Http\Where;
use App\Papers\Paper;
use App\Papers\SetupSheet;
use App\Plans\Cards\Cards;
use App\View\Drawing\FloorDrawing;
use App\View\Drawing\Labels;
use App\View\Drawing\PaperInk;
use App\View\Drawing\Sheet;
use App\View\Phrase;
use App\View\Reader;
use App\View\Workspace;
use FineFrame\Figures\Figures;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Measure\Length;
use FineFrame\Measure\UnitSystem;
use FineFrame\Tests\Cases;
use FineFrame\Tests\Checks;

$troubles = [
    'demo' => [[]],
    'crowded' => [
        [
            'cameras/cam-b/x_m' => 3.2,
            'cameras/cam-b/y_m' => 1.9,
            'cameras/cam-b/height_m' => 2.2,
            'lights/key/height_m' => 2.6,
            'lights/key/x_m' => 0.4,
            'microphones/boom/pole' => 'pole-2',
            'microphones/boom/stand_x_m' => 5.6,
        ],
    ],
    'close, dark and across the line' => [
        [
            'cameras/cam-b/x_m' => 2.9,
            'cameras/cam-b/y_m' => 2.3,
            'cameras/cam-a/aim/side' => 'right',
            'lights/key/dimmer' => 0.02,
            'cameras/cam-b/t_stop' => 11,
            'subjects/miller/sway_m' => 0.4,
            'subjects/asker/x_m' => 1.0,
        ],
    ],
    'into the lens, by size alone' => [
        [
            '/brief/schools/gaze' => 'into-lens',
            '/brief/schools/cut' => 'size-alone',
            'cameras/cam-b/focal_mm' => 60,
            'microphones/boom/height_m' => 2.4,
            'cameras/cam-a/t_stop' => 1.5,
        ],
    ],
    'by angle, in the way out, against the wall' => [
        [
            '/brief/schools/cut' => 'angle-alone',
            'cameras/cam-b/x_m' => 6.7,
            'cameras/cam-b/y_m' => 0.9,
            'subjects/miller/y_m' => 4.4,
            'lights/key/height_m' => 0.4,
            '/locations/stone-room/space/walls/w1/length_m' => 7.24,
        ],
    ],
    'a contradicted tape' => [
        [
            '/locations/stone-room/space/ties' => [
                ['id' => 't1', 'from' => 'w1', 'to' => 'w3', 'length_m' => 8.06],
                ['id' => 't2', 'from' => 'w1', 'to' => 'w5', 'length_m' => 7.38],
                ['id' => 't3', 'from' => 'w2', 'to' => 'w6', 'length_m' => 8.66],
                ['id' => 't4', 'from' => 'w1', 'to' => 'w4', 'length_m' => 7.65],
                ['id' => 't5', 'from' => 'w2', 'to' => 'w5', 'length_m' => 5.07],
            ],
        ],
    ],
    'a tape left open, haze, a bad place' => [[
        '/locations/stone-room/space/ties' => [['id' => 't1', 'from' => 'w1', 'to' => 'w3', 'length_m' => 8.06]],
        '/brief/schools/haze' => 'throughout',
        '/brief/schools/gaze' => 'into-lens',
        '/locations/stone-room/facts/detectors' => 'smoke',
        '/locations/stone-room/facts/seen' => 'not yet',
        '/locations/stone-room/facts/contact' => null,
        '/locations/stone-room/scouted/noise/noise-3/level_dba' => 62,
        '/locations/stone-room/scouted/askings/askings-1/state' => 'refused',
        '/locations/stone-room/scouted/hazards/hazards-1/settled' => false,
        '/locations/stone-room/scouted/circuits/circuits-1/breaker_a' => 6,
        '/locations/stone-room/scouted/circuits/circuits-2/breaker_a' => 1,
        '/locations/stone-room/scouted/ways/ways-1/width_m' => 0.4,
        '/locations/stone-room/scouted/ways/ways-2/kind' => 'stairs',
        '/locations/stone-room/scouted/colour/colour-1/plan' => 'undecided',
        '/locations/stone-room/scouted/colour/colour-2/plan' => 'undecided',
        '/brief/days/days-1/from' => '08:40',
    ]],
    'unsure power, agreed haze, louder still' => [[
        '/locations/stone-room/scouted/circuits/circuits-1/ours' => 'unknown',
        '/brief/schools/haze' => 'throughout',
        '/locations/stone-room/facts/detectors' => 'none',
        '/locations/stone-room/scouted/noise/noise-2/settled' => false,
        '/locations/stone-room/scouted/noise/noise-2/level_dba' => 55,
        '/locations/stone-room/scouted/ways/ways-1/width_m' => 0.6,
        '/locations/stone-room/scouted/askings/askings-2/due' => null,
        '/locations/stone-room/scouted/light/light-1/lux' => 5000,
        '/brief/days/days-1/from' => null,
        '/locations/stone-room/space/surfaces/walls' => 'curtain',
        '/locations/stone-room/space/walls/w1/length_m' => 7.6,
    ]],
    'the duo' => [['@' => 'duo']],
    'the duo, hurried, tethered, mirrored and at odds' => [['@' => 'duo', 'moves/move-a/cable_m' => 1, 'moves/move-a/cable_x_m' => 8.0, 'moves/move-a/cable_y_m' => 1.0, 'moves/move-a/marks/m2/at_s' => 1, 'moves/move-a/marks/m3/y_m' => 2.1, 'moves/move-a/marks/m6/y_m' => 2.1, 'moves/move-a/marks/m7/y_m' => 2.2, 'furniture/chart/finish' => 'mirror',
        'cameras/cam-b/settings' => [
            'fps' => 50,
            'shutter_deg' => 90,
            'white_balance_k' => 3200,
            'profile' => 'flat',
            'automatic' => 'focus',
        ],
        'cameras/cam-b/body' => 'full-body',
        'moves/move-a/marks/m7/at_s' => 2400,
        '/locations/grain-loft/scouted/colour' => [
            ['id' => 'c', 'name' => 'hanging bulbs', 'kelvin' => 2700, 'plan' => 'keep as it is'],
        ], 'cameras/cam-b/aim/bearing_deg' => 3]],
    'the duo, walked clear and too near' => [
        [
            '@' => 'duo',
            'moves/move-a/marks' => [
                [
                    'id' => 'a', 'name' => 'one', 'at_s' => 0, 'x_m' => 3.88, 'y_m' => 3.88, 'height_m' => 1.2,
                    'focal_mm' => 35, 'subject' => 'tamsin',
                ],
                [
                    'id' => 'b', 'name' => 'two', 'at_s' => 9, 'x_m' => 3.9, 'y_m' => 3.7, 'height_m' => 1.2,
                    'focal_mm' => 35, 'subject' => 'tamsin',
                ],
            ],
            'cameras/cam-b' => null,
            'furniture/amp-case' => null,
            '/brief/schools/settings' => 'touch',
            'cameras/cam-a/settings/automatic' => 'focus',
        ],
    ],
    'a duo with nobody on one, unheard, unseen and hidden' => [['@' => 'duo', 'cameras/cam-a/covers' => new stdClass, 'cameras/cam-b/covers' => [
        'tamsin' => true,
    ], 'cameras/cam-b/role' => 'roving', 'views' => [
        ['id' => 'v', 'name' => 'Client', 'camera' => 'cam-a', 'by' => 'wireless', 'from_m' => 9, 'screen_in' => 24],
        ['id' => 'u', 'name' => 'Client’s friend', 'camera' => 'cam-a', 'by' => 'wireless', 'from_m' => 3, 'screen_in' => 5],
        ['id' => 'w', 'name' => 'Choir', 'camera' => ''],
    ],
        'moves' => [], 'subjects/wren/x_m' => 4.6, 'subjects/wren/y_m' => 2.3, 'subjects/wren/facing_deg' => 20]],
    'a duo that its safety misses' => [
        [
            '@' => 'duo',
            'cameras/cam-b/focal_mm' => 50,
            'cameras/cam-b/covers' => new stdClass,
            'cameras/cam-a/covers' => new stdClass,
            'cameras/cam-a/aim/subject' => 'wren',
            'cameras/cam-a/aim/mode' => 'free',
            'cameras/cam-a/aim/bearing_deg' => 200,
            'moves' => [],
            'views' => [['id' => 'v', 'name' => 'Client', 'camera' => 'cam-a', 'by' => 'cable', 'from_m' => 3, 'screen_in' => 5]],
        ],
    ],
    'a talk that changes glass without a break' => [
        [
            'progress' => [
                ['id' => 'p', 'name' => 'one', 'camera' => 'cam-a', 'size' => 'medium close-up', 'depth' => 2],
                ['id' => 'q', 'name' => 'two', 'camera' => 'cam-a', 'size' => 'close-up', 'depth' => 3],
                ['id' => 'r', 'name' => 'three', 'camera' => 'cam-a', 'size' => 'wide', 'depth' => 4, 'break_before' => true],
                ['id' => 's', 'name' => 'four', 'camera' => 'cam-a', 'size' => 'extreme close-up', 'depth' => 5, 'break_before' => true],
                ['id' => 't', 'name' => 'five', 'camera' => 'cam-b', 'size' => 'close-up', 'depth' => 5],
                ['id' => 'u', 'name' => 'six', 'camera' => 'cam-b', 'size' => 'full', 'depth' => 5.0],
            ],
        ],
    ],
    'light from above, from below, mixed and too dim' => [
        [
            '@' => 'duo', 'lights/duo-key/x_m' => 3.9, 'lights/duo-key/y_m' => 3.75, 'lights/duo-key/height_m' => 3.2,
            'lights/duo-edge/kelvin' => 3200, 'lights/duo-edge/dimmer' => 0.01, 'lights/duo-edge/x_m' => 5.2,
            'lights/duo-edge/y_m' => 3.6, 'lights/duo-edge/height_m' => 0.4,
        ],
    ],
    'light that spills, burns, tints and drifts' => [
        [
            'metering/weather' => 'clear',
            'lights/key/x_m' => 3.9,
            'lights/key/y_m' => 4.2,
            'lights/key/height_m' => 2.3,
            'lights/key/duv' => 0.01,
            'lights/key/fixture' => 'open-650',
            'lights/key/before' => 'gel-half-warm',
            'lights/-' => [
                'id' => 'spare', 'name' => 'Spare', 'fixture' => 'eye-5', 'stand' => 'light-stand', 'x_m' => 0.6,
                'y_m' => 4.2, 'height_m' => 0.6, 'subject' => 'miller', 'dimmer' => 0.1,
            ],
            'metering/iso' => 3200,
            'cameras/cam-b/x_m' => 5.6,
            'cameras/cam-b/y_m' => 3.2,
            'cameras/cam-b/focal_mm' => 24,
        ],
    ],
    'a lamp too near the ceiling, a seat in the way, a wall over the face' => [
        [
            'lights/key/fixture' => 'open-650',
            'lights/key/height_m' => 2.6,
            'lights/key/aim_x_m' => 3.0,
            'lights/key/aim_y_m' => 4.8,
            'lights/key/aim_height_m' => 1.2,
            'subjects/miller/seat_width_m' => 1.1,
            'subjects/miller/seat_back_m' => 0.9,
            'subjects/miller/facing_deg' => 100,
            'colours/colours-1/colour' => '#2f9e44',
            'colours/colours-2/on' => 'w6',
            'colours/colours-2/pattern_mm' => 2,
        ],
    ],
    'a flag before the face, colours that melt' => [
        [
            'furniture/-' => [
                'id' => 'flag', 'name' => 'flag', 'width_m' => 0.6, 'depth_m' => 0.02, 'height_m' => 1.2,
                'base_m' => 0.8, 'x_m' => 2.4, 'y_m' => 2.18, 'turn_deg' => 54,
            ],
            'colours/colours-1/colour' => '#cfc8b8',
            'colours/colours-1/pattern_mm' => 0.8,
        ],
    ],
    'an open face, by the school' => [['/brief/schools/contrast' => 'open', 'lights/key/kelvin' => 3200]],
    'an even face, lit from one side' => [
        ['/brief/schools/contrast' => 'even', 'metering/ambient_lux' => 2000, 'lights/key/dimmer' => 0.03],
    ],
    'a face that is meant to have shape and has none' => [
        ['metering/ambient_lux' => 4000, 'lights/key/dimmer' => 0.05, 'lights/key/x_m' => 5.4, 'lights/key/y_m' => 1.2],
    ],
    'two who talk to one another' => [
        [
            'subjects/asker/role' => 'subject',
            'cameras/cam-b/aim/subject' => 'asker',
            'cameras/cam-b/x_m' => 5.0,
            'cameras/cam-b/y_m' => 2.6,
            'cameras/cam-b/settings/fps' => 100,
            'cameras/cam-a/prompter' => 'prompter-10',
            'cameras/cam-a/settings/fps' => 400,
        ],
    ],
    'two on a slider' => [
        ['@' => 'duo', 'cameras/cam-a/support' => 'slider-08', 'cameras/cam-a/operator' => '', 'cameras/cam-b/prompter' => 'prompter-10'],
    ],
    'a stack that meets' => [
        [
            'cameras/cam-b/x_m' => 3.55,
            'cameras/cam-b/y_m' => 0.75,
            'cameras/cam-b/height_m' => 1.1,
            'cameras/cam-b/aim/side' => 'centred',
            '/brief/schools/gaze' => 'into-lens',
            'subjects/miller/looks_at' => 'cam-a',
            'subjects/asker/x_m' => 3.0,
            'subjects/asker/y_m' => 1.2,
            'cameras/cam-a/prompter' => 'prompter-15',
            '/brief/days/days-1/minutes' => 90,
            'cameras/cam-a/body' => 'full-body',
        ],
    ],
    'a stack that looks up' => [
        [
            'cameras/cam-b/x_m' => 3.55,
            'cameras/cam-b/y_m' => 0.75,
            'cameras/cam-b/height_m' => 0.35,
            'cameras/cam-b/aim/side' => 'centred',
            'cameras/cam-b/support' => 'floor-plate',
            'subjects/asker/looks_at' => 'miller',
            'cameras/cam-a/operator' => 'Isolde',
            'cameras/cam-a/body' => 'full-body',
        ],
    ],
    'a shape that is only sketched' => [
        [
            '/locations/stone-room/space/walls/w1/by' => 'sketch',
            '/locations/stone-room/space/walls/w2/by' => 'sketch',
            '/locations/stone-room/space/walls/w3/by' => 'sketch',
            '/locations/stone-room/space/walls/w4/by' => 'sketch',
            '/locations/stone-room/space/walls/w5/by' => 'sketch',
            '/locations/stone-room/space/walls/w6/by' => 'sketch',
        ],
    ],
    'sound at odds' => [
        [
            'mics/mics-1/caution' => 'long hair',
            'recorders/recorders-1/inputs' => 1,
            'tracks/tracks-2/recorder' => 'recorder',
            'recorders/recorders-1/connector' => 'small jack',
            'leads/leads-1/count' => 1,
            'recorders/recorders-2/rate_khz' => 44.1,
            '/brief/facts/room_tone' => false,
            '/brief/facts/sync' => 'nobody has said',
            'recorders/recorders-1/watched_by' => '',
            'links/links-1/hours' => 0.5,
            '/brief/schools/asker' => 'in-the-scene',
            '/kit/microphones/short-line/most_db' => 80,
            'microphones/boom/y_m' => 3.4,
        ],
    ],
    'sound unlisted' => [
        [
            'mics/mics-1/route' => '',
            'tracks/tracks-1/source' => 'the other boom',
            'tracks/tracks-2/recorder' => 'the laptop',
            'leads' => [],
            '/brief/facts/sync' => 'timecode',
            'links/links-1/hours' => 1,
            'links/links-1/sets' => 1,
            '/brief/schools/levels' => 'glances',
            'recorders/recorders-2/clips_dbu' => -30,
            'subjects/asker/x_m' => 3.2,
            'subjects/asker/y_m' => 1.9,
            '/brief/days/days-1/from' => '13:30',
            '/brief/days/days-1/to' => '14:30',
            'microphones/boom/x_m' => 3.0,
            'microphones/boom/height_m' => 2.4,
        ],
    ],
    'sound in the open, by other schools' => [
        [
            '/locations/stone-room/space/ceiling' => ['kind' => 'none'],
            '/brief/schools/microphone' => 'body-first',
            'mics' => [],
            '/brief/schools/levels' => 'wide-range',
            'tracks/tracks-1/float' => false,
            'recorders/recorders-1/float' => false,
            'recorders/recorders-1/phantom' => false,
            'leads' => [['id' => 'a', 'name' => 'a lead', 'connector' => 'XLR', 'length_m' => 2, 'count' => 1]],
            'antennas/-' => ['id' => 'v', 'name' => 'sender', 'serves' => 'the video sender', 'x_m' => 3.4, 'y_m' => 0.8],
            'microphones/boom/cover' => 'fur',
        ],
    ],
    'music at odds' => [
        [
            '@' => 'duo',
            '/brief/schools/recorder' => 'venue-desk',
            'pairs/pairs-1/y_m' => 0.6,
            'metering/fps' => 120,
            'tracks/tracks-1/input' => 9,
            'feeds' => [
                ['id' => 'a', 'name' => 'one', 'state' => 'asked'],
                ['id' => 'b', 'name' => 'two', 'state' => 'agreed'],
                [
                    'id' => 'c',
                    'name' => 'three',
                    'who' => 'Orrin',
                    'connector' => 'small jack',
                    'recorder' => 'recorder',
                    'state' => 'agreed',
                ],
                ['id' => 'd', 'name' => 'four', 'who' => 'Orrin', 'connector' => 'XLR', 'recorder' => 'recorder', 'state' => 'agreed'],
                [
                    'id' => 'e', 'name' => 'five', 'who' => 'Orrin', 'connector' => 'XLR', 'level' => 'microphone',
                    'recorder' => 'recorder', 'state' => 'agreed',
                ],
            ],
            'antennas/-' => ['id' => 'v', 'name' => 'sender', 'serves' => 'the video sender', 'x_m' => 1.0, 'y_m' => 0.8],
            'links/links-2/set_mhz' => 470.3,
        ],
    ],
    'a lamp outside, a projector, a walk, haze and globes' => [
        [
            'lights/key/fixture' => 'open-200',
            'lights/key/x_m' => -1.5,
            'lights/key/y_m' => 2.5,
            '/brief/schools/haze' => 'wides-only',
            '/brief/schools/room-lamps' => 'swap-globes',
            '/brief/schools/hour' => 'after-dark',
            'walks/-' => ['id' => 'w', 'name' => 'w', 'person' => 'miller', 'to_x_m' => 4.9, 'to_y_m' => 2.6],
            'lights/-' => [
                'id' => 'globe', 'name' => 'Globe', 'fixture' => 'lantern-60', 'stand' => 'light-stand', 'x_m' => 0.6,
                'y_m' => 4.2, 'height_m' => 1.3, 'subject' => 'miller', 'dimmer' => 0.3, 'practical' => true,
                'silhouette' => true, 'kelvin' => 2700,
            ],
        ],
    ],
    'a projector on a wall, by other schools' => [
        [
            'lights/key/fixture' => 'projector',
            'lights/key/x_m' => 3.7,
            'lights/key/y_m' => 0.4,
            'lights/key/height_m' => 0.7,
            'lights/key/aim_x_m' => 2.9,
            'lights/key/aim_y_m' => 4.8,
            'lights/key/aim_height_m' => 1.6,
            'lights/key/dimmer' => 1,
            'metering/ambient_lux' => 5,
            '/brief/schools/haze' => 'off-when-dense',
            'walks/-' => ['id' => 'w', 'name' => 'w', 'person' => 'miller', 'to_x_m' => 9, 'to_y_m' => 2.6],
            'lights/-' => [
                'id' => 'globe', 'name' => 'Globe', 'fixture' => 'lantern-60', 'stand' => 'light-stand', 'x_m' => 2.9,
                'y_m' => 4.4, 'height_m' => 1.3, 'subject' => 'miller', 'dimmer' => 0.3, 'practical' => true,
                'kelvin' => 2700,
            ],
        ],
    ],
];

function workspace(array $changes, UnitSystem $units, Stage $stage = Stage::Cameras): Workspace
{
    return new Workspace(test()->demo(), Cases::demo($changes), new Where($stage, 'above'), new Reader($units), Judge::standard());
}

it('says every finding, reason and mend in whole sentences, in both systems', function (array $changes): void {
    foreach (UnitSystem::cases() as $units) {
        $work = workspace($changes, $units);
        // What a model is called is its name, and no length.
        $models = array_merge(...array_map(array_values(...), array_values($work->setup->plan->kit->models())));
        $names = array_column($models, 'name');
        foreach ($work->verdicts->findings as $finding) {
            $said = [$work->phrase->finding($finding), $work->phrase->why($finding)];
            foreach ($finding->ideas() as $idea) {
                $said[] = $work->phrase->mend($idea);
            }
            foreach ($said as $words) {
                expect($words)->not->toMatch('/:[a-z]|findings\.|mends\./i')->not->toMatch('/\bsafe\b/i')->not->toBe('');
            }
            expect($said[0])
                ->toEndWith('.')
                ->and($units === UnitSystem::Imperial ? preg_match('/\d (cm|m|mm)\b(?! )/', str_replace([...$names, ' mm'], '', $said[0])) : 0)
                ->toBe(0);
        }
    }
})->with($troubles);

it('has a sentence for all that its checks say, and says all that it has a sentence for', function (): void {
    $met = [];
    $phrases = array_map(static fn (UnitSystem $units): Phrase => new Phrase(new Reader($units)), UnitSystem::cases());
    foreach (Checks::rows() as [$check, $plan]) {
        foreach ($plan->said($check) as $finding) {
            $met["$check.$finding->case"] = true;
            foreach ($phrases as $phrase) {
                expect($phrase->finding($finding).$phrase->why($finding))->not->toMatch('/:[a-z]|findings\./i')->not->toMatch('/\bsafe\b/i');
            }
        }
    }
    $sentences = require base_path('lang/en/findings.php');
    $all = array_merge(
        ...array_map(
            static fn (string $check, array $cases): array => array_map(
                static fn (string $case): string => "$check.$case",
                array_keys($cases),
            ),
            array_keys($sentences),
            array_values($sentences),
        ),
    );

    expect(array_keys($met))->toEqualCanonicalizing($all);
});

it('names every figure', function (): void {
    $phrase = new Phrase(new Reader);
    foreach (Figures::of(new Situation(Cases::demo())) as $figure) {
        expect($phrase->figure($figure, 'A'))->not->toMatch('/figures\.|:[a-z]/');
    }
});

it('prints a length into a field and reads the same back', function (UnitSystem $units, float $metres, float $within): void {
    $reader = new Reader($units);
    expect(Length::parse($reader->field($metres), $units)->metres)->toEqualWithDelta($metres, $within);
})->with([UnitSystem::Metric, UnitSystem::Imperial])->with([0.0, 0.02, 0.305, 1.0, 2.743, 5.296, 12.3456])->with([0.0064]);

it('gives every thing a card whose fields hold what the plan holds', function (): void {
    $setup = Cases::demo();
    $reader = new Reader;
    foreach ([
        'miller', 'asker', 'hopper', 'cam-a', 'cam-b', 'key', 'boom', 'brief', 'schools', 'metering', 'place', 'room',
        'weights',
    ] as $id) {
        foreach ((new Cards($setup))->of($id)->fields() as $field) {
            $read = $field->read($field->text($reader), $reader);
            is_float($field->value)
                ? expect($read)->toEqualWithDelta($field->value, 0.0006)
                : expect((string) $read)->toBe((string) $field->value);
        }
    }
});

it('puts no label on another', function (array $changes): void {
    $floor = new FloorDrawing(new Situation(Cases::demo($changes)), new Reader);
    $boxes = array_map(
        fn ($t): array => [$t->label[0], $t->label[1], Labels::width($t->name, $floor->sheet->text()), $t->name],
        array_filter([...$floor->furniture(), ...$floor->things()], fn ($t) => ! str_contains($t->class, 'stand')),
    );
    foreach ($boxes as $i => [$x, $y, $w, $name]) {
        foreach (array_slice($boxes, $i + 1) as [$ox, $oy, $ow, $other]) {
            $overlap = max(0, min($x + $w, $ox + $ow) - max($x, $ox)) * max(0, $floor->sheet->text() * 0.8 - abs($y - $oy));
            expect($overlap)->toBeLessThan(1.0, "$name over $other");
        }
    }
})->with(
    [
        'demo' => [[]],
        'huddled' => [
            [
                'cameras/cam-a/x_m' => 3.0,
                'cameras/cam-b/x_m' => 3.5,
                'cameras/cam-b/y_m' => 0.9,
                'lights/key/x_m' => 2.6,
                'lights/key/y_m' => 1.1,
            ],
        ],
    ],
);

it('draws the floor true to scale', function (): void {
    $sheet = new Sheet(Cases::demo()->room->corners());
    [, , $width, $height] = array_map(floatval(...), explode(' ', $sheet->viewBox()));

    expect($width / Sheet::UNITS)->toEqualWithDelta(7.205 + 1.0, 0.01)->and($height / Sheet::UNITS)->toEqualWithDelta(4.8 + 1.0, 0.01)
        ->and((new PaperInk)->of('wall'))->toContain('stroke-width');
});

it('prints where everything stands from two walls, on either paper', function (
    Paper $paper,
    string $scale,
    UnitSystem $units,
    string $a,
): void {
    $html = app(SetupSheet::class)->html(workspace([], $units), $paper);
    foreach ([$scale, $a, 'from the estuary wall', 'Key is in B’s frame', 'Positions', 'it does not certify'] as $words) {
        expect($html)->toContain($words);
    }
})->with([
    'A4, metric' => [Paper::A4, 'Scale 1:50', UnitSystem::Metric, '72 cm from the estuary wall, 3.55 m from the window wall, lens 1.20 m'],
    'Letter, feet' => [Paper::Letter, 'Scale 1:48', UnitSystem::Imperial, 'lens 3′ 11″'],
]);

it('keeps units and theme by a plain form', function (): void {
    $this->from('/')->post('/settings', ['units' => 'imperial'])->assertRedirect('/')->assertCookie('units', 'imperial');
    $this
        ->withCookies(['units' => 'imperial', 'theme' => 'blackout'])
        ->get('/shoots/'.$this->demo()->id.'/measure')
        ->assertSee('data-theme="blackout"', false)
        ->assertSee('3 ft')
        ->assertSee('352 sq ft');
    $this->from('/')->post('/settings', ['units' => 'cubits'])->assertStatus(422);
});
