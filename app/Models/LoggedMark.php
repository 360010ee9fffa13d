<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A mark as it was sent; never changed.
 *
 * @property int $seq
 * @property string $shoot_id
 * @property string $id
 * @property string $device
 * @property int $n
 * @property float $at_ms
 * @property string $kind
 * @property array<string, mixed> $says
 * @property float $server_ms
 */
final class LoggedMark extends Model
{
    public $timestamps = false;

    protected $table = 'marks';

    protected $primaryKey = 'seq';

    protected $guarded = [];

    protected $casts = ['n' => 'int', 'at_ms' => 'float', 'says' => 'array', 'server_ms' => 'float'];
}
