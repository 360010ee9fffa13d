<?php

declare(strict_types=1);

use FineFrame\Scene\Intrusions;
use FineFrame\Scene\Scene;
use FineFrame\Tests\Plans;

/** A camera over a floor of boxes of which some are not to be seen. */
function crowded(int $seed, bool $isMirrored = false): Scene
{
    mt_srand($seed);
    $plan = Plans::room(6, 6)->sitter('ann', 3, 5);
    $any = fn (float $from, float $to): float => $from + ($to - $from) * mt_rand() / mt_getrandmax();
    for ($i = 0; $i < 10; $i++) {
        [$x, $turn] = [$any(1.2, 4.8), $any(0, 90)];
        $plan = $plan->thing(
            "box-$i",
            $isMirrored ? 6 - $x : $x,
            $any(1.8, 4.3),
            $any(0.1, 0.6),
            $any(0.1, 0.6),
            $any(0.5, 1.6),
            ['turn_deg' => $isMirrored ? 360 - $turn : $turn, 'keep_out' => $i % 3 === 0],
        );
    }

    return new Scene(
        $plan->camera('a', 3, 0.6, null, ['focal_mm' => 28, 'aim' => ['mode' => 'eyes', 'subject' => 'ann', 'side' => 'centred']])->setup(),
    );
}

it('tells the share of the frame that each thing fills, as rays do, and the same in a mirror', function (int $seed): void {
    [$scene, $mirror] = [crowded($seed), crowded($seed, true)];
    $view = $scene->views['a'];
    $counted = [];
    [$across, $up] = [240, 135];
    for ($i = 0; $i < $across * $up; $i++) {
        $ray = $view->ray(
            [(2 * ($i % $across + 0.5) / $across - 1) * $view->cropX, (2 * (intdiv($i, $across) + 0.5) / $up - 1) * $view->cropY],
        );
        [$nearest, $owner] = [INF, ''];
        foreach ($scene->solids as $solid) {
            $met = $solid->owner === 'a' ? null : $solid->hitBy($view->eye, $ray);
            [$nearest, $owner] = $met !== null && $met < $nearest ? [$met, $solid->owner] : [$nearest, $owner];
        }
        $counted[$owner] = ($counted[$owner] ?? 0) + 1;
    }
    [$told, $mirrored] = array_map(
        fn (Scene $s): array => array_column(
            array_map(fn ($i): array => [$i->owner, $i->share], (new Intrusions($s, $s->views['a']))->all()),
            1,
            0,
        ),
        [$scene, $mirror],
    );
    foreach (['box-0', 'box-3', 'box-6', 'box-9'] as $box) {
        expect($told[$box] ?? 0.0)
            ->toEqualWithDelta(($counted[$box] ?? 0) / ($across * $up), 0.003)
            ->and($mirrored[$box] ?? 0.0)
            ->toEqualWithDelta($told[$box] ?? 0.0, 0.003);
    }
})->with([1, 2]);

it('sees a sliver beside what hides the rest', function (float $aside, bool $shows): void {
    // The stick stands behind a post of 30 cm: at 15 cm aside its edge comes out.
    $plan = Plans::room(6, 6)
        ->sitter('ann', 3, 5.4)
        ->thing('post', 3.0, 2.0, 0.3, 0.3, 2.5)
        ->thing('stick', 3.0 + $aside, 2.4, 0.02, 0.02, 1.2, ['keep_out' => true])
        ->camera('a', 3, 0.6, null, ['aim' => ['mode' => 'eyes', 'subject' => 'ann', 'side' => 'centred']]);
    $scene = new Scene($plan->setup());
    expect(in_array('stick', array_column((new Intrusions($scene, $scene->views['a']))->all(), 'owner'), true))->toBe($shows);
})->with(['hidden' => [0.19, false], 'half a centimetre of it' => [0.212, true], 'all of it' => [0.3, true]]);
