<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Fields;

/** The plan file as JSON Schema (2020-12) says it: what the readers ask for. */
final class PlanSchema
{
    private const SAYS = 'SI units; angles in degrees, bearings clockwise from the plan’s +y; places in metres from the first '
        .'corner of the room, x along the first wall. Keys not listed are kept and written back.';

    /** @return array<string, mixed> */
    public static function document(?Fields $fields = null): array
    {
        $plan = ($fields ?? PlanReader::fields())->schema(false);
        $properties = is_array($plan['properties'] ?? null) ? $plan['properties'] : [];
        $needed = is_array($plan['required'] ?? null) ? $plan['required'] : [];
        foreach (['locations', 'setups'] as $list) {
            $properties[$list] = ['minItems' => 1] + (is_array($properties[$list] ?? null) ? $properties[$list] : []);
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'urn:fineframe:plan:'.PlanReader::VERSION,
            'title' => 'Fine Frame plan, version '.PlanReader::VERSION,
            'description' => self::SAYS,
            'type' => 'object',
            'required' => ['format', 'version', ...$needed, 'locations', 'setups'],
            'properties' => ['format' => ['const' => PlanReader::FORMAT], 'version' => ['const' => PlanReader::VERSION]] + $properties,
        ];
    }
}
