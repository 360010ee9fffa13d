<?php

declare(strict_types=1);

// Prints the PHP packages that are installed, name and version, one a line: what composer.versions holds.

$installed = json_decode((string) file_get_contents(__DIR__.'/../vendor/composer/installed.json'), true, flags: JSON_THROW_ON_ERROR);
$lines = array_map(static fn (array $package): string => "{$package['name']} {$package['version']}", $installed['packages']);
sort($lines);
echo implode("\n", $lines), "\n";
