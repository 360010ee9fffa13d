<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Record;
use FineFrame\Scout\PlaceLists;
use FineFrame\Space\Room;
use FineFrame\Space\TapeBook;

/** A place added to the candidates, or the sketch of one drawn anew. */
final readonly class NewPlace
{
    private function __construct(public string $id, public Edit $edit)
    {
    }

    public static function named(ShootPlan $plan, string $name): self
    {
        $stem = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($name)), '-') ?: 'place';
        $taken = array_column($plan->locations, 'id');
        $stem = substr($stem, 0, 40);
        $id = in_array($stem, $taken, true) ? FreeId::of($stem, $taken) : $stem;
        $site = $plan->locations[0]->site;

        return new self($id, new Edit(['/locations/-' => ['id' => $id, 'name' => $name, 'scouted' => ['pouch' => array_map(static fn (string $what, int $i): array => ['id' => 'pouch-'.($i + 1), 'name' => $what], PlaceLists::POUCH, array_keys(PlaceLists::POUCH))]] + ($site === null ? [] : ['site' => $site->write()])]));
    }

    /** A setup of its own in a place where nothing is set up yet, exposed as the first one is, by the daylight that was metered there. */
    public static function setup(ShootPlan $plan, Location $place): Edit
    {
        $daylight = array_values(array_filter($place->list('light'), static fn (Record $r): bool => $r->text('under') === 'daylight' && $r->number('lux') !== null))[0] ?? null;
        $metering = ($daylight === null ? [] : ['ambient_lux' => $daylight->number('lux')]) + $plan->setups[0]->metering->write();

        return new Edit(['/setups/-' => ['id' => FreeId::of('setup', array_column($plan->setups, 'id')), 'name' => 'Setup '.(count($plan->setups) + 1), 'location' => $place->id, 'metering' => $metering]]);
    }

    /**
     * A rough outline to tape: nothing of it counts as measured.
     *
     * @param  string  $shape  rectangle, ell, or a number of corners
     */
    public static function sketch(Location $place, string $shape, float $widthM, float $depthM): Edit
    {
        $at = "/locations/{$place->id}/space";
        $corners = (int) $shape;
        if ($shape === 'rectangle') {
            return new Edit(["$at/walls" => Room::sketch($widthM, $depthM)['walls']]);
        }
        $lengths = $shape === 'ell' ? [$widthM, $depthM / 2, $widthM / 2, $depthM / 2, $widthM / 2, $depthM] : array_fill(0, max(3, $corners), round(2 * ($widthM + $depthM) / max(3, $corners), 2));
        $turns = $shape === 'ell' ? [90, 90, -90, 90, 90, 90] : array_fill(0, count($lengths), 360 / count($lengths));

        return new Edit(["$at/walls" => array_map(static fn (int $i): array => [
            'id' => 'w'.($i + 1), 'name' => 'wall '.TapeBook::letter($i), 'length_m' => $lengths[$i], 'turn_deg' => $turns[$i], 'by' => 'sketch',
        ], array_keys($lengths))]);
    }
}
