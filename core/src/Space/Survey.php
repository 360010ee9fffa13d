<?php

declare(strict_types=1);

namespace FineFrame\Space;

/** How far a tape book can be trusted: how it closes, what stands out, what is only assumed, what to tape next. */
final readonly class Survey
{
    /** A room whose readings miss by more than this, or by this share of its perimeter, is not to be built on. */
    public const LIMIT_M = 0.05;

    public const LIMIT_SHARE = 0.005;

    /** Redundancy number below which an error of thirty standard uncertainties would not stand out: nothing checks it. */
    public const UNCHECKED = 0.01;

    /**
     * @param  list<string>  $names  of the readings, in their order
     * @param  list<string>  $points  of the points, in their order
     * @param  int  $corners  how many of the points are corners
     * @param  bool  $isChain  walked with turns that nobody measured
     * @param  int  $freedom  how many readings are missing; the sketched turns stand in for them
     * @param  list<string>  $walls  what the walls are called, in their order; empty where they have no name
     * @param  array{int, float}|null  $setAside  the reading that the others contradict, and what they make of it, metres or radians
     * @param  list<int>  $suspects  the readings that may be the blunder, most likely first, where none can be told apart
     * @param  Stretched|null  $stretched  the reading that no triangle holds
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
        public array $walls = [],
        public ?array $setAside = null,
        public array $suspects = [],
        public ?Stretched $stretched = null,
    ) {
    }

    public function limitM(): float
    {
        return max(self::LIMIT_M, self::LIMIT_SHARE * $this->perimeterM);
    }

    public function holds(): bool
    {
        return $this->setAside === null
            && $this->stretched === null
            && $this->misclosureM <= $this->limitM()
            && ($this->isChain || $this->fit->fits());
    }

    public function isChecked(): bool
    {
        return $this->isChain || $this->fit->redundancy > 0;
    }

    /** @return list<string> names of the readings that may be the blunder, where none can be told apart */
    public function suspects(): array
    {
        return array_map($this->named(...), $this->suspects);
    }

    /** @return list<string> names of the readings whose error nothing would show, in a shape that is otherwise checked */
    public function unchecked(): array
    {
        $alone = $this->isChain || $this->freedom > 0
            ? []
            : array_filter($this->fit->checked, static fn (float $share): bool => $share < self::UNCHECKED);

        return array_map($this->named(...), array_keys($alone));
    }

    public function named(int $reading): string
    {
        return $this->names[$reading];
    }

    /** @return list<NextReading> what would settle a shape that is not determined, in order; else the one reading that says most */
    public function next(): array
    {
        if ($this->freedom > 0) {
            return $this->isChain
                ? self::listed(NextReading::for($this->fit, $this->corners, $this->freedom))
                : NextReading::settling($this->fit, $this->corners, $this->freedom);
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
        $wall = match (true) {
            max($next->from, $next->to) >= $this->corners => null,
            ($next->from + 1) % $this->corners === $next->to => $next->from,
            ($next->to + 1) % $this->corners === $next->from => $next->to,
            default => null,
        };

        return ($this->walls[$wall] ?? '') ?: $this->points[$next->from].'–'.$this->points[$next->to];
    }
}
