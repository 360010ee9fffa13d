<?php

declare(strict_types=1);

namespace App\Plans\Cards;

/** How a choice of the plan file is called on screens and papers; the file keeps its own word. */
final class Choices
{
    public static function shown(string $value): string
    {
        $words = __('choices');

        return is_array($words) && is_string($words[$value] ?? null) ? $words[$value] : $value;
    }

    /**
     * @param  array<string, string>  $options  value => label
     * @return array<string, string> with the word for each that is its own label
     */
    public static function worded(array $options): array
    {
        $worded = [];
        foreach ($options as $value => $label) {
            $worded[$value] = $label === (string) $value ? self::shown($label) : $label;
        }

        return $worded;
    }
}
