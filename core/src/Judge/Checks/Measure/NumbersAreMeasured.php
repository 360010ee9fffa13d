<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Measure;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** What a first plan assumes of the world is measured, before anybody relies on it. Silent where a plan never assumed anything. */
final class NumbersAreMeasured extends Rule
{
    public function id(): string
    {
        return 'numbers-are-measured';
    }

    public function stage(): Stage
    {
        return Stage::Measure;
    }

    public function run(Situation $situation): iterable
    {
        $setup = $situation->setup;
        $assumed = $setup->plan->assumed->of($setup);
        if ($assumed === []) {
            return;
        }
        $names = array_map(static fn (string $pointer): string => $setup->plan->assumed->name($setup, $pointer), $assumed);
        yield $this->finding(
            Severity::Watch,
            ['count' => (string) count($assumed), 'names' => implode(', ', array_unique($names))],
            [$setup->location->id, 'assumed'],
            new Working('numbers that a first plan began with and nobody has set', array_fill_keys($names, 'assumed')),
            case: count($assumed) === 1 ? 'one' : null,
        );
    }
}
