<?php

declare(strict_types=1);

namespace App\View;

use App\Instruments\Instruments;
use App\Models\Shoot;
use App\Plans\Cards\Card;
use App\Plans\Cards\Cards;
use App\Plans\PlanStore;
use App\Plans\Sheets\Sheet;
use App\Plans\Sheets\Sheets;
use App\View\Drawing\ElevationDrawing;
use App\View\Drawing\FloorDrawing;
use App\View\Drawing\FrameDrawing;
use App\View\Drawing\SmallPlan;
use App\View\Drawing\SunDrawing;
use FineFrame\Document\ColumnKind;
use FineFrame\Figures\Figure;
use FineFrame\Figures\Figures;
use FineFrame\Judge\Comparison;
use FineFrame\Judge\Consequences;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Mend;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Verdicts;
use FineFrame\Plan\Location;
use FineFrame\Plan\SetupPlan;

/** Everything a stage page shows of one setup. */
final class Workspace
{
    /** The stages that have a page yet. */
    public const OPEN = [Stage::Brief, Stage::Scout, Stage::Measure, Stage::Stage, Stage::Cameras, Stage::Light, Stage::Sound, Stage::Rig];

    /** Ways to look at a stage, the first as it opens; `*` is any stage with a floor. */
    private const LOOKS = [
        'brief' => ['board' => 'Brief', 'schools' => 'Schools'],
        'scout' => ['sun' => 'Sun', 'notes' => 'Notes', 'photos' => 'Photos', 'compare' => 'Compare'],
        'measure' => ['above' => 'From above', 'book' => 'Tape book', 'side' => 'From the side', 'table' => 'Table'],
        '*' => ['above' => 'From above', 'side' => 'From the side', 'table' => 'Table'],
    ];

    public readonly Situation $situation;

    private ?SunDrawing $sun = null;

    public readonly Verdicts $verdicts;

    public readonly Phrase $phrase;

    /** The selected thing's card; null when nothing is, or it is no longer there. */
    public readonly ?Card $card;

    public function __construct(
        public readonly Shoot $shoot,
        public readonly SetupPlan $setup,
        public readonly Stage $stage,
        public readonly string $look,
        public readonly ?string $selected,
        public readonly Reader $reader,
        private readonly Judge $judge,
        private readonly bool $mends = true,
    ) {
        $this->situation = new Situation($setup);
        $this->verdicts = $judge->judge($this->situation);
        $this->phrase = new Phrase($reader);
        $this->card = (new Cards($setup))->find($selected ?? '');
    }

    /** @return array<string, string> */
    public static function looksOf(Stage $stage): array
    {
        return self::LOOKS[$stage->value] ?? self::LOOKS['*'];
    }

    /** Whether the strip below shows what the lenses see. */
    public function hasFrames(): bool
    {
        return ! in_array($this->stage, [Stage::Brief, Stage::Scout], true) && $this->look !== 'book' && $this->setup->cameras !== [];
    }

    /** @return string|null the place, where it is not the one of the first setup */
    public function place(): ?string
    {
        return $this->setup->location->id === $this->setup->plan->setups[0]->location ? null : $this->setup->location->id;
    }

    public function sheet(string $name): Sheet
    {
        return (new Sheets($this->setup->plan, $this->setup->location))->of($name);
    }

    /** @return array<array-key, array<string, string>>|null what was typed into a sheet that is not kept yet */
    public function typed(string $sheet): ?array
    {
        $typed = app()->bound('typed') ? app('typed') : null;
        if (! is_array($typed) || ($typed['sheet'] ?? null) !== $sheet || ! is_array($typed['rows'] ?? null)) {
            return null;
        }

        return array_map(static fn (mixed $row): array => array_map(static fn (mixed $v): string => is_string($v) ? $v : '', is_array($row) ? $row : []), $typed['rows']);
    }

    public function view(): PlaceView
    {
        return $this->situation->place();
    }

    public function sun(): ?SunDrawing
    {
        $study = $this->view()->study();

        return $study === null ? null : $this->sun ??= new SunDrawing($study, $this->view());
    }

    /** @return list<string> what the brief already asks for, in sentences */
    public function consequences(): array
    {
        return array_map(fn (array $c): string => $this->phrase->consequence($c[0], $c[1]), Consequences::of($this->setup->plan));
    }

    /**
     * An entry of a sheet in a line: its name, and the rest that was said.
     *
     * @param  array<array-key, mixed>  $row
     * @return array{string, string}
     */
    public function entry(Sheet $sheet, array $row): array
    {
        $said = [];
        foreach (array_keys($sheet->columns) as $column) {
            $value = $row[$column] ?? null;
            if ($value === null || $value === '' || $value === false || in_array($column, ['taken_on', 'taken_at', 'x_m', 'y_m', 'file', ...($sheet->name === 'photos' ? ['width_px', 'height_px'] : [])], true) || $value === ($sheet->columns[$column]->choices[0] ?? null)) {
                continue;
            }
            $field = $sheet->field($column, $row);
            $text = is_string($value) && ($field->options[$value] ?? null) === null ? $value : $field->text($this->reader);
            $answer = in_array($value, ['yes', 'no'], true);
            $bare = $answer || $said !== [] && $field->unit === '' && in_array($sheet->columns[$column]->kind, [ColumnKind::Number, ColumnKind::Clock, ColumnKind::Metres], true);
            $said[] = $value === true ? $field->label : ($bare ? $field->label.($answer ? ': ' : ' ') : '').trim(($field->options[$text] ?? $text).' '.$field->unit);
        }

        return [$said[0] ?? $sheet->one(), implode(' · ', array_slice($said, 1, 5))];
    }

    /** A room's outline at one scale for all, to be seen side by side. */
    public function smallPlan(Location $place): string
    {
        return (new SmallPlan($this->setup->plan))->of($place);
    }

    /** The focal length whose view is drawn on photos: as asked for, else A's. */
    public function cropMm(): float
    {
        $asked = request()->query('crop');

        return is_numeric($asked) ? max(4.0, min(1000.0, (float) $asked)) : $this->setup->camera(0)?->placement->focalMm ?? 50.0;
    }

    /** @return list<array{file: string, caption: string, width: int, height: int, words: string, crops: list<array{w: float, h: float}>}> */
    public function references(): array
    {
        return (new ReferenceFrames($this->setup, $this->cropMm()))->all();
    }

    /** What the forecast says of the day's sky, in words. */
    public function forecast(): string
    {
        $date = $this->view()->date();
        if ($date === '') {
            return '';
        }
        ['cloud' => $cloud, 'sure' => $sure] = app(Instruments::class)->forecast($this->setup->location, $date);
        $sky = $cloud < 0.25 ? 'clear' : ($cloud < 0.6 ? 'broken cloud: level and colour jump' : 'overcast: steady and soft');

        return $sky.', '.round(100 * $cloud).' % cloud, '.round(100 * $sure).' % sure';
    }

    public function comparison(): Comparison
    {
        return new Comparison($this->setup->plan);
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
            Stage::Stage, Stage::Rig => [],
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
        return FrameDrawing::all($this->situation, $this->reader);
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

    /** While a pointer moves, mends are not tried: the verdicts must keep up. */
    public function mend(Finding $finding): ?Mend
    {
        return $this->mends ? $this->judge->mend($this->setup, $this->verdicts, $finding) : null;
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
            fn (Figure $f): bool => ($f->kind === $card->figureKind && in_array($f->about, [$card->id, $this->setup->location->id], true)) || ($f->kind === 'face' && $f->about === $face),
        ));
    }

    /** @return list<array{stage: Stage, state: string, open: bool}> */
    public function rail(): array
    {
        return array_map(fn (Stage $s): array => [
            'stage' => $s, 'open' => in_array($s, self::OPEN, true),
            'state' => $this->verdicts->stage($s)->value ?? ($s === Stage::Brief ? 'holds' : 'none'),
        ], Stage::cases());
    }

    public function whereabouts(): Whereabouts
    {
        return new Whereabouts($this->situation, $this->verdicts, $this->reader);
    }

    public function canUndo(): bool
    {
        return $this->shoot->head->parent_id !== null;
    }

    public function canRedo(): bool
    {
        return PlanStore::next($this->shoot) !== null;
    }

    /** @param  array<string, string|null>  $with */
    public function url(array $with = []): string
    {
        $with += ['place' => $this->place()];
        $look = $with['look'] ?? ($this->look === array_key_first(self::looksOf($this->stage)) || ($with['stage'] ?? $this->stage->value) !== $this->stage->value ? null : $this->look);
        $query = array_filter(['look' => $look] + $with + ['select' => $this->selected ?? (in_array($this->stage, [Stage::Brief, Stage::Scout, Stage::Measure], true) ? 'none' : null)], static fn (?string $v): bool => $v !== null);
        $stage = $with['stage'] ?? $this->stage->value;
        unset($query['stage']);

        return route('stage', ['shoot' => $this->shoot->id, 'stage' => $stage] + $query);
    }
}
