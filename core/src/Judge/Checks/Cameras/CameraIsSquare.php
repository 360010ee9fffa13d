<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\AimMode;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\School;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Square;

/**
 * Nearly square is tiring to look at: either squared to the wall, or clearly at an angle to it. By the school of locked frames every camera
 * is squared.
 */
final class CameraIsSquare extends Rule
{
    private const SQUARE_DEG = 0.6;

    public function id(): string
    {
        return 'camera-is-square';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $locked = $situation->setup->plan->brief->schools->has(School::LockedFrames);
        foreach ($situation->scene->views as $id => $view) {
            $square = Square::toWall($situation->setup, $view);
            if ($square === null || $view->camera->isManned() && ! $locked) {
                continue;
            }
            $off = abs(rad2deg($square->offRad));
            $nearly = $off > self::SQUARE_DEG && $off < $situation->limits->get($locked ? 'square_locked_deg' : 'square_watch_deg');
            yield $this->finding(
                $nearly ? Severity::Watch : Severity::Holds,
                ['camera' => $view->camera->placement->label, 'wall' => $square->name, 'off' => number_format($off, 1).'°'],
                [$id],
                new Working(
                    'off = angle between lens axis and wall normal, on the floor',
                    [
                        'off' => number_format(rad2deg($square->offRad), 1).'°',
                        'tilt' => number_format(rad2deg($view->tiltRad), 1).'°',
                        'square within' => self::SQUARE_DEG.'°',
                    ],
                    $locked ? 'school: squared and locked' : '',
                ),
                [self::squared($situation, $view, $square)],
                match (true) {
                    $nearly => null,
                    $off <= self::SQUARE_DEG => 'holds',
                    default => 'angled',
                },
            );
        }
    }

    /** Turned where it stands when it aims freely; else carried around its subject until its axis is square. */
    public static function squared(Situation $situation, LensView $view, Square $square): Mend
    {
        $camera = $view->camera->placement;
        $arguments = ['thing' => $camera->label, 'wall' => $square->name, 'angle' => number_format(abs(rad2deg($square->offRad)), 1).'°'];
        $body = $situation->setup->bodyFor($view->camera);
        if ($camera->aim->mode === AimMode::Free || $body === null) {
            return new Mend(
                'square',
                $arguments,
                $situation->edit(
                    "cameras/$camera->id",
                    [
                        'aim/mode' => 'free',
                        'aim/bearing_deg' => round(fmod(rad2deg($view->bearingRad + $square->offRad) + 720, 360), 3),
                        'aim/tilt_deg' => 0.0,
                    ],
                ),
            );
        }

        return new Mend(
            'square-around',
            $arguments,
            $situation->moved("cameras/$camera->id", self::around($body->eyes->floor(), $camera->place, $square->offRad)),
        );
    }

    private static function around(Vec2 $pivot, Vec2 $place, float $by): Vec2
    {
        return $pivot->plus($place->minus($pivot)->turnedClockwise($by));
    }
}
