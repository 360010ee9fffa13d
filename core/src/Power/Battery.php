<?php

declare(strict_types=1);

namespace FineFrame\Power;

/** A battery, and how long something runs on it. */
final readonly class Battery
{
    /**
     * @param  float  $efficiency  of what is between it and the load
     * @param  float  $usable  share of what it holds that is drawn
     *
     * @throws ImpossiblePower
     */
    public function __construct(public float $capacityWh, public float $efficiency = 1.0, public float $usable = 1.0)
    {
        if ($capacityWh <= 0.0) {
            throw ImpossiblePower::none('A capacity');
        }
        foreach (['An efficiency' => $efficiency, 'A share' => $usable] as $what => $share) {
            if ($share <= 0.0 || $share > 1.0) {
                throw ImpossiblePower::share($what);
            }
        }
    }

    /**
     * What devices on one battery draw together, on the mean.
     *
     * @param  list<array{float, float}>  $devices  watts, and the share of the time that they draw it
     *
     * @throws ImpossiblePower
     */
    public static function drawn(array $devices): float
    {
        if (min([0.0, ...array_column($devices, 0), ...array_column($devices, 1)]) < 0.0) {
            throw ImpossiblePower::negative('Watts and shares of the time');
        }
        if (max([0.0, ...array_column($devices, 1)]) > 1.0) {
            throw ImpossiblePower::share('A share of the time');
        }

        return array_sum(array_map(static fn (array $d): float => $d[0] * $d[1], $devices));
    }

    /** @return float|null hours; null with nothing on it */
    public function hours(float $watts): ?float
    {
        return $watts > 0.0 ? $this->capacityWh * $this->efficiency * $this->usable / $watts : null;
    }

    /** How many keep a load running for so long. */
    public function count(float $watts, float $hours): int
    {
        if ($watts < 0.0 || $hours < 0.0) {
            throw ImpossiblePower::negative('A load and its hours');
        }

        return (int) ceil($watts * $hours / ($this->capacityWh * $this->efficiency * $this->usable) - 1e-9);
    }
}
