<?php

declare(strict_types=1);

use FineFrame\Tests\Checks;
use FineFrame\Tests\Pinned;

// By the check's name, so that its rows can be run alone.
foreach (array_keys(Checks::all()) as $check) {
    it("answers $check as it did, to four digits", function () use ($check): void {
        expect(Pinned::check($check))->toBe(file_get_contents(Pinned::ANSWERS."/$check.txt"));
    });
}

it('answers whole plans as it did, to four digits', function (string $name): void {
    expect(Pinned::all()[$name]())->toBe(file_get_contents(Pinned::ANSWERS."/$name.txt"));
})->with(array_keys(Pinned::all()));
