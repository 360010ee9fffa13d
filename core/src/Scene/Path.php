<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\Aim;
use FineFrame\Camera\Camera;
use FineFrame\Camera\LookingSide;
use FineFrame\Camera\Mark;
use FineFrame\Camera\Move;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;
use FineFrame\Grip\SupportKind;
use FineFrame\Plan\SetupPlan;

/**
 * A camera's way through a take. From mark to mark it goes straight and evenly; on one person it keeps that person's
 * eyes where the marks put them, between different aims it turns the shorter way.
 */
final readonly class Path
{
    /** As fine as is looked: nothing of the size of a stand slips between two steps. */
    private const STEP_M = 0.1;

    private const RAIL_WIDE_M = 0.1;

    private const STEP_RAD = 2 * M_PI / 180;

    /** Where eyes are kept on someone near, a straight walk turns faster in its middle: steps are halved until none turns too far. */
    private const FINEST = 4096;

    /** @param  non-empty-list<Mark>  $marks */
    private function __construct(private SetupPlan $setup, public Move $move, public Camera $camera, public array $marks)
    {
    }

    /** @return self|null null without marks */
    public static function of(SetupPlan $setup, Move $move): ?self
    {
        return $move->marks === [] ? null : new self($setup, $move, $setup->cameras[$move->camera], $move->marks);
    }

    public function beginsS(): float
    {
        return $this->marks[0]->atS;
    }

    public function endsS(): float
    {
        return $this->marks[count($this->marks) - 1]->atS;
    }

    /** The view at a moment; before the first mark and after the last it rests. */
    public function at(float $seconds): LensView
    {
        [$from, $to] = $this->around($seconds);
        $share = $to->atS > $from->atS ? max(0.0, min(1.0, ($seconds - $from->atS) / ($to->atS - $from->atS))) : 0.0;

        return $this->between($from, $to, $share);
    }

    public function mark(Mark $mark): LensView
    {
        return $this->between($mark, $mark, 0.0);
    }

    /** @return list<float> moments so near to one another that between two the lens goes no farther than 10 cm and turns no more than 2° */
    public function moments(): array
    {
        $moments = [$this->beginsS()];
        for ($i = 1; $i < count($this->marks); $i++) {
            [$from, $to] = [$this->marks[$i - 1], $this->marks[$i]];
            $length = $from->place->at($from->heightM)->distanceTo($to->place->at($to->heightM));
            for ($n = max(1, (int) ceil($length / self::STEP_M)); $n < self::FINEST && $this->turnsTooFar($from, $to, $n); $n *= 2);
            for ($k = 1; $k <= $n; $k++) {
                $moments[] = $from->atS + ($to->atS - $from->atS) * $k / $n;
            }
        }

        return $moments;
    }

    /** @return non-empty-list<Vec2> where it goes, for drawing */
    public function line(): array
    {
        return array_map(static fn (Mark $m): Vec2 => $m->place, $this->marks);
    }

    /** @return array{Vec2, Vec2} the two marks farthest apart: what a rail must reach */
    public function farthest(): array
    {
        $line = $this->line();
        $best = [$line[0], $line[0]];
        foreach ($line as $i => $one) {
            foreach (array_slice($line, $i + 1) as $other) {
                if ($one->distanceTo($other) > $best[0]->distanceTo($best[1])) {
                    $best = [$one, $other];
                }
            }
        }

        return $best;
    }

    /**
     * A slider's rail on the floor: between the marks farthest apart, and as long as it is built; null without one or without a way to go.
     */
    public function rail(): ?Polygon
    {
        [$from, $to] = $this->farthest();
        $way = $to->minus($from);

        return $this->camera->support->kind !== SupportKind::Slider || $way->length() < 0.01 ? null
            : Polygon::box(
                $from->plus($to)->times(0.5),
                self::RAIL_WIDE_M,
                max($this->camera->support->railM, $way->length()),
                $way->bearing(),
            );
    }

    /** Metres a second over the floor from the mark before to a mark; 0 at the first. */
    public function speedTo(int $mark): float
    {
        $before = $this->marks[$mark - 1] ?? null;

        return $before === null ? 0.0 : $before->place->distanceTo($this->marks[$mark]->place) / ($this->marks[$mark]->atS - $before->atS);
    }

    private function turnsTooFar(Mark $from, Mark $to, int $steps): bool
    {
        $last = $this->between($from, $to, 0.0);
        for ($k = 1; $k <= $steps; $k++) {
            $view = $this->between($from, $to, $k / $steps);
            if (
                abs(Turn::wrapped($view->bearingRad - $last->bearingRad)) > self::STEP_RAD
                || abs($view->tiltRad - $last->tiltRad) > self::STEP_RAD
            ) {
                return true;
            }
            $last = $view;
        }

        return false;
    }

    /** @return array{Mark, Mark} */
    private function around(float $seconds): array
    {
        for ($i = 1; $i < count($this->marks); $i++) {
            if ($seconds <= $this->marks[$i]->atS) {
                return [$this->marks[$i - 1], $this->marks[$i]];
            }
        }
        $last = $this->marks[count($this->marks) - 1];

        return [$last, $last];
    }

    private function between(Mark $from, Mark $to, float $share): LensView
    {
        $mix = static fn (float $a, float $b): float => $a + ($b - $a) * $share;
        $place = $from->place->plus($to->place->minus($from->place)->times($share));
        // A zoom turns evenly when the focal length grows by equal factors.
        [$height, $focal] = [$mix($from->heightM, $to->heightM), exp($mix(log($from->focalMm), log($to->focalMm)))];
        $placed = fn (Aim $aim): Camera => $this->camera->as($this->camera->placement->at($place, $height, $focal, $aim));
        if ($from->subject !== null && $from->subject === $to->subject) {
            return LensView::of(
                $placed(Aim::at($from->subject, $mix($from->lead, $to->lead), LookingSide::Ahead, $mix($from->eyeLine, $to->eyeLine))),
                $this->setup->bodies[$from->subject],
            );
        }
        [$one, $other] = [$this->aimed($from), $this->aimed($to)];
        [$bearing, $tilt] = [
            $one->bearingRad + Turn::wrapped($other->bearingRad - $one->bearingRad) * $share,
            $mix($one->tiltRad, $other->tiltRad),
        ];

        return LensView::along($placed(Aim::along($bearing, $tilt)), $bearing, $tilt);
    }

    private function aimed(Mark $mark): LensView
    {
        return LensView::of(
            $this->camera->as($this->camera->placement->at($mark->place, $mark->heightM, $mark->focalMm, $mark->aim())),
            $this->setup->bodies[$mark->subject ?? ''] ?? null,
        );
    }
}
