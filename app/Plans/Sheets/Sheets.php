<?php

declare(strict_types=1);

namespace App\Plans\Sheets;

use FineFrame\Camera\Camera;
use FineFrame\Document\Column;
use FineFrame\Document\Parts;
use FineFrame\Document\Record;
use FineFrame\Geometry\Shape;
use FineFrame\Grip\SupportKind;
use FineFrame\Light\ModifierKind;
use FineFrame\Measure\Unit;
use FineFrame\Plan\BriefLists;
use FineFrame\Plan\SetupLists;
use FineFrame\Plan\SetupPlan;
use FineFrame\Plan\UnknownThing;
use FineFrame\Scout\PlaceLists;
use FineFrame\Sound\Material;
use FineFrame\Sound\Microphone;
use FineFrame\Sound\MicUse;
use FineFrame\Space\Built;
use FineFrame\Space\BuiltKind;
use FineFrame\Space\Curtain;
use FineFrame\Space\Glazing;
use FineFrame\Space\Instrument;
use FineFrame\Space\MayHang;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\PlacedRoom;
use FineFrame\Space\Swing;
use FineFrame\Space\TapeBook;
use FineFrame\Staging\Person;

/** The lists that people fill in: of the brief, of a place, of its tape book. */
final readonly class Sheets
{
    public const KIT = ['bodies', 'lenses', 'supports', 'prompters'];

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
            return new Sheet($name, "/brief/$name", $brief, Parts::written($this->setup->plan->brief->list($name)));
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
        if (in_array($name, [...self::KIT, ...self::LAMPS, ...self::SOUND], true)) {
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
            options: array_intersect_key(
                [
                    'voice' => $people,
                    'person' => $people,
                    'camera' => $cameras,
                    'model' => array_map(static fn (Microphone $m): string => $m->name, $this->setup->plan->kit->microphones),
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

    private function kit(string $name): Sheet
    {
        $kit = $this->setup->plan->kit;
        $mm = Column::number(1, 2000, Unit::Millimetre);
        $metres = Column::metres(0, 20);
        [$columns, $models] = match ($name) {
            'bodies' => [
                [
                    'name' => Column::text(),
                    'sensor_width_mm' => $mm,
                    'sensor_height_mm' => $mm,
                    'width_px' => Column::number(320, 20_000),
                    'height_px' => Column::number(240, 20_000),
                    'outputs' => Column::number(0, 8),
                    'own' => Column::flag(),
                ],
                $kit->bodies,
            ],
            'lenses' => [
                [
                    'name' => Column::text(),
                    'focal_min_mm' => $mm,
                    'focal_max_mm' => $mm,
                    't_min' => Column::number(0.5, 64, Unit::TStop),
                    'nearest_focus_m' => $metres,
                    'front_m' => $metres,
                    'length_m' => $metres,
                    'parfocal' => Column::flag(),
                    'own' => Column::flag(),
                ],
                $kit->lenses,
            ],
            'supports' => [
                [
                    'name' => Column::text(),
                    'kind' => self::cases(SupportKind::class),
                    'leg_radius_m' => $metres,
                    'lowest_m' => $metres,
                    'highest_m' => $metres,
                    'rail_m' => $metres,
                    'reach_m' => $metres,
                    'own' => Column::flag(),
                ],
                $kit->supports,
            ],
            'fixtures' => [
                [
                    'name' => Column::text(),
                    'width_m' => $metres,
                    'height_m' => $metres,
                    'depth_m' => $metres,
                    'lux_at_1m' => Column::number(1, 1e6, Unit::Lux),
                    'watts' => Column::number(0, 20_000, Unit::Watt),
                    'lowest_dim' => Column::number(0, 1),
                    'hot' => Column::flag(),
                    'battery' => Column::flag(),
                    'throw' => Column::number(0.2, 10),
                ],
                $kit->fixtures,
            ],
            'microphones' => [
                [
                    'name' => Column::text(),
                    'use' => self::cases(MicUse::class),
                    'length_m' => $metres,
                    'diameter_m' => $metres,
                    'acceptance_deg' => Column::number(5, 180),
                    'pattern_a' => Column::number(0, 1),
                    'millivolts' => Column::number(0.1, 200),
                    'most_db' => Column::number(80, 180),
                    'self_noise_dba' => Column::number(0, 50),
                    'phantom' => Column::flag(true),
                    'connector' => Column::text(40),
                ],
                $kit->microphones,
            ],
            'modifiers' => [
                [
                    'name' => Column::text(),
                    'kind' => self::cases(ModifierKind::class),
                    'width_m' => $metres,
                    'height_m' => $metres,
                    'ahead_m' => $metres,
                    'passes' => Column::number(0.001, 1),
                    'mired' => Column::number(-500, 500),
                    'duv' => Column::number(-0.1, 0.1),
                    'angle_deg' => Column::number(2, 180),
                    'stands' => Column::number(0, 8),
                ],
                $kit->modifiers,
            ],
            default => [
                [
                    'name' => Column::text(),
                    'width_m' => $metres,
                    'up_m' => $metres,
                    'down_m' => $metres,
                    'depth_m' => $metres,
                    'letter_mm' => $mm,
                ],
                $kit->prompters,
            ],
        };

        return new Sheet($name, "/kit/$name", $columns, Parts::written($models));
    }

    private function materials(): Sheet
    {
        $columns = ['name' => Column::text()];
        foreach (Material::BANDS_HZ as $band) {
            $columns["alpha_$band"] = Column::number(0, 1, Unit::Ratio);
        }

        return new Sheet(
            'materials',
            '/kit/materials',
            $columns + ['light' => Column::number(0, 1, Unit::Ratio)],
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
        $length = Column::metres(-200, 200);

        return match ($name) {
            'walls' => new Sheet(
                $name,
                $at,
                [
                    'name' => Column::text(),
                    'length_m' => Column::metres(0.05, 100),
                    'turn_deg' => Column::degrees(),
                    'by' => Column::choice('tape', 'laser', 'paced', 'drawing', 'sketch'),
                    'rise_m' => Column::metres(-50, 50),
                ],
                Parts::written($room->book->walls),
                'length_m',
            ),
            'ties' => new Sheet(
                $name,
                $at,
                [
                    'from' => Column::text(),
                    'to' => Column::text(),
                    'length_m' => $length,
                    'by' => self::cases(Instrument::class),
                    'left_out' => Column::flag(),
                ],
                Parts::written($room->book->ties),
                'length_m',
                ['from' => $points, 'to' => $points],
            ),
            'angles' => new Sheet(
                $name,
                $at,
                ['corner' => Column::text(), 'inside_deg' => Column::degrees(), 'sigma_deg' => Column::degrees()],
                Parts::written($room->book->angles),
                'inside_deg',
                ['corner' => $corners],
            ),
            'openings' => new Sheet($name, $at, [
                'name' => Column::text(),
                'kind' => Column::choice(OpeningKind::Window->value, OpeningKind::Door->value),
                'wall' => Column::text(),
                'offset_m' => $length,
                'width_m' => $length,
                'sill_m' => $length,
                'head_m' => $length,
                'reveal_m' => $length,
                'glazing' => Column::text(),
                'curtain' => self::cases(Curtain::class),
                'swing' => Column::text(),
                'way_out' => Column::flag(),
            ], Parts::written($room->openings), 'width_m', ['wall' => $walls,
                'glazing' => self::usual(Glazing::class), 'swing' => self::usual(Swing::class)]),
            'built' => new Sheet($name, $at, [
                'name' => Column::text(),
                'kind' => self::cases(BuiltKind::class),
                'shape' => self::cases(Shape::class),
                'x_m' => $length,
                'y_m' => $length,
                'width_m' => $length,
                'depth_m' => $length,
                'turn_deg' => Column::degrees(),
                'base_m' => $length,
                'height_m' => $length,
                'count' => Column::number(1, 60),
                'may_hang' => self::cases(MayHang::class),
                'said_by' => Column::text(),
            ], Parts::written($room->book->built)),
            'outlets' => new Sheet(
                $name,
                $at,
                [
                    'name' => Column::text(),
                    'wall' => Column::text(),
                    'offset_m' => $length,
                    'height_m' => $length,
                    'sockets' => Column::number(1, 12),
                    'circuit' => Column::text(),
                ],
                Parts::written($room->outlets),
                'name',
                ['wall' => $walls, 'circuit' => $circuits],
            ),
            default => new Sheet(
                $name,
                "$space/ceiling/points",
                ['x_m' => $length, 'y_m' => $length, 'height_m' => $length, 'slope' => Column::text(20)],
                Parts::written($room->ceiling->points),
                'height_m',
            ),
        };
    }

    /**
     * @param  class-string<\BackedEnum>  $enum
     * @return array<string, string> its values, and what is meant when nothing is said
     */
    private static function usual(string $enum): array
    {
        $values = self::cases($enum)->choices;

        return ['' => 'as usual'] + array_combine($values, $values);
    }

    /** @param  class-string<\BackedEnum>  $enum */
    private static function cases(string $enum): Column
    {
        return Column::choice(...array_map(static fn (\BackedEnum $c): string => (string) $c->value, $enum::cases()));
    }
}
