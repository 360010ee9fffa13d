<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\SoftBox;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Material;
use FineFrame\Scene\Solid;

/** A boom’s, a stand’s or a camera’s shadow on the wall behind gives the set away: seen where it falls in a frame with an edge of its own. */
final class ShadowsStayOutOfFrame extends Rule
{
    /** Of the light there, what a lamp must give for its shadow to be seen. */
    private const SEEN = 0.3;

    private const NEAR_M = 0.12;

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
        foreach ($situation->scene->lamps as $id => $lamp) {
            foreach ($lamp->placement->on ? $situation->scene->unwanted() : [] as $owner => $solids) {
                $owner = (string) $owner;
                $camera = $owner === $id ? null : $this->seen($situation, $lamp, $owner, $solids);
                if ($camera !== null) {
                    $clear = false;
                    yield $this->finding(Severity::Watch, ['thing' => $situation->name($owner), 'lamp' => $situation->name($id), 'camera' => $situation->name($camera)], [$owner, $id, $camera], new Working('from the lamp’s middle past the thing to the first wall; its edge is as wide as the lamp makes it, and narrower than the thing', ['share of the light there' => '30 % and more']));
                }
            }
        }
        if ($clear) {
            yield $this->finding(Severity::Holds, [], [], new Working('no shadow of gear or crew with an edge of its own meets a frame', []));
        }
    }

    /**
     * @param  list<Solid>  $solids
     * @return string|null the camera that sees their shadow
     */
    private function seen(Situation $situation, SoftBox $lamp, string $owner, array $solids): ?string
    {
        $from = $lamp->centre();
        foreach ($solids as $solid) {
            $towards = (new Vec3(...$solid->centre))->minus($from);
            $distance = $towards->length();
            if ($distance < 0.2 || $lamp->facing()->angleTo($towards) > 1.4) {
                continue;
            }
            // Behind a thing, its shadow keeps an edge for so far; less than a hand’s breadth is no shadow on a wall.
            $size = max($lamp->emitter->widthM, $lamp->emitter->heightM);
            if ($size > $solid->thinnestM() && $distance * ($size / ($size - $solid->thinnestM()) - 1) < self::NEAR_M) {
                continue;
            }
            [$wall, $along] = $this->wall($situation, $from, $towards);
            if ($wall === null || $along <= 1.02) {
                continue;
            }
            // The penumbra grows with the lamp and the way to the wall; a shadow narrower than it has no edge.
            $blur = $size * ($along - 1.0);
            if ($blur > $solid->thinnestM() * $along) {
                continue;
            }
            [$nx, $ny, $nz] = $wall->planes()[0];
            $normal = new Vec3($nx, $ny, $nz);
            $at = $from->plus($towards->times($along))->plus($normal->times(0.02));
            $lux = $lamp->luxAt($at, $normal);
            if ($lux < self::SEEN * ($lux + $situation->scene->around()->at($at, $normal))) {
                continue;
            }
            foreach ($situation->scene->views as $id => $view) {
                if ($id !== $owner && $this->isInFrame($situation, $view, $at)) {
                    return $id;
                }
            }
        }

        return null;
    }

    private function isInFrame(Situation $situation, LensView $view, Vec3 $at): bool
    {
        $seen = $view->place($at);

        return $seen !== null && abs($seen[0]) < $view->cropX && abs($seen[1]) < $view->cropY && ! $situation->survey($view)->covers()->isBlocked($seen, $view->depth($at) - 0.1, '');
    }

    /** @return array{Solid|null, float} the first wall that way, and how many times as far */
    private function wall(Situation $situation, Vec3 $from, Vec3 $towards): array
    {
        [$first, $nearest] = [null, INF];
        foreach ($situation->scene->shell as $solid) {
            $met = $solid->material === Material::Wall ? $solid->hitBy([$from->x, $from->y, $from->z], [$towards->x, $towards->y, $towards->z]) : null;
            if ($met !== null && $met < $nearest) {
                [$first, $nearest] = [$solid, $met];
            }
        }

        return [$first, $nearest];
    }
}
