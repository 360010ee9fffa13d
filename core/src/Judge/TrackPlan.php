<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Plan\School;
use FineFrame\Sound\Ear;

/**
 * The track sheet as what is placed has it: a line for each microphone that is for somebody and has none, its way by how it is put, to the
 * recorder that the school asks for. What stands on the sheet stays.
 */
final readonly class TrackPlan
{
    public function __construct(private Situation $situation)
    {
    }

    /** @return Edit|null null where every microphone that is for somebody has its line */
    public function proposed(): ?Edit
    {
        $setup = $this->situation->setup->setup;
        $tracks = $setup->list('tracks');
        $written = array_map(static fn (Record $t): array => $t->write(), $tracks);
        $new = [];
        foreach ($this->situation->heard() as [$ear, $voice]) {
            $isListed = array_filter(
                $tracks,
                fn (Record $t): bool => $this->situation->ear($t->text('source'))?->id === $ear->id && $t->text('voice') === $voice->person,
            ) !== [];
            if (! $isListed) {
                $new[] = $this->line($ear, $voice, [...$written, ...$new]);
            }
        }

        return $new === [] ? null : new Edit(["/setups/$setup->id/tracks" => [...$written, ...$new]]);
    }

    /**
     * @param  list<array<string, mixed>>  $others
     * @return array<string, mixed>
     */
    private function line(Ear $ear, Voice $voice, array $others): array
    {
        $link = $this->link($ear, $others);
        $recorder = $this->recorder($ear);

        return array_filter([
            'id' => FreeId::of('tracks', array_column($others, 'id')),
            'name' => $ear->name,
            'voice' => $voice->person,
            'source' => $ear->name,
            'through' => $ear->isWorn() ? 'a wireless link' : 'a cable',
            'link' => $link,
            'recorder' => $recorder,
            'input' => $this->input($recorder, $others),
        ]);
    }

    /** @param  list<array<string, mixed>>  $others */
    private function link(Ear $ear, array $others): string
    {
        foreach ($ear->isWorn() ? $this->situation->setup->setup->list('links') : [] as $link) {
            $isFor = in_array($link->text('person'), ['', $ear->subject], true) && $link->text('carries') === 'a voice';
            if ($isFor && ! in_array($link->text('name'), array_column($others, 'link'), true)) {
                return $link->text('name');
            }
        }

        return '';
    }

    /** Where it ends, by the school: a recorder where there is one, the first camera, or what is worn with it. */
    private function recorder(Ear $ear): string
    {
        $recorders = $this->situation->setup->setup->list('recorders');
        $camera = $this->situation->setup->camera(0);
        $label = $camera === null ? '' : "camera {$camera->placement->label}";

        $schools = $this->situation->setup->plan->brief->schools;

        return match (true) {
            $schools->has(School::CameraRecords), $recorders === [] && ! $schools->has(School::OnTheSpeaker) => $label,
            $schools->has(School::OnTheSpeaker) && $ear->isWorn() => "recorder on {$this->situation->name($ear->subject)}",
            default => $recorders === [] ? $label : $recorders[0]->text('name'),
        };
    }

    /** @param  list<array<string, mixed>>  $others */
    private function input(string $recorder, array $others): ?float
    {
        $taken = array_column(array_filter($others, static fn (array $t): bool => ($t['recorder'] ?? '') === $recorder), 'input');
        $input = 1.0;
        while (in_array($input, array_map(static fn (mixed $i): float => is_numeric($i) ? (float) $i : 0.0, $taken), true)) {
            $input++;
        }

        return $recorder === '' ? null : $input;
    }
}
