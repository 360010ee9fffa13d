<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Plan\Edit;
use FineFrame\Sun\Site;

/** The hours that are recorded, moved to another part of the day. */
final class Hours
{
    /**
     * The first day’s hours, as long as they are, from another beginning on; a quarter of an hour is fine enough.
     *
     * @return list<Mend> none where no hours are said
     */
    public static function from(Situation $situation, Site $site, float $begin): array
    {
        $day = $situation->setup->plan->brief->day();
        $window = $situation->setup->plan->recorded($site);
        if ($day === null || $window === null) {
            return [];
        }
        $begin = ceil($begin / 900) * 900;
        $from = $site->clock($begin);

        return [new Mend('shift-hours', ['from' => $from, 'to' => $site->clock($begin + $window[1] - $window[0])], new Edit(["/brief/days/$day->id/from" => $from, "/brief/days/$day->id/to" => $site->clock($begin + $window[1] - $window[0])]))];
    }
}
