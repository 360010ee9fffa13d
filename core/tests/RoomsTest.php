<?php

declare(strict_types=1);

use FineFrame\Document\InvalidDocument;
use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Plan\Edit;
use FineFrame\Plan\NewPlace;
use FineFrame\Plan\PlanReader;
use FineFrame\Plan\PlanWriter;
use FineFrame\Plan\SetupPlan;
use FineFrame\Scene\Intrusions;
use FineFrame\Scene\Scene;
use FineFrame\Space\Room;
use FineFrame\Space\Rooms;
use FineFrame\Sun\Sun;
use FineFrame\Sun\SunInRoom;
use FineFrame\Tests\Cases;

/** @return list<array<string, mixed>> */
function box(string $prefix, float $width, float $depth): array
{
    return array_map(
        fn (int $i): array => ['id' => "$prefix$i", 'name' => "$prefix$i", 'length_m' => $i % 2 ? $width : $depth, 'turn_deg' => 90],
        range(1, 4),
    );
}

/**
 * A hall of 5 by 4 m; in its north wall, 0.6 m thick, a door of 1 m from x = 3 to x = 2; behind it a store of 3 by 2 m with a window in its
 * far wall.
 */
function twoRooms(array $store = []): Room
{
    $problems = new Problems;
    $room = Room::read(Node::root([
        'height_m' => 3, 'walls' => box('w', 5, 4),
        'openings' => [
            [
                'id' => 'door', 'name' => 'door', 'kind' => 'door', 'wall' => 'w3', 'offset_m' => 2, 'width_m' => 1,
                'head_m' => 2, 'reveal_m' => 0.6,
            ],
        ],
        'rooms' => [$store + ['id' => 'store', 'name' => 'store', 'through' => 'door', 'wall' => 's1', 'offset_m' => 0.5, 'space' => [
            'height_m' => 2.4, 'walls' => box('s', 3, 2),
            'openings' => [
                [
                    'id' => 'pane', 'name' => 'pane', 'kind' => 'window', 'wall' => 's3', 'offset_m' => 1.5,
                    'width_m' => 1, 'sill_m' => 1, 'head_m' => 2,
                ],
            ],
        ]]],
    ], $problems));
    $problems->raise();

    return $room;
}

it('lays a room behind its door, as far off as the wall is thick', function (): void {
    $store = Rooms::of(twoRooms())->called('store')->room;
    $corners = array_map(fn (Vec2 $c): array => [round($c->x, 6), round($c->y, 6)], $store->floor->corners);

    // Its first wall begins half a metre before the door's near side and runs with the hall's x.
    expect($corners)->toBe([[1.5, 4.6], [4.5, 4.6], [4.5, 6.6], [1.5, 6.6]])
        ->and($store->ceiling->heightAt(new Vec2(2, 5)))->toBe(2.4);
});

it('measures, stands and looks from room to room', function (): void {
    $rooms = Rooms::of(twoRooms());

    // Through the middle of the door to the far wall of the store; beside it, to the hall's own wall; aslant, into the side of the wall's
    // thickness.
    expect($rooms->firstWall(new Vec2(2.5, 1), new Vec2(0, 1))[0])->toEqualWithDelta(5.6, 1e-9)
        ->and($rooms->firstWall(new Vec2(1, 1), new Vec2(0, 1))[0])->toEqualWithDelta(3.0, 1e-9)
        ->and($rooms->firstWall(new Vec2(2.5, 3.5), (new Vec2(1, 1.2))->unit())[1]?->id)->toContain('door')
        ->and($rooms->heightAt(new Vec2(2.5, 4.3)))->toBe(2.0)->and($rooms->heightAt(new Vec2(2.5, 6)))->toBe(2.4)
        ->and($rooms->contains(new Vec2(2.5, 4.3)))->toBeTrue()->and($rooms->contains(new Vec2(1.8, 4.3)))->toBeFalse()
        ->and($rooms->tapeWalls(new Vec2(2, 5))[0]->id)->toBe('s1');
});

it('lets the sun through an open door, under its head', function (): void {
    $sun = new SunInRoom(Rooms::of(twoRooms()));
    // From the north at 10°: over a spot on the door's axis, 4.6 m before the pane, the ray passes the door at 0.6 m and the pane at 1.1 m.
    $low = Sun::standing(0.0, deg2rad(10));

    expect($sun->strikes(new Vec3(2.5, 2.0, 0.3), $low))->toBeTrue()
        ->and($sun->strikes(new Vec3(1.0, 2.0, 0.3), $low))->toBeFalse()
        // Steeper, the same pane sees the sun over the lintel only.
        ->and($sun->strikes(new Vec3(2.5, 3.9, 0.3), Sun::standing(0.0, deg2rad(60))))->toBeFalse();
});

it('refuses rooms that cannot be joined so', function (array $store, string $sentence): void {
    expect(fn () => twoRooms($store))->toThrow(InvalidDocument::class, $sentence);
})->with([
    'through nothing' => [['through' => 'hatch'], 'rooms/0/through'],
    'by a wall it has not' => [['wall' => 's9'], '/rooms/0/wall: is not a wall of this room'],
    'past the end of its wall' => [['offset_m' => 2.5], 'past the end of s1, which is 3.00 m long'],
]);

/** The demo's stone room with a store behind a new door in its first wall. */
function mill(array $changes = []): SetupPlan
{
    $demo = Cases::demo(
        [
            '/locations/stone-room/space/openings/-' => [
                'id' => 'hatch', 'name' => 'hatch', 'kind' => 'door', 'wall' => 'w1', 'offset_m' => 3.0,
                'width_m' => 1.2, 'head_m' => 2.0, 'way_out' => false,
            ],
        ],
    );
    $plan = NewPlace::behind($demo->location, $demo->room->all[0], 'hatch', 'store', 3, 3)?->edit->applyTo($demo->plan);

    return (new Edit($changes))->applyTo($plan)->setup();
}

it('joins a room to a place, keeps it in the file and refuses to lay it over another', function (): void {
    $setup = mill();
    $again = PlanReader::json(PlanWriter::json($setup->plan))->setup();

    expect($again->room->called('room-1')->name)->toBe('store')
        ->and(PlanWriter::json($again->plan))->toBe(PlanWriter::json($setup->plan))
        ->and(
            fn () => mill(['/locations/stone-room/space/rooms/room-1/space/walls/room-1-w2/id' => 'w2']),
        )->toThrow(InvalidDocument::class, 'twice')
        ->and(
            fn () => mill(
                ['/locations/stone-room/space/rooms/room-1/wall' => 'room-1-w1', '/locations/stone-room/space/walls/w1/rise_m' => 1.5],
            ),
        )->toThrow(InvalidDocument::class, 'puts store over');
});

it('shows a camera what stands behind the door, and hides what stands behind the wall', function (): void {
    $share = function (float $x): float {
        $at = '/setups/talk/lights/key';
        $setup = mill(
            [
                "$at/x_m" => $x,
                "$at/y_m" => -1.0,
                "$at/height_m" => 1.2,
                '/setups/talk/cameras/cam-a/y_m' => 2.5,
                '/setups/talk/cameras/cam-a/x_m' => 3.1,
                '/setups/talk/cameras/cam-a/aim' => ['mode' => 'free', 'bearing_deg' => 180, 'tilt_deg' => 0],
            ],
        );
        $scene = new Scene($setup);

        return (new Intrusions($scene, $scene->views['cam-a']))->share($scene->solidsOf('key'));
    };

    expect($share(3.6))->toBeGreaterThan(0.01)->and($share(2.2))->toBeLessThan($share(3.6) / 20);
});
