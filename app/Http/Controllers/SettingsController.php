<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class SettingsController
{
    private const A_YEAR = 60 * 24 * 365;

    public function __invoke(Request $request): RedirectResponse
    {
        $set = $request->validate(['units' => ['in:metric,imperial'], 'theme' => ['in:day,blackout']]);
        $back = redirect()->back();
        foreach ($set as $name => $value) {
            $back->cookie($name, is_string($value) ? $value : '', self::A_YEAR);
        }

        return $back;
    }
}
