<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * What somebody did that others may want to know of later; no passwords, no addresses of links, nothing of what plans say.
 *
 * @property int $id
 * @property CarbonImmutable $at
 * @property string $who
 * @property string $did
 * @property string|null $shoot_id
 * @property int|null $link_id
 * @property string $about
 * @property string $address of the network
 */
final class Audit extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['at' => 'immutable_datetime'];
}
