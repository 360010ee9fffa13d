<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Geometry\Vec2;

/** Where a flag's edge falls, in a plane section through source, edge and screen: by the lines from the source's ends past the edge. */
final readonly class Penumbra
{
    /**
     * @param  float  $beginsM  along the screen, where the first part of the source goes out; $fullM: where the last does; $middleM: behind
     *     the source's middle
     */
    private function __construct(public float $beginsM, public float $fullM, public float $middleM)
    {
    }

    /**
     * @param  array{Vec2, Vec2}  $source  its ends
     * @param  Vec2  $opaque  to which side of the edge nothing passes
     * @param  array{Vec2, Vec2}  $screen  a point on it and its direction
     *
     * @throws ImpossibleLight if a line past the edge never meets the screen
     */
    public static function of(array $source, Vec2 $edge, Vec2 $opaque, array $screen): self
    {
        $middle = $source[0]->plus($source[1])->times(0.5);
        [$one, $other, $between] = array_map(
            static fn (Vec2 $from): float => self::met($from, $edge, $screen),
            [$source[0], $source[1], $middle],
        );
        // The shade lies where the opaque side lies: toward it along the screen, the source goes out part by part.
        $way = $screen[1]->unit();
        $towards = $way->dot($opaque) >= 0 ? 1.0 : -1.0;
        if (abs($way->dot($opaque->unit())) < 1e-9) {
            $towards = $edge->minus($middle)->cross($opaque) * $edge->minus($middle)->cross($way) >= 0 ? 1.0 : -1.0;
        }

        return $towards * ($other - $one) >= 0 ? new self($one, $other, $between) : new self($other, $one, $between);
    }

    public function widthM(): float
    {
        return abs($this->fullM - $this->beginsM);
    }

    /**
     * Behind something, the width of the edge of its shadow.
     *
     * @param  float  $times  how many times as far as the thing the screen is
     */
    public static function width(float $sourceM, float $times): float
    {
        return $sourceM * ($times - 1.0);
    }

    /**
     * The shadow of an opaque strip: what both of the source's ends leave dark, and what either does.
     *
     * @param  array{Vec2, Vec2}  $source
     * @param  array{Vec2, Vec2}  $strip
     * @param  array{Vec2, Vec2}  $screen
     * @return array{umbra: array{float, float}|null, outer: array{float, float}}
     *
     * @throws ImpossibleLight if a line past the strip never meets the screen
     */
    public static function ofStrip(array $source, array $strip, array $screen): array
    {
        $shadows = array_map(static function (Vec2 $end) use ($strip, $screen): array {
            $ends = array_map(static fn (Vec2 $edge): float => self::met($end, $edge, $screen), $strip);
            sort($ends);

            return $ends;
        }, $source);
        $umbra = [max($shadows[0][0], $shadows[1][0]), min($shadows[0][1], $shadows[1][1])];

        return [
            'umbra' => $umbra[1] > $umbra[0] ? $umbra : null,
            'outer' => [min($shadows[0][0], $shadows[1][0]), max($shadows[0][1], $shadows[1][1])],
        ];
    }

    /**
     * How far along the screen a line from a place past an edge meets it.
     *
     * @param  array{Vec2, Vec2}  $screen
     */
    private static function met(Vec2 $from, Vec2 $edge, array $screen): float
    {
        $way = $edge->minus($from);
        $along = $screen[1]->unit();
        $across = $way->cross($along);
        if (abs($across) <= 1e-9 * $way->length()) {
            throw ImpossibleLight::unmet();
        }
        $gap = $screen[0]->minus($from);

        return $gap->cross($way) / $across;
    }
}
