<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Power\Leads;

/** Mains extensions that make each run, out of those carried: least waste, then fewest pieces. */
final readonly class Extensions
{
    /** So many runs are shared out at once; of more, each takes what is left, the longest first. */
    private const EXACT = 4;

    /** Joined more often than this, plugs lie about and pull apart. */
    private const JOINTS = 3;

    /**
     * @param  array<string, list<float>>  $by  lengths by lamp, long to short
     * @param  list<MainsRun>  $short  that nothing left makes
     */
    private function __construct(public bool $isListed, public array $by, public array $short)
    {
    }

    public static function of(Situation $situation): self
    {
        $stock = [];
        foreach ($situation->setup->setup->list('extensions') as $row) {
            $length = $row->number('length_m') ?? 0.0;
            if ($length > 0.0) {
                $stock[] = [$length, (int) ($row->number('count') ?? 1.0)];
            }
        }
        $runs = $situation->mains();
        usort($runs, static fn (MainsRun $a, MainsRun $b): int => $b->lengthM <=> $a->lengthM);
        if ($stock === [] || $runs === []) {
            return new self($stock !== [], [], $stock === [] ? [] : $runs);
        }
        $ways = array_map(static fn (MainsRun $r): float => $r->lengthM, $runs);
        $all = count($runs) > self::EXACT ? null : (new Leads($stock, 0.0, self::JOINTS))->join($ways);

        return $all === null
            ? self::oneByOne($runs, $stock)
            : new self(true, array_combine(array_map(static fn (MainsRun $r): string => $r->thing, $runs), $all['runs']), []);
    }

    /** The thinnest carried, mm²; as extensions usually are where none is listed. */
    public static function thinnestMm2(Situation $situation): float
    {
        $rows = $situation->setup->setup->list('extensions');

        return $rows === [] ? MainsRun::MM2 : min(array_map(static fn (Record $r): float => $r->number('mm2') ?? MainsRun::MM2, $rows));
    }

    /**
     * @param  list<MainsRun>  $runs
     * @param  list<array{float, int}>  $stock
     */
    private static function oneByOne(array $runs, array $stock): self
    {
        [$by, $short] = [[], []];
        foreach ($runs as $run) {
            $made = (new Leads($stock, 0.0, self::JOINTS))->join([$run->lengthM]);
            if ($made === null) {
                $short[] = $run;

                continue;
            }
            $by[$run->thing] = $made['runs'][0];
            foreach ($made['runs'][0] as $length) {
                foreach ($stock as $i => [$one, $count]) {
                    if ($one === $length && $count > 0) {
                        $stock[$i][1]--;
                        break;
                    }
                }
            }
        }

        return new self(true, $by, $short);
    }
}
