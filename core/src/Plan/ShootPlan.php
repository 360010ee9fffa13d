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
        public Scouting $scouting,
        public Assumed $assumed,
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

    /**
     * What is set up in a place; an empty setup where nothing is.
     *
     * @throws UnknownThing if there is no such location
     */
    public function setupAt(string $location): SetupPlan
    {
        $place = $this->location($location);
        foreach ($this->setups as $setup) {
            if ($setup->location === $location) {
                return new SetupPlan($this, $setup, $place);
            }
        }

        return new SetupPlan($this, Setup::bare($location, $this->setups[0]->metering), $place);
    }

    /**
     * A setup by its id, or what is set up in a place.
     *
     * @throws UnknownThing if there is neither
     */
    public function at(string $id): SetupPlan
    {
        return in_array($id, array_column($this->setups, 'id'), true) ? $this->setup($id) : $this->setupAt($id);
    }

    /** The same setup of this plan as another plan's, after a change. */
    public function again(SetupPlan $setup): SetupPlan
    {
        return in_array($setup->setup->id, array_column($this->setups, 'id'), true)
            ? $this->setup($setup->setup->id)
            : $this->setupAt($setup->location->id);
    }

    /** When a setup is recorded; without one, what the first line of “When” says. */
    public function hours(?Setup $setup = null): RecordedHours
    {
        return RecordedHours::of($this, $setup);
    }

    /** @return list<Setup> others that are on at the same time */
    public function alongside(Setup $setup): array
    {
        $hours = $this->hours($setup);

        return array_values(
            array_filter($this->setups, fn (Setup $s): bool => $s->id !== $setup->id && $this->hours($s)->meets($hours)),
        );
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
