<?php

declare(strict_types=1);

namespace FineFrame\Light;

/** What a lamp is for, or does: the parts of a lighting scheme. */
enum LampPart: string
{
    case Key = 'key';
    case Fill = 'fill';
    case Back = 'back light';
    case Kicker = 'kicker';
    case Background = 'background';
    case Eye = 'eye light';
    case Practical = 'practical';
    case Nothing = 'nothing';

    /** @return list<string> what a lamp may be meant as */
    public static function values(): array
    {
        return array_values(array_diff(array_column(self::cases(), 'value'), [self::Nothing->value]));
    }

    /** How it is said of a person. */
    public function phrase(string $person): string
    {
        return match ($this) {
            self::Background => "background behind $person",
            self::Practical, self::Nothing => $this->value,
            default => "$this->value for $person",
        };
    }
}
