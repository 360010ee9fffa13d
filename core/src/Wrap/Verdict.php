<?php

declare(strict_types=1);

namespace FineFrame\Wrap;

/** How a file of a copy stands to the card’s. */
enum Verdict: string
{
    case Same = 'same';
    case Differs = 'differs';
    case Size = 'size';
    case Missing = 'missing';
    case Extra = 'extra';
    case Unknown = 'unknown';
}
