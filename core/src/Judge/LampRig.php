<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Grip\SupportKind;
use FineFrame\Light\Modifier;
use FineFrame\Light\SoftBox;
use FineFrame\Plan\SetupPlan;
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
        $lamps = self::lamps($situation);
        [$stands, $minutes] = self::work($situation->setup);
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

    /** @return array{int, float} stands, and minutes for one pair of hands */
    public static function work(SetupPlan $setup): array
    {
        $kit = $setup->plan->kit;
        $each = $setup->plan->brief->facts->number('lamp_minutes') ?? self::LAMP_MIN;
        $ours = array_filter($setup->setup->furniture, static fn (Furniture $f): bool => $f->keepOut && $f->reflects !== null);
        [$stands, $minutes] = [count($ours), self::CLOTH_MIN * count($ours)];
        foreach ($setup->setup->lights as $lamp) {
            if (! $lamp->on || $lamp->practical) {
                continue;
            }
            $isClamped = $kit->supports[$lamp->stand]->kind === SupportKind::Clamp;
            $before = array_map(static fn (string $id): Modifier => $kit->modifiers[$id], $lamp->modifiers);
            $stands += ($isClamped ? 0 : 1) + array_sum(array_column($before, 'stands'));
            $minutes += $each + ($isClamped ? self::CLAMP_MIN : 0.0)
                + array_sum(array_map(self::before(...), $before))
                + ($setup->room->contains($lamp->place) ? 0.0 : self::OUTSIDE_MIN);
        }

        return [$stands, $minutes];
    }

    /** @return array<string, SoftBox> that burn and are ours */
    private static function lamps(Situation $situation): array
    {
        return array_filter($situation->scene->lamps, static fn (SoftBox $l): bool => $l->placement->on && ! $l->placement->practical);
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
