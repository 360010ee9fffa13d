<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\Wall;

/** Soft light is big: the box itself must fit under the ceiling, off the floor, within the walls and clear of furniture. */
final class SoftBoxFitsTheRoom extends Rule
{
    public function id(): string
    {
        return 'soft-box-fits-the-room';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->scene->lamps as $id => $lamp) {
            if ($situation->scene->isOutside($id)) {
                continue;
            }
            $name = $situation->name($id);
            $troubles = [...$this->vertical($situation, $lamp, $name), ...$this->sideways($situation, $lamp, $name)];
            if ($troubles === []) {
                yield $this->finding(
                    Severity::Holds,
                    ['thing' => $name],
                    [$id],
                    new Working('the box’s corners against ceiling, floor, walls and furniture', []),
                );
            }
            foreach ($troubles as [$case, $distance, $what, $mend]) {
                yield $this->finding(
                    Severity::Breaks,
                    ['thing' => $name, 'distance' => Quantity::metres($distance), 'what' => $what],
                    [$id],
                    new Working('deepest corner of the box past the limit', ['deepest' => Quantity::metres($distance)]),
                    [$mend],
                    $case,
                );
            }
        }
    }

    /** @return list<array{string, float, string, Mend}> */
    private function vertical(Situation $situation, SoftBox $lamp, string $name): array
    {
        $room = $situation->setup->room;
        $over = max(array_map(static fn ($c): float => $c->z - $room->heightAt($c->floor()), $lamp->corners()));
        $under = -min(array_map(static fn ($c): float => $c->z, $lamp->corners()));
        $to = static fn (float $by): Mend => new Mend(
            $by < 0 ? 'lower' : 'raise',
            ['thing' => $name, 'distance' => Quantity::metres(abs($by))],
            $situation->edit("lights/{$lamp->placement->id}", ['height_m' => $lamp->placement->heightM + $by]),
        );

        return match (true) {
            $over > 0 => [['ceiling', $over, '', $to(-$over - 0.03)]],
            $under > 0 => [['floor', $under, '', $to($under + 0.03)]],
            default => [],
        };
    }

    /** @return list<array{string, float, string, Mend}> */
    private function sideways(Situation $situation, SoftBox $lamp, string $name): array
    {
        $found = [];
        $corners = [...$lamp->corners(), $lamp->rear()];
        $path = "lights/{$lamp->placement->id}";
        foreach ($situation->setup->room->faces as $wall) {
            $past = $this->through($situation, $lamp, $wall);
            if ($past > 0.001) {
                $found[] = ['wall', $past, $wall->name, Moves::push($situation, $path, $name, $wall->inward()->times($past + 0.03))];
            }
        }
        foreach ($situation->scene->obstacles() as $thing) {
            foreach ($corners as $corner) {
                if ($corner->z < $thing->topM && $corner->z > $thing->baseM && $thing->footprint->contains($corner->floor())) {
                    $deep = $thing->footprint->borderDistanceTo($corner->floor());
                    $away = $lamp->centre()->floor()->minus($thing->place)->unit();
                    $found[] = ['furniture', $deep, $thing->name, Moves::push($situation, $path, $name, $away->times($deep + 0.05))];
                    break;
                }
            }
        }

        return array_slice($found, 0, 1);
    }

    /** How far the box reaches through a wall where it is: beside its ends, and within an open doorway, it does not. */
    private function through(Situation $situation, SoftBox $lamp, Wall $wall): float
    {
        $past = 0.0;
        [$a, $b, $c, $d] = $lamp->corners();
        foreach ([
            [$a, $b], [$b, $c], [$c, $d], [$d, $a], [$lamp->rear(), $a], [$lamp->rear(), $b], [$lamp->rear(), $c],
            [$lamp->rear(), $d],
        ] as [$from, $to]) {
            [$here, $there] = array_map(
                static fn (Vec3 $p): float => $wall->inward()->dot($p->floor()->minus($wall->line->from)),
                [$from, $to],
            );
            if ($here * $there >= 0.0) {
                continue;
            }
            $at = Vec3::between($from, $to, $here / ($here - $there));
            $along = $wall->line->direction()->dot($at->floor()->minus($wall->line->from));
            if ($along >= 0.0 && $along <= $wall->line->length() && ! $this->isOpen($situation, $at)) {
                $past = max($past, -min($here, $there));
            }
        }

        return $past;
    }

    private function isOpen(Situation $situation, Vec3 $at): bool
    {
        foreach ($situation->setup->room->openings as $opening) {
            if (
                $opening->kind !== OpeningKind::Window
                && $at->z < $opening->headM
                && $situation->setup->room->lineOf($opening)->distanceTo($at->floor()) < 0.01
            ) {
                return true;
            }
        }

        return false;
    }
}
