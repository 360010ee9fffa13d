<?php

declare(strict_types=1);

namespace FineFrame\Format\Dxf;

use FineFrame\Geometry\Vec2;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\PlacedRoom;
use FineFrame\Space\Rooms;
use FineFrame\Staging\Furniture;

/**
 * A room as DXF R12 (AC1009), one drawing unit a metre: walls as one closed POLYLINE on layer WALLS, openings as LINEs on DOORS and
 * WINDOWS with their names as TEXT, outlets as POINTs on OUTLETS, what is built in on BUILT and furniture on FURNITURE.
 */
final class Writer
{
    private const LAYERS = ['WALLS' => 7, 'DOORS' => 3, 'WINDOWS' => 5, 'OUTLETS' => 1, 'BUILT' => 8, 'FURNITURE' => 9];

    /** @param  list<Furniture>  $furniture */
    public static function write(Rooms $room, array $furniture = []): string
    {
        $pairs = [
            [999, 'Fine Frame: drawing units are metres'],
            [0, 'SECTION'],
            [2, 'HEADER'],
            [9, '$ACADVER'],
            [1, 'AC1009'],
            [0, 'ENDSEC'],
            [0, 'SECTION'],
            [2, 'TABLES'],
            [0, 'TABLE'],
            [2, 'LAYER'],
            [70, count(self::LAYERS)],
        ];
        foreach (self::LAYERS as $name => $colour) {
            array_push($pairs, [0, 'LAYER'], [2, $name], [70, 0], [62, $colour], [6, 'CONTINUOUS']);
        }
        array_push(
            $pairs,
            [0, 'ENDTAB'],
            [0, 'ENDSEC'],
            [0, 'SECTION'],
            [2, 'ENTITIES'],
            ...array_merge(
                [],
                ...array_map(static fn (PlacedRoom $r): array => self::outline('WALLS', $r->room->floor->corners), $room->all),
            ),
        );
        foreach ($room->openings as $opening) {
            $line = $room->lineOf($opening);
            $layer = $opening->kind === OpeningKind::Door ? 'DOORS' : 'WINDOWS';
            array_push($pairs, [0, 'LINE'], [8, $layer], ...self::point($line->from), ...self::point($line->to, 1));
            array_push(
                $pairs,
                [0, 'TEXT'],
                [8, $layer],
                ...self::point($line->at(0.5)),
                ...[[40, '0.15'], [1, self::plain($opening->name)]],
            );
        }
        foreach ($room->outlets as $outlet) {
            $at = ($room->wall($outlet->wall) ?? $room->first()->walls[0])->along($outlet->offsetM);
            array_push($pairs, [0, 'POINT'], [8, 'OUTLETS'], ...self::point($at));
        }
        foreach ($room->built as $built) {
            foreach ($built->blocks() as [$footprint]) {
                array_push($pairs, ...self::outline('BUILT', $footprint->corners));
            }
        }
        foreach ($furniture as $thing) {
            array_push($pairs, ...self::outline('FURNITURE', $thing->footprint()->corners));
        }
        array_push($pairs, [0, 'ENDSEC'], [0, 'EOF']);

        return implode(
            '',
            array_map(static fn (array $p): string => str_pad((string) $p[0], 3, ' ', STR_PAD_LEFT)."\r\n$p[1]\r\n", $pairs),
        );
    }

    /**
     * @param  list<Vec2>  $corners
     * @return list<array{int, string|int}>
     */
    private static function outline(string $layer, array $corners): array
    {
        $pairs = [[0, 'POLYLINE'], [8, $layer], [66, 1], [70, 1]];
        foreach ($corners as $corner) {
            array_push($pairs, [0, 'VERTEX'], [8, $layer], ...self::point($corner));
        }

        return [...$pairs, [0, 'SEQEND']];
    }

    /** @return list<array{int, string}> */
    private static function point(Vec2 $p, int $nth = 0): array
    {
        return [[10 + $nth, number_format($p->x, 6, '.', '')], [20 + $nth, number_format($p->y, 6, '.', '')], [30 + $nth, '0.0']];
    }

    /** R12 knows no Unicode. */
    private static function plain(string $text): string
    {
        return (string) preg_replace(
            '/[^\x20-\x7E]/',
            '',
            strtr($text, ['’' => "'", '–' => '-', 'é' => 'e', 'ö' => 'o', 'ü' => 'u', 'ä' => 'a']),
        );
    }
}
