<?php

declare(strict_types=1);

// Run by bin/start before it migrates and serves: says in one sentence what stands in the way, and what to do. bin/ready.php DATABASE

[, $database] = $argv + [1 => 'database/fineframe.sqlite'];
$root = dirname(__DIR__);

$stop = static function (string $sentence): never {
    fwrite(STDERR, "$sentence\n");
    exit(1);
};
foreach ([dirname($database), "$root/storage/framework/cache", "$root/storage/framework/sessions", "$root/storage/framework/views", "$root/storage/logs", "$root/storage/app", "$root/bootstrap/cache"] as $folder) {
    if (! is_dir($folder) && ! @mkdir($folder, 0755, true)) {
        $stop("Fine Frame cannot make the folder $folder: let it write there, or move Fine Frame to a disk that it may write to.");
    }
    $probe = @tempnam($folder, 'probe');
    if ($probe === false || dirname((string) realpath($probe)) !== realpath($folder)) {
        $stop("Fine Frame cannot write to $folder: give it leave to, or move Fine Frame to a disk that it may write to.");
    }
    unlink($probe);
}
if (! is_file($database) || filesize($database) === 0) {
    exit(0);
}
try {
    $db = new PDO("sqlite:$database", options: [PDO::ATTR_TIMEOUT => 5]);
    $sound = $db->query('pragma quick_check')->fetchColumn();
    $sound === 'ok' || throw new RuntimeException((string) $sound);
    $db->exec('begin immediate');
    $db->exec('rollback');
    $has = (bool) $db->query("select count(*) from sqlite_master where name = 'migrations'")->fetchColumn();
    $done = $has ? $db->query('select migration from migrations')->fetchAll(PDO::FETCH_COLUMN) : [];
} catch (Throwable $e) {
    $stop(match (true) {
        str_contains($e->getMessage(), 'locked') => "The database $database is in use by another program: stop that one, and start again.",
        str_contains($e->getMessage(), 'readonly') => "The database $database cannot be written to: give Fine Frame leave to, and start again.",
        default => "The database $database is damaged or no database: move it away, put back a copy of it or import your plan files, and start again.",
    });
}
$known = array_map(static fn (string $file): string => basename($file, '.php'), glob("$root/database/migrations/*.php") ?: []);
if (array_diff($done, $known) !== []) {
    $stop("The database $database was made by a newer Fine Frame: update Fine Frame, or start it with another database.");
}
