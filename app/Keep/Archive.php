<?php

declare(strict_types=1);

namespace App\Keep;

use App\Models\Device;
use App\Models\Head;
use App\Models\LoggedMark;
use App\Models\Revision;
use App\Models\Shoot;
use App\Photos\Darkroom;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use ZipArchive;

/**
 * Everything of some shoots in one file: plans with all their revisions, the day’s marks, photos; each part with its sum. Read back, it
 * comes to the same; a shoot that is here already as it was is left, one that went on since comes in beside it.
 */
final readonly class Archive
{
    private const FORMAT = 'fineframe-everything';

    private const VERSION = 1;

    private const MANIFEST = 'manifest.json';

    /** Names of parts: nothing leads out of the folder that a part is meant for. */
    private const PART = '#^shoots/[0-9a-z]{26}/(shoot\.json|(revisions|heads|marks|devices)\.ndjson|photos/(thumb-)?'
        .'[0-9a-f]{16,20}\.jpg)$#';

    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION;

    /** The most that all parts come to unpacked, bytes: a file that claims more is none of ours. */
    private const MOST = 8_000_000_000;

    public function __construct(private ClockInterface $clock, private Darkroom $darkroom)
    {
    }

    /** @param  iterable<Shoot>  $shoots */
    public function write(string $path, iterable $shoots): int
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw DamagedArchive::at("$path cannot be written");
        }
        [$sums, $count] = [[], 0];
        // Parts are read when the archive is closed: until then they wait in a folder of their own.
        $folder = sys_get_temp_dir().'/fineframe-'.bin2hex(random_bytes(8));
        mkdir($folder, 0700);
        try {
            foreach ($shoots as $shoot) {
                foreach ($this->parts($shoot, "$folder/$shoot->id") as $name => $file) {
                    $zip->addFile($file, $name);
                    $sums[$name] = hash_file('sha256', $file);
                }
                $count++;
            }
            $zip->addFromString(self::MANIFEST, (string) json_encode([
                'format' => self::FORMAT, 'version' => self::VERSION,
                'made_at' => $this->clock->now()->format('c'), 'sums' => (object) $sums,
            ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));
            if (! $zip->close()) {
                throw DamagedArchive::at("$path cannot be written");
            }
        } finally {
            array_map(unlink(...), glob("$folder/*") ?: []);
            rmdir($folder);
        }

        return $count;
    }

    /**
     * @param  int|null  $owner  whose the shoots are from now on
     * @return array{brought: int, here: int} how many came in, and how many were here as they are
     *
     * @throws DamagedArchive if a part is missing, changed or none of ours; nothing is brought back then
     */
    public function bring(string $path, ?int $owner): array
    {
        $zip = new ZipArchive;
        if (! is_file($path) || $zip->open($path, ZipArchive::RDONLY) !== true) {
            throw DamagedArchive::notOne();
        }
        try {
            $shoots = $this->checked($zip);

            return DB::transaction(function () use ($zip, $shoots, $owner): array {
                $done = ['brought' => 0, 'here' => 0];
                foreach ($shoots as $id) {
                    $done[$this->isHere($zip, $id) ? 'here' : $this->brought($zip, $id, $owner)]++;
                }

                return $done;
            });
        } finally {
            $zip->close();
        }
    }

    /** @return iterable<string, string> files by the names of their parts */
    private function parts(Shoot $shoot, string $files): iterable
    {
        $at = "shoots/$shoot->id";
        $marks = LoggedMark::query()->where('shoot_id', $shoot->id);
        $devices = Device::query()->whereIn('id', (clone $marks)->distinct()->select('device'))->orderBy('id');
        yield "$at/shoot.json" => self::lines("$files-shoot", [$shoot]);
        yield "$at/revisions.ndjson" => self::lines("$files-revisions", $shoot->revisions()->lazyById(100));
        yield "$at/heads.ndjson" => self::lines("$files-heads", $shoot->heads()->lazyById(1000));
        yield "$at/marks.ndjson" => self::lines("$files-marks", $marks->lazyById(1000, 'seq'));
        yield "$at/devices.ndjson" => self::lines("$files-devices", $devices->get());
        foreach ($this->darkroom->prints($shoot->id) as $print) {
            yield "$at/photos/".basename($print) => $print;
        }
    }

    /** @param  iterable<Model>  $rows */
    private static function lines(string $file, iterable $rows): string
    {
        $to = fopen($file, 'w') ?: throw DamagedArchive::at("$file cannot be written");
        foreach ($rows as $row) {
            fwrite($to, json_encode($row->getAttributes(), self::JSON)."\n");
        }
        fclose($to);

        return $file;
    }

    /**
     * @return list<string> ids of the shoots that are in it
     *
     * @throws DamagedArchive
     */
    private function checked(ZipArchive $zip): array
    {
        $manifest = json_decode((string) $zip->getFromName(self::MANIFEST), true);
        if (! is_array($manifest) || ($manifest['format'] ?? '') !== self::FORMAT || ! is_array($manifest['sums'] ?? null)) {
            throw DamagedArchive::notOne();
        }
        if (($manifest['version'] ?? 0) !== self::VERSION) {
            throw DamagedArchive::at('it was made by a newer Fine Frame');
        }
        [$shoots, $bytes] = [[], 0];
        foreach ($manifest['sums'] as $name => $sum) {
            $name = (string) $name;
            $bytes += (int) ($zip->statName($name)['size'] ?? 0);
            if (preg_match(self::PART, $name) !== 1 || $bytes > self::MOST) {
                throw DamagedArchive::at("$name is none of its parts");
            }
            if (self::sum($zip, $name) !== $sum) {
                throw DamagedArchive::at("$name is missing or was changed");
            }
            $shoots[explode('/', $name)[1]] = true;
        }

        return array_map(strval(...), array_keys($shoots));
    }

    private static function sum(ZipArchive $zip, string $name): string
    {
        $from = $zip->getStream($name);
        if ($from === false) {
            return '';
        }
        $hash = hash_init('sha256');
        hash_update_stream($hash, $from);
        fclose($from);

        return hash_final($hash);
    }

    private function isHere(ZipArchive $zip, string $id): bool
    {
        $rows = self::rows($zip, "shoots/$id/shoot.json");
        $there = $rows->valid() ? $rows->current() : [];
        $here = Shoot::withTrashed()->find($id);

        return $here !== null && $here->version === (int) ($there['version'] ?? 0) && $here->title === ($there['title'] ?? '')
            && $here->revisions()->count() === iterator_count(self::rows($zip, "shoots/$id/revisions.ndjson"))
            && LoggedMark::query()->where('shoot_id', $id)->count() === iterator_count(self::rows($zip, "shoots/$id/marks.ndjson"));
    }

    /** @return 'brought' */
    private function brought(ZipArchive $zip, string $id, ?int $owner): string
    {
        $rows = self::rows($zip, "shoots/$id/shoot.json");
        $row = $rows->valid() ? $rows->current() : throw DamagedArchive::at("shoots/$id/shoot.json is empty");
        $head = $row['head_id'] ?? null;
        $shoot = new Shoot(array_diff_key($row, ['id' => 0, 'head_id' => 0, 'owner_id' => 0]) + ['owner_id' => $owner]);
        if (Shoot::withTrashed()->whereKey($id)->doesntExist()) {
            $shoot->id = $id;
        }
        self::kept($shoot);
        $revisions = $this->revisions($zip, $id, $shoot);
        $shoot->timestamps = false;
        $shoot->update(['head_id' => is_int($head) ? $revisions[$head] ?? null : null]);
        foreach (self::rows($zip, "shoots/$id/heads.ndjson") as $row) {
            self::kept(new Head([
                'shoot_id' => $shoot->id, 'revision_id' => $revisions[self::number($row, 'revision_id')] ?? null,
            ] + array_diff_key($row, ['id' => 0, 'shoot_id' => 0, 'revision_id' => 0])));
        }
        $this->marks($zip, $id, $shoot);
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $name = (string) $zip->getNameIndex($i);
            $from = str_starts_with($name, "shoots/$id/photos/") ? $zip->getStream($name) : false;
            if ($from !== false) {
                $this->darkroom->put($shoot->id, basename($name), $from);
            }
        }

        return 'brought';
    }

    /** @return array<int, int> ids here by their ids there */
    private function revisions(ZipArchive $zip, string $id, Shoot $shoot): array
    {
        $ids = [];
        foreach (self::rows($zip, "shoots/$id/revisions.ndjson") as $row) {
            $revision = new Revision([
                'shoot_id' => $shoot->id, 'parent_id' => isset($row['parent_id']) ? $ids[self::number($row, 'parent_id')] ?? null : null,
            ] + array_diff_key($row, ['id' => 0, 'shoot_id' => 0, 'parent_id' => 0]));
            self::kept($revision);
            $ids[self::number($row, 'id')] = $revision->id;
        }

        return $ids;
    }

    private function marks(ZipArchive $zip, string $id, Shoot $shoot): void
    {
        foreach (self::rows($zip, "shoots/$id/devices.ndjson") as $row) {
            Device::query()->where('id', $row['id'] ?? '')->existsOr(static function () use ($row): void {
                self::kept(new Device($row));
            });
        }
        foreach (self::rows($zip, "shoots/$id/marks.ndjson") as $row) {
            // What a mark says is kept as it was written.
            $mark = new LoggedMark(['shoot_id' => $shoot->id] + array_diff_key($row, ['seq' => 0, 'shoot_id' => 0, 'says' => 0]));
            $mark->setRawAttributes($mark->getAttributes() + ['says' => $row['says'] ?? '{}']);
            self::kept($mark);
        }
    }

    /** As it was, with its own hours. */
    private static function kept(Model $row): void
    {
        $row->timestamps = false;
        $row->save();
        $row->timestamps = true;
    }

    /** @return \Generator<int, array<string, mixed>> */
    private static function rows(ZipArchive $zip, string $name): \Generator
    {
        $from = $zip->getStream($name);
        while ($from !== false && ($line = fgets($from)) !== false) {
            $row = json_decode($line, true);
            $plain = [];
            foreach (is_array($row) ? $row : throw DamagedArchive::at("$name is none of its parts") as $column => $value) {
                $plain[(string) $column] = $value;
            }
            yield $plain;
        }
    }

    /** @param  array<string, mixed>  $row */
    private static function number(array $row, string $column): int
    {
        return is_int($row[$column] ?? null) ? $row[$column] : 0;
    }
}
