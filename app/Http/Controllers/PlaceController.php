<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeRequest;
use App\Http\Requests\PlaceRequest;
use App\Http\Where;
use App\Instruments\Instruments;
use App\Models\Shoot;
use FineFrame\FineFrameException;
use FineFrame\Measure\Length;
use FineFrame\Plan\Edit;
use FineFrame\Plan\NewPlace;
use FineFrame\Plan\Refit;
use FineFrame\Sun\Site;
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
        $shoot = $this->desk->store->commit($shoot, $request->version(), $new->edit, 'Add location '.$request->string('name'));
        $request->merge(['place' => $new->id, 'select' => 'place', 'look' => 'notes']);

        return $this->desk->changed($request, $shoot, 'Added. Its room is a sketch until you measure it.');
    }

    public function destroy(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $place = $this->desk->setup($request, $plan)->location;
        if (in_array($place->id, array_column($plan->setups, 'location'), true)) {
            return $this->desk->changed($request, $shoot, "$place->name has a setup, so it can’t be removed.");
        }
        $request->merge(['place' => '', 'select' => 'place']);

        return $this->desk->changed(
            $request,
            $this->desk->store->commit(
                $shoot,
                $request->version(),
                new Edit(["/locations/$place->id" => null]),
                "Remove location $place->name",
            ),
            "Removed $place->name. Undo brings it back.",
        );
    }

    /** The compass, held along the plan's up, corrected by the declination. */
    public function compass(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $place = $this->desk->setup($request, $this->desk->store->open($shoot))->location;
        $magnetic = (float) $this->instruments->compass($place)->value;
        $true = round(fmod(rad2deg($place->site?->trueBearing(deg2rad($magnetic)) ?? deg2rad($magnetic)) + 360, 360), 1);

        return $this->desk->changed(
            $request,
            $this->desk->store->commit(
                $shoot,
                $request->version(),
                new Edit(["/locations/$place->id/space/north_deg" => $true]),
                'Take the compass bearing',
            ),
            "Compass {$magnetic}°, true {$true}°. Steel in walls and floors pulls a compass: check it at another position.",
        );
    }

    /**
     * Two points on a wall, in the order of the walk, read off a map.
     *
     * @throws ValidationException if they cannot be read
     */
    public function bearing(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $place = $this->desk->setup($request, $this->desk->store->open($shoot))->location;
        $wall = $place->space->wall(Where::word($request, 'wall')) ?? throw ValidationException::withMessages(
            ['bearing' => 'Choose a wall of this room.'],
        );
        [$from, $to] = [self::position(Where::word($request, 'from')), self::position(Where::word($request, 'to'))];
        if ($from === $to) {
            throw ValidationException::withMessages(['bearing' => 'The two points are the same.']);
        }
        $bearing = Site::bearingBetween($from, $to);
        $north = round(rad2deg($wall->northFor($bearing)), 1);
        $walls = round(fmod(rad2deg($bearing) + 360, 360), 1);

        return $this->desk->changed(
            $request,
            $this->desk->store->commit(
                $shoot,
                $request->version(),
                new Edit(["/locations/$place->id/space/north_deg" => $north]),
                'Take the bearing off a map',
            ),
            "The $wall->name runs at {$walls}° true.",
        );
    }

    /** @return array{float, float} */
    private static function position(string $text): array
    {
        $parts = array_map(trim(...), preg_split('/[;,\s]+/', trim($text)) ?: []);
        if (
            count($parts) !== 2
            || ! is_numeric($parts[0])
            || ! is_numeric($parts[1])
            || abs((float) $parts[0]) > 90
            || abs((float) $parts[1]) > 180
        ) {
            throw ValidationException::withMessages(
                ['bearing' => "“{$text}” is not a position: write latitude, longitude in degrees, as 52.0731, 1.2954."],
            );
        }

        return [(float) $parts[0], (float) $parts[1]];
    }

    /** @throws ValidationException if the size cannot be read */
    public function shape(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $place = $this->desk->setup($request, $plan)->location;
        [$width, $depth] = $this->size($request, 'shape');
        $room = $this->desk->room($request, $place);
        $at = "/locations/$place->id/space$room->pointer";
        $edit = new Edit(
            NewPlace::sketch($at, $room->id, Where::word($request, 'shape'), $width, $depth)->values + [
                "$at/ties" => [],
                "$at/angles" => [],
                "$at/openings" => [],
                "$at/outlets" => [],
                "$at/rooms" => [],
            ],
        );

        return $this->desk->changed(
            $request,
            $this->desk->store->commit($shoot, $request->version(), Refit::with($plan, $place->id, $edit), 'Sketch the room'),
            'Sketched. Now measure it, any wall first.',
        );
    }

    /**
     * A room behind an opening of the one at hand.
     *
     * @throws ValidationException if the size cannot be read
     */
    public function join(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $place = $this->desk->setup($request, $plan)->location;
        $before = $this->desk->room($request, $place);
        $name = trim(Where::word($request, 'name'));
        if (! ($name !== '' && mb_strlen($name) <= 60)) {
            throw ValidationException::withMessages(['join' => 'Name the room, at most sixty characters.']);
        }
        [$width, $depth] = $this->size($request, 'join');
        $new = NewPlace::behind(
            $place,
            $before,
            Where::word($request, 'through'),
            $name,
            $width,
            $depth,
        ) ?? throw ValidationException::withMessages(
            ['join' => 'Choose an opening of this room that is narrower than the room behind it.'],
        );
        $shoot = $this->desk->store->commit($shoot, $request->version(), Refit::with($plan, $place->id, $new->edit), "Join the $name");
        $request->merge(['room' => $new->id]);

        return $this->desk->changed($request, $shoot, 'Joined. Measure it from its own first corner.');
    }

    public function part(ChangeRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $place = $this->desk->setup($request, $plan)->location;
        $room = $this->desk->room($request, $place);
        $request->merge(['room' => '']);
        $edit = Refit::with(
            $plan,
            $place->id,
            new Edit(["/locations/$place->id/space".preg_replace('#/space$#', '', $room->pointer) => null]),
        );

        return $this->desk->changed(
            $request,
            $this->desk->store->commit($shoot, $request->version(), $edit, "Remove the $room->name"),
            "Removed the $room->name. Undo brings it back.",
        );
    }

    /** @return array{float, float} */
    private function size(ChangeRequest $request, string $field): array
    {
        try {
            [$width, $depth] = array_map(
                fn (string $k): float => max(0.5, min(90.0, Length::parse(Where::word($request, $k), $this->desk->reader->units)->metres)),
                ['width', 'depth'],
            );
        } catch (FineFrameException $e) {
            throw ValidationException::withMessages([$field => $e->getMessage()]);
        }

        return [$width, $depth];
    }
}
