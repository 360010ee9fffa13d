<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\InvalidDocument;
use FineFrame\Document\Node;
use FineFrame\Document\Problems;
use FineFrame\Geometry\Vec2;
use FineFrame\Space\Room;
use FineFrame\Space\Rooms;

/** A room measured anew: what would then stand outside it comes inside, in the same edit. */
final readonly class Refit
{
    private const OFF_WALL_M = 0.5;

    private const UNDER_CEILING_M = 0.1;

    private function __construct(public Edit $edit, public int $moved)
    {
    }

    /**
     * @param  array<string, mixed>  $space  the room as the plan file writes it
     *
     * @throws InvalidDocument if the room itself is not sound
     */
    public static function of(ShootPlan $plan, string $location, array $space): self
    {
        $problems = new Problems;
        $room = Rooms::of(Room::read(Node::root($space, $problems)->under("/locations/$location/space")));
        $problems->raise();
        $values = ["/locations/$location/space" => $space];
        $moved = 0;
        foreach ($plan->setups as $setup) {
            if ($setup->location === $location) {
                $fields = self::refitted($setup, $room);
                $moved += count(array_filter(array_keys($fields), static fn (string $p): bool => str_ends_with($p, 'x_m')));
                $values += $fields;
            }
        }

        return new self(new Edit($values), $moved);
    }

    /**
     * Some fields of a room changed, and what would then stand outside it brought in.
     *
     * @param  Edit  $edit  within the location's `space`
     *
     * @throws InvalidDocument if the room itself is not sound
     */
    public static function with(ShootPlan $plan, string $location, Edit $edit): Edit
    {
        $changed = $edit->applied(PlanWriter::document($plan));
        $locations = is_array($changed['locations'] ?? null) ? $changed['locations'] : [];
        foreach ($locations as $one) {
            if (is_array($one) && ($one['id'] ?? null) === $location && is_array($one['space'] ?? null)) {
                /** @var array<string, mixed> $space */
                $space = $one['space'];

                return self::of($plan, $location, $space)->edit;
            }
        }

        return $edit;
    }

    /** @return array<string, float|null> */
    private static function refitted(Setup $setup, Rooms $room): array
    {
        $places = $heights = [];
        foreach (SetupList::placed() as $list) {
            foreach ($list->of($setup) as $thing) {
                $place = SetupList::place($thing);
                if ($place !== null) {
                    $places["/setups/$setup->id/$list->value/$thing->id/"] = $place;
                }
            }
        }
        foreach (['cameras' => $setup->cameras, 'lights' => $setup->lights, 'microphones' => $setup->booms] as $list => $things) {
            foreach ($things as $thing) {
                $heights["/setups/$setup->id/$list/$thing->id/"] = [$thing->place, $thing->heightM];
            }
        }
        foreach ($setup->booms as $boom) {
            $places["/setups/$setup->id/microphones/$boom->id/stand_"] = $boom->standPlace;
            $heights["/setups/$setup->id/microphones/$boom->id/stand_"] = [$boom->standPlace, $boom->standHeightM];
        }
        $values = [];
        foreach ($places as $at => $place) {
            if (! $room->contains($place)) {
                $inside = self::inside($room, $place);
                $values += ["{$at}x_m" => round($inside->x, 3), "{$at}y_m" => round($inside->y, 3)];
            }
        }
        foreach ($heights as $at => [$place, $height]) {
            $ceiling = $room->heightAt($room->contains($place) ? $place : self::inside($room, $place));
            if ($height > $ceiling) {
                $values["{$at}height_m"] = round($ceiling - self::UNDER_CEILING_M, 3);
            }
        }
        // What names something of the place that is gone goes with it.
        $there = array_column([...$setup->people, ...$setup->furniture, ...$room->walls, ...$room->openings], 'id');
        foreach ([[SetupList::Colours, 'on'], [SetupList::Curtains, 'opening']] as [$list, $column]) {
            foreach ($list->rows($setup) as $row) {
                if (! in_array($row->text($column), ['', ...$there], true)) {
                    $values["/setups/$setup->id/$list->value/$row->id"] = null;
                }
            }
        }

        return $values;
    }

    private static function inside(Rooms $room, Vec2 $place): Vec2
    {
        $best = [INF, $room->corners()[0]];
        foreach ($room->walls as $wall) {
            foreach ([self::OFF_WALL_M, self::OFF_WALL_M / 4] as $off) {
                foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $share) {
                    $spot = (
                        $share === 0.0
                        ? $wall->line->nearestTo($place)
                        : $wall->line->at($share * 0.9)
                    )->plus($wall->inward()->times($off));
                    $far = $spot->distanceTo($place);
                    $best = $far < $best[0] && $room->contains($spot) ? [$far, $spot] : $best;
                }
            }
        }

        return $best[1];
    }
}
