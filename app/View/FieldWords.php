<?php

declare(strict_types=1);

namespace App\View;

use App\Plans\Cards\Cards;
use App\Plans\Cards\Field;
use FineFrame\Plan\ShootPlan;

/** A field of the plan in words, by its pointer: what it is called and what stands in it. */
final readonly class FieldWords
{
    public function __construct(private Reader $reader)
    {
    }

    /** As the thing's card calls it, or else by the field's own name. */
    public function label(ShootPlan $plan, string $pointer): string
    {
        $path = explode('/', $pointer);
        $setup = ($path[1] ?? '') === 'setups' && in_array($path[2] ?? '', array_column($plan->setups, 'id'), true)
            ? $plan->setup($path[2] ?? '')
            : $plan->setup();
        $id = $path[4] ?? ($path[3] ?? '') ?: 'brief';
        $card = (new Cards($setup))->find($id);
        $field = array_values(array_filter($card?->fields() ?? [], static fn (Field $f): bool => $f->pointer === $pointer))[0] ?? null;
        $own = str_replace('_', ' ', (string) preg_replace('/_(m|deg|mm)$/', '', (string) end($path)));

        return match (true) {
            $card !== null && $field !== null => "$card->title, ".lcfirst($field->label),
            $own === $id => $setup->name($id),
            $setup->name($id) !== $id => $setup->name($id).", $own",
            default => $own,
        };
    }

    public function value(string $pointer, mixed $value): string
    {
        return match (true) {
            str_ends_with($pointer, '_m') && is_numeric($value) => $this->reader->metres((float) $value),
            is_bool($value) => $value ? 'yes' : 'no',
            is_float($value) => rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.'),
            is_scalar($value) => (string) $value,
            $value === null => 'none',
            is_array($value) && is_string($value['name'] ?? $value['label'] ?? null) => (string) ($value['name'] ?? $value['label']),
            default => 'a new shape',
        };
    }
}
