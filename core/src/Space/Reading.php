<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Vec2;

/**
 * One observation between points known by number: a distance, or the angle inside a corner.
 *
 * @internal
 */
final readonly class Reading
{
    /** @param  int|null  $before  the point before the corner $from; null for a distance */
    private function __construct(
        public string $id,
        public int $from,
        public int $to,
        public ?int $before,
        public float $value,
        public float $sigma,
    ) {
    }

    /** @throws UnsolvedSurvey if it is not a positive length */
    public static function distance(string $id, int $from, int $to, float $metres, float $sigmaM): self
    {
        return $metres > 0.0 && is_finite($metres)
            ? new self($id, $from, $to, null, $metres, $sigmaM)
            : throw UnsolvedSurvey::notALength("Reading $id");
    }

    /** The angle at a corner, counter-clockwise from the wall that leaves it to the wall that comes to it. */
    public static function angle(string $id, int $before, int $corner, int $after, float $rad, float $sigmaRad): self
    {
        return new self($id, $corner, $after, $before, $rad, $sigmaRad);
    }

    /** Whether somebody read it off an instrument; a sketched length or turn only stands in. */
    public function isTaped(): bool
    {
        return str_contains($this->id, '/');
    }

    /**
     * Computed minus read, and its derivatives by point and axis.
     *
     * @param  list<Vec2>  $points
     * @return array{float, list<array{int, float, float}>}
     */
    public function linear(array $points): array
    {
        $to = $points[$this->to]->minus($points[$this->from]);
        $length = max($to->length(), 1e-9);
        if ($this->before === null) {
            $unit = $to->times(1 / $length);

            return [$length - $this->value, [[$this->to, $unit->x, $unit->y], [$this->from, -$unit->x, -$unit->y]]];
        }
        $back = $points[$this->before]->minus($points[$this->from]);
        $turn = atan2($to->cross($back), $to->dot($back)) - $this->value;
        $one = $to->left()->times(1 / $length ** 2);
        $two = $back->left()->times(1 / max($back->length(), 1e-9) ** 2);

        return [fmod($turn + 5 * M_PI, 2 * M_PI) - M_PI, [
            [$this->to, -$one->x, -$one->y], [$this->before, $two->x, $two->y], [$this->from, $one->x - $two->x, $one->y - $two->y],
        ]];
    }
}
