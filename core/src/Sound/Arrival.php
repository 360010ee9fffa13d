<?php

declare(strict_types=1);

namespace FineFrame\Sound;

use FineFrame\Geometry\Vec3;

/**
 * A sound as it comes to a microphone: straight, or by one or two faces. Image sources: Allen and Berkley, J. Acoust. Soc. Am. 65 (1979);
 * a reflection leaves `1 − α` of the energy, at any angle.
 */
final readonly class Arrival
{
    /** Metres a second, at 20 °C. */
    public const SPEED = 343.0;

    /** @param  list<float>  $gains  pressure by octave band against the direct sound at one metre, on the axis; 0 where none is heard */
    private function __construct(public float $timeS, public array $gains)
    {
    }

    /**
     * @param  list<Surface>  $surfaces
     * @param  Vec3|null  $aim  what the microphone points along; null where it hears all around
     * @return non-empty-list<self> the direct sound and all that come by one or two faces, by their times
     *
     * @throws ImpossibleSound if the microphone is at the source, or points nowhere with a pattern that needs it
     */
    public static function at(array $surfaces, Vec3 $source, Vec3 $microphone, Pickup $pickup, ?Vec3 $aim): array
    {
        if ($source->distanceTo($microphone) < 1e-6) {
            throw ImpossibleSound::atTheSource();
        }
        if ($pickup->a < 1.0 && ($aim === null || $aim->length() < 1e-9)) {
            throw ImpossibleSound::aimless();
        }
        $direct = self::heard($source, $microphone, $pickup, $aim, []);
        $all = [];
        foreach (self::images($surfaces, $source, $microphone) as [$image, $by]) {
            // By two walls square to each other it comes once, whichever is first.
            $all[sprintf('%.5F %.5F %.5F', $image->x, $image->y, $image->z)] ??= self::heard($image, $microphone, $pickup, $aim, $by);
        }
        usort($all, static fn (self $a, self $b): int => $a->timeS <=> $b->timeS);

        return [$direct, ...$all];
    }

    /**
     * @param  list<Surface>  $surfaces
     * @return \Generator<array{Vec3, non-empty-list<Surface>}> where the source seems to be by one or two faces, and by which
     */
    private static function images(array $surfaces, Vec3 $source, Vec3 $microphone): \Generator
    {
        foreach ($surfaces as $i => $first) {
            $image = $first->image($source);
            if ($first->meets($microphone, $image) !== null) {
                yield [$image, [$first]];
            }
            foreach ($surfaces as $j => $second) {
                $twice = $second->image($image);
                $at = $i === $j ? null : $second->meets($microphone, $twice);
                if ($at !== null && $first->meets($at, $image) !== null) {
                    yield [$twice, [$first, $second]];
                }
            }
        }
    }

    /** The same with so many times the pressure. */
    public function louder(float $times): self
    {
        return new self($this->timeS, array_map(static fn (float $g): float => $times * $g, $this->gains));
    }

    /** @param  list<Surface>  $by */
    private static function heard(Vec3 $image, Vec3 $microphone, Pickup $pickup, ?Vec3 $aim, array $by): self
    {
        $to = $image->minus($microphone);
        $pattern = $aim === null || $pickup->a >= 1.0 ? 1.0 : $pickup->gain($aim->angleTo($to));
        $gains = array_fill(0, count(Material::BANDS_HZ), $pattern / $to->length());
        foreach ($by as $surface) {
            foreach ($gains as $band => $gain) {
                $gains[$band] = $gain * sqrt(1 - $surface->alpha[$band]);
            }
        }

        return new self($to->length() / self::SPEED, $gains);
    }
}
