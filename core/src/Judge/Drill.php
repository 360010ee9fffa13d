<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\InvalidDocument;
use FineFrame\Plan\NewThing;
use FineFrame\Plan\SetupPlan;

/** Any one thing fails: what breaks that did not before, and the nearest thing that mends it. */
final readonly class Drill
{
    /**
     * @param  list<array{finding: Finding, mend: Mend|null}>  $breaks
     * @param  list<Finding>  $watches  what is to be watched now
     * @param  int  $holds  checks that hold on
     */
    private function __construct(public array $breaks, public array $watches, public int $holds)
    {
    }

    /** @return self|null null where there is no such thing, or nothing is left of the setup without it */
    public static function without(Judge $judge, SetupPlan $setup, Verdicts $now, string $thing): ?self
    {
        $edit = NewThing::without($setup, $thing);
        if ($edit === null) {
            return null;
        }
        try {
            $after = $setup->after($edit);
        } catch (InvalidDocument) {
            return null;
        }
        $verdicts = $judge->judge($judge->situation($after));
        $known = array_map(static fn (Finding $f): string => $f->key(), [...$now->of(Severity::Breaks), ...$now->of(Severity::Watch)]);
        $isNew = static fn (Finding $f): bool => ! in_array($f->key(), $known, true);

        return new self(
            array_map(static fn (Finding $f): array => [
                'finding' => $f, 'mend' => $judge->mend($after, $verdicts, $f),
            ], array_values(array_filter($verdicts->of(Severity::Breaks), $isNew))),
            array_values(array_filter($verdicts->of(Severity::Watch), $isNew)),
            count($verdicts->of(Severity::Holds)),
        );
    }
}
