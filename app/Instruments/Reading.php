<?php

declare(strict_types=1);

namespace App\Instruments;

use App\View\Reader;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** What an instrument showed, by the columns it fills. */
final readonly class Reading
{
    /** @param  array<string, Quantity>  $shown  by column */
    public function __construct(public string $instrument, public array $shown)
    {
    }

    /** @return array<string, string> as typed into a form */
    public function cells(Reader $reader): array
    {
        return array_map(
            static fn (Quantity $q): string => $q->unit === Unit::Metre ? $reader->field((float) $q->value) : rtrim(
                rtrim(number_format((float) $q->value, $q->unit === Unit::Duv ? 4 : 1, '.', ''), '0'),
                '.',
            ),
            $this->shown,
        )
            + ['by' => $this->instrument];
    }

    public function words(Reader $reader): string
    {
        return ucfirst($this->instrument).': '.implode(
            ', ',
            array_map($reader->print(...), $this->shown),
        ).'. Keep the sheet to save it.';
    }
}
