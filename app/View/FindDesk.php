<?php

declare(strict_types=1);

namespace App\View;

use App\Plans\Cards\Card;
use App\Plans\Cards\Cards;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Stage;
use FineFrame\Plan\Question;
use FineFrame\Plan\SetupList;

/** Everything that can be gone to by its name. */
final readonly class FindDesk
{
    /** Cards that stand for no thing, with the stage at which each opens. */
    private const CARDS = [
        'brief' => 'brief', 'place' => 'scout', 'weights' => 'scout', 'room' => 'measure', 'setup' => 'stage', 'metering' => 'light',
    ];

    private const PAPERS = ['export.sheet' => 'Setup sheet', 'export.call' => 'Call sheet', 'export.cards' => 'Cards and cues',
        'export.sound' => 'Sound sheet', 'export.safety' => 'Safety sheet', 'export.pack' => 'Pack list', 'export.contact' => 'Frames on one sheet',
        'export.plan' => 'Plan file', 'share' => 'Share'];

    public function __construct(private Workspace $work)
    {
    }

    /** @return list<array{kind: string, name: string, more: string, url: string, key: string}> */
    public function entries(): array
    {
        return [
            ...$this->things(), ...$this->pages(), ...$this->verdicts(), ...$this->fields(), ...$this->choices(), ...$this->papers(),
            ...$this->acts(), ...$this->terms(),
        ];
    }

    /** @return list<array{kind: string, name: string, more: string, url: string, key: string}> */
    private function things(): array
    {
        $all = [];
        foreach (SetupList::placed() as $list) {
            foreach ($list->of($this->work->setup->setup) as $thing) {
                $all[] = self::entry('thing', SetupList::called($thing), $this->work->url(['select' => $thing->id]));
            }
        }

        return $all;
    }

    /** @return list<array{kind: string, name: string, more: string, url: string, key: string}> */
    private function pages(): array
    {
        $all = [];
        foreach (Stage::cases() as $stage) {
            foreach ($this->work->visitor->looks($stage) as $look => $name) {
                $at = ['stage' => $stage->value, 'look' => $look, 'select' => null];
                $all[] = self::entry('page', $name, $this->work->url($at), ucfirst($stage->value));
            }
        }

        return $all;
    }

    /** @return list<array{kind: string, name: string, more: string, url: string, key: string}> what does not hold */
    private function verdicts(): array
    {
        $all = [];
        foreach ($this->work->showsVerdicts() ? $this->work->verdicts->findings : [] as $finding) {
            if ($finding->severity !== Severity::Holds) {
                $url = $this->work->url(['stage' => $finding->stage->value, 'select' => 'none']);
                $all[] = self::entry('verdict', $this->work->phrase->finding($finding), $url, $finding->severity->value);
            }
        }

        return $all;
    }

    /** @return list<array{kind: string, name: string, more: string, url: string, key: string}> fields of every card, with what stands in them */
    private function fields(): array
    {
        $cards = new Cards($this->work->setup);
        $all = [];
        foreach (self::CARDS as $id => $stage) {
            $all = [...$all, ...$this->of($cards->of($id), ['stage' => $stage, 'select' => $id])];
        }
        foreach (SetupList::placed() as $list) {
            foreach ($list->of($this->work->setup->setup) as $thing) {
                $card = $cards->find($thing->id);
                $all = [...$all, ...($card === null ? [] : $this->of($card, ['select' => $thing->id]))];
            }
        }

        return $all;
    }

    /**
     * @param  array<string, string>  $at
     * @return list<array{kind: string, name: string, more: string, url: string, key: string}>
     */
    private function of(Card $card, array $at): array
    {
        $url = $this->work->url($at);
        $all = [];
        foreach ($card->fields() as $field) {
            $value = $field->text($this->work->reader);
            $all[] = self::entry('field', "$card->title: $field->label", $url, $field->options[$value] ?? trim("$value $field->unit"));
        }

        return $all;
    }

    /** @return list<array{kind: string, name: string, more: string, url: string, key: string}> questions on which crews differ */
    private function choices(): array
    {
        $url = $this->work->url(['stage' => Stage::Brief->value, 'look' => 'schools', 'select' => null]);
        $chosen = $this->work->setup->plan->brief->schools;

        return array_map(static function (Question $q) use ($url, $chosen): array {
            $name = __("schools.{$q->value}.question");

            return self::entry('school', is_string($name) ? $name : $q->value, $url, SchoolDesk::name($chosen->of($q)));
        }, Question::cases());
    }

    /** @return list<array{kind: string, name: string, more: string, url: string, key: string}> */
    private function papers(): array
    {
        $all = [];
        foreach (self::PAPERS as $route => $name) {
            $all[] = self::entry('paper', $name, route($route, ['shoot' => $this->work->shoot->id]));
        }

        return $all;
    }

    /** @return list<array{kind: string, name: string, more: string, url: string, key: string}> */
    private function acts(): array
    {
        $all = [];
        foreach ((array) __('find.acts') as $key => $name) {
            $all[] = ['key' => (string) $key] + self::entry('act', is_string($name) ? $name : '', '', (string) $key);
        }

        return $all;
    }

    /** @return list<array{kind: string, name: string, more: string, url: string, key: string}> */
    private function terms(): array
    {
        return array_map(
            static function (array $one): array {
                $name = $one['also'] === '' ? $one['term'] : "{$one['term']} ({$one['also']})";

                return self::entry('term', $name, '', $one['says']);
            },
            Glossary::all(),
        );
    }

    /** @return array{kind: string, name: string, more: string, url: string, key: string} */
    private static function entry(string $kind, string $name, string $url, string $more = ''): array
    {
        return ['kind' => $kind, 'name' => mb_ucfirst($name), 'more' => $more, 'url' => $url, 'key' => ''];
    }
}
