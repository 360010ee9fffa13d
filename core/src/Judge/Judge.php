<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\InvalidDocument;
use FineFrame\Plan\Edit;
use FineFrame\Plan\SetupPlan;
use FineFrame\Scene\Keep;
use FineFrame\Scene\Shared;

final class Judge
{
    /** What one judging and the trials after it have in common. */
    private readonly Shared $shared;

    /** @var array{Edit, Trial}|null the last change that was tried: one that would mend several findings is tried once for all of them */
    private ?array $last = null;

    /**
     * @param  list<Check>  $checks
     * @param  Ideas|null  $more  mends that place something new
     */
    public function __construct(private readonly array $checks, ?Keep $keep = null, private readonly ?Ideas $more = null)
    {
        $this->shared = new Shared($keep);
    }

    /** @param  Keep|null  $keep  for the next process, what takes long to compute */
    public static function standard(?Keep $keep = null, ?Ideas $more = null): self
    {
        return new self(CheckSet::standard(), $keep, $more);
    }

    public function judge(SetupPlan|Situation $setup): Verdicts
    {
        $situation = $setup instanceof Situation ? $setup : $this->situation($setup);
        [$shared, $plan] = [$situation->scene->shared, $situation->setup->plan->shoot->id.' '.$situation->setup->setup->id];
        $shared->recall($plan);
        $findings = [];
        foreach ($this->checks as $check) {
            foreach ($check->run($situation) as $finding) {
                $findings[] = $finding;
            }
        }

        $shared->remember($plan);

        return new Verdicts($findings);
    }

    /** A setup to be judged. */
    public function situation(SetupPlan $setup): Situation
    {
        return new Situation($setup, $this->shared);
    }

    /** The first idea that, tried on a copy, makes the finding hold and breaks nothing that did not break before. */
    public function mend(SetupPlan $setup, Verdicts $verdicts, Finding $finding): ?Mend
    {
        $broken = $verdicts->broken();
        foreach ($this->ideas($setup, $finding) as $idea) {
            $trial = $this->tried($setup, $idea->edit);
            if ($trial !== null && $this->isMended($trial, $finding, $broken)) {
                return $idea->bringing($this->brought($trial, $verdicts));
            }
        }

        return null;
    }

    /** @return iterable<Mend> */
    private function ideas(SetupPlan $setup, Finding $finding): iterable
    {
        return $this->more === null || $finding->severity === Severity::Holds
            ? $finding->ideas()
            : $this->more->for($this->situation($setup), $finding);
    }

    private function tried(SetupPlan $setup, Edit $edit): ?Trial
    {
        if ($this->last !== null && $this->last[0] === $edit) {
            return $this->last[1];
        }
        $this->last = null;
        try {
            $trial = new Trial($this->situation($setup->after($edit)));
        } catch (InvalidDocument) {
            return null;
        }
        $this->last = [$edit, $trial];

        return $trial;
    }

    /**
     * The check that found it is asked first: most ideas that fail, fail there.
     *
     * @param  list<string>  $broken  what broke before
     */
    private function isMended(Trial $after, Finding $finding, array $broken): bool
    {
        $own = array_filter($this->checks, static fn (Check $c): bool => $c->id() === $finding->check);
        foreach ([...$own, ...array_diff_key($this->checks, $own)] as $check) {
            foreach ($after->of($check) as $found) {
                $isSame = $found->key() === $finding->key() && $found->severity !== Severity::Holds;
                if ($isSame || ($found->severity === Severity::Breaks && ! in_array($found->key(), $broken, true))) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return list<Finding> what a change that breaks nothing leaves to be watched, and was not before */
    private function brought(Trial $after, Verdicts $before): array
    {
        $known = array_map(
            static fn (Finding $f): string => $f->key(),
            [...$before->of(Severity::Watch), ...$before->of(Severity::Breaks)],
        );
        $all = array_merge([], ...array_map($after->of(...), $this->checks));

        return array_values(
            array_filter($all, static fn (Finding $f): bool => $f->severity === Severity::Watch && ! in_array($f->key(), $known, true)),
        );
    }
}
