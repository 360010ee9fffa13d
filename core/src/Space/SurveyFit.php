<?php

declare(strict_types=1);

namespace FineFrame\Space;

use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;

/** What the tape readings say, and how well they agree. */
final readonly class SurveyFit
{
    /**
     * @param  non-empty-list<Vec2>  $corners
     * @param  list<float>  $residualsM  computed minus taped, in the readings' order
     * @param  list<float>  $standardised  each residual over its own standard uncertainty (Baarda's w)
     */
    public function __construct(public array $corners, public array $residualsM, public array $standardised, public int $redundancy, private float $sigmaM)
    {
    }

    public function fits(): bool
    {
        return $this->redundancy === 0 || $this->worst() <= TapeSurvey::LIMIT;
    }

    /** Standard uncertainty of unit weight; null without redundancy. */
    public function sigma0(): ?float
    {
        return $this->redundancy > 0 ? sqrt(self::squares($this->residualsM) / $this->redundancy) / $this->sigmaM : null;
    }

    public function rmsM(): float
    {
        return $this->residualsM === [] ? 0.0 : sqrt(self::squares($this->residualsM) / count($this->residualsM));
    }

    public function largestResidualM(): float
    {
        return $this->residualsM === [] ? 0.0 : max(array_map(abs(...), $this->residualsM));
    }

    /** @return list<int> the readings that may be the blunder: all whose residual stands out as far as the worst does */
    public function suspects(): array
    {
        $worst = $this->worst();

        return $this->fits() ? [] : array_keys(array_filter($this->standardised, static fn (float $w): bool => abs($w) > 0.98 * $worst));
    }

    /** Metres squared; negative when the corners run clockwise. */
    public function areaM2(): float
    {
        return (new Polygon($this->corners))->signedArea();
    }

    private function worst(): float
    {
        return $this->standardised === [] ? 0.0 : max(array_map(abs(...), $this->standardised));
    }

    /** @param  list<float>  $values */
    private static function squares(array $values): float
    {
        return array_sum(array_map(static fn (float $v): float => $v ** 2, $values));
    }
}
