<?php

declare(strict_types=1);

use FineFrame\Tests\Cases;
use FineFrame\Tests\Reference\CaseRunner;
use FineFrame\Tests\Reference\WirelessCases;

/** @return array<string, array<string, mixed>> computed once: a test's own static would begin anew with each case */
function answers(): array
{
    static $answers;

    return $answers ??= CaseRunner::answers(Cases::DATA);
}

it('answers the published case', function (string $topic, array $case): void {
    $answers = answers();
    $expected = $case['expected'];
    unset($expected['reason']);

    expect(Cases::difference($expected, $answers[$case['id']] ?? [], $case['tolerance']))->toBeNull();
})->with(function (): iterable {
    yield from Cases::of('optics');
    yield from Cases::of('dof');
    yield from Cases::of('exposure');
    yield from Cases::of('survey');
    yield from Cases::of('sun');
    yield from Cases::of('sunpatch');
    yield from Cases::of('colour');
    yield from Cases::of('photometry');
    yield from Cases::of('light');
    yield from Cases::of('acoustics');
    yield from Cases::of('impulse');
    yield from Cases::of('powergrip');
    yield from Cases::of('circuits');
    yield from Cases::of('cables');
    foreach (['batteries', 'copies', 'coverage', 'edl', 'log', 'media', 'midi', 'packing', 'photo', 'routes', 'schedule', 'supports'] as $topic) {
        yield from Cases::of($topic);
    }
    yield from Cases::of('wireless', 'products', 'check');
});

it('finds as many carriers as there are, and never one that another hits', function (string $topic, array $case): void {
    $answer = (new WirelessCases)->answer($case['kind'], $case['inputs']);
    // On a small grid the most is proved; on a large one a set of such a size is known, and most of it is asked for.
    $expected = $case['expected']['maximum'] ?? null;
    expect($answer['compatible'])
        ->toBeTrue()
        ->and($answer['maximum'] ?? $answer['at_least'])
        ->toBeGreaterThanOrEqual($expected ?? 0.85 * $case['expected']['at_least'])
        ->toBeLessThanOrEqual($expected ?? 99);
})->with(fn (): iterable => yield from Cases::of('wireless', 'max_small', 'witness'));
