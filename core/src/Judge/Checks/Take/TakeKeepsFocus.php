<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Take;

use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\FocusPull;

/** Focus can follow a moving camera: no mark is nearer than the lens focuses, and no pull between marks outruns the depth that is sharp. */
final class TakeKeepsFocus extends Rule
{
    public function id(): string
    {
        return 'take-keeps-focus';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->sweeps() as $sweep) {
            $camera = $sweep->path->camera;
            $nearest = null;
            $hardest = null;
            foreach (FocusPull::along($sweep->path, $situation->setup) as $pull) {
                $nearest = $nearest === null || $pull->distanceM < $nearest->distanceM ? $pull : $nearest;
                $hardest = $hardest === null || $pull->lengthsASecond > $hardest->lengthsASecond ? $pull : $hardest;
            }
            if ($nearest === null) {
                continue;
            }
            $limit = $situation->limits->get('pull_watch');
            $case = match (true) {
                $nearest->distanceM < $camera->lens->nearestFocusM => 'near',
                $hardest->lengthsASecond > $limit => null,
                default => 'holds',
            };
            yield $this->finding(
                match ($case) {
                    'near' => Severity::Breaks,
                    null => Severity::Watch,
                    default => Severity::Holds,
                },
                [
                    'camera' => $camera->placement->label,
                    'mark' => $case === 'near' ? $nearest->mark->name : $hardest->mark->name,
                    'distance' => Quantity::metres($nearest->distanceM),
                    'nearest' => Quantity::metres($camera->lens->nearestFocusM),
                    'pull' => Quantity::ratio($hardest->lengthsASecond),
                ],
                [$camera->placement->id],
                new Working(
                    'pull = change of distance a second ÷ depth of field there',
                    [
                        'nearest mark' => Quantity::metres($nearest->distanceM),
                        'hardest pull' => Quantity::ratio($hardest->lengthsASecond),
                        'watched above' => Quantity::ratio($limit),
                    ],
                    'our starting point: a puller keeps a depth of field a second without trouble',
                ),
                fn (): array => $case === null ? Moves::slower($situation, $sweep->path->move) : [],
                $case,
            );
        }
    }
}
