<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
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
 * @property string $next the stage that is open first; empty where nothing is
 * @property string $camera whose frame stands for the shoot; empty without one
 * @property \Illuminate\Support\Carbon|null $created_at
 * @property string $exercise which exercise it stands for; empty for a shoot
 * @property int $version rises with every change, undo and redo
 * @property int|null $head_id
 * @property int|null $owner_id whose it is; null where it was made at this computer, which is its first owner’s
 * @property-read Revision $head
 */
final class Shoot extends Model
{
    use HasUlids, SoftDeletes;

    protected $guarded = [];

    protected $attributes = ['next' => '', 'camera' => '', 'exercise' => ''];

    protected $casts = ['breaks' => 'int', 'watches' => 'int', 'version' => 'int', 'head_id' => 'int', 'owner_id' => 'int'];

    /** @return Builder<self> those that an owner plans, alone or with others */
    public static function of(Owner $owner): Builder
    {
        return self::query()->where(static function (Builder $shoots) use ($owner): void {
            $shoots->where('owner_id', $owner->id)->orWhereHas('partners', static function (Builder $with) use ($owner): void {
                $with->whereKey($owner->id);
            });
            if ($owner->isFirst()) {
                $shoots->orWhereNull('owner_id');
            }
        });
    }

    public function isOf(Owner $owner): bool
    {
        return self::of($owner)->withTrashed()->whereKey($this->id)->exists();
    }

    /** @return BelongsToMany<Owner, $this> who plan it as well */
    public function partners(): BelongsToMany
    {
        return $this->belongsToMany(Owner::class, 'partners');
    }

    /** @return HasMany<Link, $this> */
    public function links(): HasMany
    {
        return $this->hasMany(Link::class);
    }

    /** @return HasMany<Head, $this> */
    public function heads(): HasMany
    {
        return $this->hasMany(Head::class);
    }

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
