<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Camera\CameraPlacement;
use FineFrame\Document\Record;
use FineFrame\Geometry\Vec2;
use FineFrame\Light\LightPlacement;
use FineFrame\Sound\BoomPlacement;
use FineFrame\Staging\Furniture;
use FineFrame\Staging\Person;

/**
 * The lists of a setup whose entries stand somewhere or name one another, by their keys in the plan file: the one place that knows them
 * all.
 */
enum SetupList: string
{
    case People = 'subjects';
    case Furniture = 'furniture';
    case Cameras = 'cameras';
    case Lamps = 'lights';
    case Booms = 'microphones';
    case Mics = 'mics';
    case Pairs = 'pairs';
    case Recorders = 'recorders';
    case Antennas = 'antennas';
    case Links = 'links';
    case Tracks = 'tracks';
    case Colours = 'colours';
    case Walks = 'walks';
    case Views = 'views';
    case Progress = 'progress';
    case Treatments = 'treatments';
    case Curtains = 'curtains';
    case House = 'house';
    case Loads = 'loads';
    case Plugs = 'plugs';
    case Ballast = 'ballast';
    case Rolls = 'rolls';
    case Cues = 'cues';

    /** @return list<self> whose entries are things on the floor or in the air: no two share an id, and a table of the floor shows them */
    public static function placed(): array
    {
        return [
            self::People, self::Furniture, self::Cameras, self::Lamps, self::Booms, self::Mics, self::Pairs,
            self::Recorders, self::Antennas,
        ];
    }

    /** @return list<Person|Furniture|CameraPlacement|LightPlacement|BoomPlacement|Record> */
    public function of(Setup $setup): array
    {
        return match ($this) {
            self::People => $setup->people,
            self::Furniture => $setup->furniture,
            self::Cameras => $setup->cameras,
            self::Lamps => $setup->lights,
            self::Booms => $setup->booms,
            default => $this->rows($setup),
        };
    }

    /** @return list<Record> entries that are rows; none for what has a class of its own */
    public function rows(Setup $setup): array
    {
        return $setup->list($this->value);
    }

    /** @return list<self> whose entries have a class, a card and a place of their own on the floor */
    public static function standing(): array
    {
        return [self::People, self::Furniture, self::Cameras, self::Lamps, self::Booms];
    }

    /** @return array{self, Person|Furniture|CameraPlacement|LightPlacement|BoomPlacement|Record}|null the list that holds a thing, and it */
    public static function holding(Setup $setup, string $id): ?array
    {
        foreach (self::placed() as $list) {
            foreach ($list->of($setup) as $thing) {
                if ($thing->id === $id) {
                    return [$list, $thing];
                }
            }
        }

        return null;
    }

    /** What people call one; its id where it has no name. */
    public static function called(Person|Furniture|CameraPlacement|LightPlacement|BoomPlacement|Record $thing): string
    {
        $name = match (true) {
            $thing instanceof CameraPlacement => $thing->label,
            $thing instanceof Record => $thing->text('name'),
            default => $thing->name,
        };

        return $name !== '' ? $name : $thing->id;
    }

    /** What one of them is called where a sentence names its kind. */
    public function one(): string
    {
        return match ($this) {
            self::People => 'person',
            self::Furniture => 'furniture',
            self::Cameras => 'camera',
            self::Lamps => 'light',
            self::Booms => 'boom',
            self::Mics => 'microphone',
            self::Pairs => 'stereo pair',
            self::Recorders => 'recorder',
            self::Antennas => 'antenna',
            default => $this->value,
        };
    }

    /**
     * Columns of its rows that name other things.
     *
     * @return array<string, list<self>> in which lists these are
     */
    public function refers(): array
    {
        return match ($this) {
            self::Mics => ['person' => [self::People], 'camera' => [self::Cameras]],
            self::Links, self::Walks => ['person' => [self::People]],
            self::Tracks => ['voice' => [self::People]],
            self::Views, self::Progress, self::Rolls, self::Cues => ['camera' => [self::Cameras]],
            self::Colours => ['on' => [self::People, self::Furniture]],
            self::Curtains => ['opening' => []],
            self::House => ['lamp' => []],
            default => [],
        };
    }

    /** @return list<object{id: string}> what of the place its rows may name as well */
    public function ofPlace(Location $location): array
    {
        return match ($this) {
            self::Colours => $location->rooms->walls,
            self::Curtains => $location->rooms->openings,
            self::House => $location->list('colour'),
            default => [],
        };
    }

    /** Whether a row means nothing without what it names, and goes with it; else it stays and names nobody. */
    public function goesAlong(): bool
    {
        return in_array($this, [self::Walks, self::Views, self::Progress, self::Colours, self::Curtains, self::House, self::Rolls], true);
    }

    /** @return array<string, string> models of the kit that a thing takes, by the field that names each */
    public static function models(Person|Furniture|CameraPlacement|LightPlacement|BoomPlacement|Record $thing): array
    {
        $models = match (true) {
            $thing instanceof CameraPlacement => [
                'body' => $thing->body,
                'lens' => $thing->lens,
                'reducer' => $thing->reducer,
                'support' => $thing->support,
                'prompter' => $thing->prompter,
            ],
            $thing instanceof LightPlacement => ['fixture' => $thing->fixture, 'stand' => $thing->stand] + $thing->modifiers,
            $thing instanceof BoomPlacement => ['model' => $thing->model, 'pole' => $thing->pole, 'stand' => $thing->stand],
            $thing instanceof Record => $thing->has('model') ? ['model' => $thing->text('model')] : [],
            default => [],
        };

        return array_filter($models, static fn (?string $model): bool => $model !== null && $model !== '');
    }

    /** @return list<array{string, string}> each model that a setup takes, by the field that names it, as an edit addresses it */
    public static function taken(Setup $setup): array
    {
        $taken = [];
        foreach (self::placed() as $list) {
            foreach ($list->of($setup) as $thing) {
                foreach (self::models($thing) as $field => $model) {
                    // A pair is two of one microphone.
                    array_push($taken, ...array_fill(0, $list === self::Pairs ? 2 : 1, ["$list->value/$thing->id/$field", $model]));
                }
            }
        }

        return $taken;
    }

    /** @return Vec2|null where a thing stands; null where nobody has said, or where it goes along with whoever wears it */
    public static function place(Person|Furniture|CameraPlacement|LightPlacement|BoomPlacement|Record $thing): ?Vec2
    {
        if (! $thing instanceof Record) {
            return $thing->place;
        }
        [$x, $y] = [$thing->number('x_m'), $thing->number('y_m')];

        return $x === null || $y === null ? null : new Vec2($x, $y);
    }
}
