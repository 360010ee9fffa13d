<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Space\Curtain;
use FineFrame\Space\Glazing;
use FineFrame\Space\OpeningKind;
use FineFrame\Staging\Finish;

/** A flat thing that reflects: a window, framed glass, a mirror, a dark screen. */
final readonly class Pane
{
    /** @param  non-empty-list<array{float, float, float}>  $corners  counter-clockwise from before it */
    private function __construct(
        public string $owner,
        public string $name,
        public Finish $finish,
        public bool $isWindow,
        public array $corners,
        private Vec3 $normal,
    ) {
    }

    /** @return list<self> */
    public static function allOf(Scene $scene): array
    {
        $panes = [];
        foreach ($scene->setup->room->openings as $opening) {
            if (
                $opening->kind === OpeningKind::Window
                && $opening->glazing !== Glazing::Open
                && $opening->glazing !== Glazing::Frosted
                && $opening->curtain === Curtain::None
            ) {
                $line = $scene->setup->room->lineOf($opening);
                $panes[] = self::upright(
                    $opening->id,
                    $opening->name,
                    Finish::Glazed,
                    true,
                    $line->to,
                    $line->from,
                    $opening->sillM,
                    $opening->headM,
                    $scene->setup->room->wallOf($opening)->inward(),
                );
            }
        }
        foreach ($scene->setup->setup->furniture as $thing) {
            if ($thing->finish !== Finish::Matt) {
                $ahead = Vec2::towards($thing->turnRad);
                [$middle, $half] = [$thing->place->plus($ahead->times($thing->depthM / 2)), $ahead->left()->times($thing->widthM / 2)];
                $panes[] = self::upright(
                    $thing->id,
                    $thing->name,
                    $thing->finish,
                    false,
                    $middle->plus($half),
                    $middle->minus($half),
                    $thing->baseM,
                    $thing->baseM + $thing->heightM,
                    $ahead,
                );
            }
        }

        return $panes;
    }

    /**
     * A lens behind the pane as far as it is before it: what this one sees of the room is what shows in the pane. Null
     * from the back.
     */
    public function mirrored(LensView $view): ?LensView
    {
        $off = $this->before(new Vec3(...$view->eye));

        return $off <= 0.01 ? null : $view->mirrored([$this->normal->x, $this->normal->y, $this->normal->z], $off);
    }

    /** Metres before the pane's plane. */
    public function before(Vec3 $point): float
    {
        return $this->normal->dot($point->minus(new Vec3(...$this->corners[0])));
    }

    /** @return list<array{float, float}> where it lies in the recorded frame; nothing when it is not seen from before */
    public function outline(LensView $view): array
    {
        $flat = new Solid($this->owner, ThingKind::Room, Material::Glass, $this->corners, [array_keys($this->corners)]);

        return $view->mayShow($flat) ? Convex::clip(Outline::of($flat, $view), 1.0, 1.0) : [];
    }

    private static function upright(
        string $owner,
        string $name,
        Finish $finish,
        bool $isWindow,
        Vec2 $left,
        Vec2 $right,
        float $from,
        float $to,
        Vec2 $normal,
    ): self {
        return new self(
            $owner,
            $name,
            $finish,
            $isWindow,
            [[$left->x, $left->y, $from], [$right->x, $right->y, $from], [$right->x, $right->y, $to], [$left->x, $left->y, $to]],
            $normal->at(0.0),
        );
    }
}
