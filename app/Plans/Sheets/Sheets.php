<?php

declare(strict_types=1);

namespace App\Plans\Sheets;

use FineFrame\Camera\Body;
use FineFrame\Camera\Camera;
use FineFrame\Camera\Lens;
use FineFrame\Camera\Prompter;
use FineFrame\Document\Column;
use FineFrame\Document\Fields;
use FineFrame\Document\Node;
use FineFrame\Document\Parts;
use FineFrame\Document\Record;
use FineFrame\Grip\JoiningPart;
use FineFrame\Grip\Support;
use FineFrame\Judge\PackItem;
use FineFrame\Judge\PackList;
use FineFrame\Light\Fixture;
use FineFrame\Light\Modifier;
use FineFrame\Plan\BriefLists;
use FineFrame\Plan\ChargerModel;
use FineFrame\Plan\PackModel;
use FineFrame\Plan\SetupList;
use FineFrame\Plan\SetupLists;
use FineFrame\Plan\SetupPlan;
use FineFrame\Plan\Stock;
use FineFrame\Plan\UnknownThing;
use FineFrame\Scout\PlaceLists;
use FineFrame\Sound\Material;
use FineFrame\Sound\Microphone;
use FineFrame\Space\Built;
use FineFrame\Space\CeilingPoint;
use FineFrame\Space\CornerAngle;
use FineFrame\Space\Glazing;
use FineFrame\Space\Opening;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\Outlet;
use FineFrame\Space\PlacedRoom;
use FineFrame\Space\Swing;
use FineFrame\Space\TapeBook;
use FineFrame\Space\TapedWall;
use FineFrame\Space\Tie;
use FineFrame\Staging\Person;

/** The lists that people fill in: of the brief, of a place, of its tape book. */
final readonly class Sheets
{
    public const KIT = ['stock', 'bodies', 'lenses', 'supports', 'prompters'];

    public const GRIP = ['joiners'];

    public const POWER = ['packs', 'chargers'];

    public const LAMPS = ['fixtures', 'modifiers'];

    public const SOUND = ['microphones'];

    public const TAPE = ['walls', 'ties', 'angles', 'openings', 'built', 'outlets', 'ceiling'];

    public function __construct(private SetupPlan $setup, private PlacedRoom $room)
    {
    }

    /** @throws UnknownThing if there is no such list */
    public function of(string $name): Sheet
    {
        $brief = BriefLists::all()[$name] ?? null;
        if ($brief !== null) {
            $things = static fn (PackList $l): array => array_map(static fn (PackItem $i): string => $i->name, $l->items);
            $choices = $name === 'packing' ? ['item' => ['' => 'none of these'] + $things(PackList::of($this->setup))] : [];

            return new Sheet($name, "/brief/$name", $brief, Parts::written($this->setup->plan->brief->list($name)), 'name', $choices);
        }
        $scouted = PlaceLists::all()[$name] ?? null;
        if ($scouted !== null) {
            return new Sheet(
                $name,
                "/locations/{$this->setup->location->id}/scouted/$name",
                $scouted,
                Parts::written($this->setup->location->list($name)),
                $name === 'photos' ? 'file' : 'name',
            );
        }

        $listed = SetupLists::all()[$name] ?? null;
        if ($listed !== null) {
            return $this->listed($name, $listed);
        }
        if ($name === 'stock') {
            return $this->stock();
        }
        if (in_array($name, [...self::KIT, ...self::LAMPS, ...self::SOUND, ...self::GRIP, ...self::POWER], true)) {
            return $this->kit($name);
        }
        if ($name === 'materials') {
            return $this->materials();
        }

        return in_array($name, self::TAPE, true) ? $this->tape($name) : throw UnknownThing::called('list', $name);
    }

    /** @param  array<string, Column>  $columns */
    private function listed(string $name, array $columns): Sheet
    {
        $cameras = ['' => 'none'] + array_map(static fn (Camera $c): string => $c->placement->label, $this->setup->cameras);

        $shown = ['' => 'nothing placed'];
        foreach ([...$this->setup->subjects(), ...$this->setup->setup->furniture, ...$this->setup->room->walls] as $thing) {
            $shown[$thing->id] = $thing instanceof Person ? "clothes of $thing->name" : $this->setup->name($thing->id);
        }

        $people = ['' => 'nobody'] + array_column(
            array_map(static fn (Person $p): array => [$p->id, $p->name], $this->setup->subjects()),
            1,
            0,
        );

        return new Sheet(
            $name,
            "/setups/{$this->setup->setup->id}/$name",
            $columns,
            Parts::written($this->setup->setup->list($name)),
            isset($columns['name']) ? 'name' : (string) array_key_first($columns),
            array_intersect_key(
                [
                    'opening' => self::named($this->setup->location->rooms->openings),
                    'lamp' => self::named($this->setup->location->list('colour')),
                    'voice' => $people,
                    'person' => $people,
                    'camera' => $cameras,
                    'model' => array_map(static fn (Microphone $m): string => $m->name, $this->setup->plan->kit->microphones),
                    'thing' => $this->held(),
                    'on' => $shown,
                    'material' => array_map(
                        static fn (Material $m): string => $m->name,
                        $this->setup->plan->kit->materials + Material::shipped(),
                    ),
                ],
                $columns,
            ),
        );
    }

    /** @return array<string, string> what stands on supports and can have ballast on their legs */
    private function held(): array
    {
        $supports = $this->setup->plan->kit->supports;
        $held = array_filter(SetupList::taken($this->setup->setup), static fn (array $t): bool => isset($supports[$t[1]]));
        $ids = array_map(static fn (array $t): string => explode('/', $t[0])[1], $held);

        return array_combine($ids, array_map($this->setup->name(...), $ids));
    }

    /**
     * @param  list<Opening|Record>  $things
     * @return array<string, string> what they are called, by id
     */
    private static function named(array $things): array
    {
        $names = array_map(static fn (Opening|Record $t): string => $t instanceof Record ? $t->text('name') : $t->name, $things);

        return array_combine(array_column($things, 'id'), $names);
    }

    private function kit(string $name): Sheet
    {
        $kit = $this->setup->plan->kit;
        [$columns, $models] = match ($name) {
            'bodies' => [self::columns(Body::read(...)), $kit->bodies],
            'lenses' => [self::columns(Lens::read(...)), $kit->lenses],
            'supports' => [self::columns(Support::read(...)), $kit->supports],
            'fixtures' => [self::columns(Fixture::read(...)), $kit->fixtures],
            'microphones' => [self::columns(Microphone::read(...)), $kit->microphones],
            'modifiers' => [self::columns(Modifier::read(...)), $kit->modifiers],
            'joiners' => [self::columns(JoiningPart::read(...)), $kit->joiners],
            'packs' => [self::columns(PackModel::read(...)), $kit->packs],
            'chargers' => [self::columns(ChargerModel::read(...)), $kit->chargers],
            default => [self::columns(Prompter::read(...)), $kit->prompters],
        };

        return new Sheet($name, "/kit/$name", $columns, Parts::written($models));
    }

    private function stock(): Sheet
    {
        $kit = $this->setup->plan->kit;
        $models = [];
        foreach (array_diff_key($kit->models(), ['materials' => true]) as $list) {
            foreach ($list as $model) {
                $models[$model->id] = $model->name;
            }
        }

        return new Sheet('stock', '/kit/stock', Stock::columns(), Parts::written($kit->stock->rows), 'model', ['model' => $models]);
    }

    private function materials(): Sheet
    {
        return new Sheet(
            'materials',
            '/kit/materials',
            self::columns(Material::read(...)),
            Parts::written($this->setup->plan->kit->materials + Material::shipped()),
            shipped: Parts::written(Material::shipped()),
        );
    }

    private function tape(string $name): Sheet
    {
        $room = $this->room->taped;
        $space = "/locations/{$this->setup->location->id}/space{$this->room->pointer}";
        $at = "$space/$name";
        $corners = $walls = [];
        foreach ($room->book->walls as $i => $wall) {
            $corners[$wall->id] = TapeBook::letter($i);
            $walls[$wall->id] = TapeBook::letter($i).' '.$wall->name;
        }
        $points = $corners + array_column(array_map(static fn (Built $b): array => [$b->id, $b->name], $room->built), 1, 0);
        $circuits = ['' => 'unknown'] + array_column(
            array_map(static fn (Record $r): array => [$r->id, $r->text('name')], $this->setup->location->list('circuits')),
            1,
            0,
        );

        return match ($name) {
            'walls' => new Sheet($name, $at, self::columns(TapedWall::read(...)), Parts::written($room->book->walls), 'length_m'),
            'ties' => new Sheet(
                $name,
                $at,
                self::columns(Tie::read(...)),
                Parts::written($room->book->ties),
                'length_m',
                ['from' => $points, 'to' => $points],
            ),
            'angles' => new Sheet(
                $name,
                $at,
                self::columns(CornerAngle::read(...)),
                Parts::written($room->book->angles),
                'inside_deg',
                ['corner' => $corners],
            ),
            'openings' => new Sheet(
                $name,
                $at,
                // What is usual of glass and swing follows from whether it is a door; most that are added are windows.
                array_merge(self::columns(Opening::read(...)), [
                    'kind' => Column::cases(OpeningKind::class, OpeningKind::Window),
                    'glazing' => Column::text(),
                    'swing' => Column::text(),
                ]),
                Parts::written($room->openings),
                'width_m',
                ['wall' => $walls, 'glazing' => self::usual(Glazing::class), 'swing' => self::usual(Swing::class)],
            ),
            'built' => new Sheet($name, $at, self::columns(Built::read(...)), Parts::written($room->book->built)),
            'outlets' => new Sheet(
                $name,
                $at,
                self::columns(Outlet::read(...)),
                Parts::written($room->outlets),
                'name',
                ['wall' => $walls, 'circuit' => $circuits],
            ),
            default => new Sheet(
                $name,
                "$space/ceiling/points",
                self::columns(CeilingPoint::read(...)),
                Parts::written($room->ceiling->points),
                'height_m',
            ),
        };
    }

    /**
     * @param  \Closure(Node): mixed  $read
     * @return array<string, Column> of what a reader asks for, by what people call it first
     */
    private static function columns(\Closure $read): array
    {
        $columns = Fields::of($read)->columns();
        $name = array_intersect_key($columns, ['name' => true]);

        return array_diff_key($name + $columns, ['id' => true]);
    }

    /**
     * @param  class-string<\BackedEnum>  $enum
     * @return array<string, string> its values, and what is meant when nothing is said
     */
    private static function usual(string $enum): array
    {
        $values = Column::cases($enum)->choices;

        return ['' => 'as usual'] + array_combine($values, $values);
    }
}
