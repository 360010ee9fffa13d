<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;

/** What hides what from one lens. */
final class Covers
{
    /** Two faces nearer each other than this touch, and neither hides the other, metres. */
    private const TOUCH_M = 1e-6;

    /** Of the frame, whose area is 4: smaller pieces than these are no part of a picture. */
    private const SLIVER = 1e-7;

    private const MOST_PIECES = 300;

    /** @var list<Cover>|null */
    private ?array $all = null;

    /** @var array<int, Cover> by solid */
    private array $made = [];

    /** The solid last looked at, and what did not count. */
    private ?Solid $looked = null;

    private ?\Closure $ignored = null;

    /** @var list<Cover> what may hide it */
    private array $before = [];

    /** @param  array<Solid>  $solids  all that may hide anything */
    public function __construct(private readonly LensView $view, public readonly array $solids)
    {
    }

    /**
     * The first thing found before a solid at a place in the frame; the solid itself where it is not there.
     *
     * @param  array{float, float}  $at
     * @param  (\Closure(Solid): bool)|null  $ignored  what hides nothing of it
     * @param  float  $fromM  nearer than this, nothing hides it: metres ahead
     */
    public function hider(Solid $solid, array $at, ?\Closure $ignored = null, float $fromM = 0.0): ?Solid
    {
        if ($this->looked !== $solid || $this->ignored !== $ignored) {
            [$this->looked, $this->ignored] = [$solid, $ignored];
            $this->before = $this->before($solid, $ignored);
        }
        [$x, $y] = $at;
        $own = $this->of($solid)->metAt($x, $y) - self::TOUCH_M;

        return $own === INF || $own <= $fromM ? $solid : $this->nearer($this->before, $x, $y, $fromM + self::TOUCH_M, $own);
    }

    /**
     * What is left of a solid's outline once the outlines of all that stands before it are taken away.
     *
     * @param  list<array{float, float}>  $outline  convex, counter-clockwise
     * @param  (\Closure(Solid): bool)|null  $ignored  what hides nothing of it
     * @return array{list<list<array{float, float}>>, bool, array<string, float>} convex pieces; whether something may still hide a part:
     *     what reaches through it, of which no order tells which is before; and the area that each owner hides of what those before it left
     */
    public function clear(Solid $solid, array $outline, ?\Closure $ignored = null): array
    {
        $mine = $this->of($solid);
        [$pieces, $isOpen, $hidden, $area] = [[$outline], false, [], Convex::area($outline)];
        foreach ($this->before($solid, $ignored) as $cover) {
            $isBefore = $cover->farM <= $mine->nearM ? 1 : SeenSolid::order($cover->solid, $solid, $this->view->eye);
            if ($isBefore <= 0) {
                $isOpen = $isOpen || $isBefore === 0;

                continue;
            }
            $pieces = Convex::less($pieces, $cover->outline(), self::SLIVER);
            $left = array_sum(array_map(Convex::area(...), $pieces));
            if ($left < $area) {
                $hidden[$cover->solid->owner] = ($hidden[$cover->solid->owner] ?? 0.0) + $area - $left;
                $area = $left;
            }
            if ($pieces === [] || count($pieces) > self::MOST_PIECES) {
                return [$pieces, $pieces !== [], $hidden];
            }
        }

        return [$pieces, $isOpen, $hidden];
    }

    /**
     * Whether anything but one thing stands between the lens and so far ahead, at a place in the frame.
     *
     * @param  array{float, float}  $at
     */
    public function isBlocked(array $at, float $untilM, string $but): bool
    {
        return $this->nearer($this->all(), $at[0], $at[1], 0.0, $untilM, $but) !== null;
    }

    /** @param  list<Cover>  $covers */
    private function nearer(array $covers, float $x, float $y, float $fromM, float $untilM, string $but = ''): ?Solid
    {
        foreach ($covers as $cover) {
            if ($x >= $cover->left && $x <= $cover->right && $y >= $cover->bottom && $y <= $cover->top && $cover->nearM < $untilM) {
                $met = $cover->metAt($x, $y);
                if ($met < $untilM && $met >= $fromM && $cover->solid->owner !== $but) {
                    return $cover->solid;
                }
            }
        }

        return null;
    }

    /** @return list<Cover> made when first asked for */
    private function all(): array
    {
        if ($this->all === null) {
            $this->all = [];
            foreach ($this->solids as $solid) {
                if ($this->view->mayShow($solid)) {
                    $this->all[] = $this->of($solid);
                }
            }
        }

        return $this->all;
    }

    public function of(Solid $solid): Cover
    {
        return $this->made[spl_object_id($solid)] ??= new Cover($solid, $this->view);
    }

    /**
     * @param  (\Closure(Solid): bool)|null  $ignored
     * @return list<Cover>
     */
    private function before(Solid $solid, ?\Closure $ignored): array
    {
        $mine = $this->of($solid);
        $before = [];
        foreach ($this->all() as $cover) {
            if ($cover->solid !== $solid && $cover->nearM < $mine->farM && $cover->overlaps($mine)
                && ! ($cover->solid->isFlat() && $this->isThisSide($cover->solid, $solid))
                && ($ignored === null || ! $ignored($cover->solid))) {
                $before[] = $cover;
            }
        }

        return $before;
    }

    /** Whether all of a solid is on the lens's side of a wall, which then hides nothing of it. */
    private function isThisSide(Solid $wall, Solid $solid): bool
    {
        [$nx, $ny, $nz, $d] = $wall->planes()[0];
        $side = $nx * $this->view->eye[0] + $ny * $this->view->eye[1] + $nz * $this->view->eye[2] - $d;
        $there = $nx * $solid->centre[0] + $ny * $solid->centre[1] + $nz * $solid->centre[2] - $d;

        return $side > 0.0 ? $there >= $solid->radius : $there <= -$solid->radius;
    }
}
