<?php

declare(strict_types=1);

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Isolines;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;

$nook = new Polygon([new Vec2(0, 0), new Vec2(4, 0), new Vec2(4, 2), new Vec2(2, 2), new Vec2(2, 4), new Vec2(0, 4)]);

it('measures a floor with a nook', function () use ($nook): void {
    expect($nook->signedArea())->toBe(12.0)
        ->and($nook->contains(new Vec2(1, 3)))->toBeTrue()
        ->and($nook->contains(new Vec2(3, 3)))->toBeFalse()
        ->and($nook->distanceTo(new Vec2(3, 3)))->toBe(1.0)
        ->and($nook->distanceTo(new Vec2(1, 1)))->toBe(0.0)
        ->and($nook->borderDistanceTo(new Vec2(1, 1)))->toBe(1.0);
});

it('tells how far two footprints are apart', function (Polygon $one, Polygon $other, float $gap): void {
    expect($one->gapTo($other))->toEqualWithDelta($gap, 1e-9)->and($other->gapTo($one))->toEqualWithDelta($gap, 1e-9);
})->with([
    'apart' => [Polygon::box(new Vec2(0, 0), 1, 1, 0), Polygon::box(new Vec2(2, 0), 1, 1, 0), 1.0],
    'overlapping' => [Polygon::box(new Vec2(0, 0), 1, 1, 0), Polygon::box(new Vec2(0.5, 0.2), 1, 1, 0), 0.0],
    'one inside the other' => [Polygon::box(new Vec2(0, 0), 4, 4, 0), Polygon::circle(new Vec2(0, 0), 0.5), 0.0],
    'crossing without a corner inside' => [Polygon::box(new Vec2(0, 0), 4, 0.5, 0), Polygon::box(new Vec2(0, 0), 0.5, 4, 0), 0.0],
    'corner to side' => [Polygon::box(new Vec2(0, 0), 1, 1, 0), Polygon::box(new Vec2(2, 0), M_SQRT2, M_SQRT2, M_PI / 4), 0.5],
]);

it('turns a box with its bearing, clockwise from +y', function (): void {
    $box = Polygon::box(new Vec2(0, 0), 1.0, 3.0, M_PI / 2);

    expect(max(array_map(fn (Vec2 $c): float => $c->x, $box->corners)))
        ->toEqualWithDelta(1.5, 1e-9)
        ->and($box->signedArea())
        ->toEqualWithDelta(3.0, 1e-9);
});

it('finds walls that cross', function (): void {
    $bow = new Polygon([new Vec2(0, 0), new Vec2(2, 0), new Vec2(0, 1), new Vec2(2, 1)]);

    expect($bow->selfCrossing())->toBe([1, 3])->and(Polygon::circle(new Vec2(0, 0), 1)->selfCrossing())->toBeNull();
});

it('meets a wall ahead of a ray and not behind it', function (): void {
    $wall = new Segment(new Vec2(-1, 2), new Vec2(1, 2));

    expect($wall->hitBy(new Vec2(0, 0), new Vec2(0, 1)))->toBe(2.0)
        ->and($wall->hitBy(new Vec2(0, 0), new Vec2(0, -1)))->toBeNull()
        ->and($wall->hitBy(new Vec2(3, 0), new Vec2(0, 1)))->toBeNull()
        ->and($wall->hitBy(new Vec2(0, 0), new Vec2(1, 0)))->toBeNull();
});

it('wraps and clamps turns', function (): void {
    expect(Turn::wrapped(3 * M_PI))->toEqualWithDelta(M_PI, 1e-9)
        ->and(Turn::wrapped(-0.5))->toEqualWithDelta(-0.5, 1e-9)
        ->and(Turn::clamped(deg2rad(170), deg2rad(-170), deg2rad(30)))->toEqualWithDelta(deg2rad(-190), 1e-9)
        ->and(Turn::clamped(2.0, 0.0, 1.0))->toBe(1.0);
});

it('clips to the frame', function (array $points, float $area): void {
    expect(Convex::area(Convex::clip($points, 1.0, 1.0)))->toEqualWithDelta($area, 1e-9);
})->with([
    'inside' => [[[-0.5, -0.5], [0.5, -0.5], [0.5, 0.5], [-0.5, 0.5]], 1.0],
    'half outside' => [[[0.0, -0.5], [2.0, -0.5], [2.0, 0.5], [0.0, 0.5]], 1.0],
    'around it' => [[[-9.0, -9.0], [9.0, -9.0], [9.0, 9.0], [-9.0, 9.0]], 4.0],
    'outside' => [[[2.0, 2.0], [3.0, 2.0], [3.0, 3.0]], 0.0],
    'a corner cut' => [[[0.0, 0.0], [2.0, 0.0], [0.0, 2.0]], 1.0],
]);

it('makes a hull without the points inside, and samples that add up to it', function (): void {
    $hull = Convex::hull([[0.0, 0.0], [1.0, 0.0], [1.0, 1.0], [0.0, 1.0], [0.5, 0.5], [0.2, 0.9]]);

    expect($hull)->toHaveCount(4)
        ->and(Convex::area($hull))->toEqualWithDelta(1.0, 1e-12)
        ->and(array_sum(array_column(Convex::samples($hull, 0.01), 1)))->toEqualWithDelta(1.0, 1e-12);
});

it('draws lines of equal value where they are', function (): void {
    // A cone: the line of height 2 is the circle of radius 2 about its middle; a saddle gives two lines that do not cross.
    $cone = array_map(fn (int $i): array => array_map(fn (int $j): float => hypot($i - 5, $j - 5), range(0, 10)), range(0, 10));
    foreach (Isolines::at($cone, 2.0) as $piece) {
        foreach ($piece as [$x, $y]) {
            expect(hypot($x - 5, $y - 5))->toEqualWithDelta(2.0, 0.12);
        }
    }
    expect(Isolines::at($cone, 2.0))->not
        ->toBe([])
        ->and(Isolines::at($cone, 99.0))
        ->toBe([])
        ->and(Isolines::at([[0.0, 1.0], [1.0, 0.0]], 0.5))
        ->toHaveCount(2);
});
