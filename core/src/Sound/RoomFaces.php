<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec3;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\Room;
use FineFrame\Space\Wall;

/** The faces of a room that sound comes back from: its walls as high as it is in the middle, floor and ceiling. */
final class RoomFaces
{
    /**
     * @param  array<string, Material>  $materials
     * @return list<Surface>
     */
    public static function of(Room $room, array $materials): array
    {
        $pick = static fn (string $id): array => ($materials[$id] ?? $materials['plaster'])->alpha;
        $middle = $room->floor->middle();
        $height = min($room->heightM, $room->ceiling->heightAt($middle));
        $faces = [];
        foreach ($room->faces as $wall) {
            $along = $wall->line->to->minus($wall->line->from)->unit();
            $faces[] = new Surface(
                $wall->line->from->at(0.0),
                $along->at(0.0),
                new Vec3(0, 0, 1),
                Polygon::rectangle($wall->line->length(), $height),
                self::glazed($room, $wall, $height, $pick($room->surfaces->of($wall->id)), $pick('glass')),
            );
        }
        [$across, $up] = [new Vec3(1, 0, 0), new Vec3(0, 1, 0)];
        $faces[] = new Surface(new Vec3(0, 0, 0), $across, $up, $room->floor, $pick($room->surfaces->floor));
        if ($room->ceiling->over($room->floor) !== []) {
            $faces[] = new Surface(new Vec3(0, 0, $height), $across, $up, $room->floor, $pick($room->surfaces->ceiling));
        }

        return $faces;
    }

    /**
     * A wall and its windows take by their shares of it.
     *
     * @param  list<float>  $wallAlpha
     * @param  list<float>  $glassAlpha
     * @return list<float>
     */
    private static function glazed(Room $room, Wall $wall, float $heightM, array $wallAlpha, array $glassAlpha): array
    {
        $glass = 0.0;
        foreach ($room->openings as $opening) {
            if ($opening->wall === $wall->id && $opening->kind === OpeningKind::Window) {
                $glass += $opening->widthM * ($opening->headM - $opening->sillM);
            }
        }
        $share = min(1.0, $glass / max(0.1, ($room->wall($wall->id)?->line->length() ?? $wall->line->length()) * $heightM));

        return array_map(static fn (float $w, float $g): float => $w + $share * ($g - $w), $wallAlpha, $glassAlpha);
    }
}
