<?php

declare(strict_types=1);

namespace App\View;

use App\View\Drawing\FloorDrawing;
use App\View\Drawing\FrameDrawing;
use FineFrame\Judge\Judge;
use FineFrame\Judge\LitFace;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Propose\BuildUp;
use FineFrame\Propose\LightAsk;
use FineFrame\Propose\LightStep;
use FineFrame\Staging\Person;

/** Light built up by asking: what may be asked, and the steps that answer it, each with what it bought. */
final class BuildDesk
{
    public readonly ?LightAsk $ask;

    public readonly ?Person $who;

    /** @var list<LightStep>|null */
    private ?array $steps = null;

    public function __construct(
        private readonly Situation $situation,
        private readonly Judge $judge,
        private readonly Reader $reader,
        private readonly Phrase $phrase,
        string $ask,
        string $who,
    ) {
        $this->ask = LightAsk::tryFrom($ask);
        $subjects = array_column($situation->setup->subjects(), null, 'id');
        $this->who = $subjects[$who] ?? array_values($subjects)[0] ?? null;
    }

    /** @return list<LightAsk> what may be asked here: from a window’s side only where one lights the face */
    public function asks(): array
    {
        $hasWindow = $this->who !== null && $this->situation->face($this->who->id)->windowSides() !== [];

        return array_values(array_filter(LightAsk::cases(), static fn (LightAsk $a): bool => $a !== LightAsk::WindowEdge || $hasWindow));
    }

    public static function name(LightAsk $ask): string
    {
        $word = __("proposals.asks.$ask->value");

        return is_string($word) ? $word : $ask->value;
    }

    /** @return list<LightStep> */
    public function steps(): array
    {
        return $this->steps ??= $this->ask === null || $this->who === null
            ? []
            : (new BuildUp($this->situation, $this->judge))->steps($this->ask, $this->who->id);
    }

    /** @return array<string, string> by name: stop, shape, hair, background, eyes, softness */
    public function figures(LitFace $lit): array
    {
        return [
            'Face' => $this->stops($lit->over, 'over', 'under'),
            'Cheeks' => number_format($lit->cheeks, 1).' : 1',
            'Hair' => $this->stops($lit->hair, 'over', 'under').' the face',
            'Background' => $lit->under === null ? 'in no frame' : $this->stops($lit->under, 'under', 'over').' the face',
            'Eyes' => match ($lit->catches) {
                null => 'in no frame', true => 'a light in them', false => 'no light in them'
            },
            'Main light' => $lit->softness === null || $lit->seenRad === null
                ? 'from all round'
                : $lit->softness->value.', '.$this->reader->print(Quantity::degrees(rad2deg($lit->seenRad))),
        ];
    }

    public function now(): ?LitFace
    {
        return $this->who === null ? null : LitFace::of($this->situation, $this->who->id);
    }

    /** @return array<string, array{string, string}> what a step changes of the figures: before and after, by name */
    public function bought(LightStep $step): array
    {
        [$before, $after] = [$this->figures($step->before), $this->figures($step->after)];
        $pairs = [];
        foreach ($before as $name => $was) {
            if ($was !== $after[$name]) {
                $pairs[$name] = [$was, $after[$name]];
            }
        }

        return $pairs;
    }

    public function says(LightStep $step): string
    {
        return mb_ucfirst($this->phrase->mend($step->change));
    }

    public function watches(LightStep $step): string
    {
        return implode(' ', array_map($this->phrase->finding(...), $step->change->brings));
    }

    /** @return list<FrameDrawing> lit, of whoever it is asked for */
    public function frames(LightStep $step): array
    {
        $after = $this->situation->after($step->change->edit);

        return array_slice(FrameDrawing::all($after, $this->reader, isLit: true), 0, 2);
    }

    public function floor(LightStep $step): FloorDrawing
    {
        return new FloorDrawing($this->situation->after($step->change->edit), $this->reader);
    }

    public function edit(LightStep $step): string
    {
        return (string) json_encode($step->change->edit->values);
    }

    private function stops(float $stops, string $more, string $less): string
    {
        $printed = $this->reader->print(Quantity::of(abs($stops), Unit::Stop));

        return $printed.' '.($stops >= 0 ? $more : $less);
    }
}
