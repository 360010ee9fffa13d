<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Rundown\ClipLimit;
use FineFrame\Rundown\ImpossibleDay;
use FineFrame\Rundown\SectionCover;
use FineFrame\Rundown\Song;
use FineFrame\Rundown\SongCue;
use FineFrame\Rundown\SongGaps;
use FineFrame\Rundown\TempoMap;

/** The song map of a setup with its cameras: who plays when, who is on whom, what is called when, where a camera can be started anew. */
final readonly class SongPlan
{
    /** Until a camera that was stopped runs again, s: to walk to its button, and to see that it does. Ours. */
    public const RESTART_S = 10.0;

    /** Four beats at 100 a minute. */
    private const BAR_S = 2.4;

    private const EVERYBODY = ['', 'all', 'both', 'everybody', 'everyone'];

    /** @var list<Record> in order */
    public array $sections;

    private ?TempoMap $tempo;

    public function __construct(private Situation $situation)
    {
        $sections = $situation->setup->setup->list('sections');
        usort($sections, static fn (Record $a, Record $b): int => ($a->number('from_s') ?? 0.0) <=> ($b->number('from_s') ?? 0.0));
        $this->sections = $sections;
        $this->tempo = self::tempo($sections);
    }

    /** @return list<string>|null who a text of names means; null where a name is nobody’s here */
    public function named(string $names): ?array
    {
        $people = array_column($this->situation->setup->subjects(), 'name', 'id');
        if (in_array(mb_strtolower(trim($names)), self::EVERYBODY, true)) {
            return array_keys($people);
        }
        $ids = [];
        foreach (preg_split('/\s*(?:,|;|&|\band\b)\s*/u', trim($names)) ?: [] as $name) {
            $is = static fn (string $of): bool => mb_strtolower($of) === mb_strtolower($name)
                || str_starts_with(mb_strtolower($of), mb_strtolower($name).',');
            $id = array_search(true, array_map($is, $people), true);
            if ($id === false) {
                return null;
            }
            $ids[] = (string) $id;
        }

        return array_values(array_unique($ids));
    }

    /** @return list<string> ids of who plays in a section; everybody where nobody is named */
    public function players(Record $section): array
    {
        return $this->named($section->text('plays')) ?? $this->named('') ?? [];
    }

    /** @return array<string, list<string>> by camera that rolls in a section, whom it is on: as typed, else whose faces it has then */
    public function rolls(Record $section): array
    {
        $seen = [];
        foreach ($this->situation->coverage()->sections() as $row) {
            $seen = $row['section'] === $section->text('name') ? $row['seen'] : $seen;
        }
        foreach ($this->situation->setup->setup->list('rolls') as $row) {
            $camera = $row->text('camera');
            if (! isset($seen[$camera]) || ! in_array($row->text('name'), ['', $section->text('name')], true)) {
                continue;
            }
            if ($row->flag('off')) {
                unset($seen[$camera]);
            } elseif ($row->text('on') !== '') {
                $seen[$camera] = $this->named($row->text('on')) ?? $seen[$camera];
            }
        }

        return $seen;
    }

    public function cover(Record $section): SectionCover
    {
        $rolls = $this->rolls($section);
        $players = $this->players($section);
        $cameras = [];
        foreach ($this->situation->setup->cameras as $id => $camera) {
            $cameras[$id] = [
                'operator' => $camera->placement->operator === '' ? null : $camera->placement->operator,
                'isWide' => count($players) > 1 && $camera->placement->role->isLocked() && array_diff($players, $rolls[$id] ?? []) === [],
            ];
        }

        return SectionCover::of($players, $cameras, $rolls);
    }

    /** @return list<SongCue> in order of their times; those that no section places are left out */
    public function cues(): array
    {
        $cues = [];
        foreach ($this->situation->setup->setup->list('cues') as $row) {
            $at = $this->atS($row);
            if ($at === null) {
                continue;
            }
            $bar = $this->barS($row);
            $cues[] = new SongCue(
                $row->id, $row->text('name'), $row->text('who'), $at, $bar * ($row->number('counts_in') ?? 1.0), $row->text('camera'),
                $row->text('section'), $row->number('bar') === null ? null : (int) $row->number('bar'),
            );
        }
        usort($cues, static fn (SongCue $a, SongCue $b): int => $a->atS <=> $b->atS);

        return $cues;
    }

    /** @return float|null seconds of a bar’s beat since the song’s beginning; without a bar, of its section’s beginning */
    public function atS(Record $row): ?float
    {
        $section = $this->section($row->text('section'));
        $bar = $row->number('bar');
        if ($bar === null) {
            return $section?->number('from_s');
        }
        $since = $section?->number('bar') === null ? $this->first() : $section;
        if ($this->tempo === null || $since === null) {
            return $section?->number('from_s');
        }
        $from = $this->tempo->seconds(max(1, (int) $since->number('bar')), 1.0);

        return ($since->number('from_s') ?? 0.0) + $this->tempo->seconds((int) $bar, $row->number('beat') ?? 1.0) - $from;
    }

    /** Seconds by the tempo from one section’s bar to the next’s; null where either has none, or nobody said how fast. */
    public function lengthByTempo(int $i): ?float
    {
        [$bar, $next] = [$this->sections[$i]->number('bar'), ($this->sections[$i + 1] ?? null)?->number('bar')];

        return $this->tempo === null || $bar === null || $next === null || $next <= $bar
            ? null
            : $this->tempo->seconds((int) $next, 1.0) - $this->tempo->seconds((int) $bar, 1.0);
    }

    /** @return SongGaps|null what is played one after the other; null where nobody has listed it */
    public function set(): ?SongGaps
    {
        [$songs, $at] = [[], 0.0];
        foreach ($this->situation->setup->setup->list('songs') as $row) {
            $ends = $at + 60 * ($row->number('minutes') ?? 0.0);
            $songs[] = new Song($row->id, $at, $ends);
            $at = $ends + ($row->number('gap_s') ?? 0.0);
        }

        return $songs === [] ? null : new SongGaps($songs, self::RESTART_S);
    }

    /** @return array<string, ClipLimit> by camera that nobody is at and that stops by itself */
    public function clips(SongGaps $set): array
    {
        $clips = [];
        foreach ($this->situation->setup->cameras as $id => $camera) {
            $limit = 60 * ($camera->mode->limitMin ?? 0.0);
            if ($limit > 0.0 && ! $camera->isManned()) {
                $clips[$id] = new ClipLimit($set, -self::RESTART_S, $limit);
            }
        }

        return $clips;
    }

    private function section(string $name): ?Record
    {
        foreach ($this->sections as $section) {
            if ($section->text('name') === $name) {
                return $section;
            }
        }

        return null;
    }

    private function first(): ?Record
    {
        return array_values(array_filter($this->sections, static fn (Record $s): bool => $s->number('bar') !== null))[0] ?? null;
    }

    /** Seconds of the bar before a cue; where nobody said how fast, a usual one. */
    private function barS(Record $row): float
    {
        $bar = $row->number('bar') ?? $this->section($row->text('section'))?->number('bar');

        return $this->tempo === null || $bar === null || $bar < 2
            ? self::BAR_S
            : $this->tempo->seconds((int) $bar, 1.0) - $this->tempo->seconds((int) $bar - 1, 1.0);
    }

    /** @param  list<Record>  $sections */
    private static function tempo(array $sections): ?TempoMap
    {
        $metres = $tempos = [];
        foreach ($sections as $section) {
            $bar = $section->number('bar');
            if ($bar === null) {
                continue;
            }
            if (preg_match('/^(\d{1,2})\/(\d{1,2})$/', $section->text('metre'), $m) === 1 && (int) $m[1] > 0 && (int) $m[2] > 0) {
                $metres[(int) $bar] = [(int) $m[1], (int) $m[2]];
            }
            if ($section->number('bpm') !== null) {
                $tempos[] = ['bar' => (int) $bar, 'beat' => 1.0, 'bpm' => $section->number('bpm'), 'unit' => 0.25];
            }
        }
        try {
            return $tempos === [] ? null : TempoMap::of($metres, $tempos);
        } catch (ImpossibleDay) {
            return null;
        }
    }
}
