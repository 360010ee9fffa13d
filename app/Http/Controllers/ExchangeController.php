<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BringRequest;
use App\Http\Where;
use App\Instruments\Instruments;
use App\Instruments\PlaceClock;
use App\Models\Shoot;
use FineFrame\Document\Parts;
use FineFrame\Document\Record;
use FineFrame\Format\Csv\KitTable;
use FineFrame\Format\Csv\ReadingsTable;
use FineFrame\Format\Csv\ScanTable;
use FineFrame\Format\Csv\TapeBookTable;
use FineFrame\Format\Dxf\Reader;
use FineFrame\Format\Dxf\Writer;
use FineFrame\Format\Eulumdat\Reader as EulumdatReader;
use FineFrame\Format\Ies\Reader as IesReader;
use FineFrame\Format\Midi\Reader as Song;
use FineFrame\Format\Midi\Song as SongMap;
use FineFrame\Format\UnreadableFile;
use FineFrame\Format\Wav\Reader as Recording;
use FineFrame\Light\PhotometricWeb;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Plan\Location;
use FineFrame\Plan\Refit;
use FineFrame\Plan\Setup;
use FineFrame\Plan\ShootPlan;
use FineFrame\Sound\Decay;
use FineFrame\Sound\Material;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** A place's tape book, drawing and readings, out to open formats and in from them. */
final readonly class ExchangeController
{
    public function __construct(private Desk $desk, private Instruments $instruments, private PlaceClock $clock)
    {
    }

    public function tape(Request $request, Shoot $shoot): Response
    {
        $place = $this->desk->setup($request, $this->desk->store->open($shoot))->location;
        $room = $this->desk->room($request, $place);

        return $this->file(
            TapeBookTable::write($room->taped),
            'text/csv; charset=utf-8',
            Str::slug($room->name ?: $place->name).'-tape.csv',
        );
    }

    public function kit(Request $request, Shoot $shoot): Response
    {
        return $this->file(KitTable::write($this->desk->store->open($shoot)->kit), 'text/csv; charset=utf-8', 'camera-kit.csv');
    }

    public function drawing(Request $request, Shoot $shoot): Response
    {
        $setup = $this->desk->setup($request, $this->desk->store->open($shoot));

        return $this->file(
            Writer::write($setup->room, $setup->setup->furniture),
            'image/vnd.dxf',
            Str::slug($setup->location->name).'.dxf',
        );
    }

    /** @throws ValidationException with a sentence if the file cannot be read */
    public function bring(BringRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $place = $this->desk->setup($request, $plan)->location;
        $at = "/locations/$place->id/space{$this->desk->room($request, $place)->pointer}";
        try {
            [$edit, $words, $said] = match ($request->string('what')->toString()) {
                'tape' => $this->taped($plan, $place, $at, TapeBookTable::read($request->text(), $this->desk->reader->units)),
                'drawing' => $this->drawn($plan, $place, $at, Reader::read($request->text(), $request->metresAUnit())),
                'ies' => $this->lamp(
                    $plan,
                    preg_match('/^\s*(TILT=|IES)/mi', $request->text()) === 1
                        ? IesReader::read($request->text())
                        : EulumdatReader::read($request->text()),
                    Where::word($request, 'name'),
                ),
                'clap' => $this->clap($place, Recording::read($request->isTaken() ? $this->instruments->clap($place) : $request->bytes())),
                'scan' => $this->scan($place, ScanTable::read($request->isTaken() ? $this->instruments->scan($place) : $request->text())),
                'song' => $this->sung($this->desk->setup($request, $plan)->setup, Song::read($request->bytes())),
                'kit' => $this->brought(KitTable::read($request->text(), $plan->kit)),
                default => $this->read($place, ReadingsTable::read($request->text())),
            };
        } catch (UnreadableFile $e) {
            throw ValidationException::withMessages(['file' => $e->getMessage()]);
        }

        return $this->desk->changed($request, $this->desk->store->commit($shoot, $request->version(), $edit, $words), $said);
    }

    /**
     * The song map anew, from the markers of a MIDI file; who leads a section of the same name goes on leading it.
     *
     * @return array{Edit, string, string}
     *
     * @throws UnreadableFile where it marks no section
     */
    private function sung(Setup $setup, SongMap $song): array
    {
        $leads = [];
        foreach ($setup->list('sections') as $row) {
            $leads[$row->text('name')] = $row->text('leads');
        }
        $rows = [];
        foreach ($song->sections() as $i => $section) {
            $bar = $song->position($section['tick'])[0] ?? null;
            $bpm = $song->bpm($section['tick']);
            $metre = $song->metre($section['tick']);
            $rows[] = ['id' => 'sections-'.($i + 1), 'name' => Str::limit($section['name'], 78, '…')]
                + ['from_s' => round($section['seconds'], 3), 'to_s' => round($section['seconds'] + $section['lengthS'], 3)]
                + array_filter(['leads' => $leads[$section['name']] ?? '', 'bar' => $bar, 'bpm' => $bpm === null ? null : round($bpm, 3)])
                + ($metre === null ? [] : ['metre' => "$metre[0]/$metre[1]"]);
        }
        if ($rows === []) {
            throw UnreadableFile::saying('The MIDI file has no section markers. Set a marker where each section starts, and import it again.');
        }

        return [
            new Edit(["/setups/$setup->id/sections" => $rows]),
            'Import a song',
            'Song map imported: '.count($rows).' sections.',
        ];
    }

    /**
     * @param  array{walls: list<array<string, mixed>>, ties: list<array<string, mixed>>, angles: list<array<string, mixed>>}  $book
     * @return array{Edit, string, string}
     */
    private function taped(ShootPlan $plan, Location $place, string $at, array $book): array
    {
        return [
            Refit::with(
                $plan,
                $place->id,
                new Edit(["$at/walls" => $book['walls'], "$at/ties" => $book['ties'], "$at/angles" => $book['angles']]),
            ),
            'Import a tape book',
            'Tape book imported.',
        ];
    }

    /**
     * @param  array{walls: list<array<string, mixed>>, openings: list<array<string, mixed>>, turned_deg: float}  $drawn
     * @return array{Edit, string, string}
     */
    private function drawn(ShootPlan $plan, Location $place, string $at, array $drawn): array
    {
        return [
            Refit::with(
                $plan,
                $place->id,
                new Edit(
                    [
                        "$at/walls" => $drawn['walls'],
                        "$at/ties" => [],
                        "$at/angles" => [],
                        "$at/openings" => $drawn['openings'],
                        "$at/outlets" => [],
                        "$at/rooms" => [],
                    ],
                ),
            ),
            'Import a drawing',
            count($drawn['walls']).' walls and '.count(
                $drawn['openings'],
            ).' openings imported. Check sills, heads and north: a floor plan doesn’t show them.',
        ];
    }

    /**
     * @param  array<string, list<array<string, string|float|bool>>>  $found
     * @return array{Edit, string, string}
     */
    private function read(Location $place, array $found): array
    {
        $values = [];
        $count = 0;
        foreach ($found as $list => $entries) {
            $there = array_map(static fn (Record $r): array => $r->write(), $place->list($list));
            foreach ($entries as $entry) {
                $there[] = ['id' => FreeId::of($list, array_column($there, 'id'))] + $entry;
                $count++;
            }
            $values["/locations/$place->id/scouted/$list"] = $there;
        }

        return [new Edit($values), 'Import readings', "$count readings imported."];
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $lists
     * @return array{Edit, string, string}
     */
    private function brought(array $lists): array
    {
        $values = [];
        foreach ($lists as $list => $models) {
            $values["/kit/$list"] = $models;
        }

        return [new Edit($values), 'Import a kit', 'Kit imported.'];
    }

    /**
     * A clap's decay by octaves; what cannot be seen of it is left open, and a clap of which nothing can be is refused.
     *
     * @return array{Edit, string, string}
     */
    private function clap(Location $place, Recording $recording): array
    {
        $values = [
            'id' => FreeId::of('claps', array_map(static fn (Record $r): string => $r->id, $place->list('claps'))),
            'name' => 'clap',
        ];
        $whole = Decay::of($recording->samples, $recording->rateHz);
        $heard = [];
        foreach (Material::BANDS_HZ as $hz) {
            $decay = $hz < 0.45 * $recording->rateHz / 1.42
                ? Decay::of(Decay::octave($recording->samples, $recording->rateHz, $hz), $recording->rateHz)->t20
                : null;
            if ($decay !== null) {
                $values["t_$hz"] = $heard[$hz] = round($decay, 3);
            }
        }
        if ($heard === []) {
            throw UnreadableFile::saying(
                'Too little decay above the noise: '.round(
                    $whole->rangeDb,
                ).' dB of the 35 needed. Clap louder, or wait until it is quieter.',
            );
        }

        return [
            new Edit(
                [
                    "/locations/$place->id/scouted/claps" => [
                        ...Parts::written($place->list('claps')),
                        $values + [
                            'decay' => implode(
                                ' ',
                                array_map(
                                    static fn (array $p): string => (string) round($p[1]),
                                    array_values(
                                        array_filter(
                                            $whole->curve,
                                            static fn (array $p, int $i): bool => $i % 4 === 0 && $p[1] > -60.0,
                                            ARRAY_FILTER_USE_BOTH,
                                        ),
                                    ),
                                ),
                            ),
                            'range_db' => round($whole->rangeDb, 1),
                        ] + $this->clock->stamp($place),
                    ],
                ],
            ),
            'Import a clap',
            'Clap imported: '.implode(
                ', ',
                array_map(
                    static fn (int $hz, float $s): string => ($hz < 1000 ? "$hz Hz" : ($hz / 1000).' kHz').' '.number_format($s, 2).' s',
                    array_keys($heard),
                    $heard,
                ),
            ).'.',
        ];
    }

    /**
     * What a scan heard takes the place of what was heard before.
     *
     * @param  list<array{from: float, to: float, level: float}>  $parts
     * @return array{Edit, string, string}
     */
    private function scan(Location $place, array $parts): array
    {
        $rows = array_map(
            fn (array $p, int $i): array => [
                'id' => 'occupied-'.($i + 1),
                'name' => 'heard at '.number_format(($p['from'] + $p['to']) / 2, 3),
                'from_mhz' => round($p['from'], 4),
                'to_mhz' => round($p['to'], 4),
                'level_dbm' => round($p['level'], 1),
            ] + $this->clock->stamp($place),
            $parts,
            array_keys($parts),
        );

        return [
            new Edit(["/locations/$place->id/scouted/occupied" => $rows]),
            'Import a scan',
            (count($rows) === 1 ? 'One frequency range is' : count($rows).' frequency ranges are').' in use.',
        ];
    }

    /** @return array{Edit, string, string} */
    private function lamp(ShootPlan $plan, PhotometricWeb $web, string $name): array
    {
        $name = trim($name) === '' ? 'Lamp from its photometric file' : mb_substr(trim($name), 0, 120);
        // What does not say how large it shines is taken for a small spot lamp.
        [$width, $length] = array_map(static fn (float $s): float => $s > 0.0 ? max(0.02, min(4.0, round($s, 3))) : 0.2, $web->sizeM);
        $fixture = [
            'id' => FreeId::of('lamp', array_keys($plan->kit->fixtures)),
            'name' => $name,
            'width_m' => $width,
            'height_m' => $length,
            'depth_m' => 0.25,
            'lux_at_1m' => max(1.0, round($web->candela(0, 0), 1)),
            'watts' => $web->watts,
            'web' => $web->write(),
        ];

        return [
            new Edit(['/kit/fixtures/-' => $fixture]),
            "Import $name",
            "$name imported: ".round($web->lumens()).' lm, '.round($web->peak()).' cd at most.',
        ];
    }

    private function file(string $content, string $type, string $name): Response
    {
        return response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.$name.'"']);
    }
}
