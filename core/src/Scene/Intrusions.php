<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;

/** Finds what of each thing shows in one lens's delivered frame. */
final class Intrusions
{
    /** Less of the frame than this is not seen by anyone: about 2 × 2 pixels of a 1080-line picture. */
    public const LEAST_SHARE = 2e-6;

    /** Where things run through one another, a ray is cast for every so much of the frame, whose area is 4. */
    private const RUN_THROUGH = 0.002;

    private ?Covers $covers = null;

    /** @param  string  $but  something that is looked at elsewhere than it stands, and hides nothing */
    public function __construct(private readonly Scene $scene, private readonly LensView $view, private readonly string $but = '')
    {
    }

    public function covers(): Covers
    {
        return $this->covers ??= new Covers($this->view, array_filter([
            ...$this->scene->shell,
            ...$this->scene->solidsSeenBy($this->view->camera),
        ],
            fn (Solid $s): bool => $s->material !== Material::Floor && $s->material !== Material::Ceiling && $s->owner !== $this->but));
    }

    /** @return list<Intrusion> of things that nobody wants in frame */
    public function all(): array
    {
        $unwanted = $this->unwanted();
        $found = [];
        foreach ($this->scene->shared->list(
            $this->key(),
            fn (): array => array_filter(
                array_map($this->share(...), $unwanted),
                static fn (float $share): bool => $share > self::LEAST_SHARE,
            ),
        ) as $owner => $share) {
            $found[] = new Intrusion((string) $owner, $unwanted[$owner][0]->kind, $share, $this->clearances((string) $owner));
        }

        return $found;
    }

    /** All that the shares depend on: the lens, and what may show in its frame. */
    private function key(): string
    {
        $key = $this->view->key().$this->but;
        foreach ($this->covers()->solids as $solid) {
            $key .= $this->view->mayShow($solid) ? "$solid->owner {$solid->kind->name} ".$solid->shape() : '';
        }

        return hash('xxh128', $key, true);
    }

    /**
     * The share of the delivered frame that solids cover, what is hidden left out.
     *
     * @param  list<Solid>  $solids
     */
    public function share(array $solids): float
    {
        return array_sum(array_map($this->clear(...), $solids)) / (4 * $this->view->cropX * $this->view->cropY);
    }

    /**
     * The area of the frame, which is 4, that a solid fills and nothing hides: its outline less what is before it; by samples where it is
     * run through.
     */
    private function clear(Solid $solid): float
    {
        $outline = $this->view->mayShow($solid)
            ? Convex::clip($this->covers()->of($solid)->outline(), $this->view->cropX, $this->view->cropY)
            : [];
        if (count($outline) < 3) {
            return 0.0;
        }
        [$pieces, $isOpen] = $this->covers()->clear($solid, $outline);
        $area = 0.0;
        foreach ($pieces as $piece) {
            foreach ($isOpen ? Convex::samples($piece, self::RUN_THROUGH) : [[$piece[0], Convex::area($piece)]] as [$at, $part]) {
                $area += $isOpen && $this->covers()->hider($solid, $at) !== null ? 0.0 : $part;
            }
        }

        return $area;
    }

    /**
     * Whether anything of them shows; ends at the first that does.
     *
     * @param  list<Solid>  $solids
     */
    public function shows(array $solids): bool
    {
        foreach ($solids as $solid) {
            if ($this->clear($solid) > 4 * self::LEAST_SHARE * $this->view->cropX * $this->view->cropY) {
                return true;
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
        [$pieces, $isOpen, $hidden] = $this->covers()->clear($solid, $part, $ignored);
        $clear = 0.0;
        foreach ($pieces as $piece) {
            foreach ($isOpen ? Convex::samples($piece, self::RUN_THROUGH) : [[$piece[0], Convex::area($piece)]] as [$at, $area]) {
                $by = $isOpen ? $this->covers()->hider($solid, $at, $ignored) : null;
                if ($by === null || $by === $solid) {
                    $clear += $area;
                } else {
                    $hidden[$by->owner] = ($hidden[$by->owner] ?? 0.0) + $area;
                }
            }
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
     * @return array{left: float, right: float, bottom: float, top: float} how far what shows reaches in from each side, metres across or up
     */
    private function clearances(string $owner): array
    {
        [$x, $y] = [$this->view->tanX * $this->view->cropX, $this->view->tanY * $this->view->cropY];
        $clear = ['left' => 0.0, 'right' => 0.0, 'bottom' => 0.0, 'top' => 0.0];
        // Moved up in a tilted view, a part also comes nearer or goes away: that is the second term.
        [$rising, $sinking] = [
            max(0.2, $this->view->up[2] - $this->view->forward[2] * $y),
            max(0.2, $this->view->up[2] + $this->view->forward[2] * $y),
        ];
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
