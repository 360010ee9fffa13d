<?php

declare(strict_types=1);

namespace App\Plans;

use FineFrame\Plan\PlanWriter;
use FineFrame\Plan\ShootPlan;

/** Turns a pointer by position, as the reader reports it, into the same by ids, as forms name their fields. */
final class Pointers
{
    public static function byId(ShootPlan $plan, string $pointer): string
    {
        $at = PlanWriter::document($plan);
        $named = '';
        foreach (array_slice(explode('/', $pointer), 1) as $step) {
            $inner = is_array($at) ? ($at[$step] ?? null) : null;
            $inList = is_array($at) && array_is_list($at) && $at !== [];
            $id = $inList && is_array($inner) ? ($inner['id'] ?? null) : null;
            $named .= '/'.(is_string($id) ? $id : $step);
            $at = $inner;
        }

        return $named;
    }
}
