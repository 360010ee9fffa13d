<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Prompter;
use FineFrame\Document\Record;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Grip\Support;
use FineFrame\Light\SoftBox;
use FineFrame\Sound\Boom;
use FineFrame\Sound\Microphone;
use FineFrame\Space\Rooms;
use FineFrame\Staging\Body;
use FineFrame\Staging\Person;

/** Cameras, lamps and booms as solids of true size, on their supports. */
final class Gear
{
    /** From the camera's rear to the middle of whoever is at it, metres. */
    private const OPERATOR_BEHIND_M = 0.5;

    /** @return list<Solid> */
    public static function camera(Camera $camera, Vec3 $forward, float $floorM = 0.0): array
    {
        $solids = new Solids($camera->placement->id, ThingKind::Camera);
        $pupil = $camera->pupil();
        $rear = $pupil->minus($forward->times($camera->lens->lengthM));
        $back = $rear->minus($forward->times(0.16));
        $across = $forward->cross(new Vec3(0, 0, 1))->unit();
        $solids->limb($rear, $pupil, $camera->lens->frontM / 2, $camera->lens->frontM / 2, Material::Black, 8);
        $solids->taper($back, $rear, $across, [0.08, 0.09], [0.08, 0.09], Material::Metal, 4);
        if ($camera->prompter !== null) {
            self::hood($solids, $camera->prompter, $pupil, $forward, $across);
        }
        self::support($solids, $camera->support, self::cameraMount($camera, $forward), $forward->floor(), $floorM);

        return $solids->all();
    }

    /** Under the lens of a slider, metres: the rail's top and bottom. */
    private const RAIL_M = [0.11, 0.15];

    /** @return list<Solid> what a slider's carriage runs on; nothing without one */
    public static function rail(Path $path): array
    {
        [$rail, $height] = [$path->rail(), $path->marks[0]->heightM];

        return $rail === null
            ? []
            : (new Solids($path->move->id, ThingKind::Rail))->prism(
                $rail,
                $height - self::RAIL_M[1],
                $height - self::RAIL_M[0],
                Material::Metal,
            )->all();
    }

    /** A box that holds a camera and whoever is at it: what is quickly tested first. */
    public static function around(Camera $camera, Vec3 $forward): Solid
    {
        $place = $camera->isManned()
            ? self::operatorPlace($camera, $forward)->plus($camera->placement->place)->times(0.5)
            : $camera->placement->place;
        $half = $camera->isManned() ? 0.8 : 0.6;

        return (new Solids($camera->placement->id, ThingKind::Camera))->prism(
            Polygon::box($place, 2 * $half, 2 * $half, 0.0),
            0.0,
            max(1.8, $camera->placement->heightM + 1.2),
            Material::Black,
        )->all()[0];
    }

    /** Whoever carries the camera or stands at it. */
    public static function operatorPlace(Camera $camera, Vec3 $forward): Vec2
    {
        return $camera->placement->place->minus($forward->floor()->unit()->times($camera->lens->lengthM + self::OPERATOR_BEHIND_M));
    }

    /** @return list<Solid> whoever is at it; nothing where nobody is */
    public static function operator(Camera $camera, Vec3 $forward, float $floorM = 0.0): array
    {
        $person = Person::crew(
            $camera->placement->id,
            $camera->placement->operator,
            self::operatorPlace($camera, $forward),
            $forward->floor()->bearing(),
        );

        return $camera->isManned() ? Figure::of(Body::looking($person, null, $floorM), ThingKind::Camera) : [];
    }

    private static function hood(Solids $solids, Prompter $prompter, Vec3 $pupil, Vec3 $forward, Vec3 $across): void
    {
        $up = $across->cross($forward)->unit();
        $ring = static fn (
            float $ahead,
        ): array => array_map(static fn (array $c): array => (static fn (Vec3 $p): array => [$p->x, $p->y, $p->z])(
            $pupil->plus($forward->times($ahead))->plus($across->times($c[0]))->plus($up->times($c[1])),
        ),
            [
                [-$prompter->widthM / 2, -$prompter->downM],
                [-$prompter->widthM / 2, $prompter->upM],
                [$prompter->widthM / 2, $prompter->upM],
                [$prompter->widthM / 2, -$prompter->downM],
            ]);
        $solids->loft($ring(0.02), $ring($prompter->depthM), Material::Black);
    }

    /** Where the support meets the body: under its middle, behind the lens. */
    public static function cameraMount(Camera $camera, Vec3 $forward): Vec3
    {
        return $camera->pupil()->minus($forward->times($camera->lens->lengthM + 0.064))->minus(new Vec3(0, 0, 0.09));
    }

    /** @return list<Solid> on its support; held by hand, with whoever holds it */
    public static function light(SoftBox $box, Support $stand, float $floorM = 0.0): array
    {
        $solids = new Solids($box->placement->id, $box->placement->practical ? ThingKind::Furniture : ThingKind::Light);
        $front = $box->corners();
        $rear = $box->rear();
        $small = array_map(static fn (Vec3 $c): Vec3 => $rear->plus($c->minus($box->centre())->times(0.3)), $front);
        $p = static fn (Vec3 $v): array => [$v->x, $v->y, $v->z];
        $solids->loft(array_map($p, $small), array_map($p, $front), Material::Black, Material::LampFace);
        self::support($solids, $stand, $rear, $box->facing()->floor(), $floorM);

        return [
            ...$solids->all(),
            ...self::holder(
                $stand,
                $box->placement->id,
                self::behind($rear->floor(), $box->facing()->floor()),
                $box->facing()->floor(),
                ThingKind::Light,
                $floorM,
            ),
        ];
    }

    /** @return list<Solid> on its support; held by hand, with whoever holds the pole */
    public static function boom(Boom $boom, float $floorM = 0.0): array
    {
        $solids = new Solids($boom->placement->id, ThingKind::Boom);
        $solids->limb($boom->rear(), $boom->tip(), $boom->model->diameterM / 2, $boom->model->diameterM / 2, Material::Black);
        $solids->limb($boom->poleEnd(), $boom->rear(), 0.016, 0.012, Material::Metal, 4);
        $ahead = $boom->tip()->minus($boom->placement->standTop())->floor();
        self::support($solids, $boom->stand, $boom->placement->standTop(), $ahead, $floorM);

        return [
            ...$solids->all(),
            ...self::holder($boom->stand, $boom->placement->id, $boom->placement->standPlace, $ahead, ThingKind::Boom, $floorM),
        ];
    }

    /**
     * A microphone, or two as one, on a stand or on what it lies on; on the floor and on tables without legs.
     *
     * @return list<Solid>
     */
    public static function microphone(string $id, Microphone $model, Vec3 $at, bool $stands, float $widthM, float $floorM): array
    {
        $solids = new Solids($id, ThingKind::Microphone);
        $along = new Vec3(max($widthM, $model->lengthM) / 2, 0, 0);
        $solids->limb($at->minus($along), $at->plus($along), $model->diameterM / 2, $model->diameterM / 2, Material::Black, 4);
        if ($stands) {
            $solids->limb($at->floor()->at(min($floorM, $at->z - 0.01)), $at, 0.014, 0.012, Material::Metal, 4);
            foreach ([0, 1, 2] as $leg) {
                $solids->limb(
                    $at->floor()->plus((new Vec2(0, 1))->turnedClockwise($leg * 2 * M_PI / 3)->times(self::MIC_LEGS_M))->at($floorM),
                    $at->floor()->at($floorM + max(0.01, min(0.2, $at->z - $floorM))),
                    0.012,
                    0.014,
                    Material::Metal,
                    4,
                );
            }
        }

        return $solids->all();
    }

    /**
     * How high a microphone is over what it stands on where nobody has said, metres: by where it lies, on a stand, and a pair for the whole
     * room.
     */
    public const LEVELS_M = ['on a table' => 0.75, 'on the floor' => 0.02];

    public const STAND_M = 1.6;

    public const PAIR_M = 2.0;

    /** Where a microphone that nobody wears stands, hangs or lies; null where nobody has said. */
    public static function microphonePlace(Record $row, Rooms $room): ?Vec3
    {
        [$x, $y] = [$row->number('x_m'), $row->number('y_m')];
        if ($x === null || $y === null) {
            return null;
        }
        $place = new Vec2($x, $y);
        $level = $row->has('worn') ? self::LEVELS_M[$row->text('worn')] ?? self::STAND_M : self::PAIR_M;

        return $place->at($row->number('height_m') ?? $room->standingAt($place) + $level);
    }

    /** A microphone stand's feet reach so far. */
    private const MIC_LEGS_M = 0.3;

    /** Where the legs stand: under the load, or aside of it behind an overhead arm. */
    public static function foot(Support $support, Vec2 $under, Vec2 $ahead): Vec2
    {
        return $under->minus(self::level($ahead)->times($support->asideM()));
    }

    /** Whoever holds a lamp, behind it, metres. */
    private const HOLDER_BEHIND_M = 0.4;

    public static function behind(Vec2 $under, Vec2 $ahead): Vec2
    {
        return $under->minus(self::level($ahead)->times(self::HOLDER_BEHIND_M));
    }

    /** A direction over the floor; north where something points straight up or down. */
    private static function level(Vec2 $ahead): Vec2
    {
        return $ahead->length() < 0.05 ? new Vec2(0, 1) : $ahead->unit();
    }

    /** @return list<Solid> nobody where it holds by itself */
    private static function holder(Support $support, string $id, Vec2 $place, Vec2 $ahead, ThingKind $kind, float $floorM): array
    {
        return $support->kind->isCarried()
            ? Figure::of(Body::looking(Person::crew($id, '', $place, self::level($ahead)->bearing()), null, $floorM), $kind)
            : [];
    }

    /** A column to the floor and three legs, one of them ahead; an arm from a column aside; a clamp and a hand have none. */
    private static function support(Solids $solids, Support $support, Vec3 $load, Vec2 $ahead, float $floorM): void
    {
        if (! $support->kind->stands()) {
            return;
        }
        $ahead = self::level($ahead);
        $top = self::foot($support, $load->floor(), $ahead)->at($load->z);
        if ($support->asideM() > 0.0) {
            $solids->limb($top, $load, 0.02, 0.02, Material::Metal, 4);
        }
        $spread = min(max(0.05, $top->z - $floorM), max(0.25, 0.9 * $support->legRadiusM));
        $hub = $top->floor()->at($floorM + $spread);
        $solids->limb($hub, $top->z > $hub->z + 0.01 ? $top : $hub->plus(new Vec3(0, 0, 0.01)), 0.02, 0.016, Material::Metal, 4);
        foreach ([0, 1, 2] as $leg) {
            $foot = $top->floor()->plus($ahead->turnedClockwise($leg * 2 * M_PI / 3)->times($support->legRadiusM));
            $solids->limb($foot->at($floorM), $hub, 0.014, 0.016, Material::Metal, 4);
        }
    }
}
