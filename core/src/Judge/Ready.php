<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Plan\SetupList;

/**
 * What is done before a setup rolls, always in the same order: out of the frames first, then what gives light, then pictures, then sound,
 * then the room; and what is put on again after.
 */
final readonly class Ready
{
    private const FRAMES = [
        'frame-is-clear', 'take-stays-clean', 'boom-stays-out-of-frame', 'mains-cable-stays-out-of-frame', 'reflections-are-clear',
    ];

    public function __construct(private Situation $situation)
    {
    }

    /** @return list<ReadyStep> */
    public function before(): array
    {
        return [
            new ReadyStep('frames', 'frames', [], self::FRAMES),
            ...$this->house('house'),
            ...$this->lamps(),
            ...$this->haze(),
            ...$this->cameras(),
            ...$this->tracks(),
            ...$this->noises('noise'),
            new ReadyStep('phones', 'phones'),
            new ReadyStep('listen', 'listen', [], ['voice-stands-over-the-noise']),
            new ReadyStep('slate', 'slate', ['how' => $this->situation->setup->plan->brief->facts->text('sync')]),
        ];
    }

    /** @return list<ReadyStep> what was put off is put on again */
    public function after(): array
    {
        return [...$this->noises('noise-back'), ...$this->house('house-back')];
    }

    /** @return list<ReadyStep> lamps of the place, as this setup has them */
    private function house(string $kind): array
    {
        $steps = [];
        foreach ($this->situation->setup->place->list('colour') as $lamp) {
            if (! in_array($lamp->text('plan'), ['', 'undecided', 'keep as it is'], true)) {
                $steps[] = new ReadyStep("$kind/$lamp->id", $kind, [
                    'lamp' => $lamp->text('name'), 'plan' => $lamp->text('plan'),
                ], ['room-lamps-are-as-chosen']);
            }
        }

        return $steps;
    }

    /** @return list<ReadyStep> */
    private function lamps(): array
    {
        $steps = [];
        foreach ($this->situation->setup->setup->lights as $lamp) {
            $steps[] = new ReadyStep("lamp/$lamp->id", 'lamp', [
                'lamp' => $lamp->name, 'dim' => round(100 * $lamp->dimmer).' %',
            ], ['key-gives-the-stop', 'stand-does-not-tip', 'circuit-carries-its-loads'], $lamp->id);
        }

        return $steps;
    }

    /** @return list<ReadyStep> */
    private function haze(): array
    {
        return array_map(static fn (Record $h): ReadyStep => new ReadyStep("haze/$h->id", 'haze', [
            'hazer' => $h->text('name'), 'from' => $h->text('from') ?: 'in time',
        ], ['haze-is-there-in-time']), $this->situation->setup->setup->list('hazers'));
    }

    /** @return list<ReadyStep> */
    private function cameras(): array
    {
        $steps = [];
        $stills = $this->situation->setup->setup->metering;
        foreach ($this->situation->setup->cameras as $id => $camera) {
            $steps[] = new ReadyStep("camera/$id", 'camera', [
                'camera' => $camera->placement->label, 'iso' => (string) round($stills->iso),
                'stop' => 'T'.round($camera->placement->tStop, 1), 'fps' => (string) round($stills->fps, 3),
            ], ['settings-agree', 'camera-is-manual', 'subject-stays-in-focus'], (string) $id);
            $steps[] = new ReadyStep("card/$id", 'card', [
                'camera' => $camera->placement->label,
                'who' => $camera->placement->operator ?: 'nobody at it',
            ], ['camera-outlasts-the-take', 'clips-reach-the-end', 'packs-carry-the-hours'], (string) $id);
        }

        return $steps;
    }

    /** @return list<ReadyStep> each track along its chain */
    private function tracks(): array
    {
        $gains = [];
        foreach (LevelPlan::allOf($this->situation) as $level) {
            $gains[$level->track->id] = round($level->level->gainDb).' dB';
        }
        $steps = [];
        foreach ($this->situation->setup->setup->list('tracks') as $track) {
            $input = $track->number('input');
            $steps[] = new ReadyStep("track/$track->id", 'track', [
                'source' => $track->text('source') ?: $track->text('name'),
                'through' => $track->text('link') ?: $track->text('through'),
                'recorder' => trim($track->text('recorder').($input === null ? '' : ' '.(int) $input)),
                'gain' => $gains[$track->id] ?? 'by ear',
            ], ['levels-have-headroom', 'cables-reach', 'links-reach', 'inputs-suffice'], $track->id);
        }

        return $steps;
    }

    /** @return list<ReadyStep> what can be stopped, by whoever can */
    private function noises(string $kind): array
    {
        return array_values(array_map(static fn (Record $n): ReadyStep => new ReadyStep("$kind/$n->id", $kind, [
            'noise' => $n->text('name'), 'who' => $n->text('who') ?: 'someone allowed to',
        ]), array_filter(
            $this->situation->setup->location->list('noise'), static fn (Record $n): bool => $n->text('can_stop') === 'yes',
        )));
    }

    /** @return array<string, string> names of what can fail in this setup, by id */
    public function things(): array
    {
        $setup = $this->situation->setup->setup;
        $things = [];
        foreach ([SetupList::Cameras, SetupList::Lamps, SetupList::Booms, SetupList::Mics, SetupList::Recorders] as $list) {
            foreach ($list->of($setup) as $thing) {
                $things[$thing->id] = SetupList::called($thing);
            }
        }

        return $things;
    }
}
