<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Document\Record;
use FineFrame\Grip\Support;
use FineFrame\Grip\SupportKind;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\Edit;
use FineFrame\Sound\Boom;

/**
 * A boom is in somebody’s hands or on a stand, and the brief says the same. Who holds it stands in the room, and tires: from break to
 * break no longer than arms stay up.
 */
final class BoomIsHeld extends Rule
{
    public function id(): string
    {
        return 'boom-is-held';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    public function run(Situation $situation): iterable
    {
        $isSaid = $situation->setup->plan->brief->facts->flag('boom_hand');
        $held = array_filter($situation->scene->booms, static fn (Boom $b): bool => $b->stand->kind->isCarried());
        $first = array_values($situation->scene->booms)[0] ?? null;
        if ($first !== null && $held === [] && $isSaid) {
            yield $this->stands($situation, $first);
        }
        foreach ($held as $boom) {
            yield $this->tires($situation, $boom, $isSaid);
        }
    }

    private function stands(Situation $situation, Boom $boom): Finding
    {
        $id = $boom->placement->id;

        return $this->finding(
            Severity::Watch,
            ['boom' => $situation->name($id), 'stand' => $boom->stand->name],
            [$id],
            new Working('what holds it, against the brief', ['someone booms' => 'yes', 'it is on' => $boom->stand->name]),
            $this->onto($situation, $boom, SupportKind::Hand),
            'stands',
        );
    }

    private function tires(Situation $situation, Boom $boom, bool $isSaid): Finding
    {
        $id = $boom->placement->id;
        $limit = $situation->limits->get('boom_hold_min');
        $longest = self::longestMin($situation);
        $case = match (true) {
            ! $isSaid => 'nobody',
            $longest !== null && $longest > $limit => 'tires',
            default => 'holds',
        };

        return $this->finding(
            $case === 'holds' ? Severity::Holds : Severity::Watch,
            [
                'boom' => $situation->name($id),
                'minutes' => $longest === null ? 'an unknown time' : round($longest).' min',
                'limit' => round($limit).' min',
            ],
            [$id],
            new Working(
                'the longest stretch of the talk’s plan from break to break, else what is recorded on its day',
                ['longest, min' => $longest === null ? 'open' : (string) round($longest), 'arms stay up, min' => (string) round($limit)],
                'a starting point of ours: ask whoever holds it',
            ),
            $case === 'nobody' ? [
                new Mend('somebody-booms', ['thing' => $situation->name($id)], new Edit(['/brief/facts/boom_hand' => true])),
            ] : $this->onto($situation, $boom, SupportKind::Stand),
            $case,
        );
    }

    /** @return float|null minutes; null where nobody has said */
    private static function longestMin(Situation $situation): ?float
    {
        [$longest, $now] = [0.0, 0.0];
        foreach ($situation->setup->setup->list('progress') as $part) {
            $now = ($part->flag('break_before') ? 0.0 : $now) + ($part->number('minutes') ?? 0.0);
            $longest = max($longest, $now);
        }
        $sections = array_map(static fn (Record $s): float => $s->number('to_s') ?? 0.0, $situation->setup->setup->list('sections'));

        return match (true) {
            $longest > 0.0 => $longest,
            $sections !== [] => max($sections) / 60,
            default => $situation->setup->hours()->minutes,
        };
    }

    /** @return list<Mend> each of its kind in the kit that holds it so high */
    private function onto(Situation $situation, Boom $boom, SupportKind $kind): array
    {
        // On stands nobody booms any more.
        $said = $kind === SupportKind::Hand || count($situation->scene->booms) > 1 ? [] : ['/brief/facts/boom_hand' => false];
        $id = $boom->placement->id;
        $fits = array_filter(
            $situation->setup->plan->kit->supports,
            static fn (Support $s): bool => $s->kind === $kind
                && $s->lowestM <= $boom->placement->standHeightM && $s->highestM >= $boom->placement->standHeightM,
        );

        return array_values(array_map(static fn (Support $s): Mend => new Mend(
            'put-on',
            ['thing' => $situation->name($id), 'support' => $s->name],
            new Edit($situation->edit("microphones/$id", ['stand' => $s->id])->values + $said),
        ), $fits));
    }
}
