<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Document\Record;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Staging\Person;

/** A cue has its place in the song, somebody of the crew, and time between it and their last one. */
final class CuesCanBeGiven extends Rule
{
    /** To have done one thing, read the next and put a hand on it. Ours. */
    private const APART_S = 3.0;

    public function id(): string
    {
        return 'cues-can-be-given';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $rows = $situation->setup->setup->list('cues');
        $cues = array_column($situation->song()->cues(), null, 'id');
        $crew = self::known($situation);
        $last = [];
        foreach ($rows as $row) {
            if (! isset($cues[$row->id])) {
                yield $this->said($row->text('name'), $row->id, 'nowhere', $row->text('section'));
            }
        }
        foreach ($cues as $id => $cue) {
            $who = mb_strtolower($cue->who);
            $since = isset($last[$who]) ? $cue->atS - $last[$who] : INF;
            $case = match (true) {
                $cue->who === '' => 'nobody',
                $crew !== [] && ! in_array($who, $crew, true) => 'stranger',
                $since < self::APART_S => 'close',
                default => 'holds',
            };
            $last[$who] = $cue->atS;
            yield $this->said($cue->name, (string) $id, $case, $cue->who, is_finite($since) ? round($since, 1).' s' : '');
        }
    }

    private function said(string $name, string $id, string $case, string $who, string $since = ''): Finding
    {
        return $this->finding(
            $case === 'holds' ? Severity::Holds : Severity::Watch,
            ['cue' => $name, 'who' => $who ?: 'no section', 'since' => $since],
            [$id],
            new Working('the cue’s time by section, bar and beat; who is in the crew, at a camera or performs', [
                'since their last' => $since,
            ]),
            case: $case,
        );
    }

    /** @return list<string> everybody whom a cue can be given to, in small letters; none where nobody is named at all */
    private static function known(Situation $situation): array
    {
        $crew = array_map(static fn (Record $r): string => $r->text('name'), $situation->setup->plan->brief->list('crew'));
        foreach ($situation->setup->cameras as $camera) {
            $crew[] = $camera->placement->operator;
        }
        $crew = array_filter($crew, static fn (string $name): bool => $name !== '');

        return $crew === [] ? [] : array_map(
            mb_strtolower(...),
            [...array_values($crew), ...array_map(static fn (Person $p): string => $p->name, $situation->setup->setup->people)],
        );
    }
}
