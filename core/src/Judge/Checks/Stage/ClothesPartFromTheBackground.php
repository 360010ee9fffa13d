<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Stage;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/** Clothes of the wall's colour melt into it: shoulders should part from what is behind them by colour or lightness. */
final class ClothesPartFromTheBackground extends Rule
{
    public function id(): string
    {
        return 'clothes-part-from-the-background';
    }

    public function stage(): Stage
    {
        return Stage::Stage;
    }

    public function run(Situation $situation): iterable
    {
        $colours = $situation->colours();
        $limit = $situation->limits->get('parting_watch_de');
        foreach ($colours->sampled() === [] ? [] : $situation->framings() as $id => [$camera, $body]) {
            $clothes = $colours->of($body->person->id);
            $behind = $situation->backdrop($camera, $body);
            $wall = $colours->of($behind->owner);
            if ($clothes === null || $wall === null) {
                continue;
            }
            $apart = $clothes['colour']->differsFrom($wall['colour']);
            yield $this->finding(
                $apart < $limit ? Severity::Watch : Severity::Holds,
                [
                    'subject' => $body->person->name,
                    'clothes' => $clothes['name'],
                    'behind' => $situation->name($behind->owner),
                    'camera' => $camera->placement->label,
                    'apart' => Quantity::of($apart, Unit::Count),
                ],
                [$id, $body->person->id, $behind->owner],
                new Working('CIEDE2000 between the clothes and what is first behind the head', [
                    'apart' => Quantity::of($apart, Unit::Count),
                    'parts from' => Quantity::of($limit, Unit::Count),
                    'lightness of the clothes' => Quantity::of($clothes['colour']->l, Unit::Count),
                    'of what is behind' => Quantity::of($wall['colour']->l, Unit::Count),
                ], 'both as sampled in one light: lamps may part them further'),
            );
        }
    }
}
