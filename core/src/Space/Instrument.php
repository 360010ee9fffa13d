<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** What a length was taken with, and how far such a reading may be off: one standard uncertainty. */
enum Instrument: string
{
    case Tape = 'tape';
    case Laser = 'laser';
    case Paced = 'paced';
    case Drawing = 'drawing';

    /** docs/METHODS.md, Survey: tape 5 mm + 1 mm/m, laser 2 mm; paces and old drawings by custom. */
    public function sigmaM(float $lengthM): float
    {
        return match ($this) {
            self::Tape => 0.005 + 0.001 * $lengthM,
            self::Laser => 0.002,
            self::Paced => 0.1 + 0.05 * $lengthM,
            self::Drawing => 0.02 + 0.005 * $lengthM,
        };
    }
}
