<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User;

/**
 * Whoever signs in where it is served to a crew.
 *
 * @property int $id
 * @property string $name
 * @property string $password hashed
 */
final class Owner extends User
{
    /** Characters that a password has at least. */
    public const LEAST = 10;

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed'];

    /** The first who was made keeps this computer: its copies, and what was planned at it without signing in. */
    public function isFirst(): bool
    {
        return self::query()->min('id') === $this->id;
    }
}
