<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Grip\SupportKind;
use FineFrame\Light\Modifier;
use FineFrame\Light\SoftBox;
use FineFrame\Staging\Furniture;

/** What it takes to put up a setup's lamps: stands, watts, minutes; and which is missed least. Practicals are the room's. */
final readonly class LampRig
{
    /** Minutes for one pair of hands to bring, stand, feed, aim and set one lamp, where nobody has said; ours, to be corrected. */
    public const LAMP_MIN = 6.0;

    /** On top, by what is put before it; a lamp outside, and one clamped; a board, a black or a flag on its own stand. */
    private const BEFORE_MIN = ['face' => 2.0, 'diffusion frame' => 6.0, 'bounce board' => 3.0, 'beam' => 1.0];

    private const SMALL_MIN = 1.0;

    private const OUTSIDE_MIN = 5.0;

    private const CLAMP_MIN = 2.0;

    private const CLOTH_MIN = 3.0;

    /** @param  array<string, float>  $shares  by lamp: its largest share of the light on a face, on hair, or behind a head; the least first */
    private function __construct(public int $lamps, public int $stands, public float $watts, public float $minutes, public array $shares)
    {
    }

    public static function of(Situation $situation): self
    {
        $setup = $situation->setup;
        $each = $setup->plan->brief->facts->number('lamp_minutes') ?? self::LAMP_MIN;
        $lamps = array_filter($situation->scene->lamps, static fn (SoftBox $l): bool => $l->placement->on && ! $l->placement->practical);
        $ours = array_filter($setup->setup->furniture, static fn (Furniture $f): bool => $f->keepOut && $f->reflects !== null);
        [$stands, $minutes] = [count($ours), self::CLOTH_MIN * count($ours)];
        foreach ($lamps as $id => $lamp) {
            $isClamped = $setup->plan->kit->supports[$lamp->placement->stand]->kind === SupportKind::Clamp;
            $stands += ($isClamped ? 0 : 1) + $lamp->emitter->stands;
            $minutes += $each + ($isClamped ? self::CLAMP_MIN : 0.0)
                + array_sum(array_map(self::before(...), $lamp->modifiers))
                + ($situation->scene->isOutside((string) $id) ? self::OUTSIDE_MIN : 0.0);
        }
        $shares = array_map(static fn (SoftBox $l): float => LampWork::largestShare($situation, $l->placement->id), $lamps);
        asort($shares);

        return new self(
            count($lamps),
            $stands,
            array_sum(array_map(static fn (SoftBox $l): float => $l->fixture->watts, $lamps)),
            $minutes,
            $shares,
        );
    }

    /** @return string|null the lamp that is missed least; null with fewer than two */
    public function first(): ?string
    {
        return count($this->shares) < 2 ? null : array_key_first($this->shares);
    }

    private static function before(Modifier $modifier): float
    {
        return self::BEFORE_MIN[$modifier->kind->value] ?? self::SMALL_MIN;
    }
}
