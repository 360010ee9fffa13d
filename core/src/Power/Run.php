<?php

declare(strict_types=1);

namespace FineFrame\Power;

/** A cable run of pieces, from the wall on, with loads along it: what of the voltage arrives at each. Nominal currents. */
final readonly class Run
{
    /**
     * @param  list<array{float, Wire}>  $pieces  length one way, and what it is of
     * @param  float  $jointOhm  of each joint, out and back
     */
    public function __construct(private float $volts, private array $pieces, private float $jointOhm = 0.0)
    {
        if ($volts <= 0.0) {
            throw ImpossiblePower::none('A voltage');
        }
        if ($jointOhm < 0.0 || min([0.0, ...array_column($pieces, 0)]) < 0.0) {
            throw ImpossiblePower::negative('Lengths and joints');
        }
    }

    /**
     * @param  list<array{Load, int}>  $loads  each with the number of the piece at whose end it sits, from 1
     * @return list<float> volts lost up to each
     *
     * @throws ImpossiblePower where there is no such piece
     */
    public function drops(array $loads): array
    {
        $amps = array_fill(1, count($this->pieces), 0.0);
        foreach ($loads as [$load, $after]) {
            if (! isset($amps[$after])) {
                throw ImpossiblePower::unknown("piece $after");
            }
            for ($i = 1; $i <= $after; $i++) {
                $amps[$i] += $load->ampsAt($this->volts);
            }
        }
        [$lost, $so] = [[], 0.0];
        foreach ($this->pieces as $i => [$length, $wire]) {
            $so += $amps[$i + 1] * ($wire->loopOhm($length) + ($i > 0 ? $this->jointOhm : 0.0));
            $lost[$i + 1] = $so;
        }

        return array_map(static fn (array $load): float => $lost[$load[1]], $loads);
    }

    public function lengthM(): float
    {
        return array_sum(array_column($this->pieces, 0));
    }

    /** @param  list<array{Load, int}>  $loads */
    public function amps(array $loads): float
    {
        return array_sum(array_map(fn (array $one): float => $one[0]->ampsAt($this->volts), $loads));
    }
}
