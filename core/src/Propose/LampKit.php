<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Light\Fixture;
use FineFrame\Light\ModifierKind;
use FineFrame\Plan\Kit;
use FineFrame\Plan\SetupPlan;

/** What a kit has for each part of a recipe: soft faces, a hard edge, a tube, a book light. */
final readonly class LampKit
{
    private Kit $kit;

    /** @var array<string, Fixture> of which there is one left, or that nobody has counted */
    private array $fixtures;

    public function __construct(SetupPlan $setup)
    {
        $this->kit = $setup->plan->kit;
        $this->fixtures = array_filter($this->kit->fixtures, static fn (Fixture $f): bool => ($setup->left($f->id) ?? 1) > 0);
    }

    /** @return list<array{string, list<string>}> the two largest even faces of the kit */
    public function soft(bool $smallestFirst = false): array
    {
        $soft = array_filter(
            $this->fixtures,
            static fn (Fixture $f): bool => $f->web === null && ! $f->hot && $f->widthM * $f->heightM > 0.1 && min(
                $f->widthM,
                $f->heightM,
            ) > 0.2,
        );
        uasort($soft, static fn (Fixture $a, Fixture $b): int => $b->widthM * $b->heightM <=> $a->widthM * $a->heightM);
        $ids = array_map(strval(...), array_keys($soft));

        return array_map(static fn (string $id): array => [$id, []], $smallestFirst ? array_reverse($ids) : array_slice($ids, 0, 2));
    }

    /** @return array{string, list<string>}|null a small strong lamp, behind a grid where there is one */
    public function hard(): ?array
    {
        $small = array_filter(
            $this->fixtures,
            static fn (Fixture $f): bool => ! $f->hot && $f->projection === null && $f->widthM * $f->heightM < 0.25 && $f->luxAt1m >= 800,
        );
        uasort($small, static fn (Fixture $a, Fixture $b): int => $a->luxAt1m <=> $b->luxAt1m);
        $id = array_key_first($small);

        return $id === null ? null : [(string) $id, $this->modifier(ModifierKind::Grid)];
    }

    /** @return array{string, list<string>}|null a strong lamp behind doors, for a wall */
    public function wall(): ?array
    {
        $strong = array_filter(
            $this->fixtures,
            static fn (Fixture $f): bool => ! $f->hot && $f->projection === null && $f->widthM * $f->heightM < 0.1 && $f->luxAt1m >= 800,
        );
        $id = array_key_first($strong);

        return $id === null ? null : [(string) $id, $this->modifier(ModifierKind::Doors)];
    }

    /** @return array{string, list<string>}|null */
    public function tube(): ?array
    {
        foreach ($this->fixtures as $fixture) {
            if (max($fixture->widthM, $fixture->heightM) > 8 * min($fixture->widthM, $fixture->heightM)) {
                return [$fixture->id, []];
            }
        }

        return null;
    }

    /** @return array{string, list<string>}|null the strongest lamp onto a board and through a cloth */
    public function book(): ?array
    {
        $strong = array_filter(
            $this->fixtures,
            static fn (Fixture $f): bool => ! $f->hot && $f->projection === null && $f->widthM * $f->heightM < 0.1,
        );
        uasort($strong, static fn (Fixture $a, Fixture $b): int => $b->luxAt1m <=> $a->luxAt1m);
        $chain = [...$this->modifier(ModifierKind::Board), ...$this->modifier(ModifierKind::Frame)];

        return $strong === [] || count($chain) < 2 ? null : [(string) array_key_first($strong), $chain];
    }

    /** @return list<string> the first of a kind in the kit */
    private function modifier(ModifierKind $kind): array
    {
        foreach ($this->kit->modifiers as $modifier) {
            if ($modifier->kind === $kind) {
                return [$modifier->id];
            }
        }

        return [];
    }
}
