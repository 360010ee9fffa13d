<?php

declare(strict_types=1);

namespace App\Plans;

use FineFrame\Scene\Keep;

/**
 * How rooms share out their light, in files, so that a drag's next answer need not find it again. A fixed number of files that overwrite
 * each other; what
 * other code computed counts for nothing. Where nothing can be written, nothing is kept.
 */
final class RoomKeep implements Keep
{
    private const FILES = 256;

    /** Code that decides what is kept. */
    private const BY = ['core/src/Scene', 'core/src/Light', 'core/src/Geometry', 'core/src/Space', 'core/src/Sun'];

    private ?string $code = null;

    public function __construct(private readonly string $folder)
    {
    }

    public function read(string $key): ?string
    {
        $path = $this->path($key);
        $kept = is_file($path) ? (string) file_get_contents($path) : '';
        $name = $this->named($key);

        return str_starts_with($kept, $name) ? substr($kept, strlen($name)) : null;
    }

    public function write(string $key, string $value): void
    {
        if (! is_dir($this->folder) && is_writable(dirname($this->folder))) {
            mkdir($this->folder);
        }
        // Whole or not at all: two may write at one time.
        $part = $this->path($key).'.'.getmypid();
        if (is_writable($this->folder) && file_put_contents($part, $this->named($key).$value) !== false) {
            rename($part, $this->path($key));
        }
    }

    private function path(string $key): string
    {
        return $this->folder.'/'.crc32($key) % self::FILES;
    }

    private function named(string $key): string
    {
        $files = static fn (string $folder): array => glob(base_path("$folder/*.php")) ?: [];
        $this->code ??= (string) max(0, ...array_map(filemtime(...), array_merge(...array_map($files, self::BY))));

        return "$this->code $key ";
    }
}
