<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\FineFrameException;

final class UnsolvedSurvey extends \DomainException implements FineFrameException
{
    public static function tooFew(): self
    {
        return new self('A room needs at least three walls.');
    }

    public static function notALength(string $reading): self
    {
        return new self("$reading is not a length a tape can give.");
    }

    public static function undetermined(int $corners, int $readings): self
    {
        return new self($corners === 4 && $readings === 4
            ? 'Four walls without a diagonal can shear: tape one diagonal, or give the turns.'
            : sprintf('%d readings do not fix %d corners: tape another diagonal.', $readings, $corners));
    }

    public static function diverged(): self
    {
        return new self('No floor plan fits these readings: one of them is far off, or two corners are swapped.');
    }
}
