<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** When each task begins, and how far from the best that may be. */
final readonly class Timetable
{
    /**
     * @param  array<string, int>  $starts  minutes by task
     * @param  int  $ends  of the last
     * @param  int  $least  no timetable ends sooner
     * @param  array<string, int>  $latest  how late each may begin, with all others as they are or later, and the end kept
     */
    public function __construct(public array $starts, public int $ends, public int $least, public array $latest = [])
    {
    }

    public function isBest(): bool
    {
        return $this->ends <= $this->least;
    }
}
