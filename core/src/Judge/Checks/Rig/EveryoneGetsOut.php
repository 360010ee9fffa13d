<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Rig;

use FineFrame\Judge\Escape;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Moves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Space\WayOut;
use FineFrame\Space\WayThrough;
use FineFrame\Staging\Body;

/** From where everybody sits or stands a way out can be reached, past furniture and legs, that is wide enough to walk. */
final class EveryoneGetsOut extends Rule
{
    /** Whoever turns sideways still needs so much, metres. */
    private const SIDEWAYS_M = 0.45;

    /** More than it takes, so that it does not only just do, metres. */
    private const SPARE_M = 0.02;

    public function id(): string
    {
        return 'everyone-gets-out';
    }

    public function stage(): Stage
    {
        return Stage::Rig;
    }

    public function run(Situation $situation): iterable
    {
        $escape = $situation->escape();
        if ($escape === null) {
            return;
        }
        $limit = $situation->limits->get('way_out_width_m');
        $ways = $escape->ofAll($situation->setup->bodies);
        $narrow = array_filter($ways, static fn (array $w): bool => $w[1]->widthM < $limit - WayThrough::EVEN_M);
        foreach ($narrow as [$door, $way, $bodies]) {
            yield $this->narrow($situation, $escape, $bodies, $door, $way, $limit);
        }
        if ($ways !== [] && $narrow === []) {
            $least = min(array_map(static fn (array $w): float => $w[1]->widthM, $ways));
            yield $this->finding(
                Severity::Holds,
                ['width' => Quantity::metres($least)],
                [],
                $this->working($least, $limit),
            );
        }
    }

    /** @param  list<Body>  $bodies  whom it keeps in */
    private function narrow(Situation $situation, Escape $escape, array $bodies, string $door, WayOut $way, float $limit): Finding
    {
        $things = array_values(array_unique(array_filter(
            $way->between,
            static fn (string $id): bool => $id !== WayThrough::WALL,
        )));
        $names = array_map($situation->name(...), $things);
        $isShut = $way->widthM <= WayThrough::EVEN_M;

        return $this->finding(
            $way->widthM < min($limit, self::SIDEWAYS_M) ? Severity::Breaks : Severity::Watch,
            [
                'person' => implode(', ', array_map(static fn (Body $b): string => $b->person->name, $bodies)),
                'door' => $situation->name($door),
                'width' => Quantity::metres($way->widthM),
                'limit' => Quantity::metres($limit),
                'thing' => $names[0] ?? '',
                'other' => $names[1] ?? '',
            ],
            [...array_map(static fn (Body $b): string => $b->person->id, $bodies), $door, ...$things],
            $this->working($way->widthM, $limit),
            fn (): array => $this->ideas($situation, $escape, $way, $limit),
            match (true) {
                $isShut => 'shut',
                $things === [] => 'door',
                count($things) === 1 => 'wall',
                default => null,
            },
        );
    }

    private function working(float $width, float $limit): Working
    {
        return new Working(
            'the widest disc that gets from each place to a way out',
            ['least' => Quantity::metres($width), 'wanted' => Quantity::metres($limit)],
            'our starting point; the venue’s fire plan and local code decide',
        );
    }

    /** @return list<Mend> either of the two moved off the other */
    private function ideas(Situation $situation, Escape $escape, WayOut $way, float $limit): array
    {
        $by = $limit - $way->widthM + self::SPARE_M;
        $ideas = [];
        foreach ($escape->apart($way) as [$id, $path, $off]) {
            $ideas[] = Moves::push($situation, $path, $situation->name($id), $off->times($by));
        }

        return $ideas;
    }
}
