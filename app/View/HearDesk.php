<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\Hearing;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Edit;
use FineFrame\Sound\Ear;

/** What each microphone hears, to be listened to: as it is placed, and as a mend would have it. */
final readonly class HearDesk
{
    public function __construct(private Situation $situation, private Phrase $phrase, private Reader $reader)
    {
    }

    /**
     * @return list<array{id: string, person: string, name: string, as: string, direct: string, room: string, first: string, rings: string, gain: float, noise: float|null, edit: string}>
     *     each microphone with whom it is for, and booms where they could hang
     */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->situation->heard() as $id => [$ear, $voice]) {
            $rows[] = $this->row($this->situation, (string) $id, $voice->person, 'as placed', null);
            foreach ($ear->isBoom() ? Moves::boomNearest($this->situation, (string) $id) : [] as $mend) {
                $after = $this->situation->after($mend->edit);
                $rows[] = $this->row($after, (string) $id, $voice->person, $this->phrase->mend($mend), $mend->edit);
            }
        }

        return array_values(array_filter($rows));
    }

    /**
     * Why nothing can be heard; empty where something can.
     *
     * @param  list<mixed>  $rows  what can
     */
    public function silence(array $rows): string
    {
        return match (true) {
            $this->situation->heard() === [] => 'No microphone is assigned to anyone yet.',
            ! $this->situation->setup->location->space->surfaces->isKnown() => 'Set floor, wall and ceiling materials in Measure.',
            $rows === [] => 'No ceiling: outdoors there is only direct sound.',
            default => '',
        };
    }

    /**
     * @return array{id: string, person: string, name: string, as: string, direct: string, room: string, first: string, rings: string, gain: float, noise: float|null, edit: string}|null
     */
    private function row(Situation $situation, string $id, string $person, string $as, ?Edit $edit): ?array
    {
        [$ear, $voice] = $situation->heard()[$id] ?? [null, null];
        $hearing = $ear === null || $voice === null ? null : Hearing::of($situation, $ear, $voice);
        if ($ear === null || $hearing === null) {
            return null;
        }
        $db = fn (float $value): string => $this->reader->print(Quantity::of($value, Unit::Decibel));
        $first = $hearing->firstMs();

        return [
            'id' => $id,
            'person' => $person,
            'name' => $this->named($ear, $hearing->voice->name),
            'as' => $as,
            'direct' => $db($hearing->directDb()),
            'room' => $db($hearing->overRoomDb()),
            'first' => $first === null ? 'nothing' : round($first, 1).' ms',
            'rings' => $this->reader->print(Quantity::of($situation->place()->sound()->speechTime(), Unit::Second)),
            'gain' => round($hearing->directDb(), 2),
            'noise' => $hearing->noiseDb($situation) === null ? null : round($hearing->noiseDb($situation), 2),
            'edit' => $edit === null ? '' : (string) json_encode($edit->values),
        ];
    }

    private function named(Ear $ear, string $voice): string
    {
        return "$ear->name, for $voice";
    }
}
