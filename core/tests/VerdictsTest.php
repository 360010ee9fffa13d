<?php

declare(strict_types=1);

use FineFrame\Figures\CameraFigures;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Followed;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Otherwise;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Plan\School;
use FineFrame\Tests\Plans;

/** @return list<string> the cases of a check that are about a thing, in order; a finding that holds says `holds` or its case */
function cases(Plans $plan, string $check, string $about = ''): array
{
    $said = array_filter($plan->said($check), static fn (Finding $f): bool => $about === '' || in_array($about, $f->about, true));

    return array_values(array_map(static fn (Finding $f): string => $f->severity->value.' '.($f->case ?? ''), $said));
}

function talk(): Plans
{
    return Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 4, 1.6);
}

it('judges an overhead or table camera by what it is on', function (): void {
    $down = [
        'aim' => ['mode' => 'free', 'bearing_deg' => 0, 'tilt_deg' => -90],
        'height_m' => 2.4,
        'support' => 'overhead-arm',
        'role' => 'overhead',
        'focal_mm' => 35,
    ];
    $plan = talk()->thing('table', 4, 3.4, 1.2, 0.8, 0.75)->camera('over', 4, 3.4, null, $down);
    $figures = array_column(CameraFigures::of(new Situation($plan->setup()), 'over'), 'value', 'name');

    foreach (['face-keeps-its-shape', 'subject-stays-in-focus', 'looking-room-is-ahead', 'frames-differ'] as $check) {
        expect(cases($plan, $check, 'over'))->toBe([]);
    }
    expect($figures['on'])->toBe('table')->and($figures['to_thing']->value)->toEqualWithDelta(2.4 - 0.75, 0.02)
        ->and($figures['field_w']->value)->toEqualWithDelta((2.4 - 0.75) * 24 / 35, 0.02)
        // Tilted up and turned to Ann it is on her again.
        ->and(
            cases(
                $plan->with(['cameras/over/y_m' => 2.6, 'cameras/over/aim' => ['mode' => 'free', 'bearing_deg' => 0, 'tilt_deg' => -40]]),
                'face-keeps-its-shape',
                'over',
            ),
        )->not->toBe([]);
});

it('looks at a way as well as at where a camera stands', function (string $check, float $x, float $y, string $case): void {
    $plan = talk()->thing('screen', 5.6, 3.2, 0.8, 0.1, 1.6, ['turn_deg' => -45])->with(['cameras/a/support' => 'gimbal', 'moves' => [[
        'id' => 'm', 'camera' => 'a', 'marks' => [
            ['id' => 'm0', 'at_s' => 0, 'x_m' => 4, 'y_m' => 1.6, 'height_m' => 1.2, 'focal_mm' => 50, 'subject' => 'ann'],
            ['id' => 'm1', 'at_s' => 10, 'x_m' => $x, 'y_m' => $y, 'height_m' => 1.2, 'focal_mm' => 50, 'subject' => 'ann'],
        ],
    ]]]);

    expect(implode(', ', cases($plan, $check)))->toContain($case);
})->with([
    'near a face' => ['face-keeps-its-shape', 4, 3.7, 'breaks moving'],
    'far from it' => ['face-keeps-its-shape', 4.4, 2.0, 'holds'],
    'behind a screen' => ['sight-is-clear', 7, 2.2, 'moving'],
]);

it('tells of a short tether whatever else is in the way', function (): void {
    $walk = fn (float $cable): Plans => talk()->thing('box', 5.2, 1.2, 0.6, 0.6, 0.6)->with(['cameras/a/support' => 'gimbal', 'moves' => [[
        'id' => 'm', 'camera' => 'a', 'cable_m' => $cable, 'cable_x_m' => 0, 'cable_y_m' => 0, 'marks' => [
            ['id' => 'm0', 'at_s' => 0, 'x_m' => 4, 'y_m' => 1.6, 'height_m' => 1.2, 'focal_mm' => 50, 'subject' => 'ann'],
            ['id' => 'm1', 'at_s' => 10, 'x_m' => 5.4, 'y_m' => 2, 'height_m' => 1.2, 'focal_mm' => 50, 'subject' => 'ann'],
        ],
    ]]]);

    expect(cases($walk(2), 'take-can-be-walked'))
        ->toBe(['breaks bump', 'breaks cable'])
        ->and(cases($walk(20), 'take-can-be-walked'))
        ->toBe(['breaks bump']);
});

it('takes nothing for locked that somebody carries', function (string $support, string $case): void {
    $plan = talk()->with(
        [
            '/brief/kind' => 'performance, solo',
            'cameras/a/role' => 'locked on everybody',
            'cameras/a/support' => $support,
            'cameras/a/focal_mm' => 24,
        ],
    );

    expect(cases($plan, 'safety-holds'))->toBe([$case]);
})->with([['tripod', 'holds holds'], ['shoulder', 'breaks none'], ['gimbal', 'breaks none']]);

it('counts a pair as two inputs, and knows a desk feed', function (
    int $inputs,
    string $source,
    string $inputsCase,
    string $sourceCase,
): void {
    $plan = talk()->boom('boom', 4, 4.1, 1.9)
        ->row('recorders', ['id' => 'rec', 'name' => 'recorder', 'inputs' => $inputs, 'phantom' => true])
        ->row(
            'pairs',
            ['id' => 'pair', 'name' => 'pair', 'model' => 'short-line', 'x_m' => 4, 'y_m' => 3, 'height_m' => 2, 'spacing_m' => 0.2],
        )
        ->row('mics', ['id' => 'lav', 'name' => 'lavalier', 'model' => 'body-omni', 'person' => 'ann', 'worn' => 'on the chest'])
        ->row('feeds', ['id' => 'feed', 'name' => 'desk feed', 'state' => 'agreed'])
        ->row('tracks', ['id' => 't', 'name' => 'one', 'source' => $source, 'recorder' => 'recorder']);

    expect(cases($plan, 'inputs-suffice'))->toBe([$inputsCase])->and(cases($plan, 'tracks-name-what-is-placed'))->toBe([$sourceCase]);
})->with([
    'a pair on one input' => [1, 'pair', 'breaks short', 'holds holds'],
    'a pair on two' => [2, 'pair', 'holds holds', 'holds holds'],
    'a boom on one' => [1, 'boom', 'holds holds', 'holds holds'],
    'a feed from the desk' => [1, 'desk feed', 'holds holds', 'holds holds'],
    'a microphone nowhere' => [1, 'ghost', 'holds holds', 'watch source'],
]);

it('misses a microphone where a talk has none', function (Plans $plan, array $said): void {
    expect(cases($plan, 'every-voice-is-near-a-microphone'))->toBe($said);
})->with([
    'none at all' => [talk(), ['breaks not-yet']],
    'a boom' => [talk()->boom('boom', 4, 4.1, 1.9), []],
    'on the track sheet in words' => [talk()->row('tracks', ['name' => 'ann', 'source' => 'lavalier']), []],
    'a performance' => [talk()->with(['/brief/kind' => 'performance, solo']), []],
]);

it('takes the whole evening for the take, whatever a song’s marks last', function (): void {
    $day = ['/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'minutes' => 35]]];
    $song = [
        'moves' => [
            [
                'id' => 'm',
                'camera' => 'a',
                'marks' => [
                    ['id' => 'm0', 'at_s' => 0, 'x_m' => 4, 'y_m' => 1.6, 'height_m' => 1.2, 'focal_mm' => 50],
                    ['id' => 'm1', 'at_s' => 120, 'x_m' => 4, 'y_m' => 2, 'height_m' => 1.2, 'focal_mm' => 50],
                ],
            ],
        ],
    ];
    $parts = [
        'progress' => [
            ['id' => 'p1', 'name' => 'one', 'minutes' => 12],
            ['id' => 'p2', 'name' => 'two', 'minutes' => 20, 'break_before' => true],
        ],
    ];
    $minutes = fn (array $with): ?float => talk()->with($with)->setup()->takeMinutes();

    expect($minutes($day + $song))
        ->toBe(35.0)
        ->and($minutes($song))
        ->toBe(2.0)
        ->and($minutes($day + $parts))
        ->toBe(20.0)
        ->and($minutes([]))
        ->toBeNull();
});

it('lets two who talk look at each other', function (float $x, float $y, array $said): void {
    $plan = Plans::room(8, 7)
        ->sitter('ann', 3.2, 4.4, 90, ['looks_at' => 'bo'])
        ->sitter('bo', 5.2, 4.4, 270, ['looks_at' => 'ann'])
        ->camera('a', $x, $y, 'ann');

    expect(cases($plan, 'gaze-suits-the-lens'))->toBe($said);
})->with(['past a shoulder' => [6.2, 3.2, ['holds two']], 'square to both' => [3.2, 1.4, ['watch profile']]]);

it('says by how much the noise is over the voice, never "only −4 dB"', function (float $level, string $stop, array $said): void {
    $plan = talk()->boom('boom', 4, 4.1, 1.9)->with(
        ['/locations/room/scouted' => ['noise' => [['id' => 'n', 'name' => 'pump', 'level_dba' => $level, 'can_stop' => $stop]]]],
    );
    $found = [...$plan->said('place-is-quiet-enough'), ...$plan->said('voice-stands-over-the-noise')];

    expect(array_map(fn (Finding $f): string => (string) $f->case, $found))->toBe($said);
    foreach ($found as $finding) {
        $told = str_contains((string) $finding->case, 'drowned') ? $finding->arguments['under'] : $finding->arguments['margin'];
        expect($told->value)->toBeGreaterThanOrEqual(0.0);
    }
})->with([
    'loud' => [80, 'yes', ['drowned-alone', 'drowned']], 'loud, and stays' => [80, 'no', ['drowned-stays', 'drowned']],
    'a hum' => [50, 'yes', ['alone', 'fails']], 'quiet' => [25, 'yes', ['holds', 'holds']],
]);

it('does not call a lamp settled that stays lit in another colour', function (string $plan, array $said): void {
    $lamp = ['/locations/room/scouted' => ['colour' => [['id' => 'c', 'name' => 'bulb', 'kelvin' => 2700, 'plan' => $plan]]]];

    expect(cases(talk()->with($lamp), 'lamps-match-the-camera'))->toBe($said);
})->with([['keep as it is', ['watch kept']], ['switch off', ['holds planned']], ['undecided', ['watch fails']]]);

/** A noon in March at the demo's latitude, sun in the south: the near wall looks into it. */
const NOON = [
    '/locations/room/site' => ['latitude_deg' => 50.0, 'longitude_deg' => 0.0],
    'metering/weather' => 'overcast',
    'metering/clock' => '12:00',
    '/brief/days' => [['id' => 'day', 'name' => 'day', 'date' => '2026-03-21', 'from' => '11:00', 'to' => '13:00']],
];

it('blames for the stop what gives it, and mends with that', function (Plans $plan, string $case, string $lamp): void {
    [$finding] = $plan->said('key-gives-the-stop');

    expect($finding->case)->toBe($case)->and($finding->arguments['thing'])->toBe($lamp)->and($finding->about)->toBe(['ann']);
    expect(FineFrame\Judge\Judge::standard()->mend($plan->setup(), $plan->judged(), $finding))->not->toBeNull();
})->with([
    'the first lamp is weak, the second burns' => [
        talk()->lamp('weak', 1, 6, null, ['dimmer' => 0.02])->lamp('burns', 4.6, 3.4, null, ['dimmer' => 1.0]),
        'bright',
        'Burns',
    ],
    'a window gives it' => [
        talk()->window('w', 'near', 2, 4)->lamp('key', 5, 3, null, ['dimmer' => 0.05])->with(NOON + ['metering/iso' => 800]),
        'day-bright',
        'Key',
    ],
]);

it('takes for the key what lights the face, and says nothing of a look into the lens', function (Plans $plan, array $keys): void {
    $plan = $plan->with(['/brief/schools' => ['contrast' => 'shadow-to-lens']]);
    expect(array_map(fn (Finding $f): string => $f->about[0], $plan->said('key-is-on-its-side')))->toBe($keys);
})->with([
    'a lamp aside, A aside' => [Plans::room(8, 7)->sitter('ann', 4, 4.4)->camera('a', 5, 1.6)->lamp('edge', 2.4, 3.4), ['edge']],
    'a look into the lens' => [talk()->lamp('edge', 2.4, 3.4), []],
    'a window outshines the lamp' => [
        Plans::room(8, 7)
            ->sitter('ann', 4, 4.4)
            ->camera('a', 5, 1.6)
            ->window('w', 'left', 2, 3)
            ->lamp('edge', 5.5, 5.5, null, ['dimmer' => 0.02])
            ->with(NOON),
        ['w'],
    ],
]);

it('counts what a lamp gives by the ceiling', function (float $dimmer, array $said): void {
    $plan = talk()->lamp('key', 5, 3, null, ['dimmer' => 0.05])->lamp(
        'up',
        4,
        6,
        null,
        ['dimmer' => $dimmer, 'aim_x_m' => 4.0, 'aim_y_m' => 6.1, 'aim_height_m' => 3.0],
    );

    expect(cases($plan, 'lamp-earns-its-place', 'up'))->toBe($said);
})->with(['bright' => [1.0, ['holds holds']], 'all but off' => [0.002, ['watch fails']]]);

it('sees a pane behind the head, and none that is covered', function (array $with, array $burns, string $background): void {
    $plan = talk()->window('w', 'far', 2.8, 2.4)->lamp('key', 5, 3, null, ['dimmer' => 0.1])->with(NOON + $with);

    expect(cases($plan, 'window-keeps-its-detail'))
        ->toBe($burns)
        ->and(implode(' ', cases($plan, 'background-sits-under-the-face')))
        ->toContain($background);
})->with([
    'bare' => [['metering/weather' => 'clear'], ['watch fails'], 'watch bright'],
    'a cloth before it' => [
        [
            'furniture' => [
                ['id' => 'f', 'name' => 'cloth', 'x_m' => 4, 'y_m' => 6.6, 'width_m' => 3.4, 'depth_m' => 0.05, 'height_m' => 2.6],
            ],
        ],
        [],
        'holds',
    ],
]);

it('lets a soft box stand beside an inner corner and in a doorway', function (float $x, float $y, array $said): void {
    $wall = fn (string $id, float $long, float $turn): array => [
        'id' => $id,
        'name' => $id,
        'length_m' => $long,
        'turn_deg' => $turn,
        'by' => 'tape',
    ];
    $plan = Plans::room()->sitter('ann', 2, 2.4)->with(
        [
            '/locations/room/space/walls' => [
                $wall('a', 6, 90),
                $wall('b', 3, 90),
                $wall('c', 2, -90),
                $wall('d', 2, 90),
                $wall('e', 4, 90),
                $wall('f', 5, 90),
            ],
        ],
    )
        ->lamp('l', $x, $y, null, ['aim_x_m' => 2.0, 'aim_y_m' => 2.0, 'aim_height_m' => 1.2]);

    expect(cases($plan, 'soft-box-fits-the-room', 'l'))->toBe($said);
})->with([
    // The inner corner is at 4, 3.
    'before the corner' => [3.5, 2.6, ['holds holds']],
    'under it, clear of the wall' => [4.4, 2.3, ['holds holds']],
    'into the wall' => [4.9, 2.75, ['breaks wall']],
]);

it('asks no ceiling of a lamp outside', function (float $y, array $said): void {
    $plan = talk()->window('w', 'near', 2, 4)->lamp('hot', 4, $y, null, ['fixture' => 'open-650', 'height_m' => 2.9, 'dimmer' => 1.0]);

    expect(cases($plan, 'hot-lamps-keep-their-distance'))->toBe($said);
})->with(['inside' => [1.0, ['breaks ceiling']], 'outside' => [-1.5, ['holds holds']]]);

it('is content with a grid where it offers one', function (array $before, array $said): void {
    $plan = talk()->lamp('back', 5.2, 6.2, null, ['dimmer' => 0.5, 'aim_x_m' => 3.2, 'aim_y_m' => 5.2, 'aim_height_m' => 0.8] + $before);

    expect(array_values(array_filter(cases($plan, 'lens-is-shaded'), fn (string $c): bool => str_starts_with($c, 'watch'))))->toBe($said);
})->with(['bare' => [[], ['watch fails']], 'gridded' => [['before' => 'grid-tight'], []]]);

it('asks for microphones for those who are heard at once, not for the whole cast', function (Plans $plan, string $heads): void {
    $cast = ['/brief/cast' => array_map(fn (int $i): array => ['id' => "c$i", 'name' => "c$i"], range(1, 5))];
    $told = array_values(
        array_filter(FineFrame\Judge\Consequences::of($plan->with($cast)->setup()->plan), fn (array $c): bool => $c[0] === 'microphones'),
    );

    expect($told[0][1]['heads'])->toBe($heads);
})->with(['one seated' => [talk(), '1'], 'two seated' => [talk()->sitter('bo', 2, 4.4), '2'], 'nobody yet' => [Plans::room(), '5']]);

it('lets a wide thing hide whoever looks on, and no pole', function (float $width, string $said): void {
    $plan = talk()->interviewer('bo', 4.8, 2)->interviewer('cy', 3.4, 2.4)->with(['subjects/ann/looks_at' => 'bo']);

    expect(cases($plan->thing('post', 3.7, 3.4, $width, 0.05, 2.2), 'nothing-distracts', 'ann'))->toBe([$said]);
})->with(['a post' => [0.04, 'watch fails'], 'a screen' => [1.0, 'holds holds']]);

it('reads from a layout which school it follows', function (Plans $plan, string $question, string $school): void {
    $followed = Followed::allOf(new Situation($plan->setup()))[$question] ?? null;
    expect($followed?->school->word() ?? 'none')->toBe($school);
})->with(function (): iterable {
    $talk = Plans::room(8, 7)->sitter('ann', 4, 4.4)->interviewer('bo', 4.5, 1.2)->with(['subjects/ann/looks_at' => 'bo'])->camera('a', 4, 1.6);
    $lit = $talk->lamp('key', 6, 2.6, null, ['dimmer' => 0.3, 'height_m' => 2.0]);
    yield 'beside the lens' => [$talk, 'gaze', 'beside-lens'];
    yield 'into the lens' => [$talk->with(['subjects/ann/looks_at' => 'a']), 'gaze', 'into-lens'];
    yield 'long' => [$talk->with(['cameras/a/focal_mm' => 60]), 'lens', 'long'];
    yield 'fifty' => [$talk->with(['cameras/a/focal_mm' => 34]), 'lens', 'fifty'];
    yield 'one camera makes no cut' => [$talk, 'cut', 'none'];
    yield 'another angle alone' => [$talk->camera('b', 6.4, 2.6), 'cut', 'angle-alone'];
    yield 'round by more than 30°' => [$talk->camera('b', 6.4, 2.6), 'second-camera', 'forty-five'];
    yield 'toward profile' => [$talk->camera('b', 7.2, 3.9), 'second-camera', 'profile'];
    yield 'shadow toward the lens' => [$lit, 'contrast', 'shadow-to-lens'];
    yield 'open' => [$lit->with(['lights/key/x_m' => 2]), 'contrast', 'open'];
    yield 'even' => [$lit->with(['metering/ambient_lux' => 400]), 'contrast', 'even'];
    yield 'in the dark nobody can say' => [$talk, 'contrast', 'none'];
    yield 'what is there' => [$talk, 'first-light', 'what-is-there'];
    yield 'built' => [$lit, 'first-light', 'cut-and-rebuild'];
    yield 'one lamp' => [$lit, 'lamps', 'one'];
    yield 'no lamp is no way of lamps' => [$talk, 'lamps', 'none'];
    yield 'a small lamp behind' => [
        $lit->lamp('back', 3.4, 6.4, null, ['dimmer' => 0.3, 'height_m' => 2.6, 'fixture' => 'open-200']), 'edge-light', 'small-and-hard',
    ];
    yield 'nothing behind' => [$lit, 'edge-light', 'only-if-readable'];
    yield 'from above' => [$lit->with(['lights/key/x_m' => 4.2, 'lights/key/y_m' => 4.0, 'lights/key/height_m' => 2.7]), 'top-light', 'the-look'];
    yield 'a boom alone' => [$talk->boom('m', 4, 4, 2), 'microphone', 'boom-only'];
    yield 'by hand' => [$talk->with(['cameras/a/support' => 'by-hand']), 'support', 'handheld'];
    yield 'on automatic' => [$talk->with(['cameras/a/settings' => ['automatic' => 'focus']]), 'settings', 'touch'];
});

it('says what another school would judge otherwise, and only that', function (): void {
    $plan = Plans::room(8, 7)->sitter('ann', 4, 4.4)->interviewer('bo', 4.5, 1.2)->with(['subjects/ann/looks_at' => 'bo'])
        ->camera('a', 4, 1.6)->lamp('key', 6, 2.6, null, ['dimmer' => 0.3, 'height_m' => 2.0]);
    $judge = Judge::standard();
    $situation = new Situation($plan->setup());
    $turned = Otherwise::by($judge, $situation, $judge->judge($situation), School::EvenFace);
    expect(array_column($turned->worse, 'check'))->toContain('face-has-shape')
        ->and(array_column($turned->worse, 'severity'))->not->toContain(Severity::Holds)
        ->and(Otherwise::by($judge, $situation, $judge->judge($situation), School::LongRolls)->worse)->toBe([]);
});
