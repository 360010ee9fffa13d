<?php

declare(strict_types=1);

namespace FineFrame\Sound;

/**
 * A wireless link's power from pack to antenna: free space, bodies and walls in the way.
 *
 * Free space `20·log₁₀(d) + 20·log₁₀(f) + 32.44` (d in km, f in MHz; ITU-R P.525). A body that wears the pack takes about 10 dB
 * away from it, one in the way about 12; walls by what they are of (ITU-R P.2040, rounded): middle values for planning, to be
 * walk-tested.
 */
final readonly class RadioPath
{
    public const BODY_DB = 10.0;

    /** What a receiver needs for a clean voice, dBm, an ordinary one of its kind. */
    public const NEEDED_DBM = -90.0;

    private const WALLS_DB = [
        'glass' => 3.0, 'wood' => 5.0, 'board' => 5.0, 'plaster' => 6.0, 'brick' => 9.0, 'stone' => 16.0,
        'concrete' => 18.0,
    ];

    /** @param  float  $receivedDbm  at the antenna */
    private function __construct(public float $freeSpaceDb, public float $lossDb, public float $receivedDbm)
    {
    }

    /**
     * @param  float  $megahertz  carrier
     * @param  list<float>  $wallsDb  each wall that is crossed
     * @param  int  $bodies  in the way, the wearer's own with them
     */
    public static function of(float $milliwatts, float $metres, float $megahertz, array $wallsDb, int $bodies): self
    {
        $free = 20 * log10(max(0.001, $metres / 1000)) + 20 * log10($megahertz) + 32.44;
        $loss = array_sum($wallsDb) + $bodies * self::BODY_DB;

        return new self($free, $loss, 10 * log10($milliwatts) - $free - $loss);
    }

    /** By the name of what a wall is of. */
    public static function wallDb(string $material): float
    {
        foreach (self::WALLS_DB as $word => $db) {
            if (str_contains(mb_strtolower($material), $word)) {
                return $db;
            }
        }

        return self::WALLS_DB['brick'];
    }

    public function marginDb(): float
    {
        return $this->receivedDbm - self::NEEDED_DBM;
    }
}
