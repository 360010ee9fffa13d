<?php

declare(strict_types=1);

namespace FineFrame\Staging;

enum Role: string
{
    case Subject = 'subject';
    case Interviewer = 'interviewer';
}
