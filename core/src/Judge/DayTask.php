<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Rundown\Task;

/** A task of the day with what it is, where, and how its length came about. Its words stand in lang/en/rundown.php. */
final readonly class DayTask
{
    /**
     * @param  string  $kind  names the wording
     * @param  string  $of  the setup or place it belongs to; empty for the whole crew’s
     * @param  string  $place  where it goes on; empty on the way
     * @param  array<string, string>  $why  what its length was made of
     * @param  bool  $isTyped  whether somebody has typed its length
     */
    public function __construct(
        public string $kind,
        public string $name,
        public string $of,
        public string $place,
        public Task $task,
        public array $why,
        public bool $isTyped = false,
    ) {
    }
}
