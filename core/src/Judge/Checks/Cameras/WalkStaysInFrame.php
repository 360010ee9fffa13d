<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\Camera;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Leg;
use FineFrame\Scene\LensView;

/** Who walks stays in a frame that nobody turns, and sharp where nobody pulls; whoever follows can keep up. */
final class WalkStaysInFrame extends Rule
{
    /** Places looked at on the way, both ends among them. */
    private const STEPS = 9;

    public function id(): string
    {
        return 'walk-stays-in-frame';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $legs = Leg::allOf($situation->setup);
        $moving = array_column($situation->setup->setup->moves, 'camera');
        foreach ($legs === [] ? [] : $situation->framings() as $id => [$camera, $body]) {
            foreach ($legs as $leg) {
                if ($leg->body->person->id === $body->person->id && ! in_array($id, $moving, true)) {
                    yield $this->followed($situation, $camera, $leg, $situation->scene->views[$id]);
                }
            }
        }
    }

    private function followed(Situation $situation, Camera $camera, Leg $leg, LensView $view): Finding
    {
        [$depths, $out] = $this->looked($camera, $leg, $view);
        $focus = $view->depth($leg->body->eyes);
        $dof = $camera->depthOfField();
        [$near, $far] = $focus > $camera->effectiveFocalMm() / 1000 ? [$dof->nearM($focus), $dof->farM($focus) ?? INF] : [0.0, INF];
        $sharp = max(0.01, min($far, 2 * $focus) - $near);
        $pull = $leg->lastsS > 0.0 ? abs($depths[self::STEPS - 1] - $depths[0]) / $leg->lastsS / $sharp : 0.0;
        $nearest = min($depths);
        $case = match (true) {
            $nearest < $camera->lens->nearestFocusM => 'near',
            ! $camera->isManned() && $out !== null => 'leaves',
            ! $camera->isManned() && ($nearest < $near || max($depths) > $far) => 'soft',
            $camera->isManned() && $pull > $situation->limits->get('pull_watch') => 'pull',
            default => 'holds',
        };

        return $this->finding(
            match ($case) {
                'holds' => Severity::Holds,
                'pull' => Severity::Watch,
                default => Severity::Breaks,
            },
            [
                'camera' => $camera->placement->label,
                'subject' => $leg->body->person->name,
                'out' => Quantity::metres($out ?? 0.0),
                'nearest' => Quantity::metres($nearest),
                'farthest' => Quantity::metres(max($depths)),
                'front' => Quantity::metres($near),
                'back' => Quantity::metres(is_finite($far) ? $far : null),
                'focuses' => Quantity::metres($camera->lens->nearestFocusM),
                'pull' => Quantity::ratio($pull),
            ],
            [$camera->placement->id, $leg->body->person->id, $leg->id],
            new Working(
                'the eyes at nine places of the way in the frame as it is set where they stand; focus set there',
                [
                    'way' => Quantity::metres($leg->lengthM()),
                    'nearest to the lens' => Quantity::metres($nearest),
                    'farthest' => Quantity::metres(max($depths)),
                    'sharp from' => Quantity::metres($near),
                    'to' => Quantity::metres(is_finite($far) ? $far : null),
                ],
                'exact thin lens; a camera with an operator turns and pulls',
            ),
            fn (): array => match ($case) {
                'leaves' => Moves::wider($situation, $camera),
                'soft' => [...Moves::stoppedDown($situation, $camera), ...Moves::wider($situation, $camera)],
                'pull' => [$this->slower($situation, $leg)],
                default => [],
            },
            $case,
        );
    }

    /** @return array{non-empty-list<float>, float|null} how deep the eyes are at each place, and after how much of the way they leave */
    private function looked(Camera $camera, Leg $leg, LensView $view): array
    {
        [$depths, $out] = [[], null];
        $by = $leg->body->eyes->floor()->minus($leg->body->person->place);
        for ($i = 0; $i < self::STEPS; $i++) {
            $share = $i / (self::STEPS - 1);
            $eyes = $leg->at($share)->plus($by)->at($leg->body->eyes->z);
            $depths[] = $view->depth($eyes);
            $at = $view->place($eyes);
            $isIn = $at !== null && abs($at[0]) <= $view->cropX && abs($at[1]) <= $view->cropY;
            $out ??= $isIn ? null : $share * $leg->lengthM();
        }

        return [$depths, $out];
    }

    private function slower(Situation $situation, Leg $leg): Mend
    {
        $row = array_column($situation->setup->setup->list('walks'), null, 'id')[$leg->id];
        $until = round(($row->number('at_s') ?? 0.0) + ($leg->lastsS ?? 0.0), 1);

        return new Mend(
            'walk-slower',
            ['subject' => $leg->body->person->name, 'time' => Quantity::seconds(2 * ($leg->lastsS ?? 0.0))],
            $situation->edit("walks/$leg->id", ['at_s' => $until]),
        );
    }
}
