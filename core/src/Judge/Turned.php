<?php

declare(strict_types=1);

namespace FineFrame\Judge;

/** A verdict that is otherwise in another version of the plan, or in another setup. */
final readonly class Turned
{
    /**
     * @param  Finding|null  $before  null where it held, or was not there to judge; the same of $after
     */
    private function __construct(public ?Finding $before, public ?Finding $after)
    {
    }

    /** @return list<self> those whose severity is not the same: what became worse first */
    public static function between(Verdicts $before, Verdicts $after): array
    {
        [$was, $is] = [self::open($before), self::open($after)];
        $all = [];
        foreach ($is + $was as $key => $_) {
            [$old, $new] = [$was[$key] ?? null, $is[$key] ?? null];
            if ($old?->severity !== $new?->severity) {
                $all[] = new self($old, $new);
            }
        }
        usort($all, static fn (self $a, self $b): int => $a->change() <=> $b->change());

        return $all;
    }

    public function isWorse(): bool
    {
        return $this->change() < 0;
    }

    /** The finding to read: as it is now, or as it was where now it holds. */
    public function finding(): Finding
    {
        $finding = $this->after ?? $this->before;
        assert($finding !== null);

        return $finding;
    }

    private function change(): int
    {
        return self::rank($this->after) - self::rank($this->before);
    }

    private static function rank(?Finding $finding): int
    {
        return ($finding->severity ?? Severity::Holds)->rank();
    }

    /** @return array<string, Finding> what does not hold, by key */
    private static function open(Verdicts $verdicts): array
    {
        $open = [];
        foreach ($verdicts->findings as $finding) {
            if ($finding->severity !== Severity::Holds) {
                $open[$finding->key()] ??= $finding;
            }
        }

        return $open;
    }
}
