<?php

declare(strict_types=1);

namespace App\View\Drawing;

/** The day theme as attributes, for files and print, where no style sheet goes along. */
final class PaperInk implements Ink
{
    private const STYLES = [
        'wall' => ['none', '#1b2422', 14.0],
        'ground' => ['#ffffff', 'none', 0.0],
        'gap' => ['none', '#ffffff', 15.0],
        'pane' => ['none', '#1b2422', 2.0],
        'leaf' => ['none', '#1b2422', 1.0],
        'pool' => ['none', '#8f5600', 0.8],
        'wedge' => ['none', '#0b6670', 0.8],
        'top' => ['#f3eee2', '#1b2422', 1.2],
        'shoulders' => ['#1b2422', 'none', 0.0],
        'head' => ['#ffffff', '#1b2422', 1.4],
        'nose' => ['#1b2422', 'none', 0.0],
        'legs' => ['none', '#4c5a63', 1.0],
        'ring' => ['none', '#4c5a63', 0.5],
        'body' => ['#ffffff', '#0b6670', 2.0],
        'lens' => ['#0b6670', '#0b6670', 1.0],
        'box' => ['#f9ead0', '#8f5600', 1.2],
        'face' => ['none', '#8f5600', 5.0],
        'pole' => ['none', '#86295f', 2.0],
        'capsule' => ['none', '#86295f', 5.0],
        'sees-all' => ['#0b6670', 'none', 0.0],
        'sees-some' => ['none', '#0b6670', 1.2],
        'sees-none' => ['#4c5a63', 'none', 0.0],
        'move' => ['none', '#0b6670', 1.6],
        'move-behind' => ['none', '#0b6670', 0.6],
        'mark-dot' => ['#ffffff', '#0b6670', 1.4],
        'mark-aim' => ['#0b6670', '#0b6670', 1.0],
        'scale' => ['none', '#1b2422', 1.4],
        'distance' => ['none', '#1b2422', 0.7],
        'narrow' => ['none', '#7a5300', 2.0],
    ];

    public function of(string $class): string
    {
        if (str_starts_with($class, 'label') || $class === 'words') {
            return 'fill="#1b2422"';
        }
        [$fill, $stroke, $width] = self::STYLES[$class] ?? ['none', '#4c5a63', 1.0];

        return "fill=\"$fill\" stroke=\"$stroke\" stroke-width=\"$width\"";
    }
}
