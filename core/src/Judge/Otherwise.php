<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Plan\Edit;
use FineFrame\Plan\School;

/** What would be judged otherwise by another school, nothing in the plan moved. */
final readonly class Otherwise
{
    /**
     * @param  list<Finding>  $worse  as they would be found; `$better` too, those that would no longer be asked as they are found now
     * @param  list<Finding>  $better
     */
    private function __construct(public School $school, public array $worse, public array $better)
    {
    }

    public static function by(Judge $judge, Situation $situation, Verdicts $now, School $school): self
    {
        $then = $judge->judge($situation->after(new Edit(["/brief/schools/{$school->question()->value}" => $school->word()])));
        $before = array_column(array_map(static fn (Finding $f): array => [$f->key(), $f], $now->findings), 1, 0);
        $after = array_column(array_map(static fn (Finding $f): array => [$f->key(), $f], $then->findings), 1, 0);
        $rank = static fn (?Finding $f): int => ($f->severity ?? Severity::Holds)->rank();
        $worse = array_filter($after, static fn (Finding $f): bool => $rank($f) < $rank($before[$f->key()] ?? null));
        $better = array_filter($before, static fn (Finding $f): bool => $rank($f) < $rank($after[$f->key()] ?? null));

        return new self(
            $school,
            array_values($worse),
            array_values(array_map(static fn (Finding $f): Finding => $after[$f->key()] ?? $f, $better)),
        );
    }
}
