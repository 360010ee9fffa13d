<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Grip\Balance;
use FineFrame\Grip\Wind;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mounted;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Space\CeilingKind;

/** Outdoors a box or a cloth is a sail: what the wind that is expected wants as ballast, or where it brings the stand down. */
final class FrameStandsInTheWind extends Rule
{
    /** A smaller face catches little. */
    private const LEAST_M2 = 0.2;

    public function id(): string
    {
        return 'frame-stands-in-the-wind';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        $wind = $situation->setup->plan->brief->facts->number('wind_mps');
        $isOpen = $situation->setup->location->space->ceiling->kind === CeilingKind::None;
        if ($wind === null) {
            return;
        }
        foreach (Mounted::allOf($situation) as $load) {
            $isOut = $isOpen || $situation->scene->isOutside($load->id);
            if ($isOut && $load->on->kind->stands() && $load->areaM2 >= self::LEAST_M2) {
                yield $this->judged($situation, $load, $wind);
            }
        }
    }

    private function judged(Situation $situation, Mounted $load, float $metresASecond): Finding
    {
        $safety = $situation->limits->get('tip_safety');
        // What nobody has weighed is counted as nothing.
        $own = ($load->kg ?? 0.0) + ($load->on->kg ?? 0.0);
        $wind = new Wind($metresASecond);
        $needed = $wind->ballastKg($load->areaM2, $load->at->z, $load->on->legRadiusM, $own, $safety);
        $down = Wind::bringsDown($load->areaM2, $load->at->z, $load->on->legRadiusM, $own + $load->ballastKg);
        $case = match (true) {
            $down <= $metresASecond => 'falls',
            $needed > $load->ballastKg + 1e-6 => 'near',
            default => 'holds',
        };

        return $this->finding(
            match ($case) {
                'falls' => Severity::Breaks,
                'near' => Severity::Watch,
                default => Severity::Holds,
            },
            [
                'thing' => $situation->name($load->id),
                'wind' => Quantity::of($metresASecond, Unit::MetreASecond),
                'down' => Quantity::of($down, Unit::MetreASecond),
                'ballast' => Quantity::of($needed, Unit::Kilogram),
                'bags' => (string) (int) ceil($needed / Balance::BAG_KG - 1e-9),
            ],
            [$load->id],
            new Working('F = ½·ρ·v²·Cd·A at the middle of the face, over the edge between two feet', [
                'A' => Quantity::of($load->areaM2, Unit::SquareMetre),
                'height' => Quantity::metres($load->at->z),
                'force' => number_format($wind->forceN($load->areaM2)).' N',
                'stand and lamp' => Quantity::of($own, Unit::Kilogram),
                'ballast' => Quantity::of($load->ballastKg, Unit::Kilogram),
            ], 'Cd 1.2, square to it; gusts are half as much again and more: somebody at every frame, and down with it early'),
            case: $case,
        );
    }
}
