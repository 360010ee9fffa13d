<?php

declare(strict_types=1);

namespace App\View\Drawing;

use FineFrame\Scene\Material;

/** The colour of a material under more or less light than wanted; made once for each step of a sixth of a stop. */
final class Palette
{
    /** @var array<string, string> */
    private static array $made = [];

    /** @param  string  $sampled  its own colour as #rrggbb, in place of the material's */
    public static function fill(Material $material, float $stops, string $sampled = ''): string
    {
        $step = (int) round(max(-5.0, min(2.5, $stops)) * 6);

        return self::$made[$material->value.$sampled.$step] ??= self::mixed($material, $step / 6, $sampled);
    }

    private static function mixed(Material $material, float $stops, string $sampled): string
    {
        // A picture's tone against exposure: a soft curve, so that what is wanted looks right, four stops under still shows form and two
        // over clips.
        $gain = self::glows($material) ? 1.0 : 1.18 / (1 + exp(-0.62 * ($stops + 1.2)));

        return vsprintf(
            '#%02x%02x%02x',
            array_map(
                static fn (int $c): int => (int) max(0, min(255, round(8 + $c * $gain))),
                $sampled === ''
                    ? self::base($material)
                    : array_map(static fn (string $c): int => (int) hexdec($c), str_split(substr($sampled, 1), 2)),
            ),
        );
    }

    private static function glows(Material $material): bool
    {
        return $material === Material::Glass || $material === Material::LampFace;
    }

    /** @return array{int, int, int} at the wanted exposure and a little over */
    private static function base(Material $material): array
    {
        return match ($material) {
            Material::Wall => [196, 187, 172],
            Material::Floor => [142, 120, 98],
            Material::Ceiling => [214, 208, 196],
            Material::Glass => [226, 236, 240],
            Material::Door => [128, 96, 66],
            Material::Wood => [166, 122, 80],
            Material::Skin => [244, 196, 166],
            Material::Hair => [92, 76, 66],
            Material::Eye => [30, 24, 24],
            Material::Cloth => [92, 122, 140],
            Material::Trousers => [74, 78, 92],
            Material::Metal => [132, 138, 144],
            Material::Black => [46, 46, 50],
            Material::LampFace => [255, 244, 216],
        };
    }
}
