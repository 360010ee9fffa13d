<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\Camera;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\SoftBox;
use FineFrame\Staging\Body;
use FineFrame\Staging\Person;
use FineFrame\Staging\Posture;

/** The ways from lenses and lamps to the head and shoulders of someone who sits, and what their seat hides of them. */
final readonly class SeatPaths
{
    /** A seat is found to so much, metres. */
    private const FINE_M = 0.005;

    /** @param  array<string, array{float, float, float}>  $ends  lenses and lamps, by id */
    private function __construct(private Body $body, private array $ends)
    {
    }

    /** @return self|null null for one who stands; the cameras that are on them, the lamps that are on and turned to them */
    public static function to(Scene $scene, Body $body): ?self
    {
        if ($body->person->posture !== Posture::Seated) {
            return null;
        }
        $cameras = array_filter(
            $scene->setup->cameras,
            static fn (Camera $c): bool => ($scene->setup->bodyFor($c)?->person->id ?? '') === $body->person->id,
        );
        $lamps = array_filter(
            $scene->lamps,
            static fn (SoftBox $b): bool => $b->placement->on && $b->placement->subject === $body->person->id,
        );

        return new self(
            $body,
            array_map(
                static fn (Vec3 $v): array => [$v->x, $v->y, $v->z],
                array_map(
                    static fn (Camera $c): Vec3 => $c->pupil(),
                    $cameras,
                ) + array_map(static fn (SoftBox $b): Vec3 => $b->centre(), $lamps),
            ),
        );
    }

    /** @return array<string, float> by lens or lamp, the share of head and shoulders that a seat of such a size hides */
    public function hidden(float $widthM, float $backM): array
    {
        $seat = Figure::seat($this->body->grounded(), $widthM, $backM);
        $points = $this->points();
        $hidden = [];
        foreach ($this->ends as $id => $end) {
            $met = array_filter($points, static function (array $p) use ($seat, $end): bool {
                foreach ($seat as $solid) {
                    $at = $solid->hitBy($p, [$end[0] - $p[0], $end[1] - $p[1], $end[2] - $p[2]]);
                    if ($at !== null && $at < 1.0) {
                        return true;
                    }
                }

                return false;
            });
            $hidden[$id] = count($met) / count($points);
        }

        return $hidden;
    }

    /** The widest seat up to this one, with its back, of which no way is hidden by more than the share; null when none is narrow enough. */
    public function widest(float $share): ?float
    {
        return $this->largest(
            Person::STOOL_M,
            $this->body->person->seatWidthM,
            fn (float $width): bool => $this->isClear($width, $this->body->person->seatBackM, $share),
        );
    }

    /** The highest back up to this one, at its width; null when not even a stool clears. */
    public function highest(float $share): ?float
    {
        return $this->largest(
            0.0,
            $this->body->person->seatBackM,
            fn (float $back): bool => $this->isClear($this->body->person->seatWidthM, $back, $share),
        );
    }

    private function isClear(float $widthM, float $backM, float $share): bool
    {
        return max([0.0, ...array_values($this->hidden($widthM, $backM))]) <= $share;
    }

    /** @param  \Closure(float): bool  $clears */
    private function largest(float $least, float $most, \Closure $clears): ?float
    {
        if (! $clears($least)) {
            return null;
        }
        while ($most - $least > self::FINE_M) {
            $middle = ($least + $most) / 2;
            if ($clears($middle)) {
                $least = $middle;
            } else {
                $most = $middle;
            }
        }

        return $least;
    }

    /** @return list<array{float, float, float}> the head all around, and the shoulders */
    private function points(): array
    {
        [$person, $h] = [$this->body->person, $this->body->person->statureM];
        $head = $person->place->at($this->body->crownM - Body::HEAD_HEIGHT * $h / 2);
        [$face, $side] = [$this->body->face()->at(0.0), $this->body->face()->left()->at(0.0)];
        $shoulder = $person->place->at($this->body->shoulderM());
        $across = $side->times(Body::SHOULDER_BREADTH * $h / 2);
        $points = [$shoulder->plus($across), $shoulder->minus($across)];
        foreach ([0.45, 0.0, -0.45] as $up) {
            foreach ([[1.0, 0.0], [-1.0, 0.0], [0.0, 1.0], [0.0, -1.0]] as [$ahead, $left]) {
                $points[] = $head
                    ->plus($face->times($ahead * Body::HEAD_DEPTH * $h / 2))
                    ->plus($side->times($left * Body::HEAD_BREADTH * $h / 2))
                    ->plus(new Vec3(0, 0, $up * Body::HEAD_HEIGHT * $h));
            }
        }

        return array_map(static fn (Vec3 $p): array => [$p->x, $p->y, $p->z], $points);
    }
}
