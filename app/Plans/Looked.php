<?php

declare(strict_types=1);

namespace App\Plans;

use FineFrame\Light\Weather;
use FineFrame\Plan\Edit;
use FineFrame\Plan\SetupPlan;
use Illuminate\Http\Request;

/** What is otherwise only to look at, and never kept: lamps off, another hour under a sky, boards and cloths away. */
final readonly class Looked
{
    /** @param  list<string>  $off  lamps */
    public function __construct(public array $off = [], public ?Weather $sky = null, public string $hour = '', public bool $isBare = false)
    {
    }

    public static function of(Request $request): self
    {
        $word = static fn (string $key): string => is_string($value = $request->input($key)) ? $value : '';

        return new self(
            array_values(array_filter(explode(',', $word('off')))),
            Weather::tryFrom($word('sky')),
            preg_match('/^([01]?\d|2[0-3]):[0-5]\d$/', $word('hour')) === 1 ? $word('hour') : '',
            $word('bare') === '1',
        );
    }

    /** The setup as it is looked at. */
    public function applied(SetupPlan $setup): SetupPlan
    {
        $at = "/setups/{$setup->setup->id}";
        $values = $this->sky === null ? [] : ["$at/metering/weather" => $this->sky->value];
        if ($this->hour !== '') {
            $values["$at/metering/clock"] = $this->hour;
        }
        foreach ($setup->setup->lights as $light) {
            if (in_array($light->id, $this->off, true)) {
                $values["$at/lights/$light->id/on"] = false;
            }
        }
        foreach ($this->isBare ? $setup->setup->furniture : [] as $thing) {
            if ($thing->reflects !== null) {
                $values["$at/furniture/$thing->id"] = null;
            }
        }

        return $values === [] ? $setup : $setup->after(new Edit($values));
    }

    /** @return array<string, string|null> as an address says it */
    public function query(): array
    {
        return [
            'off' => $this->off === [] ? null : implode(',', $this->off),
            'sky' => $this->sky?->value,
            'hour' => $this->hour === '' ? null : $this->hour,
            'bare' => $this->isBare ? '1' : null,
        ];
    }
}
