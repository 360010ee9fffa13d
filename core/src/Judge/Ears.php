<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Geometry\Vec3;
use FineFrame\Scene\Gear;
use FineFrame\Scene\Scene;
use FineFrame\Sound\Ear;
use FineFrame\Sound\MicUse;
use FineFrame\Staging\Body;

/** Every microphone of a setup where it is: booms as they are placed, the others by what they are worn on or put on. */
final class Ears
{
    /** How two microphones as one are put. */
    public const PAIR = 'as a pair';

    /** @return array<string, Ear> by id, booms first */
    public static function of(Scene $scene): array
    {
        $setup = $scene->setup;
        $ears = [];
        foreach ($scene->booms as $id => $boom) {
            $ears[$id] = new Ear(
                $id,
                $boom->placement->name,
                $boom->model,
                $boom->tip(),
                $boom->mouth->minus($boom->tip())->unit(),
                $boom->placement->subject,
                '',
                $boom->placement->cover,
            );
        }
        foreach ($setup->setup->list('mics') as $row) {
            $model = $setup->plan->kit->microphones[$row->text('model')] ?? null;
            $at = $model === null ? null : self::place($scene, $row);
            if ($model === null || $at === null) {
                continue;
            }
            $body = $setup->bodies[$row->text('person')] ?? null;
            $voice = $body === null ? null : Voice::of($setup, $body);
            // On a stand it is turned to whom it is for; what is worn, and what lies flat, hears all around or from above.
            $axis = $model->patternA >= 0.99 || $model->use === MicUse::Boundary || $voice === null ? null : $voice->at->minus($at)->unit();
            $ears[$row->id] = new Ear(
                $row->id,
                $row->text('name') ?: $model->name,
                $model,
                $at,
                $axis,
                $body->person->id ?? '',
                $row->text('worn'),
                $row->text('cover'),
                $row->text('caution'),
                $row->flag('spare'),
            );
        }

        foreach ($setup->setup->list('pairs') as $pair) {
            $model = $setup->plan->kit->microphones[$pair->text('model')] ?? null;
            $at = Gear::microphonePlace($pair, $setup->room);
            // A pair is for the room: what lies within its angle it hears about as ahead.
            if ($model !== null && $at !== null) {
                $ears[$pair->id] = new Ear($pair->id, $pair->text('name') ?: $model->name, $model, $at, null, '', self::PAIR);
            }
        }

        return $ears;
    }

    /** @return Vec3|null null where nobody has said */
    private static function place(Scene $scene, Record $row): ?Vec3
    {
        $body = $scene->setup->bodies[$row->text('person')] ?? null;
        $worn = $row->text('worn');
        $camera = $scene->setup->cameras[$row->text('camera')] ?? null;
        if ($worn === 'on a camera') {
            return $camera?->pupil();
        }
        if ($body !== null && in_array($worn, Ear::ON_SOMEBODY, true)) {
            return self::worn($scene, $body, $worn);
        }

        return Gear::microphonePlace($row, $scene->setup->room);
    }

    private static function worn(Scene $scene, Body $body, string $where): Vec3
    {
        $ahead = $body->face()->times(0.02)->at(0.0);

        return match ($where) {
            'on the collar' => $body->mouth->plus($ahead)->minus(new Vec3(0, 0, 0.14)),
            'on the chest' => $body->mouth->plus($ahead)->minus(new Vec3(0, 0, 0.24)),
            'in the hair' => $body->person->place->plus($body->face()->times(0.06))->at($body->crownM),
            // A clip sits a hand's breadth over the strings.
            default => Voice::of($scene->setup, $body)->at->plus(new Vec3(0, 0, 0.12)),
        };
    }
}
