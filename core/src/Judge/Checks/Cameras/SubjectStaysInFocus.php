<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\Camera;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** The sharp zone holds a person who sways as far as expected, focus set at the eyes. */
final class SubjectStaysInFocus extends Rule
{
    public function id(): string
    {
        return 'subject-stays-in-focus';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    /** Up to where noise is a matter of taste. */
    private const MOST_ISO = 12_800.0;

    public function run(Situation $situation): iterable
    {
        foreach ($situation->framings() as $id => [$camera, $body]) {
            $focus = $situation->scene->views[$id]->depth($body->eyes);
            if ($focus <= $camera->effectiveFocalMm() / 1000) {
                continue;
            }
            $dof = $camera->depthOfField();
            [$near, $far, $sway] = [$dof->nearM($focus), $dof->farM($focus), $body->person->swayM];
            // More is in focus behind than before: what the front holds, the back does.
            $holds = $near <= $focus - $sway;

            yield $this->finding(
                match (true) {
                    $holds => Severity::Holds,
                    $near <= $focus - $sway / 2 => Severity::Watch,
                    default => Severity::Breaks,
                },
                [
                    'camera' => $camera->placement->label,
                    'subject' => $body->person->name,
                    'front' => Quantity::metres($focus - $near),
                    'back' => Quantity::metres($far === null ? null : $far - $focus),
                    'sway' => Quantity::metres($sway),
                    'stop' => Quantity::of($camera->placement->tStop, Unit::TStop),
                ],
                [$id, $body->person->id],
                new Working('near = s(H−f)/(H+s−2f), far = s(H−f)/(H−s), H = f²/(N·c) + f', [
                    's' => Quantity::metres($focus),
                    'f' => Quantity::of($camera->effectiveFocalMm(), Unit::Millimetre),
                    'T' => Quantity::of($camera->placement->tStop, Unit::TStop),
                    'N, from T and the lens’s transmission' => Quantity::ratio($dof->fNumber),
                    'H' => Quantity::metres($dof->hyperfocalM()),
                    'near' => Quantity::metres($near),
                    'far' => Quantity::metres($far),
                ], 'exact thin lens; c = used diagonal / 1500'),
                fn (): array => [
                    ...Moves::stoppedDown($situation, $camera),
                    ...$this->andBrighter($situation, $id, $camera),
                    ...Moves::wider($situation, $camera),
                ],
            );
        }
    }

    /**
     * Stopped down, with as much more sensitivity: two moves where one does not do.
     *
     * @return list<Mend>
     */
    private function andBrighter(Situation $situation, string $id, Camera $camera): array
    {
        $set = $situation->settings()[$id];
        $ideas = [];
        foreach (Moves::STOPS as $stop) {
            $iso = round($set->iso * ($stop / $camera->placement->tStop) ** 2, -1);
            if ($stop > $camera->placement->tStop && $iso <= self::MOST_ISO) {
                $ideas[] = new Mend(
                    'stop-down-and-iso',
                    [
                        'thing' => $camera->placement->label,
                        'stop' => Quantity::of($stop, Unit::TStop),
                        'iso' => Quantity::of($iso, Unit::Count),
                    ],
                    $situation->edit("cameras/$id", ['t_stop' => $stop, 'settings/iso' => $iso]),
                );
            }
        }

        return $ideas;
    }
}
