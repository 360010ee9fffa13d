<?php

declare(strict_types=1);

namespace FineFrame\Space;

enum BuiltKind: string
{
    case Column = 'column';
    case Beam = 'beam';
    case Platform = 'platform';
    case Stairs = 'stairs';
    case Rows = 'rows';

    /** Whether a stand could be put on it. */
    public function carriesStands(): bool
    {
        return match ($this) {
            self::Platform => true,
            self::Column, self::Beam, self::Stairs, self::Rows => false,
        };
    }
}
