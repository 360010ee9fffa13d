<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Vec2;

/**
 * Walls as a chain: length, then the turn to the next. The turns are balanced equally, then the gap is shared along
 * the chain in proportion to length (Bowditch's rule; any surveying text).
 */
final readonly class Traverse
{
    /** @param  non-empty-list<Vec2>  $corners one for each wall's start, walked counter-clockwise */
    private function __construct(
        public array $corners,
        public float $angularMisclosureRad,
        public float $linearMisclosureM,
        public float $perimeterM,
    ) {
    }

    /**
     * @param  list<float>  $lengthsM
     * @param  list<float>  $turnsRad  left positive; the turn at the end of each wall
     *
     * @throws UnsolvedSurvey if there are fewer than three walls or a length is not positive
     */
    public static function through(array $lengthsM, array $turnsRad): self
    {
        $count = count($lengthsM);
        if ($count < 3) {
            throw UnsolvedSurvey::tooFew();
        }
        $angular = 2 * M_PI - array_sum($turnsRad);
        $perimeter = array_sum($lengthsM);

        [$open, $bearing, $at] = [[], M_PI / 2, new Vec2(0, 0)];
        foreach ($lengthsM as $i => $length) {
            if ($length <= 0.0) {
                throw UnsolvedSurvey::notALength('Wall '.($i + 1));
            }
            $open[] = $at;
            $at = $at->plus(Vec2::towards($bearing)->times($length));
            $bearing -= $turnsRad[$i] + $angular / $count;
        }

        [$corners, $walked] = [[], 0.0];
        foreach ($open as $i => $corner) {
            $corners[] = $corner->minus($at->times($walked / $perimeter));
            $walked += $lengthsM[$i];
        }

        return new self($corners, $angular, $at->length(), $perimeter);
    }
}
