<?php

declare(strict_types=1);

namespace FineFrame\Measure;

/** A length as people type and read it; kernels take plain metres. */
final readonly class Length
{
    private const NUMBER = '(?:\d+(?:\.\d+)?|\.\d+)';

    private const FRACTION = '\d+\s*/\s*[1-9]\d*';

    private function __construct(public float $metres)
    {
    }

    /** @throws InvalidLength if the value is not finite */
    public static function of(float $value, LengthUnit $unit = LengthUnit::Metre): self
    {
        return is_finite($value) ? new self($value * $unit->inMetres()) : throw InvalidLength::notFinite();
    }

    /**
     * Reads `3.2`, `3,2 m`, `320cm`, `10'6"`, `10ft 6 1/2in`, `6 1/2"`; a bare number is in the system's main unit.
     *
     * @throws InvalidLength if the text is none of these
     */
    public static function parse(string $text, UnitSystem $bare = UnitSystem::Metric): self
    {
        $clean = trim(
            strtr(
                $text,
                ['′' => "'", '’' => "'", '″' => '"', '”' => '"', ',' => '.', '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '−' => '-'],
            ),
        );
        $sign = str_starts_with($clean, '-') ? -1.0 : 1.0;
        $clean = strtolower(ltrim($clean, '-+ '));

        return new self($sign * (self::single($clean, $bare) ?? self::feetAndInches($clean) ?? throw InvalidLength::unreadable($text)));
    }

    public function in(LengthUnit $unit): float
    {
        return $this->metres / $unit->inMetres();
    }

    /** Two decimals of a metre, whole centimetres below one metre, or feet and inches to the half inch. */
    public function print(UnitSystem $system): string
    {
        return $system === UnitSystem::Metric ? $this->metric() : $this->imperial();
    }

    private static function single(string $text, UnitSystem $bare): ?float
    {
        if (preg_match('~^('.self::NUMBER.')\s*(mm|cm|m|metres?|meters?)?$~', $text, $found) !== 1) {
            return null;
        }
        $unit = match ($found[2] ?? '') {
            '' => $bare->bareLength(),
            'mm' => LengthUnit::Millimetre,
            'cm' => LengthUnit::Centimetre,
            default => LengthUnit::Metre,
        };

        return (float) $found[1] * $unit->inMetres();
    }

    private static function feetAndInches(string $text): ?float
    {
        $feet = '(?:(?<ft>'.self::NUMBER.')\s*(?:\'|ft|feet|foot))?';
        $inches = '(?:[\s-]*(?:(?<in>'.self::NUMBER.')(?!\s*/))?[\s-]*(?<fr>'.self::FRACTION.')?\s*(?<mark>"|in|inch|inches|\'\')?)?';
        if ($text === '' || preg_match('~^'.$feet.$inches.'$~', $text, $found) !== 1) {
            return null;
        }
        $hasFeet = ($found['ft'] ?? '') !== '';
        if (! $hasFeet && ($found['mark'] ?? '') === '') {
            return null;
        }
        $fraction = array_map(floatval(...), explode('/', ($found['fr'] ?? '') ?: '0/1'));

        return (float) ($found['ft'] ?? 0) * LengthUnit::Foot->inMetres()
            + ((float) ($found['in'] ?? 0) + $fraction[0] / $fraction[1]) * LengthUnit::Inch->inMetres();
    }

    private function metric(): string
    {
        $size = abs($this->metres);

        return ($this->metres <= -0.0005 ? '−' : '').match (true) {
            $size >= 0.9995 => number_format($size, 2, '.', '').' m',
            $size < 0.0005 => '0 cm',
            $size >= 0.0095 => round($size * 100).' cm',
            default => round($size * 1000).' mm',
        };
    }

    private function imperial(): string
    {
        $halves = (int) round(abs($this->metres) / LengthUnit::Inch->inMetres() * 2);
        $sign = $this->metres < 0 && $halves > 0 ? '−' : '';
        $feet = intdiv($halves, 24);
        $inches = intdiv($halves % 24, 2).($halves % 2 === 1 ? '½' : '');

        return $sign.($feet > 0 ? $feet.'′ ' : '').($halves % 2 === 1 && $halves % 24 === 1 ? '½' : $inches).'″';
    }
}
