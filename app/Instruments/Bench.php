<?php

declare(strict_types=1);

namespace App\Instruments;

use FineFrame\Plan\Location;
use FineFrame\Space\Room;

/** Which instrument serves which field of which list. */
final readonly class Bench
{
    private const SERVED = [
        'ties' => ['length_m' => 'laser'],
        'walls' => ['length_m' => 'laser'],
        'light' => ['lux' => 'light meter'],
        'colour' => ['kelvin' => 'colour meter'],
        'noise' => ['level_dba' => 'level meter'], 'circuits' => ['already_a' => 'clamp meter'],
    ];

    public function __construct(private Instruments $instruments)
    {
    }

    /** @return string|null the instrument that reads a field */
    public static function serves(string $sheet, string $column): ?string
    {
        return self::SERVED[$sheet][$column] ?? null;
    }

    /**
     * @param  array<string, string>  $row  what stands in the form so far
     *
     * @throws NoReading
     */
    public function take(Location $place, Room $room, string $sheet, string $column, array $row): Reading
    {
        $name = trim($row['name'] ?? '');
        $by = self::serves($sheet, $column) ?? throw NoReading::notServed();

        return new Reading($by === 'laser' ? 'laser' : $by, match ($sheet) {
            'ties' => ['length_m' => $this->instruments->distance($place, $row['from'] ?? '', $row['to'] ?? '')],
            'walls' => ['length_m' => $this->instruments->distance($place, $row['id'] ?? '', self::next($room, $row['id'] ?? ''))],
            'light' => ['lux' => $this->instruments->illuminance($place, $name, $row['under'] ?? 'daylight')],
            'colour' => array_combine(['kelvin', 'duv'], $this->instruments->colour($place, $name)),
            'noise' => ['level_dba' => $this->instruments->level($place, $name)],
            default => ['already_a' => $this->instruments->current($place, $name)],
        });
    }

    private static function next(Room $room, string $wall): string
    {
        $ids = array_column($room->walls, 'id');
        $at = array_search($wall, $ids, true);

        return $at === false ? '' : $ids[($at + 1) % count($ids)];
    }
}
