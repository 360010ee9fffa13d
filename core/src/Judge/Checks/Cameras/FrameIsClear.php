<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Document\Record;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\Intrusion;
use FineFrame\Scene\LensView;
use FineFrame\Scene\ThingKind;

/** Stands, lamps, other cameras and the interviewer stay out of every delivered frame. Booms have a rule of their own. */
final class FrameIsClear extends Rule
{
    private const FORMULA = 'share = visible outline in the delivered frame / frame; way out = its deepest point inside the frame’s side';

    public function id(): string
    {
        return 'frame-is-clear';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->views as $id => $view) {
            $label = $view->camera->placement->label;
            $clear = true;
            foreach ($situation->intrusions($view) as $intrusion) {
                if ($intrusion->kind === ThingKind::Boom) {
                    continue;
                }
                $clear = false;
                [$side, $distance] = $intrusion->shortest();
                yield $this->finding(
                    Severity::Breaks,
                    [
                        'camera' => $label,
                        'thing' => $situation->name($intrusion->owner),
                        'share' => Quantity::share($intrusion->share),
                        'distance' => Quantity::metres($distance),
                        'side' => $side,
                    ],
                    [$id, $intrusion->owner],
                    new Working(self::FORMULA, [
                        'share' => Quantity::share($intrusion->share),
                        'past the left' => Quantity::metres($intrusion->clearM['left']),
                        'past the right' => Quantity::metres($intrusion->clearM['right']),
                    ]),
                    fn (): array => [
                        ...$this->outOfFrame($situation, $view, $intrusion),
                        ...$this->swung($situation, $intrusion),
                        ...Moves::longer($situation, $view->camera),
                    ],
                    match ($side) {
                        'top' => 'raise',
                        'bottom' => 'lower',
                        default => null,
                    },
                );
            }
            if ($clear) {
                yield $this->finding(
                    Severity::Holds,
                    ['camera' => $label],
                    [$id],
                    new Working('no solid of gear or crew meets the delivered frame', []),
                );
            }
        }
    }

    /** @return list<Mend> */
    private function outOfFrame(Situation $situation, LensView $view, Intrusion $intrusion): array
    {
        if ($intrusion->kind === ThingKind::Rail) {
            return [];
        }
        [$path, $name] = [$this->path($intrusion, $situation), $situation->name($intrusion->owner)];
        $right = new Vec2($view->right[0], $view->right[1]);
        $ideas = [];
        foreach (['left' => -1.0, 'right' => 1.0] as $side => $sign) {
            // A lamp turns to its subject as it moves, which may want a little more than the first sum.
            foreach ([1.0, 1.2] as $factor) {
                $distance = $intrusion->clearM[$side] * $factor + 0.03;
                $ideas[] = [$distance, Moves::push($situation, $path, $name, $right->times($sign * $distance))];
            }
        }
        $height = $situation->scene->lamps[$intrusion->owner]->placement->heightM
            ?? $situation->setup->cameras[$intrusion->owner]->placement->heightM ?? null;
        foreach ($height === null ? [] : ['raise' => ['top', 1.0], 'lower' => ['bottom', -1.0]] as $case => [$side, $sign]) {
            $by = $intrusion->clearM[$side] + 0.03;
            $ideas[] = [
                $by,
                new Mend(
                    $case,
                    ['thing' => $name, 'distance' => Quantity::metres($by)],
                    $situation->edit($path, ['height_m' => $height + $sign * $by]),
                ),
            ];
        }
        usort($ideas, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($ideas, 1);
    }

    /** @return list<Mend> another camera that is in the way, swung about its subject */
    private function swung(Situation $situation, Intrusion $intrusion): array
    {
        $camera = $situation->setup->cameras[$intrusion->owner] ?? null;
        $body = $camera === null ? null : $situation->setup->bodyFor($camera);

        return $camera === null || $body === null ? [] : Moves::around($situation, $camera, $body);
    }

    /** A microphone on its own, or a pair. */
    private function list(string $id, Situation $situation): string
    {
        return array_filter($situation->setup->setup->list('pairs'), static fn (Record $r): bool => $r->id === $id) === []
            ? 'mics'
            : 'pairs';
    }

    private function path(Intrusion $intrusion, Situation $situation): string
    {
        return match ($intrusion->kind) {
            ThingKind::Camera => 'cameras/',
            ThingKind::Light => 'lights/',
            ThingKind::Boom => 'microphones/',
            ThingKind::Microphone => $this->list($intrusion->owner, $situation).'/',
            ThingKind::Interviewer, ThingKind::Subject => 'subjects/',
            ThingKind::Rail => 'moves/',
            ThingKind::Furniture, ThingKind::Room, ThingKind::Built, ThingKind::Kit => 'furniture/',
        }.$intrusion->owner;
    }
}
