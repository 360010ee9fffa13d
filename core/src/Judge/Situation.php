<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Move;
use FineFrame\Camera\Settings;
use FineFrame\Geometry\Vec2;
use FineFrame\Plan\Edit;
use FineFrame\Plan\Limits;
use FineFrame\Plan\SetupPlan;
use FineFrame\Scene\Backdrop;
use FineFrame\Scene\BoomReach;
use FineFrame\Scene\Covers;
use FineFrame\Scene\FaceReading;
use FineFrame\Scene\Footprint;
use FineFrame\Scene\Intrusion;
use FineFrame\Scene\Intrusions;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Path;
use FineFrame\Scene\Reflection;
use FineFrame\Scene\Scene;
use FineFrame\Scene\Shared;
use FineFrame\Scene\Silhouette;
use FineFrame\Scene\Silhouettes;
use FineFrame\Scene\Sweep;
use FineFrame\Sound\Ear;
use FineFrame\Staging\Body;

/** A setup as the checks look at it: the scene is built once, and what several checks need is computed once. */
final class Situation
{
    public readonly Scene $scene;

    public readonly Limits $limits;

    /** @var array<string, Intrusions> */
    private array $surveys = [];

    /** @var array<string, list<Intrusion>> */
    private array $intrusions = [];

    /** @var array<string, BoomReach|null> */
    private array $nearest = [];

    /** @var array<string, FaceReading> */
    private array $faces = [];

    /** @var array<string, Backdrop> */
    private array $backdrops = [];

    /** @var array<string, array<string, float>> */
    private array $behind = [];

    private ?PowerPlan $power = null;

    private Escape|false|null $escape = false;

    private DayPlan|false|null $day = false;

    private ?SongPlan $song = null;

    private ?PackPlan $pack = null;

    /** @var list<Joined>|null */
    private ?array $joined = null;

    /** @var list<MainsRun>|null */
    private ?array $mains = null;

    private ?Colours $colours = null;

    private ?Coverage $coverage = null;

    /** @var array<string, list<Reflection>> */
    private array $reflections = [];

    /** @var list<Sweep>|null */
    private ?array $sweeps = null;

    private ?PlaceView $place = null;

    /** @var array<string, Ear>|null */
    private ?array $ears = null;

    /** @var array<string, Voice>|null */
    private ?array $voices = null;

    /** @var list<Silhouette>|null */
    private ?array $silhouettes = null;

    /** @var list<Footprint>|null */
    private ?array $footprints = null;

    /** @var array<string, string>|null */
    private ?array $names = null;

    /** @param  Shared  $shared  another's, where both differ only in what burns and what the sky is */
    public function __construct(public readonly SetupPlan $setup, Shared $shared = new Shared)
    {
        $this->scene = new Scene($setup, $shared);
        $this->limits = $setup->plan->brief->limits;
    }

    /**
     * After a change; what that leaves as it is need not be looked at again.
     *
     * @throws \FineFrame\Document\InvalidDocument
     */
    public function after(Edit $edit): self
    {
        return new self($this->setup->after($edit), $this->scene->shared);
    }

    public function place(): PlaceView
    {
        return $this->place ??= new PlaceView($this->setup->plan, $this->setup->location, $this->setup->setup);
    }

    public function name(string $id): string
    {
        $this->names ??= $this->setup->names();

        return $this->names[$id] ?? $id;
    }

    /** @return iterable<string, array{Camera, Body}> every camera that has someone to look at */
    public function framings(): iterable
    {
        foreach ($this->setup->cameras as $id => $camera) {
            $body = $this->setup->bodyFor($camera);
            if ($body !== null) {
                yield $id => [$camera, $body];
            }
        }
    }

    /** @return list<Intrusion> */
    public function intrusions(LensView $view): array
    {
        return $this->intrusions[$view->camera->placement->id] ??= $this->survey($view)->all();
    }

    /** The light on someone's head. */
    public function face(string $person): FaceReading
    {
        return $this->faces[$person] ??= new FaceReading($this->scene, $this->setup->bodies[$person]);
    }

    /** What is behind the head of whoever a camera is on. */
    public function backdrop(Camera $camera, Body $body): Backdrop
    {
        return $this->backdrops[$camera->placement->id] ??= Backdrop::behind($this->scene, $camera, $body);
    }

    /** @return array<string, float> lux on what is behind a head, by lamp and from all around */
    public function behind(Camera $camera, Body $body): array
    {
        return $this->behind[$camera->placement->id] ??= $this->backdrop($camera, $body)->lux();
    }

    /** Stops that what is behind a head looks brighter than skin in the light on the face. */
    public function background(Camera $camera, Body $body): float
    {
        $behind = $this->backdrop($camera, $body);
        $sample = $this->colours()->of($behind->owner);

        return log(
            max(
                1e-6,
                array_sum($this->behind($camera, $body)) * ($sample === null ? $behind->reflects() : $sample['colour']->luminance()),
            ) / max(1e-6, FaceReading::SKIN * $this->face($body->person->id)->light->totalLux()),
            2,
        );
    }

    public function power(): PowerPlan
    {
        return $this->power ??= PowerPlan::of($this);
    }

    /** Null where nobody has said which opening is a way out. */
    public function escape(): ?Escape
    {
        return $this->escape === false ? $this->escape = Escape::of($this) : $this->escape;
    }

    /** Null where nothing is set up, or the hours are open. */
    public function day(): ?DayPlan
    {
        return $this->day === false ? $this->day = DayPlan::of($this) : $this->day;
    }

    /** What is recorded on this setup’s day; null where the hours are open. */
    public function media(): ?Media
    {
        return Media::of($this->setup);
    }

    public function pack(): PackPlan
    {
        return $this->pack ??= new PackPlan($this->setup, $this->limits->get('lift_kg'), $this->scene->shared);
    }

    public function song(): SongPlan
    {
        return $this->song ??= new SongPlan($this);
    }

    /** @return list<Joined> */
    public function joined(): array
    {
        return $this->joined ??= Joined::allOf($this);
    }

    /** @return list<MainsRun> */
    public function mains(): array
    {
        return $this->mains ??= MainsRun::allOf($this, $this->power());
    }

    public function colours(): Colours
    {
        return $this->colours ??= new Colours($this->setup);
    }

    public function coverage(): Coverage
    {
        return $this->coverage ??= new Coverage($this);
    }

    /** @return list<Reflection> */
    public function reflections(LensView $view): array
    {
        return $this->reflections[$view->camera->placement->id] ??= Reflection::in($this->scene, $view, $this->survey($view)->covers());
    }

    public function survey(LensView $view): Intrusions
    {
        return $this->surveys[$view->camera->placement->id] ??= new Intrusions($this->scene, $view);
    }

    /** @return list<Silhouette> shadows with an edge on walls */
    public function silhouettes(): array
    {
        return $this->silhouettes ??= (new Silhouettes(
            $this->scene,
            array_map(fn (LensView $v): Covers => $this->survey($v)->covers(), $this->scene->views),
        ))->all();
    }

    /** @return array<string, Ear> every microphone, booms first */
    public function ears(): array
    {
        return $this->ears ??= Ears::of($this->scene);
    }

    /** A microphone by what people call it; null where none is called so. */
    public function ear(string $name): ?Ear
    {
        foreach ($this->ears() as $id => $ear) {
            if ($id === $name || mb_strtolower(trim($ear->name)) === mb_strtolower(trim($name))) {
                return $ear;
            }
        }

        return null;
    }

    /** @return array<string, Voice> who is to be heard, by person */
    public function voices(): array
    {
        return $this->voices ??= Voice::allOf($this->setup);
    }

    /**
     * @return array<string, array{Ear, Voice}> microphones that are for someone and open, with whom they are for; what is on cameras and
     *     spares are left out
     */
    public function heard(): array
    {
        $heard = [];
        foreach ($this->ears() as $id => $ear) {
            if (isset($this->setup->bodies[$ear->subject]) && ! $ear->spare && $ear->worn !== 'on a camera') {
                $heard[$id] = [$ear, $this->voices()[$ear->subject] ?? Voice::of($this->setup, $this->setup->bodies[$ear->subject])];
            }
        }

        return $heard;
    }

    /** The nearest place for a boom's tip that is clear of every frame. */
    public function nearestBoom(string $id): ?BoomReach
    {
        if (! array_key_exists($id, $this->nearest)) {
            $this->nearest[$id] = BoomReach::nearest($this->scene, $this->scene->booms[$id], $this->limits->get('boom_margin_m'));
        }

        return $this->nearest[$id];
    }

    /** The white balance that the brief asks for. */
    public function plannedKelvin(): float
    {
        return $this->setup->plan->brief->facts->number('white_balance_k') ?? 5600.0;
    }

    /** @return array<string, Settings> how each camera is set, A first */
    public function settings(): array
    {
        $planned = $this->setup->setup->metering;
        $kelvin = $this->plannedKelvin();

        return array_map(
            static fn (Camera $c): Settings => Settings::of($c->placement, $planned->fps, $planned->shutterDeg, $planned->iso, $kelvin),
            $this->setup->cameras,
        );
    }

    /** @return list<Sweep> of every camera that moves */
    public function sweeps(): array
    {
        return $this->sweeps ??= array_map(
            fn (Path $p): Sweep => new Sweep($this->scene, $p),
            array_values(array_filter(array_map(fn (Move $m): ?Path => Path::of($this->setup, $m), $this->setup->setup->moves))),
        );
    }

    /** @return list<Footprint> */
    public function footprints(): array
    {
        return $this->footprints ??= Footprint::allOf($this->scene);
    }

    /** @param  array<string, mixed>  $values by field of one thing, as `cameras/cam-b` */
    public function edit(string $thing, array $values): Edit
    {
        $edits = [];
        foreach ($values as $field => $value) {
            $edits["/setups/{$this->setup->setup->id}/$thing/$field"] = is_float($value) ? round($value, 4) : $value;
        }

        return new Edit($edits);
    }

    public function moved(string $thing, Vec2 $to): Edit
    {
        return $this->edit($thing, ['x_m' => $to->x, 'y_m' => $to->y]);
    }
}
