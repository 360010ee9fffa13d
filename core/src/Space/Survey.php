<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** How far a tape book can be trusted: how it closes, what stands out, what is only assumed, what to tape next. */
final readonly class Survey
{
    /** A room whose readings miss by more than this, or by this share of its perimeter, is not to be built on. */
    public const LIMIT_M = 0.05;

    public const LIMIT_SHARE = 0.005;

    /**
     * @param  list<string>  $names  of the readings, in their order
     * @param  list<string>  $points  of the points, in their order
     * @param  int  $corners  how many of the points are corners
     * @param  bool  $isChain  walked with turns that nobody measured
     * @param  int  $freedom  how many readings are missing; the sketched turns stand in for them
     * @param  array{int, float}|null  $setAside  the reading that the others contradict, and what they make of it, metres or radians
     */
    public function __construct(
        public SurveyFit $fit,
        public array $names,
        public array $points,
        public int $corners,
        public bool $isChain,
        public float $misclosureM,
        public float $perimeterM,
        public int $freedom,
        public ?array $setAside,
    ) {
    }

    public function limitM(): float
    {
        return max(self::LIMIT_M, self::LIMIT_SHARE * $this->perimeterM);
    }

    public function holds(): bool
    {
        return $this->setAside === null && $this->misclosureM <= $this->limitM() && ($this->isChain || $this->fit->fits());
    }

    public function isChecked(): bool
    {
        return $this->isChain || $this->fit->redundancy > 0;
    }

    /** @return list<string> names of the readings that may be the blunder, where none can be told apart */
    public function suspects(): array
    {
        return $this->setAside !== null || $this->isChain ? [] : array_map(fn (int $i): string => $this->names[$i], $this->fit->suspects());
    }

    /** @return list<NextReading> what would settle a shape that is not determined, in order; else the one reading that says most */
    public function next(): array
    {
        if ($this->freedom > 0) {
            return $this->isChain ? self::listed(NextReading::for($this->fit, $this->corners, $this->freedom)) : NextReading::settling($this->fit, $this->corners, $this->freedom);
        }

        return self::listed(NextReading::for($this->fit, $this->corners, 0));
    }

    /** @return list<NextReading> */
    private static function listed(?NextReading $next): array
    {
        return $next === null ? [] : [$next];
    }

    public function pair(NextReading $next): string
    {
        return $this->points[$next->from].'–'.$this->points[$next->to];
    }
}
