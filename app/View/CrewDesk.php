<?php

declare(strict_types=1);

namespace App\View;

use App\Plans\Cards\Choices;
use FineFrame\Camera\Camera;
use FineFrame\Camera\Mark;
use FineFrame\Camera\Move;
use FineFrame\Document\Record;
use FineFrame\Judge\DayPlan;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Setup;
use FineFrame\Plan\SetupPlan;
use FineFrame\Rundown\Clock;
use FineFrame\Rundown\SongCue;
use FineFrame\Sun\SunDay;

/** Who works on the day, when they are called, and what each is at: the call sheet and a card for each of them. */
final readonly class CrewDesk
{
    public ?DayPlan $day;

    public function __construct(private Situation $situation, private Reader $reader)
    {
        $this->day = $situation->day();
    }

    /** @return list<array{name: string, does: string, call: string, until: string, contact: string}> those listed, and whoever else is named */
    public function calls(): array
    {
        $call = $this->day === null ? '' : Clock::said($this->day->callMin);
        $rows = [];
        foreach ($this->people() as $name => $row) {
            $rows[] = [
                'name' => $name,
                'does' => $row?->text('does') ?? '',
                'call' => $row?->text('from') ?: $call,
                'until' => $row?->text('to') ?? '',
                'contact' => $row?->text('contact') ?? '',
            ];
        }

        return $rows;
    }

    /**
     * @return list<array{name: string, does: string, call: string, posts: list<array{setup: string, when: string, what: string, how: string}>,
     *     cues: list<array{setup: string, at: string, what: string, where: string, count: string}>}> a card for each
     */
    public function cards(): array
    {
        $cards = [];
        foreach ($this->calls() as $person) {
            [$posts, $cues] = [[], []];
            foreach ($this->situation->setup->plan->setups as $setup) {
                $of = $this->in($setup);
                array_push($posts, ...$this->posts($of, $person['name']));
                array_push($cues, ...$this->cues($of, $person['name']));
            }
            ['name' => $name, 'does' => $does, 'call' => $call] = $person;
            $cards[] = ['name' => $name, 'does' => $does, 'call' => $call, 'posts' => $posts, 'cues' => $cues];
        }

        return $cards;
    }

    /** @return list<array{string, string}> what the sheet says of the day and the location; what nobody has said is left out */
    public function facts(): array
    {
        [$setup, $day] = [$this->situation->setup, $this->day];
        $facts = $setup->location->facts;
        $sun = $day === null || $setup->location->site === null ? null : SunDay::of($setup->location->site, $day->date);
        $clock = static fn (?float $time): string => $time === null || $sun === null ? '' : $sun->site->clock($time);
        $ours = array_filter([$facts->text('in_from'), $facts->text('out_by')]);

        return array_values(array_filter([
            ['Location', $setup->location->name],
            ['Address', $facts->text('address')],
            ['Contact', $facts->text('contact')],
            ['Access from, until', implode(' to ', $ours)],
            ['Parking', $facts->text('parking')],
            ['Carrying distance', $facts->number('carry_m') === null ? '' : $this->reader->metres($facts->number('carry_m'))],
            ['Sun up, down', $sun?->sunrise === null || $sun->sunset === null ? '' : $clock($sun->sunrise).' to '.$clock($sun->sunset)],
            ['Dark from', $clock($sun?->civilDusk)],
        ], static fn (array $f): bool => $f[1] !== ''));
    }

    /** @return list<array{name: string, plays: string, notes: string}> */
    public function cast(): array
    {
        return array_map(static fn (Record $r): array => [
            'name' => $r->text('name'), 'plays' => $r->text('plays'), 'notes' => $r->text('notes'),
        ], $this->situation->setup->plan->brief->list('cast'));
    }

    /** @return list<array{what: string, who: string, due: string, state: string}> what the location has not agreed to yet */
    public function asked(): array
    {
        $asked = $this->situation->setup->location->list('askings');
        $open = array_filter($asked, static fn (Record $r): bool => $r->text('state') !== 'agreed');

        return array_values(array_map(static fn (Record $r): array => [
            'what' => $r->text('name') ?: $r->text('about'), 'who' => $r->text('who'), 'due' => $r->text('due'), 'state' => $r->text('state'),
        ], $open));
    }

    /** @return array<string, Record|null> the crew in order, then whoever stands at a camera or helps and is not listed */
    private function people(): array
    {
        $people = [];
        foreach ($this->situation->setup->plan->brief->list('crew') as $row) {
            $people[$row->text('name')] = $row;
        }
        foreach ($this->situation->setup->plan->setups as $setup) {
            foreach ([...array_column($setup->cameras, 'operator'), ...array_column($setup->moves, 'helper')] as $name) {
                $people += $name === '' ? [] : [$name => null];
            }
        }

        return $people;
    }

    private function in(Setup $setup): Situation
    {
        $here = $this->situation->setup;

        return $setup->id === $here->setup->id ? $this->situation : new Situation($here->plan->setup($setup->id));
    }

    /** @return list<array{setup: string, when: string, what: string, how: string}> */
    private function posts(Situation $of, string $who): array
    {
        [$setup, $posts] = [$of->setup, []];
        $post = fn (string $what, string $how): array => [
            'setup' => $setup->setup->name, 'when' => $this->when($setup), 'what' => $what, 'how' => $how,
        ];
        foreach ($setup->cameras as $camera) {
            if (self::is($camera->placement->operator, $who)) {
                $posts[] = $post('camera '.$camera->placement->label, $this->how($camera, $setup));
            }
        }
        foreach ($setup->setup->moves as $move) {
            if (self::is($move->helper, $who)) {
                $posts[] = $post('beside '.$of->name($move->camera), self::marks($move));
            }
        }
        $watched = array_filter(
            [...$setup->setup->list('recorders'), ...$setup->setup->list('tracks')],
            static fn (Record $r): bool => self::is($r->text('watched_by'), $who),
        );
        if ($watched !== []) {
            $names = implode(', ', array_unique(array_map(static fn (Record $r): string => $r->text('name'), $watched)));
            $posts[] = $post('listens', $names);
        }

        return $posts;
    }

    private function how(Camera $camera, SetupPlan $setup): string
    {
        return implode(', ', array_filter([
            Choices::shown($camera->placement->role->value),
            $camera->lens->name,
            $this->reader->print(Quantity::of($camera->placement->tStop, Unit::TStop)),
            'ISO '.round($setup->setup->metering->iso),
            $camera->support->name,
        ]));
    }

    private static function marks(Move $move): string
    {
        return implode('; ', array_map(
            static fn (Mark $mark): string => sprintf('%d:%02d %s', intdiv((int) $mark->atS, 60), (int) $mark->atS % 60, $mark->name),
            $move->marks,
        ));
    }

    /** @return list<array{setup: string, at: string, what: string, where: string, count: string}> */
    private function cues(Situation $of, string $who): array
    {
        return array_values(array_map(static fn (SongCue $c): array => [
            'setup' => $of->setup->setup->name,
            'at' => sprintf('%d:%02d', intdiv((int) round($c->atS), 60), (int) round($c->atS) % 60),
            'what' => $c->name,
            'where' => $c->section.($c->bar === null ? '' : ", bar $c->bar"),
            'count' => $c->countS <= 0.0 ? '' : round($c->countS, 1).' s before',
        ], array_filter($of->song()->cues(), static fn (SongCue $c): bool => self::is($c->who, $who))));
    }

    private function when(SetupPlan $setup): string
    {
        $take = "take/{$setup->setup->id}";

        return $this->day === null || ! isset($this->day->tasks[$take])
            ? ''
            : Clock::said($this->day->startsAt($take)).'–'.Clock::said($this->day->endsAt($take));
    }

    private static function is(string $name, string $who): bool
    {
        return $name !== '' && mb_strtolower($name) === mb_strtolower($who);
    }
}
