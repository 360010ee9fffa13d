<?php

declare(strict_types=1);

namespace App\View;

use App\Models\ExerciseRun;
use App\Practice\Exercises;
use FineFrame\Judge\Exercise;
use Illuminate\Support\Collection;

/** The exercises and how somebody did: each by its best try, and by stage. */
final readonly class PracticeDesk
{
    /** @param  Collection<int, ExerciseRun>  $runs */
    public function __construct(private Exercises $exercises, private Collection $runs)
    {
    }

    /** @return list<array{exercise: Exercise, tries: int, best: ExerciseRun|null, state: string}> */
    public function rows(): array
    {
        return array_map(function (Exercise $exercise): array {
            $runs = $this->runs->where('exercise', $exercise->id);
            $best = $runs->sortByDesc(static fn (ExerciseRun $r): int => 4 * $r->is_named + 2 * $r->is_mended - $r->breaks)->first();

            return ['exercise' => $exercise, 'tries' => $runs->count(), 'best' => $best, 'state' => self::state($best)];
        }, $this->exercises->all());
    }

    /** @return list<array{stage: string, named: int, mended: int, of: int}> */
    public function byStage(): array
    {
        $stages = [];
        foreach ($this->rows() as ['exercise' => $exercise, 'best' => $best]) {
            $at = $stages[$exercise->stage->value] ?? ['stage' => ucfirst($exercise->stage->value), 'named' => 0, 'mended' => 0, 'of' => 0];
            $at['named'] += (int) $best?->is_named;
            $at['mended'] += (int) $best?->is_mended;
            $at['of']++;
            $stages[$exercise->stage->value] = $at;
        }

        return array_values($stages);
    }

    private static function state(?ExerciseRun $best): string
    {
        return match (true) {
            $best === null => 'open',
            $best->is_named && $best->is_mended && ! $best->breaks => 'holds',
            $best->is_named || $best->is_mended => 'watch',
            default => 'breaks',
        };
    }
}
