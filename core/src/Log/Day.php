<?php

declare(strict_types=1);

namespace FineFrame\Log;

/** What a log comes to: takes with their times, flags and best source, and what is ticked. */
final class Day
{
    /** @var array<string, Take> by name, in byte order */
    public readonly array $takes;

    /** @var list<string> in byte order */
    public readonly array $ticked;

    /** @var list<string> ids of flags that fell between takes */
    public readonly array $loose;

    /** @var array<string, Mark> by item: the mark that says so */
    public readonly array $ticks;

    public function __construct(Log $log)
    {
        $takes = $ticks = $loose = $running = [];
        $isStarted = [];
        foreach ($log->standing() as $mark) {
            $isStarted += $mark->kind === 'start' ? [$mark->text('take') => true] : [];
        }
        foreach ($log->standing() as $mark) {
            $name = $mark->text('take');
            match ($mark->kind) {
                'start', 'end', 'best' => $takes[$name] ??= new Take($name, isset($isStarted[$name])),
                default => null,
            };
            if ($mark->kind === 'start' && $takes[$name]->start($log->at($mark->id))) {
                $running[] = $name;
            } elseif ($mark->kind === 'end' && $takes[$name]->end($log->at($mark->id))) {
                $running = array_values(array_diff($running, [$name]));
            } elseif ($mark->kind === 'best') {
                $takes[$name]->best = $mark->text('source');
            } elseif ($mark->kind === 'tick') {
                $ticks[$mark->text('item')] = $mark;
            } elseif ($mark->kind === 'flag') {
                $on = $name !== '' ? $name : $running[count($running) - 1] ?? '';
                if ($on === '') {
                    $loose[] = $mark->id;
                } else {
                    $takes[$on] ??= new Take($on, isset($isStarted[$on]));
                    $takes[$on]->flag($mark->text('flag'), $log->at($mark->id));
                }
            }
        }
        ksort($takes, SORT_STRING);
        $ticked = array_map(strval(...), array_keys(array_filter($ticks, static fn (Mark $m): bool => $m->flag('on'))));
        sort($ticked, SORT_STRING);
        [$this->takes, $this->ticked, $this->loose, $this->ticks] = [$takes, $ticked, $loose, $ticks];
    }
}
