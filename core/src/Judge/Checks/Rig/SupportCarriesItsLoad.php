<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Judge\Mounted;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** What a stand or a clamp holds stays within its maker’s rating, as it was typed in: there is no other figure for it. */
final class SupportCarriesItsLoad extends Rule
{
    public function id(): string
    {
        return 'support-carries-its-load';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        foreach (Mounted::withPoles($situation) as $load) {
            if ($load->kg === null || $load->on->carriesKg === null) {
                continue;
            }
            yield $this->finding(
                $load->on->carries($load->kg) ? Severity::Holds : Severity::Breaks,
                [
                    'thing' => $situation->name($load->id),
                    'support' => $load->on->name,
                    'kg' => Quantity::of($load->kg, Unit::Kilogram),
                    'rating' => Quantity::of($load->on->carriesKg, Unit::Kilogram),
                ],
                [$load->id],
                new Working('the lamp with what is put to it, against the maker’s rating', [
                    'it weighs' => Quantity::of($load->kg, Unit::Kilogram),
                    'rated for' => Quantity::of($load->on->carriesKg, Unit::Kilogram),
                ], 'as entered in the kit; the maker’s rating counts'),
            );
        }
    }
}
