<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Record;

/** A setup begun in a place, or another beside one that stands. */
final readonly class NewSetup
{
    private const LONGEST_NAME = 60;

    private function __construct(public string $id, public string $name, public Edit $edit)
    {
    }

    /** A setup of its own in a place where nothing is set up yet, exposed as the first one is, by the daylight that was metered there. */
    public static function in(ShootPlan $plan, Location $place): self
    {
        $daylight = array_values(
            array_filter(
                $place->list('light'),
                static fn (Record $r): bool => $r->text('under') === 'daylight' && $r->number('lux') !== null,
            ),
        )[0] ?? null;
        $metering = ($daylight === null ? [] : ['ambient_lux' => $daylight->number('lux')]) + $plan->setups[0]->metering->write();

        return self::of($plan, 'Setup '.(count($plan->setups) + 1), ['location' => $place->id, 'metering' => $metering]);
    }

    /** The same people, gear and moves once more, to be changed without losing the first. */
    public static function copyOf(SetupPlan $setup): self
    {
        return self::of($setup->plan, mb_substr($setup->setup->name, 0, self::LONGEST_NAME - 6).', copy', $setup->setup->write());
    }

    /** @return Edit|null null for the only one: a plan has a setup */
    public static function without(SetupPlan $setup): ?Edit
    {
        return count($setup->plan->setups) > 1 ? new Edit(["/setups/{$setup->setup->id}" => null]) : null;
    }

    /** @param  array<string, mixed>  $fields */
    private static function of(ShootPlan $plan, string $name, array $fields): self
    {
        $id = FreeId::of('setup', array_column($plan->setups, 'id'));

        return new self($id, $name, new Edit(['/setups/-' => ['id' => $id, 'name' => $name] + $fields]));
    }
}
