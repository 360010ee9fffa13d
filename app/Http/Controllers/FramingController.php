<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ThingRequest;
use App\Http\Where;
use App\Models\Shoot;
use App\View\Phrase;
use FineFrame\Camera\Camera;
use FineFrame\Camera\ShotSize;
use FineFrame\Judge\Checks\Cameras\CameraIsSquare;
use FineFrame\Judge\Situation;
use FineFrame\Plan\UnknownThing;
use FineFrame\Scene\FollowThrough;
use FineFrame\Scene\Reframe;
use FineFrame\Scene\Square;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** A camera framed anew: to a size, by its lens or by moving; squared to the wall. */
final readonly class FramingController
{
    public function __construct(private Desk $desk)
    {
    }

    public function size(ThingRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        [$situation, $camera] = $this->at($request, $shoot);
        $size = ShotSize::tryFrom(Where::word($request, 'size')) ?? throw UnknownThing::called('size', Where::word($request, 'size'));
        $body = $situation->setup->bodyFor($camera);
        if ($body === null) {
            return $this->desk->changed($request, $shoot, 'No one to frame here.');
        }
        $to = Where::word($request, 'by') === 'move'
            ? Reframe::byMove($situation->scene, $camera, $body, $size)
            : Reframe::byLens($situation->scene, $camera, $body, $size);
        if ($to->why !== '') {
            return $this->desk->changed($request, $shoot, $this->cannot($to->why));
        }

        return $this->desk->changed(
            $request,
            $this->desk->store->commit(
                $shoot,
                $request->version(),
                FollowThrough::of($situation->setup, $to->edit),
                "Frame {$camera->placement->label} to a $size->value",
            ),
            "{$camera->placement->label} frames a $size->value.",
        );
    }

    public function square(ThingRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        [$situation, $camera] = $this->at($request, $shoot);
        $view = $situation->scene->views[$camera->placement->id];
        $square = Square::toWall($situation->setup, $view);
        if ($square === null) {
            return $this->desk->changed($request, $shoot, 'No wall ahead to square up to.');
        }
        $mend = CameraIsSquare::squared($situation, $view, $square);
        $words = ucfirst((new Phrase($this->desk->reader))->mend($mend));

        return $this->desk->changed(
            $request,
            $this->desk->store->commit($shoot, $request->version(), $mend->edit, $words),
            "Done: $words.",
        );
    }

    public function cannot(string $why): string
    {
        return match ($why) {
            'lens' => 'No lens in the kit reaches that from here.',
            'wall' => 'Not enough room behind: the wall is in the way.',
            default => 'That is closer than the lens can focus.',
        };
    }

    /** @return array{Situation, Camera} */
    private function at(ThingRequest $request, Shoot $shoot): array
    {
        $setup = $this->desk->setup($request, $this->desk->store->open($shoot));
        $id = $request->string('thing')->toString();

        return [new Situation($setup), $setup->cameras[$id] ?? throw UnknownThing::called('camera', $id)];
    }
}
