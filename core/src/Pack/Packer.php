<?php

declare(strict_types=1);

namespace FineFrame\Pack;

/** Things into cases: as few cases as hold them all; few things exactly, many by filling the largest first. */
final class Packer
{
    /** So many things are shared out over cases in every way. */
    private const EXACT = 7;

    private const STEPS = 4000;

    private int $steps = 0;

    /** @var array<string, list<Laid>|null> by case and what is in it */
    private array $known = [];

    /**
     * @param  list<Box>  $boxes
     * @param  list<CaseSize>  $cases
     *
     * @throws ImpossiblePack where one is named twice
     */
    public function __construct(private readonly array $boxes, private readonly array $cases)
    {
        foreach ([array_column($boxes, 'id'), array_column($cases, 'id')] as $ids) {
            foreach (array_count_values($ids) as $id => $count) {
                if ($count > 1) {
                    throw ImpossiblePack::twice((string) $id);
                }
            }
        }
    }

    /** @return int|null cases that hold as many litres, the largest first; null where all do not */
    public function byVolume(): ?int
    {
        return self::count(array_sum(array_map(static fn (Box $b): float => $b->litres(), $this->boxes)), array_map(
            static fn (CaseSize $c): float => $c->litres(), $this->cases,
        ));
    }

    /** @return int|null cases that hold as many kilograms, the strongest first; null where all do not */
    public function byWeight(): ?int
    {
        return self::count(array_sum(array_column($this->boxes, 'kg')), array_column($this->cases, 'maxKg'));
    }

    /**
     * As few cases as hold everything; where they do not, as much as goes in.
     *
     * @return Packing with what lies where, and what stays out
     */
    public function pack(): Packing
    {
        if ($this->boxes === []) {
            return new Packing([], []);
        }
        $filled = $this->filled();
        $least = max($this->byVolume() ?? PHP_INT_MAX, $this->byWeight() ?? PHP_INT_MAX);
        $used = $filled->left === [] ? count($filled->cases) : count($this->cases) + 1;
        for ($count = $least; count($this->boxes) <= self::EXACT && $count < $used; $count++) {
            foreach ($this->choices($count) as $cases) {
                $this->steps = 0;
                $found = $this->shared($this->largestFirst(), array_fill_keys(array_column($cases, 'id'), []), $cases);
                if ($found !== null) {
                    return $found;
                }
            }
        }

        return $filled;
    }

    /** Group by group, the longest things first: into cases of its own while there are any; what is left, wherever there is room. */
    private function filled(): Packing
    {
        $cases = array_map(static fn (CaseSize $c): Filling => new Filling($c), $this->cases);
        $litres = [];
        foreach ($this->boxes as $box) {
            $litres[$box->group] = ($litres[$box->group] ?? 0.0) + $box->litres();
        }
        $left = $this->byGroup();
        foreach ([true, false] as $isApart) {
            $out = [];
            foreach ($left as $box) {
                $isIn = false;
                foreach (self::preferred($box, $cases, $litres[$box->group], $isApart) as $case) {
                    $isIn = $case->put($box);
                    if ($isIn) {
                        break;
                    }
                }
                $litres[$box->group] -= $isIn ? $box->litres() : 0.0;
                $out = $isIn ? $out : [...$out, $box];
            }
            $left = $out;
        }
        $laid = [];
        foreach ($cases as $case) {
            $laid += $case->laid === [] ? [] : [$case->case->id => $case->laid];
        }

        return new Packing($laid, $left);
    }

    /**
     * Cases that are kept for the group, begun ones first; those that hold it already; then an empty one, the smallest that takes what is
     * left of the group, else the largest; then all.
     *
     * @param  list<Filling>  $cases
     * @return list<Filling>
     */
    private static function preferred(Box $box, array $cases, float $rest, bool $isApart): array
    {
        $ranked = [];
        foreach ($cases as $i => $case) {
            $kept = match (true) {
                $case->case->for === $box->group => $case->group === null ? 1 : 0,
                $case->group === $box->group => 2,
                $case->group === null && $case->case->for === '' => 3,
                default => 4,
            };
            $litres = $case->case->litres();
            if ($kept < 4 || ! $isApart) {
                $ranked[] = [$kept, $litres < $rest ? 1 : 0, $litres < $rest ? -$litres : $litres, $i];
            }
        }
        sort($ranked);

        return array_map(static fn (array $r): Filling => $cases[$r[3]], $ranked);
    }

    /** @return list<Box> the group with the longest thing first, the large before the small in each, the fragile last */
    private function byGroup(): array
    {
        $longest = [];
        foreach ($this->boxes as $box) {
            $longest[$box->group] = max($longest[$box->group] ?? 0.0, $box->lengthM, $box->widthM, $box->heightM);
        }
        $boxes = $this->boxes;
        $key = static fn (Box $b): array => [-$longest[$b->group], $b->group, $b->isFragile, -$b->litres()];
        usort($boxes, static fn (Box $a, Box $b): int => $key($a) <=> $key($b));

        return $boxes;
    }

    /**
     * @param  list<Box>  $left
     * @param  array<string, list<Box>>  $in  by case
     * @param  list<CaseSize>  $cases
     */
    private function shared(array $left, array $in, array $cases): ?Packing
    {
        if ($left === []) {
            return new Packing(array_map(
                fn (CaseSize $c): array => $this->laid($c, $in[$c->id]) ?? [], array_column($cases, null, 'id'),
            ), []);
        }
        if (++$this->steps > self::STEPS) {
            return null;
        }
        $box = $left[0];
        $tried = [];
        foreach ($cases as $case) {
            // Two empty ones of one size are one choice.
            $like = $in[$case->id] === [] ? "$case->lengthM $case->widthM $case->heightM $case->maxKg" : $case->id;
            if (isset($tried[$like])) {
                continue;
            }
            $tried[$like] = true;
            $with = [...$in[$case->id], $box];
            if ($this->laid($case, $with) !== null) {
                $found = $this->shared(array_slice($left, 1), [$case->id => $with] + $in, $cases);
                if ($found !== null) {
                    return $found;
                }
            }
        }

        return null;
    }

    /**
     * @param  list<Box>  $boxes
     * @return list<Laid>|null
     */
    private function laid(CaseSize $case, array $boxes): ?array
    {
        $key = $case->id.'|'.implode('|', array_column($boxes, 'id'));
        if (! array_key_exists($key, $this->known)) {
            $this->known[$key] = (new Crate($case))->laid($boxes);
        }

        return $this->known[$key];
    }

    /** @return list<Box> */
    private function largestFirst(): array
    {
        $boxes = $this->boxes;
        usort($boxes, static fn (Box $a, Box $b): int => [$a->isFragile, $b->litres()] <=> [$b->isFragile, $a->litres()]);

        return $boxes;
    }

    /** @return iterable<list<CaseSize>> each set of so many cases */
    private function choices(int $count): iterable
    {
        $all = count($this->cases);
        for ($bits = 0; $all <= 12 && $bits < 1 << $all; $bits++) {
            $chosen = array_values(array_filter($this->cases, static fn (int $i): bool => ($bits >> $i & 1) === 1, ARRAY_FILTER_USE_KEY));
            if (count($chosen) === $count) {
                yield $chosen;
            }
        }
    }

    /** @param  list<float>  $holds */
    private static function count(float $wanted, array $holds): ?int
    {
        rsort($holds);
        $count = 0;
        while ($wanted > 1e-6) {
            if (! isset($holds[$count])) {
                return null;
            }
            $wanted -= $holds[$count++];
        }

        return $count;
    }
}
