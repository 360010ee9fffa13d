<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Scout\Noise;

/** The noise of a place over its day, quarter hour by quarter hour, and the stretches in which a voice stands over it. */
final readonly class QuietHours
{
    private const STEP_MIN = 15;

    /**
     * @param  list<Record>  $noises  that nobody has settled
     * @param  float  $heardDb  the least that a voice comes with at its microphone
     */
    private function __construct(
        private array $noises,
        private int $fromMin,
        private int $toMin,
        private float $limitDb,
        private float $heardDb,
    ) {
    }

    public static function of(Situation $situation): self
    {
        $place = $situation->setup->location;
        [$in, $out] = [$place->facts->text('in_from') ?: '08:00', $place->facts->text('out_by') ?: '20:00'];
        // Where nothing is placed yet, a talk at one metre.
        $heard = array_map(
            static fn (array $h): float => $h[1]->dbAt1m - 20 * log10(max(0.02, $h[0]->at->distanceTo($h[1]->at))),
            array_values($situation->heard()),
        );

        $from = Noise::minutes($in);
        $to = Noise::minutes($out) + (Noise::minutes($out) <= $from ? Noise::DAY_MIN : 0);

        return new self(
            array_values(
                array_filter(
                    $place->list('noise'),
                    static fn (Record $n): bool => ! $n->flag('settled') && $n->number('level_dba') !== null,
                ),
            ),
            $from,
            $to,
            $situation->limits->get('noise_watch_db'),
            $heard === [] ? Noise::VOICE_DBA : min($heard),
        );
    }

    /** @return list<array{clock: string, noise: float|null, margin: float|null}> */
    public function day(): array
    {
        $day = [];
        for ($m = $this->fromMin; $m < $this->toMin; $m += self::STEP_MIN) {
            $running = array_filter(
                $this->noises,
                static fn (Record $n): bool => Noise::heard(
                    $n->text('runs_from'),
                    $n->text('runs_to'),
                    self::clock($m),
                    self::clock($m + self::STEP_MIN),
                ),
            );
            $noise = Noise::together(array_values(array_map(static fn (Record $n): float => $n->number('level_dba') ?? 0.0, $running)));
            $day[] = ['clock' => self::clock($m), 'noise' => $noise, 'margin' => $noise === null ? null : $this->heardDb - $noise];
        }

        return $day;
    }

    /**
     * @return list<array{string, string, int}> from, to and minutes, in which the voice stands over the noise as far as is wanted, the
     *     longest first
     */
    public function windows(): array
    {
        $windows = [];
        $open = null;
        foreach ([...$this->day(), ['clock' => self::clock($this->toMin), 'noise' => INF, 'margin' => -INF]] as $i => $step) {
            $isQuiet = $step['noise'] === null || ($step['margin'] !== null && $step['margin'] >= $this->limitDb);
            if ($isQuiet) {
                $open ??= $i;
            } elseif ($open !== null) {
                $windows[] = [self::clock($this->fromMin + $open * self::STEP_MIN), $step['clock'], ($i - $open) * self::STEP_MIN];
                $open = null;
            }
        }
        usort($windows, static fn (array $a, array $b): int => $b[2] <=> $a[2]);

        return $windows;
    }

    private static function clock(int $minutes): string
    {
        return sprintf('%02d:%02d', intdiv($minutes, 60) % 24, $minutes % 60);
    }
}
