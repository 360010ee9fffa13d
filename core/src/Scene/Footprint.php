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
    /** @param  string  $path the thing it belongs to, as an edit addresses it */
    private function __construct(public string $owner, public ThingKind $kind, public string $path, public Vec2 $centre, public float $radiusM, public float $loadHeightM, public ?Support $support)
    {
    }

    /** @return list<self> */
    public static function allOf(Scene $scene): array
    {
        $all = [];
        $supports = $scene->setup->plan->kit->supports;
        foreach ($scene->setup->cameras as $id => $camera) {
            $all[] = self::under($id, ThingKind::Camera, 'cameras', Gear::cameraMount($camera, $scene->views[$id]->forwardVector()), $camera->support, $camera->placement->heightM);
        }
        foreach ($scene->lamps as $id => $lamp) {
            $all[] = self::under($id, ThingKind::Light, 'lights', $lamp->rear(), $supports[$lamp->placement->stand], $lamp->placement->heightM);
        }
        foreach ($scene->booms as $id => $boom) {
            $all[] = self::under($id, ThingKind::Boom, 'microphones', $boom->placement->standTop(), $boom->stand, $boom->placement->standHeightM);
        }
        foreach ($scene->setup->bodies as $id => $body) {
            $kind = $body->person->role === Role::Subject ? ThingKind::Subject : ThingKind::Interviewer;
            $all[] = new self($id, $kind, "subjects/$id", $body->person->place, $body->person->posture === Posture::Seated ? 0.35 : 0.25, $body->crownM, null);
        }

        return $all;
    }

    public function outline(): Polygon
    {
        return Polygon::circle($this->centre, $this->radiusM, 24);
    }

    private static function under(string $id, ThingKind $kind, string $list, Vec3 $top, Support $support, float $height): self
    {
        return new self($id, $kind, "$list/$id", $top->floor(), $support->legRadiusM, $height, $support);
    }
}
