<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Verdicts;
use FineFrame\Plan\SetupPlan;

/** Mends as far as they have been tried: as the verdicts are read, from one on, until the time is up. */
final class Mending
{
    /** @var array<string, Mend|null> by finding, those that were tried */
    private array $tried = [];

    /** How many do not hold. */
    public readonly int $count;

    /** The first that is still to be tried. */
    public readonly int $next;

    /**
     * @param  list<Finding>  $open  what does not hold, in the order in which mends are looked for
     * @param  int  $from  how many were tried before, by an earlier answer
     * @param  bool  $isPatient  whether one at least is tried, however long it takes: asking again and again comes to an end
     */
    public function __construct(
        Judge $judge,
        SetupPlan $setup,
        Verdicts $verdicts,
        array $open,
        public readonly int $from,
        float $milliseconds,
        bool $isPatient,
    ) {
        $this->count = count($open);
        $until = microtime(true) + $milliseconds / 1000;
        for ($next = $from; $next < $this->count && (microtime(true) < $until || ($isPatient && $next === $from)); $next++) {
            $this->tried[$open[$next]->key()] = $judge->mend($setup, $verdicts, $open[$next]);
        }
        $this->next = $next;
    }

    public function isTried(Finding $finding): bool
    {
        return array_key_exists($finding->key(), $this->tried);
    }

    public function of(Finding $finding): ?Mend
    {
        return $this->tried[$finding->key()] ?? null;
    }

    public function isDone(): bool
    {
        return $this->next >= $this->count;
    }
}
