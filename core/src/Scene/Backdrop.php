<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\Camera;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\SoftBox;
use FineFrame\Staging\Body;

/** What a line meets first of the room and what stands in it, how far, and how that is lit: behind a head, or before a lamp. */
final readonly class Backdrop
{
    /** What furniture sends back of the light on it, where nobody has sampled it. */
    private const FURNITURE = 0.3;

    private function __construct(
        private Scene $scene,
        public string $owner,
        public float $distanceM,
        private ?Solid $solid,
        private Vec3 $at,
        public Vec3 $normal,
        private bool $isPane = false,
    ) {
    }

    public static function behind(Scene $scene, Camera $camera, Body $body): self
    {
        $head = $body->person->place->at($body->eyes->z);
        $sight = $head->minus($camera->pupil())->unit();
        // A lens inside the head has no line of sight: what is behind the head is then behind its back.
        $sight = $sight->length() > 0.0 ? $sight : $body->face()->times(-1.0)->at(0.0);

        return self::met($scene, $head, $sight, $body->person->id);
    }

    /** @param  string  $but  whose own things are passed over */
    public static function met(Scene $scene, Vec3 $head, Vec3 $sight, string $but = ''): self
    {
        [$from, $towards] = [[$head->x, $head->y, $head->z], [$sight->x, $sight->y, $sight->z]];
        [$nearest, $first] = [INF, null];
        foreach ([...$scene->shell, ...$scene->solids] as $solid) {
            if (
                $solid->owner === $but
                || ! in_array($solid->kind, [ThingKind::Room, ThingKind::Built, ThingKind::Furniture], true)
            ) {
                continue;
            }
            $met = $solid->hitBy($from, $towards);
            if ($met !== null && $met < $nearest) {
                [$nearest, $first] = [$met, $solid];
            }
        }
        $at = $first === null ? $head : $head->plus($sight->times($nearest));
        $pane = $first === null || $first->kind !== ThingKind::Room ? null : self::paneAt($scene, $from, $towards, $nearest);
        if ($pane !== null) {
            return new self($scene, $pane, $nearest, null, $at, $sight->times(-1.0), true);
        }

        return new self(
            $scene,
            $first->owner ?? '',
            $nearest,
            $first,
            $at,
            $first === null ? $sight->times(-1.0) : self::facing($first, $at, $sight),
        );
    }

    /** A wall is as deep as its reveals: a pane so near behind the face of it is what is seen, metres. */
    private const REVEAL_M = 0.8;

    /**
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $towards
     * @return string|null the window through which the look leaves; null too where the light that is there is as metered
     */
    private static function paneAt(Scene $scene, array $from, array $towards, float $met): ?string
    {
        foreach ($scene->windows()?->outlines() ?? [] as $id => $corners) {
            $pane = new Solid(
                $id,
                ThingKind::Room,
                Material::Glass,
                array_map(static fn (Vec3 $c): array => [$c->x, $c->y, $c->z], $corners),
                [array_keys($corners)],
            );
            $through = $pane->hitBy($from, $towards);
            if ($through !== null && abs($through - $met) < self::REVEAL_M) {
                return (string) $id;
            }
        }

        return null;
    }

    /** A little before it, so that nothing of it hides it from itself. */
    public function place(): Vec3
    {
        return $this->at->plus($this->normal->times(0.02));
    }

    /** @return array<string, float> lux on it: by lamp as far as it sees each, and `around` */
    public function lux(): array
    {
        if ($this->isPane) {
            // What a white wall would have to get to look as bright.
            return ['around' => M_PI * ($this->scene->windows()?->nits($this->owner) ?? 0.0)];
        }

        return array_map($this->by(...), $this->scene->lamps) + [
            'around' => $this->scene->around()->at($this->place(), $this->normal, true),
        ];
    }

    private function by(SoftBox $lamp): float
    {
        $lux = $lamp->placement->on ? $lamp->luxAt($this->place(), $this->normal) : 0.0;

        return $lux <= 0.0 ? 0.0 : $lux * Occlusion::seen($this->scene, $lamp, $this->place());
    }

    /** The share of light that it sends back, where nobody has sampled its colour. */
    public function reflects(): float
    {
        if ($this->isPane) {
            return 1.0;
        }

        return match ($this->solid?->kind) {
            null => 0.0,
            ThingKind::Room => RoomPatches::lining($this->scene, $this->solid),
            default => self::FURNITURE,
        };
    }

    /** The normal of the face that a ray met. */
    private static function facing(Solid $solid, Vec3 $at, Vec3 $towards): Vec3
    {
        [$best, $normal] = [INF, $towards->times(-1.0)];
        foreach ($solid->planes() as [$nx, $ny, $nz, $d]) {
            $off = abs($nx * $at->x + $ny * $at->y + $nz * $at->z - $d);
            if ($off < $best && $nx * $towards->x + $ny * $towards->y + $nz * $towards->z < 0.0) {
                [$best, $normal] = [$off, new Vec3($nx, $ny, $nz)];
            }
        }

        return $normal;
    }
}
