<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\InvalidDocument;

/**
 * Fields of a plan's document to set, by pointer. Lists may be addressed by their items' ids:
 * `/setups/talk/cameras/cam-b/x_m`; `-` appends. A null value takes a list's item out, or clears a field.
 */
final readonly class Edit
{
    /** @param  array<string, mixed>  $values by pointer */
    public function __construct(public array $values)
    {
    }

    /** @throws InvalidDocument if a pointer leads nowhere or the changed plan is not sound */
    public function applyTo(ShootPlan $plan): ShootPlan
    {
        return PlanReader::document($this->applied(PlanWriter::document($plan)));
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     *
     * @throws InvalidDocument if a pointer leads nowhere
     */
    public function applied(array $document): array
    {
        $before = $document;
        foreach ($this->values as $pointer => $value) {
            // A name of digits comes as a number out of an array's keys; one with control characters no JSON reads back.
            $pointer = (string) $pointer;
            if (preg_match('/[\x00-\x1f]/', $pointer) === 1) {
                throw self::nowhere('');
            }
            $document = self::set($document, array_slice(explode('/', $pointer), 1), $value, $pointer);
        }

        return Assumed::after($before, $document, array_map(strval(...), array_keys($this->values)));
    }

    /**
     * @param  array<array-key, mixed>  $in
     * @param  list<string>  $path
     * @return array<array-key, mixed>
     *
     * @throws InvalidDocument if the pointer leads nowhere
     */
    private static function set(array $in, array $path, mixed $value, string $pointer): array
    {
        $step = $path[0] ?? throw self::nowhere($pointer);
        if ($path === ['-']) {
            return [...$in, $value];
        }
        $isList = $in !== [] && array_is_list($in);
        $key = $isList ? self::item($in, $step) ?? throw self::nowhere($pointer) : $step;
        if (count($path) === 1) {
            $in[$key] = $value;
            if ($value === null) {
                unset($in[$key]);
            }

            return $isList ? array_values($in) : $in;
        }
        $inner = $in[$key] ?? throw self::nowhere($pointer);
        $inner = $inner instanceof \stdClass ? (array) $inner : $inner;
        $in[$key] = is_array($inner) ? self::set($inner, array_slice($path, 1), $value, $pointer) : throw self::nowhere($pointer);

        return $in;
    }

    /** @param  array<array-key, mixed>  $list */
    private static function item(array $list, string $step): ?int
    {
        foreach (array_values($list) as $i => $item) {
            if (is_array($item) && ($item['id'] ?? null) === $step) {
                return $i;
            }
        }

        return ctype_digit($step) && isset($list[(int) $step]) ? (int) $step : null;
    }

    private static function nowhere(string $pointer): InvalidDocument
    {
        return InvalidDocument::at($pointer, 'leads nowhere in this plan');
    }
}
