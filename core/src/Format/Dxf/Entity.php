<?php

declare(strict_types=1);

namespace FineFrame\Format\Dxf;

use FineFrame\Geometry\Vec2;

/**
 * One entity as it is fed, group by group (Autodesk, DXF reference, ENTITIES).
 *
 * @internal
 */
final class Entity
{
    /** A curve is drawn by chords that turn no farther than this each. */
    private const CHORD_RAD = M_PI / 12;

    public string $layer = '';

    public string $name = '';

    public bool $isOnPaper = false;

    public bool $isClosed = false;

    /** Whether a polyline's vertices have begun: its own point is no corner. */
    public bool $hasVertices = false;

    public int $columns = 1;

    public int $rows = 1;

    /** @var list<Vec2> */
    public array $points = [];

    /** @var array<int, float> by the point that they begin at */
    private array $bulges = [];

    /** @var array<int, float> by group code */
    private array $numbers = [];

    public function __construct(public readonly string $kind)
    {
    }

    public function feed(int $code, string $value): void
    {
        $takesPoints = $this->kind !== 'POLYLINE' || $this->hasVertices;
        $last = count($this->points) - 1;
        match (true) {
            $code === 2 => $this->name = $value,
            $code === 8 => $this->layer = $this->layer === '' ? strtoupper($value) : $this->layer,
            $code === 67 => $this->isOnPaper = (int) $value === 1,
            $code === 70 && ! $this->hasVertices => [$this->isClosed, $this->columns] = [((int) $value & 1) === 1, (int) $value],
            $code === 71 => $this->rows = (int) $value,
            in_array($code, [10, 11], true) && $takesPoints => $this->points[] = new Vec2((float) $value, 0.0),
            in_array($code, [20, 21], true)
                && $takesPoints
                && $last >= 0 => $this->points = [...array_slice($this->points, 0, -1), new Vec2($this->points[$last]->x, (float) $value)],
            $code === 42 && $this->kind !== 'INSERT' && $takesPoints && $last >= 0 => $this->bulges[$last] = (float) $value,
            in_array($code, [40, 41, 42, 50, 51], true) => $this->numbers[$code] = (float) $value,
            default => null,
        };
    }

    /** @return list<Vec2> as it is drawn, curves as chords; none for what is no line */
    public function line(): array
    {
        return match ($this->kind) {
            'LINE', 'POLYLINE', 'LWPOLYLINE' => $this->bent(),
            'ARC' => $this->arc(),
            default => [],
        };
    }

    /** Where a point of the block lies that this inserts. */
    public function placed(Vec2 $point): Vec2
    {
        $scaled = new Vec2($point->x * ($this->numbers[41] ?? 1.0), $point->y * ($this->numbers[42] ?? 1.0));
        $turned = $scaled->turnedClockwise(-deg2rad($this->numbers[50] ?? 0.0));

        return isset($this->points[0]) ? $this->points[0]->plus($turned) : $turned;
    }

    /** @return list<Vec2> a bulge is the tangent of a quarter of its arc's angle, positive to the left */
    private function bent(): array
    {
        $count = count($this->points);
        $bent = [];
        foreach ($this->points as $i => $from) {
            $bent[] = $from;
            $bulge = $this->bulges[$i] ?? 0.0;
            if (abs($bulge) < 1e-9 || ($i === $count - 1 && ! $this->isClosed)) {
                continue;
            }
            $angle = 4 * atan($bulge);
            $chord = $this->points[($i + 1) % $count]->minus($from);
            $middle = $from->plus($chord->times(0.5))->plus($chord->left()->times(0.5 / tan($angle / 2)));
            $steps = max(2, (int) ceil(abs($angle) / self::CHORD_RAD));
            for ($k = 1; $k < $steps; $k++) {
                $bent[] = $middle->plus($from->minus($middle)->turnedClockwise(-$angle * $k / $steps));
            }
        }

        return $bent;
    }

    /** @return list<Vec2> */
    private function arc(): array
    {
        [$middle, $radius] = [$this->points[0] ?? null, $this->numbers[40] ?? 0.0];
        if ($middle === null || $radius <= 0.0) {
            return [];
        }
        [$from, $until] = [deg2rad($this->numbers[50] ?? 0.0), deg2rad($this->numbers[51] ?? 360.0)];
        $until += $until <= $from ? 2 * M_PI : 0.0;
        $steps = max(2, (int) ceil(($until - $from) / self::CHORD_RAD));
        $at = static fn (int $k): float => $from + ($until - $from) * $k / $steps;

        return array_map(
            static fn (int $k): Vec2 => $middle->plus((new Vec2(cos($at($k)), sin($at($k))))->times($radius)),
            range(0, $steps),
        );
    }
}
