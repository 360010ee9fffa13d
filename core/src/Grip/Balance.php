<?php

declare(strict_types=1);

namespace FineFrame\Grip;

/**
 * A stand on three legs under a load that hangs off its axis: it turns about the edge between two feet, r/2 from the axis. Stand and
 * ballast hold it by their weight on the axis.
 */
final readonly class Balance
{
    public const G = 9.80665;

    /** Ballast comes in bags of so many kilograms. */
    public const BAG_KG = 7.0;

    /** Edges lie between the legs, degrees from one of them. */
    private const EDGES_DEG = [60.0, 180.0, 300.0];

    private function __construct(public float $restoringNm, public float $overturningNm)
    {
    }

    /**
     * @param  float  $fromLegDeg  the way to the load from the nearest leg; 60 is the worst
     */
    public static function of(
        float $footRadiusM,
        float $loadKg,
        float $offsetM,
        float $standKg,
        float $ballastKg = 0.0,
        float $fromLegDeg = 60.0,
    ): self {
        $edge = self::edgeM($footRadiusM);
        $worst = null;
        foreach (self::EDGES_DEG as $deg) {
            $beyond = $offsetM * cos(deg2rad($fromLegDeg - $deg)) - $edge;
            $one = new self(
                self::G * (($standKg + $ballastKg) * $edge + $loadKg * max(0.0, -$beyond)),
                self::G * $loadKg * max(0.0, $beyond),
            );
            $worst = $worst === null || $one->isWorseThan($worst) ? $one : $worst;
        }

        return $worst;
    }

    /** From the axis to the edge between two feet. */
    public static function edgeM(float $footRadiusM): float
    {
        return $footRadiusM / 2;
    }

    /** @return float|null how many times over it stands; null where nothing turns it over */
    public function safety(): ?float
    {
        return $this->overturningNm > 0.0 ? $this->restoringNm / $this->overturningNm : null;
    }

    public function tips(): bool
    {
        return $this->overturningNm > $this->restoringNm;
    }

    /** Kilograms on the axis that make it stand so many times over, in the worst direction. */
    public static function ballastKg(float $footRadiusM, float $loadKg, float $offsetM, float $standKg, float $safety): float
    {
        $edge = self::edgeM($footRadiusM);

        return max(0.0, $safety * $loadKg * ($offsetM - $edge) / $edge - $standKg);
    }

    /** Kilograms at the other end of an arm that balance a load about the axis; the arm’s own weight left out. */
    public static function counterweightKg(float $loadKg, float $offsetM, float $otherM): float
    {
        return $loadKg * $offsetM / $otherM;
    }

    private function isWorseThan(self $other): bool
    {
        return $this->overturningNm - $this->restoringNm > $other->overturningNm - $other->restoringNm;
    }
}
