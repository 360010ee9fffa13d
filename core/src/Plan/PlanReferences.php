<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Camera\CameraPlacement;
use FineFrame\Camera\Move;
use FineFrame\Document\Node;
use FineFrame\Document\Problem;
use FineFrame\Geometry\Vec2;
use FineFrame\Light\LightPlacement;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Sound\BoomPlacement;
use FineFrame\Sound\Material;
use FineFrame\Space\Rooms;
use FineFrame\Space\Surfaces;

/**
 * What only the whole plan can tell: that ids are met once and name something, that things stand in their room.
 *
 * @internal
 */
final class PlanReferences
{
    /** How far outside its wall a lamp may stand, metres. */
    private const OUTSIDE_M = [0.3, 15.0];

    /** What a column of a list has to name. */
    private const ANY = [
        'person' => 'a person of this setup',
        'voice' => 'a person of this setup',
        'camera' => 'a camera of this setup',
        'on' => 'a person, a thing or a wall of this setup',
        'opening' => 'a door or window of this place',
        'lamp' => 'a lamp of this place',
    ];

    private function __construct(private readonly ShootPlan $plan, private readonly Node $root)
    {
    }

    public static function judge(ShootPlan $plan, Node $root): void
    {
        $judge = new self($plan, $root);
        $judge->once('/locations', $plan->locations);
        $judge->once('/setups', $plan->setups);
        foreach ($plan->locations as $i => $location) {
            foreach ($location->lists as $list => $records) {
                $judge->once("/locations/$i/scouted/$list", $records);
            }
            $judge->once("/locations/$i/space/walls", $location->space->book->walls);
            $judge->once("/locations/$i/space/ties", $location->space->book->ties);
            $judge->once("/locations/$i/space/built", [...$location->space->book->walls, ...$location->space->built]);
            $judge->once("/locations/$i/space/openings", $location->space->openings);
            $judge->rooms("/locations/$i/space/rooms", $location->rooms);
            $judge->surfaces("/locations/$i/space/surfaces", $location->space->surfaces);
        }
        $judge->once('/kit/stock', $plan->kit->stock->rows);
        $models = array_merge(...array_values($plan->kit->models()));
        foreach ($plan->kit->stock->rows as $i => $row) {
            $judge->known("/kit/stock/$i/model", $row->text('model'), $models, 'a model of the kit');
        }
        foreach ($plan->setups as $i => $setup) {
            $judge->setup("/setups/$i", $setup);
        }
    }

    /** Things of several rooms are told apart by id, and no room lies over another. */
    private function rooms(string $at, Rooms $rooms): void
    {
        if (count($rooms->all) === 1) {
            return;
        }
        $this->once($at, $rooms->all);
        $this->once($at, [...$rooms->walls, ...$rooms->openings, ...$rooms->built, ...$rooms->outlets]);
        foreach ($rooms->all as $i => $one) {
            foreach (array_slice($rooms->all, $i + 1) as $other) {
                if ($one->room->floor->overlaps($other->room->floor)) {
                    $this->wrong(
                        $at,
                        'puts {one} over {other}: look at the wall and the offset that join it',
                        ['one' => $other->name, 'other' => $one->name ?: 'the first room'],
                    );
                }
            }
        }
    }

    private function setup(string $at, Setup $setup): void
    {
        $locations = array_column($this->plan->locations, null, 'id');
        if (! isset($locations[$setup->location])) {
            $this->wrong("$at/location", 'names no location of this plan');

            return;
        }
        $room = $locations[$setup->location]->rooms;
        $this->once($at, array_merge(...array_map(static fn (SetupList $l): array => $l->of($setup), SetupList::placed())));
        $this->rows($at, $setup, $locations[$setup->location]);
        $this->known("$at/day", $setup->day, array_column($this->plan->brief->list('days'), null, 'id'), 'a line of the brief’s days');
        $people = array_column($setup->people, null, 'id');
        $gazes = $people + array_column($setup->cameras, null, 'id');
        foreach ($setup->people as $i => $person) {
            $this->known("$at/subjects/$i/looks_at", $person->looksAt, $gazes, 'a person or camera of this setup');
            $this->inside("$at/subjects/$i/x_m", $room, $person->place);
        }
        foreach ($setup->furniture as $i => $thing) {
            $this->inside("$at/furniture/$i/x_m", $room, $thing->place);
        }
        foreach ($setup->cameras as $i => $camera) {
            $this->camera("$at/cameras/$i", $camera, $room, $people);
        }
        foreach ($setup->lights as $i => $light) {
            $this->light("$at/lights/$i", $light, $room, $people);
        }
        $this->once("$at/moves", $setup->moves);
        foreach ($setup->moves as $i => $move) {
            $this->move("$at/moves/$i", $move, $setup, $room, $people);
        }
        foreach ($setup->booms as $i => $boom) {
            $this->boom("$at/microphones/$i", $boom, $room, $people);
        }
    }

    private function surfaces(string $at, Surfaces $surfaces): void
    {
        $known = $this->plan->kit->materials + Material::shipped();
        $named = ['floor' => $surfaces->floor, 'ceiling' => $surfaces->ceiling, 'walls' => $surfaces->walls];
        foreach ($surfaces->byWall as $wall => $material) {
            $named["by_wall/$wall"] = $material;
        }
        foreach ($named as $of => $material) {
            $this->known("$at/$of", $material ?: null, $known, 'a material of the kit');
        }
    }

    /** Entries of lists: what they name is there, and what stands somewhere stands in the room; an antenna may look in from outside. */
    private function rows(string $at, Setup $setup, Location $location): void
    {
        $room = $location->rooms;
        $kit = $this->plan->kit;
        $models = [
            'model' => [$kit->microphones, 'a microphone of the kit'],
            'material' => [$kit->materials + Material::shipped(), 'a material of the kit'],
        ];
        foreach (SetupList::cases() as $list) {
            $this->once("$at/$list->value", $list->of($setup));
            foreach ($list->rows($setup) as $i => $row) {
                foreach ($list->refers() as $column => $lists) {
                    $named = array_map(static fn (SetupList $l): array => $l->of($setup), $lists);
                    $among = array_column(array_merge($list->ofPlace($location), ...$named), null, 'id');
                    $this->known("$at/$list->value/$i/$column", $row->text($column) ?: null, $among, self::ANY[$column]);
                }
                foreach (array_filter($models, $row->has(...), ARRAY_FILTER_USE_KEY) as $column => [$among, $what]) {
                    $this->known("$at/$list->value/$i/$column", $row->text($column) ?: null, $among, $what);
                }
                $place = in_array($list, SetupList::placed(), true) ? SetupList::place($row) : null;
                if ($place !== null && ! ($list === SetupList::Antennas && $room->borderDistanceTo($place) <= self::OUTSIDE_M[1])) {
                    $this->inside("$at/$list->value/$i/x_m", $room, $place);
                }
            }
        }
    }

    /** @param  array<string, object>  $people */
    private function camera(string $at, CameraPlacement $camera, Rooms $room, array $people): void
    {
        $kit = $this->plan->kit;
        $this->known("$at/body", $camera->body, $kit->bodies, 'a camera body of the kit');
        $this->known("$at/lens", $camera->lens, $kit->lenses, 'a lens of the kit');
        $this->known("$at/reducer", $camera->reducer, $kit->reducers, 'a reducer of the kit');
        $this->known("$at/support", $camera->support, $kit->supports, 'a support of the kit');
        $this->known("$at/prompter", $camera->prompter, $kit->prompters, 'a prompter of the kit');
        $this->known("$at/mode", $camera->mode, array_column($kit->bodies[$camera->body]->modes ?? [], null, 'id'), 'a mode of its body');
        foreach ($camera->covers as $one) {
            $this->known("$at/covers/$one", $one, $people, 'a person of this setup');
        }
        $this->known("$at/aim/subject", $camera->aim->subject, $people, 'a person of this setup');
        $this->inside("$at/x_m", $room, $camera->place);
        $this->under("$at/height_m", $room, $camera->place, $camera->heightM);
        $lens = $kit->lenses[$camera->lens] ?? null;
        if ($lens !== null && ($camera->focalMm < $lens->shortestMm - 1e-6 || $camera->focalMm > $lens->longestMm + 1e-6)) {
            $this->wrong(
                "$at/focal_mm",
                'must be between {min} and {max} on this lens',
                ['min' => Quantity::of($lens->shortestMm, Unit::Millimetre), 'max' => Quantity::of($lens->longestMm, Unit::Millimetre)],
            );
        }
        $widest = ($lens->widestT ?? 0) * ($kit->reducers[$camera->reducer ?? '']->factor ?? 1.0);
        if ($camera->tStop < $widest - 0.005) {
            $this->wrong(
                "$at/t_stop",
                'opens no further than {widest} on this lens',
                ['widest' => Quantity::of($widest, Unit::TStop)],
            );
        }
    }

    /** @param  array<string, object>  $people */
    private function move(string $at, Move $move, Setup $setup, Rooms $room, array $people): void
    {
        $camera = array_column($setup->cameras, null, 'id')[$move->camera] ?? null;
        $lens = $this->plan->kit->lenses[$camera->lens ?? ''] ?? null;
        if ($camera === null) {
            $this->wrong("$at/camera", 'must name a camera of this setup; “{id}” is none', ['id' => $move->camera]);
        }
        $this->once("$at/marks", $move->marks);
        foreach ($move->marks as $i => $mark) {
            $this->known("$at/marks/$i/subject", $mark->subject, $people, 'a person of this setup');
            $this->inside("$at/marks/$i/x_m", $room, $mark->place);
            $this->under("$at/marks/$i/height_m", $room, $mark->place, $mark->heightM);
            if ($lens !== null && ($mark->focalMm < $lens->shortestMm - 1e-6 || $mark->focalMm > $lens->longestMm + 1e-6)) {
                $this->wrong(
                    "$at/marks/$i/focal_mm",
                    'must be between {min} and {max} on this lens',
                    ['min' => Quantity::of($lens->shortestMm, Unit::Millimetre), 'max' => Quantity::of($lens->longestMm, Unit::Millimetre)],
                );
            }
        }
    }

    /** @param  array<string, object>  $people */
    private function light(string $at, LightPlacement $light, Rooms $room, array $people): void
    {
        $this->known("$at/fixture", $light->fixture, $this->plan->kit->fixtures, 'a fixture of the kit');
        foreach ($light->modifiers as $slot => $modifier) {
            $this->known("$at/$slot", $modifier, $this->plan->kit->modifiers, 'a modifier of the kit');
        }
        $this->known("$at/stand", $light->stand, $this->plan->kit->supports, 'a support of the kit');
        $this->known("$at/subject", $light->subject, $people, 'a person of this setup');
        // A lamp may stand outside and shine in through a window.
        if ($room->contains($light->place)) {
            $this->under("$at/height_m", $room, $light->place, $light->heightM);
        } elseif ($room->borderDistanceTo($light->place) < self::OUTSIDE_M[0]) {
            $this->wrong(
                "$at/x_m",
                'stands in the wall: inside, or {gap} and more outside',
                ['gap' => Quantity::metres(self::OUTSIDE_M[0])],
            );
        } elseif ($room->borderDistanceTo($light->place) > self::OUTSIDE_M[1]) {
            $this->inside("$at/x_m", $room, $light->place);
        }
    }

    /** @param  array<string, object>  $people */
    private function boom(string $at, BoomPlacement $boom, Rooms $room, array $people): void
    {
        $this->known("$at/model", $boom->model, $this->plan->kit->microphones, 'a microphone of the kit');
        $this->known("$at/pole", $boom->pole, $this->plan->kit->poles, 'a pole of the kit');
        $this->known("$at/stand", $boom->stand, $this->plan->kit->supports, 'a support of the kit');
        $this->known("$at/subject", $boom->subject, $people, 'a person of this setup');
        $this->inside("$at/x_m", $room, $boom->place);
        $this->under("$at/height_m", $room, $boom->place, $boom->heightM);
        $this->inside("$at/stand_x_m", $room, $boom->standPlace);
        $this->under("$at/stand_height_m", $room, $boom->standPlace, $boom->standHeightM);
    }

    /** @param  list<object{id: string}>  $things */
    private function once(string $at, array $things): void
    {
        $seen = [];
        foreach ($things as $thing) {
            if (isset($seen[$thing->id])) {
                $this->wrong($at, 'holds the id “{id}” twice', ['id' => $thing->id]);
            } else {
                $seen[$thing->id] = true;
            }
        }
    }

    /** @param  array<string, object>  $among */
    private function known(string $at, ?string $id, array $among, string $what): void
    {
        if (! ($id === null || isset($among[$id]))) {
            $this->wrong($at, 'must name {what}; “{id}” is none', ['what' => $what, 'id' => $id]);
        }
    }

    private function inside(string $at, Rooms $room, Vec2 $place): void
    {
        if (! $room->contains($place)) {
            $this->wrong(
                $at,
                'is outside the room, {gap} beyond its wall',
                ['gap' => Quantity::metres($room->borderDistanceTo($place))],
            );
        }
    }

    private function under(string $at, Rooms $room, Vec2 $place, float $heightM): void
    {
        if ($heightM > $room->heightAt($place)) {
            $this->wrong(
                $at,
                'is above the ceiling at {height}',
                ['height' => Quantity::metres($room->heightAt($place))],
            );
        }
    }

    /** @param  array<string, Quantity|string|int|float>  $arguments */
    private function wrong(string $at, string $template, array $arguments = []): void
    {
        $this->root->problems->add(new Problem($at, $template, $arguments));
    }
}
