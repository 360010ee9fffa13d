<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Pack;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** What is borrowed or hired and goes back right after the day is written down before it is forgotten. */
final class LoansGoBackInTime extends Rule
{
    private const SOON_DAYS = 2;

    public function id(): string
    {
        return 'loans-go-back-in-time';
    }

    public function stage(): Stage
    {
        return Stage::Pack;
    }

    public function run(Situation $situation): iterable
    {
        $date = $situation->setup->hours()->date;
        $kit = $situation->setup->plan->kit;
        foreach ($date === '' ? [] : $kit->stock->rows as $row) {
            $until = $row->text('until');
            if ($until === '' || $until < $date || ! isset($situation->pack()->list->items[$row->text('model')])) {
                continue;
            }
            $days = (int) (new \DateTimeImmutable($date))->diff(new \DateTimeImmutable($until))->days;
            yield $this->finding(
                $days > self::SOON_DAYS ? Severity::Holds : Severity::Watch,
                ['thing' => $kit->name($row->text('model')), 'until' => $until, 'from' => $row->text('from') ?: 'whoever lent it'],
                [$row->text('model')],
                new Working('days from the day to its last', ['days' => (string) $days]),
            );
        }
    }
}
