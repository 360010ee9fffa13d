<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Column;
use FineFrame\Document\Node;
use FineFrame\Document\Part;
use FineFrame\Document\Record;
use FineFrame\Measure\Unit;

/** How candidate places are weighed against each other, and what was decided. */
final readonly class Scouting implements Part
{
    /** What places are compared by; a weight of 0 leaves one out. */
    public const CRITERIA = ['mood', 'light', 'sun', 'quiet', 'echo', 'space', 'power', 'access', 'cost', 'distance', 'open'];

    public const USUAL_WEIGHT = 3.0;

    public const MOST_WEIGHT = 5.0;

    /**
     * @param  array<string, float>  $weights  by criterion
     * @param  list<string>  $stops  criteria that no weight outvotes: a place that scores nothing there is out
     * @param  array<string, mixed>  $extra
     */
    private function __construct(public array $weights, public array $stops, public Record $decision, private array $extra)
    {
    }

    public static function read(Node $node): self
    {
        $given = $node->object('weights');
        $weights = [];
        foreach (self::CRITERIA as $criterion) {
            $weights[$criterion] = $given->number($criterion, 0, self::MOST_WEIGHT, Unit::Count, self::USUAL_WEIGHT);
        }
        $stops = [];
        $flags = $node->object('stops');
        foreach (self::CRITERIA as $criterion) {
            if ($flags->flag($criterion, false)) {
                $stops[] = $criterion;
            }
        }

        return new self(
            $weights,
            $stops,
            Record::read(
                $node->object('decision'),
                ['place' => Column::text(64), 'reason' => Column::text(600), 'by' => Column::text(120), 'on' => Column::date()],
                isOne: true,
            ),
            $node->rest(),
        );
    }

    public function write(): array
    {
        return [
            'weights' => (object) array_filter($this->weights, static fn (float $w): bool => $w !== self::USUAL_WEIGHT),
            'stops' => (object) array_fill_keys($this->stops, true), 'decision' => (object) $this->decision->write(),
        ] + $this->extra;
    }
}
