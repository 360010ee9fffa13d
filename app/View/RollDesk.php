<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Document\Record;
use FineFrame\Judge\Drill;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Ready;
use FineFrame\Judge\ReadyStep;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Verdicts;
use FineFrame\Rundown\Clock;
use FineFrame\Sun\SunDay;

/** Before a setup rolls, while it rolls, and when something fails. */
final readonly class RollDesk
{
    /** Marks of one tap, in the order of the thumb. */
    public const FLAGS = ['good', 'problem', 'sync', 'overlap', 'noise', 'sun', 'expression'];

    private Ready $ready;

    public function __construct(private Situation $situation, private Verdicts $verdicts, private Judge $judge, private Phrase $phrase)
    {
        $this->ready = new Ready($situation);
    }

    /** @return list<array{title: string, steps: list<array{item: string, says: string, blockers: list<string>}>}> */
    public function ready(): array
    {
        $step = fn (ReadyStep $s): array => [
            'item' => "ready/{$this->situation->setup->setup->id}/{$this->situation->setup->hours()->date}/$s->id",
            'says' => self::said("ready.steps.$s->kind", $s->arguments),
            'blockers' => array_map(fn (Finding $f): string => $this->phrase->finding($f), $s->blockers($this->verdicts)),
        ];

        return array_values(array_filter([
            ['title' => 'Before rolling', 'steps' => array_map($step, $this->ready->before())],
            ['title' => 'After', 'steps' => array_map($step, $this->ready->after())],
        ], static fn (array $l): bool => $l['steps'] !== []));
    }

    /** @return array<string, string> */
    public function things(): array
    {
        return $this->ready->things();
    }

    /** @return array{breaks: list<array{says: string, mend: string}>, watches: list<string>, holds: int}|null */
    public function drill(string $thing): ?array
    {
        $drill = Drill::without($this->judge, $this->situation->setup, $this->verdicts, $thing);

        return $drill === null ? null : [
            'breaks' => array_map(fn (array $b): array => [
                'says' => $this->phrase->finding($b['finding']),
                'mend' => $b['mend'] instanceof Mend ? $this->phrase->mend($b['mend']) : '',
            ], $drill->breaks),
            'watches' => array_map($this->phrase->finding(...), $drill->watches),
            'holds' => $drill->holds,
        ];
    }

    /** @return list<array{name: string, steps: list<string>}> for each track, what to try one thing at a time when nothing comes */
    public function chains(): array
    {
        return array_map(function (Record $track): array {
            $link = $track->text('link');
            $isWireless = $track->text('through') === 'a wireless link';

            $name = $this->situation->name($track->text('voice')).', '.$track->text('source');

            return ['name' => $name, 'steps' => array_values(array_filter([
                'Headphones in '.$track->text('recorder').': input armed, the right one, gain up?',
                'Plug a working microphone into the same input. If you hear it, the fault is the microphone or its cable.',
                $isWireless
                    ? "Link $link: on, charged, same frequency at both ends, not muted? Does the receiver’s meter move?"
                    : 'Swap the cable, end to end.',
                $track->text('through') === 'a cable' ? 'Phantom power, if the microphone needs it.' : '',
                'Plug the same microphone into another input. If you hear it, the fault was the input. Set aside what failed.',
            ]))];
        }, $this->situation->setup->setup->list('tracks'));
    }

    /**
     * What the rolling page runs by: what a card and a clip last, and what comes at which clock.
     *
     * @return array<string, mixed>
     */
    public function running(): array
    {
        $clips = [];
        foreach ($this->situation->setup->cameras as $camera) {
            $limit = $camera->mode->limitMin ?? 0.0;
            if ($limit > 0.0) {
                $clips[] = ['name' => 'clip of '.$camera->placement->label, 'minutes' => $limit];
            }
        }

        return [
            'setup' => $this->situation->setup->setup->name,
            'fps' => (new CueDesk($this->situation))->timecode->fps(),
            'cards' => $this->cards(),
            'clips' => $clips,
            'coming' => $this->coming(),
            'sources' => array_values(array_unique(array_map(
                static fn (Record $t): string => $t->text('source') ?: $t->text('name'), $this->situation->setup->setup->list('tracks'),
            ))),
            'topics' => array_map(static fn (Record $t): array => [
                'id' => $t->id, 'name' => $t->text('name'), 'picture' => $t->text('picture'),
            ], $this->situation->setup->plan->brief->list('topics')),
        ];
    }

    /** @return list<array{name: string, minutes: float}> how long the largest card lasts in each camera */
    private function cards(): array
    {
        $largest = max([0.0, ...array_map(
            static fn (Record $c): float => $c->text('holds') === 'pictures' ? ($c->number('gb') ?? 0.0) : 0.0,
            $this->situation->setup->plan->brief->list('cards'),
        )]);
        $cards = [];
        foreach ($this->situation->setup->cameras as $camera) {
            $mbps = $camera->mode->mbps ?? 0.0;
            if ($largest > 0.0 && $mbps > 0.0) {
                $cards[] = ['name' => 'card of '.$camera->placement->label, 'minutes' => round($largest * 8000 / $mbps / 60, 1)];
            }
        }

        return $cards;
    }

    /** @return list<array{at: int, what: string}> minutes of the clock there at which the light or the quiet turns */
    private function coming(): array
    {
        $location = $this->situation->setup->location;
        $coming = [];
        foreach ($location->list('noise') as $noise) {
            foreach (['runs_from' => 'begins', 'runs_to' => 'ends'] as $column => $word) {
                if ($noise->text($column) !== '') {
                    $coming[] = ['at' => Clock::minute($noise->text($column)), 'what' => $noise->text('name')." $word"];
                }
            }
        }
        $date = $this->situation->setup->hours()->date;
        $sun = $location->site === null || $date === '' ? null : SunDay::of($location->site, $date);
        foreach (['sunrise' => $sun?->sunrise, 'sunset' => $sun?->sunset, 'dark' => $sun?->civilDusk] as $what => $time) {
            if ($sun !== null && $time !== null) {
                $coming[] = ['at' => Clock::minute($sun->site->clock($time)), 'what' => $what];
            }
        }
        sort($coming);

        return $coming;
    }

    /** @param  array<string, string>  $arguments */
    public static function said(string $key, array $arguments = []): string
    {
        $words = __($key, $arguments);

        return is_string($words) ? $words : $key;
    }
}
