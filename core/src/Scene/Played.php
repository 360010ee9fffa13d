<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Staging\Body;
use FineFrame\Staging\Instrument;
use FineFrame\Staging\Posture;

/** Instruments in true size, where they are played: they hide hands, fill frames and stand in the way of lenses. */
final class Played
{
    private readonly Solids $solids;

    private readonly Vec2 $ahead;

    private readonly Vec2 $left;

    private function __construct(private readonly Body $body)
    {
        $this->solids = new Solids($body->person->id, ThingKind::Subject);
        $this->ahead = Vec2::towards($body->person->facingRad);
        $this->left = $this->ahead->left();
    }

    /** @return list<Solid> */
    public static function by(Body $body): array
    {
        $played = new self($body);
        match ($body->person->plays) {
            Instrument::None => null,
            Instrument::Voice => $played->stand(),
            Instrument::Cello => $played->cello(),
            Instrument::Guitar => $played->guitar(),
            Instrument::Keys => $played->keys(),
            Instrument::Drums => $played->drums(),
        };

        return $played->solids->all();
    }

    /** A music stand at breast height, an arm's length ahead. */
    private function stand(): void
    {
        $top = $this->body->person->posture === Posture::Standing ? 0.62 * $this->body->person->statureM : 0.9;
        $this->solids->limb($this->at(0.62, 0, 0), $this->at(0.62, 0, $top), 0.012, 0.012, Material::Black, 4);
        $this->solids->prism(
            Polygon::box($this->at(0.62, 0, 0)->floor(), 0.48, 0.03, $this->body->person->facingRad),
            $top - 0.02,
            $top + 0.28,
            Material::Black,
        );
    }

    /** Body 0.76 m by 0.44 m at the lower bout, leaning back against the breast; the scroll beside the head. */
    private function cello(): void
    {
        $low = $this->at(0.46, 0, 0.3);
        $waist = $this->at(0.34, 0, 0.62);
        $high = $this->at(0.24, 0.01, 0.98);
        $across = $this->left->at(0);
        $this->solids->limb($this->at(0.56, 0, 0), $low, 0.008, 0.008, Material::Metal, 4);
        $this->solids->taper($low, $waist, $across, [0.22, 0.06], [0.12, 0.06], Material::Wood, 10);
        $this->solids->taper($waist, $high, $across, [0.12, 0.06], [0.17, 0.055], Material::Wood, 10);
        $this->solids->limb($high, $this->at(0.04, 0.11, 1.42), 0.024, 0.02, Material::Wood, 6);
    }

    private function guitar(): void
    {
        $hip = $this->body->hipM() + 0.16;
        $this->solids->taper(
            $this->at(0.2, -0.2, $hip - 0.02),
            $this->at(0.22, 0.22, $hip + 0.06),
            new Vec3(0, 0, 1),
            [0.19, 0.05],
            [0.14, 0.05],
            Material::Wood,
            10,
        );
        $this->solids->limb($this->at(0.22, 0.22, $hip + 0.06), $this->at(0.24, 0.78, $hip + 0.22), 0.025, 0.022, Material::Wood, 4);
    }

    /** 1.35 m across and 0.35 m deep on a cross stand. */
    private function keys(): void
    {
        $top = $this->body->person->posture === Posture::Standing ? 0.98 : 0.74;
        $this->solids->prism(
            Polygon::box($this->at(0.5, 0, 0)->floor(), 1.35, 0.35, $this->body->person->facingRad),
            $top - 0.12,
            $top,
            Material::Black,
        );
        foreach ([0.4, -0.4] as $side) {
            $this->solids->limb($this->at(0.5, $side, 0), $this->at(0.5, -$side, $top - 0.12), 0.02, 0.02, Material::Metal, 4);
        }
    }

    /** Kick, snare, two toms, a floor tom, hats and two cymbals of usual sizes. */
    private function drums(): void
    {
        $drum = fn (float $ahead, float $left, float $from, float $to, float $radius): Solids => $this->solids->limb(
            $this->at($ahead, $left, $from),
            $this->at($ahead, $left, $to),
            $radius,
            $radius,
            Material::Wood,
            12,
        );
        $this->solids->limb($this->at(0.75, 0, 0.28), $this->at(1.2, 0, 0.28), 0.28, 0.28, Material::Wood, 14);
        $drum(0.38, 0.3, 0.52, 0.68, 0.18);
        $drum(0.78, 0.2, 0.66, 0.86, 0.15);
        $drum(0.78, -0.2, 0.66, 0.88, 0.16);
        $drum(0.42, -0.52, 0.28, 0.68, 0.2);
        foreach ([[0.45, 0.66, 0.86, 0.18], [0.98, 0.52, 1.22, 0.22], [0.92, -0.62, 1.18, 0.25]] as [$ahead, $left, $height, $radius]) {
            $this->solids->limb($this->at($ahead, $left, 0), $this->at($ahead, $left, $height), 0.012, 0.012, Material::Metal, 4);
            $drum($ahead, $left, $height, $height + 0.012, $radius);
        }
    }

    /** Metres ahead of the player, to the left, and up. */
    private function at(float $ahead, float $left, float $z): Vec3
    {
        return $this->body->person->place->plus($this->ahead->times($ahead))->plus($this->left->times($left))->at($z);
    }
}
