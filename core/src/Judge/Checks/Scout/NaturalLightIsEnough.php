<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Scout;

use FineFrame\Judge\Mend;
use FineFrame\Judge\PlaceRule;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Working;
use FineFrame\Light\Exposure;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Edit;
use FineFrame\Scene\DaylightFit;

/** Whether daylight alone gives the wanted stop at each spot that was metered, and what would make it so. */
final class NaturalLightIsEnough extends PlaceRule
{
    public function id(): string
    {
        return 'natural-light-is-enough';
    }

    /** Up to where noise is a matter of taste. */
    private const MOST_ISO = 12_800.0;

    public function look(PlaceView $view): iterable
    {
        $metering = $view->metering();
        $wanted = $metering->wantedLux();
        [$day, $window] = [$view->study()?->day, $view->window()];
        $isDark = $day !== null && $window !== null && $day->isDark($window);
        $fades = $day?->sunset !== null && $window !== null && $window[0] < $day->sunset && $window[1] > $day->sunset;
        foreach ($view->place->list('light') as $reading) {
            $lux = DaylightFit::lux($reading);
            if ($reading->text('under') !== 'daylight' || $lux === null || $lux <= 0) {
                continue;
            }
            $short = -Exposure::stops($wanted, $lux);
            $enough = $short <= $view->limits->get('key_watch_stops');
            yield $this->finding($enough && ! $isDark && ! $fades ? Severity::Holds : Severity::Watch, [
                'sunset' => $day?->sunset === null ? '' : $day->site->clock($day->sunset),
                'from' => $window === null || $day === null ? '' : $day->site->clock($window[0]),
                'to' => $window === null || $day === null ? '' : $day->site->clock($window[1]),
                'spot' => $reading->text('name'),
                'lux' => Quantity::of($lux, Unit::Lux),
                'short' => Quantity::of(abs($short), Unit::Stop),
                'stop' => Quantity::of($metering->tStop, Unit::TStop),
                'iso' => (string) (int) round($metering->iso),
                'need_iso' => (string) (int) (ceil($metering->iso * 2 ** max(0.0, $short) / 100) * 100),
                'need_stop' => Quantity::of($metering->tStop / sqrt(2 ** max(0.0, $short)), Unit::TStop),
            ], [$view->place->id, $reading->id], new Working('short = log₂(wanted ÷ metered)', [
                'metered' => Quantity::of($lux, Unit::Lux),
                'wanted' => Quantity::of($wanted, Unit::Lux),
                'at' => Quantity::of($metering->tStop, Unit::TStop),
                'ISO' => (string) (int) round($metering->iso),
            ], 'incident meter, ISO 2720, dome 330'), fn (): array => $this->ideas($view, $short, $isDark || $fades), match (true) {
                $isDark => 'dark',
                $fades => 'fades',
                $enough && $short < -1.0 => 'plenty',
                default => null,
            });
        }
    }

    /** @return list<Mend> so much more sensitivity as it is short, in the setup here that was judged */
    private function ideas(PlaceView $view, float $short, bool $isLate): array
    {
        $setup = $view->setup();
        $iso = ceil($view->metering()->iso * 2 ** max(0.0, $short) / 100) * 100;

        return $setup === null || $isLate || $iso > self::MOST_ISO
            ? []
            : [new Mend('iso', ['iso' => Quantity::of($iso, Unit::Count)], new Edit(["/setups/$setup->id/metering/iso" => $iso]))];
    }
}
