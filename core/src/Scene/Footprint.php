<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Grip\Support;
use FineFrame\Staging\Posture;
use FineFrame\Staging\Role;

/** Where a support or a person stands, and how much floor it takes around it. */
final readonly class Footprint
{
    /**
     * @param  string  $path  the thing it belongs to, as an edit addresses it
     * @param  Vec3  $load  where it holds its load
     * @param  float  $floorM  what it stands on, above the room's floor
     * @param  Support|null  $support  null for a person
     */
    private function __construct(
        public string $owner,
        public ThingKind $kind,
        public string $path,
        public Vec2 $centre,
        public float $radiusM,
        public Vec3 $load,
        public float $floorM,
        public ?Support $support,
    ) {
    }

    /** Whoever holds something takes so much floor, metres from their middle. */
    private const HOLDER_M = 0.25;

    /** @return list<self> */
    public static function allOf(Scene $scene): array
    {
        $all = [];
        $supports = $scene->setup->plan->kit->supports;
        foreach ($scene->setup->cameras as $id => $camera) {
            $all[] = self::under(
                $id,
                ThingKind::Camera,
                'cameras',
                $scene,
                Gear::cameraMount($camera, $scene->views[$id]->forwardVector()),
                $scene->views[$id]->forwardVector()->floor(),
                $camera->support,
                $camera->placement->heightM,
            );
        }
        foreach ($scene->lamps as $id => $lamp) {
            $all[] = self::under(
                $id,
                ThingKind::Light,
                'lights',
                $scene,
                $lamp->rear(),
                $lamp->facing()->floor(),
                $supports[$lamp->placement->stand],
                $lamp->placement->heightM,
            );
        }
        foreach ($scene->booms as $id => $boom) {
            $all[] = self::under(
                $id,
                ThingKind::Boom,
                'microphones',
                $scene,
                $boom->placement->standTop(),
                $boom->tip()->minus($boom->placement->standTop())->floor(),
                $boom->stand,
                $boom->placement->standHeightM,
            );
        }
        foreach ($scene->setup->bodies as $id => $body) {
            $kind = $body->person->role === Role::Subject ? ThingKind::Subject : ThingKind::Interviewer;
            $all[] = new self(
                $id,
                $kind,
                "subjects/$id",
                $body->person->place,
                $body->person->posture === Posture::Seated ? 0.35 : 0.25,
                $body->eyes,
                $body->floorM,
                null,
            );
        }

        return $all;
    }

    public function outline(): Polygon
    {
        return Polygon::circle($this->centre, $this->radiusM, 24);
    }

    /** Whether it takes floor: a clamp does not. */
    public function takesFloor(): bool
    {
        return $this->support === null || $this->support->kind->stands() || $this->support->kind->isCarried();
    }

    /** Two loads, one over the other on one stand. */
    public function sharesStandWith(self $other): bool
    {
        return $this->support !== null
            && $other->support !== null
            && $this->support->id === $other->support->id
            && $this->support->kind->stands()
            && $this->centre->distanceTo($other->centre) < self::ONE_STAND_M && abs($this->load->z - $other->load->z) > self::ONE_STAND_M;
    }

    /** Two columns nearer than this are one, metres; two loads on it are farther apart. */
    private const ONE_STAND_M = 0.12;

    private static function under(
        string $id,
        ThingKind $kind,
        string $list,
        Scene $scene,
        Vec3 $load,
        Vec2 $ahead,
        Support $support,
        float $height,
    ): self {
        $held = $support->kind->isCarried() && $kind !== ThingKind::Camera;
        $centre = match (true) {
            $held && $kind === ThingKind::Light => Gear::behind($load->floor(), $ahead),
            default => Gear::foot($support, $load->floor(), $ahead),
        };

        return new self(
            $id,
            $kind,
            "$list/$id",
            $centre,
            $held ? self::HOLDER_M : $support->legRadiusM,
            $load->floor()->at($height),
            $scene->setup->room->standingAt($centre),
            $support,
        );
    }
}
