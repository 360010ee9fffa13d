<?php

declare(strict_types=1);

namespace FineFrame\Measure;

/** A computed figure with its unit, in SI (angles in degrees); null stands for infinite. */
final readonly class Quantity
{
    private function __construct(public ?float $value, public Unit $unit)
    {
    }

    public static function of(?float $value, Unit $unit): self
    {
        return new self($value !== null && is_finite($value) ? $value : null, $unit);
    }

    public static function metres(?float $value): self
    {
        return self::of($value, Unit::Metre);
    }

    public static function degrees(float $value): self
    {
        return self::of($value, Unit::Degree);
    }

    public static function share(float $value): self
    {
        return self::of($value, Unit::Share);
    }

    public static function seconds(float $value): self
    {
        return self::of($value, Unit::Second);
    }

    public static function ratio(float $value): self
    {
        return self::of($value, Unit::Ratio);
    }

    public function print(UnitSystem $system): string
    {
        if ($this->value === null) {
            return '∞';
        }

        return match ($this->unit) {
            Unit::Metre => Length::of($this->value)->print($system),
            Unit::SquareMetre => $system === UnitSystem::Metric
                ? number_format($this->value, 1, '.', '').' m²'
                : number_format($this->value / LengthUnit::Foot->inMetres() ** 2, 0, '.', '').' sq ft',
            Unit::Millimetre => rtrim(rtrim(number_format($this->value, 1, '.', ''), '0'), '.').' mm',
            Unit::Degree => round($this->value).'°',
            Unit::Lux => self::lux($this->value, $system),
            Unit::Stop => number_format($this->value, 1, '.', '').(abs($this->value - 1.0) < 0.05 ? ' stop' : ' stops'),
            Unit::TStop => 'T'.number_format($this->value, 1, '.', ''),
            Unit::Share => (
                $this->value > 0
                && $this->value < 0.01
                ? number_format($this->value * 100, 1, '.', '')
                : round($this->value * 100)
            ).' %',
            Unit::Ratio => number_format($this->value, 1, '.', ''),
            Unit::Decibel => number_format($this->value, 1, '.', '').' dB',
            Unit::LevelA => round($this->value).' dB(A)',
            Unit::Kelvin => round($this->value).' K',
            Unit::Mired => self::signed($this->value, 0).' mired',
            Unit::Duv => 'Duv '.self::signed($this->value, 4),
            Unit::Watt => round($this->value).' W',
            Unit::Ampere => number_format($this->value, 1, '.', '').' A',
            Unit::Volt => round($this->value).' V',
            Unit::Second => number_format($this->value, $this->value < 10 ? 2 : 0, '.', '').' s',
            Unit::MetreASecond => $system === UnitSystem::Metric
                ? number_format($this->value, 2, '.', '').' m/s'
                : number_format($this->value / LengthUnit::Foot->inMetres(), 1, '.', '').' ft/s',
            Unit::Kilogram => $system === UnitSystem::Metric
                ? number_format($this->value, $this->value < 10 ? 1 : 0, '.', '').' kg'
                : number_format($this->value / self::POUND_KG, $this->value < 5 ? 1 : 0, '.', '').' lb',
            Unit::CubicMetre => $system === UnitSystem::Metric
                ? number_format($this->value, 0, '.', '').' m³'
                : number_format($this->value / LengthUnit::Foot->inMetres() ** 3, 0, '.', '').' cu ft',
            Unit::Count => (string) (int) round($this->value),
        };
    }

    /** One pound avoirdupois. */
    private const POUND_KG = 0.45359237;

    private static function signed(float $value, int $decimals): string
    {
        return ($value < 0 ? '−' : '+').number_format(abs($value), $decimals, '.', '');
    }

    /** One foot-candle is 10.764 lx (one lumen a square foot). */
    private static function lux(float $lux, UnitSystem $system): string
    {
        return $system === UnitSystem::Metric
            ? round($lux).' lx'
            : round($lux * LengthUnit::Foot->inMetres() ** 2, $lux < 100 ? 1 : 0).' fc';
    }
}
