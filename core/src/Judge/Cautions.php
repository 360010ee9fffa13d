<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Grip\SupportKind;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\Footprint;
use FineFrame\Scene\LightField;
use FineFrame\Scene\Path;
use FineFrame\Sound\SoundDose;

/** Every caution that a setup calls for, by what stands, hangs, burns, walks and sounds in it. */
final readonly class Cautions
{
    /** Above this, steps or a ladder, metres: hands over the head of somebody of usual stature. */
    private const REACH_M = 2.1;

    /** Over people’s heads, metres. */
    private const OVERHEAD_M = 1.9;

    /** Somebody goes backwards where the lens looks back along the way by more than so much of it. */
    private const BACKWARDS = -0.3;

    /** Under this a path is dark: as emergency lights leave it, with a margin; lux on the floor. */
    private const DARK_LUX = 5.0;

    private const FLOOR_M = 0.02;

    public function __construct(private Situation $situation)
    {
    }

    /** @return list<Caution> */
    public function all(): array
    {
        return array_values(array_filter([
            ...$this->hung(), $this->high(), $this->hot(), $this->gloves(), $this->haze(), ...$this->cables(), $this->mains(),
            ...$this->walks(), $this->loud(), $this->floor(),
        ]));
    }

    /** @return list<Caution> */
    public function about(string $id): array
    {
        return array_values(array_filter($this->all(), static fn (Caution $c): bool => in_array($id, $c->about, true)));
    }

    /** @return list<Caution> */
    private function hung(): array
    {
        $hung = array_filter(Mounted::allOf($this->situation), static fn (Mounted $m): bool => $m->at->z > self::OVERHEAD_M
            && in_array($m->on->kind, [SupportKind::Clamp, SupportKind::Arm], true));

        return array_values(array_map(fn (Mounted $m): Caution => new Caution(
            'second-line', ['thing' => $this->situation->name($m->id), 'height' => Quantity::metres($m->at->z)], [$m->id],
        ), $hung));
    }

    private function high(): ?Caution
    {
        $high = array_filter(Mounted::withPoles($this->situation), static fn (Mounted $m): bool => $m->at->z > self::REACH_M);

        return $high === [] ? null : new Caution('ladder', [
            'things' => $this->named(array_column($high, 'id')),
            'height' => Quantity::metres(max(array_map(static fn (Mounted $m): float => $m->at->z, $high))),
        ], array_column($high, 'id'));
    }

    private function hot(): ?Caution
    {
        $hot = array_filter($this->situation->scene->lamps, static fn (SoftBox $l): bool => $l->fixture->hot && $l->placement->on);
        $ids = array_values(array_map(static fn (SoftBox $l): string => $l->placement->id, $hot));

        return $hot === [] ? null : new Caution('hot', ['things' => $this->named($ids)], $ids);
    }

    private function gloves(): ?Caution
    {
        $hands = (int) ($this->situation->setup->plan->brief->facts->number('hands') ?? 1.0);

        return Mounted::allOf($this->situation) === []
            ? null
            : new Caution('gloves', ['pairs' => $hands === 1 ? 'one pair' : "$hands pairs"], []);
    }

    private function haze(): ?Caution
    {
        $plan = HazePlan::of($this->situation);

        return $plan === null ? null : new Caution($plan->clearsMin() === null ? 'haze-stays' : 'haze', [
            'hazer' => $plan->hazer,
            'minutes' => ceil($plan->clearsMin() ?? 0.0).' min',
            'detectors' => $this->situation->setup->location->facts->text('detectors') ?: 'unknown',
        ], []);
    }

    /** @return list<Caution> */
    private function cables(): array
    {
        $covered = [];
        foreach ($this->situation->mains() as $run) {
            foreach ($run->crossed as $door) {
                $covered[$door][] = $run->thing;
            }
        }
        foreach (CableRun::allOf($this->situation) as $run) {
            foreach ($run->doors as $door) {
                $covered[$door][] = $run->from;
            }
        }
        $cautions = [];
        foreach ($covered as $door => $things) {
            $opening = array_column($this->situation->setup->room->openings, null, 'id')[$door] ?? null;
            $cautions[] = new Caution('cable', [
                'door' => $this->situation->name((string) $door),
                'count' => (string) count($things),
                'cover' => Quantity::metres($opening === null ? 1.0 : $opening->widthM),
            ], [(string) $door]);
        }

        return $cautions;
    }

    private function mains(): ?Caution
    {
        $power = $this->situation->power();

        return $power->loads === [] ? null : new Caution('mains', [
            'watts' => Quantity::of(array_sum(array_column($power->loads, 'watts')), Unit::Watt),
        ], []);
    }

    /** @return list<Caution> */
    private function walks(): array
    {
        $field = new LightField($this->situation->scene, $this->situation->setup->camera(0)?->pupil());
        $cautions = [];
        foreach ($this->situation->sweeps() as $sweep) {
            $path = $sweep->path;
            $camera = $path->camera->placement;
            if (! $path->camera->support->kind->isCarried()) {
                continue;
            }
            if ($this->goesBackwards($path)) {
                $cautions[] = new Caution('backwards', ['thing' => $camera->label], [$camera->id]);
            }
            $darkest = min(array_map(
                static fn (Vec2 $p): float => array_sum($field->at(new Vec3($p->x, $p->y, self::FLOOR_M))),
                $path->line(),
            ));
            if ($darkest < self::DARK_LUX) {
                $cautions[] = new Caution('dark', ['thing' => $camera->label, 'lux' => Quantity::of($darkest, Unit::Lux)], [$camera->id]);
            }
        }

        return $cautions;
    }

    private function goesBackwards(Path $path): bool
    {
        $marks = $path->marks;
        for ($i = 1; $i < count($marks); $i++) {
            $way = $marks[$i]->place->minus($marks[$i - 1]->place);
            $looks = $path->at(($marks[$i]->atS + $marks[$i - 1]->atS) / 2)->forwardVector()->floor();
            if ($way->length() > 0.3 && $looks->length() > 0.0 && $way->unit()->dot($looks->unit()) < self::BACKWARDS) {
                return true;
            }
        }

        return false;
    }

    /** How loud it is for whoever works nearest, by what sounds directly: sums of squares over distances. */
    private function loud(): ?Caution
    {
        $places = array_map(static fn (Footprint $p): Vec3 => $p->load, array_filter(
            $this->situation->footprints(),
            static fn (Footprint $p): bool => $p->support !== null,
        ));
        $loudest = max([-INF, ...array_map($this->levelAt(...), array_values($places))]);

        return $loudest < SoundDose::ACTION_DB ? null : new Caution('loud', [
            'level' => Quantity::of($loudest, Unit::Decibel),
            'hours' => SoundDose::hours($loudest) >= 1.0
                ? round(SoundDose::hours($loudest), 1).' h'
                : max(1, (int) (60 * SoundDose::hours($loudest))).' min',
        ], array_keys($this->situation->voices()));
    }

    private function levelAt(Vec3 $place): float
    {
        return 10 * log10(max(1e-12, array_sum(array_map(
            static fn (Voice $v): float => 10 ** ($v->dbAt1m / 10) / max(0.5, $v->at->distanceTo($place)) ** 2,
            $this->situation->voices(),
        ))));
    }

    private function floor(): ?Caution
    {
        $feet = array_filter($this->situation->footprints(), static fn (Footprint $p): bool => $p->support?->kind->stands() ?? false);

        return $feet === [] ? null : new Caution('floor', ['count' => (string) count($feet)], []);
    }

    /** @param  array<int, string>  $ids */
    private function named(array $ids): string
    {
        return implode(', ', array_map($this->situation->name(...), array_values($ids)));
    }
}
