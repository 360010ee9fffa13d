<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Scout\Noise;

/** The noise of a place over its day, quarter hour by quarter hour, and the stretches in which a voice stands over it. */
final readonly class QuietHours
{
    private const STEP_MIN = 15;

    /** @param  list<Record>  $noises  that nobody has settled */
    private function __construct(private array $noises, private int $fromMin, private int $toMin, private float $limitDb, private ?float $reachM)
    {
    }

    public static function of(Situation $situation): self
    {
        $place = $situation->setup->location;
        [$in, $out] = [$place->facts->text('in_from') ?: '08:00', $place->facts->text('out_by') ?: '20:00'];
        $reach = null;
        foreach ($situation->ears() as $ear) {
            $voice = $situation->voices()[$ear->subject] ?? null;
            $voice === null || ! $ear->isBoom() ?: $reach = max($reach ?? 0.0, $ear->at->distanceTo($voice->at));
        }

        return new self(array_values(array_filter($place->list('noise'), static fn (Record $n): bool => ! $n->flag('settled') && $n->number('level_dba') !== null)), self::minutes($in), self::minutes($out), $situation->limits->get('noise_watch_db'), $reach);
    }

    /** @return list<array{clock: string, noise: float|null, margin: float|null}> */
    public function day(): array
    {
        $day = [];
        for ($m = $this->fromMin; $m < $this->toMin; $m += self::STEP_MIN) {
            $running = array_filter($this->noises, static fn (Record $n): bool => Noise::heard($n->text('runs_from'), $n->text('runs_to'), self::clock($m), self::clock($m + self::STEP_MIN)));
            $noise = Noise::together(array_values(array_map(static fn (Record $n): float => $n->number('level_dba') ?? 0.0, $running)));
            $day[] = ['clock' => self::clock($m), 'noise' => $noise, 'margin' => $noise === null || $this->reachM === null ? null : Noise::margin($noise, $this->reachM)];
        }

        return $day;
    }

    /** @return list<array{string, string}> from and to, in which the voice stands over the noise as far as is wanted, the longest first */
    public function windows(): array
    {
        $windows = [];
        $open = null;
        foreach ([...$this->day(), ['clock' => self::clock($this->toMin), 'noise' => INF, 'margin' => -INF]] as $step) {
            $isQuiet = $step['noise'] === null || ($step['margin'] !== null && $step['margin'] >= $this->limitDb);
            if ($isQuiet) {
                $open ??= $step['clock'];
            } elseif ($open !== null) {
                $windows[] = [$open, $step['clock']];
                $open = null;
            }
        }
        usort($windows, static fn (array $a, array $b): int => self::minutes($b[1]) - self::minutes($b[0]) <=> self::minutes($a[1]) - self::minutes($a[0]));

        return $windows;
    }

    private static function minutes(string $clock): int
    {
        [$hours, $minutes] = array_map(intval(...), explode(':', $clock)) + [0, 0];

        return 60 * $hours + $minutes;
    }

    private static function clock(int $minutes): string
    {
        return sprintf('%02d:%02d', intdiv($minutes, 60) % 24, $minutes % 60);
    }
}
