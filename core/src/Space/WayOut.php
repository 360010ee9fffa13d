<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** How wide the way from a place to an opening is. */
final readonly class WayOut
{
    /**
     * @param  float  $widthM  0 where there is no way
     * @param  array{string, string}|null  $between  ids of the two that set it, sorted; null where there is no way
     */
    public function __construct(public float $widthM, public ?array $between)
    {
    }

    /**
     * @param  non-empty-array<string, self>  $ways
     * @return string the widest’s; of equal ones the first
     */
    public static function best(array $ways): string
    {
        $best = array_key_first($ways);
        foreach ($ways as $id => $way) {
            $best = $way->widthM > $ways[$best]->widthM + 1e-9 ? $id : $best;
        }

        return (string) $best;
    }
}
