<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A plan as it was after one change; the plan before is its parent's.
 *
 * @property int $id
 * @property string $shoot_id
 * @property int|null $parent_id
 * @property string $words what was done
 * @property string $author
 * @property string $plan the plan file
 * @property-read Revision|null $parent
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @return BelongsTo<Revision, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }
}
