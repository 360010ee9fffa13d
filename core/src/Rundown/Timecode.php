<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** Frames under their labels (SMPTE ST 12-1): rates exactly, with drop-frame counting, which leaves out labels and no pictures. */
final readonly class Timecode
{
    /** Numerator, denominator, and frames that a label’s second counts to. */
    private const RATES = [
        '23.976' => [24_000, 1001, 24], '24' => [24, 1, 24], '25' => [25, 1, 25], '29.97NDF' => [30_000, 1001, 30],
        '29.97DF' => [30_000, 1001, 30], '30' => [30, 1, 30], '47.952' => [48_000, 1001, 48], '48' => [48, 1, 48], '50' => [50, 1, 50],
        '59.94NDF' => [60_000, 1001, 60], '59.94DF' => [60_000, 1001, 60], '60' => [60, 1, 60],
    ];

    private const HOURS = 24;

    private function __construct(public string $rate, private int $over, private int $under, private int $whole, private int $drops)
    {
    }

    /** @throws ImpossibleDay where there is no such rate */
    public static function at(string $rate): self
    {
        [$over, $under, $whole] = self::RATES[$rate] ?? throw ImpossibleDay::rate($rate);

        return new self($rate, $over, $under, $whole, str_ends_with($rate, 'DF') && ! str_ends_with($rate, 'NDF') ? intdiv($whole, 15) : 0);
    }

    public function fps(): float
    {
        return $this->over / $this->under;
    }

    public function seconds(int $frame): float
    {
        return $frame * $this->under / $this->over;
    }

    /** Frames in a time, with what is left of one. */
    public function frames(float $seconds): float
    {
        return $seconds * $this->over / $this->under;
    }

    /** The frame that is nearest to a time, as it was typed; halves up. */
    public function nearest(float $seconds): int
    {
        return Decimal::of($seconds)->times($this->over, $this->under);
    }

    /** Frames of a day: after its last label comes the first. */
    public function day(): int
    {
        return $this->frame(sprintf('23:59:59:%02d', $this->whole - 1)) + 1;
    }

    /** The label of a frame; after a day it begins anew. */
    public function label(int $frame): string
    {
        $minute = 60 * $this->whole - $this->drops;
        $ten = 10 * $minute + $this->drops;
        $frame = $frame % (self::HOURS * 6 * $ten);
        [$tens, $rest] = [intdiv($frame, $ten), $frame % $ten];
        // The first minute of ten is whole; each other one begins some labels later.
        $minutes = $rest < 60 * $this->whole ? 0 : 1 + intdiv($rest - 60 * $this->whole, $minute);
        $frame += $this->drops * (9 * $tens + $minutes);
        $s = intdiv($frame, $this->whole);

        return sprintf(
            '%02d:%02d:%02d%s%02d', intdiv($s, 3600), intdiv($s, 60) % 60, $s % 60, $this->drops > 0 ? ';' : ':', $frame % $this->whole,
        );
    }

    /** @throws ImpossibleDay where no frame has such a label */
    public function frame(string $label): int
    {
        if (preg_match('/^(\d\d):(\d\d):(\d\d)[:;](\d\d)$/', $label, $m) !== 1) {
            throw ImpossibleDay::label($label);
        }
        [$h, $min, $s, $f] = array_map(intval(...), array_slice($m, 1));
        $isLeftOut = $this->drops > 0 && $s === 0 && $f < $this->drops && $min % 10 !== 0;
        if ($h >= self::HOURS || $min > 59 || $s > 59 || $f >= $this->whole || $isLeftOut) {
            throw ImpossibleDay::label($label);
        }
        $minutes = 60 * $h + $min;

        return ($minutes * 60 + $s) * $this->whole + $f - $this->drops * ($minutes - intdiv($minutes, 10));
    }
}
