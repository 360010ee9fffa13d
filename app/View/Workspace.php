<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Shoot;
use App\Plans\Cards\Card;
use App\Plans\Cards\Cards;
use App\Plans\PlanStore;
use App\View\Drawing\ElevationDrawing;
use App\View\Drawing\FloorDrawing;
use App\View\Drawing\FrameDrawing;
use FineFrame\Figures\Figure;
use FineFrame\Figures\Figures;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Verdicts;
use FineFrame\Plan\SetupPlan;

/** Everything a stage page shows of one setup. */
final class Workspace
{
    /** The stages that have a page yet. */
    public const OPEN = [Stage::Brief, Stage::Measure, Stage::Stage, Stage::Cameras, Stage::Light, Stage::Sound, Stage::Rig];

    public readonly Situation $situation;

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
            Stage::Measure => ['tape'],
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
            static fn (Figure $f): bool => ($f->kind === $card->figureKind && $f->about === $card->id) || ($f->kind === 'face' && $f->about === $face),
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
        $query = array_filter($with + ['look' => $this->look === 'above' ? null : $this->look, 'select' => $this->selected], static fn (?string $v): bool => $v !== null);
        $stage = $with['stage'] ?? $this->stage->value;
        unset($query['stage']);

        return route('stage', ['shoot' => $this->shoot->id, 'stage' => $stage] + $query);
    }
}
