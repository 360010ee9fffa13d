<?php

declare(strict_types=1);

namespace App\View\Drawing;

/** How the lines of a drawing are styled: by the page's style sheet, or on paper by themselves. */
interface Ink
{
    /** Attributes for a shape of a class. */
    public function of(string $class): string;
}
