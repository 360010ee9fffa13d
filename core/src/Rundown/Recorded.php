<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** What a recording takes: 1 GB is 10⁹ bytes, 1 Mb/s 10⁶ bits a second. */
final readonly class Recorded
{
    public const GB = 1e9;

    public const GIB = 2 ** 30;

    private function __construct(public float $bytes, public float $bitsASecond)
    {
    }

    /** @throws ImpossibleDay */
    public static function at(float $mbps, float $seconds): self
    {
        if (min($mbps, $seconds) < 0.0) {
            throw ImpossibleDay::negative('A recording');
        }

        return new self($mbps * 1e6 / 8 * $seconds, $mbps * 1e6);
    }

    /** Sound without compression. */
    public static function sound(float $hertz, int $bits, int $channels, float $seconds): self
    {
        return self::at($hertz * $bits * $channels / 1e6, $seconds);
    }

    public function cards(float $cardBytes): int
    {
        return max(1, (int) ceil($this->bytes / $cardBytes - 1e-9));
    }

    /** @return float seconds that fit a card */
    public function fits(float $cardBytes): float
    {
        return 8 * $cardBytes / $this->bitsASecond;
    }

    /**
     * @param  int  $copies  one after the other
     * @param  int  $readings  of each, to compare
     * @return float seconds
     */
    public static function copied(float $bytes, float $bytesASecond, int $copies, int $readings): float
    {
        return $bytes / $bytesASecond * $copies * (1 + $readings);
    }
}
