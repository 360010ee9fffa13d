<?php

declare(strict_types=1);

namespace FineFrame\Judge;

/** All findings on a setup, the worst first, else in working order. */
final readonly class Verdicts
{
    /** @var list<Finding> */
    public array $findings;

    /** @param  list<Finding>  $findings */
    public function __construct(array $findings)
    {
        usort($findings, static fn (Finding $a, Finding $b): int => $a->severity->rank() <=> $b->severity->rank());
        $this->findings = $findings;
    }

    /** @return list<Finding> */
    public function of(Severity $severity): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $f): bool => $f->severity === $severity));
    }

    public function find(string $key): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->key() === $key) {
                return $finding;
            }
        }

        return null;
    }

    /** The worst of a stage; null when nothing judges it yet. */
    public function stage(Stage $stage): ?Severity
    {
        foreach ($this->findings as $finding) {
            if ($finding->stage === $stage) {
                return $finding->severity;
            }
        }

        return null;
    }

    /** Where to go on: the stage of the worst, the first of those in working order; null when all holds. */
    public function next(): ?Stage
    {
        $worst = $this->findings[0] ?? null;

        return $worst === null || $worst->severity === Severity::Holds ? null : $worst->stage;
    }

    /** @return list<string> keys of what breaks */
    public function broken(): array
    {
        return array_map(static fn (Finding $f): string => $f->key(), $this->of(Severity::Breaks));
    }
}
