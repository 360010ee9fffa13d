<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Scene\Intrusion;

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
                $intrusion = array_values(array_filter($situation->intrusions($view), static fn (Intrusion $i): bool => $i->owner === $id))[0] ?? null;
                if ($intrusion === null) {
                    yield $this->finding(Severity::Holds, ['thing' => $situation->name($id), 'camera' => $label], [$id, $camera], new Working('no part of the boom meets the delivered frame', []));

                    continue;
                }
                $top = $view->sides()['top'];
                $deep = $top->dot($boom->tip()->minus($view->camera->pupil())) / max(abs($top->z), 1e-6) + $boom->model->diameterM / 2;
                yield $this->finding(
                    Severity::Breaks,
                    ['thing' => $situation->name($id), 'camera' => $label, 'distance' => Quantity::metres(max($deep, 0.001)), 'share' => Quantity::share($intrusion->share)],
                    [$id, $camera],
                    new Working('how far the tip hangs below the frame’s top side', ['below the top' => Quantity::metres($deep), 'share of the frame' => Quantity::share($intrusion->share)]),
                    $this->ideas($situation, $id, $intrusion->clearM['top'], $deep),
                    $deep > 0 ? 'tip' : 'pole',
                );
            }
        }
    }

    /** @return list<Mend> */
    private function ideas(Situation $situation, string $id, float $allUp, float $tipUp): array
    {
        $boom = $situation->scene->booms[$id];
        $name = $situation->name($id);
        $ideas = [];
        foreach ([$tipUp + 0.04, $tipUp + 0.08, $tipUp + 0.14, $allUp + 0.04] as $up) {
            if ($up > 0) {
                $ideas[] = new Mend('raise', ['thing' => $name, 'distance' => Quantity::metres($up)], $situation->edit("microphones/$id", ['height_m' => $boom->placement->heightM + $up]));
            }
        }
        $nearest = $situation->nearestBoom($id);
        if ($nearest !== null) {
            $ideas[] = new Mend('boom-nearest', ['thing' => $name, 'distance' => Quantity::metres($nearest->distanceM)], $situation->edit("microphones/$id", ['x_m' => $nearest->tip->x, 'y_m' => $nearest->tip->y, 'height_m' => $nearest->tip->z]));
        }

        return $ideas;
    }
}
