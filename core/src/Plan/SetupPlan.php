<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Camera\Camera;
use FineFrame\Camera\CameraPlacement;
use FineFrame\Camera\Lens;
use FineFrame\Camera\Move;
use FineFrame\Geometry\Vec2;
use FineFrame\Sound\BoomPlacement;
use FineFrame\Space\Curtain;
use FineFrame\Space\Rooms;
use FineFrame\Staging\Body;
use FineFrame\Staging\Person;
use FineFrame\Staging\Role;

/** One setup with its references followed: whose lens, which room, what a person looks at. */
final readonly class SetupPlan
{
    /** @var array<string, Body> by person */
    public array $bodies;

    /** @var array<string, Camera> */
    public array $cameras;

    public Rooms $room;

    /** The place as it is in this setup. */
    public Location $place;

    public function __construct(public ShootPlan $plan, public Setup $setup, public Location $location)
    {
        $this->place = $location->as($setup);
        $this->room = $this->place->rooms;
        $bodies = $cameras = [];
        foreach ($setup->people as $person) {
            $bodies[$person->id] = Body::looking($person, $this->placeOf($person->looksAt), $this->room->standingAt($person->place));
        }
        foreach ($setup->cameras as $camera) {
            $cameras[$camera->id] = $this->equipped($camera);
        }
        [$this->bodies, $this->cameras] = [$bodies, $cameras];
    }

    /**
     * The same setup of the plan after a change.
     *
     * @throws \FineFrame\Document\InvalidDocument
     */
    public function after(Edit $edit): self
    {
        return $edit->applyTo($this->plan)->again($this);
    }

    /** @param  array<string, Curtain>  $curtains  by opening, drawn in this setup */
    public function drawing(array $curtains): Edit
    {
        return $this->location->drawing($this->setup, $curtains);
    }

    /** Whether people talk here; else they perform. */
    public function isTalk(): bool
    {
        return match ($this->setup->work) {
            Work::AsBriefed => $this->plan->brief->kind->isTalk(),
            Work::Talk => true,
            Work::Performance, Work::OneTake => false,
        };
    }

    public function hours(): RecordedHours
    {
        return $this->plan->hours($this->setup);
    }

    /**
     * The longest stretch that is recorded without a break, minutes: the take, the parts of the talk between breaks, else what the day
     * plans; null where nobody has said.
     */
    public function takeMinutes(): ?float
    {
        $takes = array_map(static fn (Move $m): float => $m->lastsS() / 60, $this->setup->moves);
        $run = $longest = 0.0;
        foreach ($this->setup->list('progress') as $part) {
            $run = ($part->flag('break_before') ? 0.0 : $run) + ($part->number('minutes') ?? 0.0);
            $longest = max($longest, $run);
        }
        // A move is part of what runs: only the parts of a talk say where it breaks.
        $whole = $longest > 0 ? $longest : ($this->hours()->minutes ?? 0.0);
        $planned = max([$whole, ...$takes]);

        return $planned > 0 ? $planned : null;
    }

    /** @return list<Person> */
    public function subjects(): array
    {
        return array_values(array_filter($this->setup->people, static fn (Person $p): bool => $p->role === Role::Subject));
    }

    /** Steeper than this a camera looks onto things, not into faces. */
    private const STEEP_RAD = 55 * M_PI / 180;

    /**
     * The body a camera is on: its aim's subject; aimed freely, the subject nearest to its axis whose eyes are in its frame. Null where it
     * is on a thing or a surface.
     */
    public function bodyFor(Camera $camera): ?Body
    {
        $aimed = $this->bodies[$camera->placement->aim->subject ?? ''] ?? null;
        if ($aimed !== null) {
            return $aimed;
        }
        $axis = Vec2::towards($camera->placement->aim->bearingRad);
        $off = static fn (Body $b): float => -$axis->dot($b->person->place->minus($camera->placement->place)->unit());
        $bodies = array_values(
            array_filter(
                array_map(fn (Person $p): Body => $this->bodies[$p->id], $this->subjects()),
                fn (Body $b): bool => $this->isFramed($camera, $b),
            ),
        );
        usort($bodies, static fn (Body $a, Body $b): int => $off($a) <=> $off($b));

        return $bodies[0] ?? null;
    }

    /** Whether a freely aimed camera has somebody's eyes in its frame, and looks at them rather than down on them. */
    private function isFramed(Camera $camera, Body $body): bool
    {
        $aim = $camera->placement->aim;
        $to = $body->eyes->minus($camera->pupil());
        $along = Vec2::towards($aim->bearingRad)->times(cos($aim->tiltRad))->at(sin($aim->tiltRad));
        $depth = $to->dot($along);
        if ($depth <= 0.0 || $aim->tiltRad < -self::STEEP_RAD) {
            return false;
        }
        $across = abs($to->floor()->cross(Vec2::towards($aim->bearingRad)));
        $up = sqrt(max(0.0, $to->dot($to) - $depth ** 2 - $across ** 2));

        return $across <= $camera->delivered->widthAt($depth) / 2 && $up <= $camera->delivered->heightAt($depth) / 2;
    }

    /** How many of a model are there and not taken, here or in what is on at the same time; null where nobody has counted. */
    public function left(string $model): ?int
    {
        $there = $this->plan->kit->stock->count($model, $this->hours()->date);
        $taken = array_merge(...array_map(SetupList::taken(...), [$this->setup, ...$this->plan->alongside($this->setup)]));

        return $there === null ? null : $there - count(array_filter($taken, static fn (array $one): bool => $one[1] === $model));
    }

    /** @return list<Lens> what to reach for besides what is on the cameras: what is ours first, and nothing that is all taken */
    public function glass(): array
    {
        return array_values(array_filter($this->plan->kit->glass(), fn (Lens $l): bool => ($this->left($l->id) ?? 1) > 0));
    }

    /** @return array<string, string> every thing that stands on the floor, as an edit addresses it */
    public function things(): array
    {
        $things = [];
        foreach (SetupList::standing() as $list) {
            foreach ($list->of($this->setup) as $thing) {
                $things[$thing->id] = "$list->value/$thing->id";
            }
        }

        return $things;
    }

    /** What people call a thing, a wall or an opening; its id when it has no name. */
    public function name(string $id): string
    {
        return $this->names()[$id] ?? $id;
    }

    /** @return array<string, string> the same of all that may be called by something */
    public function names(): array
    {
        $names = [];
        foreach ($this->setup->moves as $move) {
            $names[$move->id] = "rail of {$this->cameras[$move->camera]->placement->label}";
        }
        foreach ([$this->room->walls, $this->room->outlets, $this->room->openings, $this->room->built] as $things) {
            // Where two share an id, what comes first in the plan has it.
            foreach (array_reverse($things) as $thing) {
                $names[$thing->id] = $thing->name !== '' ? $thing->name : $thing->id;
            }
        }
        foreach (SetupList::placed() as $list) {
            foreach ($list->of($this->setup) as $thing) {
                $names[$thing->id] = SetupList::called($thing);
            }
        }

        return $names;
    }

    /** Whether somebody holds a boom: by what it is on, or since the brief says that someone booms. */
    public function isHeld(BoomPlacement $boom): bool
    {
        return $this->plan->kit->supports[$boom->stand]->kind->isCarried() || $this->plan->brief->facts->flag('boom_hand');
    }

    /** A and B: the first two cameras, in order. */
    public function camera(int $index): ?Camera
    {
        return array_values($this->cameras)[$index] ?? null;
    }

    private function placeOf(?string $id): ?Vec2
    {
        foreach ([...$this->setup->people, ...$this->setup->cameras] as $thing) {
            if ($thing->id === $id) {
                return $thing->place;
            }
        }

        return null;
    }

    private function equipped(CameraPlacement $camera): Camera
    {
        $kit = $this->plan->kit;

        return new Camera(
            $camera,
            $kit->bodies[$camera->body],
            $kit->lenses[$camera->lens],
            $camera->reducer === null ? null : $kit->reducers[$camera->reducer],
            $kit->supports[$camera->support],
            $this->plan->brief->aspect(),
            $camera->prompter === null ? null : $kit->prompters[$camera->prompter],
        );
    }
}
