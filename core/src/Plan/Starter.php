<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** A first plan to change: a plain room that nobody has measured yet, and a whole setup in it that holds there. */
final readonly class Starter
{
    private const CEILING_M = ['talk' => 2.7, 'stage' => 3.2];

    /** A floor's width and depth in metres: an interview with one or two, then performances by how many there are. */
    private const TALK_M = [1 => [5.0, 4.0], 2 => [6.0, 5.0]];

    private const STAGE_M = [1 => [5.5, 5.5], 2 => [6.5, 5.5], 3 => [7.0, 6.0], 4 => [8.0, 6.5]];

    private const DOOR = ['offset_m' => 0.3, 'width_m' => 0.85, 'head_m' => 2.0];

    private function __construct(private NewShoot $new, private StarterSetup $setup)
    {
    }

    public static function plan(NewShoot $new): ShootPlan
    {
        [$width, $depth] = $new->isTalk ? self::TALK_M[$new->people] : self::STAGE_M[$new->people];

        return (new self($new, new StarterSetup($new->isTalk, $new->people, $width, $depth)))->read($width, $depth);
    }

    private function read(float $widthM, float $depthM): ShootPlan
    {
        $walls = [];
        foreach (['south' => $widthM, 'east' => $depthM, 'north' => $widthM, 'west' => $depthM] as $name => $length) {
            $walls[] = ['id' => "wall-$name", 'name' => "$name wall", 'length_m' => $length, 'turn_deg' => 90, 'by' => 'sketch'];
        }
        $setup = $this->setup->write();

        return PlanReader::document([
            'format' => PlanReader::FORMAT,
            'version' => PlanReader::VERSION,
            'shoot' => array_filter(['id' => 'shoot', 'title' => $this->new->title, 'date' => $this->new->date]),
            'brief' => ['kind' => $this->new->kind()->value, 'days' => $this->days(), 'facts' => ['sync' => 'a clap', 'room_tone' => true]],
            'locations' => [['id' => 'place', 'name' => $this->new->place, 'space' => [
                'height_m' => self::CEILING_M[$this->new->isTalk ? 'talk' : 'stage'],
                'walls' => $walls,
                'openings' => [['id' => 'door', 'name' => 'door', 'kind' => 'door', 'wall' => 'wall-west'] + self::DOOR],
            ]]],
            'setups' => [$setup],
            'kit' => Kit::library()->write(),
            'assumed' => array_fill_keys([...$this->ofThePlace(), ...$this->setup->assumed()], true),
        ]);
    }

    /** @return list<array<string, string>> */
    private function days(): array
    {
        $when = array_filter(['date' => $this->new->date, 'from' => $this->new->from, 'to' => $this->new->to]);

        return $when === [] ? [] : [['id' => 'day-1', 'name' => $this->new->isTalk ? 'Interview' : 'Performance'] + $when];
    }

    /** @return list<string> a sketched wall says itself that it is one */
    private function ofThePlace(): array
    {
        $at = '/locations/place/space';

        return ["$at/height_m", ...array_map(static fn (string $field): string => "$at/openings/door/$field", array_keys(self::DOOR))];
    }
}
