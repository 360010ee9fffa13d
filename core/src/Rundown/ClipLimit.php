<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** A camera that nobody stands at, whose clips end by themselves: where it stops, and in which gaps to start it anew. */
final readonly class ClipLimit
{
    /** @throws ImpossibleDay where a clip lasts nothing, or it starts in the middle of the first song */
    public function __construct(private SongGaps $songs, public float $startS, public float $limitS)
    {
        if ($limitS <= 0.0) {
            throw ImpossibleDay::negative('A clip');
        }
        if ($songs->songs !== [] && $startS > $songs->songs[0]->startS) {
            throw ImpossibleDay::lateStart();
        }
    }

    /** @return float|null when it stops if nobody comes; null where it reaches the end */
    public function stopsAtS(): ?float
    {
        return SongGaps::lasts($this->startS, $this->songs->endS, $this->limitS) ? null : $this->startS + $this->limitS;
    }

    /** @return list<int>|null the fewest gaps whose longest clip is shortest, of these the earliest; null where no gaps keep every song whole */
    public function restarts(): ?array
    {
        $least = $this->after($this->startS, 0, $this->limitS);
        if ($least === null) {
            return null;
        }
        $limit = $this->limitS;
        foreach ($this->lengths() as $length) {
            $count = $length < $limit ? $this->after($this->startS, 0, $length) : null;
            $limit = $count !== null && $count <= $least ? $length : $limit;
        }
        $best = [];
        [$from, $next] = [$this->startS, 0];
        while (count($best) < $least) {
            // The earliest one after which the rest still goes with what is left.
            for ($g = $next; ; $g++) {
                $at = $this->songs->gaps[$g]['atS'];
                $rest = $this->after($at + $this->songs->restartS, $g + 1, $limit);
                if (SongGaps::lasts($from, $at, $limit) && $rest !== null && $rest <= $least - count($best) - 1) {
                    break;
                }
            }
            $best[] = $g;
            [$from, $next] = [$this->songs->gaps[$g]['atS'] + $this->songs->restartS, $g + 1];
        }

        return $best;
    }

    /** @return string|null the song after which the first restart is made at the latest; null where none is needed, or none comes in time */
    public function latestFirst(): ?string
    {
        $latest = null;
        foreach ($this->stopsAtS() === null ? [] : $this->songs->gaps as $gap) {
            $latest = SongGaps::lasts($this->startS, $gap['atS'], $this->limitS) ? $gap['after'] : $latest;
        }

        return $latest;
    }

    /** @param  list<int>  $restarts */
    public function longestS(array $restarts): float
    {
        [$from, $longest] = [$this->startS, 0.0];
        foreach ($restarts as $g) {
            $longest = max($longest, $this->songs->gaps[$g]['atS'] - $from);
            $from = $this->songs->gaps[$g]['atS'] + $this->songs->restartS;
        }

        return max($longest, $this->songs->endS - $from);
    }

    /**
     * Restarts that each camera needs where one person walks, so that in one gap one camera at most is started anew.
     *
     * @param  list<self>  $cameras  of the same songs
     * @return int|null the fewest of all; null where it cannot be done
     */
    public static function together(SongGaps $songs, array $cameras): ?int
    {
        $states = [serialize(array_map(static fn (self $c): float => $c->startS, $cameras)) => 0];
        foreach ($songs->gaps as $gap) {
            $next = [];
            foreach ($states as $state => $count) {
                /** @var list<float> $starts */
                $starts = unserialize($state, ['allowed_classes' => false]);
                foreach ([null, ...array_keys($cameras)] as $who) {
                    $after = $starts;
                    if ($who !== null && SongGaps::lasts($starts[$who], $gap['atS'], $cameras[$who]->limitS)) {
                        $after[$who] = $gap['atS'] + $songs->restartS;
                    } elseif ($who !== null) {
                        continue;
                    }
                    $key = serialize($after);
                    $next[$key] = min($next[$key] ?? PHP_INT_MAX, $count + ($who === null ? 0 : 1));
                }
            }
            $states = $next;
        }
        $best = null;
        foreach ($states as $state => $count) {
            /** @var list<float> $starts */
            $starts = unserialize($state, ['allowed_classes' => false]);
            $isWhole = true;
            foreach ($cameras as $i => $camera) {
                $isWhole = $isWhole && SongGaps::lasts($starts[$i], $songs->endS, $camera->limitS);
            }
            $best = $isWhole ? min($best ?? PHP_INT_MAX, $count) : $best;
        }

        return $best;
    }

    /** @return int|null restarts that a clip from a moment still needs, with gaps from one on: always in the last that it reaches */
    private function after(float $from, int $gap, float $limit): ?int
    {
        $count = 0;
        while (! SongGaps::lasts($from, $this->songs->endS, $limit)) {
            $last = null;
            for ($g = $gap; isset($this->songs->gaps[$g]) && SongGaps::lasts($from, $this->songs->gaps[$g]['atS'], $limit); $g++) {
                $last = $g;
            }
            if ($last === null) {
                return null;
            }
            [$from, $gap] = [$this->songs->gaps[$last]['atS'] + $this->songs->restartS, $last + 1];
            $count++;
        }

        return $count;
    }

    /** @return list<float> what clips can last, the longest first */
    private function lengths(): array
    {
        $ends = [...array_column($this->songs->gaps, 'atS'), $this->songs->endS];
        $starts = [$this->startS, ...array_map(fn (array $g): float => $g['atS'] + $this->songs->restartS, $this->songs->gaps)];
        $lengths = [];
        foreach ($starts as $start) {
            foreach ($ends as $end) {
                $lengths[] = $end - $start;
            }
        }
        rsort($lengths);

        return array_values(array_filter($lengths, static fn (float $l): bool => $l > 0.0));
    }
}
