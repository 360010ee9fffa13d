<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Vec2;

/** How wide the way from a place to an opening is. */
final readonly class WayOut
{
    /**
     * @param  float  $widthM  0 where there is no way
     * @param  array{string, string}  $between  ids of the two that set it, sorted
     * @param  array{Vec2, Vec2}  $ends  where each of the two is nearest the other
     */
    private function __construct(public float $widthM, public array $between, public array $ends)
    {
    }

    public static function narrowest(float $widthM, string $one, Vec2 $at, string $other, Vec2 $there): self
    {
        return $one <= $other ? new self($widthM, [$one, $other], [$at, $there]) : new self($widthM, [$other, $one], [$there, $at]);
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
