<?php

declare(strict_types=1);

namespace App\View;

use App\Access\Sessions;
use App\Access\Visitor;
use App\Keep\Copies;
use App\Models\Audit;

/** What stands on the page of whoever is signed in. */
final readonly class AccountDesk
{
    private const NEWEST = 60;

    public function __construct(public Visitor $visitor, private Sessions $sessions, private Copies $copies, private string $session)
    {
    }

    /** @return list<array{key: string, address: string, agent: string, at: string, isThis: bool}> */
    public function sessions(): array
    {
        return $this->visitor->owner === null ? [] : array_map(fn (array $s): array => [
            'key' => $s['key'], 'address' => $s['address'], 'agent' => self::browser($s['agent']), 'at' => ShareDesk::moment($s['at']),
            'isThis' => $s['id'] === $this->session,
        ], $this->sessions->of($this->visitor->owner));
    }

    /** @return list<array{at: string, who: string, did: string, address: string}> the newest first; for whoever keeps this computer, everybody’s */
    public function done(): array
    {
        $all = Audit::query()->latest('id')->limit(self::NEWEST);
        $theirs = $this->visitor->keeps() ? $all : $all->where('who', $this->visitor->name());
        $rows = [];
        foreach ($theirs->get() as $one) {
            $rows[] = [
                'at' => ShareDesk::moment($one->at), 'who' => $one->who, 'did' => trim(__("access.did.$one->did").' '.$one->about),
                'address' => $one->address,
            ];
        }

        return $rows;
    }

    /** When the newest copy of the database was made; null where there is none. */
    public function copied(): ?string
    {
        return isset($this->copies->all()[0]) ? $this->copies->all()[0]['at']->format('j M Y, H:i') : null;
    }

    /** A browser and its system, without their numbers. */
    private static function browser(string $agent): string
    {
        $named = [];
        foreach ([['Edg', 'Firefox', 'Chrome', 'Safari'], ['Android', 'iPhone', 'iPad', 'Windows', 'Mac OS', 'Linux']] as $names) {
            $named[] = current(array_filter($names, static fn (string $name): bool => str_contains($agent, $name))) ?: '';
        }

        return implode(', ', array_filter($named)) ?: __('access.unknown');
    }
}
