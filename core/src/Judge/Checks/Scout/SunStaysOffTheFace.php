<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Scout;

use FineFrame\Judge\Mend;
use FineFrame\Judge\PlaceRule;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Space\Curtain;
use FineFrame\Sun\Site;
use FineFrame\Sun\SunStudy;

/** No stripe of sun arrives on a face while is recorded. */
final class SunStaysOffTheFace extends PlaceRule
{
    public function id(): string
    {
        return 'sun-stays-off-the-face';
    }

    public function look(PlaceView $view): iterable
    {
        $study = $view->study();
        $window = $view->window();
        if ($study === null || $view->place->site === null) {
            return;
        }
        $site = $view->place->site;
        foreach ($view->spots() as $i => [$name, $spot]) {
            $all = $study->onSpot($spot);
            $during = $window === null
                ? $all
                : array_values(
                    array_filter(
                        array_map(static fn (array $s): array => [max($s[0], $window[0]), min($s[1], $window[1])], $all),
                        static fn (array $s): bool => $s[1] > $s[0],
                    ),
                );
            $steady = $study->calm($spot);
            $severity = match (true) {
                $during === [] => Severity::Holds,
                $window === null => Severity::Watch,
                default => Severity::Breaks,
            };
            yield $this->finding($severity, [
                'who' => $name,
                'times' => self::clocks($site, $during),
                'steady' => $steady === null ? 'none' : self::clocks($site, [$steady]),
                'date' => $site->clock($study->day->noon, 'j M'),
            ], [$view->place->id, "sun-$i"], new Working('the ray from the spot to the sun leaves by a window', [
                'spot above the floor' => Quantity::metres($spot->z),
                'sun at noon' => Quantity::degrees(rad2deg($study->day->noonAltitudeRad)),
                'sunrise' => $study->day->sunrise === null ? 'none' : $site->clock($study->day->sunrise),
                'sunset' => $study->day->sunset === null ? 'none' : $site->clock($study->day->sunset),
            ], 'sun by Meeus, ch. 25; furniture and what stands outside are not counted, but the skyline is'), $this->curtains(
                $view,
                $study,
                $during,
            ), match (true) {
                $during === [] => 'holds',
                $window === null => 'some-time',
                default => 'fails',
            });
        }
    }

    /**
     * @param  list<array{float, float}>  $spans
     */
    private static function clocks(Site $site, array $spans): string
    {
        return implode(' and ', array_map(static fn (array $s): string => $site->clock($s[0]).'–'.$site->clock($s[1]), $spans));
    }

    /**
     * Curtains drawn one by one, then all that the sun then comes through.
     *
     * @param  list<array{float, float}>  $spans
     * @return list<Mend>
     */
    private function curtains(PlaceView $view, SunStudy $study, array $spans): array
    {
        if ($spans === []) {
            return [];
        }
        $middle = ($spans[0][0] + $spans[0][1]) / 2;
        $ideas = $all = $names = [];
        foreach ($study->throughWindows() as $id => $times) {
            $on = array_filter($times, static fn (array $t): bool => $t[0] <= $middle && $t[1] >= $middle);
            if ($on !== []) {
                $opening = array_values(array_filter($view->place->rooms->openings, static fn ($o): bool => $o->id === $id))[0] ?? null;
                $names[] = $opening->name ?? $id;
                $all[$id] = Curtain::Lined;
                $ideas[] = new Mend(
                    'draw-curtain',
                    ['window' => $opening->name ?? $id],
                    $view->place->drawing($view->setup(), [$id => Curtain::Lined]),
                );
            }
        }
        if (count($all) >= 2) {
            $ideas[] = new Mend('draw-curtains', ['windows' => implode(' and ', $names)], $view->place->drawing($view->setup(), $all));
        }

        return $ideas;
    }
}
