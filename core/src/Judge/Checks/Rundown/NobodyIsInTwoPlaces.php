<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rundown;

use FineFrame\Document\Record;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** One person is at one camera at a time, and not before it too. */
final class NobodyIsInTwoPlaces extends Rule
{
    public function id(): string
    {
        return 'nobody-is-in-two-places';
    }

    public function stage(): Stage
    {
        return Stage::Rundown;
    }

    public function run(Situation $situation): iterable
    {
        $people = array_map(mb_strtolower(...), array_column($situation->setup->subjects(), 'name', 'id'));
        $at = [];
        foreach ($situation->setup->cameras as $id => $camera) {
            if ($camera->placement->operator !== '') {
                $at[$camera->placement->operator][] = $id;
            }
        }
        foreach ($at as $who => $ids) {
            $listens = $this->listens($situation, (string) $who);
            $case = match (true) {
                count($ids) > 1 => 'cameras',
                in_array(mb_strtolower((string) $who), $people, true) => 'seen',
                $listens !== '' => 'listens',
                default => 'holds',
            };
            yield $this->finding(
                match ($case) {
                    'holds' => Severity::Holds,
                    'listens' => Severity::Watch,
                    default => Severity::Breaks,
                },
                [
                    'who' => (string) $who,
                    'cameras' => implode(' and ', array_map($situation->name(...), $ids)),
                    'listens' => $listens,
                ],
                $ids,
                new Working('who is named at each camera, on the floor and at the sound', ['cameras' => (string) count($ids)]),
                fn (): array => array_map(static fn (string $id): Mend => new Mend(
                    'leave-alone', ['thing' => $situation->name($id)], $situation->edit("cameras/$id", ['operator' => '']),
                ), count($ids) > 1 ? array_slice($ids, 1) : []),
                $case,
            );
        }
    }

    /** @return string what of the sound they watch meanwhile; empty for nothing */
    private function listens(Situation $situation, string $who): string
    {
        $watched = array_filter(
            [...$situation->setup->setup->list('recorders'), ...$situation->setup->setup->list('tracks')],
            static fn (Record $r): bool => mb_strtolower($r->text('watched_by')) === mb_strtolower($who),
        );

        return implode(', ', array_unique(array_map(static fn (Record $r): string => $r->text('name'), $watched)));
    }
}
