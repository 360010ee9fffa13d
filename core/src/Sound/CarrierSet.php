<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/** Carriers that leave each other alone, and whether another can join them: only what is made with the new one is gone through. */
final class CarrierSet
{
    /** @var list<int> kHz */
    private array $carriers = [];

    /** @var array<int, list<int>> by cell of the widest guard and the two beside it */
    private array $near = [];

    private readonly int $cell;

    public function __construct(private readonly Guards $guards)
    {
        $this->cell = max(1, $guards->spacing, $guards->twoThird, $guards->threeThird, $guards->twoFifth);
    }

    /** @return list<int> kHz, as they joined */
    public function all(): array
    {
        return $this->carriers;
    }

    public function add(int $carrier): void
    {
        $this->carriers[] = $carrier;
        foreach ([-1, 0, 1] as $beside) {
            $this->near[intdiv($carrier, $this->cell) + $beside][] = $carrier;
        }
    }

    public function fits(int $x): bool
    {
        $g = $this->guards;
        if ($this->hits($x, max(1, $g->spacing), null, null)) {
            return false;
        }
        foreach ($this->carriers as $i => $a) {
            if ($this->hits(2 * $x - $a, $g->twoThird, $a, null) || $this->hits(2 * $a - $x, $g->twoThird, $a, null)
                || $this->hits(3 * $x - 2 * $a, $g->twoFifth, $a, null) || $this->hits(3 * $a - 2 * $x, $g->twoFifth, $a, null)) {
                return false;
            }
            foreach ($this->carriers as $j => $b) {
                if ($i === $j) {
                    continue;
                }
                // x + a − b on another is a + … − … on x as well.
                if (abs(2 * $a - $b - $x) < $g->twoThird || abs(3 * $a - 2 * $b - $x) < $g->twoFifth
                    || $this->hits($x + $a - $b, $g->threeThird, $a, $b)
                    || ($j > $i && $this->hits($a + $b - $x, $g->threeThird, $a, $b))) {
                    return false;
                }
            }
        }

        return true;
    }

    /** Whether a product falls on a carrier that does not make it. */
    private function hits(int $product, int $guard, ?int $one, ?int $other): bool
    {
        foreach ($guard > 0 ? $this->near[intdiv($product, $this->cell)] ?? [] : [] as $victim) {
            if (abs($product - $victim) < $guard && $victim !== $one && $victim !== $other) {
                return true;
            }
        }

        return false;
    }
}
