<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a plan was at one of its versions, and who made it so.
 *
 * @property int $id
 * @property string $shoot_id
 * @property int $version
 * @property int $revision_id
 * @property string $words
 * @property string $who
 * @property string $page a random name of the browser’s page that did it
 * @property CarbonImmutable $created_at
 * @property-read Revision $revision
 */
final class Head extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    protected $casts = ['version' => 'int', 'created_at' => 'immutable_datetime'];

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }
}
