<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Geometry\Vec2;
use FineFrame\Staging\Body;

/** A part of the way that somebody goes through a take: straight, and even where its times are known. */
final readonly class Leg
{
    /**
     * @param  Vec2  $from  where they stand, or where the leg before it ends
     * @param  float|null  $lastsS  seconds from its beginning to its end; null where nobody has said
     */
    private function __construct(
        public string $id,
        public string $name,
        public Body $body,
        public Vec2 $from,
        public Vec2 $to,
        public ?float $lastsS,
    ) {
    }

    /** @return list<self> of everyone who walks, each one’s in the order of the list */
    public static function allOf(SetupPlan $setup): array
    {
        $legs = $ends = [];
        foreach (SetupList::Walks->rows($setup->setup) as $row) {
            $body = $setup->bodies[$row->text('person')] ?? null;
            [$x, $y] = [$row->number('to_x_m'), $row->number('to_y_m')];
            if ($body === null || $x === null || $y === null) {
                continue;
            }
            [$from, $since] = $ends[$body->person->id] ?? [$body->person->place, 0.0];
            [$to, $at] = [new Vec2($x, $y), $row->number('at_s')];
            $lasts = $at === null || $since === null ? null : max(0.0, $at - $since);
            $legs[] = new self($row->id, $row->text('name'), $body, $from, $to, $lasts);
            $ends[$body->person->id] = [$to, $at];
        }

        return $legs;
    }

    public function lengthM(): float
    {
        return $this->from->distanceTo($this->to);
    }

    /** @param  float  $share  of the way, 0 to 1 */
    public function at(float $share): Vec2
    {
        return $this->from->plus($this->to->minus($this->from)->times($share));
    }
}
