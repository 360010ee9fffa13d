<?php

declare(strict_types=1);

namespace FineFrame\Plan;

use FineFrame\Document\Record;
use FineFrame\Sound\MicUse;
use FineFrame\Staging\Person;

/** A lavalier for whoever has none yet, with a wireless link of its own and a track on the recorder that has an input left. */
final readonly class NewLavalier
{
    /** Carriers in MHz whose products of third order keep off one another; what is set already may need others, and the checks say so. */
    public const LINKS_MHZ = [470.225, 470.575, 471.025, 471.575, 471.975, 472.475];

    private function __construct(public string $id, public string $name, public Edit $edit)
    {
    }

    /** @return self|null null where nobody is heard, or no such microphone is in the kit */
    public static function in(SetupPlan $setup): ?self
    {
        $worn = array_filter($setup->setup->list('mics'), static fn (Record $m): bool => $m->text('worn') !== 'at the instrument');
        $have = array_map(static fn (Record $m): string => $m->text('person'), $worn);
        $person = array_values(array_filter($setup->subjects(), static fn (Person $p): bool => ! in_array($p->id, $have, true)))[0]
            ?? $setup->subjects()[0] ?? null;
        $models = array_filter($setup->plan->kit->microphones, static fn ($m): bool => $m->use === MicUse::Worn && $m->patternA >= 1.0);
        if ($person === null || $models === []) {
            return null;
        }
        $base = "/setups/{$setup->setup->id}";
        $free = static fn (string $list, string $stem): string => FreeId::of($stem, array_column($setup->setup->list($list), 'id'));
        $named = static fn (Record $r): string => $r->text('name');
        $names = static fn (string $list): array => array_map($named, $setup->setup->list($list));
        [$id, $link] = [$free('mics', 'lavalier'), self::name('link', $names('links'))];
        $name = self::name("Lavalier, $person->name", $names('mics'), isFirstBare: true);
        $set = array_map(static fn (Record $l): ?float => $l->number('set_mhz'), $setup->setup->list('links'));
        $recorder = self::recorder($setup);

        return new self($id, $name, new Edit(array_filter([
            "$base/mics/-" => [
                'id' => $id, 'name' => $name, 'model' => (string) array_key_first($models), 'person' => $person->id, 'worn' => 'on the chest',
            ],
            "$base/links/-" => array_filter([
                'id' => $free('links', 'link'), 'name' => $link, 'carries' => 'a voice', 'from_mhz' => 470, 'to_mhz' => 518,
                'set_mhz' => array_values(array_diff(self::LINKS_MHZ, $set))[0] ?? null, 'person' => $person->id,
            ]),
            "$base/tracks/-" => $recorder === null ? null : [
                'id' => $free('tracks', 'track'), 'name' => mb_strtolower($name), 'voice' => $person->id, 'source' => $name,
                'through' => 'a wireless link', 'link' => $link, 'recorder' => $recorder[0], 'input' => $recorder[1],
            ],
        ])));
    }

    /** @param  array<string>  $taken */
    private static function name(string $stem, array $taken, bool $isFirstBare = false): string
    {
        if ($isFirstBare && ! in_array($stem, $taken, true)) {
            return $stem;
        }
        for ($n = $isFirstBare ? 2 : 1; in_array("$stem $n", $taken, true); $n++);

        return "$stem $n";
    }

    /** @return array{string, int}|null a recorder's name and its first free input */
    private static function recorder(SetupPlan $setup): ?array
    {
        foreach ($setup->setup->list('recorders') as $recorder) {
            $name = $recorder->text('name');
            $its = array_filter($setup->setup->list('tracks'), static fn (Record $t): bool => $t->text('recorder') === $name);
            $used = array_map(static fn (Record $t): int => (int) $t->number('input'), $its);
            $left = array_diff(range(1, max(1, (int) $recorder->number('inputs'))), $used);
            if ($left !== []) {
                return [$name, (int) reset($left)];
            }
        }

        return null;
    }
}
