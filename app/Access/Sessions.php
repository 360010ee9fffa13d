<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Owner;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;

/** Where somebody is signed in. Only a crew’s server keeps sessions in the database; elsewhere there are none to list. */
final readonly class Sessions
{
    /** @return list<array{key: string, id: string, address: string, agent: string, at: CarbonImmutable}> the last used first */
    public function of(Owner $owner): array
    {
        $rows = [];
        foreach (self::areKept() ? self::rows($owner)->orderByDesc('last_activity')->get() : [] as $row) {
            $rows[] = [
                'key' => self::key((string) $row->id), 'id' => (string) $row->id, 'address' => (string) $row->ip_address,
                'agent' => (string) $row->user_agent, 'at' => CarbonImmutable::createFromTimestamp((int) $row->last_activity),
            ];
        }

        return $rows;
    }

    /** Ends one by its key: whoever used it signs in again. */
    public function end(Owner $owner, string $key): void
    {
        foreach ($this->of($owner) as $session) {
            if ($session['key'] === $key) {
                self::rows($owner)->where('id', $session['id'])->delete();
            }
        }
    }

    public function endOthers(Owner $owner, string $id): void
    {
        if (self::areKept()) {
            self::rows($owner)->where('id', '!=', $id)->delete();
        }
    }

    public function endAll(Owner $owner): void
    {
        $this->endOthers($owner, '');
    }

    /** What a page may say of a session: whoever knew its id would have it. */
    private static function key(string $id): string
    {
        return substr(hash('sha256', $id), 0, 16);
    }

    private static function areKept(): bool
    {
        return Config::string('session.driver') === 'database';
    }

    private static function rows(Owner $owner): Builder
    {
        return DB::table('sessions')->where('user_id', $owner->id);
    }
}
