<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Camera\ShotSize;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Edit;
use FineFrame\Scene\ThingKind;
use FineFrame\Staging\Body;

/**
 * Where cameras might stand for a performance: each has its job, everybody or one face; places on free floor are scored by named
 * reasons, put together so that none is in another's frame and no two see the same, and the best before the judge.
 */
final class PerformanceSearch
{
    private const WANTED = 3;

    private const JUDGED = 12;

    /** Places kept for each camera, and sets of places carried on. */
    private const KEPT = 14;

    private const CARRIED = 60;

    private const STEP_M = 0.4;

    /** A body is so wide to either side of its middle, and no lens comes nearer than the second, metres. */
    private const HALF_BODY_M = 0.4;

    private const NEAREST_M = 1.3;

    /** Cameras stand so far apart, and see one face from so far apart. */
    private const APART_M = 0.9;

    private const APART_RAD = 25 * M_PI / 180;

    /** A frame on several leaves so much around them. */
    private const AIR = 1.12;

    private const UNLIKE_M = 1.0;

    /** From a lens’s mount to the middle of the legs; and what somebody takes who carries a camera, metres. */
    private const MOUNT_M = 0.064;

    private const BESIDE_M = 0.25;

    private const STAYS = [ThingKind::Light, ThingKind::Boom, ThingKind::Subject];

    private readonly Ground $ground;

    private readonly Glass $glass;

    /** How many places were scored. */
    public int $considered = 0;

    /** @var list<string> ids of cameras for which no place was found that sees whom they are for */
    public array $without = [];

    public function __construct(private readonly Situation $situation, private readonly Judge $judge)
    {
        $this->ground = new Ground($situation->scene, $situation->limits->get('way_out_depth_m'), self::STAYS);
        $this->glass = new Glass($situation->setup);
    }

    /** @return list<Proposal> the best first; fewer than three where the room has no more */
    public function proposals(): array
    {
        $setup = $this->situation->setup;
        // A camera that moves has its way: it is not set down elsewhere.
        $moving = array_flip(array_column($setup->setup->moves, 'camera'));
        $jobs = Job::among($setup, array_values(array_diff_key($setup->cameras, $moving)));
        $sets = $jobs === [] ? [] : [[]];
        foreach ($jobs as $job) {
            $looks = $this->kept($this->looks($job));
            if ($looks === []) {
                $this->without[] = $job->camera->placement->id;
            }
            $sets = $this->with($sets, $looks);
        }

        return $this->held($sets);
    }

    /** @return list<Look> */
    private function looks(Job $job): array
    {
        $looks = [];
        $heights = array_filter(
            count($job->on) > 1 ? [1.2, 1.5, 1.9] : [$job->on[0]->eyes->z - 0.1, $job->on[0]->eyes->z + 0.05],
            static fn (float $h): bool => $h >= $job->camera->support->lowestM && $h <= $job->camera->support->highestM,
        );
        foreach ($this->grid() as $place) {
            foreach ($heights as $height) {
                $this->considered++;
                $look = $this->look($job, $place, $height);
                if ($look !== null) {
                    $looks[] = $look;
                }
            }
        }
        usort($looks, static fn (Look $a, Look $b): int => $b->score <=> $a->score);

        return $looks;
    }

    /** @return iterable<Vec2> */
    private function grid(): iterable
    {
        $corners = $this->ground->room->first()->floor->corners;
        [$xs, $ys] = [array_map(static fn (Vec2 $c): float => $c->x, $corners), array_map(static fn (Vec2 $c): float => $c->y, $corners)];
        for ($x = min($xs) + self::STEP_M / 2; $x < max($xs); $x += self::STEP_M) {
            for ($y = min($ys) + self::STEP_M / 2; $y < max($ys); $y += self::STEP_M) {
                yield new Vec2(round($x, 2), round($y, 2));
            }
        }
    }

    private function look(Job $job, Vec2 $place, float $heightM): ?Look
    {
        $turned = [];
        foreach ($job->on as $body) {
            $to = $body->person->place->minus($place);
            $turn = abs(Turn::wrapped($to->times(-1.0)->bearing() - $body->headBearingRad));
            if ($to->length() < self::NEAREST_M || $turn > M_PI / 2 || ! $this->isOpen($place, $body, $heightM)) {
                return null;
            }
            $turned[] = $turn;
        }

        return count($job->on) > 1 ? $this->wide($job, $place, $heightM, $turned) : $this->close($job, $place, $heightM, $turned[0]);
    }

    /** Whether the way to a face is clear of walls, of what stands there, and of the others. */
    private function isOpen(Vec2 $place, Body $body, float $heightM): bool
    {
        if (! $this->ground->sees($place, $body->person->place, min($heightM, $body->eyes->z))) {
            return false;
        }
        $to = $body->person->place->minus($place);
        foreach ($this->situation->setup->bodies as $other) {
            $there = $other->person->place->minus($place);
            $along = $there->dot($to->unit());
            if ($other !== $body && $along > 0.0 && $along < $to->length() && abs($to->unit()->cross($there)) < self::HALF_BODY_M) {
                return false;
            }
        }

        return true;
    }

    /** @param  non-empty-list<float>  $turned  how far each face is turned from it, radians */
    private function wide(Job $job, Vec2 $place, float $heightM, array $turned): ?Look
    {
        $middle = $job->on[0]->person->place->minus($place)->bearing();
        [$left, $right, $top, $bottom, $nearest] = [0.0, 0.0, -M_PI, M_PI, INF];
        $offs = [];
        foreach ($job->on as $body) {
            $to = $body->person->place->minus($place);
            $off = Turn::wrapped($to->bearing() - $middle);
            $half = atan2(self::HALF_BODY_M, $to->length());
            [$left, $right] = [min($left, $off - $half), max($right, $off + $half)];
            $top = max($top, atan2($body->crownM + 0.12 - $heightM, $to->length()));
            $bottom = min($bottom, atan2(0.35 * $body->crownM - $heightM, $to->length()));
            $nearest = min($nearest, $to->length());
            $offs[] = $off;
        }
        $field = $job->camera->delivered;
        $halfX = self::AIR * ($right - $left) / 2;
        $halfY = self::AIR * ($top - $bottom) / 2;
        if ($halfX > 0.9 || $halfY > 0.9) {
            return null;
        }
        [$lens, $focal] = $this->glass->for($job->camera, min($field->widthMm / 2 / tan($halfX), $field->heightMm / 2 / tan($halfY)));
        if ($lens === '') {
            return null;
        }
        sort($offs);
        $gap = min(array_map(static fn (float $a, float $b): float => $b - $a, array_slice($offs, 0, -1), array_slice($offs, 1)) ?: [1.0]);

        return $this->scored($job, $place, $heightM, $lens, $focal, $middle + ($left + $right) / 2, ($top + $bottom) / 2, [
            'faces-seen' => [1 - max($turned) / M_PI, Quantity::degrees(rad2deg(max($turned))), 1.5],
            'spread' => [min(1.0, $gap / 0.2), Quantity::degrees(rad2deg($gap)), 1.0],
            'room-around' => [max(0.0, min(1.0, ($nearest - 1.5) / 2)), Quantity::metres($nearest), 0.8],
        ]);
    }

    private function close(Job $job, Vec2 $place, float $heightM, float $turned): ?Look
    {
        $body = $job->on[0];
        $to = $body->person->place->minus($place);
        $field = ShotSize::Medium->usualStatures() * $body->person->statureM;
        [$lens, $focal] = $this->glass->for($job->camera, $job->camera->delivered->heightMm * $to->length() / $field);
        if ($lens === '' || $this->ground->windowBehind($place, $body->person->place)) {
            return null;
        }
        [$deep] = $this->ground->behind($body->person->place, $to->unit(), $body->eyes->z);
        $off = rad2deg($turned);

        return $this->scored($job, $place, $heightM, $lens, $focal, $to->bearing(), atan2($body->eyes->z - $heightM, $to->length()), [
            'three-quarters' => [max(0.0, 1 - abs($off - 35) / 55), Quantity::degrees($off), 1.5],
            'depth' => [min(1.0, max(0.0, $deep - 0.4) / 2.6), Quantity::metres($deep), 1.0],
            'distance' => [max(0.0, 1 - abs($to->length() - 2.4) / 2.5), Quantity::metres($to->length()), 0.8],
        ]);
    }

    /** @param  array<string, array{float, Quantity|string, float}>  $reasons */
    private function scored(
        Job $job,
        Vec2 $place,
        float $heightM,
        string $lens,
        float $focalMm,
        float $bearing,
        float $tilt,
        array $reasons,
    ): ?Look {
        // The legs stand under the body, behind the lens.
        $behind = $this->situation->setup->plan->kit->lenses[$lens]->lengthM + self::MOUNT_M;
        $foot = $place->minus(Vec2::towards($bearing)->times($behind));
        if (! $this->ground->carries($foot, max(self::BESIDE_M, $job->camera->support->legRadiusM))) {
            return null;
        }
        $label = $job->camera->placement->label;
        [$sum, $weights, $named] = [0.0, 0.0, []];
        foreach ($reasons as $name => [$score, $value, $weight]) {
            [$sum, $weights, $named["$name-$label"]] = [$sum + $score * $weight, $weights + $weight, [$score, $value, $weight]];
        }
        $half = atan($job->camera->delivered->widthMm / 2 / ($focalMm * ($job->camera->reducer->factor ?? 1.0)));

        return new Look($job, $place, $heightM, $lens, $focalMm, $bearing, $tilt, $half, $named, $sum / $weights);
    }

    /**
     * The best, none close to a better one.
     *
     * @param  list<Look>  $looks
     * @return list<Look>
     */
    private function kept(array $looks): array
    {
        $kept = [];
        foreach ($looks as $look) {
            $near = array_filter($kept, static fn (Look $k): bool => $k->place->distanceTo($look->place) < self::UNLIKE_M);
            if ($near === []) {
                $kept[] = $look;
            }
            if (count($kept) === self::KEPT) {
                break;
            }
        }

        return $kept;
    }

    /**
     * @param  list<list<Look>>  $sets
     * @param  list<Look>  $looks
     * @return list<list<Look>>
     */
    private function with(array $sets, array $looks): array
    {
        $all = [];
        foreach ($sets as $set) {
            foreach ($looks as $look) {
                if (array_filter($set, static fn (Look $other): bool => self::meet($look, $other)) === []) {
                    $all[] = [...$set, $look];
                }
            }
        }
        usort($all, static fn (array $a, array $b): int => self::sum($b) <=> self::sum($a));

        return array_slice($all, 0, self::CARRIED);
    }

    /** Whether two stand in each other's way or frame, or see the same face from the same side. */
    private static function meet(Look $one, Look $other): bool
    {
        $apart = $one->place->distanceTo($other->place);
        if ($apart < self::APART_M) {
            return true;
        }
        foreach ([[$one, $other], [$other, $one]] as [$from, $seen]) {
            $off = abs(Turn::wrapped($seen->place->minus($from->place)->bearing() - $from->bearingRad));
            if ($off < $from->halfRad + atan2(self::HALF_BODY_M, $apart)) {
                return true;
            }
        }
        foreach (array_filter($one->job->on, static fn (Body $b): bool => in_array($b, $other->job->on, true)) as $body) {
            $ways = array_map(static fn (Look $l): float => $l->place->minus($body->person->place)->bearing(), [$one, $other]);
            if (abs(Turn::wrapped($ways[0] - $ways[1])) < self::APART_RAD && count($one->job->on) === count($other->job->on)) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Look>  $set */
    private static function sum(array $set): float
    {
        return array_sum(array_map(static fn (Look $l): float => $l->score, $set));
    }

    /**
     * @param  list<list<Look>>  $sets
     * @return list<Proposal>
     */
    private function held(array $sets): array
    {
        $placed = array_map(static fn (Look $l): string => $l->job->camera->placement->id, $sets[0] ?? []);
        $rest = new AfterCameras($this->situation, $this->judge, new Elsewhere($this->situation, $this->ground), $placed);
        $proposals = $kept = [];
        $judged = 0;
        foreach ($sets as $set) {
            if (count($proposals) >= self::WANTED || $judged >= self::JUDGED) {
                break;
            }
            if (array_filter($kept, static fn (array $k): bool => self::alike($k, $set)) !== []) {
                continue;
            }
            $judged++;
            $edit = $this->edit($set);
            $toMove = $rest->toMove($this->situation->setup->after($edit));
            if ($toMove !== null) {
                $kept[] = $set;
                $proposals[] = new Proposal(self::sum($set) / count($set), self::reasons($set), $toMove, $edit);
            }
        }

        return $proposals;
    }

    /**
     * @param  list<Look>  $one
     * @param  list<Look>  $other
     */
    private static function alike(array $one, array $other): bool
    {
        return array_filter(
            array_map(static fn (Look $a, Look $b): float => $a->place->distanceTo($b->place), $one, $other),
            static fn (float $apart): bool => $apart >= self::UNLIKE_M,
        ) === [];
    }

    /**
     * @param  list<Look>  $set
     * @return list<Reason>
     */
    private static function reasons(array $set): array
    {
        $reasons = [];
        foreach ($set as $look) {
            foreach ($look->reasons as $name => [$score, $value, $weight]) {
                $reasons[] = new Reason($name, $score, $value, $weight);
            }
        }
        usort($reasons, static fn (Reason $a, Reason $b): int => $b->score * $b->weight <=> $a->score * $a->weight);

        return $reasons;
    }

    /** @param  list<Look>  $set */
    private function edit(array $set): Edit
    {
        [$values, $taken] = [[], []];
        foreach ($set as $look) {
            $placement = $look->job->camera->placement;
            $at = "/setups/{$this->situation->setup->setup->id}/cameras/$placement->id";
            [$id, $focal] = [$look->lens, $look->focalMm];
            if (in_array($id, $taken, true)) {
                $other = $this->glass->for($look->job->camera, $focal * ($look->job->camera->reducer->factor ?? 1.0), $taken);
                // Where no other reaches, the rule on stock says that one is short.
                [$id, $focal] = $other[0] === '' ? [$id, $focal] : $other;
            }
            $taken[] = $id;
            $lens = $this->situation->setup->plan->kit->lenses[$id];
            $isOne = count($look->job->on) === 1;
            $values += [
                "$at/x_m" => $look->place->x,
                "$at/y_m" => $look->place->y,
                "$at/height_m" => round($look->heightM, 3),
                "$at/lens" => $id,
                "$at/focal_mm" => round($focal, 1),
                "$at/t_stop" => max(round($lens->widestT * ($look->job->camera->reducer->factor ?? 1.0), 2), $placement->tStop),
                "$at/role" => $look->job->role()->value,
                "$at/covers" => (object) array_fill_keys(array_map(static fn (Body $b): string => $b->person->id, $look->job->on), true),
                "$at/aim/mode" => $isOne ? 'eyes' : 'free',
            ] + ($isOne
                ? ["$at/aim/subject" => $look->job->on[0]->person->id]
                : [
                    "$at/aim/subject" => null,
                    "$at/aim/bearing_deg" => round(fmod(rad2deg($look->bearingRad) + 360, 360), 1),
                    "$at/aim/tilt_deg" => round(rad2deg($look->tiltRad), 1),
                ]);
        }

        return new Edit($values);
    }
}
