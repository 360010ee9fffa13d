<?php

declare(strict_types=1);

namespace FineFrame\Pack;

/** A case as it fills: one thing after the other beside, behind or on what lies there already. */
final class Filling
{
    /** @var list<Laid> */
    public array $laid = [];

    public float $kg = 0.0;

    /** What is in it; null while it is empty. */
    public ?string $group = null;

    /** @var list<array{float, float, float}> the low first */
    private array $corners = [[0.0, 0.0, 0.0]];

    /** @var array<string, true> sizes that found no room; less of it later */
    private array $full = [];

    public function __construct(public readonly CaseSize $case)
    {
    }

    public function put(Box $box): bool
    {
        $like = "$box->lengthM $box->widthM $box->heightM $box->isUpright $box->isFragile";
        if ($this->kg + $box->kg > $this->case->maxKg + Crate::MARGIN_M || isset($this->full[$like])) {
            return false;
        }
        $spot = $this->spot($box);
        if ($spot === null) {
            $this->full[$like] = true;

            return false;
        }
        $this->laid[] = $spot;
        $this->kg += $box->kg;
        $this->group ??= $box->group;
        $this->turnCorners($spot);

        return true;
    }

    private function spot(Box $box): ?Laid
    {
        $best = null;
        foreach ($box->turns() as [$dx, $dy, $dz]) {
            foreach ($this->corners as [$x, $y, $z]) {
                if ($best !== null && ! $box->isFragile && $z + $dz > $best->z + $best->dz) {
                    // Corners come low first: none after this one lies lower.
                    break;
                }
                $spot = new Laid($box, $x, $y, $z, $dx, $dy, $dz);
                if ($spot->isInside($this->case) && $spot->isFree($this->laid)) {
                    $best = $spot->lower($best);
                }
            }
        }

        return $best;
    }

    private function turnCorners(Laid $spot): void
    {
        $e = Crate::MARGIN_M;
        $isFree = static fn (array $c): bool => $c[0] < $spot->x - $e || $c[0] > $spot->x + $spot->dx - $e
            || $c[1] < $spot->y - $e || $c[1] > $spot->y + $spot->dy - $e || $c[2] < $spot->z - $e || $c[2] > $spot->z + $spot->dz - $e;
        $corners = array_filter($this->corners, $isFree);
        $corners[] = [$spot->x + $spot->dx, $spot->y, $spot->z];
        $corners[] = [$spot->x, $spot->y + $spot->dy, $spot->z];
        if (! $spot->box->isFragile) {
            $corners[] = [$spot->x, $spot->y, $spot->z + $spot->dz];
        }
        usort($corners, static fn (array $a, array $b): int => [$a[2], $a[1], $a[0]] <=> [$b[2], $b[1], $b[0]]);
        $this->corners = $corners;
    }
}
