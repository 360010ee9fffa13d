<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** What a setup is worked as: it decides which rules bear on it. */
enum Work: string
{
    case AsBriefed = 'as the brief says';
    case Talk = 'talk';
    case Performance = 'performance, several cameras';
    case OneTake = 'performance, one unbroken take';
}
