<?php

declare(strict_types=1);

namespace FineFrame\Grip;

use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Measure\Unit;

/** A part of the kit that sits on one kind of mount and offers another: a screw with a stud, a grip head, a tube holder, a bar for two. */
final readonly class JoiningPart implements Part
{
    /**
     * @param  int  $places  how many it offers
     * @param  float|null  $carriesKg  by its maker’s rating; null where nobody has typed it in
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public Mount $sitsOn,
        public Mount $offers,
        public int $places,
        public float $kg,
        public ?float $carriesKg,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->choice('sits_on', Mount::class, Mount::Stud16),
            $node->choice('offers', Mount::class, Mount::Stud16),
            $node->whole('places', 1, 6, 1),
            $node->number('kg', 0, 100, Unit::Kilogram, 0.0),
            $node->has('carries_kg') ? $node->number('carries_kg', 0, 1000, Unit::Kilogram) : null,
            $node->rest(),
        );
    }

    public function joiner(int $count): Joiner
    {
        return new Joiner(
            $this->id,
            $this->sitsOn->value,
            array_fill(0, max(1, $this->places), $this->offers->value),
            $this->kg,
            $this->carriesKg,
            $count,
        );
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'sits_on' => $this->sitsOn->value, 'offers' => $this->offers->value,
            'places' => $this->places, 'kg' => $this->kg,
        ] + ($this->carriesKg === null ? [] : ['carries_kg' => $this->carriesKg]) + $this->extra;
    }
}
