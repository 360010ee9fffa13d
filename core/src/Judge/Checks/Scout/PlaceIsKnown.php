<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Scout;

use FineFrame\Judge\PlaceRule;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** How much of a place is known, and what to ask the host for, before anybody relies on it. */
final class PlaceIsKnown extends PlaceRule
{
    public function id(): string
    {
        return 'place-is-known';
    }

    public function look(PlaceView $view): iterable
    {
        $unknown = self::unknown($view);
        $all = count(self::questions($view));
        $visited = $view->place->facts->text('seen') === 'visited';
        yield $this->finding($unknown === [] ? Severity::Holds : Severity::Watch, [
            'place' => $view->place->name, 'known' => Quantity::share(1 - count($unknown) / $all), 'unknown' => implode(', ', $unknown),
        ], [$view->place->id], new Working(
            'known ÷ asked',
            ['known' => (string) ($all - count($unknown)), 'asked' => (string) $all],
        ), case: match (true) {
            $unknown === [] => 'holds',
            $visited => 'visited',
            default => 'unseen',
        });
    }

    /** @return list<string> names of the questions still open; their words stand in lang */
    public static function unknown(PlaceView $view): array
    {
        return array_keys(array_filter(self::questions($view), static fn (bool $known): bool => ! $known));
    }

    /** @return array<string, bool> whether each is known */
    private static function questions(PlaceView $view): array
    {
        [$place, $facts] = [$view->place, $view->place->facts];

        return [
            'where it is' => $place->site !== null,
            'its measures' => $place->space->book->isTaped(),
            'pictures' => $place->list('photos') !== [],
            'light by day' => $place->list('light') !== [],
            'colour of its lamps' => $place->list('colour') !== [],
            'what makes noise and when' => $place->list('noise') !== [],
            'breakers and outlets' => $place->list('circuits') !== [],
            'the way in' => $place->list('ways') !== [],
            'who gives permission' => $place->list('askings') !== [],
            'a contact' => $facts->text('contact') !== '',
            'load-in hours' => $facts->text('in_from') !== '',
            'detectors' => $facts->text('detectors') !== 'unknown',
        ];
    }
}
