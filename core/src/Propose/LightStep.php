<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Judge\LitFace;
use FineFrame\Judge\Mend;

/** One change of the light, and what it bought on the face that it was asked for. */
final readonly class LightStep
{
    /** @param  Mend  $change  with what it leaves to watch that was not before */
    public function __construct(public Mend $change, public LitFace $before, public LitFace $after)
    {
    }
}
