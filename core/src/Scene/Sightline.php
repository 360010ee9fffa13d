<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Geometry\Convex;
use FineFrame\Staging\Body;

/** How much of a head a lens sees: what of it is in the delivered frame, and what of that something hides. */
final readonly class Sightline
{
    /**
     * @param  float  $inFrame  share of the head's outline that the frame holds
     * @param  float  $clear  share of that which nothing hides
     * @param  string  $by  what hides most of it, empty when nothing does
     * @param  float  $turnedRad  between the face and the way to the lens
     */
    private function __construct(public float $inFrame, public float $clear, public string $by, public float $turnedRad)
    {
    }

    /** @param  Intrusions  $survey  of the same view */
    public static function of(Intrusions $survey, Scene $scene, LensView $view, Body $body): self
    {
        $head = self::head($scene, $body);
        $turned = $body->face()->at(0.0)->angleTo($view->camera->pupil()->minus($body->eyes));
        $outline = $head === null || $view->depth($body->eyes) < LensView::NEAR_M ? [] : Outline::of($head, $view);
        $part = Convex::clip($outline, $view->cropX, $view->cropY);
        $whole = Convex::area($outline);
        if ($head === null || count($part) < 3 || $whole <= 0) {
            return new self(0.0, 0.0, '', $turned);
        }
        [$clear, $hidden] = $survey->covered(
            $head,
            $part,
            static fn (Solid $s): bool => $s->owner === $body->person->id
                && $s->material !== Material::Wood
                && $s->material !== Material::Black,
        );
        arsort($hidden);

        return new self(
            Convex::area($part) / $whole,
            $clear / max(1e-12, $clear + array_sum($hidden)),
            (string) (array_key_first($hidden) ?? ''),
            $turned,
        );
    }

    private static function head(Scene $scene, Body $body): ?Solid
    {
        foreach ($scene->solidsOf($body->person->id) as $solid) {
            if ($solid->decals !== []) {
                return $solid;
            }
        }

        return null;
    }
}
