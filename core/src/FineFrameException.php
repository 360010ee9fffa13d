<?php

declare(strict_types=1);

namespace FineFrame;

/** Everything the core throws on purpose: its message is a sentence for the person at the screen. */
interface FineFrameException extends \Throwable
{
}
