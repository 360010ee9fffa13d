<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Pack;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** What is due for cleaning or care before the day has had it. */
final class ServiceIsDone extends Rule
{
    public function id(): string
    {
        return 'service-is-done';
    }

    public function stage(): Stage
    {
        return Stage::Pack;
    }

    public function run(Situation $situation): iterable
    {
        $date = $situation->setup->hours()->date;
        foreach ($situation->pack()->list->items as $id => $item) {
            if ($item->due === '' || $date === '') {
                continue;
            }
            yield $this->finding(
                $item->due > $date ? Severity::Holds : Severity::Watch,
                ['thing' => $item->name, 'due' => $item->due],
                [(string) $id],
                new Working('its date against the day’s', ['day' => $date]),
            );
        }
    }
}
