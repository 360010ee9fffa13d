<?php

declare(strict_types=1);

namespace FineFrame\Grip;

/** A place that nothing sits on yet, on a support or on a part that was put there. */
final readonly class OpenPlace
{
    /**
     * @param  list<int>  $limits  that bear what is put there, from the ground up
     * @param  string  $on  the support or the bit of the building that it starts from
     */
    public function __construct(public string $type, public ?float $sizeM, public array $limits, public string $on)
    {
    }
}
