<?php

declare(strict_types=1);

use FineFrame\Document\CanonicalJson;
use FineFrame\Document\InvalidDocument;
use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Geometry\Shape;
use FineFrame\Measure\Unit;
use FineFrame\Measure\UnitSystem;

/** Reads one key of an object and gives what came out and what was noted. */
function door(array $object, Closure $read): array
{
    $problems = new Problems;
    $value = $read(Node::root($object, $problems));
    try {
        $problems->raise();
    } catch (InvalidDocument $e) {
        return [$value, $e->problems[0]->pointer.' '.$e->problems[0]->sentence()];
    }

    return [$value, null];
}

it('opens each door to the right value', function (mixed $given, Closure $read, mixed $value): void {
    expect(door(['k' => $given], $read))->toEqual([$value, null]);
})->with([
    'text' => ['Mill', fn (Node $n) => $n->text('k'), 'Mill'],
    'an id' => ['cam-a.2_x', fn (Node $n) => $n->id('k'), 'cam-a.2_x'],
    'a whole number for a number' => [3, fn (Node $n) => $n->number('k', 0, 5, Unit::Ratio), 3.0],
    'the lowest' => [0.5, fn (Node $n) => $n->metres('k', 0.5, 2), 0.5],
    'the highest' => [2, fn (Node $n) => $n->metres('k', 0.5, 2), 2.0],
    'degrees into radians' => [180, fn (Node $n) => $n->angle('k'), M_PI],
    'a flag' => [true, fn (Node $n) => $n->flag('k', false), true],
    'a choice' => ['round', fn (Node $n) => $n->choice('k', Shape::class), Shape::Round],
    'a whole count' => [4.0, fn (Node $n) => $n->whole('k', 1, 9), 4],
    'a list' => [[['id' => 'a'], ['id' => 'b']], fn (Node $n) => $n->each('k', fn (Node $i) => $i->id()), ['a', 'b']],
]);

it('fills in what is left out', function (Closure $read, mixed $value): void {
    expect(door([], $read))->toEqual([$value, null]);
})->with([
    'text' => [fn (Node $n) => $n->text('k', 'x'), 'x'],
    'a number' => [fn (Node $n) => $n->number('k', 0, 5, Unit::Ratio, 2.0), 2.0],
    'an optional id' => [fn (Node $n) => $n->optionalId('k'), null],
    'a choice' => [fn (Node $n) => $n->choice('k', Shape::class, Shape::Box), Shape::Box],
    'a list' => [fn (Node $n) => $n->each('k', fn () => 1), []],
]);

it('keeps the door shut and says why', function (mixed $given, Closure $read, string $said): void {
    expect(door(['k' => $given], $read)[1])->toBe($said);
})->with([
    'a number for text' => [5, fn (Node $n) => $n->text('k'), '/k must be text'],
    'too long a text' => [str_repeat('ü', 9), fn (Node $n) => $n->text('k', null, 8), '/k must be at most 8 characters'],
    'a path for an id' => ['a/b', fn (Node $n) => $n->id('k'), '/k must be an id of letters, digits, dots and dashes'],
    'text for a number' => ['3', fn (Node $n) => $n->metres('k', 0, 5), '/k must be a number'],
    'just below' => [0.499, fn (Node $n) => $n->metres('k', 0.5, 2), '/k must be between 50 cm and 2.00 m'],
    'just above' => [2.001, fn (Node $n) => $n->metres('k', 0.5, 2), '/k must be between 50 cm and 2.00 m'],
    'half a count' => [2.5, fn (Node $n) => $n->whole('k', 1, 9), '/k must be a whole number'],
    'one for true' => [1, fn (Node $n) => $n->flag('k', false), '/k must be true or false'],
    'no such choice' => ['oval', fn (Node $n) => $n->choice('k', Shape::class), '/k must be one of box, round'],
    'an object for a list' => [['a' => 1], fn (Node $n) => $n->each('k', fn () => 1), '/k must be a list'],
    'too long a list' => [[[], [], []], fn (Node $n) => $n->each('k', fn () => 1, 2), '/k must hold at most 2'],
    'a number in a list of objects' => [[5], fn (Node $n) => $n->each('k', fn (Node $i) => $i->rest()), '/k/0 must be an object'],
    'text in a map of numbers' => [['a/b' => 'x'], fn (Node $n) => $n->numbers('k'), '/k/a~1b must be a number'],
]);

it('says limits in the reader’s units', function (): void {
    $problems = new Problems;
    Node::root(['k' => 9], $problems)->metres('k', 0.5, 2);
    try {
        $problems->raise();
    } catch (InvalidDocument $e) {
        expect($e->problems[0]->sentence(UnitSystem::Imperial))->toBe('must be between 1′ 7½″ and 6′ 6½″');
    }
});

it('hands back only the keys that nobody asked for', function (): void {
    $node = Node::root(['id' => 'a', 'later' => [1, 2], 'also' => null], new Problems);
    $node->id();

    expect($node->rest())->toBe(['later' => [1, 2], 'also' => null]);
});

it('writes JSON in one way', function (array $document, string $json): void {
    expect(CanonicalJson::write($document))->toBe($json);
})->with([
    'sorted keys, two spaces, a newline' => [
        ['b' => 1, 'a' => ['d' => true, 'c' => null]],
        "{\n  \"a\": {\n    \"c\": null,\n    \"d\": true\n  },\n  \"b\": 1\n}\n",
    ],
    'whole numbers without a point, others as short as they are' => [
        ['n' => [3.0, 0.1, 1 / 3, -0.5]],
        "{\n  \"n\": [\n    3,\n    0.1,\n    0.3333333333333333,\n    -0.5\n  ]\n}\n",
    ],
    'letters and slashes as they are' => [['t' => 'müller’s a/b'], "{\n  \"t\": \"müller’s a/b\"\n}\n"],
    'empty objects and lists apart' => [['o' => new stdClass, 'l' => []], "{\n  \"l\": [],\n  \"o\": {}\n}\n"],
]);

it('reads back what it writes', function (): void {
    $json = CanonicalJson::write(['z' => ['deep' => [['x' => 1.25]]], 'a' => '"quoted"']);

    expect(CanonicalJson::write((array) CanonicalJson::read($json)))->toBe($json);
});
