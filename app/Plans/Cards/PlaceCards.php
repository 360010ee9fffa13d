<?php

declare(strict_types=1);

namespace App\Plans\Cards;

use App\Plans\Cards\FieldKind as Kind;
use FineFrame\Plan\Location;
use FineFrame\Plan\Scouting;
use FineFrame\Plan\ShootPlan;
use FineFrame\Scout\PlaceLists;
use FineFrame\Sound\Material;
use FineFrame\Space\Wall;

/** A place as cards: where it is and what is known of it; and how places are weighed. */
final readonly class PlaceCards
{
    public function __construct(private ShootPlan $plan, private Location $place)
    {
    }

    public function place(): Card
    {
        $at = "/locations/{$this->place->id}";
        $site = $this->place->site;
        $facts = fn (string ...$names): array => FactFields::of(
            "$at/facts",
            $this->place->facts,
            PlaceLists::facts(),
            array_values($names),
        );
        $zone = $site?->zone->getName() ?? 'Europe/London';
        $zones = array_combine(\DateTimeZone::listIdentifiers(), \DateTimeZone::listIdentifiers());

        return new Card('place', $this->place->name, 'place', [
            'Location' => [
                new Field("$at/name", 'Name', Kind::Text, $this->place->name),
                ...$facts(
                    'seen',
                    'address',
                    'contact',
                    'in_from',
                    'out_by',
                    'parking',
                    'carry_m',
                    'lift',
                    'signal',
                    'detectors',
                    'mains',
                    'cost',
                    'distance_km',
                ),
            ],
            'Your impression' => $facts('mood', 'look', 'notes'),
            'Position and sun' => [
                new Field("$at/site/latitude_deg", 'Latitude', Kind::Number, $site?->latitudeDeg, unit: '°'),
                new Field("$at/site/longitude_deg", 'Longitude, east positive', Kind::Number, $site?->longitudeDeg, unit: '°'),
                new Field("$at/site/time_zone", 'Clock', Kind::Choice, $zone, $zones),
                new Field(
                    "$at/site/declination_deg",
                    'Compass declination, east positive',
                    Kind::Number,
                    $site->declinationDeg ?? 0.0,
                    unit: '°',
                ),
                new Field(
                    "$at/site/skyline_deg",
                    'Skyline altitude',
                    Kind::Number,
                    round(rad2deg($site->skylineRad ?? 0.0), 3),
                    unit: '°',
                ),
                new Field(
                    "$at/space/north_deg",
                    'True bearing of plan up',
                    Kind::Number,
                    round(rad2deg($this->place->space->northRad), 3),
                    unit: '°',
                ),
            ],
            'Main position' => $facts('spot_x_m', 'spot_y_m', 'spot_z_m'),
        ], seeds: $site !== null ? [] : ["$at/site" => ['latitude_deg' => 0.0, 'longitude_deg' => 0.0, 'time_zone' => $zone]],
            note: 'True bearing = compass + declination. Or enter two points on a wall, from a map.');
    }

    public function room(string $called = ''): Card
    {
        $placed = $this->place->rooms->called($called);
        $at = "/locations/{$this->place->id}/space$placed->pointer";
        $room = $placed->taped;
        $materials = ['' => 'not set'] + array_map(
            static fn (Material $m): string => $m->name,
            $this->plan->kit->materials + Material::shipped(),
        );
        $walls = [];
        foreach ($room->walls as $wall) {
            $walls[] = new Field(
                "$at/surfaces/by_wall/$wall->id",
                ucfirst($wall->name),
                Kind::Choice,
                $room->surfaces->byWall[$wall->id] ?? '',
                ['' => 'as the other walls'] + array_slice($materials, 1, null, true),
            );
        }

        $joined = preg_replace('#/space$#', '', $at);
        $mine = array_column(array_map(static fn (Wall $w): array => [$w->id, ucfirst($w->name)], $room->walls), 1, 0);

        return new Card($placed->id === '' ? 'room' : "room:$placed->id", $placed->name ?: 'Room', 'room', [
            ...($placed->joined === null ? [] : ['Joined' => [
                new Field("$joined/name", 'Name', Kind::Text, $placed->name),
                new Field("$joined/wall", 'Load-in through', Kind::Choice, $placed->joined->wall, $mine),
                new Field("$joined/offset_m", 'Offset along that wall', Kind::Length, $placed->joined->offsetM),
            ]]),
            'Room' => [
                ...(
                    $placed->joined === null
                    ? [new Field("/locations/{$this->place->id}/name", 'Name', Kind::Text, $this->place->name)]
                    : []
                ),
                new Field("$at/height_m", 'Ceiling height, or highest point', Kind::Length, $room->heightM),
                new Field(
                    "$at/ceiling/kind",
                    'Overhead',
                    Kind::Choice,
                    $room->ceiling->kind->value,
                    ['flat' => 'flat', 'sloped' => 'sloped, by points', 'none' => 'open air'],
                ),
                ...(
                    $placed->joined === null
                    ? [
                        new Field(
                            "$at/north_deg",
                            'True bearing of plan up',
                            Kind::Number,
                            round(rad2deg($room->northRad), 3),
                            unit: '°',
                        ),
                    ]
                    : []
                ),
            ],
            ...($room->underlay === null ? [] : ['Floor plan underneath' => [
                new Field("$at/underlay/x_m", 'Across', Kind::Length, $room->underlay->place->x),
                new Field("$at/underlay/y_m", 'Up', Kind::Length, $room->underlay->place->y),
                new Field("$at/underlay/turn_deg", 'Turned', Kind::Number, round(rad2deg($room->underlay->turnRad), 3), unit: '°'),
            ]]),
            'Surfaces' => [
                new Field("$at/surfaces/floor", 'Floor', Kind::Choice, $room->surfaces->floor, $materials),
                new Field("$at/surfaces/ceiling", 'Ceiling', Kind::Choice, $room->surfaces->ceiling, $materials),
                new Field("$at/surfaces/walls", 'Walls', Kind::Choice, $room->surfaces->walls, $materials),
                ...$walls,
            ],
        ]);
    }

    public function weights(): Card
    {
        $fields = $stops = [];
        foreach (Scouting::CRITERIA as $criterion) {
            $fields[] = new Field(
                "/scouting/weights/$criterion",
                ucfirst(self::name($criterion)),
                Kind::Number,
                $this->plan->scouting->weights[$criterion],
            );
            $stops[] = new Field(
                "/scouting/stops/$criterion",
                ucfirst(self::name($criterion)),
                Kind::Flag,
                in_array($criterion, $this->plan->scouting->stops, true),
            );
        }
        $decision = $this->plan->scouting->decision;
        $places = ['' => 'not yet'] + array_column(
            array_map(static fn (Location $l): array => [$l->id, $l->name], $this->plan->locations),
            1,
            0,
        );

        return new Card('weights', 'Choose a location', 'weights', [
            'Decision' => [
                new Field('/scouting/decision/place', 'Chosen location', Kind::Choice, $decision->text('place'), $places),
                new Field('/scouting/decision/reason', 'Because', Kind::Text, $decision->text('reason')),
                new Field('/scouting/decision/by', 'Decided by', Kind::Text, $decision->text('by')),
                new Field('/scouting/decision/on', 'On', Kind::Text, $decision->text('on')),
            ],
            'Weights, 0 to 5' => $fields,
            'Hard stops: a zero rules it out' => $stops,
        ]);
    }

    public static function name(string $criterion): string
    {
        $word = __("sheets.criteria.$criterion");

        return is_string($word) ? $word : $criterion;
    }
}
