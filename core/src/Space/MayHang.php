<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** Whether something may hang from a beam. Nobody knows until someone who may say so has said. */
enum MayHang: string
{
    case Unknown = 'unknown';
    case Yes = 'yes';
    case No = 'no';
}
