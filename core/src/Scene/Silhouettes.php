<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Vec3;
use FineFrame\Light\Penumbra;
use FineFrame\Light\SoftBox;

/**
 * Whose shadow each lamp throws on which wall, and which lenses see it: from the lamp's middle past each part of a thing to
 * the first wall behind it. An edge is as wide as the lamp makes it (penumbra = lamp × (way to the wall − way to the thing) /
 * way to the thing); a shadow narrower than its edge, or of a lamp that gives little of the light there, is none.
 */
final readonly class Silhouettes
{
    /** Of the light there, what a lamp must give for its shadow to be seen. */
    private const SEEN = 0.3;

    private const NEAR_M = 0.12;

    /** Cosine of 80°: farther off its axis, a lamp throws no shadow to speak of. */
    private const WIDE = 0.17;

    /** A body reaches no farther aside than this. */
    private const REACH_M = 0.8;

    /** @param  array<string, Covers>  $covers  what may hide a part of the wall, by camera */
    public function __construct(private Scene $scene, private array $covers)
    {
    }

    /** @return list<Silhouette> */
    public function all(): array
    {
        $throwers = $this->scene->unwanted();
        foreach ($this->scene->setup->bodies as $id => $body) {
            $throwers[$id] ??= $this->scene->solidsOf($id);
        }
        $all = [];
        foreach ($this->scene->lamps as $id => $lamp) {
            foreach ($lamp->placement->on ? $throwers : [] as $owner => $solids) {
                if ((string) $owner !== $id) {
                    array_push($all, ...$this->by($lamp, (string) $owner, $solids));
                }
            }
        }

        return $all;
    }

    /**
     * @param  list<Solid>  $solids
     * @return list<Silhouette> one for each wall
     */
    private function by(SoftBox $lamp, string $owner, array $solids): array
    {
        [$from, $facing] = [$lamp->centre(), $lamp->facing()];
        $size = max($lamp->emitter->widthM, $lamp->emitter->heightM);
        $walls = [];
        $body = $this->scene->setup->bodies[$owner] ?? null;
        // No wall is nearer behind someone than this; less than a hand’s breadth is no shadow on a wall.
        $clear = max(
            self::NEAR_M,
            $body === null ? 0.0 : $this->scene->setup->room->borderDistanceTo($body->person->place) - self::REACH_M,
        );
        foreach ($solids as $solid) {
            [$x, $y, $z] = [$solid->centre[0] - $from->x, $solid->centre[1] - $from->y, $solid->centre[2] - $from->z];
            $distance = sqrt($x * $x + $y * $y + $z * $z);
            if ($distance < 0.2 || $facing->x * $x + $facing->y * $y + $facing->z * $z < self::WIDE * $distance) {
                continue;
            }
            // Behind a thing, its shadow keeps an edge for so far.
            $reaches = static fn (float $thin): bool => $size <= $thin || $distance * ($size / ($size - $thin) - 1) >= $clear;
            if (! $reaches(2 * $solid->radius)) {
                continue;
            }
            $towards = new Vec3($x, $y, $z);
            [$wall, $along] = $this->wall($from, $towards);
            $edge = Penumbra::width($size, $along);
            // How thin it is takes longer to say than how large it is at most.
            if (
                $wall === null
                || $along <= 1.02
                || $edge > 2 * $solid->radius * $along
                || $edge > $solid->thinnestM() * $along
                || ! $reaches($solid->thinnestM())
            ) {
                continue;
            }
            [$nx, $ny, $nz] = $wall->planes()[0];
            $normal = new Vec3($nx, $ny, $nz);
            $at = $from->plus($towards->times($along))->plus($normal->times(0.02));
            $lux = $lamp->luxAt($at, $normal);
            $share = $lux / max(1e-9, $lux + $this->scene->around()->at($at, $normal));
            // Where one part of it falls free, the rest is taken to.
            if ($share >= self::SEEN && (isset($walls[$wall->owner]) || $this->comesFree($lamp, $owner, $at))) {
                $walls[$wall->owner][] = [$at, $share, $edge, $solid->radius * $along, $wall];
            }
        }
        $all = [];
        foreach ($walls as $wall => $parts) {
            $places = array_column($parts, 0);
            $all[] = new Silhouette(
                $lamp->placement->id,
                $owner,
                (string) $wall,
                $places,
                max(array_column($parts, 1)),
                min(array_column($parts, 2)),
                [
                    max(0.0, min(array_map(static fn (array $p): float => $p[0]->z - $p[3], $parts))),
                    min(
                        max(array_column($parts[0][4]->points, 2)),
                        max(array_map(static fn (array $p): float => $p[0]->z + $p[3], $parts)),
                    ),
                ],
                $this->cameras($owner, $places),
            );
        }

        return $all;
    }

    /**
     * Whether the lamp would light that place, were the thing not there: what stands in another's shadow throws none, and from outside it
     * comes by the windows.
     */
    private function comesFree(SoftBox $lamp, string $owner, Vec3 $at): bool
    {
        return Occlusion::seen($this->scene, $lamp, $at, $owner, 2) > 0.5;
    }

    /**
     * @param  non-empty-list<Vec3>  $places
     * @return list<string>
     */
    private function cameras(string $owner, array $places): array
    {
        $cameras = [];
        foreach ($this->scene->views as $id => $view) {
            foreach ($id === $owner ? [] : $places as $at) {
                $seen = $view->place($at);
                if (
                    $seen !== null
                    && abs($seen[0]) < $view->cropX
                    && abs($seen[1]) < $view->cropY
                    && ! $this->covers[$id]->isBlocked($seen, $view->depth($at) - 0.1, '')
                ) {
                    $cameras[] = $id;
                    break;
                }
            }
        }

        return $cameras;
    }

    /** @return array{Solid|null, float} the first wall behind what is there, and how many times as far */
    private function wall(Vec3 $from, Vec3 $towards): array
    {
        [$first, $nearest] = [null, INF];
        foreach ($this->scene->shell as $solid) {
            $met = $solid->material === Material::Wall
                ? $solid->hitBy([$from->x, $from->y, $from->z], [$towards->x, $towards->y, $towards->z])
                : null;
            if ($met !== null && $met > 1.0 && $met < $nearest) {
                [$first, $nearest] = [$solid, $met];
            }
        }

        return [$first, $nearest];
    }
}
