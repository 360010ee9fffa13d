<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Camera\Lens;
use FineFrame\Camera\Move;
use FineFrame\Geometry\Vec2;
use FineFrame\Staging\Person;

/** Adds a thing with sensible first values near the middle of the room, or takes one out with all that points at it. */
final readonly class NewThing
{
    private function __construct(public string $id, public string $name, public Edit $edit)
    {
    }

    public static function in(SetupPlan $setup, NewKind $kind): self
    {
        $id = self::free($setup, $kind->value);
        $at = self::openFloor($setup);
        $subject = $setup->subjects()[0]->id ?? $setup->setup->people[0]->id ?? '';
        $label = chr(65 + count($setup->setup->cameras));
        $name = $kind === NewKind::Camera ? "Camera $label" : ucfirst($kind->value);
        $place = ['id' => $id, 'x_m' => round($at->x, 3), 'y_m' => round($at->y, 3)];
        $kit = $setup->plan->kit;
        $lens = self::lens($setup->plan);
        $fields = match ($kind) {
            NewKind::Subject, NewKind::Interviewer => ['name' => $name, 'role' => $kind->value, 'facing_deg' => 180],
            NewKind::Furniture => ['name' => 'Table', 'width_m' => 1.0, 'depth_m' => 0.6, 'height_m' => 0.75],
            NewKind::Camera => [
                'label' => $label,
                'body' => (string) array_key_first($kit->bodies),
                'lens' => $lens->id ?? '',
                'focal_mm' => $lens === null
                    ? 50
                    : max($lens->shortestMm, min($lens->longestMm, self::wantedMm($setup->plan) ?? $lens->shortestMm)),
                't_stop' => max($lens->widestT ?? 2.8, $setup->setup->metering->tStop),
                'support' => self::holding($kit, 1.2),
                'height_m' => 1.2,
                'aim' => $subject === '' ? ['mode' => 'free'] : ['mode' => 'eyes', 'subject' => $subject],
            ],
            NewKind::Light => [
                'name' => $setup->setup->lights === [] ? 'Key' : $name,
                'fixture' => (string) array_key_first($kit->fixtures),
                'stand' => self::holding($kit, 1.8),
                'height_m' => 1.8,
                'subject' => $subject,
                'dimmer' => 0.5,
            ],
            NewKind::Boom => [
                'name' => $name,
                'model' => (string) array_key_first($kit->microphones),
                'pole' => (string) array_key_first($kit->poles),
                'stand' => self::holding($kit, 2.0),
                'subject' => $subject,
                'height_m' => 1.7, 'stand_x_m' => $place['x_m'], 'stand_y_m' => $place['y_m'], 'stand_height_m' => 2.0,
            ],
        };

        return new self($id, $name, new Edit(["/setups/{$setup->setup->id}/{$kind->list()}/-" => $place + $fields]));
    }

    /** @return Edit|null null if the setup has no such thing */
    public static function without(SetupPlan $setup, string $id): ?Edit
    {
        $base = "/setups/{$setup->setup->id}";
        foreach (SetupList::placed() as $list) {
            if (in_array($id, array_column($list->of($setup->setup), 'id'), true)) {
                return new Edit(self::letGo($setup, $id, $base) + ["$base/$list->value/$id" => null]);
            }
        }
        [, $move, $mark] = explode(':', $id) + ['', '', ''];
        $of = array_values(array_filter($setup->setup->moves, static fn (Move $m): bool => $m->id === $move))[0] ?? null;
        if ($of === null || ! str_starts_with($id, 'mark:')) {
            return null;
        }

        return new Edit(count($of->marks) < 2 ? ["$base/moves/$move" => null] : ["$base/moves/$move/marks/$mark" => null]);
    }

    /** @return array<string, mixed> what pointed at a person now points at another, or away; lamps and booms for nobody go too */
    private static function letGo(SetupPlan $setup, string $id, string $base): array
    {
        $other = array_values(array_filter($setup->subjects(), static fn (Person $p): bool => $p->id !== $id))[0] ?? null;
        $values = [];
        foreach ($setup->setup->people as $person) {
            if ($person->looksAt === $id) {
                $values["$base/subjects/$person->id/looks_at"] = null;
            }
        }
        foreach ($setup->setup->moves as $move) {
            if ($move->camera === $id) {
                $values["$base/moves/$move->id"] = null;
            }
            foreach ($move->camera === $id ? [] : $move->marks as $mark) {
                if ($mark->subject === $id) {
                    $values["$base/moves/$move->id/marks/$mark->id/subject"] = null;
                }
            }
        }
        foreach (SetupList::cases() as $list) {
            foreach ($list->rows($setup->setup) as $row) {
                foreach (array_keys($list->refers()) as $column) {
                    if ($row->text($column) === $id) {
                        $values["$base/$list->value/$row->id".($list->goesAlong() ? '' : "/$column")] = null;
                    }
                }
            }
        }
        foreach ($setup->setup->cameras as $camera) {
            if (in_array($id, $camera->covers, true)) {
                $values["$base/cameras/$camera->id/covers/$id"] = null;
            }
            if ($camera->aim->subject === $id) {
                $values["$base/cameras/$camera->id/aim/subject"] = $other?->id;
                if ($other === null) {
                    $values["$base/cameras/$camera->id/aim/mode"] = 'free';
                }
            }
        }
        foreach (['lights' => $setup->setup->lights, 'microphones' => $setup->setup->booms] as $list => $things) {
            foreach ($things as $thing) {
                if ($thing->subject === $id) {
                    $values["$base/$list/$thing->id".($other === null ? '' : '/subject')] = $other?->id;
                }
            }
        }

        return $values;
    }

    private static function free(SetupPlan $setup, string $stem): string
    {
        $taken = array_map(static fn (SetupList $l): array => array_column($l->of($setup->setup), 'id'), SetupList::placed());

        return FreeId::of($stem, array_merge(...$taken));
    }

    /** The spot, of a half-metre grid, that is farthest from everything. */
    private static function openFloor(SetupPlan $setup): Vec2
    {
        $floor = $setup->room->first()->floor;
        $taken = array_map(static fn (SetupList $l): array => array_map(SetupList::place(...), $l->of($setup->setup)), SetupList::placed());
        $taken = array_filter(array_merge(...$taken));
        $best = [-1.0, $floor->corners[0]];
        [$xs, $ys] = [array_column($floor->corners, 'x'), array_column($floor->corners, 'y')];
        for ($x = min($xs) + 0.5; $x < max($xs); $x += 0.5) {
            for ($y = min($ys) + 0.5; $y < max($ys); $y += 0.5) {
                $spot = new Vec2($x, $y);
                $room = $floor->contains($spot)
                    ? min([$floor->borderDistanceTo($spot), ...array_map($spot->distanceTo(...), array_values($taken))])
                    : -1.0;
                $best = $room > $best[0] ? [$room, $spot] : $best;
            }
        }

        return $best[1];
    }

    /** D-02: the focal length that the brief's school asks of a new camera; null where it leaves it open. */
    private static function wantedMm(ShootPlan $plan): ?float
    {
        return match ($plan->brief->schools->of(Question::Lens)) {
            School::LongLens => 85.0,
            School::ThirtyFive => 35.0,
            School::Fifty => 50.0,
            default => null,
        };
    }

    /** The lens of the kit that holds what the school asks, or comes nearest to it. */
    private static function lens(ShootPlan $plan): ?Lens
    {
        $lenses = array_values($plan->kit->lenses);
        $wanted = self::wantedMm($plan);
        if ($wanted !== null) {
            $off = static fn (Lens $l): float => max(0.0, $l->shortestMm - $wanted, $wanted - $l->longestMm);
            usort(
                $lenses,
                static fn (Lens $a, Lens $b): int => [
                    $off($a),
                    $a->longestMm - $a->shortestMm,
                ] <=> [$off($b), $b->longestMm - $b->shortestMm],
            );
        }

        return $lenses[0] ?? null;
    }

    private static function holding(Kit $kit, float $heightM): string
    {
        foreach ($kit->supports as $support) {
            if ($support->lowestM <= $heightM && $support->highestM >= $heightM) {
                return $support->id;
            }
        }

        return (string) array_key_first($kit->supports);
    }
}
