<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UnderlayRequest;
use App\Models\Shoot;
use App\Photos\Darkroom;
use FineFrame\FineFrameException;
use FineFrame\Measure\Length;
use FineFrame\Plan\Edit;
use FineFrame\Space\Underlay;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** A floor plan laid under the drawing: brought in, then scaled by two points with a known distance. */
final readonly class UnderlayController
{
    public function __construct(private Desk $desk, private Darkroom $darkroom)
    {
    }

    /** @throws ValidationException with a sentence if the picture or the distance cannot be read */
    public function __invoke(UnderlayRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $place = $this->desk->setup($request, $this->desk->store->open($shoot))->location;
        $picture = $request->picture();
        if ($picture !== null) {
            $print = $this->darkroom->develop($picture, $shoot->id);
            $corners = array_map(static fn ($c): float => $c->x, $place->space->floor->corners);
            $values = Underlay::over($print->file, $print->width, $print->height, max($corners) - min($corners));
            $said = 'It is under the drawing. Mark two points on it and enter the distance between them.';
        } else {
            $values = $this->scaled($request, $place->space->underlay);
            $said = 'The floor plan is scaled.';
        }

        return $this->desk->changed(
            $request,
            $this->desk->store->commit(
                $shoot,
                $request->version(),
                new Edit(["/locations/$place->id/space/underlay" => $values]),
                $picture === null ? 'Scale the floor plan underneath' : 'Lay a floor plan underneath',
            ),
            $said,
        );
    }

    /** @return array<string, mixed> */
    private function scaled(UnderlayRequest $request, ?Underlay $underlay): array
    {
        try {
            return $underlay?->scaled(
                $request->point(1),
                $request->point(2),
                Length::parse($request->string('apart')->toString(), $this->desk->reader->units)->metres,
            ) ?? throw ValidationException::withMessages(['underlay' => 'Choose a picture of the floor plan first.']);
        } catch (FineFrameException $e) {
            throw ValidationException::withMessages(['apart' => $e->getMessage()]);
        }
    }
}
