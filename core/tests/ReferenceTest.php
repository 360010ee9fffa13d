<?php

declare(strict_types=1);

use FineFrame\Reference\CaseRunner;
use FineFrame\Tests\Cases;

it('answers the published case', function (string $topic, array $case): void {
    static $answers;
    $answers ??= CaseRunner::answers(Cases::DATA);
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
    yield from Cases::of('acoustics');
});
