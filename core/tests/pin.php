<?php

declare(strict_types=1);

use FineFrame\Tests\Checks;
use FineFrame\Tests\Pinned;

/*
 * Writes down what is answered today, for `PinnedTest` to hold every later step against:
 *     php core/tests/pin.php [check]
 */
require __DIR__.'/../../vendor/autoload.php';

$write = static fn (string $name, string $text): int|false => file_put_contents(Pinned::ANSWERS."/$name.txt", $text);
foreach (isset($argv[1]) ? [$argv[1]] : array_keys(Checks::all()) as $check) {
    $write($check, Pinned::check($check));
}
foreach (isset($argv[1]) ? [] : Pinned::all() as $name => $answer) {
    $write($name, $answer());
}
