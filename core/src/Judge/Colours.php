<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Plan\SetupPlan;
use FineFrame\Staging\Colour;

/** The colours that were agreed on, and those sampled of what shows: clothes, walls, furniture. */
final readonly class Colours
{
    /** @var array<string, Colour> what was agreed on, by name */
    public array $agreed;

    /** @var array<string, string> the same as #rrggbb */
    public array $hex;

    public function __construct(private SetupPlan $setup)
    {
        $this->hex = array_filter(
            array_combine(
                array_map(static fn (Record $r): string => $r->text('name'), $setup->plan->brief->list('swatches')),
                array_map(static fn (Record $r): string => $r->text('colour'), $setup->plan->brief->list('swatches')),
            ),
        );
        $this->agreed = array_map(Colour::hex(...), $this->hex);
    }

    /** @return array<string, array{name: string, on: string, hex: string, colour: Colour}> by sample, those that have a colour */
    public function sampled(): array
    {
        $all = [];
        foreach ($this->setup->setup->list('colours') as $sample) {
            if ($sample->text('colour') !== '') {
                $all[$sample->id] = [
                    'name' => $sample->text('name'),
                    'on' => $sample->text('on'),
                    'hex' => $sample->text('colour'),
                    'colour' => Colour::hex($sample->text('colour')),
                ];
            }
        }

        return $all;
    }

    /** @return array{name: string, on: string, hex: string, colour: Colour}|null the first sample of someone's clothes, or of a thing */
    public function of(string $id): ?array
    {
        return array_values(array_filter($this->sampled(), static fn (array $s): bool => $s['on'] === $id))[0] ?? null;
    }

    /** @return array{string, float}|null the agreed colour that is nearest, and how far off it is in CIEDE2000 */
    public function nearest(Colour $colour): ?array
    {
        $off = array_map($colour->differsFrom(...), $this->agreed);
        asort($off);
        $name = array_key_first($off);

        return $name === null ? null : [(string) $name, $off[$name]];
    }

    /** @return list<Record> samples with a pattern */
    public function patterned(): array
    {
        return array_values(
            array_filter($this->setup->setup->list('colours'), static fn (Record $r): bool => ($r->number('pattern_mm') ?? 0.0) > 0.0),
        );
    }
}
