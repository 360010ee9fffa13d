<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Plan\ChargerModel;
use FineFrame\Plan\PackModel;
use FineFrame\Power\CellDay;
use FineFrame\Rundown\Clock;

/** Cameras and battery lamps on packs of one plate, over the hours that are recorded; packs are exchanged in pauses. */
final readonly class Cells
{
    /** Ways that are gone through exactly; with more, a few good ones are followed. */
    private const EXACT = 250;

    /** Pauses in which packs may be exchanged, spread evenly where there are more. Ours. */
    private const PAUSES = 8;

    /**
     * @param  array<string, float>  $devices  watts by id
     * @param  list<array{string, float}>  $packs  model and watt-hours that are counted on, each pack
     * @param  list<float>  $slots  watts into a pack
     * @param  list<string>|null  $uncounted  models that fit and nobody has counted; null where none fits
     * @param  string  $from  clock
     */
    private function __construct(
        public string $plate,
        public array $devices,
        public array $packs,
        public array $slots,
        public ?array $uncounted,
        public float $minutes,
        public string $from,
        public CellDay $day,
    ) {
    }

    /** @return list<self> by plate; none where the hours are open */
    public static function allOf(Situation $situation): array
    {
        $hours = $situation->setup->hours();
        $minutes = $hours->lengthMin();
        if ($minutes === null) {
            return [];
        }
        $byPlate = [];
        foreach (self::devices($situation) as $id => [$plate, $watts]) {
            $byPlate[$plate][$id] = $watts;
        }
        $all = [];
        foreach ($byPlate as $plate => $devices) {
            $all[] = self::on($situation, (string) $plate, $devices, $minutes, $hours->from, $hours->date);
        }

        return $all;
    }

    /** A clock time so many minutes after the beginning. */
    public function clock(float $minute): string
    {
        return Clock::said((int) floor(Clock::minute($this->from) + $minute + 1e-6));
    }

    /** @return float|null hours until all are full again after the last take; null without a slot */
    public function fullAfterH(): ?float
    {
        $drawn = array_sum($this->devices) * $this->minutes / 60;
        $missing = [];
        foreach ($this->packs as [, $wh]) {
            $missing[] = min($wh, $drawn);
            $drawn = max(0.0, $drawn - $wh);
        }

        return $this->slots === [] ? null : CellDay::charged(array_values(array_filter($missing)), $this->slots) / 60;
    }

    /** @param  array<string, float>  $devices */
    private static function on(Situation $situation, string $plate, array $devices, float $minutes, string $from, string $date): self
    {
        $kit = $situation->setup->plan->kit;
        $usable = $situation->limits->get('pack_usable');
        $fit = array_filter($kit->packs, static fn (PackModel $p): bool => $p->plate === $plate);
        [$packs, $uncounted] = [[], []];
        foreach ($fit as $pack) {
            $count = $kit->stock->count($pack->id, $date);
            $uncounted = $count === null ? [...$uncounted, $pack->id] : $uncounted;
            array_push($packs, ...array_fill(0, $count ?? 0, [$pack->id, $pack->wh * $usable]));
        }
        usort($packs, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $slots = [];
        foreach (array_filter($kit->chargers, static fn (ChargerModel $c): bool => $c->plate === $plate) as $charger) {
            array_push($slots, ...array_fill(0, $charger->slots * ($kit->stock->count($charger->id, $date) ?? 0), $charger->watts));
        }
        $pauses = self::pauses($situation, $minutes);
        // More than one for each device and pause is never in use.
        $packs = array_slice($packs, 0, count($devices) * (count($pauses) + 1));
        $ways = 1;
        for ($i = 0; $i < count($devices); $i++) {
            $ways *= max(1, count($packs) - $i);
        }
        $day = new CellDay(
            array_column($packs, 1),
            array_values(array_map(static fn (float $w): array => ['watts' => $w, 'from' => 0.0, 'to' => $minutes], $devices)),
            $pauses,
            $slots,
            most: $ways * (count($pauses) + 1) <= self::EXACT ? self::EXACT : max(1, intdiv(self::EXACT, $ways)),
        );

        return new self($plate, $devices, $packs, $slots, $fit === [] ? null : $uncounted, $minutes, $from, $day);
    }

    /** @return array<string, array{string, float}> plate and watts of what runs on packs that are exchanged */
    private static function devices(Situation $situation): array
    {
        $devices = [];
        foreach ($situation->setup->cameras as $id => $camera) {
            if ($camera->body->plate !== '' && $camera->body->watts > 0.0) {
                $devices[$id] = [$camera->body->plate, $camera->body->watts];
            }
        }
        foreach ($situation->scene->lamps as $id => $lamp) {
            if ($lamp->placement->on && $lamp->fixture->battery && $lamp->fixture->plate !== '' && $lamp->fixture->watts > 0.0) {
                $devices[$id] = [$lamp->fixture->plate, $lamp->fixture->watts];
            }
        }

        return $devices;
    }

    /** @return list<float> minutes after the beginning: breaks of a talk and its end; in music, the end of each time through */
    private static function pauses(Situation $situation, float $minutes): array
    {
        $setup = $situation->setup;
        $pauses = [];
        $gone = 0.0;
        foreach ($setup->setup->list('progress') as $part) {
            $pauses = $part->flag('break_before') && $gone > 0.0 ? [...$pauses, $gone] : $pauses;
            $gone += $part->number('minutes') ?? 0.0;
        }
        $through = $gone > 0.0 ? 0.0 : max([0.0, ...array_map(
            static fn (Record $r): float => ($r->number('to_s') ?? 0.0) / 60,
            $setup->setup->list('sections'),
        )]);
        for ($at = $through; $through >= 1.0 && $at < $minutes; $at += $through) {
            $pauses[] = $at;
        }

        $all = array_values(array_filter([...$pauses, $gone], static fn (float $p): bool => $p > 0.0 && $p < $minutes));
        $every = (int) ceil(count($all) / self::PAUSES);

        // A song is over every few minutes; packs are not looked at after each.
        return array_values(array_filter($all, static fn (int $i): bool => $every < 2 || $i % $every === $every - 1, ARRAY_FILTER_USE_KEY));
    }
}
