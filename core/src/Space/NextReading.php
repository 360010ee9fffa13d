<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Segment;

/** The distance that would tell most if it were taped next. */
final readonly class NextReading
{
    private function __construct(public int $from, public int $to, public int $about, public float $nowM, public float $thenM)
    {
    }

    /**
     * Where readings are missing, the one that says most about what can still move; else the one after which the
     * worst-known point is known best. Only between points that see each other.
     *
     * @param  int  $corners  how many of the points are corners
     * @param  int  $missing  how many readings the points still need
     * @param  list<self>  $asked  for which are not asked for again
     */
    public static function for(SurveyFit $fit, int $corners, int $missing, array $asked = []): ?self
    {
        $floor = new Polygon(array_slice($fit->points, 0, max(3, $corners)));
        $worst = $fit->worstPoint();
        [$best, $now] = [null, $fit->ellipse($worst)->majorM];
        foreach (self::open($fit, $floor, $asked) as [$from, $to]) {
            $sigma = Instrument::Tape->sigmaM($fit->points[$from]->distanceTo($fit->points[$to]));
            if ($missing > 0) {
                $gain = $fit->sigmaOf($from, $to);
                $best = $best === null || $gain > $best->nowM ? new self($from, $to, $to, $gain, $sigma) : $best;

                continue;
            }
            $then = $fit->worstAfter($from, $to, $sigma);
            $best = $best === null || $then < $best->thenM ? new self($from, $to, $worst, $now, $then) : $best;
        }

        return $best;
    }

    /**
     * Every reading that is still needed, in the order that settles the shape soonest.
     *
     * @return list<self>
     */
    public static function settling(SurveyFit $fit, int $corners, int $missing): array
    {
        $needed = [];
        while ($missing-- > 0 && ($next = self::for($fit, $corners, 1, $needed)) !== null) {
            $needed[] = $next;
            $fit = $fit->knowing($next->from, $next->to, $next->thenM);
        }

        return $needed;
    }

    /**
     * @param  list<self>  $asked
     * @return iterable<array{int, int}> pairs nobody has taped, in sight of each other
     */
    private static function open(SurveyFit $fit, Polygon $floor, array $asked): iterable
    {
        $taped = [];
        foreach ([
            ...array_filter($fit->readings, static fn (Reading $r): bool => $r->before === null && $r->isTaped()),
            ...$asked,
        ] as $pair) {
            $taped[min($pair->from, $pair->to).'-'.max($pair->from, $pair->to)] = true;
        }
        foreach ($fit->points as $i => $one) {
            for ($j = $i + 1; $j < count($fit->points); $j++) {
                $line = new Segment($one, $fit->points[$j]);
                if (
                    ! isset($taped["$i-$j"])
                    && $line->length() > 0.3
                    && (self::isWall($i, $j, count($floor->corners)) || self::clear($line, $floor))
                ) {
                    yield [$i, $j];
                }
            }
        }
    }

    private static function isWall(int $from, int $to, int $corners): bool
    {
        return $to < $corners && ($to === $from + 1 || ($from === 0 && $to === $corners - 1));
    }

    private static function clear(Segment $line, Polygon $floor): bool
    {
        foreach ($floor->edges() as $edge) {
            if ($edge->crosses($line)) {
                return false;
            }
        }

        return $floor->contains($line->at(0.5));
    }
}
