<?php

declare(strict_types=1);

namespace FineFrame\Rundown;

/** A number as it was typed, so that halves are halves: whole and decimals apart. */
final readonly class Decimal
{
    /** More decimals than these are none that anybody typed. */
    private const MOST = 9;

    private function __construct(private int $whole, private int $part, private int $scale)
    {
    }

    /** @throws ImpossibleDay below 0 */
    public static function of(float $value): self
    {
        if ($value < 0.0 || ! is_finite($value)) {
            throw ImpossibleDay::negative('A time');
        }
        // The shortest text that is this number is the one that was typed.
        $text = json_encode($value, JSON_THROW_ON_ERROR);
        $text = stripos($text, 'e') === false ? $text : number_format($value, self::MOST, '.', '');
        [$whole, $part] = [...explode('.', $text), ''];
        $part = substr($part, 0, self::MOST);

        return new self((int) $whole, (int) $part, 10 ** strlen($part));
    }

    public function plus(self $other): self
    {
        $scale = max($this->scale, $other->scale);
        $part = $this->part * intdiv($scale, $this->scale) + $other->part * intdiv($scale, $other->scale);

        return new self($this->whole + $other->whole + intdiv($part, $scale), $part % $scale, $scale);
    }

    /** The nearest whole number of this times over / under; halves up. */
    public function times(int $over, int $under): int
    {
        $whole = $this->whole * $over;
        $rest = 2 * $this->scale * ($whole % $under) + 2 * $this->part * $over + $under * $this->scale;

        return intdiv($whole, $under) + intdiv($rest, 2 * $under * $this->scale);
    }
}
