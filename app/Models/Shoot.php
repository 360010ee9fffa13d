<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A shoot as the list shows it; its plan is its head revision.
 *
 * @property string $id
 * @property string $title
 * @property string $place
 * @property string $date
 * @property int $breaks
 * @property int $watches
 * @property int $version rises with every change, undo and redo
 * @property int|null $head_id
 * @property-read Revision $head
 */
final class Shoot extends Model
{
    use HasUlids, SoftDeletes;

    protected $guarded = [];

    protected $casts = ['breaks' => 'int', 'watches' => 'int', 'version' => 'int', 'head_id' => 'int'];

    /** @return BelongsTo<Revision, $this> */
    public function head(): BelongsTo
    {
        return $this->belongsTo(Revision::class, 'head_id');
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }
}
