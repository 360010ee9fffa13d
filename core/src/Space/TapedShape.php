<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Quantity;

/**
 * Corners from a tape book: a chain balanced and closed, or with diagonals a least-squares survey.
 *
 * @internal
 */
final class TapedShape
{
    /**
     * @param  list<TapedWall>  $tape
     * @param  list<Diagonal>  $diagonals
     * @return array{non-empty-list<Vec2>, Closure}
     */
    public static function solve(Node $node, array $tape, array $diagonals): array
    {
        $standIn = [[new Vec2(0, 0), new Vec2(4, 0), new Vec2(4, 4), new Vec2(0, 4)], new Closure(0, 16, false)];
        if ($node->problems->any()) {
            return $standIn;
        }
        try {
            $chain = Traverse::through(
                array_map(static fn (TapedWall $w): float => $w->lengthM, $tape),
                array_map(static fn (TapedWall $w): float => $w->turnRad, $tape),
            );

            return $diagonals === [] ? self::chained($node, $chain) : self::surveyed($node, $chain, $tape, $diagonals);
        } catch (UnsolvedSurvey $e) {
            $node->wrong($diagonals === [] ? 'walls' : 'diagonals', $e->getMessage());

            return $standIn;
        }
    }

    /** @return array{non-empty-list<Vec2>, Closure} */
    private static function chained(Node $node, Traverse $chain): array
    {
        $closure = new Closure($chain->linearMisclosureM, $chain->perimeterM, true);
        if (abs($chain->angularMisclosureRad) > deg2rad(5)) {
            $node->wrong('walls', 'turn by {sum} in all; a closed room turns by 360°. Check the turn at each corner.', ['sum' => Quantity::degrees(360 - rad2deg($chain->angularMisclosureRad))]);
        } elseif (! $closure->holds()) {
            $node->wrong('walls', 'do not close: the last wall ends {gap} from where the first began (at most {limit} is spread over the walls). Tape the longest again, or add a diagonal.', [
                'gap' => Quantity::metres($closure->misclosureM), 'limit' => Quantity::metres($closure->limitM()),
            ]);
        }

        return [$chain->corners, $closure];
    }

    /**
     * @param  list<TapedWall>  $tape
     * @param  list<Diagonal>  $diagonals
     * @return array{non-empty-list<Vec2>, Closure}
     */
    private static function surveyed(Node $node, Traverse $sketch, array $tape, array $diagonals): array
    {
        $index = array_flip(array_map(static fn (TapedWall $w): string => $w->id, $tape));
        $readings = [];
        foreach ($tape as $i => $wall) {
            $readings[] = [$i, ($i + 1) % count($tape), $wall->lengthM];
        }
        foreach ($diagonals as $i => $diagonal) {
            if (! isset($index[$diagonal->from], $index[$diagonal->to]) || $diagonal->from === $diagonal->to) {
                $node->wrong("diagonals/$i", 'must run between two different corners, each named by the wall that begins there');

                continue;
            }
            $readings[] = [$index[$diagonal->from], $index[$diagonal->to], $diagonal->lengthM];
        }
        $fit = TapeSurvey::solve($sketch->corners, $readings);
        $closure = new Closure($fit->largestResidualM(), $sketch->perimeterM, $fit->redundancy > 0);
        if (! $closure->holds()) {
            $node->wrong('diagonals', 'do not agree with the walls: a reading is off by {gap} (at most {limit}). {again}', [
                'gap' => Quantity::metres($closure->misclosureM), 'limit' => Quantity::metres($closure->limitM()), 'again' => self::again($fit, $tape, $readings),
            ]);
        }

        return [$fit->corners, $closure];
    }

    /**
     * Names the reading to take again, where the others agree well enough to tell.
     *
     * @param  list<TapedWall>  $tape
     * @param  list<array{int, int, float}>  $readings
     */
    private static function again(SurveyFit $fit, array $tape, array $readings): string
    {
        $suspects = $fit->suspects();
        if (count($suspects) !== 1) {
            return 'Which one, these readings cannot tell: tape another diagonal.';
        }
        [$from, $to] = $readings[$suspects[0]];

        return $suspects[0] < count($tape) ? "Tape the {$tape[$suspects[0]]->name} again." : 'Tape the diagonal from '.chr(65 + $from).' to '.chr(65 + $to).' again.';
    }
}
