<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Take;

use FineFrame\Geometry\Vec2;
use FineFrame\Grip\SupportKind;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\Gear;
use FineFrame\Scene\Sweep;

/** Whoever carries the camera gets along behind it: nothing stands there, the pace can be kept, the tether reaches. */
final class TakeCanBeWalked extends Rule
{
    /** Half of what a person with a rig takes of the floor, metres. */
    private const SHOULDERS_M = 0.3;

    public function id(): string
    {
        return 'take-can-be-walked';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->sweeps() as $sweep) {
            $path = $sweep->path;
            $camera = $path->camera->placement;
            $limit = $situation->limits->get('walk_watch_mps');
            $fastest = max(0.0, ...array_map($path->speedTo(...), array_keys($path->marks)));
            $bump = $this->bump($situation, $sweep);
            $cable = $path->move->cableM;
            $far = $path->move->cableFrom === null
                ? 0.0
                : max(0.0, ...array_map(static fn (Vec2 $p): float => $path->move->cableFrom->distanceTo($p), $path->line()));
            [$from, $to] = $path->farthest();
            $way = $from->distanceTo($to);
            $rail = $path->camera->support->railM;
            $wrong = array_keys(array_filter([
                'rail' => $path->camera->support->kind === SupportKind::Slider && $way > $rail,
                'bump' => $bump !== null,
                'cable' => $cable > 0 && $far > $cable,
                'fails' => $fastest > $limit,
            ]));
            foreach ($wrong ?: ['holds'] as $case) {
                yield $this->finding(match ($case) {
                    'holds' => Severity::Holds,
                    'fails' => Severity::Watch,
                    default => Severity::Breaks,
                },
                    [
                        'camera' => $camera->label,
                        'speed' => Quantity::of($fastest, Unit::MetreASecond),
                        'limit' => Quantity::of($limit, Unit::MetreASecond),
                        'thing' => $bump[0] ?? '',
                        'at' => TakeStaysClean::clock($bump[1] ?? 0.0),
                        'far' => Quantity::metres($far),
                        'cable' => Quantity::metres($cable),
                        'way' => Quantity::metres($way),
                        'rail' => Quantity::metres($rail),
                    ],
                    [$camera->id],
                    new Working(
                        'pace = way between marks / time; the operator is 0.6 m wide, half a metre behind the camera',
                        ['fastest' => Quantity::of($fastest, Unit::MetreASecond), 'tether' => Quantity::metres($cable)],
                        'our starting point; walk it before you trust it',
                    ),
                    fn (): array => match ($case) {
                        'fails' => Moves::slower($situation, $path->move),
                        'cable' => [
                            new Mend(
                                'longer-cable',
                                ['thing' => $camera->label, 'length' => Quantity::metres(ceil($far + 0.5))],
                                $situation->edit("moves/{$path->move->id}", ['cable_m' => ceil($far + 0.5)]),
                            ),
                        ],
                        default => [],
                    },
                    $case,
                );
            }
        }
    }

    /** @return array{string, float}|null what is walked into first, and when */
    private function bump(Situation $situation, Sweep $sweep): ?array
    {
        if (! $sweep->path->camera->isManned()) {
            return null;
        }
        foreach ($sweep->steps() as [$moment, $view]) {
            $feet = Gear::operatorPlace($view->camera, $view->forwardVector());
            foreach ($situation->scene->obstacles() as $thing) {
                if ($thing->baseM < 1.8 && ! $thing->carriesStands && $thing->footprint->distanceTo($feet) < self::SHOULDERS_M) {
                    return [$thing->name, $moment];
                }
            }
            foreach ($situation->footprints() as $print) {
                if (
                    $print->owner !== $sweep->path->camera->placement->id
                    && $print->centre->distanceTo($feet) < self::SHOULDERS_M + $print->radiusM * 0.6
                ) {
                    return [$situation->name($print->owner), $moment];
                }
            }
            if (! $situation->setup->room->contains($feet) || $situation->setup->room->wallDistanceTo($feet) < self::SHOULDERS_M / 2) {
                return ['the wall', $moment];
            }
        }

        return null;
    }
}
