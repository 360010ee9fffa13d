<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Scout;

use FineFrame\Document\Record;
use FineFrame\Judge\PlaceRule;
use FineFrame\Judge\PlaceView;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;

/** The narrowest of the way in against the cart and the longest case: cart, bags or neither. */
final class GearComesIn extends PlaceRule
{
    /** Hands on both sides of what is carried. */
    private const HANDS_M = 0.06;

    private const FORMULA = 'cart: width + 6 cm for hands; a case goes round a turn if (w^⅔ + d^⅔)^(3/2) ≥ its length, widths less its own';

    public function id(): string
    {
        return 'gear-comes-in';
    }

    public function look(PlaceView $view): iterable
    {
        $facts = $view->plan->brief->facts;
        [$cart, $cartLong, $case, $caseLong] = array_map(
            static fn (string $k): float => $facts->number($k) ?? 0.5,
            ['cart_width_m', 'cart_length_m', 'case_width_m', 'case_length_m'],
        );
        $steps = array_sum(array_map(static fn (Record $w): float => $w->number('steps') ?? 0.0, $view->place->list('ways')));
        foreach ($view->place->list('ways') as $way) {
            $width = $way->number('width_m');
            if ($width === null) {
                continue;
            }
            $turns = in_array($way->text('kind'), ['turn', 'lift'], true);
            $deep = $way->number('depth_m');
            $carted = $width >= $cart + self::HANDS_M
                && (! $turns || $deep === null || $deep >= $cartLong)
                && $way->text('kind') !== 'stairs';
            $carried = $width >= $case + self::HANDS_M && (! $turns || self::goesRound($width, $deep, $case, $caseLong));
            $severity = match (true) {
                ! $carried => Severity::Breaks,
                ! $carted => Severity::Watch,
                default => Severity::Holds,
            };
            yield $this->finding($severity, [
                'way' => $way->text('name'),
                'width' => Quantity::metres($width),
                'cart' => Quantity::metres($cart),
                'case' => Quantity::metres($case),
                'long' => Quantity::metres($caseLong),
                'steps' => (string) (int) $steps,
            ], [
                $view->place->id,
                $way->id,
            ], new Working(self::FORMULA, [
                'way' => Quantity::metres($width),
                'cart' => Quantity::metres($cart),
                'case' => Quantity::metres($case),
                'case long' => Quantity::metres($caseLong),
            ], 'the longest ladder round a corner, any calculus text'), case: match (true) {
                ! $carried => 'fails',
                $carted => 'holds',
                $way->text('kind') === 'stairs' => 'stairs',
                default => 'bags',
            });
        }
    }

    /** Whether a case can be turned from one corridor into another, or stood in a lift. */
    private static function goesRound(float $width, ?float $depth, float $case, float $long): bool
    {
        [$a, $b] = [max(0.0, $width - $case), max(0.0, ($depth ?? $width) - $case)];

        return ($a ** (2 / 3) + $b ** (2 / 3)) ** 1.5 >= $long || max($width, $depth ?? 0.0) >= $long;
    }
}
