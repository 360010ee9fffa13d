<?php

declare(strict_types=1);

namespace App\View;

use FineFrame\Document\Record;
use FineFrame\Judge\Situation;
use FineFrame\Plan\FreeId;

/** Tracks as a matrix: each voice by each of its microphones against everything that records. */
final readonly class TrackMatrix
{
    public function __construct(private Situation $situation)
    {
    }

    /** @return list<string> as listed, and as tracks name them */
    public function recorders(): array
    {
        $setup = $this->situation->setup->setup;
        $names = [
            ...array_map(static fn (Record $r): string => $r->text('name'), $setup->list('recorders')),
            ...array_map(static fn (Record $t): string => $t->text('recorder'), $setup->list('tracks')),
        ];

        return array_values(array_unique(array_filter($names)));
    }

    /** @return list<array{voice: string, source: string, cells: list<array{recorder: string, on: bool, edit: string}>}> */
    public function rows(): array
    {
        $pairs = [];
        foreach ($this->situation->heard() as [$ear, $voice]) {
            $pairs["$voice->person $ear->name"] = [$voice->person, $voice->name, $ear->name];
        }
        foreach ($this->situation->setup->setup->list('tracks') as $track) {
            $voice = $this->situation->voices()[$track->text('voice')] ?? null;
            if ($voice !== null) {
                $pairs["$voice->person ".$track->text('source')] ??= [$voice->person, $voice->name, $track->text('source')];
            }
        }

        return array_values(
            array_map(
                fn (array $p): array => [
                    'voice' => $p[1],
                    'source' => $p[2],
                    'cells' => array_map(fn (string $recorder): array => $this->cell($p[0], $p[2], $recorder), $this->recorders()),
                ],
                $pairs,
            ),
        );
    }

    /** @return array{recorder: string, on: bool, edit: string} */
    private function cell(string $person, string $source, string $recorder): array
    {
        $tracks = $this->situation->setup->setup->list('tracks');
        $same = static fn (string $a, string $b): bool => mb_strtolower(trim($a)) === mb_strtolower(trim($b));
        $here = array_values(
            array_filter(
                $tracks,
                static fn (Record $t): bool => $t->text('voice') === $person && $same($t->text('source'), $source) && $same(
                    $t->text('recorder'),
                    $recorder,
                ),
            ),
        );
        $at = "/setups/{$this->situation->setup->setup->id}/tracks";
        $like = array_values(array_filter($tracks, static fn (Record $t): bool => $same($t->text('source'), $source)))[0] ?? null;
        $edit = $here === [] ? ["$at/-" => [
            'id' => FreeId::of('tracks', array_map(static fn (Record $t): string => $t->id, $tracks)),
            'name' => $source,
            'voice' => $person,
            'source' => $source,
            'through' => $like?->text('through') ?: ($this->situation->ear($source)?->isWorn() === true ? 'a wireless link' : 'a cable'),
            'link' => $like?->text('link') ?? '',
            'recorder' => $recorder,
        ]] : array_fill_keys(array_map(static fn (Record $t): string => "$at/$t->id", $here), null);

        return ['recorder' => $recorder, 'on' => $here !== [], 'edit' => (string) json_encode($edit)];
    }
}
