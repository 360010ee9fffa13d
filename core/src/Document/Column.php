<?php

declare(strict_types=1);

namespace FineFrame\Document;

use FineFrame\Measure\Unit;

/** One field of a record: what it may hold. Forms, the file and its description all follow it. */
final readonly class Column implements Described
{
    /** @param  list<string>  $choices */
    private function __construct(
        public ColumnKind $kind,
        public float $min = 0.0,
        public float $max = 0.0,
        public Unit $unit = Unit::Count,
        public array $choices = [],
        public string|float|bool|null $default = null,
        public int $longest = 200,
        public bool $isWhole = false,
    ) {
    }

    public static function text(int $longest = 200): self
    {
        return new self(ColumnKind::Text, default: '', longest: $longest);
    }

    public static function number(float $min, float $max, Unit $unit = Unit::Count, ?float $default = null): self
    {
        return new self(ColumnKind::Number, $min, $max, $unit, default: $default);
    }

    public static function whole(float $min, float $max, ?float $default = null): self
    {
        return new self(ColumnKind::Number, $min, $max, default: $default, isWhole: true);
    }

    /** What other things name one by. */
    public static function id(): self
    {
        return new self(ColumnKind::Id, default: '', longest: 64);
    }

    public static function metres(float $min, float $max, ?float $default = null): self
    {
        return new self(ColumnKind::Metres, $min, $max, Unit::Metre, default: $default);
    }

    public static function degrees(float $min = -360, float $max = 360): self
    {
        return new self(ColumnKind::Degrees, $min, $max, Unit::Degree);
    }

    public static function flag(bool $default = false): self
    {
        return new self(ColumnKind::Flag, default: $default);
    }

    /** The first is what holds when nothing is said. */
    public static function choice(string ...$choices): self
    {
        return new self(ColumnKind::Choice, choices: array_values($choices), default: $choices[0] ?? '');
    }

    /**
     * @param  class-string<\BackedEnum>  $enum
     * @param  \BackedEnum|null  $usual  what holds when nothing is said; else the first
     */
    public static function cases(string $enum, ?\BackedEnum $usual = null): self
    {
        $choices = array_map(static fn (\BackedEnum $c): string => (string) $c->value, $enum::cases());

        return new self(ColumnKind::Choice, choices: $choices, default: (string) ($usual->value ?? $choices[0] ?? ''));
    }

    /** A time of day, as 14:30; empty when open. */
    public static function clock(): self
    {
        return new self(ColumnKind::Clock, default: '');
    }

    /** A date, as 2026-11-14; empty when open. */
    public static function date(): self
    {
        return new self(ColumnKind::Date, default: '');
    }

    /** As seen in daylight, #rrggbb; empty when open. */
    public static function colour(): self
    {
        return new self(ColumnKind::Colour, default: '');
    }

    public function read(Node $node, string $key): string|float|bool|null
    {
        return match ($this->kind) {
            ColumnKind::Text => $node->text($key, '', $this->longest),
            ColumnKind::Number, ColumnKind::Metres, ColumnKind::Degrees => $node->has($key) || $this->default !== null
                ? $node->number($key, $this->min, $this->max, $this->unit, is_float($this->default) ? $this->default : null)
                : null,
            ColumnKind::Flag => $node->flag($key, $this->default === true),
            ColumnKind::Choice => $node->oneOf($key, $this->choices),
            ColumnKind::Clock => $node->clock($key),
            ColumnKind::Date => $node->date($key),
            ColumnKind::Colour => $node->colour($key),
            ColumnKind::Id => $node->optionalId($key),
        };
    }

    public function isNumber(): bool
    {
        return in_array($this->kind, [ColumnKind::Number, ColumnKind::Metres, ColumnKind::Degrees], true);
    }

    /** A regular expression for what is written in it; all that is there, where any text will do. */
    public function pattern(): string
    {
        return match ($this->kind) {
            ColumnKind::Clock => '^([01]?\d|2[0-3]):[0-5]\d$',
            ColumnKind::Date => '^\d{4}-\d\d-\d\d$',
            ColumnKind::Colour => '^#[0-9a-fA-F]{6}$',
            ColumnKind::Id => '^[A-Za-z0-9][A-Za-z0-9._-]{0,63}$',
            default => '',
        };
    }

    public function schema(bool $mayMiss): array
    {
        if ($this->kind === ColumnKind::Choice) {
            return ['enum' => $mayMiss ? [...$this->choices, null] : $this->choices];
        }
        $type = match ($this->kind) {
            ColumnKind::Number, ColumnKind::Metres, ColumnKind::Degrees => $this->isWhole ? 'integer' : 'number',
            ColumnKind::Flag => 'boolean',
            default => 'string',
        };
        $bounds = match (true) {
            $this->pattern() !== '' && $mayMiss && $this->kind !== ColumnKind::Id => ['pattern' => '^$|'.$this->pattern()],
            $this->pattern() !== '' => ['pattern' => $this->pattern()],
            $type === 'string' => ['maxLength' => $this->longest],
            $type === 'boolean', ! is_finite($this->min) => [],
            default => ['minimum' => $this->min, 'maximum' => $this->max],
        };

        return ['type' => $mayMiss ? [$type, 'null'] : $type] + $bounds;
    }
}
