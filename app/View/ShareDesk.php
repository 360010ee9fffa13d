<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Audit;
use App\Models\Link;
use App\Models\Owner;
use App\Models\Shoot;
use Carbon\CarbonImmutable;
use FineFrame\Plan\ShootPlan;
use Illuminate\Support\Facades\Config;

/** Who else sees a shoot: links by role, what was opened by them, and who plans it as well. */
final readonly class ShareDesk
{
    private const NEWEST = 60;

    public function __construct(public Shoot $shoot, public ShootPlan $plan, private CarbonImmutable $now)
    {
    }

    public function isServed(): bool
    {
        return Config::boolean('fineframe.crew');
    }

    /** @return list<array{link: Link, to: string, state: string, isOpen: bool, last: string}> the newest first */
    public function links(): array
    {
        $last = Audit::query()->where('shoot_id', $this->shoot->id)->whereNotNull('link_id')
            ->selectRaw('link_id, max(at) as at, count(*) as times')->groupBy('link_id')->get()->keyBy('link_id');
        $rows = [];
        foreach ($this->shoot->links()->latest('id')->get() as $link) {
            $opened = $last[$link->id] ?? null;
            $rows[] = [
                'link' => $link,
                'to' => $this->setup($link->setup),
                'state' => match (true) {
                    $link->revoked_at !== null => __('access.states.revoked', ['at' => self::moment($link->revoked_at)]),
                    ! $link->isOpen($this->now) => __('access.states.ended', ['at' => self::moment($link->expires_at)]),
                    default => __('access.states.open', ['at' => self::moment($link->expires_at)]),
                },
                'isOpen' => $link->isOpen($this->now),
                'last' => $opened instanceof Audit ? self::moment($opened->at) : __('access.never'),
            ];
        }

        return $rows;
    }

    /** @return list<array{at: string, who: string, did: string, address: string}> the newest first */
    public function opened(): array
    {
        $rows = [];
        foreach (Audit::query()->where('shoot_id', $this->shoot->id)->latest('id')->limit(self::NEWEST)->get() as $one) {
            $rows[] = [
                'at' => self::moment($one->at), 'who' => $one->who,
                'did' => trim(__("access.did.$one->did").' '.$one->about), 'address' => $one->address,
            ];
        }

        return $rows;
    }

    /** @return list<Owner> who plan it as well */
    public function partners(): array
    {
        return array_values($this->shoot->partners()->orderBy('name')->get()->all());
    }

    /** @return list<Owner> who could */
    public function others(): array
    {
        $theirs = [$this->shoot->owner_id ?? Owner::query()->min('id'), ...$this->shoot->partners()->pluck('owners.id')->all()];

        return array_values(Owner::query()->whereNotIn('id', $theirs)->orderBy('name')->get()->all());
    }

    private function setup(string $id): string
    {
        foreach ($this->plan->setups as $setup) {
            if ($setup->id === $id) {
                return $setup->name;
            }
        }

        return __('access.whole');
    }

    public static function moment(CarbonImmutable $at): string
    {
        return $at->setTimezone(date_default_timezone_get())->format('j M Y, H:i');
    }
}
