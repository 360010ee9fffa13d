<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Workspace;
use FineFrame\Plan\UnknownThing;

/** Floor and frames as SVG files that stand alone. */
final class Drawings
{
    public const FACE = 'DejaVu Sans, sans-serif';

    /** Millimetres on paper for a metre of floor: 1:50. */
    private const MM_A_METRE = 20.0;

    /**
     * @param  bool  $sized  in true millimetres; without, in drawing units, for whoever places it at a size of their own
     * @param  string  $face  of its words
     */
    /** @param  list<string>  $overlays */
    public function floor(Workspace $work, bool $sized = true, string $face = self::FACE, array $overlays = ['lenses', 'tape']): string
    {
        $floor = $work->floor();
        $size = static fn (float $units): string => $sized ? round($units / Sheet::UNITS * self::MM_A_METRE, 2).'mm' : (string) $units;

        return $this->standAlone('plan.floor', [
            'work' => $work, 'floor' => $floor, 'ink' => new PaperInk, 'selected' => null, 'overlays' => $overlays,
            'outer' => "font-family=\"$face\" width=\"{$size($floor->sheet->width)}\" height=\"{$size($floor->sheet->height)}\"",
        ]);
    }

    /** @throws UnknownThing if there is no such camera */
    public function frame(Workspace $work, string $camera): string
    {
        foreach ($work->frames() as $frame) {
            if ($frame->id === $camera) {
                return $this->framed($frame);
            }
        }
        throw UnknownThing::called('camera', $camera);
    }

    public function framed(FrameDrawing $frame, string $face = self::FACE): string
    {
        return $this->standAlone(
            'plan.frame',
            ['frame' => $frame, 'outer' => "font-family=\"$face\" width=\"".FrameDrawing::WIDTH."\" height=\"$frame->height\""],
        );
    }

    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $data
     */
    private function standAlone(string $view, array $data): string
    {
        return '<?xml version="1.0" encoding="UTF-8"?>'."\n".trim(view($view, $data)->render())."\n";
    }
}
