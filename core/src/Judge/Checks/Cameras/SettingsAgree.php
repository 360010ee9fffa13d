<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\Settings;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;

/** All cameras at one rate, shutter, white balance and look: the odd one out is found in the edit otherwise. */
final class SettingsAgree extends Rule
{
    public function id(): string
    {
        return 'settings-agree';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        $settings = $situation->settings();
        if (count($settings) < 2) {
            return;
        }
        $odd = self::odd($settings);
        foreach ($odd as $id => $fields) {
            foreach ($fields as $field) {
                yield $this->finding(
                    $field === 'fps' || $field === 'shutter_deg' ? Severity::Breaks : Severity::Watch,
                    [
                        'camera' => $situation->name((string) $id),
                        'set' => self::print($settings[$id], $field),
                        'others' => self::print(self::like($settings, $field), $field),
                    ],
                    [(string) $id, $field],
                    new Working(
                        'the odd one out of all cameras; of two, the one that is not A',
                        array_map(
                            static fn (Settings $s): string => self::print($s, $field),
                            array_combine(
                                array_map(static fn (int|string $i): string => $situation->name((string) $i), array_keys($settings)),
                                array_values($settings),
                            ),
                        ),
                    ),
                    [
                        new Mend(
                            'set-alike',
                            ['thing' => $situation->name((string) $id), 'value' => self::print(self::like($settings, $field), $field)],
                            $situation->edit("cameras/$id/settings", [$field => self::value(self::like($settings, $field), $field)]),
                        ),
                    ],
                    $field,
                );
            }
        }
        if ($odd === []) {
            yield $this->finding(
                Severity::Holds,
                ['count' => (string) count($settings)],
                array_map(strval(...), array_keys($settings)),
                new Working('rate, shutter, white balance and look compared', []),
            );
        }
    }

    /**
     * The fields in which each camera is the odd one out.
     *
     * @template K of array-key
     *
     * @param  array<K, Settings>  $settings  by camera, A first
     * @return array<K, list<string>>
     */
    public static function odd(array $settings): array
    {
        $odd = [];
        foreach (['fps', 'shutter_deg', 'white_balance_k', 'profile'] as $field) {
            $usual = $settings === [] ? '' : self::print(self::like($settings, $field), $field);
            foreach ($settings as $id => $one) {
                if (self::print($one, $field) !== $usual) {
                    $odd[$id][] = $field;
                }
            }
        }

        return $odd;
    }

    /**
     * A camera that is set as most are; a tie goes by A.
     *
     * @param  non-empty-array<array-key, Settings>  $settings
     */
    private static function like(array $settings, string $field): Settings
    {
        $first = array_values($settings)[0];
        $count = array_count_values(array_map(static fn (Settings $s): string => self::print($s, $field), $settings));
        foreach ($settings as $one) {
            $first = $count[self::print($one, $field)] > $count[self::print($first, $field)] ? $one : $first;
        }

        return $first;
    }

    public static function print(Settings $s, string $field): string
    {
        return match ($field) {
            'fps' => rtrim(rtrim(number_format($s->fps, 3, '.', ''), '0'), '.').' a second',
            'shutter_deg' => rtrim(rtrim(number_format($s->shutterDeg, 1, '.', ''), '0'), '.').'°',
            'white_balance_k' => round($s->kelvin).' K',
            'iso' => 'ISO '.round($s->iso),
            'nd_stops' => $s->ndStops <= 0 ? 'none' : rtrim(rtrim(number_format($s->ndStops, 1, '.', ''), '0'), '.').' stops',
            'automatic' => $s->automatic,
            default => $s->profile === '' ? 'not said' : $s->profile,
        };
    }

    private static function value(Settings $s, string $field): float|string
    {
        return match ($field) {
            'fps' => $s->fps,
            'shutter_deg' => $s->shutterDeg,
            'white_balance_k' => $s->kelvin,
            default => $s->profile,
        };
    }
}
