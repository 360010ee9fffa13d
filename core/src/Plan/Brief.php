<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Parts;
use FineFrame\Document\Record;
use FineFrame\Measure\Unit;

/** What is shot and delivered, by which way of working, and the limits the plan is judged by. */
final readonly class Brief implements Part
{
    /**
     * @param  array<string, list<Record>>  $lists
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public ShootKind $kind,
        public float $aspectWidth,
        public float $aspectHeight,
        public Schools $schools,
        public Limits $limits,
        public Record $facts,
        public array $lists,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $schools = Schools::read($node->object('schools'));
        $lists = [];
        foreach (BriefLists::all() as $list => $columns) {
            $lists[$list] = $node->each($list, static fn (Node $n): Record => Record::read($n, $columns), 100);
        }

        return new self(
            $node->choice('kind', ShootKind::class, ShootKind::Talk),
            $node->number('aspect_width', 1, 10_000, Unit::Count, 16.0),
            $node->number('aspect_height', 1, 10_000, Unit::Count, 9.0),
            $schools,
            Limits::read($node, 'limits', $schools),
            Record::read($node->object('facts'), BriefLists::facts(), isOne: true),
            $lists,
            $node->rest(),
        );
    }

    public function aspect(): float
    {
        return $this->aspectWidth / $this->aspectHeight;
    }

    /** @return list<Record> */
    public function list(string $name): array
    {
        return $this->lists[$name] ?? [];
    }

    /** The hours in which is recorded, as clock times; empty where nobody has said. */
    public function day(): ?Record
    {
        return $this->lists['days'][0] ?? null;
    }

    public function write(): array
    {
        return [
            'kind' => $this->kind->value, 'aspect_width' => $this->aspectWidth, 'aspect_height' => $this->aspectHeight,
            'schools' => (object) $this->schools->write(), 'limits' => $this->limits->write(), 'facts' => (object) $this->facts->write(),
        ] + array_filter(array_map(Parts::written(...), $this->lists), static fn (array $l): bool => $l !== []) + $this->extra;
    }
}
