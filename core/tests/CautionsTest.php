<?php

declare(strict_types=1);

use FineFrame\Judge\Caution;
use FineFrame\Judge\Cautions;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Sound\SoundDose;
use FineFrame\Tests\Plans;

/** @return list<string> "case: thing or number" of each caution */
function cautioned(Plans $plan): array
{
    return array_map(static function (Caution $c): string {
        $first = array_values($c->arguments)[0];

        return "$c->case: ".($first instanceof Quantity ? round($first->value, 2) : $first);
    }, (new Cautions(new Situation($plan->setup())))->all());
}

dataset('what calls for a caution', static function (): iterable {
    $room = Plans::room(8, 7)->sitter('ann', 4, 4.4);
    $lamp = static fn (float $height, array $more = []): Plans => $room->lamp('l', 2, 2, 'ann', $more + ['height_m' => $height]);
    $mark = static fn (float $at, float $y): array => [
        'id' => "m$at", 'at_s' => $at, 'x_m' => 4, 'y_m' => $y, 'height_m' => 1.2, 'focal_mm' => 50, 'subject' => 'ann',
    ];
    $carried = static fn (Plans $plan, float $from, float $to): Plans => $plan->camera('a', 4, $from)->with([
        'cameras/a/support' => 'gimbal', 'moves' => [['id' => 'm', 'camera' => 'a', 'marks' => [$mark(0, $from), $mark(8, $to)]]],
    ]);
    $lit = $room->with(['metering/ambient_lux' => 200]);
    yield 'nothing stands' => [$room, []];
    yield 'a lamp within reach' => [$lamp(1.5), ['gloves: one pair', 'mains: 150', 'floor: 1']];
    yield 'out of reach' => [$lamp(2.3), ['ladder: L', 'gloves: one pair', 'mains: 150', 'floor: 1']];
    yield 'over heads, on a clamp' => [
        $lamp(2.5, ['stand' => 'clamp']), ['second-line: L', 'ladder: L', 'gloves: one pair', 'mains: 150'],
    ];
    yield 'a clamp low down' => [$lamp(1.2, ['stand' => 'clamp']), ['gloves: one pair', 'mains: 150']];
    yield 'a lamp that burns' => [
        $lamp(1.5, ['fixture' => 'open-650']), ['hot: L', 'gloves: one pair', 'mains: 650', 'floor: 1'],
    ];
    yield 'the same, off' => [$lamp(1.5, ['fixture' => 'open-650', 'on' => false]), ['gloves: one pair', 'floor: 1']];
    yield 'three who rig' => [$lamp(1.5)->with(['/brief/facts/hands' => 3]), ['gloves: 3 pairs', 'mains: 150', 'floor: 1']];
    yield 'walking up to her' => [$carried($lit, 1, 2.5), []];
    yield 'backing away from her' => [$carried($lit, 2.5, 1), ['backwards: A']];
    yield 'in the dark' => [$carried($room->with(['metering/ambient_lux' => 1]), 1, 2.5), ['dark: A']];
    yield 'drums' => [$room->with(['subjects/ann/plays' => 'drums'])->camera('a', 4, 2.9), ['loud: 94.51', 'floor: 1']];
    yield 'a cello' => [$room->with(['subjects/ann/plays' => 'cello'])->camera('a', 4, 2.9), ['floor: 1']];
});

it('cautions where something calls for it, and nowhere else', function (Plans $plan, array $said): void {
    expect(cautioned($plan))->toBe($said);
})->with('what calls for a caution');

it('halves the hours for each 3 dB', function (float $db, float $hours): void {
    expect(SoundDose::hours($db))->toEqualWithDelta($hours, 1e-9);
})->with([[80, 8], [83, 4], [95, 0.25]]);
