<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Plan\SetupPlan;

/** What cameras that are placed anew leave to be done: lamps, their cloths and microphones come after them, and break no proposal. */
final readonly class AfterCameras
{
    /** @var list<string> */
    private array $broken;

    /** @param  list<string>  $placed  ids of the cameras that are placed anew */
    public function __construct(
        private Situation $situation,
        private Judge $judge,
        private Elsewhere $elsewhere,
        private array $placed,
    ) {
        $this->broken = $judge->judge($situation)->broken();
    }

    /** @return list<string>|null what stands in the new frames and has somewhere else to stand; null where something else breaks */
    public function toMove(SetupPlan $after): ?array
    {
        $toMove = [];
        $owners = array_column([...$after->setup->lights, ...$after->setup->booms, ...Elsewhere::cloths($after)], 'id');
        foreach ($this->judge->judge($after)->findings as $finding) {
            if ($finding->severity !== Severity::Breaks || $finding->check === 'key-gives-the-stop') {
                continue;
            }
            $others = array_values(array_intersect($finding->about, $owners));
            $isOurs = ! in_array($finding->key(), $this->broken, true)
                || array_intersect($finding->about, $this->placed) !== [];
            if ($others === [] && $isOurs) {
                return null;
            }
            array_push($toMove, ...($isOurs ? $others : []));
        }
        $toMove = array_values(array_unique($toMove));

        return $this->elsewhere->has($after, $toMove) ? $toMove : null;
    }
}
