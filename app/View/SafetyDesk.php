<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Judge\Cautions;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Verdicts;

/** Ways out, cautions and what is not as it should be yet: on the page and on the sheet that is read out before anybody rigs. */
final readonly class SafetyDesk
{
    /** Checks whose word bears on people or on the place. */
    private const CHECKS = [
        'everyone-gets-out', 'way-out-is-clear', 'walk-is-free', 'take-can-be-walked', 'nobody-is-under-it', 'hangs-where-it-may',
        'support-carries-its-load', 'stand-does-not-tip', 'frame-stands-in-the-wind', 'heavy-is-lifted-by-two', 'stand-fits-its-place',
        'circuit-carries-its-loads', 'mains-cable-is-out-of-the-way', 'hot-lamps-keep-their-distance', 'haze-is-there-in-time', 'joints-close',
    ];

    public function __construct(private Situation $situation, private Verdicts $verdicts, private Reader $reader, private Phrase $phrase)
    {
    }

    /** @return list<array{who: string, door: string, width: string, walk: string}> */
    public function ways(): array
    {
        $escape = $this->situation->escape();
        $rows = [];
        foreach ($escape === null ? [] : $escape->ofAll($this->situation->setup->bodies) as [$door, $way, $bodies]) {
            foreach ($bodies as $body) {
                $walk = $escape?->walk($body->person->place, $way->widthM);
                $rows[] = [
                    'who' => $body->person->name,
                    'door' => $this->situation->name($door),
                    'width' => $way->widthM > 0.0 ? $this->reader->metres($way->widthM) : 'no way out',
                    'walk' => $walk === null ? 'among things' : $this->reader->metres($walk[1]).' to '.$this->situation->name($walk[0]),
                ];
            }
        }

        return $rows;
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return array_map($this->phrase->caution(...), (new Cautions($this->situation))->all());
    }

    /** @return list<string> that a thing raises */
    public function about(string $id): array
    {
        return array_map($this->phrase->caution(...), (new Cautions($this->situation))->about($id));
    }

    /** @return list<array{severity: Severity, said: string, why: string}> what is not as it should be, the worst first */
    public function open(): array
    {
        $open = array_filter(
            $this->verdicts->findings,
            static fn (Finding $f): bool => $f->severity !== Severity::Holds && in_array($f->check, self::CHECKS, true),
        );

        return array_values(array_map(fn (Finding $f): array => [
            'severity' => $f->severity, 'said' => $this->phrase->finding($f), 'why' => $this->phrase->why($f),
        ], $open));
    }

    /** @return list<array{string, string}> what the place says of itself; empty lines are for pens */
    public function place(): array
    {
        $facts = $this->situation->setup->location->facts;

        return [
            ['Where', $facts->text('address')],
            ['Location contact', $facts->text('contact')],
            ['Emergency number here, nearest hospital', ''],
            ['First aider, and where the kit is', ''],
            ['Assembly point', ''],
            ['Detectors', $facts->text('detectors') ?: 'unknown'],
            ['Mobile signal', $facts->text('signal') ?: 'unknown'],
        ];
    }
}
