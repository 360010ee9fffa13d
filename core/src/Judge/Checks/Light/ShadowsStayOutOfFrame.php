<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\LampMoves;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\Silhouette;

/**
 * A boom’s, a stand’s or a camera’s shadow on the wall gives the set away, and a body’s own draws the eye from the face: seen where
 * it falls in a frame with an edge of its own. A lamp whose shadows are meant is held to the opposite: some frame has to see one.
 */
final class ShadowsStayOutOfFrame extends Rule
{
    public function id(): string
    {
        return 'shadows-stay-out-of-frame';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $clear = true;
        $meant = array_filter($situation->scene->lamps, static fn ($lamp): bool => $lamp->placement->on && $lamp->placement->silhouette);
        $met = [];
        foreach ($situation->silhouettes() as $one) {
            if ($one->cameras === [] || isset($met["$one->lamp $one->owner"])) {
                continue;
            }
            $met["$one->lamp $one->owner"] = true;
            $isBody = isset($situation->setup->bodies[$one->owner]);
            if ($isBody && isset($meant[$one->lamp])) {
                unset($meant[$one->lamp]);
                yield $this->finding(
                    Severity::Holds,
                    $this->arguments($situation, $one),
                    [$one->owner, $one->lamp, $one->cameras[0]],
                    $this->working($one),
                    [],
                    'meant',
                );

                continue;
            }
            $clear = false;
            yield $this->finding(
                Severity::Watch,
                $this->arguments($situation, $one),
                [$one->owner, $one->lamp, $one->cameras[0]],
                $this->working($one),
                fn (): array => $this->ideas($situation, $one),
                $isBody ? 'body' : null,
            );
        }
        foreach (array_keys($meant) as $lamp) {
            yield $this->finding(
                Severity::Watch,
                ['lamp' => $situation->name($lamp)],
                [$lamp],
                new Working('from the lamp’s middle past each person to the first wall', []),
                [],
                'missed',
            );
        }
        if ($clear) {
            yield $this->finding(
                Severity::Holds,
                [],
                [],
                new Working('no shadow with an edge of its own meets a frame that should not', []),
            );
        }
    }

    /** @return array<string, Quantity|string> */
    private function arguments(Situation $situation, Silhouette $one): array
    {
        return [
            'thing' => $situation->name($one->owner),
            'lamp' => $situation->name($one->lamp),
            'camera' => $situation->name($one->cameras[0]),
            'wall' => $situation->setup->room->wall($one->wall)->name ?? $one->wall,
        ];
    }

    private function working(Silhouette $one): Working
    {
        return new Working(
            'from the lamp’s middle past each part to the first wall; its edge is as wide as the lamp makes it, and narrower than the part',
            ['share of the light there' => Quantity::share($one->share), 'edge' => Quantity::metres($one->edgeM)],
        );
    }

    /** @return list<Mend> the lamp around its subject, away from the lens and toward it, or up */
    private function ideas(Situation $situation, Silhouette $one): array
    {
        return [...LampMoves::swung($situation, $one->lamp), LampMoves::raised($situation, $one->lamp, 0.4)];
    }
}
