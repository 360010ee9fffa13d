<?php

declare(strict_types=1);

namespace App\View;

use App\Access\Visitor;
use App\Http\Where;
use App\Instruments\PlaceClock;
use App\Log\LogStore;
use App\Models\Shoot;
use App\Plans\Cards\Card;
use App\Plans\Cards\Cards;
use App\Plans\PlanStore;
use App\View\Drawing\ElevationDrawing;
use App\View\Drawing\FloorDrawing;
use App\View\Drawing\FrameDrawing;
use App\View\Drawing\StopsDrawing;
use FineFrame\Figures\Figure;
use FineFrame\Figures\Figures;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Verdicts;
use FineFrame\Plan\Location;
use FineFrame\Plan\Setup;
use FineFrame\Plan\SetupPlan;
use FineFrame\Scene\Sweep;
use FineFrame\Space\PlacedRoom;
use Illuminate\Support\Facades\Config;

/** Everything a stage page shows of one setup. */
final class Workspace
{
    /** Ways to look at a stage, the first as it opens. */
    private const LOOKS = [
        'brief' => ['board' => 'Brief', 'schools' => 'Schools'],
        'scout' => ['sun' => 'Sun', 'notes' => 'Notes', 'ticks' => 'To tick', 'photos' => 'Photos', 'photo' => 'Measure a photo', 'compare' => 'Compare'],
        'measure' => ['above' => 'From above', 'book' => 'Tape book', 'side' => 'From the side', 'table' => 'Table'],
        'stage' => ['above' => 'From above', 'colours' => 'Colours', 'side' => 'From the side', 'table' => 'Table'],
        'cameras' => [
            'above' => 'From above', 'propose' => 'Proposals', 'take' => 'The take', 'cover' => 'Coverage',
            'settings' => 'Settings', 'kit' => 'Kit', 'side' => 'From the side', 'table' => 'Table',
        ],
        'light' => [
            'above' => 'From above', 'build' => 'Build the light', 'stops' => 'Stops', 'propose' => 'Proposals', 'day' => 'Daylight',
            'list' => 'Lighting list', 'lamps' => 'Lamps and grip', 'side' => 'From the side', 'table' => 'Table',
        ],
        'sound' => [
            'above' => 'From above', 'mics' => 'Microphones', 'hear' => 'Hear it', 'room' => 'The room', 'tracks' => 'Tracks',
            'cables' => 'Cables', 'radio' => 'Radio', 'music' => 'Music', 'side' => 'From the side', 'table' => 'Table',
        ],
        'rig' => [
            'above' => 'From above', 'power' => 'Power', 'grip' => 'Grip', 'safety' => 'Safety', 'side' => 'From the side', 'table' => 'Table',
        ],
        'rundown' => ['hours' => 'The day', 'today' => 'Run it', 'cues' => 'Music and media', 'live' => 'Cue view'],
        'pack' => ['list' => 'Pack list', 'cases' => 'Cases', 'out' => 'Check out and in', 'kit' => 'Kit'],
        'roll' => ['ready' => 'Get ready', 'rolling' => 'Rolling', 'drill' => 'If it fails'],
        'wrap' => ['restore' => 'Put back', 'copies' => 'Copies', 'edit' => 'For the edit'],
    ];

    /** The page of a stage on which its lists are kept, where that is not the first. */
    private const LISTS_AT = ['scout' => 'notes', 'sound' => 'tracks', 'rig' => 'power', 'cameras' => 'cover', 'light' => 'list'];

    public readonly Situation $situation;

    /** The room being taped. */
    public readonly PlacedRoom $room;

    private ?ScoutDesk $scout = null;

    private ?Mending $mending = null;

    private ?ExerciseDesk $exercise = null;

    public readonly Verdicts $verdicts;

    /** How long that took. */
    private readonly float $judgedMs;

    public readonly Phrase $phrase;

    /** The selected thing's card; null when nothing is, or it is no longer there. */
    public readonly ?Card $card;

    public readonly Stage $stage;

    public readonly string $look;

    public readonly Visitor $visitor;

    public readonly ?string $selected;

    /** Where the reader is, with the setup and the room that there are. */
    public readonly Where $where;

    /**
     * @param  SetupPlan|null  $kept  as it is kept, where something is otherwise only to look
     * @param  bool  $isPatient  whether somebody waits for what takes longer
     * @param  int  $mendsFrom  how many verdicts were tried to be mended by an earlier answer
     */
    public function __construct(
        public readonly Shoot $shoot,
        public readonly SetupPlan $setup,
        Where $where,
        public readonly Reader $reader,
        private readonly Judge $judge,
        private readonly bool $mends = true,
        ?SetupPlan $kept = null,
        private readonly bool $isPatient = false,
        private readonly int $mendsFrom = 0,
    ) {
        $this->visitor = Visitor::now();
        [$this->stage, $this->look] = [$where->stage, $where->look];
        // Cards are filled in and changed: whoever holds a link has none.
        $this->selected = $this->isShown() ? null : $where->card();
        $this->room = $setup->room->called($where->room);
        $this->where = new Where(
            $where->stage,
            $where->look,
            (string) $this->place(),
            $this->room->id,
            $where->selected,
            $where->looked,
            $where->withChair,
            $where->crop,
            $where->ask,
            $where->who,
        );
        $this->situation = $judge->situation($setup);
        $began = microtime(true);
        $this->verdicts = $judge->judge($this->situation);
        $this->judgedMs = 1000 * (microtime(true) - $began);
        $this->phrase = new Phrase($reader);
        $this->card = (new Cards($kept ?? $setup))->find($this->selected ?? '');
    }

    /** Whether it is shown by a link, and not planned here. */
    public function isShown(): bool
    {
        return $this->visitor->link !== null;
    }

    /** Whether what holds and breaks is for whoever looks. */
    public function showsVerdicts(): bool
    {
        if ($this->exercise()?->isAnswered() === false) {
            return false;
        }

        return $this->visitor->link === null || $this->visitor->link->role->seesVerdicts();
    }

    /** The exercise that this plan stands for; null for a shoot. */
    public function exercise(): ?ExerciseDesk
    {
        return $this->exercise ??= ExerciseDesk::of($this->shoot, $this->setup->plan, $this->judge);
    }

    /** Whether ticks and marks made here are taken. */
    public function takesMarks(): bool
    {
        return $this->visitor->marks($this->shoot);
    }

    /** @return array<string, string> */
    public static function looksOf(Stage $stage): array
    {
        return self::LOOKS[$stage->value];
    }

    /** Whether the strip below shows what the lenses see. */
    public function hasFrames(): bool
    {
        return ! in_array($this->stage, [Stage::Brief, Stage::Scout], true)
            && ! in_array(
                $this->look,
                [
                    'book', 'take', 'propose', 'list', 'day', 'lamps', 'kit', 'tracks', 'radio', 'room', 'hear', 'cables', 'music', 'colours',
                    'power', 'grip', 'safety', 'hours', 'today', 'cues', 'live', 'cases', 'out', 'ready', 'rolling',
                    'drill', 'restore', 'copies', 'edit',
                ],
                true,
            )
            // An answer brings its own.
            && ($this->look !== 'build' || $this->where->ask === '')
            && $this->setup->cameras !== [];
    }

    /** @return string|null the setup, or the place where nothing is set up; null for the first setup */
    public function place(): ?string
    {
        return match (true) {
            $this->setup->setup->isBare() => $this->setup->location->id,
            $this->setup->setup->id === $this->setup->plan->setups[0]->id => null,
            default => $this->setup->setup->id,
        };
    }

    /** The day and the hours in which this setup is recorded, in words; empty where both are open. */
    public function when(): string
    {
        $hours = $this->setup->hours();
        $clock = $hours->from !== '' && $hours->to !== '' ? "{$hours->from}–{$hours->to}" : '';

        return implode(', ', array_filter([$hours->date === '' ? '' : Reader::day($hours->date), $clock]));
    }

    /** @return list<array{name: string, place: string|null, here: bool}> the setups to go to; while scouting and measuring, the places */
    public function places(): array
    {
        [$plan, $here] = [$this->setup->plan, $this->setup];
        $first = $plan->setups[0];
        if (! in_array($this->stage, [Stage::Scout, Stage::Measure], true)) {
            return count($plan->setups) < 2 || ($this->visitor->link->setup ?? '') !== ''
                ? []
                : array_map(
                    static fn (Setup $s): array => [
                        'name' => $s->name,
                        'place' => $s->id === $first->id ? null : $s->id,
                        'here' => $s->id === $here->setup->id,
                    ],
                    $plan->setups,
                );
        }

        return array_map(
            static fn (Location $l): array => [
                'name' => $l->name,
                'place' => $l->id === $first->location ? null : $l->id,
                'here' => $l->id === $here->location->id,
            ],
            $plan->locations,
        );
    }

    /** The place and its lists, as brief, scouting and tape book show them. */
    public function scout(): ScoutDesk
    {
        return $this->scout ??= new ScoutDesk($this->situation, $this->room, $this->reader, $this->phrase, $this->where->crop);
    }

    /** @return array<string, int> how many checks hold, by stage */
    public function held(): array
    {
        $held = [];
        foreach ($this->verdicts->of(Severity::Holds) as $finding) {
            $held[$finding->stage->value] = ($held[$finding->stage->value] ?? 0) + 1;
        }

        return $held;
    }

    public function light(): LightDesk
    {
        return new LightDesk($this->situation, $this->reader, $this->where->looked);
    }

    public function radio(): RadioDesk
    {
        return new RadioDesk($this->situation);
    }

    public function sound(): SoundDesk
    {
        return new SoundDesk($this->situation, $this->reader);
    }

    public function assumed(): AssumedDesk
    {
        return new AssumedDesk($this->setup, $this->reader);
    }

    public function hear(): HearDesk
    {
        return new HearDesk($this->situation, $this->phrase, $this->reader);
    }

    /** The floor in false colour. */
    public function stops(): StopsDrawing
    {
        return new StopsDrawing($this->situation, $this->floor()->sheet);
    }

    public function daylight(): ?DaylightDesk
    {
        return DaylightDesk::of($this->situation, $this->reader);
    }

    public function ears(): EarDesk
    {
        return new EarDesk($this->situation, $this->phrase, $this->reader);
    }

    public function proposals(): ProposalDesk
    {
        return new ProposalDesk($this->situation, $this->judge, $this->reader, $this->where->withChair, $this->stage === Stage::Light);
    }

    public function build(): BuildDesk
    {
        return new BuildDesk($this->situation, $this->judge, $this->reader, $this->phrase, $this->where->ask, $this->where->who);
    }

    public function safety(): SafetyDesk
    {
        return new SafetyDesk($this->situation, $this->verdicts, $this->reader, $this->phrase);
    }

    public function day(): DayDesk
    {
        return new DayDesk($this->situation);
    }

    public function today(): TodayDesk
    {
        return new TodayDesk($this->situation, app(LogStore::class)->ticks($this->shoot), app(PlaceClock::class), $this->where->ask);
    }

    public function roll(): RollDesk
    {
        return new RollDesk($this->situation, $this->verdicts, $this->judge, $this->phrase);
    }

    public function wrap(): WrapDesk
    {
        return new WrapDesk($this->situation, app(LogStore::class)->state($this->shoot), $this->reader);
    }

    public function photo(): PhotoDesk
    {
        return new PhotoDesk($this->situation, $this->reader, $this->where->ask);
    }

    public function pack(): PackDesk
    {
        return new PackDesk($this->situation, $this->reader);
    }

    public function crew(): CrewDesk
    {
        return new CrewDesk($this->situation, $this->reader);
    }

    public function cues(): CueDesk
    {
        return new CueDesk($this->situation);
    }

    public function ticks(): TickDesk
    {
        return new TickDesk($this->setup->plan, $this->reader);
    }

    public function grip(): GripDesk
    {
        return new GripDesk($this->situation, $this->reader);
    }

    public function power(): PowerDesk
    {
        return new PowerDesk($this->situation, $this->reader);
    }

    public function schools(): SchoolDesk
    {
        return new SchoolDesk($this->situation, $this->verdicts, $this->judge, $this->phrase, $this->where->ask);
    }

    public function cameras(): CameraDesk
    {
        return new CameraDesk($this->situation, $this->reader);
    }

    /** @return list<TakeDesk> what each moving camera does */
    public function takes(): array
    {
        return array_map(fn (Sweep $s): TakeDesk => new TakeDesk($this->situation, $s, $this->reader), $this->situation->sweeps());
    }

    public function view(): PlaceView
    {
        return $this->situation->place();
    }

    public function headline(): string
    {
        [$breaks, $watches] = [count($this->verdicts->of(Severity::Breaks)), count($this->verdicts->of(Severity::Watch))];

        return match (true) {
            $breaks + $watches === 0 => 'All holds',
            $breaks === 0 => "$watches to watch",
            default => ($breaks === 1 ? '1 breaks' : "$breaks break").($watches > 0 ? ", $watches to watch" : ''),
        };
    }

    public function worst(): Severity
    {
        return $this->verdicts->findings[0]->severity ?? Severity::Holds;
    }

    public function floor(): FloorDrawing
    {
        return new FloorDrawing($this->situation, $this->reader);
    }

    /** @return list<string> what the floor shows over the things: it follows the stage */
    public function overlays(): array
    {
        return match ($this->stage) {
            Stage::Scout => ['sun'],
            Stage::Measure => ['tape', 'survey'],
            Stage::Light => ['lenses', 'light'],
            Stage::Sound => ['lenses', 'sound'],
            Stage::Stage => [],
            Stage::Rig => ['mains'],
            default => ['lenses'],
        };
    }

    public function elevation(): ElevationDrawing
    {
        return new ElevationDrawing($this->situation, $this->reader);
    }

    /** @return list<FrameDrawing> */
    public function frames(): array
    {
        return FrameDrawing::all(
            $this->situation,
            $this->reader,
            ! $this->isStill(),
            $this->isStill() && $this->stage === Stage::Light && ! $this->waits(Effort::LitFrames),
            $this->look === 'stops' && $this->stage === Stage::Light,
            ! $this->showsVerdicts(),
        );
    }

    /** @return list<string> ids of cameras with something broken in their frame */
    public function brokenFrames(): array
    {
        // Whose frame it is comes first for gear, second for a boom: the other is what stands in it.
        return array_merge([], ...array_map(static fn (Finding $f): array => match ($f->check) {
            'frame-is-clear' => [$f->about[0]],
            'boom-stays-out-of-frame' => [$f->about[1]],
            default => [],
        }, $this->verdicts->of(Severity::Breaks)));
    }

    /**
     * What does not hold, as it is read: the open stage's own, what breaks elsewhere, and by stage what is to watch there.
     *
     * @return array{own: list<Finding>, breaks: list<Finding>, elsewhere: array<string, list<Finding>>}
     */
    public function open(): array
    {
        $open = ['own' => [], 'breaks' => []];
        $inOrder = array_fill_keys(array_column(Stage::cases(), 'value'), []);
        foreach ($this->verdicts->findings as $finding) {
            if ($finding->severity === Severity::Holds) {
                continue;
            }
            if ($finding->stage === $this->stage) {
                $open['own'][] = $finding;
            } elseif ($finding->severity === Severity::Breaks) {
                $open['breaks'][] = $finding;
            } else {
                $inOrder[$finding->stage->value][] = $finding;
            }
        }

        return ['elsewhere' => array_filter($inOrder)] + $open;
    }

    /**
     * Where what a finding is about is set: the card of a thing, or else the page of its stage that has its lists.
     *
     * @return array{name: string, url: string, isHere: bool}
     */
    public function leads(Finding $finding): array
    {
        $cards = new Cards($this->setup);
        foreach ($finding->about as $id) {
            $card = $cards->find($id);
            if ($card !== null) {
                return ['name' => $card->title, 'url' => $this->url(['select' => $id]), 'isHere' => true];
            }
        }
        $look = self::LISTS_AT[$finding->stage->value] ?? (string) array_key_first(self::LOOKS[$finding->stage->value]);
        $at = ['stage' => $finding->stage->value, 'look' => $look, 'select' => $finding->stage === Stage::Measure ? 'tape' : 'none'];

        return [
            'name' => self::looksOf($finding->stage)[$look] ?? '', 'url' => $this->url($at), 'isHere' => $finding->stage === $this->stage,
        ];
    }

    /** While a pointer moves, mends are not tried: the verdicts must keep up. */
    public function mending(): Mending
    {
        // To try a mend is to judge again: where that took longer than a page may, none is tried before it stands.
        $milliseconds = Config::float($this->isPatient ? 'fineframe.mends_later_ms' : 'fineframe.mends_ms');
        $mayTry = $this->mends && ($this->isPatient || $this->judgedMs < $milliseconds);

        $open = $this->open();

        return $this->mending ??= new Mending(
            $this->judge,
            $this->setup,
            $this->verdicts,
            array_merge($open['own'], $open['breaks'], ...array_values($open['elsewhere'])),
            $this->mendsFrom,
            $mayTry ? $milliseconds : 0.0,
            $mayTry && $this->isPatient,
        );
    }

    /** Whether a part takes longer than a page may, and comes after it. */
    public function waits(Effort $part): bool
    {
        return ! $this->isPatient && $part->isLong($this->setup);
    }

    public function isStill(): bool
    {
        return $this->mends;
    }

    /** @return list<Figure> of the selected thing */
    public function figures(Card $card): array
    {
        $face = match ($card->figureKind) {
            'metering' => $this->setup->subjects()[0]->id ?? '',
            'light' => $this->situation->scene->lamps[$card->id]->placement->subject,
            default => '',
        };

        return array_values(array_filter(
            Figures::of($this->situation),
            fn (Figure $f): bool => (
                $f->kind === $card->figureKind
                && in_array($f->about, [$card->id, $this->setup->location->id], true)
            ) || ($f->kind === 'face' && $f->about === $face),
        ));
    }

    /** @return list<array{stage: Stage, state: string}> */
    public function rail(): array
    {
        $theirs = array_values(array_filter(Stage::cases(), fn (Stage $s): bool => $this->visitor->looks($s) !== []));

        return array_map(fn (Stage $s): array => [
            'stage' => $s,
            'state' => $this->verdicts->stage($s)->value ?? ($s === Stage::Brief ? 'holds' : 'none'),
        ], $theirs);
    }

    public function whereabouts(): Whereabouts
    {
        return new Whereabouts($this->situation, $this->verdicts, $this->reader);
    }

    /** What undo takes back, in the words of the change; null where there is nothing to take back. */
    public function undoes(): ?string
    {
        return $this->shoot->head->parent_id === null ? null : $this->shoot->head->words;
    }

    public function redoes(): ?string
    {
        return PlanStore::next($this->shoot)?->words;
    }

    /** @param  array<string, string|null>  $with */
    public function url(array $with = []): string
    {
        return $this->where->url($this->shoot->id, $with);
    }
}
