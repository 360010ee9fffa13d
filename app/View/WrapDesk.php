<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Document\Record;
use FineFrame\Format\Edl\CutList;
use FineFrame\Format\Vtt\Captions;
use FineFrame\Judge\Situation;
use FineFrame\Log\Take;
use FineFrame\Rundown\Timecode;
use FineFrame\Staging\Furniture;

/** What goes back, what is outstanding, which copies are good, and what the edit is told. */
final readonly class WrapDesk
{
    /** A mark lasts so long in subtitles, s. */
    private const MARK_S = 2.0;

    private const COLOURS = [
        'good' => 'green', 'problem' => 'red', 'sync' => 'blue', 'noise' => 'yellow', 'sun' => 'yellow', 'overlap' => 'yellow',
    ];

    /** @param  array{ticks: array<string, array{on: bool, who: string, at: float, why: string}>, takes: list<Take>}  $state */
    public function __construct(private Situation $situation, private array $state, private Reader $reader)
    {
    }

    /** @return list<array{title: string, items: list<array{id: string, name: string, more: string, waive: string}>}> lists with something in them */
    public function lists(): array
    {
        $setup = $this->situation->setup;
        $moved = array_filter($setup->setup->furniture, static fn (Furniture $f): bool => $f->isMoved());

        return array_values(array_filter([
            ['title' => 'Outstanding', 'items' => $this->outstanding()],
            ['title' => 'Back in place', 'items' => array_values(array_map(fn (Furniture $f): array => $this->item(
                "restore/{$setup->setup->id}/$f->id",
                $f->name,
                $f->found === null ? '' : 'to '.$this->reader->metres($f->found->x).' across, '.$this->reader->metres($f->found->y).' up',
            ), $moved))],
            ['title' => 'The location', 'items' => [
                $this->item("wrap/{$setup->location->id}/tape", 'Tape and marks off the floor, walls checked'),
                $this->item("wrap/{$setup->location->id}/house", 'Heating, fridges, alarms and lamps back on'),
                $this->item("wrap/{$setup->location->id}/walk", 'Walked through with the owner, damage noted'),
            ]],
        ], static fn (array $l): bool => $l['items'] !== []));
    }

    /** Whether nothing is outstanding that nobody has done or waived. */
    public function isDone(): bool
    {
        return array_filter($this->outstanding(), fn (array $i): bool => ! $this->isOn($i['id']) && ! $this->isOn($i['waive'])) === [];
    }

    /** @return list<array{take: string, lasts: string, flags: string, best: string, isGood: bool}> of every setup, as they were */
    public function takes(): array
    {
        return array_map(static fn (Take $t): array => [
            'take' => $t->name,
            'lasts' => $t->startMs === null || $t->endMs === null ? '' : self::clock(($t->endMs - $t->startMs) / 1000),
            'flags' => implode(', ', $t->flags),
            'best' => $t->best ?? '',
            'isGood' => in_array('good', $t->flags, true),
        ], $this->inOrder());
    }

    /** @return list<array{topic: string, said: int, picture: string, place: string, isTaken: bool}> pictures that topics ask for */
    public function pictures(): array
    {
        return array_map(fn (Record $t): array => [
            'topic' => $t->text('name'),
            'said' => $this->spokenOf('topic: '.$t->text('name')),
            'picture' => $t->text('picture'),
            'place' => $t->text('place'),
            'isTaken' => $this->isOn("picture/$t->id"),
        ], $this->situation->setup->plan->brief->list('topics'));
    }

    /** @return list<string> markers for editing programs, each at its time since the first take began */
    public function markers(string $rate): array
    {
        $marks = array_map(static fn (array $m): array => [
            'atS' => $m['atS'], 'text' => $m['text'], 'colour' => self::COLOURS[$m['flag']] ?? 'white',
        ], $this->marks());

        return CutList::markers($this->situation->setup->plan->shoot->title, Timecode::at($rate), '01:00:00:00', $marks)->lines();
    }

    /** @return list<string> */
    public function captions(): array
    {
        return Captions::lines(array_map(static fn (array $m): array => [
            'atS' => $m['atS'], 'lengthS' => null, 'text' => $m['text'],
        ], $this->marks()), Timecode::at('25'), '00:00:00:00', self::MARK_S);
    }

    /** @return list<list<string>> take, since it began, mark, best sound */
    public function table(): array
    {
        $rows = [];
        foreach ($this->inOrder() as $take) {
            $best = $take->best ?? '';
            $rows[] = [$take->name, '0.0', $take->startMs === null ? '' : gmdate('H:i:s', (int) ($take->startMs / 1000)), 'begins', $best];
            foreach ($take->marks as $mark) {
                $since = $take->startMs === null ? '' : sprintf('%.1f', ($mark['atMs'] - $take->startMs) / 1000);
                $rows[] = [$take->name, $since, gmdate('H:i:s', (int) ($mark['atMs'] / 1000)), $mark['flag'], $best];
            }
        }

        return $rows;
    }

    /** @return list<string> */
    public function cards(): array
    {
        $names = [];
        foreach ($this->situation->setup->plan->brief->list('cards') as $row) {
            for ($i = 1; $i <= (int) ($row->number('count') ?? 1.0); $i++) {
                $names[] = $row->text('name').(($row->number('count') ?? 1.0) > 1.0 ? " $i" : '');
            }
        }

        return $names;
    }

    /** @return list<string> */
    public function drives(): array
    {
        return array_map(static fn (Record $d): string => $d->text('name'), $this->situation->setup->plan->brief->list('drives'));
    }

    /** @return list<array{id: string, name: string, more: string, waive: string}> what is recorded besides, until done or waived with a reason */
    private function outstanding(): array
    {
        $setup = $this->situation->setup;
        $items = [];
        if ($setup->plan->brief->facts->flag('room_tone')) {
            $items[] = $this->item("tone/{$setup->setup->id}", 'Room tone, half a minute', $setup->location->name);
        }
        foreach ($setup->plan->brief->list('topics') as $topic) {
            if ($topic->text('picture') !== '') {
                $where = implode(', ', array_filter([$topic->text('name'), $topic->text('place')]));
                $items[] = $this->item("picture/$topic->id", $topic->text('picture'), $where);
            }
        }

        return $items;
    }

    /** @return array{id: string, name: string, more: string, waive: string} */
    private function item(string $id, string $name, string $more = ''): array
    {
        return ['id' => $id, 'name' => $name, 'more' => $more, 'waive' => "waive/$id"];
    }

    /** In how many takes. */
    private function spokenOf(string $flag): int
    {
        return count(array_filter($this->state['takes'], static fn (Take $t): bool => in_array($flag, $t->flags, true)));
    }

    private function isOn(string $item): bool
    {
        return $this->state['ticks'][$item]['on'] ?? false;
    }

    /** @return list<Take> */
    private function inOrder(): array
    {
        $takes = $this->state['takes'];
        usort($takes, static fn (Take $a, Take $b): int => [$a->startMs ?? INF, $a->name] <=> [$b->startMs ?? INF, $b->name]);

        return $takes;
    }

    /** @return list<array{atS: float, flag: string, text: string}> since the first take began */
    private function marks(): array
    {
        $marks = [];
        $takes = $this->inOrder();
        $first = $takes[0]->startMs ?? 0.0;
        foreach (($takes[0] ?? null)?->startMs === null ? [] : $takes as $take) {
            if ($take->startMs !== null) {
                $marks[] = ['atS' => self::since($take->startMs, $first), 'flag' => 'take', 'text' => $take->name];
            }
            foreach ($take->marks as $mark) {
                $marks[] = ['atS' => self::since($mark['atMs'], $first), 'flag' => $mark['flag'], 'text' => "$take->name: {$mark['flag']}"];
            }
        }

        return $marks;
    }

    /** Seconds to the millisecond, as clocks of devices are. */
    private static function since(float $ms, float $first): float
    {
        return max(0.0, round($ms - $first) / 1000);
    }

    private static function clock(float $seconds): string
    {
        return sprintf('%d:%02d', intdiv((int) round($seconds), 60), (int) round($seconds) % 60);
    }
}
