<?php

declare(strict_types=1);

namespace App\Plans;

use FineFrame\Plan\Edit;
use FineFrame\Plan\SetupPlan;

/** Says in words what an edit does: "Move B", "Change Key: dimmer". */
final class EditWords
{
    private const PLACE = ['x_m', 'y_m', 'stand_x_m', 'stand_y_m'];

    public static function of(SetupPlan $setup, Edit $edit): string
    {
        $said = [];
        foreach (array_keys($edit->values) as $pointer) {
            $path = explode('/', $pointer);
            $field = (string) end($path);
            $thing = match ($path[1] ?? '') {
                'setups' => ($path[3] ?? '') === 'metering' ? 'metering' : $setup->name($path[4] ?? ''),
                'locations' => 'room',
                default => 'brief',
            };
            $said[in_array($field, self::PLACE, true) ? "Move $thing" : "Change $thing"][] = str_replace(
                '_',
                ' ',
                (string) preg_replace('/_(m|deg|mm)$/', '', $field),
            );
        }
        $words = [];
        foreach ($said as $what => $fields) {
            $words[] = str_starts_with($what, 'Move ') ? $what : $what.': '.implode(', ', array_unique($fields));
        }

        return implode('; ', $words);
    }
}
