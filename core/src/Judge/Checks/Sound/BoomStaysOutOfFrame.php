<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Geometry\Vec3;
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
use FineFrame\Sound\Boom;

/** Microphone, pole and stand stay out of every delivered frame. */
final class BoomStaysOutOfFrame extends Rule
{
    public function id(): string
    {
        return 'boom-stays-out-of-frame';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->booms as $id => $boom) {
            foreach ($situation->scene->views as $camera => $view) {
                $label = $view->camera->placement->label;
                $intrusion = array_values(
                    array_filter($situation->intrusions($view), static fn (Intrusion $i): bool => $i->owner === $id),
                )[0] ?? null;
                if ($intrusion === null) {
                    [$clear, $margin] = [$this->clearM($view, $boom), $situation->limits->get('boom_margin_m')];
                    // A hair more than nothing is asked for, so that what was put at the margin holds.
                    $isNear = $clear < $margin - 0.002;
                    yield $this->finding(
                        $isNear ? Severity::Watch : Severity::Holds,
                        [
                            'thing' => $situation->name($id),
                            'camera' => $label,
                            'distance' => Quantity::metres(max(0.0, $clear)),
                            'limit' => Quantity::metres($margin),
                        ],
                        [$id, $camera],
                        new Working(
                            'how far the tip is outside the delivered frame',
                            ['outside' => Quantity::metres(min(9.99, $clear)), 'margin' => Quantity::metres($margin)],
                        ),
                        $isNear ? fn (): array => $this->ideas($situation, $id, $margin - $clear, $margin - $clear) : [],
                        $isNear ? 'margin' : null,
                    );

                    continue;
                }
                $top = $view->sides()['top'];
                $deep = $top->dot($boom->tip()->minus($view->camera->pupil())) / max(abs($top->z), 1e-6) + $boom->model->diameterM / 2;
                yield $this->finding(
                    Severity::Breaks,
                    [
                        'thing' => $situation->name($id),
                        'camera' => $label,
                        'distance' => Quantity::metres(max($deep, 0.001)),
                        'share' => Quantity::share($intrusion->share),
                    ],
                    [$id, $camera],
                    new Working(
                        'how far the tip hangs below the frame’s top side',
                        ['below the top' => Quantity::metres($deep), 'share of the frame' => Quantity::share($intrusion->share)],
                    ),
                    fn (): array => $this->ideas($situation, $id, $intrusion->clearM['top'], $deep),
                    $deep > 0 ? 'tip' : 'pole',
                );
            }
        }
    }

    /** How far the tip, with its radius, is outside a frame; what is behind the lens is far off. */
    private function clearM(LensView $view, Boom $boom): float
    {
        $to = $boom->tip()->minus(new Vec3(...$view->eye));
        if ($to->dot($view->forwardVector()) <= 0.0) {
            return INF;
        }

        return max(array_map(static fn (Vec3 $side): float => -$side->dot($to), $view->sides())) - $boom->model->diameterM / 2;
    }

    /** @return list<Mend> */
    private function ideas(Situation $situation, string $id, float $allUp, float $tipUp): array
    {
        $boom = $situation->scene->booms[$id];
        $name = $situation->name($id);
        $ideas = [];
        foreach ([$tipUp + 0.04, $tipUp + 0.08, $tipUp + 0.14, $allUp + 0.04] as $up) {
            if ($up > 0) {
                $ideas[] = new Mend(
                    'raise',
                    ['thing' => $name, 'distance' => Quantity::metres($up)],
                    $situation->edit("microphones/$id", ['height_m' => $boom->placement->heightM + $up]),
                );
            }
        }

        return [...$ideas, ...Moves::boomNearest($situation, $id)];
    }
}
