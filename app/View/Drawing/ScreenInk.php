<?php

declare(strict_types=1);

namespace App\View\Drawing;

/** The style sheet knows the classes. */
final class ScreenInk implements Ink
{
    public function of(string $class): string
    {
        return 'class="'.$class.'"';
    }
}
