<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;

/**
 * The light that is there without lamps, as a dome read it at a head: ahead, and to the sides, behind and above where somebody turned
 * it. Between the readings it is blended by the squares of the way's parts, so that each reading stands; where none was taken it is the
 * mean of those that were.
 */
final readonly class Ambient
{
    /** Under this share of the mean nobody could say from where it comes. */
    private const TOLD = 0.2;

    private float $meanLux;

    /**
     * @param  array{ahead: float, left: float|null, right: float|null, behind: float|null, above: float|null}  $lux
     * @param  float  $aheadRad  the bearing on the plan that was ahead
     */
    public function __construct(private array $lux, private float $aheadRad)
    {
        $level = array_filter([$lux['ahead'], $lux['left'], $lux['right'], $lux['behind']], is_float(...));
        $this->meanLux = array_sum($level) / max(1, count($level));
    }

    /** What a dome reads, or a flat cell: the same for both, as what comes from all around is. */
    public function at(Vec3 $way): float
    {
        if (! $this->isRead()) {
            return $this->lux['ahead'];
        }
        [$ahead, $right] = $this->axes();
        $unit = $way->unit();
        [$along, $across] = [$unit->floor()->dot($ahead), $unit->floor()->dot($right)];

        return $along ** 2 * $this->of($along >= 0.0 ? 'ahead' : 'behind')
            + $across ** 2 * $this->of($across >= 0.0 ? 'right' : 'left')
            + $unit->z ** 2 * ($unit->z >= 0.0 ? $this->of('above') : $this->meanLux);
    }

    /** @return Vec3|null the way from where it comes most, as long as what comes from there over what comes from the other side; null from all around */
    public function towards(): ?Vec3
    {
        [$ahead, $right] = $this->axes();
        $way = $ahead->times(($this->of('ahead') - $this->of('behind')) / 2)
            ->plus($right->times(($this->of('right') - $this->of('left')) / 2))
            ->at($this->of('above') - $this->meanLux);

        return $this->isRead() && $way->length() > self::TOLD * max(1e-6, $this->meanLux) ? $way : null;
    }

    private function isRead(): bool
    {
        return array_filter(array_slice($this->lux, 1), static fn (?float $lux): bool => $lux !== null) !== [];
    }

    private function of(string $side): float
    {
        return $this->lux[$side] ?? $this->meanLux;
    }

    /** @return array{Vec2, Vec2} ahead, and to the right of it */
    private function axes(): array
    {
        $ahead = Vec2::towards($this->aheadRad);

        return [$ahead, $ahead->left()->times(-1.0)];
    }
}
