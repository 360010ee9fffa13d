<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Camera\CameraPlacement;
use FineFrame\Camera\Move;
use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Parts;
use FineFrame\Document\Record;
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
     * @param  list<Move>  $moves  of cameras
     * @param  array<string, list<Record>>  $lists  by name, as in SetupLists
     * @param  string|null  $day  the line of “When” that it is recorded on; the first where nobody has said
     * @param  string  $from  clock time from which it is recorded itself; empty for the day’s
     * @param  array<string, mixed>  $extra
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $location,
        public Work $work,
        public Metering $metering,
        public array $people,
        public array $furniture,
        public array $cameras,
        public array $lights,
        public array $booms,
        public array $moves,
        public array $lists,
        public ?string $day,
        public string $from,
        public string $to,
        private array $extra,
    ) {
    }

    public static function read(Node $node): self
    {
        $lists = [];
        foreach (SetupLists::all() as $list => $columns) {
            $lists[$list] = $node->each(
                $list,
                static fn (Node $n): Record => Record::read($n, $columns),
                SetupLists::MOST[$list] ?? SetupLists::USUAL_MOST,
            );
        }

        return new self(
            $node->id(),
            $node->text('name'),
            $node->id('location'),
            $node->choice('work', Work::class, Work::AsBriefed),
            Metering::read($node->object('metering')),
            $node->each('subjects', Person::read(...), 12),
            $node->each('furniture', Furniture::read(...), 200),
            $node->each('cameras', CameraPlacement::read(...), 8),
            $node->each('lights', LightPlacement::read(...), 40),
            $node->each('microphones', BoomPlacement::read(...), 20),
            $node->each('moves', Move::read(...), 8),
            $lists,
            $node->optionalId('day'),
            $node->clock('from'),
            $node->clock('to'),
            $node->rest(),
        );
    }

    /** Nothing set up yet in a place: what a candidate looks like before it is chosen. */
    public static function bare(string $location, Metering $metering): self
    {
        return new self(
            self::BARE.$location,
            'nothing set up',
            $location,
            Work::AsBriefed,
            $metering,
            [],
            [],
            [],
            [],
            [],
            [],
            [],
            null,
            '',
            '',
            [],
        );
    }

    /** Whether it only stands in for a place where nothing is set up. */
    public function isBare(): bool
    {
        return $this->id === self::BARE.$this->location;
    }

    /** @return list<Record> */
    public function list(string $name): array
    {
        return $this->lists[$name] ?? [];
    }

    public function write(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'location' => $this->location,
            'work' => $this->work->value,
            'metering' => $this->metering->write(),
            'subjects' => Parts::written($this->people),
            'furniture' => Parts::written($this->furniture),
            'cameras' => Parts::written($this->cameras),
            'lights' => Parts::written($this->lights),
            'microphones' => Parts::written($this->booms),
            'moves' => Parts::written($this->moves),
        ] + array_map(Parts::written(...), $this->lists) + array_filter(
            ['day' => $this->day ?? '', 'from' => $this->from, 'to' => $this->to],
            static fn (string $said): bool => $said !== '',
        ) + $this->extra;
    }
}
