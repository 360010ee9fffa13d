<?php

declare(strict_types=1);

namespace FineFrame\Document;

use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/**
 * One object of an untrusted document, read key by key through typed doors. A wrong value is noted with its JSON
 * pointer and a stand-in is returned, so that reading goes on and finds the rest.
 */
final class Node
{
    /** @var array<string, true> */
    private array $known = [];

    /**
     * @param  array<array-key, mixed>  $values
     * @param  Fields|null  $fields  noted instead of read
     */
    private function __construct(
        private readonly array $values,
        public readonly string $pointer,
        public readonly Problems $problems,
        private readonly ?Fields $fields = null,
    ) {
    }

    public static function root(mixed $value, Problems $problems): self
    {
        return self::of($value, '', $problems);
    }

    /** An empty object that notes what a reader asks of it: each door is gone through, and gives its stand-in. */
    public static function describing(Fields $fields): self
    {
        return new self([], '', new Problems, $fields);
    }

    /** The same object, its problems reported at a pointer in a larger document. */
    public function under(string $pointer): self
    {
        return new self($this->values, $pointer, $this->problems, $this->fields);
    }

    /** Whether there is something; what is asked so may be missing. */
    public function has(string $key): bool
    {
        $this->known[$key] = true;
        $this->fields?->mayMiss($key);

        return $this->fields !== null || isset($this->values[$key]);
    }

    public function text(string $key, ?string $default = null, int $max = 200): string
    {
        $this->note($key, Column::text($max), $default !== null);
        $value = $this->take($key, $default);
        if (! is_string($value)) {
            return $this->bad($key, 'must be text', [], '');
        }

        return mb_strlen($value) <= $max ? $value : ($this->bad($key, 'must be at most {max} characters', ['max' => $max], ''));
    }

    /** A short name for references: letters, digits, dot, dash, underscore. */
    public function id(string $key = 'id'): string
    {
        $this->note($key, Column::id());
        $value = $this->take($key, null);
        if (! is_string($value) || preg_match('/^[A-Za-z0-9][A-Za-z0-9._-]{0,63}$/', $value) !== 1) {
            return $this->bad($key, 'must be an id of letters, digits, dots and dashes', [], 'unread');
        }

        return $value;
    }

    public function optionalId(string $key): ?string
    {
        return $this->has($key) ? $this->id($key) : null;
    }

    public function number(string $key, float $min, float $max, Unit $unit, ?float $default = null): float
    {
        $isLength = $unit === Unit::Metre;
        $this->note(
            $key,
            $isLength ? Column::metres($min, $max, $default) : Column::number($min, $max, $unit, $default),
            $default !== null,
        );
        $value = $this->take($key, $default);
        if (! is_int($value) && ! is_float($value)) {
            return $this->bad($key, 'must be a number', [], $min);
        }
        if (! is_finite((float) $value) || $value < $min || $value > $max) {
            return $this->bad(
                $key,
                'must be between {min} and {max}',
                ['min' => Quantity::of($min, $unit), 'max' => Quantity::of($max, $unit)],
                $min,
            );
        }

        return (float) $value;
    }

    public function metres(string $key, float $min, float $max, ?float $default = null): float
    {
        return $this->number($key, $min, $max, Unit::Metre, $default);
    }

    public function whole(string $key, int $min, int $max, ?int $default = null): int
    {
        $value = $this->number($key, $min, $max, Unit::Count, $default);
        $this->note($key, Column::whole($min, $max, $default), $default !== null);

        return floor($value) === $value ? (int) $value : ($this->bad($key, 'must be a whole number', [], $min));
    }

    /** Degrees in the file, radians in the hand. */
    public function angle(string $key, float $minDeg = -360, float $maxDeg = 360, ?float $defaultDeg = null): float
    {
        $value = $this->number($key, $minDeg, $maxDeg, Unit::Degree, $defaultDeg);
        $this->note($key, Column::degrees($minDeg, $maxDeg), $defaultDeg !== null);

        return deg2rad($value);
    }

    public function flag(string $key, bool $default): bool
    {
        $this->note($key, Column::flag($default), true);
        $value = $this->take($key, $default);

        return is_bool($value) ? $value : ($this->bad($key, 'must be true or false', [], $default));
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  T|null  $default
     * @return T
     */
    public function choice(string $key, string $enum, ?\BackedEnum $default = null): \BackedEnum
    {
        $this->note($key, Column::cases($enum, $default), $default !== null);
        $value = $this->take($key, $default?->value);
        foreach ($enum::cases() as $case) {
            if ($case->value === $value) {
                return $case;
            }
        }
        $this->wrong(
            $key,
            'must be one of {choices}',
            ['choices' => implode(', ', array_map(static fn (\BackedEnum $c): string => (string) $c->value, $enum::cases()))],
        );

        return $enum::cases()[0];
    }

    /** @param  list<string>  $choices  the first is meant when nothing is said */
    public function oneOf(string $key, array $choices): string
    {
        $value = $this->text($key, $choices[0] ?? '');
        $this->note($key, Column::choice(...$choices), true);

        return in_array($value, $choices, true)
            ? $value
            : ($this->bad($key, 'must be one of {choices}', ['choices' => implode(', ', $choices)], $choices[0] ?? ''));
    }

    /** A time of day, as 14:30; empty where it is not said. */
    public function clock(string $key): string
    {
        return $this->pattern($key, Column::clock(), 'must be a time of day like 14:30');
    }

    /** A colour as it is seen in daylight, #7a5c3e; empty where it is not said. */
    public function colour(string $key): string
    {
        return $this->pattern($key, Column::colour(), 'must be a colour like #7a5c3e');
    }

    private function pattern(string $key, Column $column, string $must): string
    {
        $value = $this->text($key, '', 40);
        $this->note($key, $column, true);
        $pattern = '/'.$column->pattern().'/';

        return $value === '' || preg_match($pattern, $value) === 1 ? $value : $this->bad($key, $must, [], '');
    }

    /** A date as 2026-11-14, or empty. */
    public function date(string $key): string
    {
        $value = $this->pattern($key, Column::date(), 'must be a date like 2026-11-14');
        $parts = array_map(intval(...), explode('-', $value));

        return $value === '' || checkdate($parts[1] ?? 0, $parts[2] ?? 0, $parts[0])
            ? $value
            : $this->bad($key, 'must be a date like 2026-11-14', [], '');
    }

    public function object(string $key): self
    {
        return self::of($this->take($key, []), $this->at($key), $this->problems, $this->fields?->within($key));
    }

    /**
     * @template T
     *
     * @param  \Closure(Node): T  $read
     * @return list<T>
     */
    public function each(string $key, \Closure $read, int $max = 500): array
    {
        $this->fields?->listed($key, $read, $max);
        $value = $this->take($key, []);
        if (! is_array($value) || ! array_is_list($value)) {
            $this->wrong($key, 'must be a list');

            return [];
        }
        if (count($value) > $max) {
            $this->wrong($key, 'must hold at most {max}', ['max' => $max]);

            return [];
        }
        $all = [];
        foreach ($value as $i => $item) {
            $all[] = $read(self::of($item, $this->at($key).'/'.$i, $this->problems));
        }

        return $all;
    }

    /** @return array<string, float> a map of names to finite numbers */
    public function numbers(string $key): array
    {
        $this->note($key, Entries::named(Column::number(-INF, INF)), true);
        $all = [];
        foreach (self::of($this->take($key, []), $this->at($key), $this->problems)->values as $name => $value) {
            if (is_int($value) || (is_float($value) && is_finite($value))) {
                $all[(string) $name] = (float) $value;
            } else {
                $this->wrong($key.'/'.self::escaped((string) $name), 'must be a number');
            }
        }

        return $all;
    }

    /** @return array<string, string> a map of names to short texts */
    public function texts(string $key): array
    {
        $this->note($key, Entries::named(Column::text()), true);
        $all = [];
        foreach (self::of($this->take($key, []), $this->at($key), $this->problems)->values as $name => $value) {
            if (is_string($value) && mb_strlen($value) <= 200) {
                $all[(string) $name] = $value;
            } else {
                $this->wrong($key.'/'.self::escaped((string) $name), 'must be text');
            }
        }

        return $all;
    }

    /** @return list<float> finite numbers */
    public function numberList(string $key, int $max): array
    {
        $this->note($key, Entries::counted(Column::number(-INF, INF), $max), true);
        $value = $this->take($key, []);
        $isList = is_array($value) && array_is_list($value) && count($value) <= $max;
        $numbers = $isList
            ? array_values(array_filter($value, static fn (mixed $v): bool => is_int($v) || is_float($v) && is_finite($v)))
            : [];

        return $isList && count($numbers) === count($value)
            ? array_map(floatval(...), $numbers)
            : $this->bad($key, 'must be a list of at most {max} numbers', ['max' => $max], []);
    }

    /** @return list<string> the names of a map that are true */
    public function flagged(string $key): array
    {
        $this->note($key, Entries::named(Column::flag()), true);
        $all = [];
        foreach (self::of($this->take($key, []), $this->at($key), $this->problems)->values as $name => $value) {
            if (! is_bool($value)) {
                $this->wrong($key.'/'.self::escaped((string) $name), 'must be true or false');
            }
            if ($value === true) {
                $all[] = (string) $name;
            }
        }

        return $all;
    }

    /** @return array<string, mixed> the keys nobody asked for; kept, and written back */
    public function rest(): array
    {
        $rest = [];
        foreach (array_diff_key($this->values, $this->known) as $key => $value) {
            $rest[(string) $key] = $value;
        }

        return $rest;
    }

    /** @param  array<string, Quantity|string|int|float>  $arguments */
    public function wrong(string $key, string $template, array $arguments = []): void
    {
        $this->problems->add(new Problem($this->at($key), $template, $arguments));
    }

    /**
     * Notes the problem and goes on with a stand-in.
     *
     * @template T
     *
     * @param  array<string, Quantity|string|int|float>  $arguments
     * @param  T  $standIn
     * @return T
     */
    private function bad(string $key, string $template, array $arguments, mixed $standIn): mixed
    {
        $this->wrong($key, $template, $arguments);

        return $standIn;
    }

    private static function of(mixed $value, string $pointer, Problems $problems, ?Fields $fields = null): self
    {
        if ($value instanceof \stdClass) {
            $value = (array) $value;
        }
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            $problems->add(new Problem($pointer, 'must be an object'));
            $value = [];
        }

        return new self($value, $pointer, $problems, $fields);
    }

    private function note(string $key, Described $what, bool $mayMiss = false): void
    {
        $this->fields?->ask($key, $what, $mayMiss);
    }

    /** A name that the document chose, as a step of a pointer (RFC 6901). */
    public static function escaped(string $name): string
    {
        return strtr(mb_substr($name, 0, 64), ['~' => '~0', '/' => '~1']);
    }

    private function take(string $key, mixed $default): mixed
    {
        $this->known[$key] = true;

        return $this->values[$key] ?? $default;
    }

    private function at(string $key): string
    {
        return $this->pointer.'/'.$key;
    }
}
