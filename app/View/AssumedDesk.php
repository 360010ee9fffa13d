<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\SetupPlan;

/** What a first plan assumed of this place and setup, each with its number and the card on which it is set. */
final readonly class AssumedDesk
{
    /** Columns of an opening, which share its name. */
    private const PARTS = ['offset_m' => 'from the corner', 'width_m' => 'width', 'head_m' => 'height', 'sill_m' => 'sill'];

    public function __construct(private SetupPlan $setup, private Reader $reader)
    {
    }

    /** @return list<array{pointer: string, name: string, value: string, with: array<string, string>}> where it is set: parts of the page's address */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->setup->plan->assumed->of($this->setup) as $pointer) {
            $path = explode('/', $pointer);
            $value = $this->setup->plan->assumed->value($this->setup->plan, $pointer);
            $number = is_float($value) ? $value : 0.0;
            $part = in_array('openings', $path, true) ? ', '.(self::PARTS[end($path)] ?? end($path)) : '';
            $rows[] = [
                'pointer' => $pointer,
                'name' => ucfirst($this->setup->plan->assumed->name($this->setup, $pointer)).$part,
                'value' => str_ends_with($pointer, '_m')
                    ? $this->reader->metres($number)
                    : $this->reader->print(Quantity::of($number, Unit::Lux)),
                'with' => match (true) {
                    in_array('openings', $path, true) => ['look' => 'book', 'select' => 'none'],
                    in_array('subjects', $path, true) => ['select' => $path[4] ?? ''],
                    in_array('metering', $path, true) => ['select' => 'metering'],
                    default => ['select' => 'room'],
                },
            ];
        }

        return $rows;
    }

    public function has(string $pointer): bool
    {
        return $this->setup->plan->assumed->has($pointer);
    }
}
