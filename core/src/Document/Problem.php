<?php

declare(strict_types=1);

namespace FineFrame\Document;

use FineFrame\Measure\Quantity;
use FineFrame\Measure\UnitSystem;

/** One thing wrong with a document: where (a JSON pointer) and a sentence whose `{names}` are filled from the arguments. */
final readonly class Problem
{
    /** @param  array<string, Quantity|string|int|float>  $arguments */
    public function __construct(public string $pointer, public string $template, public array $arguments = [])
    {
    }

    public function sentence(UnitSystem $system = UnitSystem::Metric): string
    {
        $words = [];
        foreach ($this->arguments as $name => $value) {
            $words['{'.$name.'}'] = $value instanceof Quantity ? $value->print($system) : (string) $value;
        }

        return strtr($this->template, $words);
    }
}
