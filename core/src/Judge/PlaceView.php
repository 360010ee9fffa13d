<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\Metering;
use FineFrame\Plan\Limits;
use FineFrame\Plan\Location;
use FineFrame\Plan\Setup;
use FineFrame\Plan\ShootPlan;
use FineFrame\Scout\Noise;
use FineFrame\Sound\Material;
use FineFrame\Sound\RoomSound;
use FineFrame\Space\Room;
use FineFrame\Staging\Body;
use FineFrame\Staging\Person;
use FineFrame\Staging\Role;
use FineFrame\Sun\SunStudy;

/** A place as the scouting checks look at it, whether or not anything is set up there yet. */
final class PlaceView
{
    private ?SunStudy $study = null;

    public readonly Limits $limits;

    /** As it is in the setup that is judged. */
    public readonly Location $place;

    /** What is planned there. */
    private readonly ?Setup $setup;

    /** @param  Setup|null  $judged  the setup that is judged; else the first that is planned here */
    public function __construct(public readonly ShootPlan $plan, Location $place, ?Setup $judged = null)
    {
        $this->limits = $plan->brief->limits;
        $this->setup = $judged ?? array_values(
            array_filter($plan->setups, static fn (Setup $s): bool => $s->location === $place->id),
        )[0] ?? null;
        $this->place = $this->setup === null ? $place : $place->as($this->setup);
    }

    public function setup(): ?Setup
    {
        return $this->setup;
    }

    /** How the cameras are to expose here: as planned, else as in the plan’s first setup. */
    public function metering(): Metering
    {
        return ($this->setup ?? $this->plan->setups[0])->metering;
    }

    public function date(): string
    {
        return $this->plan->hours($this->setup)->date;
    }

    /** @return array{string, string} the clock times between which is recorded; empty where open */
    public function hours(): array
    {
        $hours = $this->plan->hours($this->setup);

        return [$hours->from, $hours->to];
    }

    /** @return array{float, float}|null the same as seconds of the epoch; null where the date, the hours or the place are open */
    public function window(): ?array
    {
        return $this->place->site === null ? null : $this->plan->hours($this->setup)->window($this->place->site);
    }

    /** Null until the place has a position and the shoot a date. */
    public function study(): ?SunStudy
    {
        if ($this->place->site === null || $this->date() === '') {
            return null;
        }

        return $this->study ??= new SunStudy($this->place->site, $this->place->rooms, $this->date());
    }

    /** @return list<Record> noises that run while is recorded and that nobody has settled */
    public function noises(): array
    {
        [$from, $to] = $this->hours();

        return array_values(
            array_filter(
                $this->place->list('noise'),
                static fn (Record $n): bool => ! $n->flag('settled') && $n->number('level_dba') !== null && Noise::heard(
                    $n->text('runs_from'),
                    $n->text('runs_to'),
                    $from,
                    $to,
                ),
            ),
        );
    }

    /** @param  Room|null  $room  a room behind the first, by its own surfaces; what is hung, and claps, are of the first */
    public function sound(?Room $room = null): RoomSound
    {
        $materials = $this->plan->kit->materials + Material::shipped();
        if ($room !== null && $room->surfaces !== $this->place->space->surfaces) {
            return RoomSound::of($room, $materials);
        }
        $room = RoomSound::of($this->place->space, $materials);
        $clap = array_slice($this->place->list('claps'), -1)[0] ?? null;
        $heard = [];
        foreach (Material::BANDS_HZ as $band => $hz) {
            $seconds = $clap?->number("t_$hz");
            if ($seconds !== null) {
                $heard[$band] = $seconds;
            }
        }
        $surfaces = $this->place->space->surfaces;
        $covers = ['on a wall' => $materials[$surfaces->walls] ?? null, 'on the floor' => $materials[$surfaces->floor] ?? null];
        $hung = [];
        foreach ($this->setup?->list('treatments') ?? [] as $one) {
            if (isset($materials[$one->text('material')])) {
                $hung[] = [$one->number('area_m2') ?? 0.0, $materials[$one->text('material')], $covers[$one->text('hung')] ?? null];
            }
        }
        // A black cloth that hangs for the light takes sound as well.
        foreach ($this->setup->furniture ?? [] as $thing) {
            if (($thing->reflects ?? 1.0) <= 0.1) {
                $hung[] = [$thing->widthM * $thing->heightM, $materials['black-cloth'], null];
            }
        }

        return $room->measured($heard)->with($hung);
    }

    /**
     * @return list<array{string, float}> name and watts of each lamp on the mains, of the setup here that takes most; batteries draw
     *     nothing
     */
    public function loads(): array
    {
        $most = [];
        foreach (array_filter($this->plan->setups, fn (Setup $s): bool => $s->location === $this->place->id) as $setup) {
            $loads = [];
            foreach ($setup->lights as $light) {
                $fixture = $this->plan->kit->fixtures[$light->fixture];
                if (! ($fixture->battery || $fixture->watts <= 0)) {
                    $loads[] = [$light->name, $fixture->watts];
                }
            }
            $most = array_sum(array_column($loads, 1)) > array_sum(array_column($most, 1)) ? $loads : $most;
        }

        return $most;
    }

    /** Watts on the mains. */
    public function watts(): float
    {
        return array_sum(array_column($this->loads(), 1));
    }

    /** @return list<array{string, Vec3}> the spots that the sun is to stay off: heads in shot as planned, else the chosen spot */
    public function spots(): array
    {
        $spots = [];
        foreach (array_filter($this->setup->people ?? [], static fn (Person $p): bool => $p->role === Role::Subject) as $person) {
            $spots[] = [$person->name, Body::looking($person, null, $this->place->rooms->standingAt($person->place))->eyes];
        }
        $spot = $this->place->spot();

        return $spots === [] && $spot !== null ? [['the chosen spot', $spot]] : $spots;
    }
}
