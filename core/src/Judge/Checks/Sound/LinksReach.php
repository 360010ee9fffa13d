<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Sound;

use FineFrame\Document\Record;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\LinkReach;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

/**
 * A pack is heard at its antenna with something left: distance, walls and bodies take their part. A sender of pictures beside the antenna
 * takes the rest.
 */
final class LinksReach extends Rule
{
    public function id(): string
    {
        return 'links-reach';
    }

    public function stage(): Stage
    {
        return Stage::Sound;
    }

    private const BREAK_DB = 0.0;

    private const WATCH_DB = 20.0;

    /** A video sender nearer than this to an antenna deafens it, metres. */
    private const APART_M = 1.5;

    public function run(Situation $situation): iterable
    {
        foreach (LinkReach::allOf($situation) as $reach) {
            $margin = $reach->path->marginDb();
            yield $this->finding(
                Severity::below($margin, self::BREAK_DB, self::WATCH_DB),
                [
                    'link' => $reach->link->text('name'),
                    'antenna' => $reach->antennaName ?: 'the antenna',
                    'margin' => Quantity::of($margin, Unit::Decibel),
                    'distance' => Quantity::metres($reach->pack->distanceTo($reach->antenna)),
                    'walls' => $reach->walls === [] ? 'no wall' : implode(', ', $reach->walls),
                    'bodies' => (string) $reach->bodies,
                ],
                [$reach->link->id],
                new Working(
                    '20·log₁₀(km) + 20·log₁₀(MHz) + 32.44, walls and bodies; −90 dBm are needed',
                    [
                        'free space' => Quantity::of($reach->path->freeSpaceDb, Unit::Decibel),
                        'walls and bodies' => Quantity::of($reach->path->lossDb, Unit::Decibel),
                        'received, dBm' => Quantity::of($reach->path->receivedDbm, Unit::Decibel),
                    ],
                    'ITU-R P.525, P.2040 rounded; walk it with the pack on before anyone sits',
                ),
                fn (): array => $this->nearer($situation, $reach),
            );
        }
        $places = array_filter(
            $situation->setup->setup->list('antennas'),
            static fn (Record $a): bool => $a->number('x_m') !== null && $a->number('y_m') !== null,
        );
        $at = static fn (Record $a): Vec3 => new Vec3($a->number('x_m') ?? 0.0, $a->number('y_m') ?? 0.0, $a->number('height_m') ?? 2.0);
        foreach ($places as $one) {
            foreach ($places as $other) {
                if ($one->text('serves') === 'the links' && $other->text('serves') === 'the video sender') {
                    $apart = $at($one)->distanceTo($at($other));
                    yield $this->finding(
                        $apart < self::APART_M ? Severity::Watch : Severity::Holds,
                        ['antenna' => $one->text('name'), 'other' => $other->text('name'), 'distance' => Quantity::metres($apart)],
                        [$one->id, $other->id],
                        new Working('from one to the other', ['apart' => Quantity::metres($apart)]),
                        case: $apart < self::APART_M ? 'beside' : 'apart',
                    );
                }
            }
        }
    }

    /** @return list<Mend> the antenna nearer to the pack, by half and by more */
    private function nearer(Situation $situation, LinkReach $reach): array
    {
        $ideas = [];
        foreach ($situation->setup->setup->list('antennas') as $antenna) {
            if ($antenna->text('name') !== $reach->antennaName || $antenna->number('x_m') === null || $antenna->number('y_m') === null) {
                continue;
            }
            $from = new Vec2($antenna->number('x_m'), $antenna->number('y_m'));
            foreach ([0.5, 0.75, 0.9] as $share) {
                $to = $from->plus($reach->pack->floor()->minus($from)->times($share));
                $ideas[] = new Mend(
                    'move',
                    ['thing' => $antenna->text('name'), 'distance' => Quantity::metres($from->distanceTo($to))],
                    $situation->moved("antennas/$antenna->id", $to),
                );
            }
        }

        return $ideas;
    }
}
