<?php

declare(strict_types=1);

namespace App\Keep;

use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Config;
use Psr\Clock\ClockInterface;

/** Copies of the database on this disk: before each migration and once a day, thinned as they age. A disk that breaks takes them along. */
final readonly class Copies
{
    private const STAMP = 'Ymd-His';

    /** How long every copy, one a week, and one a month are kept, days. */
    private const ALL = 7;

    private const WEEKLY = 60;

    private const MONTHLY = 400;

    public function __construct(private ClockInterface $clock, private Filesystem $files)
    {
    }

    /** @return string|null the copy; null where there is nothing to copy yet */
    public function make(string $why): ?string
    {
        $database = Config::string('database.connections.sqlite.database');
        if (! is_file($database) || filesize($database) === 0) {
            return null;
        }
        $folder = self::folder();
        $this->files->ensureDirectoryExists($folder, 0700);
        $to = "$folder/".$this->clock->now()->format(self::STAMP)."-$why.sqlite";
        if (! is_file($to)) {
            // Whole, however much is being written meanwhile.
            (new \PDO("sqlite:$database"))->prepare('vacuum into ?')->execute(["$to.new"]);
            $this->files->move("$to.new", $to);
        }
        $this->thin();

        return $to;
    }

    /** Once in twenty-four hours. */
    public function daily(): ?string
    {
        $newest = $this->all()[0] ?? null;

        return $newest === null || $newest['at'] < $this->clock->now()->modify('-1 day') ? $this->make('daily') : null;
    }

    /** @return list<array{file: string, at: \DateTimeImmutable}> the newest first */
    public function all(): array
    {
        $all = [];
        foreach ($this->files->glob(self::folder().'/*.sqlite') as $file) {
            $at = is_string($file) ? \DateTimeImmutable::createFromFormat(self::STAMP, substr(basename($file), 0, 15)) : false;
            if (is_string($file) && $at !== false) {
                $all[] = ['file' => $file, 'at' => $at];
            }
        }
        usort($all, static fn (array $a, array $b): int => $b['at'] <=> $a['at']);

        return $all;
    }

    private function thin(): void
    {
        $taken = [];
        foreach ($this->all() as $copy) {
            $days = ($this->clock->now()->getTimestamp() - $copy['at']->getTimestamp()) / 86_400;
            $span = match (true) {
                $days <= self::ALL => $copy['file'],
                $days <= self::WEEKLY => $copy['at']->format('o-W'),
                $days <= self::MONTHLY => $copy['at']->format('Y-m'),
                default => null,
            };
            if ($span === null || isset($taken[$span])) {
                $this->files->delete($copy['file']);
            }
            $taken[$span ?? ''] = true;
        }
    }

    private static function folder(): string
    {
        return Config::string('fineframe.copies') ?: dirname(Config::string('database.connections.sqlite.database')).'/copies';
    }
}
