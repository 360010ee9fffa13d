<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User;

/**
 * Whoever signs in where it is served to a crew.
 *
 * @property string $name
 * @property string $password hashed
 */
final class Owner extends User
{
    protected $guarded = [];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed'];
}
