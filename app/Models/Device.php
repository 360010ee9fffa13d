<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A phone or a laptop that writes marks: who holds it, and how far its clock is off.
 *
 * @property string $id
 * @property string $name
 * @property float $offset_ms to add to its clock
 */
final class Device extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected $casts = ['offset_ms' => 'float'];
}
