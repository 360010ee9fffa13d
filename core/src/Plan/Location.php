<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Parts;
use FineFrame\Document\Record;
use FineFrame\Geometry\Vec3;
use FineFrame\Scout\PlaceLists;
use FineFrame\Space\Curtain;
use FineFrame\Space\Room;
use FineFrame\Space\Rooms;
use FineFrame\Sun\Site;

/** A place that may be shot in: where it is, what was found there, and its room, a rough sketch until somebody tapes it. */
final readonly class Location implements Part
{
    /** Its rooms as they stand together. */
    public Rooms $rooms;

    /**
     * @param  array<string, list<Record>>  $lists  what was written down, by list
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public Room $space,
        public ?Site $site,
        public Record $facts,
        public array $lists,
        private array $extra,
    ) {
        $this->rooms = Rooms::of($space);
    }

    public static function read(Node $node): self
    {
        $scouted = $node->object('scouted');
        $lists = [];
        foreach (PlaceLists::all() as $list => $columns) {
            $lists[$list] = $scouted->each($list, static fn (Node $n): Record => Record::read($n, $columns), 200);
        }

        return new self(
            $node->id(),
            $node->text('name'),
            Room::read(
                $node->has('space')
                    ? $node->object('space')
                    : Node::root(Room::sketch(5.0, 4.0), $node->problems)->under($node->pointer.'/space'),
            ),
            $node->has('site') ? Site::read($node->object('site')) : null,
            Record::read($node->object('facts'), PlaceLists::facts(), isOne: true),
            $lists,
            ['scouted' => $scouted->rest()] + $node->rest(),
        );
    }

    /**
     * Curtains drawn for a setup; for all of them where none is there yet.
     *
     * @param  array<string, Curtain>  $curtains  by opening
     */
    public function drawing(?Setup $setup, array $curtains): Edit
    {
        if ($setup === null || $setup->isBare()) {
            $pointer = fn (string $opening): string => "/locations/$this->id/space/openings/$opening/curtain";
            $pointers = array_map($pointer, array_keys($curtains));

            return new Edit(array_combine($pointers, array_map(static fn (Curtain $c): string => $c->value, array_values($curtains))));
        }
        $others = array_filter(SetupList::Curtains->rows($setup), static fn (Record $r): bool => ! isset($curtains[$r->text('opening')]));
        $rows = Parts::written($others);
        foreach ($curtains as $opening => $curtain) {
            $rows[] = ['id' => FreeId::of('drawn', array_column($rows, 'id')), 'opening' => $opening, 'curtain' => $curtain->value];
        }

        return new Edit(["/setups/$setup->id/curtains" => $rows]);
    }

    /**
     * A list of the place anew: what a setup does about a lamp that is gone goes with it.
     *
     * @param  list<array<array-key, mixed>>  $rows
     */
    public function listing(ShootPlan $plan, string $list, array $rows): Edit
    {
        $values = ["/locations/$this->id/scouted/$list" => $rows];
        foreach ($list === 'colour' ? $plan->setups : [] as $setup) {
            foreach ($setup->location === $this->id ? SetupList::House->rows($setup) : [] as $row) {
                if (! in_array($row->text('lamp'), array_column($rows, 'id'), true)) {
                    $values["/setups/$setup->id/house/$row->id"] = null;
                }
            }
        }

        return new Edit($values);
    }

    /** As a setup has it: its curtains drawn, its lamps burning or not. */
    public function as(Setup $setup): self
    {
        $curtains = $plans = [];
        foreach (SetupList::Curtains->rows($setup) as $row) {
            $curtains[$row->text('opening')] = Curtain::from($row->text('curtain'));
        }
        foreach (SetupList::House->rows($setup) as $row) {
            $plans[$row->text('lamp')] = $row->text('plan');
        }
        if ($curtains === [] && $plans === []) {
            return $this;
        }
        $lamps = array_map(static fn (Record $r): Record => $r->with('plan', $plans[$r->id] ?? $r->text('plan')), $this->list('colour'));

        return new self(
            $this->id,
            $this->name,
            $this->space->curtained($curtains),
            $this->site,
            $this->facts,
            ['colour' => $lamps] + $this->lists,
            $this->extra,
        );
    }

    /** @return list<Record> */
    public function list(string $name): array
    {
        return $this->lists[$name] ?? [];
    }

    /** The mains' frequency: as said, else 60 Hz where clocks are those of the Americas, 50 Hz elsewhere. */
    public function mainsHz(): float
    {
        return match ($this->facts->text('mains')) {
            '50 Hz' => 50.0,
            '60 Hz' => 60.0,
            default => str_starts_with($this->site?->zone->getName() ?? '', 'America/') ? 60.0 : 50.0,
        };
    }

    /** The spot that the sun and the light are judged at: the chair, where one was chosen. */
    public function spot(): ?Vec3
    {
        [$x, $y, $z] = array_map($this->facts->number(...), ['spot_x_m', 'spot_y_m', 'spot_z_m']);

        return $x === null || $y === null ? null : new Vec3($x, $y, $z ?? 1.2);
    }

    public function write(): array
    {
        $rest = $this->extra;
        $scouted = is_array($rest['scouted'] ?? null) ? $rest['scouted'] : [];
        unset($rest['scouted']);
        $lists = array_filter(array_map(Parts::written(...), $this->lists), static fn (array $l): bool => $l !== []);

        return [
            'id' => $this->id,
            'name' => $this->name,
            'facts' => (object) $this->facts->write(),
            'scouted' => (object) ($lists + $scouted),
        ]
            + ['space' => $this->space->write()]
            + ($this->site === null ? [] : ['site' => $this->site->write()])
            + $rest;
    }
}
