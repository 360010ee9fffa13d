<?php

declare(strict_types=1);

namespace App\Plans;

use FineFrame\Plan\Edit;

/** Whether an edit touches nothing that was changed since the plan it was made from: then both may stand. */
final class Apart
{
    /**
     * @param  array<array-key, mixed>  $from  the plan's document that the edit was made from
     * @param  array<array-key, mixed>  $now  as it is by now
     */
    public static function is(Edit $edit, array $from, array $now): bool
    {
        foreach ($edit->values as $pointer => $value) {
            $steps = array_slice(explode('/', (string) $pointer), 1);
            $last = array_pop($steps);
            [$before, $after] = [self::at($from, $steps), self::at($now, $steps)];
            // Where it goes is gone, or is counted in a list that another has changed.
            if (! is_array($after) || (is_string($last) && ctype_digit($last) && $before !== $after)) {
                return false;
            }
            $isTouched = $last === '-'
                ? is_array($value) && isset($value['id']) && self::step($after, self::word($value['id'])) !== null
                : self::step(is_array($before) ? $before : [], (string) $last) !== self::step($after, (string) $last);
            if ($isTouched) {
                return false;
            }
        }

        return true;
    }

    /**
     * What stands in a document, lists by their items' ids; null where nothing does.
     *
     * @param  array<array-key, mixed>  $document
     * @param  list<string>  $steps
     */
    public static function at(array $document, array $steps): mixed
    {
        $at = $document;
        foreach ($steps as $step) {
            $at = is_array($at) ? self::step($at, $step) : null;
        }

        return $at;
    }

    /** @param  array<array-key, mixed>  $in */
    private static function step(array $in, string $step): mixed
    {
        foreach (array_is_list($in) ? $in : [] as $item) {
            if (is_array($item) && ($item['id'] ?? null) === $step) {
                return self::plain($item);
            }
        }

        return self::plain($in[$step] ?? null);
    }

    private static function plain(mixed $value): mixed
    {
        return $value instanceof \stdClass ? (array) $value : $value;
    }

    private static function word(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
