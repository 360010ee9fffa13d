<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** Something that takes time: after what, wholly within which hours, with how much of what. */
final readonly class Task
{
    /**
     * @param  list<string>  $after  ids that have ended before it begins
     * @param  array<string, int>  $needs  by resource
     * @param  list<array{int, int}>  $windows  minutes; none: at any time
     *
     * @throws ImpossibleDay
     */
    public function __construct(
        public string $id,
        public int $minutes,
        public array $after = [],
        public array $needs = [],
        public array $windows = [],
    ) {
        if ($minutes < 0 || min([0, ...array_values($needs)]) < 0) {
            throw ImpossibleDay::negative($id);
        }
    }

    /** @return int|null the earliest beginning from a minute on that lies in its hours; null where there is none */
    public function within(int $from): ?int
    {
        if ($this->windows === []) {
            return $from;
        }
        $best = null;
        foreach ($this->windows as [$opens, $shuts]) {
            $at = max($from, $opens);
            $best = $at + $this->minutes <= $shuts && $at < ($best ?? PHP_INT_MAX) ? $at : $best;
        }

        return $best;
    }

    /** @return int|null the latest beginning that ends by a minute and lies in its hours */
    public function latestBy(int $end): ?int
    {
        if ($this->windows === []) {
            return $end - $this->minutes;
        }
        $best = null;
        foreach ($this->windows as [$opens, $shuts]) {
            $at = min($end, $shuts) - $this->minutes;
            $best = $at >= $opens && $at > ($best ?? PHP_INT_MIN) ? $at : $best;
        }

        return $best;
    }
}
