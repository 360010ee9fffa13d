<?php

declare(strict_types=1);

use FineFrame\Document\InvalidDocument;
use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Plan\Refit;
use FineFrame\Space\Room;
use FineFrame\Tests\Cases;

function taped(array $lengths, array $turns = [], array $more = []): Room
{
    $walls = array_map(fn (int $i): array => ['id' => "w$i", 'name' => "wall $i", 'length_m' => $lengths[$i], 'turn_deg' => $turns[$i] ?? 90], array_keys($lengths));
    $problems = new Problems;
    $room = Room::read(Node::root(['height_m' => 2.5, 'walls' => $walls] + $more, $problems));
    $problems->raise();

    return $room;
}

it('closes a chain and spreads a small gap', function (): void {
    $room = taped([5.02, 4.0, 5.0, 4.0]);

    expect($room->closure->misclosureM)->toEqualWithDelta(0.02, 1e-9)
        ->and($room->floor->signedArea())->toEqualWithDelta(20.04, 0.02);
});

it('solves walls and a diagonal that shear a rectangle', function (): void {
    $room = taped([5.0, 4.0, 5.0, 4.0], [], ['diagonals' => [['from' => 'w0', 'to' => 'w2', 'length_m' => 6.0]]]);

    expect($room->floor->corners[0]->distanceTo($room->floor->corners[2]))->toEqualWithDelta(6.0, 1e-6)
        ->and($room->closure->checked)->toBeFalse();
});

it('refuses a room that cannot be', function (array $lengths, array $turns, array $more, string $sentence): void {
    expect(fn () => taped($lengths, $turns, $more))->toThrow(InvalidDocument::class, $sentence);
})->with([
    'a gap' => [[5.0, 4.0, 4.5, 4.0], [], [], 'do not close: the last wall ends 50 cm'],
    'turns that do not add up' => [[5, 4, 5, 4], [90, 90, 90, 60], [], 'turn by 330° in all'],
    'a nook that runs through the wall across' => [[4, 3, 1, 4, 1, 4, 2, 3], [90, 90, 90, -90, -90, 90, 90, 90], [], 'cross: wall 0 runs through wall 3'],
    'two walls' => [[4, 4], [], [], 'at least three walls'],
    'walked the wrong way' => [[5, 4, 5, 4], [-90, -90, -90, -90], [], 'turn by -360°'],
    'a negative length' => [[5, -4, 5, 4], [], [], '/walls/1/length_m: must be between 5 cm and 100.00 m'],
    'a diagonal that cannot be' => [[5, 4, 5, 4], [], ['diagonals' => [['from' => 'w0', 'to' => 'w2', 'length_m' => 12]]], '/diagonals'],
    'a window past its wall' => [[5, 4, 5, 4], [], ['openings' => [['id' => 'o', 'name' => 'o', 'kind' => 'window', 'wall' => 'w1', 'offset_m' => 3.5, 'width_m' => 1, 'head_m' => 2]]], 'runs past the end of wall 1'],
    'a door through the ceiling' => [[5, 4, 5, 4], [], ['openings' => [['id' => 'o', 'name' => 'o', 'kind' => 'door', 'wall' => 'w1', 'offset_m' => 1, 'width_m' => 1, 'head_m' => 2.8]]], 'above the ceiling at 2.50 m'],
]);

it('brings inside what a smaller room would leave outside', function (): void {
    $setup = Cases::demo();
    $small = ['height_m' => 1.7, 'walls' => array_map(fn (int $i): array => ['id' => "n$i", 'name' => "n$i", 'length_m' => 3.6, 'turn_deg' => 90], range(0, 3))];
    $refit = Refit::of($setup->plan, 'stone-room', $small);
    $after = $refit->edit->applyTo($setup->plan)->setup();

    expect($refit->moved)->toBeGreaterThan(3)
        ->and($after->room->floor->contains($after->cameras['cam-b']->placement->place))->toBeTrue()
        ->and($after->setup->lights[0]->heightM)->toBeLessThan(1.7);
});

it('measures a place from two walls that a tape meets squarely', function (): void {
    $setup = Cases::demo();
    $names = array_map(fn ($w) => $w->name, $setup->room->tapeWalls($setup->setup->people[0]->place));

    expect($names)->toBe(['hearth wall', 'window wall']);
});

it('names the reading to take again when the others can tell', function (array $diagonals, string $again): void {
    $taped = array_map(fn (array $d): array => ['from' => "w$d[0]", 'to' => "w$d[1]", 'length_m' => $d[2]], $diagonals);

    expect(fn () => taped([5.0, 3.0, 3.0, 3.0, 3.6], [72, 72, 72, 72, 72], ['diagonals' => $taped]))->toThrow(InvalidDocument::class, $again);
})->with(function (): iterable {
    // The diagonals of one pentagon with these walls, from its solution with two of them.
    $corners = taped([5.0, 3.0, 3.0, 3.0, 3.6], [72, 72, 72, 72, 72], ['diagonals' => [['from' => 'w0', 'to' => 'w2', 'length_m' => 6.2], ['from' => 'w0', 'to' => 'w3', 'length_m' => 5.6]]])->floor->corners;
    $true = fn (int $a, int $b): array => [$a, $b, round($corners[$a]->distanceTo($corners[$b]), 3)];
    $off = fn (int $a, int $b): array => [$a, $b, $true($a, $b)[2] + 0.5];

    yield 'a diagonal' => [[$true(0, 2), $true(0, 3), $off(1, 3), $true(1, 4), $true(2, 4)], 'Tape the diagonal from B to D again.'];
    yield 'one spare reading only' => [[$true(0, 2), $true(0, 3), $off(1, 3)], 'Which one, these readings cannot tell'];
});
