<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Camera\Lens;
use FineFrame\Grip\JoiningPart;
use FineFrame\Grip\Support;
use FineFrame\Grip\SupportKind;
use FineFrame\Light\Fixture;
use FineFrame\Light\Modifier;
use FineFrame\Plan\PackModel;
use FineFrame\Sound\Pole;

/** How large and heavy gear is as it is packed, where nobody has measured it: folded, in its pouch. Usual values of ours. */
final class PackSizes
{
    /** Length, width, height in metres, kilograms, and whether it is fragile. */
    private const USUAL = [
        'bodies' => [0.22, 0.18, 0.16, 1.9, true],
        'reducers' => [0.10, 0.10, 0.08, 0.3, true],
        'prompters' => [0.45, 0.35, 0.15, 4.0, true],
        'microphones' => [0.26, 0.10, 0.07, 0.4, true],
        'chargers' => [0.20, 0.15, 0.08, 1.0, false],
        'recorder' => [0.25, 0.20, 0.10, 1.5, true],
        'monitor' => [0.30, 0.20, 0.06, 1.0, true],
        'hazer' => [0.40, 0.30, 0.30, 9.0, false],
        'cloth' => [0.50, 0.40, 0.15, 3.0, false],
        'sandbag' => [0.40, 0.25, 0.10, 7.0, false],
        'card' => [0.10, 0.08, 0.02, 0.1, true],
        'drive' => [0.14, 0.10, 0.03, 0.3, true],
        'link' => [0.18, 0.14, 0.06, 0.6, false],
        'tape' => [0.12, 0.12, 0.05, 0.4, false],
        'own' => [0.20, 0.15, 0.10, 1.0, false],
    ];

    private const LEAD_M = 10.0;

    private const FOLDED_M = 0.6;

    /** @return array{float, float, float, float, bool} */
    public static function of(string $kind, ?object $model = null, float $lengthM = 0.0): array
    {
        return match (true) {
            $model instanceof Lens => [$model->frontM + 0.03, $model->frontM + 0.03, $model->lengthM + 0.05, 0.9, true],
            $model instanceof Support => self::support($model),
            $model instanceof Fixture => self::lamp($model->widthM, $model->heightM, $model->kg),
            $model instanceof Modifier => self::cloth($model->widthM, $model->heightM, $model->kg),
            $model instanceof Pole => [$model->longestM / 3, 0.06, 0.06, $model->kg ?? 1.2, false],
            $model instanceof PackModel => [0.15, 0.10, 0.06, max(0.1, 0.008 * $model->wh), false],
            $model instanceof JoiningPart => [0.12, 0.08, 0.06, $model->kg, false],
            $kind === 'lead' => [0.22, 0.22, max(0.03, 0.05 * $lengthM / self::LEAD_M), max(0.1, 0.08 * $lengthM), false],
            $kind === 'extension' => [0.28, 0.28, max(0.05, 0.08 * $lengthM / self::LEAD_M), max(0.3, 0.15 * $lengthM), false],
            default => self::USUAL[$kind] ?? self::USUAL['own'],
        };
    }

    /** @return array{float, float, float, float, bool} */
    private static function support(Support $s): array
    {
        return match ($s->kind) {
            SupportKind::Clamp => [0.20, 0.14, 0.10, $s->kg ?? 0.6, false],
            SupportKind::Gimbal => [0.50, 0.35, 0.20, $s->kg ?? 3.5, true],
            SupportKind::Slider => [1.00, 0.20, 0.15, $s->kg ?? 6.0, false],
            SupportKind::Shoulder => [0.45, 0.25, 0.20, $s->kg ?? 3.0, false],
            SupportKind::Arm => [1.30, 0.30, 0.25, $s->kg ?? 14.0, false],
            default => [max(self::FOLDED_M, 0.4 * $s->highestM), 0.14, 0.14, $s->kg ?? 4.5, false],
        };
    }

    /**
     * Soft ones fold to their rods beside the head; panels and heads stay as they are.
     *
     * @return array{float, float, float, float, bool}
     */
    private static function lamp(float $widthM, float $heightM, ?float $kg): array
    {
        return match (true) {
            min($widthM, $heightM) > 0.5 => [0.60, 0.28, 0.24, $kg ?? 4.0, false],
            $widthM > 0.9 => [$widthM + 0.05, 0.08, 0.08, $kg ?? 1.2, true],
            default => [max($widthM, 0.2) + 0.06, max($heightM, 0.18) + 0.04, 0.18, $kg ?? 2.5, true],
        };
    }

    /** @return array{float, float, float, float, bool} */
    private static function cloth(float $widthM, float $heightM, ?float $kg): array
    {
        return max($widthM, $heightM) > 0.5
            ? [min(1.25, max($widthM, $heightM) / 2 + 0.1), 0.16, 0.10, $kg ?? 1.5, false]
            : [$widthM + 0.05, $heightM + 0.05, 0.06, $kg ?? 0.6, false];
    }
}
