<?php

declare(strict_types=1);

namespace App\Plans\Cards;

/** Makes the fields of one thing: their pointers begin alike. */
final readonly class FieldsAt
{
    public function __construct(private string $base)
    {
    }

    public function text(string $key, string $label, string $value): Field
    {
        return new Field($this->base.$key, $label, FieldKind::Text, $value);
    }

    public function length(string $key, string $label, float $metres): Field
    {
        return new Field($this->base.$key, $label, FieldKind::Length, $metres);
    }

    public function number(string $key, string $label, float $value, string $unit = ''): Field
    {
        return new Field($this->base.$key, $label, FieldKind::Number, $value, unit: $unit);
    }

    /** A number that nobody need say. */
    public function reading(string $key, string $label, ?float $value, string $unit = ''): Field
    {
        return new Field($this->base.$key, $label, FieldKind::Number, $value, unit: $unit, optional: true);
    }

    public function share(string $key, string $label, float $value, string $unit = '%'): Field
    {
        return new Field($this->base.$key, $label, FieldKind::Share, $value, unit: $unit);
    }

    /** @param  array<string, string>  $options */
    public function choice(string $key, string $label, ?string $value, array $options): Field
    {
        return new Field($this->base.$key, $label, FieldKind::Choice, $value, $options);
    }
}
