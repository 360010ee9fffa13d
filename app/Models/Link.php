<?php

declare(strict_types=1);

namespace App\Models;

use App\Access\Role;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as Visits;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A way in for somebody who has no password: one shoot, or one setup of it, as one role. Whoever holds its address holds it; only the
 * address’s hash is kept.
 *
 * @property int $id
 * @property string $shoot_id
 * @property string $setup its id; empty for the whole shoot
 * @property Role $role
 * @property string $name whom it was made for
 * @property bool $marks whether they may tick and mark
 * @property string $hash
 * @property CarbonImmutable $expires_at
 * @property CarbonImmutable|null $revoked_at
 * @property CarbonImmutable $created_at
 * @property-read Shoot $shoot
 */
final class Link extends Model implements Visits
{
    use Authenticatable;

    protected $guarded = [];

    protected $hidden = ['hash'];

    protected $casts = [
        'role' => Role::class, 'marks' => 'bool', 'expires_at' => 'immutable_datetime', 'revoked_at' => 'immutable_datetime',
        'created_at' => 'immutable_datetime',
    ];

    /** What a link to one setup leaves out: the whole shoot’s day, cases and lists. */
    private const OF_THE_SHOOT = ['scout', 'pack', 'wrap'];

    private const DAY_LOOKS = ['hours', 'today'];

    private const OF_THE_SETUP = ['export.sheet', 'export.safety', 'export.sound', 'export.contact', 'export.floor'];

    public function isOpen(CarbonImmutable $now): bool
    {
        return $this->revoked_at === null && $this->expires_at->isAfter($now);
    }

    /** @return array<string, list<string>> looks by stage */
    public function pages(): array
    {
        if ($this->setup === '') {
            return $this->role->pages();
        }
        $pages = array_map(
            static fn (array $looks): array => array_values(array_diff($looks, self::DAY_LOOKS)),
            array_diff_key($this->role->pages(), array_flip(self::OF_THE_SHOOT)),
        );

        return array_filter($pages);
    }

    /** @return array<string, string> names of routes with the words of their links */
    public function papers(): array
    {
        $papers = $this->role->papers();

        return $this->setup === '' ? $papers : array_intersect_key($papers, array_flip(self::OF_THE_SETUP));
    }

    /** @return BelongsTo<Shoot, $this> */
    public function shoot(): BelongsTo
    {
        return $this->belongsTo(Shoot::class);
    }
}
