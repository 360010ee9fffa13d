<?php

declare(strict_types=1);

namespace App\Keep;

use App\Models\Shoot;
use App\Photos\Darkroom;
use App\Plans\PlanStore;
use FineFrame\Document\InvalidDocument;
use FineFrame\Plan\ShootPlan;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Looks at what is kept here, the database, photos, copies and the disk, and says what to do about what is wrong. */
final readonly class Doctor
{
    /** Below this much space a day’s photos and copies may no longer fit, bytes. */
    private const LITTLE = 500_000_000;

    private const OLD_DAYS = 2;

    public function __construct(private Darkroom $darkroom, private Copies $copies, private ClockInterface $clock)
    {
    }

    /** @return list<array{isWell: bool, says: string, do: string}> */
    public function looks(): array
    {
        return [$this->database(), $this->references(), $this->plans(), $this->photos(), $this->folders(), $this->space(), $this->copied()];
    }

    /** @return array{isWell: bool, says: string, do: string} */
    private function database(): array
    {
        $found = (string) DB::scalar('pragma integrity_check');

        return self::says('database', $found === 'ok', ['what' => $found]);
    }

    /** @return array{isWell: bool, says: string, do: string} */
    private function references(): array
    {
        $headless = Shoot::withTrashed()->whereDoesntHave('head')->count();
        $lost = count(DB::select('pragma foreign_key_check')) + $headless;

        return self::says('references', $lost === 0, ['count' => (string) $lost]);
    }

    /** @return array{isWell: bool, says: string, do: string} */
    private function plans(): array
    {
        $wrong = [];
        foreach (Shoot::query()->with('head')->whereHas('head')->lazyById(20) as $shoot) {
            try {
                PlanStore::read($shoot->head->plan);
            } catch (InvalidDocument) {
                $wrong[] = "“{$shoot->title}” ($shoot->id)";
            }
        }

        return self::says('plans', $wrong === [], ['what' => implode(', ', $wrong), 'count' => (string) Shoot::query()->count()]);
    }

    /** @return array{isWell: bool, says: string, do: string} */
    private function photos(): array
    {
        $lost = [];
        foreach (Shoot::query()->with('head')->whereHas('head')->lazyById(20) as $shoot) {
            try {
                foreach (self::named(PlanStore::read($shoot->head->plan)) as $file) {
                    if ($this->darkroom->path($shoot->id, $file) === null) {
                        $lost[] = "$file of “{$shoot->title}”";
                    }
                }
            } catch (InvalidDocument) {
                // Said with the plans.
            }
        }

        return self::says('photos', $lost === [], ['what' => implode(', ', array_slice($lost, 0, 5)), 'count' => (string) count($lost)]);
    }

    /** @return list<string> */
    private static function named(ShootPlan $plan): array
    {
        $files = array_map(static fn ($one): string => $one->text('file'), $plan->brief->list('references'));
        foreach ($plan->locations as $location) {
            array_push($files, ...array_map(static fn ($one): string => $one->text('file'), $location->list('photos')));
        }

        return array_values(array_filter($files));
    }

    /** @return array{isWell: bool, says: string, do: string} */
    private function folders(): array
    {
        $shut = array_filter(
            array_map(storage_path(...), ['app', 'logs', 'framework/cache', 'framework/sessions', 'framework/views']),
            static fn (string $folder): bool => ! is_writable($folder),
        );

        return self::says('folders', $shut === [], ['what' => implode(', ', $shut)]);
    }

    /** @return array{isWell: bool, says: string, do: string} */
    private function space(): array
    {
        $free = (float) disk_free_space(storage_path());

        return self::says('space', $free >= self::LITTLE, ['free' => sprintf('%.1f GB', $free / 1e9)]);
    }

    /** @return array{isWell: bool, says: string, do: string} */
    private function copied(): array
    {
        $newest = $this->copies->all()[0] ?? null;
        $isNew = $newest !== null && $newest['at'] > $this->clock->now()->modify('-'.self::OLD_DAYS.' days');
        $file = Config::string('database.connections.sqlite.database');

        $at = $newest === null ? __('doctor.no_copy') : $newest['at']->format('j M Y, H:i');

        return self::says('copies', $isNew || ! is_file($file), ['at' => $at]);
    }

    /**
     * @param  array<string, string>  $with
     * @return array{isWell: bool, says: string, do: string}
     */
    private static function says(string $what, bool $isWell, array $with): array
    {
        return [
            'isWell' => $isWell,
            'says' => __("doctor.$what.".($isWell ? 'well' : 'wrong'), $with),
            'do' => $isWell ? '' : __("doctor.$what.do", $with),
        ];
    }
}
