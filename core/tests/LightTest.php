<?php

declare(strict_types=1);

use FineFrame\Figures\Figures;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\DaylightStudy;
use FineFrame\Judge\DimmerPlan;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Walk;
use FineFrame\Light\Daylight;
use FineFrame\Light\Emitter;
use FineFrame\Light\Exposure;
use FineFrame\Light\Modifier;
use FineFrame\Light\Pattern;
use FineFrame\Light\PolygonSource;
use FineFrame\Light\Reflector;
use FineFrame\Light\SoftBox;
use FineFrame\Light\Weather;
use FineFrame\Plan\Edit;
use FineFrame\Plan\Kit;
use FineFrame\Plan\SetupPlan;
use FineFrame\Propose\LightSearch;
use FineFrame\Scene\FaceReading;
use FineFrame\Scene\FramePicture;
use FineFrame\Scene\FramePolygon;
use FineFrame\Scene\Scene;
use FineFrame\Scene\ThingKind;
use FineFrame\Space\Curtain;
use FineFrame\Tests\Cases;
use FineFrame\Tests\Plans;

function square(float $half): array
{
    return [new Vec3(-$half, -$half, 0), new Vec3($half, -$half, 0), new Vec3($half, $half, 0), new Vec3(-$half, $half, 0)];
}

it('gives the closed form of a square source on its axis', function (float $half, float $distance): void {
    // Four corner factors: (2/π)·x·atan(x) with x = a/√(a²+d²), times π for lux per nit.
    $x = $half / hypot($half, $distance);
    $got = PolygonSource::luxPerNit(square($half), new Vec3(0, 0, $distance), new Vec3(0, 0, -1));

    expect($got)->toEqualWithDelta(4 * $x * atan($x), 1e-9);
})->with([[0.6, 1.0], [0.6, 0.05], [0.1, 3.0]]);

it('gives π for a source that fills the sky, half of it for a receiver on edge, and nothing behind', function (): void {
    $near = new Vec3(0, 0, 1e-4);

    expect(PolygonSource::luxPerNit(square(50), $near, new Vec3(0, 0, -1)))->toEqualWithDelta(M_PI, 1e-4)
        ->and(PolygonSource::luxPerNit(square(50), $near, new Vec3(1, 0, 0)))->toEqualWithDelta(M_PI / 2, 1e-3)
        ->and(PolygonSource::luxPerNit(square(50), new Vec3(0, 0, -1), new Vec3(0, 0, 1)))->toBe(0.0);
});

it('meets the lux that the fixture gives at one metre', function (): void {
    $lamp = (new Scene(Cases::demo(['lights/key/dimmer' => 1])))->lamps['key'];
    $ahead = $lamp->centre()->plus($lamp->facing());

    expect($lamp->luxAt($ahead, $lamp->facing()->times(-1)))->toEqualWithDelta($lamp->fixture->luxAt1m, 0.01);
});

it('halves the lamp by a stop of dimmer', function (): void {
    $lux = function (float $dim): float {
        $setup = Cases::demo(['lights/key/dimmer' => $dim]);

        return (new FaceReading(new Scene($setup), $setup->bodies['miller']))->light->lampLux;
    };
    expect($lux(0.5) / $lux(0.25))->toEqualWithDelta(2.0, 1e-9);
});

/** The light on the miller's head, after changes. */
function millersFace(array $changes = []): FaceReading
{
    $setup = Cases::demo($changes + ['cameras/cam-b' => null, 'views' => [], 'microphones' => []]);

    return new FaceReading(new Scene($setup), $setup->bodies['miller']);
}

it('loses to a flag the share of a lamp that the flag hides', function (): void {
    // The key is 1.2 m wide; a flag half way that covers the whole of it, and one that covers about half.
    $flag = fn (float $width, float $shift): array => [
        'furniture/-' => [
            'id' => 'flag', 'name' => 'flag', 'width_m' => $width, 'depth_m' => 0.02, 'height_m' => 2.4,
            'x_m' => 2.4 + $shift, 'y_m' => 2.18 - $shift, 'turn_deg' => 54, 'keep_out' => true,
        ],
    ];
    $open = millersFace();

    expect($open->seen['key'])->toBe(1.0)
        ->and(millersFace($flag(1.6, 0.0))->seen['key'])->toBe(0.0)->and(millersFace($flag(1.6, 0.0))->byLamp['key'])->toBe(0.0)
        ->and(millersFace($flag(0.35, 0.0))->seen['key'])->toBeGreaterThan(0.2)->toBeLessThan(0.8)
        ->and(millersFace($flag(0.35, 0.0))->byLamp['key'])->toEqualWithDelta(
            $open->byLamp['key'] * millersFace($flag(0.35, 0.0))->seen['key'],
            1e-9,
        );
});

it('deepens the far cheek by a black cloth and opens it by a white board', function (): void {
    // Beside the far cheek, 50 cm off.
    $board = fn (float $reflects): array => [
        'furniture/-' => [
            'id' => 'board', 'name' => 'board', 'width_m' => 1.2, 'depth_m' => 0.02, 'height_m' => 1.2, 'base_m' => 0.6,
            'x_m' => 3.75, 'y_m' => 2.6, 'turn_deg' => 270, 'reflects' => $reflects, 'keep_out' => true,
        ],
    ];
    [$bare, $cloth, $white] = [millersFace(), millersFace($board(0.03)), millersFace($board(0.85))];

    expect($cloth->cheeks())->toBeGreaterThan($bare->cheeks() * 1.1)->and($white->cheeks())->toBeLessThan($bare->cheeks() * 0.9)
        ->and($cloth->light->ambientLux)
        ->toBeLessThan($bare->light->ambientLux)
        ->and($white->bounced)
        ->toBeGreaterThan(1.0)
        ->and($bare->bounced)
        ->toBe(0.0);
});

it('names the pattern by where the key stands', function (float $azimuth, float $elevation, Pattern $pattern): void {
    expect(Pattern::of($azimuth, $elevation))->toBe($pattern)->and(Pattern::of(-$azimuth, $elevation))->toBe($pattern);
})->with(
    [
        [0, 10, Pattern::Flat], [5, 35, Pattern::Butterfly], [30, 30, Pattern::Loop], [50, 40, Pattern::Triangle],
        [85, 20, Pattern::Split], [140, 20, Pattern::Rim], [10, 75, Pattern::Top], [20, -30, Pattern::Under],
    ],
);

it('gives nothing from a lamp that is off, and everything that depends on it follows', function (): void {
    $off = millersFace(['lights/key/on' => false]);

    expect($off->light->lampLux)
        ->toBe(0.0)
        ->and($off->key())
        ->toBeNull()
        ->and($off->pattern())
        ->toBeNull()
        ->and($off->cheeks())
        ->toEqualWithDelta(1.0, 1e-9)
        ->and(Cases::demo(['lights/key/on' => false])->setup->lights[0]->on)->toBeFalse();
});

it('throws shadows on walls and floor, and never makes light of them', function (): void {
    $lit = function (array $changes): array {
        $scene = new Scene(Cases::demo($changes));
        $stops = array_map(
            fn (FramePolygon $p): float => $p->stops,
            array_filter(
                FramePicture::of($scene, $scene->views['cam-a'], true)->polygons,
                fn (FramePolygon $p): bool => $p->kind === ThingKind::Room,
            ),
        );

        return [count($stops), array_sum($stops) / count($stops)];
    };
    [$patches, $open] = $lit([]);
    // A wall of cloth before the key.
    [, $dark] = $lit(
        [
            'furniture/-' => [
                'id' => 'flag', 'name' => 'flag', 'width_m' => 2.4, 'depth_m' => 0.02, 'height_m' => 2.5, 'x_m' => 2.3,
                'y_m' => 2.1, 'turn_deg' => 54,
            ],
        ],
    );

    expect($patches)->toBeGreaterThan(20)->and($dark)->toBeLessThan($open - 0.5);
});

it('sets all dimmers for a stop and a ratio, and says how far off it stays', function (): void {
    $situation = new Situation(Cases::demo(['cameras/cam-b' => null, 'views' => [], 'microphones' => []]));
    $lux = fn (DimmerPlan $plan): float => log(
        (new FaceReading(new Scene($after = $plan->edit->applyTo($situation->setup->plan)->again($situation->setup)), $after->bodies['miller']))->light->totalLux() / Exposure::lux(2.8, $after->setup->metering->shutterS(), $after->setup->metering->iso),
        2,
    );
    $plan = DimmerPlan::for($situation, 'miller', 2.8, 3.0);

    // What it says comes out is what the plan reads with those dimmers.
    expect($lux($plan))->toEqualWithDelta($plan->stopsOff, 0.02);
    // Two lamps, found as well by trying every pair of settings in steps of half a per cent; from wherever they stand.
    foreach ([0.0, 0.6, 1.0] as $stands) {
        $duo = new Situation(Cases::demo(['@' => 'duo', 'lights/duo-key/dimmer' => $stands, 'lights/duo-edge/dimmer' => $stands]));
        $low = DimmerPlan::for($duo, 'wren', 2.0, 2.0)->dimmers;
        $deep = DimmerPlan::for($duo, 'wren', 2.8, 3.0)->dimmers;
        expect($low['duo-key'])
            ->toEqualWithDelta(0.02, 0.005)
            ->and($low['duo-edge'])
            ->toEqualWithDelta(0.204, 0.01)
            ->and($deep['duo-key'])
            ->toEqualWithDelta(0.153, 0.01)
            ->and($deep['duo-edge'])
            ->toEqualWithDelta(1.0, 0.001);
    }
    // A lamp of its own on the wall behind: face and background are set each to what is wanted of it.
    $wall = new Situation(
        Cases::demo(
            [
                'cameras/cam-b' => null,
                'views' => [],
                'microphones' => [],
                'lights/-' => [
                    'id' => 'wall', 'name' => 'Wall', 'fixture' => 'panel-60', 'stand' => 'light-stand', 'x_m' => 1.0,
                    'y_m' => 3.6, 'height_m' => 1.5, 'subject' => 'miller', 'aim_x_m' => 2.9, 'aim_y_m' => 4.9,
                    'aim_height_m' => 1.3,
                ],
            ],
        ),
    );
    $under = DimmerPlan::for($wall, 'miller', 2.8, 4.0, -0.7);
    $after = new Situation($under->edit->applyTo($wall->setup->plan)->again($wall->setup));
    expect($under->under)
        ->toEqualWithDelta(-0.7, 0.3)
        ->and($after->background($after->setup->cameras['cam-a'], $after->setup->bodies['miller']))
        ->toEqualWithDelta(-(float) $under->under, 0.05)
        ->and(DimmerPlan::for($wall, 'miller', 2.8, 4.0, 0.1)->dimmers['wall'])->toBeLessThan($under->dimmers['wall']);
    // Nothing here gives T 16: the dimmers are full, and the key would have to stand nearer.
    $far = DimmerPlan::for($situation, 'miller', 16.0, 3.0);
    expect($far->isReached)->toBeFalse()->and($far->dimmers['key'])->toEqualWithDelta(1.0, 1e-6)->and($far->nearer)->toBeGreaterThan(0.3);
});

it('keeps all light in a closed white room: what lamps and windows give is what the surfaces take', function (string $setup): void {
    $plan = Cases::demo(['@' => $setup, 'metering/weather' => 'broken']);
    $white = (new Edit(['/kit/materials/-' => ['id' => 'white', 'name' => 'white', 'light' => 0.9] + array_combine(
        array_map(fn (int $b): string => "alpha_$b", [125, 250, 500, 1000, 2000, 4000]),
        array_fill(0, 6, 0.05),
    ),
        "/locations/{$plan->location->id}/space/surfaces" => [
            'floor' => 'white',
            'ceiling' => 'white',
            'walls' => 'white',
            'by_wall' => (object) [],
        ]]))->applyTo($plan->plan)->again($plan);
    $given = fn (SetupPlan $p): float => array_sum(array_map(fn (SoftBox $b): float => $b->lumens() ?? 0.0, (new Scene($p))->lamps));

    expect((new Scene($plan))->room()->taken()[0])->toEqualWithDelta($given($plan), 0.02 * $given($plan))
        ->and((new Scene($white))->room()->taken()[0])->toEqualWithDelta($given($white), 0.02 * $given($white))
        // Nine tenths come back nine times over: the white room is several times as bright, and all of it is still taken.
        ->and((new Scene($white))->room()->at(new Vec3(2.0, 2.0, 1.2), new Vec3(0, 0, 1))[0])->toBeGreaterThan(
            2 * (new Scene($plan))->room()->at(new Vec3(2.0, 2.0, 1.2), new Vec3(0, 0, 1))[0],
        );
})->with(['talk', 'duo']);

it('knows sun and sky by the handbooks’ tables', function (): void {
    // Air masses as tabled by Kasten and Young; a clear June noon; a sky of cloud gives no sun.
    expect(Daylight::airMass(M_PI / 2))
        ->toEqualWithDelta(1.0, 0.001)
        ->and(Daylight::airMass(deg2rad(30)))
        ->toEqualWithDelta(1.994, 0.002)
        ->and(Daylight::airMass(deg2rad(5)))
        ->toEqualWithDelta(10.31, 0.03);
    $noon = Daylight::under(Weather::Clear, deg2rad(60));
    expect($noon->sunLux)
        ->toEqualWithDelta(133_100 * exp(-0.21 * 1.154), 100)
        ->and($noon->skyLux)
        ->toEqualWithDelta(15_224, 5)
        ->and(Daylight::under(Weather::Overcast, deg2rad(60))->sunLux)
        ->toBe(0.0)
        ->and($noon->sunKelvin())
        ->toBe(5500.0)
        ->and(Daylight::under(Weather::Clear, deg2rad(2.5))->sunKelvin())
        ->toBe(2550.0)
        ->and(Daylight::under(Weather::Clear, -0.1)->skyLux)
        ->toBe(0.0);
});

it('lights by a window as by the sky and ground that it shows', function (): void {
    // Right before a window that fills all sight, a wall gets half of what open ground gets of the sky, and the ground’s half.
    $plan = Cases::demo(
        [
            'metering/weather' => 'overcast',
            '/locations/stone-room/space/openings' => [
                [
                    'id' => 'all', 'name' => 'all', 'kind' => 'window', 'wall' => 'w1', 'offset_m' => 0.0,
                    'width_m' => 5.0, 'sill_m' => 0.0, 'head_m' => 2.9, 'reveal_m' => 0.0, 'glazing' => 'open',
                ],
            ],
        ],
    );
    $lined = new Scene((new Edit(['/locations/stone-room/space/openings/all/curtain' => 'lined']))->applyTo($plan->plan)->setup());
    $scene = new Scene($plan);
    $wall = $plan->room->wall('w1');
    $windows = $scene->windows();
    $point = $wall->line->at(0.5)->plus($wall->inward()->times(0.02))->at(1.45);
    $lux = $windows->diffuse($point, $wall->inward()->times(-1.0)->at(0.0))['all'];
    expect($lux)->toEqualWithDelta($windows->day->skyLux / 2 + M_PI / 2 * $windows->day->groundNits(), 0.02 * $lux)
        // A ceiling sees only ground, a table only sky; a lined curtain takes all but a two-hundredth.
        ->and($windows->diffuse($point, new Vec3(0, 0, 1))['all'])->toEqualWithDelta(
            $windows->day->skyLux / 2,
            0.03 * $windows->day->skyLux,
        )
        ->and($lined->windows()->diffuse($point, $wall->inward()->times(-1.0)->at(0.0))['all'] / $lux)->toEqualWithDelta(0.005, 0.0002);
    $deep = fn (float $reveal): float => (new Scene(Cases::demo(['metering/weather' => 'overcast', '/locations/stone-room/space/openings/south-window/reveal_m' => $reveal])))->windows()->diffuse(new Vec3(3.2, 2.7, 1.2), new Vec3(-1, 0, 0))['south-window'];
    expect($deep(0.6))->toBeLessThan($deep(0.2))->and($deep(0.2))->toBeLessThan($deep(0.0));
});

it('holds daylight against the meter and follows it over the recording', function (): void {
    $study = DaylightStudy::of(new Situation(Cases::demo(['@' => 'duo'])));
    $fit = DaylightStudy::of(new Situation(Cases::demo()))->fit(Weather::Overcast);
    // Two readings, a sky and a room to find: the chair and the window seat come out as read, within a sixth of a stop.
    expect($fit->off())->toBeLessThan(0.17)->and($fit->readings)->toHaveCount(2)->and($fit->sky)->toBeGreaterThan(0.1)->toBeLessThan(1.0);
    $levels = fn (Weather $sky): array => array_map(
        fn (float $t): float => $study->at($sky, $t, 'wren')->light->ambientLux,
        $study->times(),
    );
    expect(abs($study->drift(Weather::Overcast, 'wren')))
        ->toBeLessThan(0.1)
        ->and(abs($study->drift(Weather::Clear, 'wren')))
        ->toBeGreaterThan(0.3)
        ->and(min($levels(Weather::Clear)))->toBeGreaterThan(max($levels(Weather::Overcast)))
        ->and($study->steadiest(Weather::Clear, 'wren')[1])->toBeLessThan(abs($study->drift(Weather::Clear, 'wren')));
});

it('takes what is put before a lamp in turn, each working on what the one before it gives', function (): void {
    $kit = Kit::library();
    $chain = fn (string $fixture, string ...$ids): Emitter => Emitter::of(
        $kit->fixtures[$fixture],
        array_map(fn (string $id): Modifier => $kit->modifiers[$id], $ids),
    );
    $bare = $chain('open-200');

    // A gel halves it; a soft box spreads what it lets through over its face; two nets multiply.
    expect($chain('open-200', 'nd-03')->nits())->toEqualWithDelta($bare->nits() / 2, 1e-6)
        ->and($chain('open-200', 'octa-150')->lumens())->toEqualWithDelta(0.55 * $bare->lumens(), 1e-6)
        ->and($chain('open-200', 'net-single', 'net-double')->lumens())->toEqualWithDelta(0.35 * $bare->lumens(), 1e-6)
        ->and($chain('open-200', 'gel-half-warm', 'gel-half-cool')->mired)->toEqualWithDelta(3.0, 1e-9);
    // A cloth far before a small lamp is lit as by a point: E = I/d² in its middle, less aside; it becomes a source of its own size.
    $cloth = $chain('open-200', 'frame-full');
    $middle = $bare->nits() * 0.12 ** 2 / 1.2 ** 2;
    expect($cloth->nits())
        ->toBeLessThan($middle * 0.35 / M_PI)
        ->toBeGreaterThan(0.5 * $middle * 0.35 / M_PI)
        ->and([$cloth->widthM, $cloth->stands])
        ->toBe([1.8, 2])
        ->and($cloth->depthM)->toEqualWithDelta(0.25 + 1.2, 1e-9)
        // Never more than it gets: a lamp's lumens times what the cloth lets through.
        ->and($cloth->lumens())->toBeLessThan(0.35 * $bare->lumens());
    // A book light: lamp, board, cloth; softer and weaker by both, and as deep as both.
    $book = $chain('open-200', 'board-white', 'frame-half');
    expect($book->lumens())
        ->toBeLessThan($chain('open-200', 'board-white')->lumens())
        ->and($book->depthM)
        ->toEqualWithDelta(0.25 + 1.0 + 0.7, 1e-9)
        ->and($book->widthM)
        ->toBe(1.2);
    // A grid leaves half at the angle whose tangent is half of its own, nothing past it; doors cut at once; a beam holds its lumens.
    $grid = $chain('soft-120', 'grid-wide');
    expect($grid->leaves(atan(0.5)))
        ->toEqualWithDelta(0.5, 1e-9)
        ->and($grid->leaves(deg2rad(46)))
        ->toBe(0.0)
        ->and($chain('open-200', 'doors')->leaves(deg2rad(29)))
        ->toBe(1.0)
        ->and($chain('open-200', 'doors')->leaves(deg2rad(31)))
        ->toBe(0.0);
    $beam = $chain('open-200', 'lens-25');
    expect($beam->candela(deg2rad(12.5), 0.0))
        ->toEqualWithDelta($beam->candela(0.0, 0.0) / 2, 1e-6)
        ->and($beam->candela(0.0, 0.0))
        ->toBeGreaterThan(5 * $bare->nits() * 0.12 ** 2);
});

it('sees gels and grids at the face, and colours mixed there', function (): void {
    $face = fn (array $light): FaceReading => millersFace(
        array_combine(array_map(fn (string $k): string => "lights/key/$k", array_keys($light)), $light),
    );
    $open = $face([]);
    expect($face(['before' => 'nd-03'])->byLamp['key'])->toEqualWithDelta($open->byLamp['key'] / 2, 1e-9)
        // From two metres a tight grid shows the middle of a large face and closes toward its edges.
        ->and($face(['before' => 'grid-tight'])->byLamp['key'] / $open->byLamp['key'])->toBeGreaterThan(0.2)->toBeLessThan(0.4)
        // What the walls send back falls much more than the face: that is what a grid is for.
        ->and($face(['before' => 'grid-tight'])->byRoom / $open->byRoom)->toBeLessThan(0.3)
        ->and($face(['before' => 'gel-full-warm'])->colour()->kelvin())->toEqualWithDelta(1e6 / (1e6 / 5600 + 159), 15)
        ->and($face(['duv' => 0.008])->colour()->duv())->toEqualWithDelta(0.008, 0.0005)
        // Turned away to a wall, it lights the face by the wall alone.
        ->and($face(['aim_x_m' => 0.0, 'aim_y_m' => 1.5, 'aim_height_m' => 1.8])->byLamp['key'])->toBeLessThan(1.0)
        ->and($face(['aim_x_m' => 0.0, 'aim_y_m' => 1.5, 'aim_height_m' => 1.8])->byRoom)->toBeGreaterThan(20.0);
});

/** @return array<string, string> severity and case by check, about a thing */
function lightVerdicts(array $changes, string $about): array
{
    $all = [];
    foreach (Judge::standard()->judge(Cases::demo($changes))->findings as $finding) {
        in_array($about, $finding->about, true) ? $all[$finding->check] ??= "{$finding->severity->value} $finding->case" : null;
    }

    return $all;
}

it('takes a lamp off the background by a flag that leaves the face its light', function (): void {
    // A spot between face and hearth wall that lights both: too much on the wall.
    $setup = Cases::demo(
        [
            'lights/key/fixture' => 'open-200',
            'lights/key/x_m' => 1.2,
            'lights/key/y_m' => 1.6,
            'lights/key/height_m' => 1.7,
            'lights/key/dimmer' => 0.5,
            '/brief/limits/background_over_stops' => -2.5,
        ],
    );
    $verdicts = Judge::standard()->judge($setup);
    $found = array_values(
        array_filter(
            $verdicts->findings,
            fn ($f): bool => $f->check === 'background-sits-under-the-face' && in_array('cam-a', $f->about, true),
        ),
    )[0];
    expect($found->severity->value)->toBe('watch')->and($found->ideas())->not->toBe([]);

    $flagged = $found->ideas()[0]->edit->applyTo($setup->plan)->again($setup);
    [$before, $after] = [new Situation($setup), new Situation($flagged)];
    expect($after->face('miller')->byLamp['key'])->toBeGreaterThan(0.9 * $before->face('miller')->byLamp['key'])
        ->and($after->behind($flagged->cameras['cam-a'], $flagged->bodies['miller'])['key'])->toBeLessThan(
            0.4 * $before->behind($setup->cameras['cam-a'], $setup->bodies['miller'])['key'],
        );
});

it('judges where light comes from, what it shows and what it hides', function (): void {
    // Behind and high: at 100° off the face on the nose, at 150° on the hair alone.
    $back = fn (float $x, float $y): string => lightVerdicts(
        ['lights/key/x_m' => $x, 'lights/key/y_m' => $y, 'lights/key/height_m' => 2.4, 'lights/key/fixture' => 'open-200'],
        'key',
    )['back-light-misses-the-nose'] ?? 'none';
    expect($back(2.2, 3.2))->toBe('watch fails')->and($back(2.9, 4.6))->toBe('holds holds')->and($back(2.6, 1.0))->toBe('none');
    // Two faces a stop apart; a lamp that is not missed; a head between lamp and face.
    expect(
        lightVerdicts(
            [
                '@' => 'duo',
                'lights/duo-edge/on' => false,
                'metering/ambient_lux' => 5,
                'lights/duo-key/x_m' => 4.5,
                'lights/duo-key/y_m' => 3.5,
                'lights/duo-key/height_m' => 1.2,
            ],
            'tamsin',
        )['faces-agree'],
    )->toBe('watch fails')
        ->and(
            lightVerdicts(
                [
                    'lights/-' => [
                        'id' => 'spare', 'name' => 'Spare', 'fixture' => 'eye-5', 'stand' => 'light-stand',
                        'x_m' => 0.6, 'y_m' => 4.2, 'height_m' => 0.6, 'subject' => 'miller', 'dimmer' => 0.1,
                    ],
                ],
                'spare',
            )['lamp-earns-its-place'],
        )->toBe('watch fails')
        ->and(
            lightVerdicts(
                ['subjects/asker/x_m' => 2.5, 'subjects/asker/y_m' => 2.2, 'subjects/asker/posture' => 'standing'],
                'key',
            )['face-is-unshaded'],
        )->toBe('watch fails');
    // A boom between a small lamp and the wall that A sees throws an edge; a large soft one does not.
    $shadow = fn (string $fixture): array => lightVerdicts(
        [
            'microphones/boom/x_m' => 2.9, 'microphones/boom/y_m' => 4.2, 'microphones/boom/height_m' => 1.5,
            'lights/key/fixture' => $fixture, 'lights/key/aim_x_m' => 3.0, 'lights/key/aim_y_m' => 4.8,
            'lights/key/aim_height_m' => 1.4, 'metering/ambient_lux' => 5,
        ],
        'boom',
    );
    expect($shadow('open-200')['shadows-stay-out-of-frame'] ?? '')
        ->toBe('watch fails')
        ->and($shadow('soft-120')['shadows-stay-out-of-frame'] ?? '')
        ->toBe('');
});

it('lets a lamp outside in by the windows alone, and brings back all that comes in', function (): void {
    $outside = fn (float $x, float $y, float $h, array $more = []): array => $more + [
        'lights/key/fixture' => 'open-200',
        'lights/key/x_m' => $x,
        'lights/key/y_m' => $y,
        'lights/key/height_m' => $h,
        'lights/key/dimmer' => 1,
    ];
    $curtain = '/locations/stone-room/space/openings/south-window/curtain';
    // On the line through the pane: what clean glass leaves; behind the wall nothing; a lined curtain keeps all but a trace.
    $free = millersFace($outside(-2.0, -0.55, 1.65));
    expect($free->seen['key'])->toEqualWithDelta(0.88, 1e-9)->and($free->byLamp['key'])->toBeGreaterThan(100.0)
        ->and(millersFace($outside(-1.5, 2.5, 2.0))->byLamp['key'])->toBe(0.0)
        ->and(millersFace($outside(-2.0, -0.55, 1.65, [$curtain => 'lined']))->seen['key'])->toBeLessThan(0.02);
    // Lumens through the pane, by hand: lux on it, square metres, glass; so many the surfaces take.
    $scene = new Scene(
        Cases::demo(
            $outside(-2.0, 0.75, 1.5, ['lights/key/aim_x_m' => 3.0, 'lights/key/aim_y_m' => 0.75, 'lights/key/aim_height_m' => 1.5]),
        ),
    );
    $lux = $scene->lamps['key']->luxAt(new Vec3(0.0, 0.75, 1.5), new Vec3(-1.0, 0.0, 0.0));
    expect($scene->room()->taken()[0])->toBeGreaterThan(0.6 * 0.88 * 1.1 * 1.2 * $lux)->toBeLessThan(0.88 * 1.1 * 1.2 * $lux);
    // The verdict, and a mend that brings it in.
    $setup = Cases::demo($outside(-1.5, 2.5, 2.0));
    $found = array_values(
        array_filter(Judge::standard()->judge($setup)->findings, fn (Finding $f): bool => $f->check === 'lamps-outside-reach-in'),
    )[0];
    expect("{$found->severity->value} $found->case")->toBe('watch dark');
    $mended = new Situation($found->ideas()[0]->edit->applyTo($setup->plan)->again($setup));
    expect($mended->face('miller')->seen['key'])->toBeGreaterThan(0.5);
});

it('throws a projector’s picture and nothing beside it, and finds whose silhouette falls in which frame', function (): void {
    $projector = [
        'lights/key/fixture' => 'projector',
        'lights/key/x_m' => 3.7,
        'lights/key/y_m' => 0.4,
        'lights/key/height_m' => 0.7,
        'lights/key/aim_x_m' => 2.9,
        'lights/key/aim_y_m' => 4.8,
        'lights/key/aim_height_m' => 1.6,
        'lights/key/dimmer' => 1,
        'metering/ambient_lux' => 5,
    ];
    $lamp = (new Scene(Cases::demo($projector)))->lamps['key'];
    $ahead = fn (float $far, float $aside): float => $lamp->luxAt(
        $lamp->centre()->plus($lamp->facing()->times($far))->plus($lamp->facing()->cross(new Vec3(0, 0, 1))->unit()->times($aside)),
        $lamp->facing()->times(-1),
    );
    // Throw 1.5: a metre wide at 1.5 m, as bright at its edge as in the middle; twice as far, a quarter.
    expect($ahead(1.5, 0.0))
        ->toEqualWithDelta(12000 / 2.25, 1.0)
        ->and($ahead(1.5, 0.49))
        ->toEqualWithDelta(12000 / 2.25, 1.0)
        ->and($ahead(1.5, 0.51))
        ->toBe(0.0)
        ->and($ahead(3.0, 0.0))
        ->toEqualWithDelta(12000 / 9, 1.0)
        ->and($lamp->lumens())->toEqualWithDelta(12000 / 1.5 ** 2 / 1.778, 1.0);
    $taken = (new Scene(Cases::demo($projector)))->room()->taken()[0];
    expect($taken)->toEqualWithDelta($lamp->lumens(), 0.03 * $lamp->lumens());
    expect(lightVerdicts($projector, 'miller')['shadows-stay-out-of-frame'] ?? '')->toBe('watch body')
        ->and(
            lightVerdicts($projector + ['lights/key/silhouette' => true], 'miller')['shadows-stay-out-of-frame'] ?? '',
        )->toBe('holds meant')
        ->and(lightVerdicts(['lights/key/silhouette' => true], 'key')['shadows-stay-out-of-frame'] ?? '')->toBe('watch missed');
});

it('proposes as the schools of hour and room lamps have it', function (): void {
    $globe = [
        'lights/-' => [
            'id' => 'globe', 'name' => 'Globe', 'fixture' => 'lantern-60', 'stand' => 'light-stand', 'x_m' => 0.6,
            'y_m' => 4.2, 'height_m' => 1.3, 'subject' => 'miller', 'dimmer' => 0.3, 'practical' => true,
            'kelvin' => 2700,
        ],
    ];
    $kept = function (string $school) use ($globe): array {
        $situation = new Situation(Cases::demo($globe + ['/brief/schools/room-lamps' => $school]));
        $after = (new LightSearch($situation, Judge::standard()))
            ->proposals()[0]->edit
            ->applyTo($situation->setup->plan)
            ->again($situation->setup);

        return array_column($after->setup->lights, 'kelvin', 'id');
    };
    expect($kept('off'))->not
        ->toHaveKey('globe')
        ->and($kept('practicals')['globe'])
        ->toBe(2700.0)
        ->and($kept('swap-globes')['globe'])
        ->toBe(5600.0);
    $names = fn (array $more): array => array_column(
        (new LightSearch(new Situation(Cases::demo($more + ['metering/ambient_lux' => 170])), Judge::standard()))->proposals(),
        'name',
    );
    expect($names([]))->toContain('daylight')->and($names(['/brief/schools/hour' => 'after-dark']))->not->toContain('daylight');
});

it('gives everyone in the dark a lamp of their own', function (): void {
    $situation = new Situation(
        Cases::demo(['@' => 'duo', 'metering/ambient_lux' => 4, 'subjects/wren/x_m' => 6.8, 'subjects/tamsin/x_m' => 2.6]),
    );
    $proposals = array_filter((new LightSearch($situation, Judge::standard()))->proposals(), fn ($p): bool => $p->name !== 'one-lamp');
    expect($proposals)->not->toBe([]);
    foreach ($proposals as $proposal) {
        $after = new Situation($proposal->edit->applyTo($situation->setup->plan)->again($situation->setup));
        $faces = array_map(fn ($p): float => $after->face($p->id)->light->stopsOver(), $after->setup->subjects());
        expect(min($faces))
            ->toBeGreaterThan(-0.5)
            ->and(max($faces))
            ->toBeLessThan(0.5)
            ->and(array_unique(array_column($after->setup->setup->lights, 'subject')))
            ->toHaveCount(2);
    }
});

it('keeps the face over a walk by a carried lamp, and says what else changes', function (): void {
    $walk = fn (array $more, float $to = 4.9): array => $more + [
        'walks/-' => ['id' => 'w', 'name' => 'to the window', 'person' => 'miller', 'to_x_m' => $to, 'to_y_m' => 2.6],
        'microphones' => [],
        'metering/ambient_lux' => 5,
        'lights/key/fixture' => 'panel-60',
        'lights/key/x_m' => 2.6,
        'lights/key/y_m' => 1.4,
        'lights/key/dimmer' => 1,
    ];
    $of = fn (array $more, float $to = 4.9): string => lightVerdicts($walk($more, $to), 'miller')['walk-keeps-its-light'] ?? '';
    expect($of([]))->toBe('watch drifts')->and($of([], 9.0))->toBe('breaks leaves')
        // Held at its distance, the same lamp gives the same wherever they go; what they pass may still change.
        ->and($of(['lights/key/carried' => true]))->toBeIn(['holds holds', 'watch behind'])
        ->and(
            $of(
                [
                    'lights/key/carried' => true,
                    'microphones' => [
                        [
                            'id' => 'boom', 'name' => 'Boom', 'kind' => 'boom', 'model' => 'short-line',
                            'pole' => 'pole-3', 'stand' => 'boom-stand', 'subject' => 'miller', 'x_m' => 2.9,
                            'y_m' => 2.3, 'height_m' => 1.7, 'stand_x_m' => 2.4, 'stand_y_m' => 1.0,
                            'stand_height_m' => 1.8,
                        ],
                    ],
                ],
            ),
        )->toBe('watch boom');
    $setup = Cases::demo($walk([]));
    $steps = Walk::allOf(new Situation($setup))[0]->steps();
    $still = (new Situation(Cases::demo($walk(['subjects/miller/x_m' => 4.05, 'subjects/miller/y_m' => 2.675]))))->face('miller')->light->totalLux();
    expect($steps[2]->lux)->toEqualWithDelta($still, 0.02 * $still)->and($steps[0]->lux)->toBeGreaterThan(1.4 * $steps[4]->lux);
    $found = array_values(
        array_filter(Judge::standard()->judge($setup)->findings, fn (Finding $f): bool => $f->check === 'walk-keeps-its-light'),
    )[0];
    $carried = new Situation($found->ideas()[0]->edit->applyTo($setup->plan)->again($setup));
    expect(Walk::allOf($carried)[0]->drift())->toBeLessThan(0.3);
});

it('watches colour, windows, hours and heat', function (): void {
    expect(lightVerdicts(['lights/key/duv' => 0.01], 'miller')['tint-is-neutral'])
        ->toBe('watch fails')
        ->and(lightVerdicts(['lights/key/duv' => 0.01, 'lights/key/before' => 'gel-minus-green'], 'miller')['tint-is-neutral'])
        ->toBe('holds holds')
        // B turned to the south window: under a clear sky it burns out in a low light, behind a lined curtain it does not.
        ->and(
            lightVerdicts(
                $window = [
                    'metering/weather' => 'clear',
                    'metering/iso' => 3200,
                    'cameras/cam-b/x_m' => 5.6,
                    'cameras/cam-b/y_m' => 3.2,
                    'cameras/cam-b/focal_mm' => 24,
                ],
                'south-window',
            )['window-keeps-its-detail'],
        )->toBe('watch fails')
        ->and(
            lightVerdicts(
                $window + ['/locations/stone-room/space/openings/south-window/curtain' => 'lined'],
                'south-window',
            )['window-keeps-its-detail'],
        )->toBe('holds holds')
        ->and(
            lightVerdicts(
                ['@' => 'duo', 'metering/weather' => 'clear', 'lights/duo-key/on' => false, 'lights/duo-edge/on' => false],
                'tamsin',
            )['light-is-steady'],
        )->toBe('watch fails')
        ->and(lightVerdicts(['@' => 'duo', 'metering/weather' => 'overcast'], 'tamsin')['light-is-steady'])->toBe('holds holds')
        ->and(
            lightVerdicts(
                ['lights/key/fixture' => 'open-650', 'lights/key/before' => 'gel-half-warm'],
                'key',
            )['hot-lamps-keep-their-distance'],
        )->toBe('breaks fails')
        ->and(
            lightVerdicts(['lights/key/fixture' => 'open-650', 'lights/key/height_m' => 2.6], 'key')['hot-lamps-keep-their-distance'],
        )->toBe('breaks ceiling')
        ->and(lightVerdicts(['lights/key/fixture' => 'open-650'], 'key')['hot-lamps-keep-their-distance'])->toBe('holds holds');
    // A lamp in A’s frame is in the way; as a practical it may be seen, and must not burn out.
    $seen = fn (float $dim, bool $practical): array => lightVerdicts(
        [
            'lights/-' => [
                'id' => 'globe', 'name' => 'Globe', 'fixture' => 'lantern-60', 'stand' => 'light-stand', 'x_m' => 2.9,
                'y_m' => 4.4, 'height_m' => 1.3, 'subject' => 'miller', 'dimmer' => $dim, 'practical' => $practical,
            ],
        ],
        'globe',
    );
    expect($seen(0.3, false)['frame-is-clear'])
        ->toContain('breaks')
        ->and($seen(0.3, true))->not
        ->toHaveKey('frame-is-clear')
        ->and($seen(1.0, true)['practicals-hold'])
        ->toBe('watch fails')
        ->and($seen(0.05, true)['practicals-hold'])
        ->toBe('holds holds');
});

it('proposes three ways to light the miller that hold, keep out of frame and give the stop', function (): void {
    $situation = new Situation(Cases::demo());
    $search = new LightSearch($situation, Judge::standard());
    $proposals = $search->proposals();
    expect($proposals)
        ->toHaveCount(3)
        ->and(array_unique(array_column($proposals, 'name')))
        ->toHaveCount(3)
        ->and($search->considered())
        ->toBeGreaterThan(2000);
    foreach ($proposals as $proposal) {
        $after = $proposal->edit->applyTo($situation->setup->plan)->again($situation->setup);
        $lamps = array_column($after->setup->lights, 'id');
        $broken = array_filter(
            Judge::standard()->judge($after)->findings,
            fn (Finding $f): bool => $f->severity === Severity::Breaks && array_intersect($f->about, $lamps) !== [],
        );
        expect($broken)->toBe([])->and(abs((new Situation($after))->face('miller')->light->stopsOver()))->toBeLessThan(0.35);
    }
    // By the school of the open face the first one is lit from the side that A sees.
    $open = new Situation(Cases::demo(['/brief/schools/contrast' => 'open']));
    $first = (new LightSearch($open, Judge::standard()))->proposals()[0];
    expect((new Situation($first->edit->applyTo($open->setup->plan)->again($open->setup)))->face('miller')->isShort())->toBeFalse();
});

it('lights the open by all of the sky, and throws the sun by a board', function (): void {
    $open = Cases::demo(
        ['metering/weather' => 'overcast', 'lights/key/on' => false, '/locations/stone-room/space/ceiling' => ['kind' => 'none']],
    );
    $scene = new Scene($open);
    $day = $scene->windows()->day;
    // A dome turned level has half of its sight full of sky and half of ground: E of the sky, and π times what the ground shows.
    expect($scene->windows()->openSky(new Vec3(3, 2, 1.5)))->toEqualWithDelta($day->skyLux + M_PI * $day->groundNits(), 1e-9)
        ->and($scene->windows()->diffuse(new Vec3(3, 2, 1.5), new Vec3(0, 0, 1))['sky'])->toEqualWithDelta($day->skyLux, 1e-9)
        ->and((new FaceReading($scene, $open->bodies['miller']))->byDay['sky'])->toBeGreaterThan(
            10 * array_sum((new FaceReading(new Scene(Cases::demo(['metering/weather' => 'overcast'])), $open->bodies['miller']))->byDay),
        );

    // Sun behind the face at 30°, a board before it: the normal halves the angle, as a mirror's.
    $sun = new Vec3(0, cos(M_PI / 6), sin(M_PI / 6));
    $board = Reflector::at(
        new Vec3(0, 3, 1),
        new Vec3(0, 0, 1.5),
        new Vec3(0, cos(M_PI / 6), sin(M_PI / 6)),
        80_000,
        1.2,
        0.8,
        Reflector::DULL_RAD,
    );
    expect($board)->not
        ->toBeNull()
        ->and($board->normal->angleTo($sun))
        ->toEqualWithDelta($board->normal->angleTo(new Vec3(0, -3, 0.5)), 1e-9)
        ->and($board->lux)->toBeLessThan(0.8 * 80_000)->toBeGreaterThan(1000);
    // Twice as far is weaker; a bright one throws more; the sun at 15° an hour leaves a narrow beam sooner.
    $far = Reflector::at(new Vec3(0, 6, 1), new Vec3(0, 0, 1.5), $sun, 80_000, 1.2, 0.8, Reflector::DULL_RAD);
    $bright = Reflector::at(new Vec3(0, 3, 1), new Vec3(0, 0, 1.5), $sun, 80_000, 1.2, 0.9, Reflector::BRIGHT_RAD);
    $turning = fn (float $s): Vec3 => new Vec3(
        cos(M_PI / 6) * sin($s / 240 * M_PI / 180),
        cos(M_PI / 6) * cos($s / 240 * M_PI / 180),
        sin(M_PI / 6),
    );
    expect($far->lux)
        ->toBeLessThan($board->lux)
        ->and($bright->lux)
        ->toBeGreaterThan($board->lux)
        ->and($bright->leavesAfterS($turning))
        ->toBeLessThan($board->leavesAfterS($turning))
        ->and($bright->leavesAfterS($turning))->toEqualWithDelta(rad2deg($bright->offRad) / cos(M_PI / 6) * 240, 90);
});

it('says how far a lamp may come nearer or go, and what it leaves the background', function (): void {
    // A small lamp goes by the square: half a stop is a factor of the fourth root of two; a large one may move more than that.
    $of = function (string $fixture): array {
        $all = [];
        foreach (Figures::of(new Situation(Cases::demo(['lights/key/fixture' => $fixture]))) as $figure) {
            $figure->kind === 'light' ? $all[$figure->name] = $figure->value->value : null;
        }

        return $all;
    };
    [$small, $large] = [$of('open-200'), $of('soft-120')];
    expect($small['half_stop_near'])
        ->toEqualWithDelta($small['distance'] / 2 ** 0.25, 0.01)
        ->and($small['half_stop_far'])
        ->toEqualWithDelta($small['distance'] * 2 ** 0.25, 0.01)
        ->and($large['distance'] - $large['half_stop_near'])
        ->toBeGreaterThan($small['distance'] - $small['half_stop_near'])
        ->and($small['to_background'])
        ->toBeGreaterThan(0.5);
});

/** @return array<string, int> how many lamps each proposal has, by its name */
function lampsProposed(Plans $plan): array
{
    $setup = $plan->setup();
    $counts = [];
    foreach ((new LightSearch(new Situation($setup), Judge::standard()))->proposals() as $proposal) {
        $counts[$proposal->name] = count($setup->after($proposal->edit)->setup->lights);
    }

    return $counts;
}

it('lights with number of lamps you chose', function (): void {
    $dark = Plans::room(8, 7)->sitter('ann', 4, 4.4)->interviewer('bo', 4.5, 1.2)->with(['subjects/ann/looks_at' => 'bo'])->camera('a', 4, 1.6);
    $by = static fn (string $school): array => lampsProposed($dark->with(['/brief/schools/lamps' => $school]));

    expect(max($by('three')))->toBe(3)->and(max($by('five-or-six')))->toBe(4)->and(max($by('one')))->toBe(1)
        ->and(max(lampsProposed($dark->with(['/brief/schools/lamps' => 'three', '/kit/stock' => [
            ...array_map(
                static fn (string $id): array => ['id' => $id, 'model' => $id, 'count' => $id === 'soft-90' ? 1 : 0],
                array_keys($dark->setup()->plan->kit->fixtures),
            ),
        ]]))))->toBe(1);
});

it('finds three unlike ways in rooms that nobody thought of', function (): void {
    mt_srand(3);
    $between = static fn (float $a, float $b): float => $a + ($b - $a) * mt_rand() / mt_getrandmax();
    for ($i = 0; $i < 5; $i++) {
        [$w, $d, $h] = [$between(4.5, 9), $between(4.5, 8), $between(2.5, 3.6)];
        [$x, $y] = [$between(1.8, $w - 1.8), $between(2.9, $d - 1.2)];
        $far = $between(1.8, min(3.2, $y - 0.6));
        $plan = Plans::room($w, $d, $h)->sitter('ann', $x, $y)->interviewer('bo', min($w - 0.5, $x + 0.6), max(0.5, $y - $far - 0.3))
            ->with(['subjects/ann/looks_at' => 'bo'])->camera('a', $x, $y - $far);

        expect(array_keys(lampsProposed($plan)))->toHaveCount(3)->toContain('classic');
    }
});
