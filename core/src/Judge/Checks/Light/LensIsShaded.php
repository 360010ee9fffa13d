<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\LampMoves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\Occlusion;

/** No lamp shines into a lens: just out of frame it veils the picture all the same. */
final class LensIsShaded extends Rule
{
    /** Beyond this off the lens's axis a hood or a hand keeps it out. */
    private const WIDE_DEG = 50.0;

    public function id(): string
    {
        return 'lens-is-shaded';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->lamps as $lampId => $lamp) {
            $clear = true;
            foreach ($lamp->placement->on && ! $lamp->placement->practical ? $situation->scene->views : [] as $id => $view) {
                $to = $lamp->centre()->minus($view->camera->pupil());
                $off = rad2deg($view->forwardVector()->angleTo($to));
                $shines = rad2deg($lamp->facing()->angleTo($to->times(-1.0)));
                if (
                    $off > self::WIDE_DEG
                    || $shines > 75.0
                    || ! $lamp->veils($view->camera->pupil())
                    || Occlusion::seen($situation->scene, $lamp, $view->camera->pupil(), $id) < 0.2
                ) {
                    continue;
                }
                $clear = false;
                yield $this->finding(
                    Severity::Watch,
                    ['lamp' => $situation->name($lampId), 'camera' => $view->camera->placement->label, 'off' => Quantity::degrees($off)],
                    [$lampId, $id],
                    new Working(
                        'off the lens’s axis, with the lamp’s face toward the lens and nothing in between',
                        ['off the axis' => Quantity::degrees($off), 'lamp turned off the lens by' => Quantity::degrees($shines)],
                    ),
                    static fn (): array => [
                        ...LampMoves::gridded($situation, $lampId),
                        ...LampMoves::swung($situation, $lampId),
                        LampMoves::raised($situation, $lampId, 0.4),
                    ],
                );
            }
            if ($clear) {
                yield $this->finding(
                    Severity::Holds,
                    ['lamp' => $situation->name($lampId)],
                    [$lampId],
                    new Working('no lens within 50° of the axis sees its face', []),
                );
            }
        }
    }
}
