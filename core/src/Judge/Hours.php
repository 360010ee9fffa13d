<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Sun\Site;

/** The hours that are recorded, moved to another part of the day. */
final class Hours
{
    /**
     * Moments of a window, evenly from its beginning on; its end is always one of them, however short it is.
     *
     * @param  array{float, float}  $window  seconds of the epoch
     * @return non-empty-list<float>
     */
    public static function every(array $window, float $stepS): array
    {
        $times = [];
        for ($time = $window[0]; $time < $window[1]; $time += $stepS) {
            $times[] = $time;
        }

        return [...$times, $window[1]];
    }

    /**
     * The setup’s hours, as long as they are, from another beginning on; a quarter of an hour is fine enough.
     *
     * @return list<Mend> none where no hours are said
     */
    public static function from(Situation $situation, Site $site, float $begin): array
    {
        $hours = $situation->setup->hours();
        $window = $hours->window($site);
        if ($window === null) {
            return [];
        }
        $begin = ceil($begin / 900) * 900;
        [$from, $to] = [$site->clock($begin), $site->clock($begin + $window[1] - $window[0])];
        $edit = $hours->moved($from, $to);

        return $edit === null ? [] : [new Mend('shift-hours', ['from' => $from, 'to' => $to], $edit)];
    }
}
