<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Parts;
use FineFrame\Document\Record;
use FineFrame\Geometry\Vec3;
use FineFrame\Scout\PlaceLists;
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
