<?php

declare(strict_types=1);

namespace FineFrame\Scene;

/**
 * A solid as one lens sees it: the rectangle of the frame that it fills, and how far ahead it is met through a place in
 * the frame. Made for a lens and asked at thousands of places, so all that stays the same over the frame is kept.
 */
final class Cover
{
    public readonly float $left;

    public readonly float $right;

    public readonly float $bottom;

    public readonly float $top;

    /** How far ahead of the lens it begins and ends, metres along the axis. */
    public readonly float $nearM;

    public readonly float $farM;

    /**
     * @var list<array{float, float, float, float}>|null of each face: how fast a ray comes nearer its plane, in the middle and per unit
     *     across and up; and how far off the plane is
     */
    private ?array $faces = null;

    /** @var list<array{float, float}>|null */
    private ?array $outline = null;

    public function __construct(public readonly Solid $solid, private readonly LensView $view)
    {
        [$ex, $ey, $ez] = $view->eye;
        [[$rx, $ry], [$ux, $uy, $uz], [$fx, $fy, $fz]] = [$view->right, $view->up, $view->forward];
        [$left, $right, $bottom, $top, $near, $far] = [INF, -INF, INF, -INF, INF, -INF];
        foreach ($solid->points as [$x, $y, $z]) {
            $x -= $ex;
            $y -= $ey;
            $z -= $ez;
            $ahead = $x * $fx + $y * $fy + $z * $fz;
            if ($ahead < $near) {
                $near = $ahead;
            }
            if ($ahead > $far) {
                $far = $ahead;
            }
            if ($ahead >= LensView::NEAR_M) {
                [$across, $up] = [($x * $rx + $y * $ry) / $ahead, ($x * $ux + $y * $uy + $z * $uz) / $ahead];
                if ($across < $left) {
                    $left = $across;
                }
                if ($across > $right) {
                    $right = $across;
                }
                if ($up < $bottom) {
                    $bottom = $up;
                }
                if ($up > $top) {
                    $top = $up;
                }
            }
        }
        [$this->nearM, $this->farM] = [$near, $far];
        [$this->left, $this->right, $this->bottom, $this->top] = $near < LensView::NEAR_M
            ? [-INF, INF, -INF, INF]
            : [$left / $view->tanX, $right / $view->tanX, $bottom / $view->tanY, $top / $view->tanY];
    }

    /** @return list<array{float, float}> where it lies in the frame, counter-clockwise */
    public function outline(): array
    {
        return $this->outline ??= Outline::of($this->solid, $this->view);
    }

    public function overlaps(self $other): bool
    {
        return $this->left <= $other->right && $other->left <= $this->right && $this->bottom <= $other->top && $other->bottom <= $this->top;
    }

    /**
     * Whether its rectangle meets a polygon's.
     *
     * @param  non-empty-list<array{float, float}>  $polygon
     */
    public function meets(array $polygon): bool
    {
        [$across, $up] = [array_column($polygon, 0), array_column($polygon, 1)];

        return $this->left <= max($across) && min($across) <= $this->right && $this->bottom <= max($up) && min($up) <= $this->top;
    }

    /** Metres ahead, along the axis, at which the ray through a place in its rectangle meets it; infinite where it passes. */
    public function metAt(float $x, float $y): float
    {
        $this->faces ??= $this->faces();

        return $this->solid->isFlat() ? $this->flatAt($x, $y) : $this->solidAt($x, $y);
    }

    private function solidAt(float $x, float $y): float
    {
        [$in, $out] = [0.0, INF];
        foreach ($this->faces ?? [] as [$middle, $across, $up, $gap]) {
            $speed = $middle + $across * $x + $up * $y;
            if ($speed < -1e-12) {
                $at = $gap / $speed;
                if ($at > $in) {
                    $in = $at;
                }
            } elseif ($speed > 1e-12) {
                $at = $gap / $speed;
                if ($at < $out) {
                    $out = $at;
                }
            } elseif ($gap < 0) {
                return INF;
            }
            if ($in > $out) {
                return INF;
            }
        }

        return $in > 0.0 ? $in : INF;
    }

    private function flatAt(float $x, float $y): float
    {
        [[$middle, $across, $up, $gap]] = $this->faces ?? [[0.0, 0.0, 0.0, 0.0]];
        $speed = $middle + $across * $x + $up * $y;
        $at = abs($speed) < 1e-12 ? -1.0 : $gap / $speed;

        return $at > 0.0 && $this->solid->hitBy($this->view->eye, $this->view->ray([$x, $y])) !== null ? $at : INF;
    }

    /** @return list<array{float, float, float, float}> */
    private function faces(): array
    {
        $view = $this->view;
        $faces = [];
        foreach ($this->solid->planes() as [$nx, $ny, $nz, $d]) {
            $faces[] = [
                $nx * $view->forward[0] + $ny * $view->forward[1] + $nz * $view->forward[2],
                ($nx * $view->right[0] + $ny * $view->right[1]) * $view->tanX,
                ($nx * $view->up[0] + $ny * $view->up[1] + $nz * $view->up[2]) * $view->tanY,
                $d - $nx * $view->eye[0] - $ny * $view->eye[1] - $nz * $view->eye[2],
            ];
        }

        return $faces;
    }
}
