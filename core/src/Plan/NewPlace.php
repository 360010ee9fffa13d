<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Scout\PlaceLists;
use FineFrame\Space\Opening;
use FineFrame\Space\PlacedRoom;
use FineFrame\Space\TapeBook;

/** A place added to the candidates, or the sketch of one drawn anew. */
final readonly class NewPlace
{
    private const MOST_CORNERS = 40;

    private function __construct(public string $id, public Edit $edit)
    {
    }

    public static function named(ShootPlan $plan, string $name): self
    {
        $stem = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($name)), '-') ?: 'place';
        $taken = array_column($plan->locations, 'id');
        $stem = substr($stem, 0, 40);
        $id = in_array($stem, $taken, true) ? FreeId::of($stem, $taken) : $stem;
        $site = $plan->locations[0]->site;

        return new self(
            $id,
            new Edit(
                [
                    '/locations/-' => [
                        'id' => $id,
                        'name' => $name,
                        'scouted' => [
                            'pouch' => array_map(
                                static fn (string $what, int $i): array => ['id' => 'pouch-'.($i + 1), 'name' => $what],
                                PlaceLists::POUCH,
                                array_keys(PlaceLists::POUCH),
                            ),
                        ],
                    ] + ($site === null ? [] : ['site' => $site->write()]),
                ],
            ),
        );
    }

    /** A room behind an opening, sketched with the opening in the middle of its first wall; null where that cannot be. */
    public static function behind(Location $place, PlacedRoom $before, string $through, string $name, float $widthM, float $depthM): ?self
    {
        $opening = array_values(array_filter($before->taped->openings, static fn (Opening $o): bool => $o->id === $through))[0] ?? null;
        if ($opening === null || $opening->widthM > $widthM || in_array($through, array_column($before->taped->joined, 'through'), true)) {
            return null;
        }
        $id = FreeId::of('room', array_column($place->rooms->all, 'id'));

        return new self($id, new Edit(["/locations/$place->id/space$before->pointer/rooms/-" => [
            'id' => $id,
            'name' => $name,
            'through' => $through,
            'wall' => self::wallId($id, 1),
            'offset_m' => round(($widthM - $opening->widthM) / 2, 3),
            'space' => ['height_m' => max(2.4, $opening->headM)] + self::outline($id, 'rectangle', $widthM, $depthM),
        ]]));
    }

    /**
     * A rough outline to tape: nothing of it counts as measured.
     *
     * @param  string  $at  where its space stands in the plan
     * @param  string  $room  empty for the first of a place
     * @param  string  $shape  rectangle, ell, or a number of corners
     */
    public static function sketch(string $at, string $room, string $shape, float $widthM, float $depthM): Edit
    {
        return new Edit(["$at/walls" => self::outline($room, $shape, $widthM, $depthM)['walls']]);
    }

    private static function wallId(string $room, int $nth): string
    {
        return ($room === '' ? '' : "$room-")."w$nth";
    }

    /** @return array{walls: list<array<string, mixed>>} */
    private static function outline(string $room, string $shape, float $widthM, float $depthM): array
    {
        $corners = min(self::MOST_CORNERS, (int) $shape);
        $lengths = match ($shape) {
            'rectangle' => [$widthM, $depthM, $widthM, $depthM],
            'ell' => [$widthM, $depthM / 2, $widthM / 2, $depthM / 2, $widthM / 2, $depthM],
            default => array_fill(0, max(3, $corners), round(2 * ($widthM + $depthM) / max(3, $corners), 2)),
        };
        $turns = $shape === 'ell' ? [90, 90, -90, 90, 90, 90] : array_fill(0, count($lengths), 360 / count($lengths));

        return ['walls' => array_map(static fn (int $i): array => [
            'id' => self::wallId($room, $i + 1),
            'name' => 'wall '.TapeBook::letter($i),
            'length_m' => $lengths[$i],
            'turn_deg' => $turns[$i],
            'by' => 'sketch',
        ], array_keys($lengths))];
    }
}
