<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Staging\Body;
use FineFrame\Staging\Person;
use FineFrame\Staging\Posture;
use FineFrame\Staging\Role;

/** A person as solids of true proportion, and the seat under one who sits. */
final class Figure
{
    private readonly float $h;

    private readonly Vec2 $ahead;

    private readonly Vec2 $left;

    private readonly Solids $solids;

    private function __construct(private readonly Body $body, ThingKind $kind)
    {
        $this->h = $body->person->statureM;
        $this->ahead = Vec2::towards($body->person->facingRad);
        $this->left = $this->ahead->left();
        $this->solids = new Solids($body->person->id, $kind);
    }

    /** @return list<Solid> */
    public static function of(Body $body, ?ThingKind $kind = null): array
    {
        if ($body->floorM !== 0.0) {
            return array_map(static fn (Solid $s): Solid => $s->raised($body->floorM), self::of($body->grounded(), $kind));
        }
        $figure = new self($body, $kind ?? ($body->person->role === Role::Subject ? ThingKind::Subject : ThingKind::Interviewer));
        $figure->head();
        $figure->trunk();
        foreach ([1.0, -1.0] as $side) {
            if ($body->person->posture === Posture::Seated) {
                $figure->seatedLimbs($side);
            } else {
                $figure->standingLimbs($side);
            }
        }

        return [
            ...$figure->solids->all(),
            ...(
                $body->person->posture === Posture::Seated
                ? self::seat($body, $body->person->seatWidthM, $body->person->seatBackM, $kind)
                : []
            ),
            ...Played::by($body),
        ];
    }

    /**
     * What someone sits on: as wide as said, with a back so high above the seat, and with arms when it is wide.
     *
     * @param  ThingKind|null  $kind  a subject's seat is furniture, and may show
     * @return list<Solid>
     */
    public static function seat(Body $body, float $widthM, float $backM, ?ThingKind $kind = null): array
    {
        $person = $body->person;
        $solids = new Solids($person->id, $kind ?? ($person->role === Role::Subject ? ThingKind::Furniture : ThingKind::Interviewer));
        $ahead = Vec2::towards($person->facingRad);
        $under = $person->place->plus($ahead->times(0.02 * $person->statureM));
        $block = static fn (float $forward, float $left, float $width, float $depth, float $from, float $to): Solids => $solids->prism(
            Polygon::box($under->plus($ahead->times($forward))->plus($ahead->left()->times($left)), $width, $depth, $person->facingRad),
            $from,
            $to,
            Material::Wood,
        );
        $top = $person->seatHeightM;
        $block(0.0, 0.0, $widthM, 0.42, $top - 0.05, $top);
        if ($backM >= 0.05) {
            $block(-0.25, 0.0, $widthM, 0.08, $top - 0.05, $top + $backM);
        }
        foreach ([1.0, -1.0] as $side) {
            if ($widthM >= Person::ARMS_M) {
                $block(-0.02, $side * ($widthM / 2 - 0.05), 0.1, 0.46, $top - 0.05, $top + 0.2);
            }
            foreach ([1.0, -1.0] as $end) {
                $foot = $under->plus($ahead->times(0.18 * $end))->plus($ahead->left()->times($side * ($widthM / 2 - 0.04)));
                $solids->limb($foot->at(0), $foot->at($top - 0.05), 0.018, 0.018, Material::Wood, 4);
            }
        }

        return $solids->all();
    }

    private function head(): void
    {
        $h = $this->h;
        $face = $this->body->face();
        $centre = $this->body->person->place->at($this->body->crownM - Body::HEAD_HEIGHT * $h / 2);
        $nose = $centre->plus($face->times(0.5 * Body::HEAD_DEPTH * $h)->at(-0.004 * $h));
        $across = $face->left()->times(0.009 * $h)->at(0);
        $neck = $centre->minus($face->times(0.012 * $h)->at(0));
        $this->solids->limb(
            $neck->minus(new Vec3(0, 0, 0.125 * $h)),
            $neck->minus(new Vec3(0, 0, 0.06 * $h)),
            0.036 * $h,
            0.03 * $h,
            Material::Skin,
            8,
        );
        $this->solids->ellipsoid(
            $centre,
            $face->at(0),
            [Body::HEAD_DEPTH * $h / 2, Body::HEAD_BREADTH * $h / 2, Body::HEAD_HEIGHT * $h / 2],
            Material::Skin,
            static fn (float $ahead, float $up): ?Material => $up > 0.6 || ($up > -0.4 && $ahead < -0.2) ? Material::Hair : null,
            $this->eyeMarks($centre, $face),
        );
        $this->solids->loft(
            [
                self::p($nose->minus($across)->plus(new Vec3(0, 0, -0.02 * $h))),
                self::p($nose->plus($face->times(0.016 * $h)->at(-0.018 * $h))),
                self::p($nose->plus($across)->plus(new Vec3(0, 0, -0.02 * $h))),
            ],
            [
                self::p($nose->minus($across->times(0.4))),
                self::p($nose->plus($face->times(0.003 * $h)->at(0.012 * $h))),
                self::p($nose->plus($across->times(0.4))),
            ],
            Material::Skin,
        );
    }

    /** @return list<array{non-empty-list<array{float, float, float}>, Material}> */
    private function eyeMarks(Vec3 $centre, Vec2 $face): array
    {
        $marks = [];
        foreach ([1.0, -1.0] as $side) {
            $out = $face->turnedClockwise(-$side * 0.42);
            $at = $centre->plus($out->times(0.475 * Body::HEAD_DEPTH * $this->h)->at(0.008 * $this->h));
            [$w, $t] = [$out->left()->times(0.0085 * $this->h)->at(0), new Vec3(0, 0, 0.0035 * $this->h)];
            $marks[] = [[self::p($at->minus($w)), self::p($at->minus($t)), self::p($at->plus($w)), self::p($at->plus($t))], Material::Eye];
        }

        return $marks;
    }

    private function trunk(): void
    {
        [$h, $place] = [$this->h, $this->body->person->place];
        $back = $this->ahead->times(-0.02 * $h);
        $hip = $place->plus($back)->at($this->body->hipM());
        $shoulder = $place->plus($back)->at($this->body->shoulderM());
        $chest = Vec3::between($hip, $shoulder, 0.72);
        $across = $this->left->at(0);
        $this->solids->taper(
            $hip,
            $chest,
            $across,
            [Body::HIP_BREADTH * $h / 2, 0.068 * $h],
            [0.43 * Body::SHOULDER_BREADTH * $h, 0.072 * $h],
            Material::Cloth,
        );
        $this->solids->taper(
            $chest,
            $shoulder,
            $across,
            [0.43 * Body::SHOULDER_BREADTH * $h, 0.072 * $h],
            [0.42 * Body::SHOULDER_BREADTH * $h, 0.05 * $h],
            Material::Cloth,
        );
        $this->solids->taper(
            $shoulder,
            $shoulder->plus(new Vec3(0, 0, 0.034 * $h)),
            $across,
            [0.42 * Body::SHOULDER_BREADTH * $h, 0.05 * $h],
            [0.15 * Body::SHOULDER_BREADTH * $h, 0.036 * $h],
            Material::Cloth,
        );
    }

    private function seatedLimbs(float $side): void
    {
        $h = $this->h;
        $hip = $this->at(-0.01, 0.06 * $side, $this->body->hipM() + 0.01 * $h);
        $knee = $this->at(0.23, 0.075 * $side, max(Body::KNEE_HEIGHT * $h, $this->body->person->seatHeightM + 0.03 * $h));
        $ankle = $this->at(0.25, 0.075 * $side, 0.045 * $h);
        $this->legs($hip, $knee, $ankle);
        $this->arm(
            $side,
            $this->at(0.04, 0.15 * $side, $this->body->hipM() + 0.115 * $h),
            $knee->plus($this->ahead->times(-0.055 * $h)->at(0.045 * $h)),
        );
    }

    private function standingLimbs(float $side): void
    {
        $this->legs(
            $this->at(0, 0.05 * $side, Body::HIP_HEIGHT * $this->h),
            $this->at(0.01, 0.055 * $side, Body::KNEE_HEIGHT * $this->h),
            $this->at(0, 0.06 * $side, 0.045 * $this->h),
        );
        $this->arm($side, $this->at(-0.01, 0.15 * $side, 0.63 * $this->h), $this->at(0.03, 0.15 * $side, 0.48 * $this->h));
    }

    private function legs(Vec3 $hip, Vec3 $knee, Vec3 $ankle): void
    {
        $h = $this->h;
        $this->solids->limb($hip, $knee, 0.047 * $h, 0.033 * $h, Material::Trousers);
        $this->solids->limb($knee, $ankle, 0.033 * $h, 0.024 * $h, Material::Trousers);
        $toe = $ankle->floor()->plus($this->ahead->times(0.05 * $h));
        $this->solids->prism(Polygon::box($toe, 0.055 * $h, 0.15 * $h, $this->body->person->facingRad), 0.0, 0.04 * $h, Material::Black);
    }

    private function arm(float $side, Vec3 $elbow, Vec3 $wrist): void
    {
        $h = $this->h;
        $shoulder = $this->at(-0.02, 0.108 * $side, $this->body->shoulderM() - 0.014 * $h);
        $this->solids->limb($shoulder, $elbow, 0.032 * $h, 0.024 * $h, Material::Cloth, 8);
        $this->solids->limb($elbow, $wrist, 0.024 * $h, 0.018 * $h, Material::Cloth);
        $this->solids->limb($wrist, $wrist->plus($wrist->minus($elbow)->unit()->times(0.07 * $h)), 0.02 * $h, 0.016 * $h, Material::Skin);
    }

    /** Shares of stature ahead and to the left, metres up. */
    private function at(float $ahead, float $left, float $z): Vec3
    {
        return $this->body->person->place->plus($this->ahead->times($ahead * $this->h))->plus($this->left->times($left * $this->h))->at($z);
    }

    /** @return array{float, float, float} */
    private static function p(Vec3 $v): array
    {
        return [$v->x, $v->y, $v->z];
    }
}
