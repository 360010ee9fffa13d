<?php

declare(strict_types=1);

use FineFrame\Document\InvalidDocument;
use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Geometry\Vec2;
use FineFrame\Plan\Refit;
use FineFrame\Space\Room;
use FineFrame\Space\Rooms;
use FineFrame\Space\Slip;
use FineFrame\Tests\Cases;

function taped(array $lengths, array $turns = [], array $more = []): Room
{
    $walls = array_map(
        fn (int $i): array => ['id' => "w$i", 'name' => "wall $i", 'length_m' => $lengths[$i], 'turn_deg' => $turns[$i] ?? 90],
        array_keys($lengths),
    );
    $problems = new Problems;
    $room = Room::read(Node::root($more + ['height_m' => 2.5, 'walls' => $walls], $problems));
    $problems->raise();

    return $room;
}

/** @param  list<array{int, int, float}>  $ties */
function ties(array $ties): array
{
    return [
        'ties' => array_map(
            fn (array $t): array => ['id' => "t$t[0]$t[1]", 'from' => "w$t[0]", 'to' => "w$t[1]", 'length_m' => $t[2]],
            $ties,
        ),
    ];
}

it('closes a chain, spreads a small gap and takes the corners on trust', function (): void {
    $room = taped([5.02, 4.0, 5.0, 4.0]);

    expect($room->survey->misclosureM)->toEqualWithDelta(0.02, 1e-9)
        ->and($room->floor->signedArea())->toEqualWithDelta(20.04, 0.02)
        ->and($room->survey->holds())->toBeTrue()
        ->and($room->survey->pair($room->survey->next()[0]))->toBeIn(['A–C', 'B–D']);
});

it('keeps walls that do not close, and says by how much', function (): void {
    $room = taped([5.0, 4.0, 4.5, 4.0]);

    expect($room->survey->holds())->toBeFalse()->and($room->survey->misclosureM)->toEqualWithDelta(0.5, 1e-9);
});

it('solves walls and a diagonal that shear a rectangle', function (): void {
    $room = taped([5.0, 4.0, 5.0, 4.0], [], ties([[0, 2, 6.0]]));

    expect($room->floor->corners[0]->distanceTo($room->floor->corners[2]))->toEqualWithDelta(6.0, 1e-6)
        ->and($room->survey->isChecked())->toBeFalse();
});

it('says which distances settle a shape that the tape leaves open, and no more than needed', function (): void {
    $turns = [90, 90, -90, 90, 90, 90];
    $room = taped([6, 3, 3, 3, 3, 6], $turns, ties([[0, 2, 6.708]]));
    $next = array_map(fn ($n) => [$n->from, $n->to], $room->survey->next());
    $corners = $room->floor->corners;
    $more = array_map(fn (array $p): array => [$p[0], $p[1], round($corners[$p[0]]->distanceTo($corners[$p[1]]), 3)], $next);

    expect($room->survey->freedom)->toBe(2)->and($next)->toHaveCount(2)
        ->and(taped([6, 3, 3, 3, 3, 6], $turns, ties([[0, 2, 6.708], ...$more]))->survey->freedom)->toBe(0)
        ->and(taped([6, 3, 3, 3, 3, 6], $turns, ties([[0, 2, 6.708], $more[0]]))->survey->freedom)->toBe(1);
});

it('takes an angle as a reading', function (): void {
    $room = taped([5.0, 4.0, 5.0, 4.0], [], ['angles' => [['id' => 'a', 'corner' => 'w1', 'inside_deg' => 80]]]);

    expect($room->survey->freedom)->toBe(0)
        ->and(
            $room->floor->corners[0]->distanceTo($room->floor->corners[2]),
        )->toEqualWithDelta(sqrt(25 + 16 - 40 * cos(deg2rad(80))), 1e-6);
});

it('places a column by two distances and moves it with the corners', function (): void {
    $built = ['built' => [['id' => 'post', 'name' => 'post', 'kind' => 'column', 'x_m' => 1, 'y_m' => 1, 'height_m' => 2.5]]];
    $room = taped(
        [5.0, 4.0, 5.0, 4.0],
        [],
        $built + [
            'ties' => [
                ...ties([[0, 2, 6.403]])['ties'],
                ['id' => 'p', 'from' => 'w0', 'to' => 'post', 'length_m' => 2.5],
                ['id' => 'q', 'from' => 'w1', 'to' => 'post', 'length_m' => 3.905],
            ],
        ],
    );

    expect($room->built[0]->place->x)->toEqualWithDelta(1.6, 0.01)->and($room->built[0]->place->y)->toEqualWithDelta(1.92, 0.01)
        ->and($room->write()['built'][0]['x_m'])->toBe(1.0);
});

it('bows a wall by its rise', function (): void {
    $walls = [
        'walls' => array_map(
            fn (int $i): array => ['id' => "w$i", 'name' => "w$i", 'length_m' => 4, 'turn_deg' => 90] + ($i === 1 ? ['rise_m' => 1] : []),
            range(0, 3),
        ),
    ];
    $problems = new Problems;
    $room = Room::read(Node::root(['height_m' => 2.5] + $walls, $problems));
    // A segment of a circle of radius 2.5 m over a chord of 4 m: 4.48 m² less than a percent for its pieces.
    $segment = 2.5 ** 2 * asin(0.8) - 2 * 1.5;

    expect($problems->any())->toBeFalse()->and($room->floor->signedArea())->toEqualWithDelta(16 + $segment, 0.06)
        ->and(Rooms::of($room)->firstWall(new Vec2(2, 2), new Vec2(1, 0))[0])->toEqualWithDelta(3.0, 1e-9);
});

it('slopes a ceiling through its points and pitches a roof of two', function (): void {
    $points = fn (string $slope, array $list): array => array_map(
        fn (array $p): array => ['x_m' => $p[0], 'y_m' => $p[1], 'height_m' => $p[2], 'slope' => $slope],
        $list,
    );
    $room = taped(
        [6, 4, 6, 4],
        [],
        [
            'height_m' => 4.0,
            'ceiling' => [
                'kind' => 'sloped',
                'points' => [
                    ...$points('south', [[0, 0, 2], [6, 0, 2], [0, 2, 3.5]]),
                    ...$points('north', [[0, 4, 2], [6, 4, 2], [0, 2, 3.5]]),
                ],
            ],
        ],
    );

    expect($room->ceiling->heightAt(new Vec2(3, 1)))->toEqualWithDelta(2.75, 1e-9)
        ->and($room->ceiling->heightAt(new Vec2(3, 3)))->toEqualWithDelta(2.75, 1e-9)
        ->and($room->ceiling->over($room->floor))->toHaveCount(2)
        ->and(array_map(fn ($p): float => round($p->z, 3), $room->ceiling->along($room->walls[1]->line, 4)))->toBe([2.0, 3.5, 2.0])
        ->and(taped([6, 4, 6, 4], [], ['ceiling' => ['kind' => 'none']])->ceiling->heightAt(new Vec2(1, 1)))->toBe(INF);
});

it('refuses a room that cannot be', function (array $lengths, array $turns, array $more, string $sentence): void {
    expect(fn () => taped($lengths, $turns, $more))->toThrow(InvalidDocument::class, $sentence);
})->with([
    'turns that do not add up' => [[5, 4, 5, 4], [90, 90, 90, 60], [], 'turn by 330° in all'],
    'a nook that runs through the wall across' => [
        [4, 3, 1, 4, 1, 4, 2, 3],
        [90, 90, 90, -90, -90, 90, 90, 90],
        [],
        'cross: wall 0 runs through wall 3',
    ],
    'a wall longer than the others together' => [
        [4, 9, 3],
        [120, 120, 120],
        [],
        'wall 1 is 9.00 m, and the others reach 7.00 m at the most',
    ],
    'two walls' => [[4, 4], [], [], 'at least three walls'],
    'walked the wrong way' => [[5, 4, 5, 4], [-90, -90, -90, -90], [], 'turn by -360°'],
    'a negative length' => [[5, -4, 5, 4], [], [], '/walls/1/length_m: must be between 5 cm and 100.00 m'],
    'a tie to nowhere' => [[5, 4, 5, 4], [], ['ties' => [['id' => 't', 'from' => 'w0', 'to' => 'w9', 'length_m' => 6]]], '/ties/0'],
    'a slope of two points' => [
        [5, 4, 5, 4],
        [],
        [
            'ceiling' => [
                'kind' => 'sloped',
                'points' => [['x_m' => 0, 'y_m' => 0, 'height_m' => 2], ['x_m' => 1, 'y_m' => 0, 'height_m' => 2]],
            ],
        ],
        'three or more that do not lie on one line',
    ],
    'a window past its wall' => [
        [5, 4, 5, 4],
        [],
        [
            'openings' => [
                ['id' => 'o', 'name' => 'o', 'kind' => 'window', 'wall' => 'w1', 'offset_m' => 3.5, 'width_m' => 1, 'head_m' => 2],
            ],
        ],
        'runs past the end of wall 1',
    ],
    'a door through the ceiling' => [
        [5, 4, 5, 4],
        [],
        ['openings' => [['id' => 'o', 'name' => 'o', 'kind' => 'door', 'wall' => 'w1', 'offset_m' => 1, 'width_m' => 1, 'head_m' => 2.8]]],
        'above the ceiling at 2.50 m',
    ],
]);

it('brings inside what a smaller room would leave outside', function (): void {
    $setup = Cases::demo();
    $small = [
        'height_m' => 1.7,
        'walls' => array_map(fn (int $i): array => ['id' => "n$i", 'name' => "n$i", 'length_m' => 3.6, 'turn_deg' => 90], range(0, 3)),
    ];
    $refit = Refit::of($setup->plan, 'stone-room', $small);
    $after = $refit->edit->applyTo($setup->plan)->setup();

    expect($refit->moved)->toBeGreaterThan(3)
        ->and($after->room->contains($after->cameras['cam-b']->placement->place))->toBeTrue()
        ->and($after->setup->lights[0]->heightM)->toBeLessThan(1.7);
});

it('measures a place from two walls that a tape meets squarely', function (): void {
    $setup = Cases::demo();
    $names = array_map(fn ($w) => $w->name, $setup->room->tapeWalls($setup->setup->people[0]->place));

    expect($names)->toBe(['hearth wall', 'window wall']);
});

it('sets aside the reading that the others contradict, and builds on them', function (array $off, ?string $name): void {
    // A pentagon's true distances, each to the millimetre.
    $corners = taped([5.0, 3.0, 3.0, 3.0, 3.6], [72, 72, 72, 72, 72], ties([[0, 2, 6.2], [0, 3, 5.6]]))->floor->corners;
    $true = fn (int $a, int $b): float => round($corners[$a]->distanceTo($corners[$b]), 3);
    $all = ties(
        array_map(
            fn (array $p): array => [$p[0], $p[1], $true(...$p) + ($p === $off ? 0.5 : 0.0)],
            [[0, 2], [0, 3], [1, 3], [1, 4], [2, 4]],
        ),
    );
    $survey = taped([5.0, 3.0, 3.0, 3.0, 3.6], [72, 72, 72, 72, 72], $all)->survey;

    expect($survey->holds())->toBe($name === null)
        ->and($name === null ? $survey->setAside : $survey->names[$survey->setAside[0]])->toBe($name)
        ->and($name === null ? true : abs($survey->setAside[1] - $true(...$off)) < 0.003)->toBeTrue()
        ->and(
            array_sum(
                array_map(
                    fn (int $i): float => abs(
                        $survey->fit->points[$i]->distanceTo($survey->fit->points[0]) - $corners[$i]->distanceTo($corners[0]),
                    ),
                    range(1, 4),
                ),
            ),
        )->toBeLessThan(0.005);
})->with(['none is off' => [[9, 9], null], 'B–D is off' => [[1, 3], 'B–D'], 'A–C is off' => [[0, 2], 'A–C']]);

it('does not accuse one where two could be wrong', function (): void {
    // Four walls and two diagonals have one spare reading: every residual stands out alike.
    $survey = taped([5, 4, 5, 4], [], ties([[0, 2, 6.4], [1, 3, 6.9]]))->survey;

    expect($survey->setAside)->toBeNull()->and($survey->holds())->toBeFalse()->and(count($survey->suspects()))->toBeGreaterThan(1);
});

it('knows corners better by the reading it proposes', function (): void {
    $survey = taped([12, 4, 12, 4], [], ties([[0, 2, 12.649]]))->survey;
    $next = $survey->next()[0];
    $after = taped([12, 4, 12, 4], [], ties([[0, 2, 12.649], [$next->from, $next->to, 12.649]]))->survey;

    expect($next->thenM)->toBeLessThan($next->nowM)
        ->and($after->fit->ellipse($after->fit->worstPoint())->majorM)->toEqualWithDelta($next->thenM, 0.0005);
});

it('knows the slips that people make', function (float $written, float $expected, ?Slip $slip): void {
    expect(Slip::between($written, $expected))->toBe($slip);
})->with([
    [4.38, 5.38, Slip::Metre], [4.38, 4.83, Slip::SwappedDigits], [4.38, 4.48, Slip::TenCentimetres], [4.38, 4.88, Slip::HalfMetre],
    [16.0, 4.877, Slip::FeetForMetres], [4.38, 4.075, Slip::Foot], [4.38, 4.61, null],
]);

it('names the reading that no triangle holds', function (array $lengths, array $more, string $reading, array $way, float $most): void {
    $survey = taped($lengths, array_fill(0, count($lengths), 360 / count($lengths)), $more)->survey;

    expect($survey->holds())->toBeFalse()
        ->and($survey->named($survey->stretched->reading))->toBe($reading)
        ->and(array_map($survey->named(...), $survey->stretched->way))->toBe($way)
        ->and($survey->stretched->mostM)->toEqualWithDelta($most, 1e-9);
})->with([
    'a triangle' => [[4, 9, 3], ['angles' => [['id' => 'a', 'corner' => 'w0', 'inside_deg' => 60]]], 'wall 1', ['wall 0', 'wall 2'], 7.0],
    'a diagonal' => [[5, 4, 5, 4.3], ties([[0, 2, 9.4]]), 'A–C', ['wall 0', 'wall 1'], 9.0],
    'a wall against two diagonals' => [[9.5, 4, 5, 4], ties([[0, 2, 4.6], [1, 3, 6.4]]), 'wall 0', ['A–C', 'wall 1'], 8.6],
]);

it('accuses the short one where a wall was taped twice and the others tell', function (): void {
    $survey = taped(
        [8.21, 5.02, 6.22, 5.02],
        [],
        [
            'ties' => [
                ...ties([[0, 2, 9.63], [1, 3, 9.62]])['ties'],
                ['id' => 'again', 'from' => 'w2', 'to' => 'w3', 'length_m' => 8.22],
                ['id' => 'twice', 'from' => 'w1', 'to' => 'w2', 'length_m' => 5.02],
            ],
        ],
    )->survey;

    expect($survey->stretched)
        ->toBeNull()
        ->and($survey->named($survey->setAside[0]))
        ->toBe('wall 2')
        ->and($survey->setAside[1])
        ->toEqualWithDelta(8.22, 0.02);
});

it('takes a distance that just fits, and says which reading nothing checks', function (): void {
    $straight = taped([5, 4, 5, 4], [], ties([[0, 2, 8.999]]))->survey;
    // A well tied square; the fifth corner hangs on two readings.
    $survey = taped([4, 4, 3, 3, 4], [90, 90, 45, 90, 45], ties([[0, 2, 5.657], [1, 4, 5.657], [2, 4, 4.0]]))->survey;

    expect($straight->stretched)->toBeNull()->and($survey->unchecked())->toBe(['wall 2', 'wall 3'])->and($survey->suspects())->toBe([]);
});

it('names the runner-up where a blunder could be either of two', function (): void {
    // Two readings tie the post and one more checks them: an error in one of the three reads alike in each.
    $built = [
        'built' => [['id' => 'p', 'name' => 'post', 'kind' => 'column', 'x_m' => 2.0, 'y_m' => 2.0, 'width_m' => 0.2, 'depth_m' => 0.2]],
    ];
    $square = [[0, 2, 8.485], [1, 3, 8.485]];
    $post = fn (string $from, float $length): array => ['id' => "p$from", 'from' => $from, 'to' => 'p', 'length_m' => $length];
    $ties = ties($square)['ties'];
    $survey = fn (float $off) => taped(
        [6, 6, 6, 6],
        [],
        $built + ['ties' => [...$ties, $post('w0', 2.828 + $off), $post('w1', 4.472), $post('w3', 4.472)]],
    )->survey;

    expect($survey(0.0)->suspects())->toBe([])->and($survey(0.4)->suspects())->toEqualCanonicalizing(['A–post', 'B–post', 'D–post']);
});

it('asks for no pair twice, and for a wall by its name', function (int $corners): void {
    $walls = array_map(
        fn (int $i): array => ['id' => "w$i", 'name' => "wall $i", 'length_m' => 4.0, 'turn_deg' => 360 / $corners, 'by' => 'sketch'],
        range(0, $corners - 1),
    );
    $room = taped(array_fill(0, $corners, 4.0), array_fill(0, $corners, 360 / $corners), ['walls' => $walls] + ties([[0, 2, 5.0]]));
    $pairs = array_map($room->survey->pair(...), $room->survey->next());

    expect($pairs)->toHaveCount(2 * $corners - 4)->and(array_unique($pairs))->toHaveCount(count($pairs))
        ->and(implode(' ', $pairs))->toContain('wall ')->not->toContain('A–B');
})->with([4, 5, 7]);
