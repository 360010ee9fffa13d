<?php

declare(strict_types=1);

namespace FineFrame\Document;

/** One line of a list that people keep: an id and what its columns hold. */
final readonly class Record implements Part
{
    /**
     * @param  array<string, Column>  $columns
     * @param  array<string, string|float|bool|null>  $values
     * @param  array<string, mixed>  $extra
     */
    private function __construct(public string $id, private array $columns, private array $values, private array $extra)
    {
    }

    /**
     * @param  array<string, Column>  $columns
     * @param  bool  $isOne  the only one of its kind, which needs no id
     */
    public static function read(Node $node, array $columns, bool $isOne = false): self
    {
        $id = $isOne ? '' : $node->id();
        $values = [];
        foreach ($columns as $name => $column) {
            $values[$name] = $column->read($node, $name);
        }

        return new self($id, $columns, $values, $node->rest());
    }

    public function text(string $column): string
    {
        $value = $this->value($column);

        return is_string($value) ? $value : '';
    }

    /** @return float|null null when nobody has measured it */
    public function number(string $column): ?float
    {
        $value = $this->value($column);

        return is_float($value) ? $value : null;
    }

    public function flag(string $column): bool
    {
        return $this->value($column) === true;
    }

    /** @throws \LogicException if its list has no such column: a misspelt one is no empty one */
    public function value(string $column): string|float|bool|null
    {
        return $this->has($column)
            ? $this->values[$column]
            : throw new \LogicException("No column is called $column among ".implode(', ', array_keys($this->columns)).'.');
    }

    /** Whether its list has such a column, filled in or not. */
    public function has(string $column): bool
    {
        return isset($this->columns[$column]);
    }

    /** @return int how many of its columns hold something that was said */
    public function known(): int
    {
        return count(
            array_filter(
                array_keys($this->values),
                fn (
                    string $name,
                ): bool => $this->values[$name] !== null
                    && $this->values[$name] !== ''
                    && $this->values[$name] !== $this->columns[$name]->default,
            ),
        );
    }

    /** The same with another value in a column. */
    public function with(string $column, string|float|bool|null $value): self
    {
        return new self($this->id, $this->columns, [$column => $value] + $this->values, $this->extra);
    }

    public function write(): array
    {
        $written = array_filter($this->values, static fn (string|float|bool|null $v): bool => $v !== null && $v !== '');

        return ($this->id === '' ? [] : ['id' => $this->id]) + $written + $this->extra;
    }
}
