<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** The one aggregate: everything planned for a shoot. Immutable; a change makes another. */
final readonly class ShootPlan
{
    /**
     * @param  non-empty-list<Location>  $locations
     * @param  non-empty-list<Setup>  $setups
     * @param  array<string, mixed>  $extra  top-level keys this version does not know
     */
    public function __construct(
        public ShootInfo $shoot,
        public Brief $brief,
        public array $locations,
        public array $setups,
        public Kit $kit,
        public array $extra,
    ) {
    }

    /** @throws UnknownThing if there is no such setup */
    public function setup(?string $id = null): SetupPlan
    {
        foreach ($this->setups as $setup) {
            if ($id === null || $setup->id === $id) {
                return new SetupPlan($this, $setup, $this->location($setup->location));
            }
        }
        throw UnknownThing::called('setup', (string) $id);
    }

    /** @throws UnknownThing if there is no such location */
    public function location(string $id): Location
    {
        foreach ($this->locations as $location) {
            if ($location->id === $id) {
                return $location;
            }
        }
        throw UnknownThing::called('location', $id);
    }
}
