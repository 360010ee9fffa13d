<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Rundown\Clock;
use FineFrame\Sun\Site;

/**
 * The day and the hours in which a setup is recorded: its own clock times, else those of the line of “When” that it names, else those of
 * the first line.
 */
final readonly class RecordedHours
{
    private const DAY_S = 86_400;

    /**
     * @param  string  $date  as 2026-11-14; empty where open
     * @param  string  $from  clock time; empty where open
     * @param  string  $to  clock time; at or before `from` it is the next day’s
     * @param  float|null  $minutes  how long is recorded, where somebody has said
     * @param  string  $pointer  where the hours are written; empty where nobody has said them
     */
    private function __construct(
        public string $date,
        public string $from,
        public string $to,
        public ?float $minutes,
        private string $pointer,
    ) {
    }

    public static function of(ShootPlan $plan, ?Setup $setup): self
    {
        $days = $plan->brief->list('days');
        $day = array_column($days, null, 'id')[$setup->day ?? ''] ?? $days[0] ?? null;
        [$from, $to] = [$setup->from ?? '', $setup->to ?? ''];

        return new self(
            $day?->text('date') ?: $plan->shoot->date,
            $from !== '' ? $from : $day?->text('from') ?? '',
            $to !== '' ? $to : $day?->text('to') ?? '',
            $day?->number('minutes'),
            match (true) {
                $setup !== null && $from.$to !== '' => "/setups/$setup->id",
                $day !== null => "/brief/days/$day->id",
                default => '',
            },
        );
    }

    /** Minutes from the beginning to the end; null where either is open. */
    public function lengthMin(): ?float
    {
        if ($this->from === '' || $this->to === '') {
            return null;
        }
        [$begins, $ends] = [Clock::minute($this->from), Clock::minute($this->to)];

        return (float) ($ends > $begins ? $ends - $begins : $ends + Clock::DAY_MIN - $begins);
    }

    /**
     * The lines of “When” anew: a setup whose line is gone goes by the first again.
     *
     * @param  list<array<array-key, mixed>>  $days
     */
    public static function days(ShootPlan $plan, array $days): Edit
    {
        $left = array_column($days, 'id');
        $lost = array_filter($plan->setups, static fn (Setup $s): bool => $s->day !== null && ! in_array($s->day, $left, true));

        return new Edit(
            ['/brief/days' => $days] + array_fill_keys(array_map(static fn (Setup $s): string => "/setups/$s->id/day", $lost), null),
        );
    }

    /** A local time of the day as seconds of the epoch. */
    public function moment(Site $site, string $clock): float
    {
        return (float) (new \DateTimeImmutable("$this->date $clock", $site->zone))->getTimestamp();
    }

    /** A clock time within what is recorded, or nearest to it: past midnight it is the next day’s. */
    public function momentWithin(Site $site, string $clock): float
    {
        $moment = $this->moment($site, $clock);
        $window = $this->window($site);

        return $window !== null && $moment < $window[0] && $moment + self::DAY_S <= $window[1] ? $moment + self::DAY_S : $moment;
    }

    /** @return array{float, float}|null when is recorded, as seconds of the epoch; null where the date or the hours are open */
    public function window(Site $site): ?array
    {
        if ($this->date === '' || $this->from === '' || $this->to === '') {
            return null;
        }
        [$begins, $ends] = [$this->moment($site, $this->from), $this->moment($site, $this->to)];

        return [$begins, $ends > $begins ? $ends : $ends + self::DAY_S];
    }

    /** Whether both are on at one time, by hours that are written apart: those of one line follow one another through it. */
    public function meets(self $other): bool
    {
        [$mine, $theirs] = [$this->span(), $other->span()];

        return $this->pointer !== $other->pointer && $mine !== null && $theirs !== null && $mine[0] < $theirs[1] && $theirs[0] < $mine[1];
    }

    /** @return array{float, float}|null as the clock on the wall has it, whatever its zone */
    private function span(): ?array
    {
        return $this->window(Site::at(0.0, 0.0));
    }

    /** @return Edit|null other hours, written where these are; null where nobody has said any */
    public function moved(string $from, string $to): ?Edit
    {
        return $this->pointer === '' ? null : new Edit(["$this->pointer/from" => $from, "$this->pointer/to" => $to]);
    }
}
