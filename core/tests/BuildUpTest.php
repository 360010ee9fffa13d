<?php

declare(strict_types=1);

use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\DimmerPlan;
use FineFrame\Judge\Judge;
use FineFrame\Judge\LampRig;
use FineFrame\Judge\LampWork;
use FineFrame\Judge\LitFace;
use FineFrame\Judge\Situation;
use FineFrame\Light\Ambient;
use FineFrame\Light\LampPart;
use FineFrame\Light\NoseShadow;
use FineFrame\Light\Softness;
use FineFrame\Propose\BuildUp;
use FineFrame\Propose\LightAsk;
use FineFrame\Propose\LightStep;
use FineFrame\Tests\Checks;
use FineFrame\Tests\Plans;

/** @return list<LightStep> */
function asked(Plans $plan, LightAsk $ask): array
{
    return (new BuildUp(new Situation($plan->setup()), Judge::standard()))->steps($ask, 'ann');
}

/** A plan of the table of checks. */
function ofTable(string $check, string $name): Plans
{
    return array_column(Checks::all()[$check], 1, 0)[$name];
}

/**
 * Ann, key from beyond Bo, a little fill from the lens's side.
 *
 * @param  int  $side  1, or −1 for the same in a mirror
 */
function keyed(int $side = 1): Plans
{
    return Plans::room(8, 7)->sitter('ann', 4, 4.4)->interviewer('bo', 4 + 0.5 * $side, 1.2)->with(['subjects/ann/looks_at' => 'bo'])
        ->camera('a', 4, 1.6)->lamp('key', 4 + 2 * $side, 2.6, null, ['dimmer' => 0.24, 'height_m' => 2.0])
        ->lamp('fill', 4 - 1.4 * $side, 2.0, null, ['dimmer' => 0.1, 'height_m' => 1.5]);
}

it('gives what is asked for, and breaks nothing', function (Plans $plan, LightAsk $ask, string $figure, float $more): void {
    $judge = Judge::standard();
    $steps = asked($plan, $ask);
    $broken = $judge->judge($plan->setup())->broken();
    expect($steps)->not->toBe([]);
    foreach ($steps as $step) {
        $after = new Situation($plan->setup()->after($step->change->edit));
        $lit = LitFace::of($after, 'ann');
        expect($lit->$figure)->toBe($step->after->$figure)
            ->and($more * ((float) $lit->$figure - (float) $step->before->$figure))->toBeGreaterThan(0.1)
            ->and(array_diff($judge->judge($after)->broken(), $broken))->toBe([]);
    }
})->with([
    'a key in the dark' => [ofTable('key-gives-the-stop', 'no lamp, and little is there'), LightAsk::Light, 'over', 1.0],
    'a key that is too bright' => [keyed()->with(['lights/key/dimmer' => 0.9]), LightAsk::Light, 'over', -1.0],
    'more shape' => [keyed(), LightAsk::Shape, 'cheeks', 1.0],
    'more fill' => [keyed()->with(['lights/fill/on' => false]), LightAsk::Even, 'cheeks', -1.0],
    'softer' => [keyed(), LightAsk::Soft, 'seenRad', 1.0],
    'an edge' => [keyed(), LightAsk::Edge, 'hair', 1.0],
    'eyes' => [ofTable('eyes-catch-light', 'too high'), LightAsk::Eyes, 'catches', 1.0],
    'more behind' => [keyed(), LightAsk::MoreBehind, 'under', -1.0],
    'less behind' => [
        keyed()->lamp('wall', 2, 5.4, null, ['dimmer' => 0.2, 'height_m' => 2.2, 'aim_x_m' => 4, 'aim_y_m' => 7, 'aim_height_m' => 1.2]),
        LightAsk::LessBehind, 'under', 1.0,
    ],
]);

it('edges from the side where the window is', function (float $offset, string $wall, int $side): void {
    $plan = keyed($side)->window('w', $wall, $offset, 1.6)->with([
        '/locations/room/site' => ['latitude_deg' => 59.5, 'longitude_deg' => 10.5, 'time_zone' => 'Europe/Oslo'],
        'metering/weather' => 'overcast', '/shoot/date' => '2026-06-21',
        '/brief/days' => [['id' => 'd', 'name' => 'd', 'date' => '2026-06-21', 'from' => '11:00', 'to' => '13:00']],
    ]);
    foreach ($steps = asked($plan, LightAsk::WindowEdge) as $step) {
        $after = new Situation($plan->setup()->after($step->change->edit));
        $new = array_diff_key($after->scene->lamps, ['key' => 0, 'fill' => 0]);
        $body = $after->setup->bodies['ann'];
        $way = reset($new)->centre()->minus($body->eyes)->floor();
        expect(Turn::wrapped($way->bearing() - $body->headBearingRad) * $side)->toBeGreaterThan(0.0);
    }
    expect($steps)->not->toBe([]);
})->with(['on her right' => [1.0, 'left', 1], 'on her left' => [4.0, 'right', -1]]);

it('tries the strongest lamp in by a window, off the room, and straight', function (): void {
    $dark = ofTable('key-gives-the-stop', 'no lamp, and little is there');
    $uses = static fn (Plans $plan): array => array_map(
        static fn (LightStep $s): string => $s->change->arguments['part'],
        asked($plan, LightAsk::Strongest),
    );
    expect($uses($dark))->toEqualCanonicalizing(['off the ceiling', 'off a wall', 'straight, as fill'])
        ->and($uses($dark->window('w', 'left', 3.0, 1.6)))->toContain('in by the w');
});

it('adds no second lamp where one is the school', function (): void {
    $plan = keyed()->with(['lights/fill/on' => false, '/brief/schools/lamps' => 'one']);
    $cases = array_map(static fn (LightStep $s): string => $s->change->case, [...asked($plan, LightAsk::Even), ...asked($plan, LightAsk::Edge)]);
    expect($cases)->not->toContain('add-lamp')->and($cases)->toContain('add-board');
});

it('calls what it places by what it does there', function (): void {
    $step = asked(keyed(), LightAsk::Edge)[0];
    $after = new Situation(keyed()->setup()->after($step->change->edit));
    $new = array_key_first(array_diff_key($after->scene->lamps, ['key' => 0, 'fill' => 0]));
    expect(LampWork::allOf($after)[$new][0]->part)->toBe($after->scene->lamps[$new]->placement->meant)
        ->toBeIn([LampPart::Kicker, LampPart::Back]);
});

it('throws the shadow of a nose away from the light', function (float $azimuth, float $elevation, ?float $millimetres, string $way): void {
    $shadow = NoseShadow::of(deg2rad($azimuth), deg2rad($elevation));
    expect($shadow?->way() ?? 'none')->toBe($way);
    if ($millimetres !== null) {
        expect(1000 * $shadow->lengthM())->toEqualWithDelta($millimetres, 0.05);
    }
})->with([
    // 22 mm · tan θ, θ off the nose.
    'from straight ahead' => [0.0, 0.0, 0.0, ''],
    'from the right, level' => [45.0, 0.0, 22.0, 'to their left'],
    'from above' => [0.0, 45.0, 22.0, 'down'],
    'from below' => [0.0, -30.0, 12.70, 'up'],
    // cos θ = cos 45° · cos 45° = 1/2, θ = 60°.
    'from the left and above' => [-45.0, 45.0, 38.11, 'down to their right'],
    'from the side' => [85.0, 0.0, null, 'none'],
    'from behind' => [170.0, 20.0, null, 'none'],
]);

it('is soft near by and hard far off', function (): void {
    [$hard, $soft] = [deg2rad(16), deg2rad(35)];
    $of = static fn (float $distance): Softness => Softness::of(Softness::seen(0.81, $distance), $hard, $soft);
    expect(array_map($of, [1.0, 2.0, 4.0]))->toBe([Softness::Soft, Softness::Medium, Softness::Hard])
        ->and(Softness::seen(0.81, Softness::distance(0.9, $hard)))->toEqualWithDelta($hard, 1e-9);
});

it('keeps every reading around a head, and says from where most comes', function (): void {
    $lux = ['ahead' => 100.0, 'left' => 300.0, 'right' => 60.0, 'behind' => 80.0, 'above' => 200.0];
    // Ahead is along −y: her right is −x.
    $there = new Ambient($lux, M_PI);
    $at = static fn (float $x, float $y, float $z): float => $there->at(new Vec3($x, $y, $z));
    expect([$at(0, -1, 0), $at(1, 0, 0), $at(-1, 0, 0), $at(0, 1, 0), $at(0, 0, 1)])
        ->each(fn ($one, $i) => $one->toEqualWithDelta(array_values($lux)[$i], 1e-9))
        ->and($there->towards()->x)->toEqualWithDelta(120.0, 1e-9)
        ->and((new Ambient(['ahead' => 100.0, 'left' => null, 'right' => null, 'behind' => 90.0, 'above' => null], 0.0))->towards())->toBeNull();
});

it('sets dimmers for hair as well, and leaves the lamp that is to be kept', function (): void {
    $plan = keyed()->lamp('back', 3.7, 5.6, null, ['fixture' => 'open-200', 'dimmer' => 0.9, 'height_m' => 2.2]);
    $situation = new Situation($plan->setup());
    $solve = static fn (?float $hair, array $keep = []): DimmerPlan => DimmerPlan::for($situation, 'ann', 2.8, 3.0, null, $keep, $hair);
    [$low, $high] = [$solve(0.0), $solve(1.0)];
    $lit = LitFace::of($situation->after($high->edit), 'ann');
    expect($low->hair)->toEqualWithDelta(0.0, 0.3)
        ->and($high->hair)->toBeGreaterThan($low->hair + 0.4)
        ->and($lit->hair)->toEqualWithDelta($high->hair, 0.05)
        ->and($high->dimmers['back'])->toBeGreaterThan($low->dimmers['back'])
        ->and($solve(1.0, ['key'])->dimmers['key'])->toBe(0.24);
});

it('adds up what lamps take to rig, and names the one that is missed least', function (): void {
    $plan = keyed()->thing('black', 1, 3, 1.2, 0.02, 1.2, ['reflects' => 0.03, 'keep_out' => true])
        ->lamp('globe', 7, 6, null, ['fixture' => 'lantern-60', 'practical' => true, 'dimmer' => 0.05]);
    $rig = LampRig::of(new Situation($plan->setup()));
    // Two lamps of six minutes and a black of three; the room's globe is nobody's work.
    expect([$rig->lamps, $rig->stands, $rig->minutes, $rig->first()])->toBe([2, 3, 15.0, 'fill'])
        ->and(LampRig::of(new Situation($plan->with(['/brief/facts/lamp_minutes' => 10])->setup()))->minutes)->toBe(23.0)
        ->and(LampRig::of(new Situation($plan->with(['lights/fill/on' => false])->setup()))->first())->toBeNull()
        ->and($rig->shares['fill'])->toBeLessThan($rig->shares['key']);
});
