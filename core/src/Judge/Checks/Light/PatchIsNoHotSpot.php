<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Camera\Camera;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\FaceReading;
use FineFrame\Scene\LitPatch;
use FineFrame\Staging\Body;

/**
 * A lamp that is turned to a wall draws a patch there: in a frame it stays near the face's level, or it is where the eye goes. A
 * projector's picture has to stand out from what else lights its wall.
 */
final class PatchIsNoHotSpot extends Rule
{
    /** Stops over the face from which on a bright patch is what is looked at. */
    private const HOT_STOPS = 1.0;

    /** A picture whose white is under so many times its black is washed out. */
    private const CONTRAST = 3.0;

    public function id(): string
    {
        return 'patch-is-no-hot-spot';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->lamps as $lamp) {
            $isTurned = $lamp->placement->aim !== null || $lamp->emitter->picture() !== null;
            $patch = $isTurned ? LitPatch::of($situation->scene, $lamp) : null;
            if ($patch === null) {
                continue;
            }
            foreach ($situation->framings() as $id => [$camera, $body]) {
                $at = $situation->scene->views[$id]->place($patch->on->place());
                $view = $situation->scene->views[$id];
                if ($at !== null && abs($at[0]) < $view->cropX && abs($at[1]) < $view->cropY) {
                    yield $this->judged($situation, $lamp, $patch, $camera, $body);
                }
            }
        }
    }

    private function judged(Situation $situation, SoftBox $lamp, LitPatch $patch, Camera $camera, Body $body): Finding
    {
        $id = $lamp->placement->id;
        $face = $situation->face($body->person->id)->light->totalLux();
        $sample = $situation->colours()->of($patch->on->owner);
        $reflects = $sample === null ? $patch->on->reflects() : $sample['colour']->luminance();
        $over = log(max(1e-6, ($patch->lux + $patch->besides) * $reflects) / max(1e-6, FaceReading::SKIN * $face), 2);
        $contrast = ($patch->lux + $patch->besides) / max(1e-6, $patch->besides);
        $case = match (true) {
            $over > self::HOT_STOPS => 'hot',
            $lamp->emitter->picture() !== null && $contrast < self::CONTRAST => 'washed',
            default => 'holds',
        };
        $dimmer = round($lamp->placement->dimmer * 2 ** (self::HOT_STOPS / 2 - $over), 3);

        return $this->finding(
            $case === 'holds' ? Severity::Holds : Severity::Watch,
            [
                'lamp' => $situation->name($id),
                'on' => $situation->name($patch->on->owner),
                'camera' => $camera->placement->label,
                'subject' => $body->person->name,
                'over' => Quantity::of(abs($over), Unit::Stop),
                'way' => $over < 0 ? 'under' : 'over',
                'width' => Quantity::metres($patch->widthM),
                'height' => Quantity::metres($patch->heightM),
                'contrast' => Quantity::ratio($contrast),
            ],
            [$id, $camera->placement->id],
            new Working(
                'the patch to where half its light is left; its light × what it sends back, over skin of 0.35 in the light on the face',
                [
                    'in the centre' => Quantity::of($patch->lux, Unit::Lux),
                    'what else is there' => Quantity::of($patch->besides, Unit::Lux),
                    'it sends back' => Quantity::share($reflects),
                    'on the face' => Quantity::of($face, Unit::Lux),
                ],
            ),
            $case === 'hot' && $dimmer >= $lamp->fixture->lowestDim ? [new Mend(
                'dim',
                ['thing' => $situation->name($id), 'dim' => Quantity::share($dimmer)],
                $situation->edit("lights/$id", ['dimmer' => $dimmer]),
            )] : [],
            $case === 'holds' && ($patch->widthM === null || $patch->heightM === null) ? 'spread' : $case,
        );
    }
}
