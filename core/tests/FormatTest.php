<?php

declare(strict_types=1);

use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Format\Csv\ReadingsTable;
use FineFrame\Format\Csv\ScanTable;
use FineFrame\Format\Csv\TapeBookTable;
use FineFrame\Format\Dxf\Reader;
use FineFrame\Format\Dxf\Writer;
use FineFrame\Format\Eulumdat\Reader as EulumdatReader;
use FineFrame\Format\UnreadableFile;
use FineFrame\Space\Room;
use FineFrame\Space\Rooms;
use FineFrame\Tests\Cases;

/** @param  array<string, mixed>  $space */
function room(array $space): Room
{
    $problems = new Problems;
    $room = Room::read(Node::root($space + ['height_m' => 3], $problems));
    $problems->raise();

    return $room;
}

it('takes a tape book out as a table and back', function (string $place): void {
    $room = Cases::demo()->plan->location($place)->space;
    $book = TapeBookTable::read(TapeBookTable::write($room));
    $back = room($book);

    expect($back->write()['walls'])->toEqual($room->write()['walls'])->and($back->write()['ties'])->toEqual($room->write()['ties']);
})->with(['stone-room', 'glasshouse']);

it('reads a table typed by hand, with feet, letters and semicolons', function (): void {
    $book = TapeBookTable::read(
        "\xEF\xBB\xBFkind;name;from;to;length;degrees\r\nwall;south;;;16';\nwall;east;;;12'6\";90\nwall;north;;;16';\nwall;west;;;12' 6\"\n\ntie;;A;c;20' 3 1/2\"\nangle;;b;;;89,5\n",
    );

    expect($book['walls'][1]['length_m'])->toEqualWithDelta(3.81, 1e-6)->and($book['ties'][0])->toMatchArray(['from' => 'w1', 'to' => 'w3'])
        ->and($book['angles'][0])->toMatchArray(['corner' => 'w2', 'inside_deg' => 89.5])->and(room($book)->survey->freedom)->toBe(0);
});

it('says which line of a table is wrong', function (string $csv, string $sentence): void {
    expect(fn () => TapeBookTable::read($csv))->toThrow(UnreadableFile::class, $sentence);
})->with([
    ["kind,length\nwall,long", 'Line 2: “long” is not a length'],
    ["kind,length\nroof,3", 'Line 2: kind must be wall, tie or angle'],
    ["kind,length\nwall,3,4,5", 'Line 2: more cells'],
    ["kind,length\nwall,3", 'holds no three walls'],
    ['', 'holds no header'],
]);

it('reads readings of real devices, and refuses what no list knows', function (): void {
    $found = ReadingsTable::read(
        "list,name,lux,level_dba,taken_on,taken_at,by\nlight,chair,310,,2026-11-14,11:10,meter 7\nnoise,fan,,46.5,,,\n",
    );

    expect($found)->toBe(
        [
            'light' => [['name' => 'chair', 'lux' => 310.0, 'taken_on' => '2026-11-14', 'taken_at' => '11:10', 'by' => 'meter 7']],
            'noise' => [['name' => 'fan', 'level_dba' => 46.5]],
        ],
    )
        ->and(fn () => ReadingsTable::read("list,name,lux\nnoise,fan,300"))->toThrow(UnreadableFile::class, 'noise has no column “lux”')
        ->and(fn () => ReadingsTable::read("list,name,lux\nlight,chair,bright"))->toThrow(UnreadableFile::class, '“bright” is not a number')
        ->and(fn () => ReadingsTable::read("list,name,lux\nsmell,chair,3"))->toThrow(UnreadableFile::class, 'Line 2: list must be');
});

it('takes a table of five thousand lines, and no more', function (): void {
    $lines = fn (int $n): string => 'list,name,lux'.str_repeat("\nlight,chair,310", $n - 1);
    expect(ReadingsTable::read($lines(5000))['light'])
        ->toHaveCount(4999)
        ->and(fn () => ReadingsTable::read($lines(5001)))
        ->toThrow(UnreadableFile::class, '5000 lines at most');
});

it('takes what stands twelve decibels over the floor of a scan to be in use', function (): void {
    $scan = fn (float $over): string => implode(
        "\n",
        array_map(static fn (int $i): string => (470 + $i).','.($i === 7 ? -100 + $over : -100), range(0, 20)),
    );
    expect(ScanTable::read($scan(11.9)))->toBe([])->and(ScanTable::read($scan(12.1))[0])->toMatchArray(['from' => 476.5, 'to' => 477.5]);
});

it('takes a room out as DXF and back', function (): void {
    $setup = Cases::demo();
    $dxf = Writer::write($setup->room, $setup->setup->furniture);
    $read = Reader::read($dxf);
    $back = room(['walls' => $read['walls'], 'openings' => $read['openings']]);

    expect($dxf)->toContain("  0\r\nPOLYLINE\r\n  8\r\nWALLS")->and($dxf)->toEndWith("  0\r\nEOF\r\n")
        ->and($back->floor->signedArea())->toEqualWithDelta($setup->room->first()->floor->signedArea(), 0.001)
        ->and(array_map(fn ($o) => [$o->kind, round($o->widthM, 2), round($o->offsetM, 2)], $back->openings))->toBe(
            array_map(fn ($o) => [$o->kind, round($o->widthM, 2), round($o->offsetM, 2)], $setup->room->openings),
        );
});

it('reads loose lines in any order and direction, in millimetres, turned', function (): void {
    $line = fn (string $layer, array $p): string => "0\nLINE\n8\n$layer\n10\n$p[0]\n20\n$p[1]\n11\n$p[2]\n21\n$p[3]\n";
    // 3 by 4 m, its long side upright.
    $dxf = "0\nSECTION\n2\nHEADER\n9\n\$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n".$line('A-WALL', [0, 0, 0, 4000]).$line(
        'A-WALL',
        [3000, 4000, 3000, 0],
    ).$line('A-WALL', [3000, 4000, 0, 4000]).$line('A-WALL', [0, 0, 3000, 0])
        .$line('A-WINDOW', [1000, 0, 2000, 0]).$line('FURN', [0, 0, 9000, 9000])."0\nENDSEC\n0\nEOF\n";
    $read = Reader::read($dxf);
    $room = room(['walls' => $read['walls'], 'openings' => $read['openings']]);

    expect($room->floor->signedArea())->toEqualWithDelta(12.0, 1e-6)->and($room->openings[0]->widthM)->toBe(1.0)
        ->and(Rooms::of($room)->lineOf($room->openings[0])->length())->toEqualWithDelta(1.0, 1e-9)
        ->and(
            fn () => Reader::read("0\nSECTION\n2\nENTITIES\n".$line('WALL', [0, 0, 1, 0])."0\nENDSEC\n0\nEOF\n"),
        )->toThrow(UnreadableFile::class, 'no closed outline')
        ->and(fn () => Reader::read('PK not a drawing'))->toThrow(UnreadableFile::class, 'ASCII DXF');
});

/** @param  array<int, string>  $changed  by line, from 1 */
function eulumdat(int $symmetry, int $planes, callable $candela, array $changed = []): string
{
    $lines = [
        'a maker', '1', (string) $symmetry, (string) $planes, (string) (360 / $planes), '19', '5', 'report', 'a lamp',
        '1', 'lamp.ldt', 'today', '200', '0', '100', '180', '0', '0', '0', '0', '0', '100', '100', '1.0', '0', '1', '1',
        'LED', '2000', '5600', '90', '40', ...array_fill(0, 10, '0.5'),
    ];
    $given = [
        1 => [0],
        2 => range(0, $planes / 2),
        3 => range($planes / 4, 3 * $planes / 4),
        4 => range(0, $planes / 4),
    ][$symmetry] ?? range(0, $planes - 1);
    array_push(
        $lines,
        ...array_map(fn (int $i): string => (string) ($i * 360 / $planes), range(0, $planes - 1)),
        ...array_map(fn (int $i): string => (string) ($i * 5), range(0, 18)),
    );
    foreach ($given as $plane) {
        foreach (range(0, 18) as $i) {
            $lines[] = number_format($candela($plane * 360 / $planes, $i * 5), 4, ',', '');
        }
    }
    foreach ($changed as $line => $text) {
        $lines[$line - 1] = $text;
    }

    return implode("\r\n", $lines);
}

it('reads EULUMDAT by its order of lines and its symmetry', function (): void {
    // A dull face gives 1000/π cd straight ahead for a thousand lumens, and here there are two thousand.
    $dull = fn (float $c, float $g): float => 1000 / M_PI * cos(deg2rad($g));
    foreach ([0 => 24, 1 => 24, 2 => 24, 3 => 24, 4 => 24] as $symmetry => $planes) {
        $web = EulumdatReader::read(eulumdat($symmetry, $planes, $dull));
        expect($web->candela(0, 0))
            ->toEqualWithDelta(2000 / M_PI, 0.01)
            ->and($web->candela(60, 200))
            ->toEqualWithDelta(1000 / M_PI, 0.01)
            ->and($web->lumens())
            ->toEqualWithDelta(2000, 10)
            ->and($web->watts)
            ->toBe(40.0);
    }
    // Mirrored about the plane from 90° to 270°: brighter towards 180° on file is as bright towards 0°.
    $wide = EulumdatReader::read(eulumdat(3, 24, fn (float $c, float $g): float => 100 + abs(cos(deg2rad($c))) * ($c > 90 ? 50 : 50)));
    expect($wide->candela(45, 0))
        ->toEqualWithDelta(300, 0.1)
        ->and($wide->candela(45, 180))
        ->toEqualWithDelta(300, 0.1)
        ->and($wide->candela(45, 90))
        ->toEqualWithDelta(200, 0.1);
});

it('refuses what is not EULUMDAT, by its line', function (string $file, string $says): void {
    expect(fn () => EulumdatReader::read($file))->toThrow(UnreadableFile::class, $says);
})->with([
    'cut off' => [substr(eulumdat(1, 24, fn () => 1.0), 0, -40), 'fewer lines'],
    'a word' => [eulumdat(1, 24, fn () => 1.0, [29 => 'many']), 'Line 29'],
    'a symmetry that there is not' => [eulumdat(1, 24, fn () => 1.0, [3 => '7']), 'Line 3'],
    'angles that fall' => [eulumdat(1, 24, fn () => 1.0, [45 => '0']), 'Line 45'],
    'more than declared' => [eulumdat(1, 24, fn () => 1.0)."\r\n5", 'more values'],
    'huge counts' => [eulumdat(1, 24, fn () => 1.0, [4 => '900000']), 'Line 4'],
    'binary' => ["a\0b", 'not a text file'],
    'empty' => ['', 'Line 1'],
]);

it('reads what is on the air off a scan, in any unit, and refuses what is none', function (): void {
    $scan = fn (float $factor, string $mark = ','): string => "Frequency{$mark}Level\n".implode(
        "\n",
        array_map(
            fn (int $i): string => (470 + $i * 0.1) * $factor.$mark.' '.($i >= 20 && $i < 60 ? -58 : ($i === 150 ? -70 : -100 + $i % 3)),
            range(0, 239),
        ),
    );
    foreach ([[1, ','], [1000, ';'], [1e6, "\t"]] as [$factor, $mark]) {
        $parts = ScanTable::read($scan($factor, $mark));
        expect($parts)
            ->toHaveCount(2)
            ->and($parts[0]['from'])
            ->toEqualWithDelta(471.95, 0.01)
            ->and($parts[0]['to'])
            ->toEqualWithDelta(475.95, 0.01)
            ->and($parts[0]['level'])
            ->toBe(-58.0)
            ->and($parts[1]['from'])
            ->toEqualWithDelta(484.95, 0.01);
    }
    foreach ([
        '' => 'not a scan',
        "470,-90\n471" => 'Line 2',
        "a letter\nabout nothing" => 'not a scan',
        "5,-90\n" => 'not a frequency',
    ] as $file => $says) {
        expect(fn () => ScanTable::read($file))->toThrow(UnreadableFile::class, $says);
    }
});

/** @param  list<string>  $entities  each as `KIND code=value …` */
function drawing(array $entities, int $unit = 6, string $blocks = ''): string
{
    $groups = fn (string $entity): string => '0 '.preg_replace('/ (\d+)=/', "\n$1\n", $entity);
    $text = implode("\n", array_map($groups, $entities));

    return str_replace(
        '0 ',
        "0\n",
        "0\nSECTION\n2\nHEADER\n9\n\$INSUNITS\n70\n$unit\n0\nENDSEC\n",
    ).$blocks."0\nSECTION\n2\nENTITIES\n".preg_replace('/^0 /m', "0\n", $text)."\n0\nENDSEC\n0\nEOF\n";
}

const OUTLINE = 'LWPOLYLINE 8=WALLS 70=1 10=0 20=0 10=5 20=0 10=5 20=4 10=0 20=4';

/** @return list<float> */
function lengths(string $dxf, float $unit = 1.0): array
{
    return array_map(fn (float $l): float => round($l, 3), array_column(Reader::read($dxf, $unit)['walls'], 'length_m'));
}

it('reads a drawing in the unit that it says', function (int $unit, float $metres): void {
    expect(lengths(drawing([OUTLINE], $unit), 1.0))->toBe(array_map(fn (float $l): float => round($l * $metres, 3), [5.0, 4.0, 5.0, 4.0]));
})->with(['metres' => [6, 1.0], 'decimetres' => [14, 0.1], 'yards' => [10, 0.9144], 'feet' => [2, 0.3048], 'not said' => [0, 1.0]]);

it('refuses a unit that no room is drawn in', function (): void {
    expect(fn () => Reader::read(drawing([OUTLINE], 18)))->toThrow(UnreadableFile::class, 'unit, 18 in its header');
});

it('leaves the sheet about a room out, and reads what a block inserts', function (): void {
    $sheet = 'LWPOLYLINE 67=1 8=WALLS 70=1 10=0 20=0 10=50 20=0 10=50 20=40 10=0 20=40';
    $block = "0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n8\n0\n2\nROOM\n".preg_replace(
        '/ (\d+)=/',
        "\n$1\n",
        '0 '.str_replace('WALLS', '0', OUTLINE),
    );
    $block = str_replace('0 LWPOLYLINE', "0\nLWPOLYLINE", $block)."\n0\nENDBLK\n0\nENDSEC\n";

    expect(lengths(drawing([$sheet, OUTLINE])))->toBe([5.0, 4.0, 5.0, 4.0])
        ->and(lengths(drawing(['INSERT 8=WALLS 2=ROOM 10=100 20=50 41=2 42=1 50=30'], blocks: $block)))->toBe([10.0, 4.0, 10.0, 4.0])
        ->and(
            fn () => Reader::read(drawing(['INSERT 8=WALLS 2=ROOM 10=0 20=0 70=3'], blocks: $block)),
        )->toThrow(UnreadableFile::class, 'in rows and columns');
});

it('bends walls where a bulge or an arc bends them', function (): void {
    // A half circle of 2 m radius over the far wall: its chords stay within a hand of it.
    foreach ([
        [OUTLINE.' 42=0', 'LWPOLYLINE 8=WALLS 70=1 10=0 20=0 10=4 20=0 10=4 20=4 42=1 10=0 20=4'],
        [
            null,
            'LINE 8=WALLS 10=0 20=4 11=0 21=0',
            'LINE 8=WALLS 10=0 20=0 11=4 21=0',
            'LINE 8=WALLS 10=4 20=0 11=4 21=4',
            'ARC 8=WALLS 10=2 20=4 40=2 50=0 51=180',
        ],
    ] as $case) {
        $walls = Reader::read(drawing(array_slice($case, 1)))['walls'];
        $room = room(['walls' => $walls]);
        expect(abs($room->floor->signedArea()))->toEqualWithDelta(16 + 2 * M_PI, 0.15);
    }
    expect(fn () => Reader::read(drawing(['SPLINE 8=WALLS 10=0 20=0'])))->toThrow(UnreadableFile::class, 'The walls hold a SPLINE');
});

it('finds the room among four thousand lines', function (): void {
    $lines = array_map(fn (int $i): string => "LINE 8=PLAN 10=$i 20=".($i % 7).' 11='.($i + 1).' 21='.(($i + 1) % 7), range(0, 4000));
    expect(lengths(drawing([...$lines, OUTLINE])))->toBe([5.0, 4.0, 5.0, 4.0]);
});
