<?php

declare(strict_types=1);

namespace App\View\Drawing;

use FineFrame\Geometry\Vec2;

/** The floor as drawn: plan metres to drawing units (centimetres), y turned down. */
final readonly class Sheet
{
    public const UNITS = 100.0;

    public float $left;

    public float $top;

    public float $width;

    public float $height;

    /** @param  non-empty-list<Vec2>  $corners */
    public function __construct(array $corners, float $marginM = 0.5)
    {
        $xs = array_map(static fn (Vec2 $c): float => $c->x, $corners);
        $ys = array_map(static fn (Vec2 $c): float => $c->y, $corners);
        $this->left = (min($xs) - $marginM) * self::UNITS;
        $this->top = -(max($ys) + $marginM) * self::UNITS;
        $this->width = (max($xs) - min($xs) + 2 * $marginM) * self::UNITS;
        $this->height = (max($ys) - min($ys) + 2 * $marginM) * self::UNITS;
    }

    public function x(Vec2 $p): float
    {
        return round($p->x * self::UNITS, 1);
    }

    public function y(Vec2 $p): float
    {
        return round(-$p->y * self::UNITS, 1);
    }

    public function at(Vec2 $p): string
    {
        return $this->x($p).' '.$this->y($p);
    }

    /** @param  list<Vec2>  $points */
    public function path(array $points, bool $closed = true): string
    {
        return 'M'.implode('L', array_map($this->at(...), $points)).($closed ? 'Z' : '');
    }

    public function viewBox(): string
    {
        return implode(' ', array_map(static fn (float $n): float => round($n, 1), [$this->left, $this->top, $this->width, $this->height]));
    }

    /** A size of text that reads alike in small and large rooms. */
    public function text(): float
    {
        return round(max($this->width / 58, $this->height / 36), 1);
    }
}
