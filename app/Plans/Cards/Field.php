<?php

declare(strict_types=1);

namespace App\Plans\Cards;

use App\View\Reader;
use FineFrame\FineFrameException;
use FineFrame\Measure\Length;

/** One field of a card: where its value is in the plan, and how it is typed and read. */
final readonly class Field
{
    /** @var array<string, string> value => label, for a choice */
    public array $options;

    /** @param  array<string, string>  $options value => label, for a choice */
    public function __construct(
        public string $pointer,
        public string $label,
        public FieldKind $kind,
        public string|float|bool|null $value,
        array $options = [],
        public string $unit = '',
        public bool $optional = false,
    ) {
        $this->options = Choices::worded($options);
    }

    public function text(Reader $reader): string
    {
        if ($this->value === null && $this->kind !== FieldKind::Flag) {
            return '';
        }

        return match ($this->kind) {
            FieldKind::Length => $reader->field((float) $this->value),
            FieldKind::Share => self::plain(100 * (float) $this->value),
            FieldKind::Number => self::plain((float) $this->value),
            FieldKind::Flag => $this->value === true ? '1' : '0',
            FieldKind::Text, FieldKind::Choice => (string) $this->value,
        };
    }

    /**
     * What was typed as the plan keeps it.
     *
     * @throws FineFrameException if it cannot be read
     * @throws UnreadableField if it cannot be read
     */
    public function read(string $typed, Reader $reader): string|float|bool|null
    {
        if ($this->optional && trim($typed) === '') {
            return null;
        }

        return match ($this->kind) {
            FieldKind::Length => round(Length::parse($typed, $reader->units)->metres, 6),
            FieldKind::Number => self::number($typed),
            FieldKind::Share => self::number($typed) / 100,
            FieldKind::Flag => $typed === '1',
            FieldKind::Text => trim($typed),
            FieldKind::Choice => $typed === '' ? null : $typed,
        };
    }

    private static function number(string $typed): float
    {
        $clean = trim(str_replace([',', '−'], ['.', '-'], $typed), " \t°%T");

        return is_numeric($clean) ? (float) $clean : throw UnreadableField::number($typed);
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(number_format($value, abs($value) < 0.1 ? 5 : 3, '.', ''), '0'), '.');
    }
}
