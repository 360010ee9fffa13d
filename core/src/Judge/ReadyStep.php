<?php

declare(strict_types=1);

namespace FineFrame\Judge;

/** Something to do or to see to before a setup rolls. Its words stand in lang/en/ready.php. */
final readonly class ReadyStep
{
    /**
     * @param  string  $id  of its own in the setup
     * @param  string  $kind  names the wording
     * @param  array<string, string>  $arguments
     * @param  list<string>  $checks  what must not break for it
     * @param  string  $about  a thing that the findings must be about; empty for any
     */
    public function __construct(
        public string $id,
        public string $kind,
        public array $arguments = [],
        public array $checks = [],
        public string $about = '',
    ) {
    }

    /** @return list<Finding> what stands in its way */
    public function blockers(Verdicts $verdicts): array
    {
        return array_values(array_filter($verdicts->of(Severity::Breaks), fn (Finding $f): bool => in_array($f->check, $this->checks, true)
            && ($this->about === '' || in_array($this->about, $f->about, true))));
    }
}
