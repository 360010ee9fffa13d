<?php

declare(strict_types=1);

namespace FineFrame\Scene;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Move;
use FineFrame\Geometry\Polygon;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Light\Ambient;
use FineFrame\Light\Daylight;
use FineFrame\Light\LightPlacement;
use FineFrame\Light\Modifier;
use FineFrame\Light\SoftBox;
use FineFrame\Light\Weather;
use FineFrame\Plan\SetupPlan;
use FineFrame\Sound\Boom;
use FineFrame\Sound\BoomPlacement;
use FineFrame\Space\BuiltKind;
use FineFrame\Space\OpeningKind;
use FineFrame\Space\Panel;
use FineFrame\Space\PlacedRoom;
use FineFrame\Space\Room;
use FineFrame\Staging\Body;
use FineFrame\Sun\Sun;

/** A setup as solids: the room's faces, furniture, people and gear, and the lens views onto them. Made once for a plan. */
final class Scene
{
    /** @var list<Solid> */
    public readonly array $solids;

    /** @var array<string, non-empty-list<Solid>>|null */
    private ?array $unwanted = null;

    private ?LitShell $lit = null;

    private ?RoomLight $room = null;

    private ?Around $around = null;

    private ?Ambient $ambient = null;

    private ?Shading $shading = null;

    private ?Windows $windows = null;

    private ?Holes $holes = null;

    /** Places along a move at which its frame is looked at, after the first. */
    private const ALONG = 8;

    /** @var list<array{string, LensView}>|null */
    private ?array $along = null;

    /** @var array<int, array<string, float>> */
    private array $seenBy = [];

    /** @var list<Obstacle>|null */
    private ?array $obstacles = null;

    private ?RoomPatches $patches = null;

    private ?string $fingerprint = null;

    /** Whether it is looked at under another sky than its setup's. */
    private bool $isOtherDay = false;

    /** @var array<string, array{Windows, RoomLight}|null> by sky and moment */
    private array $days = [];

    /** @var list<Solid> walls, floor and ceiling */
    public readonly array $shell;

    /** @var array<string, LensView> */
    public readonly array $views;

    /** @var array<string, SoftBox> */
    public readonly array $lamps;

    /** @var array<string, Boom> */
    public readonly array $booms;

    /** @param  Shared  $shared  another scene's, where they have much in common */
    public function __construct(public readonly SetupPlan $setup, public readonly Shared $shared = new Shared)
    {
        $views = $lamps = $booms = [];
        foreach ($setup->cameras as $id => $camera) {
            $views[$id] = LensView::of($camera, $setup->bodyFor($camera));
        }
        foreach ($setup->setup->lights as $light) {
            $lamps[$light->id] = $this->lamp($light);
        }
        foreach ($setup->setup->booms as $boom) {
            $booms[$boom->id] = $this->boom($boom);
        }
        [$this->views, $this->lamps, $this->booms] = [$views, $lamps, $booms];
        $this->shell = $this->shell();
        $this->solids = [...$this->built(), ...$this->furniture(), ...$this->people(), ...$this->gear()];
    }

    /** @return array<string, non-empty-list<Solid>> what nobody wants in a frame, by owner */
    public function unwanted(): array
    {
        if ($this->unwanted === null) {
            $this->unwanted = [];
            foreach ($this->solids as $solid) {
                if ($solid->kind->intrudes()) {
                    $this->unwanted[$solid->owner][] = $solid;
                }
            }
        }

        return $this->unwanted;
    }

    /** The room in patches, lit. */
    public function lit(): LitShell
    {
        return $this->lit ??= new LitShell($this, $this->shading());
    }

    public function holes(): Holes
    {
        return $this->holes ??= new Holes($this->setup->room);
    }

    /** Whether a lamp stands outside and shines in through the windows. */
    public function isOutside(string $lamp): bool
    {
        return ! $this->setup->room->contains($this->lamps[$lamp]->placement->place);
    }

    /** @var array<string, array<string, float>> by person */
    private array $panesSeen = [];

    /**
     * The share of each window that somebody's eyes see past what stands before it: the same at any hour.
     *
     * @param  array<string, non-empty-list<Vec3>>  $outlines  by window
     * @return array<string, float>
     */
    public function panesSeen(Body $body, array $outlines): array
    {
        return $this->panesSeen[$body->person->id] ??= array_map(
            fn (array $corners): float => Occlusion::ofFace($this, $corners, $body->eyes, [$body->person->id]),
            $outlines,
        );
    }

    /** What comes from all around, anywhere in the room. */
    public function around(): Around
    {
        return $this->around ??= new Around($this);
    }

    /** The light that is there as metered, from where it was read. */
    public function ambient(): Ambient
    {
        $lead = $this->setup->subjects()[0] ?? null;

        return $this->ambient ??= $this->setup->setup->metering->ambient(
            $lead === null ? 0.0 : $this->setup->bodies[$lead->id]->headBearingRad,
        );
    }

    public function shading(): Shading
    {
        return $this->shading ??= new Shading(
            $this->setup,
            $this->lamps,
            $this->around()->mean(),
            array_values(array_filter(array_map(strval(...), array_keys($this->lamps)), $this->isOutside(...))),
        );
    }

    /** Daylight at the time that is planned for; null where the light that is there is as metered. */
    public function windows(): ?Windows
    {
        $metering = $this->setup->setup->metering;

        return match (true) {
            $this->isOtherDay => $this->windows,
            $metering->weather === Weather::AsMetered => null,
            default => $this->windows ??= $this->windowsAt($metering->weather, $this->plannedAt()),
        };
    }

    /** @return Windows|null null where nobody has said where the place is, or when is recorded */
    public function windowsAt(Weather $weather, ?float $time, ?float $factor = null): ?Windows
    {
        $site = $this->setup->location->site;
        if ($site === null || $time === null) {
            return null;
        }
        $sun = Sun::over($site, $time);

        return new Windows(
            $this->setup->room,
            Daylight::under($weather, $sun->altitudeRad, $sun->distanceAu, $factor ?? $this->setup->setup->metering->skyFactor),
            $sun,
            $sun->altitudeRad > max(0.0, $site->skylineRad),
        );
    }

    /**
     * The room under another daylight: the same for every face of that moment.
     *
     * @return array{Windows, RoomLight}|null null where nobody has said where the place is, or when is recorded
     */
    public function dayAt(Weather $weather, float $time): ?array
    {
        $key = "$weather->value $time";
        if (! array_key_exists($key, $this->days)) {
            $windows = $this->windowsAt($weather, $time);
            $this->days[$key] = $windows === null
                ? null
                : [$windows, $this->room()->under($windows, $this->setup->setup->metering->roomFactor)];
        }

        return $this->days[$key];
    }

    /** The same scene at another time under another sky: what stands there, and what hides what, is kept. */
    public function under(Weather $weather, float $time): self
    {
        $day = $this->dayAt($weather, $time);
        if ($day === null) {
            return $this;
        }
        $other = clone $this;
        [$other->windows, $other->room] = $day;
        [$other->isOtherDay, $other->around, $other->shading, $other->lit] = [true, null, null, null];

        return $other;
    }

    /** The moment that daylight is computed for: as said, else the middle of what is recorded. */
    public function plannedAt(): ?float
    {
        $site = $this->setup->location->site;
        if ($site === null || $this->setup->hours()->date === '') {
            return null;
        }
        $hours = $this->setup->hours();
        $window = $hours->window($site);
        $clock = $this->setup->setup->metering->clock;

        return match (true) {
            $clock !== '' => $hours->momentWithin($site, $clock),
            $window === null => $hours->moment($site, '12:00'),
            default => ($window[0] + $window[1]) / 2,
        };
    }

    public function patches(): RoomPatches
    {
        return $this->patches ??= RoomPatches::of($this);
    }

    /** What walls, floor and ceiling give back. */
    public function room(): RoomLight
    {
        return $this->room ??= new RoomLight($this, $this->windows(), $this->setup->setup->metering->roomFactor);
    }

    /** @return array<string, float> the share of each lamp that a solid's middle sees; its own parts do not count */
    public function seenBy(Solid $solid): array
    {
        $id = spl_object_id($solid);
        if (! isset($this->seenBy[$id])) {
            $this->seenBy[$id] = [];
            $middle = new Vec3(...$solid->centre);
            // Turned to each lamp, it would get this much at most.
            $lux = array_map(
                static fn (SoftBox $b): float => $b->placement->on ? $b->candela() / max(
                    0.05,
                    $b->centre()->distanceTo($middle) ** 2,
                ) : 0.0,
                $this->lamps,
            );
            foreach (Shading::telling($lux, 0.0) as $lamp) {
                $this->seenBy[$id][$lamp] = $this->sees($lamp, $middle, $solid->owner);
            }
        }

        return $this->seenBy[$id];
    }

    /** The share of a lamp that a place sees: as rays to nine parts of it find, enough to paint by. */
    public function sees(string $lamp, Vec3 $at, string $but = ''): float
    {
        $box = $this->lamps[$lamp];
        [$c, $f] = [$box->centre(), $box->facing()];
        $key = sprintf('%s %s %.3f %.3f %.3f ', $lamp, $but, $at->x, $at->y, $at->z).pack(
            'd*',
            $c->x,
            $c->y,
            $c->z,
            $f->x,
            $f->y,
            $f->z,
            $box->emitter->widthM,
            $box->emitter->heightM,
        );

        return $this->shared->share($this->fingerprint().$key, fn (): float => Occlusion::seen($this, $box, $at, $but, 3));
    }

    /** The same for scenes in which everything is of one shape in one place, whatever burns. */
    private function fingerprint(): string
    {
        return $this->fingerprint ??= hash(
            'xxh128',
            $this->holes()->key().implode(
                '',
                array_map(static fn (Solid $s): string => $s->owner.$s->shape(), [...$this->shell, ...$this->solids]),
            ),
            true,
        );
    }

    /** @return list<Solid> what a lens may see: all but the camera itself */
    public function solidsSeenBy(Camera $camera): array
    {
        return array_values(array_filter($this->solids, static fn (Solid $s): bool => $s->owner !== $camera->placement->id));
    }

    /** @return list<Solid> */
    public function solidsOf(string $owner): array
    {
        return array_values(array_filter($this->solids, static fn (Solid $s): bool => $s->owner === $owner));
    }

    private function lamp(LightPlacement $light): SoftBox
    {
        $kit = $this->setup->plan->kit;

        return new SoftBox(
            $light,
            $kit->fixtures[$light->fixture],
            $light->aim ?? $this->setup->bodies[$light->subject]->eyes,
            array_values(array_map(static fn (string $id): Modifier => $kit->modifiers[$id], $light->modifiers)),
        );
    }

    private function boom(BoomPlacement $boom): Boom
    {
        $kit = $this->setup->plan->kit;

        return new Boom(
            $boom,
            $kit->microphones[$boom->model],
            $kit->poles[$boom->pole],
            $kit->supports[$boom->stand],
            $this->setup->bodies[$boom->subject]->mouth,
        );
    }

    /** @return list<Solid> */
    private function shell(): array
    {
        $room = $this->setup->room;
        $flat = static fn (string $id, Polygon $floor, float $z, Material $material): Solid => new Solid(
            $id,
            ThingKind::Room,
            $material,
            array_map(static fn (Vec2 $c): array => [$c->x, $c->y, $z], $floor->corners),
            [range(0, count($floor->corners) - 1)],
        );
        $through = [];
        foreach ($room->joints as $joint) {
            $way = $joint->threshold();
            array_push(
                $through,
                $flat('floor', $way, $joint->opening->sillM, Material::Floor),
                $flat('ceiling', new Polygon(array_reverse($way->corners)), $joint->opening->headM, Material::Wall),
            );
        }

        return [
            ...array_map(
                static fn (Polygon $f): Solid => $flat('floor', $f, 0.0, Material::Floor),
                array_map(static fn (PlacedRoom $r): Polygon => $r->room->floor, $room->all),
            ),
            ...array_merge([], ...array_map(static fn (PlacedRoom $r): array => self::ceiling($r->room), $room->all)),
            ...array_map($this->wall(...), $room->panels()),
            ...$through,
        ];
    }

    private function wall(Panel $panel): Solid
    {
        $wall = $panel->wall;
        [$a, $b] = [$wall->line->from, $wall->line->to];
        $top = $panel->topM === null
            ? array_map(
                static fn (Vec3 $p): array => [$p->x, $p->y, $p->z],
                $panel->room->ceiling->along($wall->line, $panel->room->heightM),
            )
            : [[$a->x, $a->y, $panel->topM], [$b->x, $b->y, $panel->topM]];
        $marks = [];
        foreach ($this->setup->room->openings as $opening) {
            if ($opening->wall === $wall->id) {
                $line = $this->setup->room->lineOf($opening);
                if (! $panel->isWhole() || $wall->line->distanceTo($line->at(0.5)) > 0.5 * $opening->widthM) {
                    continue;
                }
                $marks[] = [
                    [
                        [$line->to->x, $line->to->y, $opening->sillM],
                        [$line->from->x, $line->from->y, $opening->sillM],
                        [$line->from->x, $line->from->y, $opening->headM],
                        [$line->to->x, $line->to->y, $opening->headM],
                    ],
                    $opening->kind === OpeningKind::Window ? Material::Glass : Material::Door,
                ];
            }
        }

        return new Solid(
            $wall->id,
            ThingKind::Room,
            Material::Wall,
            [[$b->x, $b->y, $panel->baseM], [$a->x, $a->y, $panel->baseM], ...$top],
            [range(0, count($top) + 1)],
            decals: $marks,
        );
    }

    /** @return list<Solid> the ceiling, a face for each slope; none in the open */
    private static function ceiling(Room $room): array
    {
        $faces = [];
        foreach ($room->ceiling->over($room->floor) as $corners) {
            $faces[] = new Solid(
                'ceiling',
                ThingKind::Room,
                Material::Ceiling,
                array_map(static fn (Vec3 $p): array => [$p->x, $p->y, $p->z], $corners),
                [array_reverse(range(0, count($corners) - 1))],
            );
        }

        return $faces;
    }

    /** @return list<array{string, LensView}> every lens by its camera, and those that move at places of their way as well */
    public function viewsAlong(): array
    {
        if ($this->along === null) {
            $this->along = [];
            foreach ($this->views as $id => $view) {
                $this->along[] = [(string) $id, $view];
            }
            foreach ($this->setup->setup->moves as $move) {
                $path = Path::of($this->setup, $move);
                for ($i = 0; $path !== null && $i <= self::ALONG; $i++) {
                    $this->along[] = [$move->camera, $path->at($path->beginsS() + ($path->endsS() - $path->beginsS()) * $i / self::ALONG)];
                }
            }
        }

        return $this->along;
    }

    /** @return list<Obstacle> */
    public function obstacles(): array
    {
        return $this->obstacles ??= Obstacle::allOf($this);
    }

    /** @return list<Solid> */
    private function built(): array
    {
        $all = [];
        foreach ($this->setup->room->built as $built) {
            foreach ($built->blocks() as [$footprint, $from, $to]) {
                array_push(
                    $all,
                    ...(new Solids($built->id, ThingKind::Built))->prism(
                        $footprint,
                        $from,
                        $to,
                        $built->kind === BuiltKind::Column ? Material::Wall : Material::Wood,
                    )->all(),
                );
            }
        }

        return $all;
    }

    /** @return list<Solid> */
    private function furniture(): array
    {
        $all = [];
        foreach ($this->setup->setup->furniture as $thing) {
            array_push(
                $all,
                ...(new Solids($thing->id, $thing->keepOut ? ThingKind::Kit : ThingKind::Furniture))->prism(
                    $thing->footprint(),
                    $thing->baseM,
                    $thing->baseM + $thing->heightM,
                    $thing->keepOut ? Material::Black : Material::Wood,
                )->all(),
            );
        }

        return $all;
    }

    /** @return list<Solid> */
    private function people(): array
    {
        return array_merge([], ...array_map(static fn (Body $body): array => Figure::of($body), array_values($this->setup->bodies)));
    }

    /** @return list<list<Solid>> microphones that stand or lie by themselves, and pairs */
    private function microphones(): array
    {
        $all = [];
        [$room, $kit] = [$this->setup->room, $this->setup->plan->kit->microphones];
        foreach ([...$this->setup->setup->list('mics'), ...$this->setup->setup->list('pairs')] as $row) {
            [$model, $at] = [$kit[$row->text('model')] ?? null, Gear::microphonePlace($row, $room)];
            $worn = $row->has('worn') ? $row->text('worn') : 'on a stand';
            $isOnItsOwn = in_array($worn, ['', 'on a stand', ...array_keys(Gear::LEVELS_M)], true);
            if ($model !== null && $at !== null && $isOnItsOwn) {
                $hangs = $row->has('hung') && $row->text('hung') === 'from above';
                $apart = $row->has('spacing_m') ? $row->number('spacing_m') ?? 0.0 : 0.0;
                $stands = in_array($worn, ['', 'on a stand'], true) && ! $hangs;
                $all[] = Gear::microphone($row->id, $model, $at, $stands, $apart, $room->standingAt($at->floor()));
            }
        }

        return $all;
    }

    /** @return list<Solid> a camera where a lens looks from, on its support, with whoever is at it */
    public function standing(LensView $view): array
    {
        return [...$this->onSupport($view), ...$this->atCamera($view)];
    }

    /** @return list<Solid> the camera alone */
    public function onSupport(LensView $view): array
    {
        return Gear::camera($view->camera, $view->forwardVector(), $this->setup->room->standingAt($view->camera->placement->place));
    }

    /** @return list<Solid> whoever is at it alone */
    public function atCamera(LensView $view): array
    {
        return Gear::operator(
            $view->camera,
            $view->forwardVector(),
            $this->setup->room->standingAt(Gear::operatorPlace($view->camera, $view->forwardVector())),
        );
    }

    /** @return list<Solid> */
    private function gear(): array
    {
        $supports = $this->setup->plan->kit->supports;

        return array_merge(
            [],
            ...array_map($this->standing(...), array_values($this->views)),
            ...array_map(
                fn (SoftBox $b): array => Gear::light(
                    $b,
                    $supports[$b->placement->stand],
                    $this->setup->room->standingAt($b->rear()->floor()),
                ),
                array_values(array_filter($this->lamps, fn (SoftBox $b): bool => ! $this->isOutside($b->placement->id))),
            ),
            ...array_map(
                fn (Boom $b): array => Gear::boom($b, $this->setup->room->standingAt($b->placement->standPlace)),
                array_values($this->booms),
            ),
            ...$this->microphones(),
            ...array_map(
                Gear::rail(...),
                array_filter(array_map(fn (Move $m): ?Path => Path::of($this->setup, $m), $this->setup->setup->moves)),
            ),
        );
    }
}
