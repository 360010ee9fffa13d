<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\Reflection;
use FineFrame\Space\Curtain;
use FineFrame\Staging\Finish;

/** Windows, framed glass, mirrors and screens in a frame show what stands before them: no lamp, camera or crew should. */
final class ReflectionsAreClear extends Rule
{
    public function id(): string
    {
        return 'reflections-are-clear';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->views as $id => $view) {
            foreach ($situation->reflections($view) as $reflection) {
                $mirror = $reflection->pane->finish === Finish::Mirror;
                yield $this->finding(
                    $mirror ? Severity::Breaks : Severity::Watch,
                    [
                        'camera' => $view->camera->placement->label,
                        'thing' => $situation->name($reflection->owner),
                        'pane' => $reflection->pane->name,
                        'share' => Quantity::share($reflection->share),
                    ],
                    [$id, $reflection->pane->owner, $reflection->owner],
                    new Working(
                        'seen from behind the pane as far as the lens is before it, through the pane',
                        [
                            'share of the frame' => Quantity::share($reflection->share),
                            'what it is' => $reflection->pane->isWindow ? 'window' : $reflection->pane->finish->value,
                        ],
                        'law of reflection',
                    ),
                    $this->ideas($situation, $reflection),
                    match (true) {
                        $mirror => null,
                        $reflection->pane->isWindow => 'window',
                        default => 'glass',
                    },
                );
            }
        }
    }

    /** @return list<Mend> the thing turned a little on its nail, or the curtain drawn */
    private function ideas(Situation $situation, Reflection $reflection): array
    {
        if ($reflection->pane->isWindow) {
            return [
                new Mend(
                    'draw-curtain',
                    ['window' => $reflection->pane->name],
                    $situation->setup->drawing([$reflection->pane->owner => Curtain::Lined]),
                ),
            ];
        }
        $ideas = [];
        foreach ($situation->setup->setup->furniture as $thing) {
            foreach ($thing->id === $reflection->pane->owner ? [3, -3, 6, -6, 10, -10, 16, -16] : [] as $deg) {
                $ideas[] = new Mend(
                    $deg > 0 ? 'turn-clockwise' : 'turn-counter',
                    ['thing' => $thing->name, 'angle' => Quantity::degrees(abs($deg))],
                    $situation->edit("furniture/$thing->id", ['turn_deg' => round(rad2deg($thing->turnRad) + $deg, 2)]),
                );
            }
        }

        return $ideas;
    }
}
