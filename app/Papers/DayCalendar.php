<?php

declare(strict_types=1);

namespace App\Papers;

use App\View\DayDesk;
use FineFrame\Judge\DayPlan;
use FineFrame\Plan\SetupPlan;
use Sabre\VObject\Component\VCalendar;

/** The day as a calendar others can read (RFC 5545): an event for each task, an alarm before the call and before each recording. */
final readonly class DayCalendar
{
    private const ALARM = '-PT15M';

    private const PRODUCT = '-//Fine Frame//Rundown//EN';

    private const STAMP = 'Ymd\THis';

    public function __construct(private SetupPlan $setup, private DayPlan $day, private string $shoot)
    {
    }

    public function written(\DateTimeImmutable $now): string
    {
        $zone = $this->setup->location->site?->zone;
        $calendar = new VCalendar(['PRODID' => self::PRODUCT, 'X-WR-CALNAME' => $this->setup->plan->shoot->title]);
        if ($zone !== null) {
            $this->addZone($calendar, $zone);
        }
        $first = array_key_first($this->day->tasks);
        foreach ($this->day->tasks as $id => $task) {
            $event = $calendar->createComponent('VEVENT', [
                'UID' => sha1("$this->shoot/{$this->day->date}/$id").'@fine-frame',
                'SUMMARY' => DayDesk::called($task),
                'DTSTAMP' => $now->setTimezone(new \DateTimeZone('UTC')),
            ]);
            $calendar->add($event);
            foreach (['DTSTART' => $this->day->startsAt($id), 'DTEND' => $this->day->endsAt($id)] as $name => $minute) {
                // Without a zone it is the clock of whoever is there.
                $event->add($name, $this->local($minute), $zone === null ? [] : ['TZID' => $zone->getName()]);
            }
            if ($task->place !== '') {
                $location = $this->setup->plan->location($task->place);
                $event->add('LOCATION', implode(', ', array_filter([$location->name, $location->facts->text('address')])));
            }
            if ($task->kind === 'take' || $id === $first) {
                $event->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => self::ALARM, 'DESCRIPTION' => DayDesk::called($task)]);
            }
        }

        return $calendar->serialize();
    }

    /** By the clock there; past midnight it is the next day’s. */
    private function local(int $minute): string
    {
        $midnight = new \DateTimeImmutable($this->day->date.' 00:00', new \DateTimeZone('UTC'));

        return $midnight->modify("+$minute minutes")->format(self::STAMP);
    }

    /** The zone’s changes over the year around the day, as the calendar itself must carry them. */
    private function addZone(VCalendar $calendar, \DateTimeZone $zone): void
    {
        $day = new \DateTimeImmutable($this->day->date, $zone);
        $all = $zone->getTransitions($day->getTimestamp() - 366 * 86_400, $day->getTimestamp() + 366 * 86_400) ?: [];
        $part = $calendar->createComponent('VTIMEZONE', ['TZID' => $zone->getName()], false);
        foreach ($all as $i => $change) {
            $before = $all[$i - 1]['offset'] ?? $change['offset'];
            $one = $calendar->createComponent($change['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                'DTSTART' => gmdate(self::STAMP, $change['ts'] + $before),
                'TZOFFSETFROM' => self::offset($before),
                'TZOFFSETTO' => self::offset($change['offset']),
                'TZNAME' => $change['abbr'],
            ], false);
            $part->add($one);
        }
        $calendar->add($part);
    }

    private static function offset(int $seconds): string
    {
        return sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv(abs($seconds), 3600), intdiv(abs($seconds), 60) % 60);
    }
}
