<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

/** A case's inputs, read as numbers. */
final readonly class Inputs
{
    /** @param  array<string, mixed>  $values */
    public function __construct(private array $values)
    {
    }

    public function has(string $key): bool
    {
        return isset($this->values[$key]);
    }

    public function number(string $key): float
    {
        return self::float($this->values[$key] ?? null);
    }

    public static function float(mixed $value): float
    {
        return is_int($value) || is_float($value)
            ? (float) $value
            : throw new \UnexpectedValueException('The case gives no number where one is expected.');
    }

    public function orNull(string $key): ?float
    {
        return $this->has($key) ? $this->number($key) : null;
    }

    /** @return list<float> */
    public function numbers(string $key): array
    {
        $values = $this->values[$key] ?? [];

        return array_map(static fn (mixed $v): float => is_numeric($v) ? (float) $v : NAN, is_array($values) ? array_values($values) : []);
    }

    /** @return list<array<array-key, mixed>> */
    public function lists(string $key): array
    {
        $values = $this->values[$key] ?? [];

        return array_values(array_filter(is_array($values) ? $values : [], is_array(...)));
    }

    public function word(string $key): string
    {
        $value = $this->values[$key] ?? '';

        return is_string($value) ? $value : '';
    }

    public function map(string $key): self
    {
        $values = $this->values[$key] ?? [];

        return new self(is_array($values) ? array_combine(array_map(strval(...), array_keys($values)), array_values($values)) : []);
    }

    /** @return array<string, float> */
    public function floats(): array
    {
        return array_map(self::float(...), $this->values);
    }

    public function flag(string $key): bool
    {
        return ($this->values[$key] ?? false) === true;
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        return $this->values;
    }

    /** @return list<string> */
    public function names(string $key): array
    {
        $values = $this->values[$key] ?? [];

        return array_values(array_filter(is_array($values) ? $values : [], is_string(...)));
    }

    /** @return list<self> */
    public function each(string $key): array
    {
        $all = $this->values[$key] ?? [];

        return array_map(static function (mixed $one): self {
            /** @var array<string, mixed> $one */
            return new self($one);
        }, is_array($all) ? array_values(array_filter($all, is_array(...))) : []);
    }
}
