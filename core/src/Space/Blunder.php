<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Vec2;

/**
 * Which reading is the blunder: each that the others check is left out in turn and the rest solved anew, so that a
 * gross one, which bends a linearised test, is found as surely as a small one.
 */
final readonly class Blunder
{
    /** Two readings cannot be told apart while the rest agrees as well but for chance: chi-squared of one degree at 0.1 %. */
    private const ALIKE = 3.29 ** 2;

    /** Readings tried: those that stand out most. */
    private const TRIES = 24;

    /** @param  array<int, SurveyFit>  $without  the fit without each reading that may be it, most likely first */
    private function __construct(public array $without)
    {
    }

    /**
     * @param  list<Vec2>  $sketch
     * @param  SurveyFit  $fit  of all readings, determined
     */
    public static function among(array $sketch, SurveyFit $fit): self
    {
        if ($fit->fits()) {
            return new self([]);
        }
        $outliers = array_map(abs(...), $fit->standardised);
        arsort($outliers);
        $without = $misfits = [];
        foreach (array_slice(array_keys(array_filter($outliers)), 0, self::TRIES) as $i) {
            try {
                $rest = Adjustment::solve($sketch, array_values(array_diff_key($fit->readings, [$i => true])));
            } catch (UnsolvedSurvey) {
                continue;
            }
            if ($rest->freedom === 0) {
                [$without[$i], $misfits[$i]] = [$rest, $rest->misfit()];
            }
        }
        asort($misfits);
        $least = (float) (reset($misfits) ?: 0.0);
        $alike = $least + self::ALIKE * max(1.0, $fit->redundancy > 1 ? $least / ($fit->redundancy - 1) : 1.0);
        $may = [];
        foreach ($misfits as $i => $misfit) {
            if ($misfit <= $alike) {
                $may[$i] = $without[$i];
            }
        }

        return new self($may);
    }

    /** @return list<int> the readings that may be it, most likely first */
    public function suspects(): array
    {
        return array_keys($this->without);
    }
}
