<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Measure\Length;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\UnitSystem;
use Illuminate\Support\Carbon;

/** Who reads: in which units, in which theme. */
final readonly class Reader
{
    public function __construct(public UnitSystem $units = UnitSystem::Metric, public string $theme = 'day')
    {
    }

    /** A number in the reader’s units, a date as people say it; else the words themselves. */
    public function print(Quantity|string|int|float|null $value): string
    {
        return match (true) {
            $value instanceof Quantity => $value->print($this->units),
            is_string($value) && preg_match('/^\d{4}-\d\d-\d\d$/', $value) === 1 => self::day($value),
            default => (string) $value,
        };
    }

    /** The sign that is read before a number’s size; nothing before zero. */
    public static function sign(float $value): string
    {
        return ['−', '', '+'][1 + ($value <=> 0.0)];
    }

    /** @param  string  $date  as 2026-11-14 */
    public static function day(string $date): string
    {
        return Carbon::parse($date)->format('D j M Y');
    }

    public function metres(?float $metres): string
    {
        return Quantity::metres($metres)->print($this->units);
    }

    /** A length to put into a field: as precise as it is kept, in the reader's units. */
    public function field(float $metres): string
    {
        return $this->units === UnitSystem::Metric
            ? rtrim(rtrim(number_format($metres, 3, '.', ''), '0'), '.').' m'
            : str_replace(['′ ', '″', '½'], ["'", '"', ' 1/2'], Length::of($metres)->print($this->units));
    }
}
