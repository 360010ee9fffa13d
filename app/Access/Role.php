<?php

declare(strict_types=1);

namespace App\Access;

/** Whom a link is for: which pages and papers it opens, and what stays away from it. */
enum Role: string
{
    case Crew = 'crew';
    case Sound = 'sound';
    case Venue = 'venue';
    case Client = 'client';
    case Editor = 'editor';

    /** @return array<string, list<string>> looks by stage, the first as it opens */
    public function pages(): array
    {
        return match ($this) {
            self::Crew => [
                'rundown' => ['hours', 'today', 'cues', 'live'], 'rig' => ['above', 'power', 'grip', 'safety', 'side', 'table'],
                'stage' => ['above'], 'cameras' => ['above', 'take', 'cover', 'table'], 'light' => ['above', 'list'],
                'sound' => ['above', 'tracks', 'radio'], 'scout' => ['ticks'], 'pack' => ['list', 'cases', 'out'],
                'roll' => ['ready', 'rolling', 'drill'], 'wrap' => ['restore', 'copies'],
            ],
            self::Sound => [
                'sound' => ['above', 'tracks', 'radio', 'room', 'side'], 'rundown' => ['hours', 'cues', 'live'],
                'roll' => ['ready', 'rolling', 'drill'],
            ],
            self::Venue => [
                'rig' => ['above', 'safety', 'power', 'table'], 'rundown' => ['hours'], 'wrap' => ['restore'],
            ],
            self::Client => ['cameras' => ['above', 'take'], 'rundown' => ['hours']],
            self::Editor => ['wrap' => ['edit'], 'cameras' => ['above', 'take', 'cover'], 'sound' => ['tracks'], 'roll' => ['rolling']],
        };
    }

    /** @return array<string, string> names of routes with the words of their links */
    public function papers(): array
    {
        return match ($this) {
            self::Crew => [
                'export.call' => 'Call sheet', 'export.cards' => 'Cards and cues', 'export.calendar' => 'Calendar',
                'export.sheet' => 'Setup sheet', 'export.pack' => 'Pack list', 'export.safety' => 'Safety sheet', 'export.sound' => 'Sound sheet',
            ],
            self::Sound => ['export.call' => 'Call sheet', 'export.sound' => 'Sound sheet', 'export.calendar' => 'Calendar'],
            self::Venue => ['export.safety' => 'Safety sheet', 'export.floor' => 'Floor (SVG)'],
            self::Client => ['export.contact' => 'Frames on one sheet'],
            self::Editor => ['export.contact' => 'Frames on one sheet'],
        };
    }

    /** @return list<string> what is asked for by its pages and is no page of its own */
    public function behind(): array
    {
        $all = ['pack.pages', 'version'];

        return match ($this) {
            self::Crew => [
                ...$all, 'log', 'photos.show', 'export.frame', 'export.floor', 'export.packTable', 'export.labels', 'export.day',
            ],
            self::Sound => [...$all, 'log', 'export.day'],
            self::Venue => [...$all, 'log'],
            self::Client => [...$all, 'export.frame'],
            self::Editor => [...$all, 'log', 'export.takes', 'export.frame', 'export.moment'],
        };
    }

    /** Whether one of this role may tick and mark at all: a client and an editor look on. */
    public function mayMark(): bool
    {
        return in_array($this, [self::Crew, self::Sound, self::Venue], true);
    }

    /** Whether what holds and breaks is theirs to read. */
    public function seesVerdicts(): bool
    {
        return in_array($this, [self::Crew, self::Sound], true);
    }

    /** Whether names come with how to reach them. */
    public function seesContacts(): bool
    {
        return in_array($this, [self::Crew, self::Sound], true);
    }
}
