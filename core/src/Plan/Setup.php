<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Camera\CameraPlacement;
use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Parts;
use FineFrame\Light\LightPlacement;
use FineFrame\Light\Metering;
use FineFrame\Sound\BoomPlacement;
use FineFrame\Staging\Furniture;
use FineFrame\Staging\Person;

/** One arrangement of people and gear in one place. */
final readonly class Setup implements Part
{
    private const BARE = 'nothing-at-';

    /**
     * @param  list<Person>  $people
     * @param  list<Furniture>  $furniture
     * @param  list<CameraPlacement>  $cameras
     * @param  list<LightPlacement>  $lights
     * @param  list<BoomPlacement>  $booms
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $location,
        public Metering $metering,
        public array $people,
        public array $furniture,
        public array $cameras,
        public array $lights,
        public array $booms,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->id(),
            $node->text('name'),
            $node->id('location'),
            Metering::read($node->object('metering')),
            $node->each('subjects', Person::read(...), 12),
            $node->each('furniture', Furniture::read(...), 200),
            $node->each('cameras', CameraPlacement::read(...), 8),
            $node->each('lights', LightPlacement::read(...), 40),
            $node->each('microphones', BoomPlacement::read(...), 20),
            $node->rest(),
        );
    }

    /** Nothing set up yet in a place: what a candidate looks like before it is chosen. */
    public static function bare(string $location, Metering $metering): self
    {
        return new self(self::BARE.$location, 'nothing set up', $location, $metering, [], [], [], [], [], []);
    }

    /** Whether it only stands in for a place where nothing is set up. */
    public function isBare(): bool
    {
        return $this->id === self::BARE.$this->location;
    }

    public function write(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'location' => $this->location, 'metering' => $this->metering->write(),
            'subjects' => Parts::written($this->people), 'furniture' => Parts::written($this->furniture), 'cameras' => Parts::written($this->cameras),
            'lights' => Parts::written($this->lights), 'microphones' => Parts::written($this->booms),
        ] + $this->extra;
    }
}
