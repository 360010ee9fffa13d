<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\Material;
use FineFrame\Scene\Solid;
use FineFrame\Scene\ThingKind;
use FineFrame\Space\Curtain;

/**
 * A window in frame that is far over the exposure is a white hole: a sheer, a density on the pane, or another hour keeps what is outside.
 */
final class WindowKeepsItsDetail extends Rule
{
    /** A grey card sends back so much, and is exposed in the middle. */
    private const GREY = 0.18;

    private const LEAST_SHARE = 0.002;

    public function id(): string
    {
        return 'window-keeps-its-detail';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $windows = $situation->scene->windows();
        $limit = $situation->limits->get('clip_stops');
        if ($windows === null) {
            return;
        }
        foreach ($situation->scene->views as $id => $view) {
            foreach ($windows->outlines() as $opening => $corners) {
                $pane = new Solid(
                    $opening,
                    ThingKind::Room,
                    Material::Glass,
                    array_map(static fn (Vec3 $c): array => [$c->x, $c->y, $c->z], $corners),
                    [array_keys($corners)],
                );
                // What stands before it, and what the frame leaves out, burns nothing.
                $share = $view->mayShow($pane) ? $situation->survey($view)->share([$pane]) : 0.0;
                if ($share < self::LEAST_SHARE) {
                    continue;
                }
                $over = log(max(1e-6, $windows->nits($opening)) / (self::GREY * $situation->setup->setup->metering->wantedLux() / M_PI), 2);
                yield $this->finding(
                    $over > $limit ? Severity::Watch : Severity::Holds,
                    [
                        'camera' => $view->camera->placement->label,
                        'window' => $situation->name($opening),
                        'stops' => Quantity::of($over, Unit::Stop),
                        'limit' => Quantity::of($limit, Unit::Stop),
                    ],
                    [$id, $opening],
                    new Working(
                        'the sky’s luminance through the pane over a grey card in the wanted light',
                        [
                            'over the card' => Quantity::of($over, Unit::Stop),
                            'the camera holds' => Quantity::of($limit, Unit::Stop),
                            'of the frame' => Quantity::share($share),
                        ],
                        'an average sky; meter the window on the day',
                    ),
                    array_map(
                        static fn (Curtain $cloth): Mend => new Mend(
                            $cloth === Curtain::Sheer ? 'hang-sheer' : 'draw-curtain',
                            ['window' => $situation->name($opening)],
                            $situation->setup->drawing([$opening => $cloth]),
                        ),
                        [Curtain::Sheer, Curtain::Lined],
                    ),
                );
            }
        }
    }
}
