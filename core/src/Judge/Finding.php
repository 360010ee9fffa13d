<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Measure\Quantity;

/** What a check found, as data: the sentence is made where it is shown. */
final readonly class Finding
{
    /**
     * @param  string  $case  which of the check's sentences
     * @param  array<string, Quantity|string>  $arguments  the sentence's parts
     * @param  list<string>  $about  ids of the things it concerns
     * @param  list<Mend>|\Closure(): list<Mend>  $ideas  in order of preference; each is tried before it is offered. Those that are dear to
     *     find are found when somebody asks
     */
    public function __construct(
        public string $check,
        public Stage $stage,
        public Severity $severity,
        public string $case,
        public array $arguments,
        public array $about,
        public Working $working,
        private array|\Closure $ideas = [],
    ) {
    }

    /** Whether there is anything to try, as far as that is known without looking for it. */
    public function mayHaveIdeas(): bool
    {
        return $this->ideas !== [];
    }

    /** @return list<Mend> */
    public function ideas(): array
    {
        return is_array($this->ideas) ? $this->ideas : ($this->ideas)();
    }

    /** The same for the same rule about the same things, whatever the numbers. */
    public function key(): string
    {
        return $this->check.':'.implode('+', $this->about);
    }
}
