<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Grip\Support;
use FineFrame\Grip\SupportKind;
use FineFrame\Light\LightPlacement;
use FineFrame\Light\Modifier;
use FineFrame\Light\SoftBox;
use FineFrame\Plan\Kit;
use FineFrame\Scene\Bites;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Scene;
use FineFrame\Scene\ThingKind;
use FineFrame\Staging\Body;

/** Puts lamps where they can stand: on free floor, under the ceiling, on a stand that reaches, out of every frame. */
final readonly class LampStand
{
    private const MARGIN = 0.04;

    /** Shares of a stand’s height that are looked at. */
    private const UP = [0.05, 0.12, 0.2, 0.28, 0.36, 0.44, 0.52, 0.6, 0.68, 0.76, 0.84, 0.92];

    /** What stays where it is while lamps are placed. */
    private const STAYS = [ThingKind::Light, ThingKind::Boom, ThingKind::Camera, ThingKind::Subject, ThingKind::Interviewer];

    private Ground $ground;

    private Kit $kit;

    /** @var list<Support> */
    private array $stands;

    private ?Support $clamp;

    private Bites $bites;

    /** @var list<LensView> every lens, and those that move at places of their way */
    private array $views;

    /** @param  Scene  $scene  with no lamps in it */
    public function __construct(private Scene $scene, float $wayOutM)
    {
        $this->ground = new Ground($scene, $wayOutM, self::STAYS);
        $this->kit = $scene->setup->plan->kit;
        $this->stands = self::left($scene, SupportKind::Stand);
        $this->bites = new Bites($scene);
        $this->clamp = self::left($scene, SupportKind::Clamp)[0] ?? null;
        $this->views = array_column($scene->viewsAlong(), 1);
    }

    /**
     * A lamp with its face at a place, turned to someone's eyes or to a point: on a stand, else clamped to what is near; null where it
     * cannot be.
     *
     * @param  array{string, list<string>}  $what  fixture and modifiers
     */
    public function lamp(string $id, string $name, array $what, Vec2 $place, float $heightM, Body $body, ?Vec3 $aim = null): ?SoftBox
    {
        $room = $this->scene->setup->room;
        $stand = $this->stand($heightM);
        $first = $stand ?? $this->clamp;
        if (
            $first === null
            || $heightM < 0.4
            || ! $room->contains($place)
            || $heightM > $room->heightAt($place) - 0.1
            || $this->shows([$place->at($heightM)])
        ) {
            return null;
        }
        $box = $this->box($id, $name, $what, $place, $heightM, $body, $first, $aim);
        if (! $this->isRoomFor($box)) {
            return null;
        }
        $stand = $stand?->carries($box->weightKg()) === false ? $this->stand($heightM, $box->weightKg()) : $stand;
        $foot = $box->rear()->floor();
        if ($stand !== null && $this->ground->carries($foot, $stand->legRadiusM) && ! $this->shows(self::below($box, $stand))) {
            return $stand === $first ? $box : $this->box($id, $name, $what, $place, $heightM, $body, $stand, $aim);
        }
        $isBitten = $this->clamp?->carries($box->weightKg()) === true && $this->bites->nearest($foot->at($heightM))[0] <= Bites::REACH_M;

        return $isBitten ? $this->box($id, $name, $what, $place, $heightM, $body, $this->clamp, $aim) : null;
    }

    /**
     * A lamp as the plan file has it, at a place in the room or outside, turned to a point or to a face; null where no stand that is left
     * reaches so high, or where a frame shows it.
     *
     * @return array<string, mixed>|null
     */
    public function turned(string $model, Vec3 $at, ?Vec3 $aim, Body $body): ?array
    {
        $room = $this->scene->setup->room;
        $stand = $this->stand($at->z);
        if ($stand === null || $this->shows([$at])) {
            return null;
        }
        $box = $this->box('strong', 'Strong lamp', [$model, []], $at->floor(), $at->z, $body, $stand, $aim);
        $isFree = ! $room->contains($at->floor())
            || ($this->isRoomFor($box) && $this->ground->carries($box->rear()->floor(), $stand->legRadiusM)
                && ! $this->shows(self::below($box, $stand)));

        return $isFree ? $box->placement->write() : null;
    }

    /** @param  array{string, list<string>}  $what  fixture and modifiers */
    private function box(
        string $id,
        string $name,
        array $what,
        Vec2 $place,
        float $heightM,
        Body $body,
        Support $on,
        ?Vec3 $aim,
    ): SoftBox {
        $turned = $aim === null
            ? []
            : ['aim_x_m' => round($aim->x, 3), 'aim_y_m' => round($aim->y, 3), 'aim_height_m' => round($aim->z, 2)];
        $before = array_map(fn (string $m): Modifier => $this->kit->modifiers[$m], $what[1]);

        return new SoftBox(self::placement([
            'id' => $id,
            'name' => $name,
            'fixture' => $what[0],
            'stand' => $on->id,
            'x_m' => round($place->x, 3),
            'y_m' => round($place->y, 3),
            'height_m' => round($heightM, 2),
            'subject' => $body->person->id,
        ] + $turned + array_combine(
            array_slice(LightPlacement::SLOTS, 0, count($what[1])),
            $what[1],
        )), $this->kit->fixtures[$what[0]], $aim ?? $body->eyes, $before);
    }

    /** Whether the lamp itself is within the room, and in no frame. */
    private function isRoomFor(SoftBox $box): bool
    {
        $room = $this->scene->setup->room;
        [$a, $b, $c, $d] = $box->corners();
        $points = [$a, $b, $c, $d, $box->rear()];
        foreach ($points as $point) {
            $isIn = $room->contains($point->floor()) && $point->z >= 0.05 && $point->z <= $room->heightAt($point->floor()) - 0.03;
            if (! $isIn) {
                return false;
            }
        }

        return ! $this->shows([
            ...$points,
            Vec3::between($a, $b, 0.5),
            Vec3::between($b, $c, 0.5),
            Vec3::between($c, $d, 0.5),
            Vec3::between($d, $a, 0.5),
        ]);
    }

    /** @return list<Vec3> places of its stand: the feet, and up the pole */
    private static function below(SoftBox $box, Support $stand): array
    {
        $foot = $box->rear()->floor();
        $ahead = $box->facing()->floor()->unit()->times($stand->legRadiusM);

        return [
            ...array_map(static fn (int $leg): Vec3 => $foot->plus($ahead->turnedClockwise($leg * 2 * M_PI / 3))->at(0.0), [0, 1, 2]),
            ...array_map(static fn (float $up): Vec3 => $foot->at($up * $box->rear()->z), self::UP),
        ];
    }

    /**
     * Whether any of these is in a frame.
     *
     * @param  list<Vec3>  $points
     */
    public function shows(array $points): bool
    {
        foreach ($this->views as $view) {
            foreach ($points as $point) {
                $at = $view->place($point);
                if ($at !== null && abs($at[0]) < $view->cropX + self::MARGIN && abs($at[1]) < $view->cropY + self::MARGIN) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether a lens looks towards its lit face. */
    public function shinesIntoALens(SoftBox $lamp): bool
    {
        return array_filter($this->scene->views, static function (LensView $view) use ($lamp): bool {
            $to = $lamp->centre()->minus($view->camera->pupil());

            return $view->forwardVector()->angleTo($to) < 0.9
                && $lamp->facing()->angleTo($to->times(-1.0)) < 1.3
                && $lamp->veils($view->camera->pupil());
        }) !== [];
    }

    /** One that holds it so high: what reaches highest first, for the low ones are the cameras’. */
    private function stand(float $heightM, ?float $kg = null): ?Support
    {
        foreach ($this->stands as $support) {
            if ($heightM >= $support->lowestM && $heightM <= $support->highestM && $support->carries($kg)) {
                return $support;
            }
        }

        return null;
    }

    /** @return list<Support> of a kind of which there are some left */
    private static function left(Scene $scene, SupportKind $kind): array
    {
        $supports = array_filter(
            $scene->setup->plan->kit->supports,
            static fn (Support $s): bool => $s->kind === $kind && ($scene->setup->left($s->id) ?? 1) > 0,
        );
        usort($supports, static fn (Support $a, Support $b): int => $b->highestM <=> $a->highestM);

        return $supports;
    }

    /** @param  array<string, mixed>  $values */
    public static function placement(array $values): LightPlacement
    {
        return LightPlacement::read(Node::root($values, new Problems));
    }
}
