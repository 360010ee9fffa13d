<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Document\Node;
use FineFrame\Geometry\Vec2;
use FineFrame\Measure\Quantity;

/**
 * What was taped in a room, in any order, and the shape that follows: a chain balanced and closed where nothing ties
 * its corners, else a least-squares survey in which one contradicted reading is set aside and named.
 */
final readonly class TapeBook
{
    /** What a sketched turn is worth where readings are missing. */
    private const TURN_SIGMA_DEG = 2.0;

    /**
     * @param  list<TapedWall>  $walls
     * @param  list<Tie>  $ties
     * @param  list<CornerAngle>  $angles
     * @param  list<Built>  $built
     */
    public function __construct(public array $walls, public array $ties, public array $angles, public array $built)
    {
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->each('walls', TapedWall::read(...), 60),
            $node->each('ties', Tie::read(...), 200),
            $node->each('angles', CornerAngle::read(...), 60),
            $node->each('built', Built::read(...), 100),
        );
    }

    /** @return array{non-empty-list<Vec2>, Survey} the corners and then the tied things, and how they came about */
    public function solve(Node $node): array
    {
        $standIn = [new Vec2(0, 0), new Vec2(4, 0), new Vec2(4, 4), new Vec2(0, 4)];
        if (! $node->problems->any()) {
            try {
                $chain = Traverse::through(
                    array_map(static fn (TapedWall $w): float => $w->lengthM, $this->walls),
                    array_map(static fn (TapedWall $w): float => $w->turnRad, $this->walls),
                );

                return $this->isChain() ? $this->chained($node, $chain) : $this->surveyed($node, $chain);
            } catch (UnsolvedSurvey $e) {
                $node->wrong($this->isChain() ? 'walls' : 'ties', $e->getMessage());
            }
        }

        return [
            $standIn,
            new Survey(
                new SurveyFit($standIn, [], array_fill(0, 5, array_fill(0, 5, 0.0)), 0),
                [],
                ['A', 'B', 'C', 'D'],
                4,
                true,
                0.0,
                16.0,
                0,
            ),
        ];
    }

    public function isChain(): bool
    {
        return $this->ties === []
            && $this->angles === []
            && array_filter($this->walls, static fn (TapedWall $w): bool => ! $w->isTaped()) === [];
    }

    /** Whether anybody has measured anything of it. */
    public function isTaped(): bool
    {
        return $this->ties !== []
            || $this->angles !== []
            || array_filter($this->walls, static fn (TapedWall $w): bool => $w->isTaped()) !== [];
    }

    public static function letter(int $corner): string
    {
        return chr(65 + $corner % 26).($corner >= 26 ? (string) intdiv($corner, 26) : '');
    }

    /** @return list<Built> the built things that are placed by ties */
    public function tied(): array
    {
        $ends = array_merge([], ...array_map(static fn (Tie $t): array => [$t->from, $t->to], $this->ties));

        return array_values(array_filter($this->built, static fn (Built $b): bool => in_array($b->id, $ends, true)));
    }

    /** @return array{non-empty-list<Vec2>, Survey} */
    private function chained(Node $node, Traverse $chain): array
    {
        if (abs($chain->angularMisclosureRad) > deg2rad(5)) {
            $node->wrong(
                'walls',
                'turn by {sum} in all; a closed room turns by 360°. Check the turn at each corner.',
                ['sum' => Quantity::degrees(360 - rad2deg($chain->angularMisclosureRad))],
            );
        }
        $named = $this->wallReadings() + $this->sketchedTurns();
        $readings = array_values($named);
        $names = array_map(strval(...), array_keys($named));
        if (($stretched = Stretched::among($readings)) !== null) {
            $node->wrong('walls', 'cannot be: {name} is {length}, and the others reach {most} at the most. Take it again.', [
                'name' => $names[$stretched->reading],
                'length' => Quantity::metres($readings[$stretched->reading]->value),
                'most' => Quantity::metres($stretched->mostM),
            ]);
        }
        $fit = Adjustment::solve($chain->corners, $readings);

        return [$chain->corners, new Survey(
            $fit, $names, $this->pointNames(), count($this->walls), true, $chain->linearMisclosureM, $chain->perimeterM,
            count($this->walls) - 3,
            $this->wallNames(),
        )];
    }

    /** @return array{non-empty-list<Vec2>, Survey} */
    private function surveyed(Node $node, Traverse $chain): array
    {
        $sketch = [...$chain->corners, ...array_map(static fn (Built $b): Vec2 => $b->place, $this->tied())];
        $named = $this->wallReadings() + $this->tieReadings($node) + $this->angleReadings($node);
        $readings = array_values($named);
        $names = array_map(strval(...), array_keys($named));
        $fit = Adjustment::solve($sketch, $readings);
        $blunder = $fit->freedom > 0 ? null : Blunder::among($sketch, $fit);
        // Where the others tell the blunder apart, it is that one, long or short.
        $stretched = $blunder !== null && count($blunder->suspects()) === 1 ? null : Stretched::among($readings);
        $fitting = $stretched === null ? $readings : array_values(array_diff_key($readings, [$stretched->reading => true]));
        $fit = $stretched === null ? $fit : Adjustment::solve($sketch, $fitting);
        $freedom = $fit->freedom;
        if ($freedom > 0) {
            $soft = $this->sketchedLengths() + $this->sketchedTurns();
            $fit = Adjustment::solve($sketch, [...$fitting, ...array_values($soft)]);
            [$readings, $names] = [[...$readings, ...array_values($soft)], [...$names, ...array_map(strval(...), array_keys($soft))]];
        }
        $fit = $stretched === null ? $fit : $fit->judging($readings);
        $suspects = $stretched === null ? $blunder?->suspects() ?? [] : [];
        $setAside = null;
        if ($blunder !== null && count($suspects) === 1) {
            [$one, $without] = [$readings[$suspects[0]], $blunder->without[$suspects[0]]];
            $setAside = [$suspects[0], $one->value + $one->linear($without->points)[0]];
            // The shape is the others'; the residuals still show the reading that was set aside.
            $fit = $without->judging($readings);
        }
        $gap = $setAside === null ? $fit->largestResidualM() : abs($setAside[1] - $readings[$setAside[0]]->value);

        return [$fit->points, new Survey(
            $fit,
            $names,
            $this->pointNames(),
            count($this->walls),
            false,
            $gap,
            $chain->perimeterM,
            $freedom,
            $this->wallNames(),
            $setAside,
            $setAside === null ? $suspects : [],
            $stretched,
        )];
    }

    /** @return list<string> */
    private function wallNames(): array
    {
        return array_map(static fn (TapedWall $w): string => $w->name, $this->walls);
    }

    /** @return array<string, Reading> by name */
    private function wallReadings(): array
    {
        $readings = [];
        foreach ($this->walls as $i => $wall) {
            if ($wall->by !== null) {
                $readings[$this->unique(
                    $readings,
                    $wall->name === '' ? self::letter($i).'–'.self::letter(($i + 1) % count($this->walls)) : $wall->name,
                )]
                    = Reading::distance(
                        "walls/$wall->id",
                        $i,
                        ($i + 1) % count($this->walls),
                        $wall->lengthM,
                        $wall->by->sigmaM($wall->lengthM),
                    );
            }
        }

        return $readings;
    }

    /** @return array<string, Reading> by name */
    private function tieReadings(Node $node): array
    {
        $index = array_flip(
            [
                ...array_map(static fn (TapedWall $w): string => $w->id, $this->walls),
                ...array_map(static fn (Built $b): string => $b->id, $this->tied()),
            ],
        );
        $names = $this->pointNames();
        $readings = [];
        foreach ($this->ties as $i => $tie) {
            [$from, $to] = [$index[$tie->from] ?? null, $index[$tie->to] ?? null];
            if ($from === null || $to === null || $from === $to) {
                $node->wrong(
                    "ties/$i",
                    'must run between two different points: corners, each named by the wall that begins there, or built things',
                );
            } elseif (! $tie->leftOut) {
                $readings[$this->unique($readings, "$names[$from]–$names[$to]")] = Reading::distance(
                    "ties/$tie->id",
                    $from,
                    $to,
                    $tie->lengthM,
                    $tie->by->sigmaM($tie->lengthM),
                );
            }
        }

        return $readings;
    }

    /** @return array<string, Reading> by name */
    private function angleReadings(Node $node): array
    {
        $index = array_flip(array_map(static fn (TapedWall $w): string => $w->id, $this->walls));
        $count = count($this->walls);
        $readings = [];
        foreach ($this->angles as $i => $angle) {
            $corner = $index[$angle->corner] ?? null;
            if ($corner === null) {
                $node->wrong("angles/$i/corner", 'is not a corner of this room');

                continue;
            }
            $readings[$this->unique($readings, 'the angle at '.self::letter($corner))] = Reading::angle(
                "angles/$angle->id",
                ($corner + $count - 1) % $count,
                $corner,
                ($corner + 1) % $count,
                $angle->insideRad,
                $angle->sigmaRad,
            );
        }

        return $readings;
    }

    /** @return array<string, Reading> the turns as sketched, which hold what no reading does, by name */
    private function sketchedTurns(): array
    {
        $count = count($this->walls);
        $turns = [];
        foreach ($this->walls as $i => $wall) {
            $corner = ($i + 1) % $count;
            $turns['the sketched turn at '.self::letter($corner)] = Reading::angle(
                'turn',
                $i,
                $corner,
                ($corner + 1) % $count,
                M_PI - $wall->turnRad,
                deg2rad(self::TURN_SIGMA_DEG),
            );
        }

        return $turns;
    }

    /** @return array<string, Reading> the walls nobody has taped, as drawn, by name */
    private function sketchedLengths(): array
    {
        $lengths = [];
        foreach ($this->walls as $i => $wall) {
            if (! $wall->isTaped()) {
                $lengths['the sketched '.($wall->name ?: self::letter($i))] = Reading::distance(
                    'sketch',
                    $i,
                    ($i + 1) % count($this->walls),
                    $wall->lengthM,
                    0.5 + 0.3 * $wall->lengthM,
                );
            }
        }

        return $lengths;
    }

    /** @return list<string> */
    private function pointNames(): array
    {
        return [
            ...array_map(self::letter(...), array_keys($this->walls)),
            ...array_map(static fn (Built $b): string => $b->name, $this->tied()),
        ];
    }

    /** @param  array<string, Reading>  $taken */
    private function unique(array $taken, string $name): string
    {
        for ($n = 2, $free = $name; isset($taken[$free]); $n++) {
            $free = "$name ($n)";
        }

        return $free;
    }
}
