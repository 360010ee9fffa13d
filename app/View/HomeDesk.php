<?php

declare(strict_types=1);

namespace App\View;

use App\Access\Visitor;
use App\Models\Revision;
use App\Models\Shoot;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Stage;
use FineFrame\Plan\NewShoot;
use Illuminate\Support\Collection;

/** The list of shoots as cards: what each looks like, how it stands, where it came from and what is next. */
final readonly class HomeDesk
{
    /** @param  Collection<int, Shoot>  $shoots */
    private function __construct(private Collection $shoots)
    {
    }

    public static function of(Visitor $visitor): self
    {
        return new self($visitor->shoots()->where('exercise', '')->latest('updated_at')->get());
    }

    public function isEmpty(): bool
    {
        return $this->shoots->isEmpty();
    }

    /** @return list<array{id: string, title: string, where: string, state: Severity, counts: string, came: string, next: Stage|null, floor: string, frame: string|null}> */
    public function cards(): array
    {
        $first = Revision::query()->whereIn('shoot_id', $this->shoots->pluck('id'))->whereNull('parent_id')->pluck('words', 'shoot_id');
        $cards = [];
        foreach ($this->shoots as $shoot) {
            $seen = ['shoot' => $shoot->id, 'v' => $shoot->version];
            $cards[] = [
                'id' => $shoot->id, 'title' => $shoot->title, 'state' => $this->state($shoot), 'counts' => $this->counts($shoot),
                'where' => implode(' · ', array_filter([$shoot->place, self::day($shoot->date)])),
                'came' => trim(($first[$shoot->id] ?? '').', '.self::day($shoot->created_at?->toDateString() ?? ''), ', '),
                'next' => Stage::tryFrom($shoot->next),
                'floor' => route('export.floor', $seen),
                'frame' => $shoot->camera === '' ? null : route('export.frame', $seen + ['camera' => $shoot->camera]),
            ];
        }

        return $cards;
    }

    /** @return array<string, int> how many a first setup takes at most, by what is shot */
    public function most(): array
    {
        return NewShoot::MOST;
    }

    private function state(Shoot $shoot): Severity
    {
        return match (true) {
            $shoot->breaks > 0 => Severity::Breaks,
            $shoot->watches > 0 => Severity::Watch,
            default => Severity::Holds,
        };
    }

    private function counts(Shoot $shoot): string
    {
        $said = array_filter([
            $shoot->breaks > 0 ? trans_choice('starting.breaks', $shoot->breaks) : '',
            $shoot->watches > 0 ? trans_choice('starting.watches', $shoot->watches) : '',
        ]);

        return implode(', ', $said) ?: (string) __('starting.holds');
    }

    private static function day(string $date): string
    {
        return $date === '' ? '' : Reader::day($date);
    }
}
