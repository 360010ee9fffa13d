<?php

declare(strict_types=1);

// Prints what Fine Frame is made of besides itself, with licences, as docs/DEPENDENCIES.md has it: php bin/licences.php >docs/DEPENDENCIES.md
require __DIR__.'/../vendor/autoload.php';

$root = dirname(__DIR__);
$installed = json_decode((string) file_get_contents("$root/vendor/composer/installed.json"), true);
$dev = array_flip($installed['dev-package-names']);
$rows = [];
foreach ($installed['packages'] as $package) {
    $rows[] = [$package['name'], $package['version'], implode(', ', $package['license'] ?? []), isset($dev[$package['name']]) ? 'tests' : 'serves'];
}
foreach (json_decode((string) file_get_contents("$root/package-lock.json"), true)['packages'] as $path => $package) {
    if ($path !== '' && substr_count($path, 'node_modules/') === 1 && ! isset($package['optional']) && isset($package['license'])) {
        $rows[] = [substr($path, strlen('node_modules/')), $package['version'], $package['license'], isset($package['dev']) ? 'builds, tests' : 'on pages'];
    }
}
usort($rows, static fn (array $a, array $b): int => [$a[3], $a[0]] <=> [$b[3], $b[0]]);
echo "# What it is made of\n\nPackages besides Fine Frame’s own code, with versions and licences; written by `php bin/licences.php`, and compared by `bin/test`.\n\n";
echo "| Package | Version | Licence | Where |\n| --- | --- | --- | --- |\n";
foreach ($rows as $row) {
    echo '| '.implode(' | ', $row)." |\n";
}
