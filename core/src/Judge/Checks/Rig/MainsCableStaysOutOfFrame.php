<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Geometry\Segment;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\MainsRun;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\LensView;
use FineFrame\Scene\ThingKind;

/** What lies on the floor to feed a lamp is seen by no lens, or a cloth, a mat or another way hides it. */
final class MainsCableStaysOutOfFrame extends Rule
{
    /** A cable is looked for every so far, metres. */
    private const STEP_M = 0.15;

    /** Its middle over the floor, metres. */
    private const OVER_M = 0.005;

    /** Less than this is a joint between two boards, metres. */
    private const LEAST_M = 0.3;

    public function id(): string
    {
        return 'mains-cable-stays-out-of-frame';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        $runs = $situation->mains();
        $isSeen = false;
        foreach ($runs as $run) {
            foreach ($situation->scene->views as $view) {
                $seen = $this->seen($situation, $run, $view);
                if ($seen < self::LEAST_M) {
                    continue;
                }
                $isSeen = true;
                yield $this->finding(
                    Severity::Watch,
                    [
                        'thing' => $situation->name($run->thing),
                        'camera' => $view->camera->placement->label,
                        'length' => Quantity::metres($seen),
                    ],
                    [$view->camera->placement->id, $run->thing],
                    $this->working($seen),
                    fn (): array => $this->elsewhere($situation, $run),
                );
            }
        }
        if ($runs !== [] && ! $isSeen && $situation->scene->views !== []) {
            yield $this->finding(Severity::Holds, [], [], $this->working(0.0));
        }
    }

    private function working(float $seen): Working
    {
        return new Working('rays from the lens to the cable as it lies, every 15 cm, past what stands in between', [
            'in the frame' => Quantity::metres($seen),
        ], 'where each camera stands now; a move is walked with the cable in mind');
    }

    /** @return float metres of it that a lens sees */
    private function seen(Situation $situation, MainsRun $run, LensView $view): float
    {
        $seen = 0.0;
        for ($i = 1; $i < count($run->points); $i++) {
            $part = new Segment($run->points[$i - 1], $run->points[$i]);
            $steps = max(1, (int) ceil($part->length() / self::STEP_M));
            for ($n = 0; $n < $steps; $n++) {
                $at = $part->at(($n + 0.5) / $steps)->at(self::OVER_M);
                $seen += $this->sees($situation, $view, $at) ? $part->length() / $steps : 0.0;
            }
        }

        return $seen;
    }

    private function sees(Situation $situation, LensView $view, Vec3 $at): bool
    {
        $place = $view->place($at);
        if ($place === null || abs($place[0]) > $view->cropX || abs($place[1]) > $view->cropY) {
            return false;
        }
        $lens = $view->camera->pupil();
        $from = [$lens->x, $lens->y, $lens->z];
        $ray = [$at->x - $lens->x, $at->y - $lens->y, $at->z - $lens->z];
        foreach ([...$situation->scene->solidsSeenBy($view->camera), ...$situation->scene->shell] as $solid) {
            $met = $solid->hitBy($from, $ray);
            if ($met === null || $met <= 1e-3 || $met >= 0.995) {
                continue;
            }
            if ($solid->kind !== ThingKind::Room || $situation->scene->holes()->passes($solid->owner, $from, $ray, $met) <= 0.0) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Mend> the same lamp on another circuit, whose outlet may lie where no lens looks */
    private function elsewhere(Situation $situation, MainsRun $run): array
    {
        $power = $situation->power();

        return array_map(static fn (string $circuit): Mend => new Mend(
            'plug-into',
            ['thing' => $power->names[$run->thing], 'circuit' => $power->names[$circuit]],
            $power->plugged([$run->thing => $circuit] + $power->on),
        ), array_values(array_diff(array_keys($power->breakers), [$power->on[$run->thing]])));
    }
}
