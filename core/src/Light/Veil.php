<?php

declare(strict_types=1);

namespace FineFrame\Light;

use FineFrame\Geometry\Vec3;

/**
 * What glass and cloth in a window do to light: a share goes straight on, a share is scattered and leaves the inner side evenly, as a lit
 * cloth. Of
 * light that comes from all over the sky both shares leave so, where anything scatters.
 */
final readonly class Veil
{
    /** @throws ImpossibleLight if the shares are none, or add to more than there is */
    public function __construct(public float $direct, public float $scattered)
    {
        if (! ($direct >= 0.0 && $scattered >= 0.0 && $direct + $scattered <= 1.0 + 1e-9)) {
            throw ImpossibleLight::reflecting($direct + $scattered);
        }
    }

    /** This one with another before it: what the first lets through, by the second. */
    public function behind(self $before): self
    {
        return new self($before->direct * $this->direct, $before->direct * $this->scattered + $before->scattered * $this->passes());
    }

    public function passes(): float
    {
        return $this->direct + $this->scattered;
    }

    public function scatters(): bool
    {
        return $this->scattered > 0.0;
    }

    /** Lumens a square metre that leave its inner side evenly, of the sun's light on it and of the sky's. */
    public function exitance(float $sunLux, float $skyLux): float
    {
        return $this->scattered * $sunLux + $this->passes() * $skyLux;
    }

    /** The sun's light on an upright pane, square metre by square metre: none from behind the house. */
    public static function onPane(float $sunLux, Vec3 $towardsSun, Vec3 $inward): float
    {
        return $sunLux * max(0.0, -$towardsSun->unit()->dot($inward->unit()));
    }

    /**
     * What reaches a surface of the sun straight through a pane.
     *
     * @param  list<Vec3>  $corners  of a rectangle, in order
     */
    public function sunThrough(array $corners, Vec3 $inward, Vec3 $towardsSun, float $sunLux, Vec3 $point, Vec3 $normal): float
    {
        [$way, $in] = [$towardsSun->unit(), $inward->unit()];
        $out = -$way->dot($in);
        $ahead = $in->dot($point->minus($corners[0]));
        if ($out <= 1e-9 || $ahead <= 0.0) {
            return 0.0;
        }
        $met = $point->plus($way->times($ahead / $out))->minus($corners[0]);
        foreach ([$corners[1]->minus($corners[0]), $corners[3]->minus($corners[0])] as $edge) {
            $along = $met->dot($edge) / $edge->dot($edge);
            if ($along < 0.0 || $along > 1.0) {
                return 0.0;
            }
        }

        return $this->direct * $sunLux * max(0.0, $way->dot($normal->unit()));
    }
}
