<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Scout;

use FineFrame\Judge\PlaceRule;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Working;
use FineFrame\Light\Mired;
use FineFrame\Light\Tint;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** Lamps that burn in another colour than the cameras are set to: which, how far, and what to bring. */
final class LampsMatchTheCamera extends PlaceRule
{
    /** A tint that shows on skin (docs/METHODS.md, Colour). */
    private const DUV = 0.006;

    /** Usual strengths of warming and cooling gels, mired; makers differ. */
    private const GELS = [
        'full amber' => 159.0, '¾ amber' => 131.0, '½ amber' => 109.0, '¼ amber' => 64.0, '⅛ amber' => 26.0,
        'full blue' => -137.0, '½ blue' => -78.0, '¼ blue' => -35.0, '⅛ blue' => -18.0,
    ];

    public function id(): string
    {
        return 'lamps-match-the-camera';
    }

    public function look(PlaceView $view): iterable
    {
        $balance = $view->plan->brief->facts->number('white_balance_k') ?? 5600.0;
        $limit = $view->limits->get('colour_watch_mired');
        foreach ($view->place->list('colour') as $lamp) {
            $kelvin = $lamp->number('kelvin');
            if ($kelvin === null) {
                continue;
            }
            $duv = $lamp->number('duv') ?? 0.0;
            $gap = Mired::shift($balance, $kelvin);
            $off = abs($gap) > $limit || abs($duv) > self::DUV;
            $plan = $lamp->text('plan');
            yield $this->finding($off && in_array($plan, ['', 'undecided', 'keep as it is'], true) ? Severity::Watch : Severity::Holds, [
                'lamp' => $lamp->text('name'),
                'kelvin' => Quantity::of($kelvin, Unit::Kelvin),
                'gap' => Quantity::of($gap, Unit::Mired),
                'balance' => Quantity::of($balance, Unit::Kelvin),
                'tint' => Tint::of(abs($duv) > self::DUV ? $duv : 0.0)->value,
                'gel' => Mired::nearestGel(-$gap, self::GELS),
                'globe' => Quantity::of($balance, Unit::Kelvin),
                'plan' => $plan,
            ], [$view->place->id, $lamp->id], new Working('gap = 10⁶/lamp − 10⁶/camera', [
                'lamp' => Quantity::of($kelvin, Unit::Kelvin),
                'camera' => Quantity::of($balance, Unit::Kelvin),
                'tint' => Quantity::of($duv, Unit::Duv),
                'shows from' => Quantity::of($limit, Unit::Mired),
            ], 'mired shifts; 20–30 mired or 0.006 Duv show on skin. A camera is no eye: match by its picture'), case: match (true) {
                ! $off => 'holds',
                $plan === 'keep as it is' => 'kept',
                $plan !== 'undecided' && $plan !== '' => 'planned',
                abs($duv) > self::DUV => 'tinted',
                default => 'fails',
            });
        }
    }
}
