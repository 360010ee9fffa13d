<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;

/** Finds what of each thing shows in one lens's delivered frame. */
final class Intrusions
{
    /** Less of the frame than this is not seen by anyone: about 2 × 2 pixels of a 1080-line picture. */
    public const LEAST_SHARE = 2e-6;

    /** A ray is cast for every so much of the frame, whose area is 4. */
    private const FINEST = 0.03;

    /** @var list<array{float, float, float, float, Solid, float, float, float}>|null what may hide a thing: centre from the lens, squared radius, solid */
    private ?array $covers = null;

    /** The solid last looked at, and what may hide it. */
    private ?Solid $looked = null;

    /** @var list<array{float, float, float, float, Solid, float, float, float}> */
    private array $before = [];

    /** @param  string  $but  something that is looked at elsewhere than it stands, and hides nothing */
    public function __construct(private readonly Scene $scene, private readonly LensView $view, private readonly string $but = '')
    {
    }

    /** @return list<array{float, float, float, float, Solid, float, float, float}> made when something shows at all */
    private function covers(): array
    {
        if ($this->covers !== null) {
            return $this->covers;
        }
        [$ex, $ey, $ez] = $this->view->eye;
        $covers = [];
        foreach ([...$this->scene->shell, ...$this->scene->solidsSeenBy($this->view->camera)] as $solid) {
            if ($solid->material !== Material::Floor && $solid->material !== Material::Ceiling && $solid->owner !== $this->but && $this->view->mayShow($solid)) {
                [$x, $y, $z, $radius] = [$solid->centre[0] - $ex, $solid->centre[1] - $ey, $solid->centre[2] - $ez, $solid->isFlat() ? INF : $solid->radius];
                $distance = sqrt($x * $x + $y * $y + $z * $z);
                // Sine and cosine of half the angle that it fills, seen as a ball; beyond any where the lens is inside it.
                $sine = $radius < $distance ? $radius / $distance : 2.0;
                $covers[] = [$x, $y, $z, $radius * $radius, $solid, $distance, $sine, $sine < 1.0 ? sqrt(1.0 - $sine * $sine) : 0.0];
            }
        }

        return $this->covers = $covers;
    }

    /**
     * Of what may hide anything, what may hide this solid: nearer, and in its direction as both are round.
     *
     * @return list<array{float, float, float, float, Solid, float, float, float}>
     */
    private function coversOf(Solid $solid): array
    {
        if ($this->looked === $solid) {
            return $this->before;
        }
        [$sx, $sy, $sz] = [$solid->centre[0] - $this->view->eye[0], $solid->centre[1] - $this->view->eye[1], $solid->centre[2] - $this->view->eye[2]];
        $far = sqrt($sx * $sx + $sy * $sy + $sz * $sz);
        $sine = $far > $solid->radius ? $solid->radius / $far : 2.0;
        $cosine = $sine < 1.0 ? sqrt(1.0 - $sine * $sine) : 0.0;
        $reach = $far + $solid->radius;
        $before = [];
        foreach ($this->covers() as $cover) {
            [$x, $y, $z, , $other, $distance, $wide, $narrow] = $cover;
            // Farther off than all of the solid, or apart by more than both half angles: cos(a + b) of them.
            if ($wide < 1.0 && ($distance * (1.0 - $wide) > $reach || ($sine < 1.0 && $x * $sx + $y * $sy + $z * $sz < ($cosine * $narrow - $sine * $wide) * $distance * $far))) {
                continue;
            }
            if ($other !== $solid && ! ($wide >= 2.0 && $other->isFlat() && self::isThisSide($other, $this->view->eye, $solid))) {
                $before[] = $cover;
            }
        }
        $this->looked = $solid;

        return $this->before = $before;
    }

    /**
     * Whether all of a solid is on the lens's side of a wall, which then hides nothing of it.
     *
     * @param  array{float, float, float}  $eye
     */
    private static function isThisSide(Solid $wall, array $eye, Solid $solid): bool
    {
        [$nx, $ny, $nz, $d] = $wall->planes()[0];
        $side = $nx * $eye[0] + $ny * $eye[1] + $nz * $eye[2] - $d;
        $there = $nx * $solid->centre[0] + $ny * $solid->centre[1] + $nz * $solid->centre[2] - $d;

        return $side > 0.0 ? $there >= $solid->radius : $there <= -$solid->radius;
    }

    /** @return list<Intrusion> of things that nobody wants in frame */
    public function all(): array
    {
        $found = [];
        foreach ($this->unwanted() as $owner => $solids) {
            $share = $this->share($solids);
            if ($share > self::LEAST_SHARE) {
                $found[] = new Intrusion($owner, $solids[0]->kind, $share, $this->clearances($owner));
            }
        }

        return $found;
    }

    /**
     * The share of the delivered frame that solids cover, what is hidden left out.
     *
     * @param  list<Solid>  $solids
     */
    public function share(array $solids): float
    {
        $area = 0.0;
        foreach ($solids as $solid) {
            $outline = $this->view->mayShow($solid) ? Convex::clip(self::outline($solid, $this->view), $this->view->cropX, $this->view->cropY) : [];
            foreach (count($outline) < 3 ? [] : Convex::samples($outline, self::FINEST) as [$at, $part]) {
                $area += $this->hidden($solid, $at) ? 0.0 : $part;
            }
        }

        return $area / (4 * $this->view->cropX * $this->view->cropY);
    }

    /**
     * Whether anything of them shows; ends at the first that does.
     *
     * @param  list<Solid>  $solids
     */
    public function shows(array $solids): bool
    {
        foreach ($solids as $solid) {
            $outline = $this->view->mayShow($solid) ? Convex::clip(self::outline($solid, $this->view), $this->view->cropX, $this->view->cropY) : [];
            foreach (count($outline) < 3 ? [] : Convex::samples($outline, self::FINEST) as [$at, $part]) {
                if ($part > 4 * self::LEAST_SHARE && ! $this->hidden($solid, $at)) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * How much of a part of the frame, filled by a solid, is seen, and what hides the rest.
     *
     * @param  list<array{float, float}>  $part
     * @param  \Closure(Solid): bool  $ignored  what hides nothing of it
     * @return array{float, array<string, float>} areas of the frame: clear, and by owner
     */
    public function covered(Solid $solid, array $part, \Closure $ignored): array
    {
        [$clear, $hidden] = [0.0, []];
        foreach (Convex::samples($part, self::FINEST) as [$at, $area]) {
            $by = $this->hider($solid, $at, $ignored);
            $by === null || $by === $solid ? $clear += $area : $hidden[$by->owner] = ($hidden[$by->owner] ?? 0.0) + $area;
        }

        return [$clear, $hidden];
    }

    /** @return list<string> owners of what nobody wants and shows */
    public function owners(): array
    {
        return array_map(strval(...), array_keys(array_filter($this->unwanted(), $this->shows(...))));
    }

    /** @return array<string, non-empty-list<Solid>> by owner */
    private function unwanted(): array
    {
        return array_diff_key($this->scene->unwanted(), [$this->view->camera->placement->id => true]);
    }

    /**
     * A convex solid's outline in the frame; what lies behind the lens is cut off.
     *
     * @return list<array{float, float}>
     */
    public static function outline(Solid $solid, LensView $view): array
    {
        $ahead = array_map($view->seen(...), $solid->points);
        $points = [];
        foreach ($ahead as [$x, $y, $z]) {
            if ($z >= LensView::NEAR_M) {
                $points[] = [$x / ($z * $view->tanX), $y / ($z * $view->tanY)];
            }
        }
        if ($points !== [] && count($points) < count($ahead)) {
            array_push($points, ...self::nearCuts($solid, $ahead, $view));
        }

        return Convex::hull($points);
    }

    /**
     * @param  list<array{float, float, float}>  $ahead
     * @return list<array{float, float}>
     */
    private static function nearCuts(Solid $solid, array $ahead, LensView $view): array
    {
        $cuts = [];
        foreach ($solid->faces as $face) {
            foreach ($face as $i => $from) {
                [$a, $b] = [$ahead[$from], $ahead[$face[($i + 1) % count($face)]]];
                if (($a[2] < LensView::NEAR_M) !== ($b[2] < LensView::NEAR_M)) {
                    $t = (LensView::NEAR_M - $a[2]) / ($b[2] - $a[2]);
                    $cuts[] = [($a[0] + $t * ($b[0] - $a[0])) / (LensView::NEAR_M * $view->tanX), ($a[1] + $t * ($b[1] - $a[1])) / (LensView::NEAR_M * $view->tanY)];
                }
            }
        }

        return $cuts;
    }

    /** @param  array{float, float}  $at */
    private function hidden(Solid $solid, array $at): bool
    {
        return $this->hider($solid, $at) !== null;
    }

    /**
     * The first thing found before a solid at a place in the frame; the solid itself where it is not there.
     *
     * @param  array{float, float}  $at
     * @param  (\Closure(Solid): bool)|null  $ignored
     */
    private function hider(Solid $solid, array $at, ?\Closure $ignored = null): ?Solid
    {
        $ray = $this->view->ray($at);
        $own = $solid->hitBy($this->view->eye, $ray);
        if ($own === null) {
            return $solid;
        }
        [$rx, $ry, $rz] = $ray;
        $length = $rx * $rx + $ry * $ry + $rz * $rz;
        foreach ($this->coversOf($solid) as [$x, $y, $z, $square, $other]) {
            $along = $x * $rx + $y * $ry + $z * $rz;
            if ($x * $x + $y * $y + $z * $z - $along * $along / $length > $square) {
                continue;
            }
            $met = $other->hitBy($this->view->eye, $ray);
            if ($met !== null && $met < $own - 1e-6 && ($ignored === null || ! $ignored($other))) {
                return $other;
            }
        }

        return null;
    }

    /** @return array{left: float, right: float, bottom: float, top: float} how far what shows reaches in from each side, metres across or up */
    private function clearances(string $owner): array
    {
        [$x, $y] = [$this->view->tanX * $this->view->cropX, $this->view->tanY * $this->view->cropY];
        $clear = ['left' => 0.0, 'right' => 0.0, 'bottom' => 0.0, 'top' => 0.0];
        // Moved up in a tilted view, a part also comes nearer or goes away: that is the second term.
        [$rising, $sinking] = [max(0.2, $this->view->up[2] - $this->view->forward[2] * $y), max(0.2, $this->view->up[2] + $this->view->forward[2] * $y)];
        foreach ($this->scene->solidsOf($owner) as $solid) {
            $ahead = array_map($this->view->seen(...), $solid->points);
            foreach ($solid->faces as $face) {
                $corners = array_map(static fn (int $p): array => $ahead[$p], $face);
                // Moved across, a part stays as high in the frame as it is: only what is between top and bottom must clear a side.
                foreach (self::between($corners, 1, $y) as $p) {
                    $clear['left'] = max($clear['left'], $p[0] + $p[2] * $x);
                    $clear['right'] = max($clear['right'], $p[2] * $x - $p[0]);
                }
                foreach (self::between($corners, 0, $x) as $p) {
                    $clear['bottom'] = max($clear['bottom'], ($p[1] + $p[2] * $y) / $sinking);
                    $clear['top'] = max($clear['top'], ($p[2] * $y - $p[1]) / $rising);
                }
            }
        }

        return $clear;
    }

    /**
     * The part of a face between two opposite sides of the frame, in the lens's axes.
     *
     * @param  list<array{float, float, float}>  $points
     * @param  0|1  $axis
     * @return list<array{float, float, float}>
     */
    private static function between(array $points, int $axis, float $slope): array
    {
        foreach ([1.0, -1.0] as $sign) {
            $kept = [];
            $count = count($points);
            for ($i = 0; $i < $count; $i++) {
                [$a, $b] = [$points[$i], $points[($i + 1) % $count]];
                [$da, $db] = [$a[2] * $slope - $sign * $a[$axis], $b[2] * $slope - $sign * $b[$axis]];
                if ($da >= 0) {
                    $kept[] = $a;
                }
                if (($da < 0) !== ($db < 0)) {
                    $t = $da / ($da - $db);
                    $kept[] = [$a[0] + $t * ($b[0] - $a[0]), $a[1] + $t * ($b[1] - $a[1]), $a[2] + $t * ($b[2] - $a[2])];
                }
            }
            $points = $kept;
        }

        return $points;
    }
}
