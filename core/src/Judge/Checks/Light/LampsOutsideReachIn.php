<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Occlusion;
use FineFrame\Space\Opening;
use FineFrame\Space\OpeningKind;

/** A lamp outside has to see what it is for through a window, and no lens may see it or its stand through one. */
final class LampsOutsideReachIn extends Rule
{
    private const ENOUGH = 0.15;

    public function id(): string
    {
        return 'lamps-outside-reach-in';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->lamps as $id => $lamp) {
            if (! $situation->scene->isOutside($id)) {
                continue;
            }
            $aim = $lamp->placement->aim ?? $situation->setup->bodies[$lamp->placement->subject]->eyes;
            $seen = Occlusion::seen($situation->scene, $lamp, $aim, $lamp->placement->subject);
            $camera = $this->camera($situation, $lamp);
            $isDark = $seen < self::ENOUGH;
            yield $this->finding(
                $isDark || $camera !== null ? Severity::Watch : Severity::Holds,
                ['thing' => $situation->name($id), 'share' => Quantity::share($seen), 'camera' => $camera?->camera->placement->label ?? ''],
                [$id, $lamp->placement->subject],
                new Working(
                    'rays from what it is turned to to its face, through windows only; its edges, rear and foot from each lens',
                    ['comes in' => Quantity::share($seen)],
                ),
                $isDark || $camera !== null ? $this->ideas($situation, $lamp, $aim) : [],
                match (true) {
                    $isDark => 'dark',
                    $camera !== null => 'shows',
                    default => null,
                },
            );
        }
    }

    /** The lens that sees some of it through a window. */
    private function camera(Situation $situation, SoftBox $lamp): ?LensView
    {
        $foot = $lamp->rear()->floor();
        foreach ($situation->scene->views as $view) {
            foreach ([...$lamp->corners(), $lamp->rear(), $foot->at(0.5 * $lamp->rear()->z), $foot->at(0.0)] as $point) {
                $at = $view->place($point);
                if (
                    $at !== null
                    && abs($at[0]) < $view->cropX
                    && abs($at[1]) < $view->cropY
                    && $this->comesThrough($situation, $view->camera->pupil(), $point)
                ) {
                    return $view;
                }
            }
        }

        return null;
    }

    private function comesThrough(Situation $situation, Vec3 $eye, Vec3 $point): bool
    {
        $edge = new Vec3(0.0, 0.0, 0.01);
        $across = $point->minus($eye)->cross(new Vec3(0, 0, 1))->unit()->times(0.01);

        return Occlusion::ofFace(
            $situation->scene,
            [
                $point->minus($across)->minus($edge),
                $point->plus($across)->minus($edge),
                $point->plus($across)->plus($edge),
                $point->minus($across)->plus($edge),
            ],
            $eye,
            ['', ''],
            1,
        ) > 0.0;
    }

    /** @return list<Mend> on the line through the middle of each window on its side, then aside */
    private function ideas(Situation $situation, SoftBox $lamp, Vec3 $aim): array
    {
        $ideas = [];
        $room = $situation->setup->room;
        foreach (array_filter($room->openings, static fn (Opening $o): bool => $o->kind === OpeningKind::Window) as $window) {
            $middle = $room->lineOf($window)->at($room->lineOf($window)->length() / 2);
            $inward = $room->wallOf($window)->inward();
            $out = $middle->minus($aim->floor());
            if ($inward->dot($lamp->placement->place->minus($middle)) > 0.0 || $inward->dot($out) > -0.1) {
                continue;
            }
            $beyond = max(0.8, $lamp->placement->place->distanceTo($middle));
            foreach ([0.0, 0.12, -0.12, 0.25, -0.25, 0.4, -0.4] as $turn) {
                $place = $middle->plus($out->unit()->turnedClockwise($turn)->times($beyond));
                // Up along the same line: what is farther stands higher or lower than the pane's middle.
                $rise = (($window->sillM + $window->headM) / 2 - $aim->z) / max(1e-3, $out->length());
                $ideas[] = $this->at($situation, $lamp, $place, max(0.3, min(15.0, $aim->z + $rise * ($out->length() + $beyond))));
            }
        }

        return $ideas;
    }

    private function at(Situation $situation, SoftBox $lamp, Vec2 $place, float $height): Mend
    {
        return new Mend(
            'move',
            [
                'thing' => $situation->name($lamp->placement->id),
                'distance' => Quantity::metres($place->distanceTo($lamp->placement->place)),
            ],
            $situation->edit("lights/{$lamp->placement->id}", ['x_m' => $place->x, 'y_m' => $place->y, 'height_m' => $height]),
        );
    }
}
