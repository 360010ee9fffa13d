<?php

declare(strict_types=1);

namespace FineFrame\Scout;

use FineFrame\Document\Record;

/** A place's circuits that may be used, and what each still carries. */
final readonly class Circuits
{
    private const USUAL_VOLTS = 230.0;

    /** Ways of parting tried before it is left open: what a moment allows. */
    private const TRIES = 50_000;

    /** Equal to the limit is allowed, watts. */
    private const EVEN = 1e-6;

    /**
     * @param  array<string, float>  $freeW  by circuit's name
     * @param  list<string>  $unsure  circuits of which nobody knows what hangs on them or whether they are ours
     */
    private function __construct(public array $freeW, public array $unsure)
    {
    }

    /**
     * @param  list<Record>  $found
     * @param  float  $share  of a breaker that continuous load may take
     */
    public static function among(array $found, float $share): self
    {
        $free = $unsure = [];
        foreach ($found as $i => $circuit) {
            $amps = $circuit->number('breaker_a');
            if ($amps === null || $circuit->text('ours') === 'no') {
                continue;
            }
            $name = $circuit->text('name') ?: 'circuit '.($i + 1);
            $name = isset($free[$name]) ? $name.' ('.($i + 1).')' : $name;
            $free[$name] = max(
                0.0,
                $amps * $share - ($circuit->number('already_a') ?? 0.0),
            ) * ($circuit->number('volts') ?? self::USUAL_VOLTS);
            if ($circuit->text('ours') === 'unknown' || $circuit->number('already_a') === null) {
                $unsure[] = $name;
            }
        }

        return new self($free, $unsure);
    }

    public function totalW(): float
    {
        return array_sum($this->freeW);
    }

    public function largestW(): float
    {
        return max([0.0, ...array_values($this->freeW)]);
    }

    /**
     * Each load on one circuit, the largest loads first, each where the least is left over; what does not go that way is
     * taken back and tried elsewhere.
     *
     * @param  list<array{string, float}>  $loads  name and watts
     * @return Parting what hangs where, or that nothing does it
     */
    public function part(array $loads): Parting
    {
        usort($loads, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        if ($loads !== [] && $loads[0][1] > $this->largestW() + self::EVEN) {
            return Parting::tooLarge($loads[0][0], $loads[0][1]);
        }
        if (array_sum(array_column($loads, 1)) > $this->totalW() + self::EVEN) {
            return Parting::none();
        }
        [$on, $tries] = [[], 0];
        $parted = $this->hang($loads, 0, $this->freeW, $on, $tries);

        return match (true) {
            $parted => Parting::on($on),
            $tries >= self::TRIES => Parting::open(),
            default => Parting::none(),
        };
    }

    /**
     * @param  list<array{string, float}>  $loads
     * @param  array<string, float>  $left
     * @param  array<string, list<string>>  $on
     */
    private function hang(array $loads, int $at, array $left, array &$on, int &$tries): bool
    {
        if (! isset($loads[$at])) {
            return true;
        }
        [$name, $watts] = $loads[$at];
        asort($left);
        $tried = [];
        foreach ($left as $circuit => $free) {
            // Two circuits with as much left are alike.
            if ($free + self::EVEN < $watts || in_array(round($free, 3), $tried, true)) {
                continue;
            }
            if (++$tries >= self::TRIES) {
                return false;
            }
            $tried[] = round($free, 3);
            $on[$circuit][] = $name;
            if ($this->hang($loads, $at + 1, [$circuit => $free - $watts] + $left, $on, $tries)) {
                return true;
            }
            array_pop($on[$circuit]);
        }

        return false;
    }
}
