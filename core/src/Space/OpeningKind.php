<?php

declare(strict_types=1);

namespace FineFrame\Space;

enum OpeningKind: string
{
    case Door = 'door';
    case Window = 'window';
}
