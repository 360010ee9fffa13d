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
use FineFrame\Scene\LensView;
use FineFrame\Scene\Scene;
use FineFrame\Staging\Body;

/** Puts lamps where they can stand: on free floor, under the ceiling, on a stand that reaches, out of every frame. */
final readonly class LampStand
{
    private const MARGIN = 0.04;

    private Ground $ground;

    private Kit $kit;

    /** @var list<LensView> every lens, and those that move at places of their way */
    private array $views;

    /** @param  Scene  $scene  with no lamps in it */
    public function __construct(private Scene $scene, float $wayOutM)
    {
        $this->ground = new Ground($scene, $wayOutM);
        $this->kit = $scene->setup->plan->kit;
        $this->views = array_column($scene->viewsAlong(), 1);
    }

    /**
     * A lamp with its face at a place, turned to someone's eyes; null where it cannot be.
     *
     * @param  array{string, list<string>}  $what  fixture and modifiers
     */
    public function lamp(string $id, string $name, array $what, Vec2 $place, float $heightM, Body $body): ?SoftBox
    {
        $stand = $this->stand($heightM);
        $room = $this->scene->setup->room;
        if (
            $stand === null
            || $heightM < 0.4
            || ! $room->contains($place)
            || $heightM > $room->heightAt($place) - 0.1
            || $this->shows([$place->at($heightM)])
        ) {
            return null;
        }
        $box = new SoftBox(self::placement([
            'id' => $id,
            'name' => $name,
            'fixture' => $what[0],
            'stand' => $stand->id,
            'x_m' => round($place->x, 3),
            'y_m' => round($place->y, 3),
            'height_m' => round($heightM, 2),
            'subject' => $body->person->id,
        ] + array_combine(
            array_slice(LightPlacement::SLOTS, 0, count($what[1])),
            $what[1],
        )), $this->kit->fixtures[$what[0]], $body->eyes, array_map(fn (string $m): Modifier => $this->kit->modifiers[$m], $what[1]));
        if (! $this->ground->carries($box->rear()->floor(), $stand->legRadiusM)) {
            return null;
        }
        [$a, $b, $c, $d] = $box->corners();
        $points = [$a, $b, $c, $d, $box->rear()];
        foreach ($points as $point) {
            if (
                ! $this->scene->setup->room->contains($point->floor())
                || $point->z > $this->scene->setup->room->heightAt($point->floor()) - 0.03
                || $point->z < 0.05
            ) {
                return null;
            }
        }
        $foot = $box->rear()->floor();

        $legs = array_map(
            static fn (int $leg): Vec3 => $foot->plus(
                $box->facing()->floor()->unit()->turnedClockwise($leg * 2 * M_PI / 3)->times($stand->legRadiusM),
            )->at(0.0),
            [0, 1, 2],
        );

        return $this->shows(
            [
                ...$points,
                Vec3::between($a, $b, 0.5),
                Vec3::between($b, $c, 0.5),
                Vec3::between($c, $d, 0.5),
                Vec3::between($d, $a, 0.5),
                ...$legs,
                ...array_map(static fn (float $up): Vec3 => $foot->at($up * $box->rear()->z), [0.1, 0.3, 0.5, 0.7, 0.85]),
            ],
        )
            ? null
            : $box;
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

            return $view->forwardVector()->angleTo($to) < 0.9 && $lamp->facing()->angleTo($to->times(-1.0)) < 1.3;
        }) !== [];
    }

    private function stand(float $heightM): ?Support
    {
        foreach ($this->kit->supports as $support) {
            if ($support->kind === SupportKind::Stand && $heightM >= $support->lowestM && $heightM <= $support->highestM) {
                return $support;
            }
        }

        return null;
    }

    /** @param  array<string, mixed>  $values */
    public static function placement(array $values): LightPlacement
    {
        return LightPlacement::read(Node::root($values, new Problems));
    }
}
