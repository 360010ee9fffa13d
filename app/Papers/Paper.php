<?php

declare(strict_types=1);

namespace App\Papers;

enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    /** @return array{float, float} width and height inside the margins for the floor, mm */
    public function floorMm(): array
    {
        return match ($this) {
            self::A4 => [182.0, 150.0],
            self::Letter => [188.0, 135.0],
        };
    }

    /** @return non-empty-list<int> usual drawing scales, the largest first; quarter and eighth inch to the foot on Letter */
    public function scales(): array
    {
        return match ($this) {
            self::A4 => [20, 25, 50, 75, 100, 200, 500, 1000],
            self::Letter => [24, 48, 96, 192, 480, 960],
        };
    }
}
