<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\InvalidDocument;
use FineFrame\Plan\SetupPlan;

final class Judge
{
    /** @param  list<Check>  $checks */
    public function __construct(private readonly array $checks)
    {
    }

    public static function standard(): self
    {
        return new self(CheckSet::standard());
    }

    public function judge(SetupPlan|Situation $setup): Verdicts
    {
        $situation = $setup instanceof Situation ? $setup : new Situation($setup);
        $findings = [];
        foreach ($this->checks as $check) {
            foreach ($check->run($situation) as $finding) {
                $findings[] = $finding;
            }
        }

        return new Verdicts($findings);
    }

    /** The first idea that, tried on a copy, makes the finding hold and breaks nothing that did not break before. */
    public function mend(SetupPlan $setup, Verdicts $verdicts, Finding $finding): ?Mend
    {
        foreach ($finding->ideas as $idea) {
            try {
                $after = $this->judge($idea->edit->applyTo($setup->plan)->again($setup));
            } catch (InvalidDocument) {
                continue;
            }
            $same = $after->find($finding->key());
            if (($same === null || $same->severity === Severity::Holds) && array_diff($after->broken(), $verdicts->broken()) === []) {
                return $idea;
            }
        }

        return null;
    }
}
