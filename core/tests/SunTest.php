<?php

declare(strict_types=1);

use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Geometry\Vec3;
use FineFrame\Space\Room;
use FineFrame\Space\Rooms;
use FineFrame\Sun\Site;
use FineFrame\Sun\Sky;
use FineFrame\Sun\Sun;
use FineFrame\Sun\SunInRoom;
use FineFrame\Sun\SunPatch;
use FineFrame\Sun\SunStudy;

/** An L of 6 by 6 m, its nook in the north-east 3 by 3 m; a window in its south wall, 1 m from the east end. */
function ell(array $window = [], float $north = 0): Room
{
    $walls = [];
    foreach ([[6, 90], [3, 90], [3, -90], [3, 90], [3, 90], [6, 90]] as $i => [$length, $turn]) {
        $walls[] = ['id' => 'w'.($i + 1), 'name' => "wall $i", 'length_m' => $length, 'turn_deg' => $turn];
    }
    $problems = new Problems;
    $room = Room::read(Node::root([
        'height_m' => 3, 'north_deg' => $north, 'walls' => $walls,
        'openings' => [
            $window + [
                'id' => 'south', 'name' => 'south window', 'kind' => 'window', 'wall' => 'w1', 'offset_m' => 4,
                'width_m' => 1, 'sill_m' => 1, 'head_m' => 2,
            ],
        ],
    ], $problems));
    $problems->raise();

    return $room;
}

it('lets low sun run on to the wall behind, cut where the room juts in', function (): void {
    // From the south at 10°: sill to floor at 5.67 m, but the wall of the nook stands 3 m behind the window.
    $patches = (new SunInRoom(Rooms::of(ell())))->patches(Sun::standing(M_PI, deg2rad(10)));

    expect($patches)->toHaveCount(1)
        ->and($patches[0]->wall)->toBe('w3')
        ->and($patches[0]->areaM2())->toEqualWithDelta(1.0, 1e-9)
        ->and(array_map(fn (Vec3 $c): float => round($c->z, 3), $patches[0]->corners))->toBe([0.471, 0.471, 1.471, 1.471]);
});

it('parts a patch between the floor and two walls without losing any of it', function (): void {
    // Seen from the sun, every patch together is as large as the window.
    $sun = Sun::standing(deg2rad(155), deg2rad(15));
    $patches = (new SunInRoom(Rooms::of(ell())))->patches($sun);
    $towards = $sun->direction();
    $through = cos($sun->altitudeRad) * cos(deg2rad(155 - 180));
    $seen = array_map(static function (SunPatch $p) use ($towards): float {
        $normal = $p->corners[1]->minus($p->corners[0])->cross($p->corners[2]->minus($p->corners[0]))->unit();

        return $p->areaM2() * abs($normal->dot($towards));
    }, $patches);

    expect(array_sum($seen))->toEqualWithDelta($through, 1e-9)
        ->and(count(array_unique(array_map(fn (SunPatch $p): string => $p->wall ?? 'floor', $patches))))->toBe(3);
});

it('keeps the sun out by reveal, curtain, frosted glass and the wall between', function (): void {
    $sun = Sun::standing(M_PI, deg2rad(45));
    $lit = fn (array $window): float => (float) array_sum(
        array_map(fn (SunPatch $p): float => $p->areaM2(), (new SunInRoom(Rooms::of(ell($window))))->patches($sun)),
    );

    expect($lit([]))->toEqualWithDelta(1.0, 1e-9)
        ->and($lit(['reveal_m' => 0.4]))->toEqualWithDelta(0.6, 1e-9)
        ->and($lit(['reveal_m' => 1.0]))->toBe(0.0)
        ->and($lit(['curtain' => 'sheer']))->toBe(0.0)
        ->and($lit(['glazing' => 'frosted']))->toBe(0.0)
        ->and((new SunInRoom(Rooms::of(ell())))->strikes(new Vec3(4.5, 1.5, 0.0), $sun))->toBeTrue()
        ->and((new SunInRoom(Rooms::of(ell())))->strikes(new Vec3(1.5, 4.5, 0.0), Sun::standing(deg2rad(130), deg2rad(10))))->toBeFalse();
});

it('turns the sun with the plan’s north', function (): void {
    $patch = (new SunInRoom(Rooms::of(ell(north: 90))))->patches(Sun::standing(deg2rad(270), deg2rad(45)))[0];

    expect($patch->corners[0]->x)->toEqualWithDelta(4.0, 1e-9)->and($patch->corners[0]->y)->toEqualWithDelta(1.0, 1e-9);
});

it('finds when the chair is struck and the longest steady stretch between', function (): void {
    $study = new SunStudy(Site::at(51.5, -0.1, 'Europe/London'), Rooms::of(ell()), '2026-03-20');
    $spot = new Vec3(4.5, 1.2, 1.2);
    $on = $study->onSpot($spot);

    // Noon sun at 38.5° falls from the head at 2 m to 1.2 m in 1.0 m: at 1.2 m in, the chair's top is above the patch.
    expect($on)->toBe([])
        ->and(count($study->onSpot(new Vec3(4.5, 1.2, 0.6))))->toBe(1)
        ->and($study->onSpot(new Vec3(4.5, 1.2, 0.6))[0][0])->toBeLessThan($study->day->noon)
        ->and($study->steady($spot)[0][1] - $study->steady($spot)[0][0])->toBeGreaterThan(6 * 3600)
        ->and($study->calm($spot))->toBe($study->steady($spot)[0]);
    // A wide window keeps the sun on the spot for most of the day: the calm is before or after it.
    $wide = new SunStudy(Site::at(51.5, -0.1, 'Europe/London'), Rooms::of(ell(['offset_m' => 0.2, 'width_m' => 5.6])), '2026-03-20');
    $lit = $wide->onSpot(new Vec3(3, 1.2, 0.6))[0];
    [$from, $to] = $wide->calm(new Vec3(3, 1.2, 0.6));

    expect($to - 1 < $lit[0] || $from + 1 > $lit[1])->toBeTrue();
});

it('hides the sun below the skyline', function (): void {
    $site = Site::read(
        Node::root(['latitude_deg' => 51.5, 'longitude_deg' => -0.1, 'time_zone' => 'Europe/London', 'skyline_deg' => 40], new Problems),
    );

    expect((new SunStudy($site, Rooms::of(ell()), '2026-03-20'))->throughWindows())->toBe([]);
});

it('counts the hours of a day on which the clock changes', function (): void {
    [$from, $to] = Site::at(52.5, 13.4, 'Europe/Berlin')->day('2026-03-29');

    expect($to - $from)->toBe(23 * 3600.0);
});

it('names the sky', function (float $deg, Sky $sky): void {
    expect(Sky::under(deg2rad($deg)))->toBe($sky);
})->with([[-19, Sky::Night], [-7, Sky::LateTwilight], [-5, Sky::Dusk], [-3.9, Sky::Golden], [5.9, Sky::Golden], [6.1, Sky::Day]]);
