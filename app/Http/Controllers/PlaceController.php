<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Requests\PlaceRequest;
use App\Instruments\Instruments;
use App\Models\Shoot;
use FineFrame\FineFrameException;
use FineFrame\Measure\Length;
use FineFrame\Plan\Edit;
use FineFrame\Plan\NewPlace;
use FineFrame\Plan\Refit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Candidate places: added, sketched, pointed north, taken out. */
final readonly class PlaceController
{
    public function __construct(private Desk $desk, private Instruments $instruments)
    {
    }

    public function store(PlaceRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $new = NewPlace::named($this->desk->store->open($shoot), $request->string('name')->trim()->toString());
        $shoot = $this->desk->store->commit($shoot, $request->version(), $new->edit, 'Add the place '.$request->string('name'));
        $request->merge(['place' => $new->id, 'select' => 'place', 'look' => 'notes']);

        return $this->desk->changed($request, $shoot, 'Added. Its room is a sketch until you tape it.');
    }

    public function destroy(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $place = $this->desk->setup($request, $plan)->location;
        if (in_array($place->id, array_column($plan->setups, 'location'), true)) {
            return $this->desk->changed($request, $shoot, "Something is set up at $place->name: it stays.");
        }
        $request->merge(['place' => '', 'select' => 'place']);

        return $this->desk->changed($request, $this->desk->store->commit($shoot, $request->version(), new Edit(["/locations/$place->id" => null]), "Remove the place $place->name"), "Removed $place->name. Undo brings it back.");
    }

    /** Begins a setup of its own in a place that had none. */
    public function setup(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $place = $this->desk->setup($request, $plan)->location;

        return $this->desk->changed($request, $this->desk->store->commit($shoot, $request->version(), NewPlace::setup($plan, $place), "Set up at $place->name"), 'Set up: add people, cameras and lamps in their stages.');
    }

    /** The compass, held along the plan's up, corrected by the declination. */
    public function compass(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $place = $this->desk->setup($request, $this->desk->store->open($shoot))->location;
        $magnetic = (float) $this->instruments->compass($place)->value;
        $true = round(fmod(rad2deg($place->site?->trueBearing(deg2rad($magnetic)) ?? deg2rad($magnetic)) + 360, 360), 1);

        return $this->desk->changed($request, $this->desk->store->commit($shoot, $request->version(), new Edit(["/locations/$place->id/space/north_deg" => $true]), 'Take the compass bearing'), "Compass {$magnetic}°, true {$true}°. Iron in walls and floor pulls a compass: check it at another spot.");
    }

    /** @throws ValidationException if the size cannot be read */
    public function shape(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $place = $this->desk->setup($request, $plan)->location;
        try {
            [$width, $depth] = array_map(fn (string $k): float => max(0.5, min(90.0, Length::parse(Desk::word($request, $k), $this->desk->reader->units)->metres)), ['width', 'depth']);
        } catch (FineFrameException $e) {
            throw ValidationException::withMessages(['shape' => $e->getMessage()]);
        }
        $edit = new Edit(NewPlace::sketch($place, Desk::word($request, 'shape'), $width, $depth)->values + ["/locations/$place->id/space/ties" => [], "/locations/$place->id/space/angles" => [], "/locations/$place->id/space/openings" => [], "/locations/$place->id/space/outlets" => []]);

        return $this->desk->changed($request, $this->desk->store->commit($shoot, $request->version(), Refit::with($plan, $place->id, $edit), 'Sketch the room'), 'A sketch to tape. Begin with any wall.');
    }
}
