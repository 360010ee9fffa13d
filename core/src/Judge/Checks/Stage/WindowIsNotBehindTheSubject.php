<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Stage;

use FineFrame\Geometry\Convex;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Material;
use FineFrame\Scene\Outline;
use FineFrame\Scene\Solid;
use FineFrame\Scene\ThingKind;
use FineFrame\Space\Opening;
use FineFrame\Space\OpeningKind;
use FineFrame\Staging\Body;

/** A bright window behind a face silhouettes it or burns out; beside the face it is only to watch. */
final class WindowIsNotBehindTheSubject extends Rule
{
    public function id(): string
    {
        return 'window-is-not-behind-the-subject';
    }

    public function stage(): Stage
    {
        return Stage::Stage;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->framings() as $id => [$camera, $body]) {
            $view = $situation->scene->views[$id];
            foreach ($situation->setup->room->openings as $opening) {
                if ($opening->kind !== OpeningKind::Window) {
                    continue;
                }
                $pane = $this->pane($situation, $opening);
                $share = $situation->survey($view)->share([$pane]);
                $behind = $share > 0 && $this->isBehindHead($view, $pane, $body);
                yield $this->finding(
                    match (true) {
                        $behind => Severity::Breaks,
                        $share > $situation->limits->get('window_watch_share') => Severity::Watch,
                        default => Severity::Holds,
                    },
                    [
                        'camera' => $camera->placement->label,
                        'subject' => $body->person->name,
                        'window' => $situation->name($opening->id),
                        'share' => Quantity::share($share),
                    ],
                    [$id, $opening->id],
                    new Working(
                        'share = visible part of the pane in the frame / frame',
                        [
                            'share' => Quantity::share($share),
                            'watched above' => Quantity::share($situation->limits->get('window_watch_share')),
                        ],
                    ),
                    Moves::around($situation, $camera, $body),
                    $behind ? 'behind' : null,
                );
            }
        }
    }

    private function pane(Situation $situation, Opening $opening): Solid
    {
        $line = $situation->setup->room->lineOf($opening);
        [$a, $b] = [$line->from, $line->to];

        return new Solid(
            $opening->id,
            ThingKind::Room,
            Material::Glass,
            [
                [$b->x, $b->y, $opening->sillM],
                [$a->x, $a->y, $opening->sillM],
                [$a->x, $a->y, $opening->headM],
                [$b->x, $b->y, $opening->headM],
            ],
            [[0, 1, 2, 3]],
        );
    }

    /** Whether the pane shows within a head's height of the face, all around. */
    private function isBehindHead(LensView $view, Solid $pane, Body $body): bool
    {
        $at = $view->place($body->eyes);
        if ($at === null) {
            return false;
        }
        $depth = $view->depth($body->eyes);
        $reach = 0.5 * Body::HEAD_HEIGHT * $body->person->statureM;
        $around = array_map(static fn (array $p): array => [$p[0] - $at[0], $p[1] - $at[1]], Outline::of($pane, $view));

        return Convex::clip($around, $reach / ($depth * $view->tanX), $reach / ($depth * $view->tanY)) !== [];
    }
}
