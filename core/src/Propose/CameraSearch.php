<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Camera\Camera;
use FineFrame\Camera\ShotSize;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Edit;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;
use FineFrame\Staging\Person;
use FineFrame\Staging\Role;

/**
 * Where A and B might stand for a talk: thousands of places, heights and lenses scored by named reasons, pairs of the best of
 * them, and of those the three unlike ones that the checks hold. Nothing is learnt or hidden: a score is the weighted mean of
 * its reasons, and each says what it was measured from.
 */
final class CameraSearch
{
    /** What is proposed. */
    private const WANTED = 3;

    /** How many pairs are put before the judge at most. */
    private const JUDGED = 14;

    private const LEADERS = 90;

    private readonly Ground $ground;

    private readonly Glass $glass;

    /** How many places and pairs were scored. */
    public int $considered = 0;

    public function __construct(private readonly Situation $situation, private readonly Judge $judge)
    {
        $this->ground = new Ground($situation->scene, $situation->limits->get('way_out_depth_m'));
        $this->glass = new Glass($situation->setup);
    }

    /**
     * @param  bool  $withChair  whether the chair may be moved and turned as well
     * @return list<Proposal> the best first; fewer than three where the room has no more
     */
    public function proposals(bool $withChair = false): array
    {
        $setup = $this->situation->setup;
        // A camera that moves has its way: it is not set down elsewhere.
        $moving = array_column($setup->setup->moves, 'camera');
        [$a, $b] = [...array_values(array_diff_key($setup->cameras, array_flip($moving))), null, null];
        $subject = $a === null ? null : ($setup->bodyFor($a)?->person);
        if ($a === null || $subject === null) {
            return [];
        }
        $pairs = [];
        foreach ($withChair ? $this->chairs($subject) : [[$subject->place, $subject->facingRad, []]] as [$place, $facing, $edit]) {
            array_push($pairs, ...$this->pairs($a, $b, $subject, $place, $facing, $edit));
        }
        usort($pairs, static fn (Pair $x, Pair $y): int => $y->score <=> $x->score);

        return $this->held($pairs, $a, $b, $subject);
    }

    /** @return list<array{Vec2, float, array<string, mixed>}> chairs worth a search: deep behind, a window beside, room before */
    private function chairs(Person $subject): array
    {
        $corners = $this->situation->setup->room->first()->floor->corners;
        [$xs, $ys] = [array_column($corners, 'x'), array_column($corners, 'y')];
        $eye = $this->eyeM($subject);
        $all = [];
        for ($x = min($xs) + 0.8; $x < max($xs) - 0.7; $x += 0.6) {
            for ($y = min($ys) + 0.8; $y < max($ys) - 0.7; $y += 0.6) {
                $place = new Vec2($x, $y);
                if (! $this->ground->carries($place, 0.45)) {
                    continue;
                }
                for ($facing = 0.0; $facing < 2 * M_PI - 0.01; $facing += M_PI / 8) {
                    $this->considered++;
                    $ahead = Vec2::towards($facing);
                    [$deep, $room] = [
                        $this->ground->behind($place, $ahead->times(-1.0), $eye)[0],
                        $this->ground->behind($place, $ahead, $eye)[0],
                    ];
                    if ($room < 1.9) {
                        continue;
                    }
                    $all[] = [
                        min(1.0, $deep / 3.0) + 0.8 * $this->window($place, $facing, $eye)[0] + min(1.0, ($room - 1.9) / 1.5),
                        $place,
                        $facing,
                    ];
                }
            }
        }
        usort($all, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $chosen = [];
        foreach ($all as [, $place, $facing]) {
            $like = array_filter(
                $chosen,
                static fn (array $c): bool => $c[0]->distanceTo($place) < 0.9 && abs(Turn::wrapped($c[1] - $facing)) < 0.9,
            );
            if ($like === [] && count($chosen) < 6 && ! $this->isStruck($place, $subject)) {
                $at = "/setups/{$this->situation->setup->setup->id}/subjects/$subject->id";
                $chosen[] = [
                    $place,
                    $facing,
                    [
                        "$at/x_m" => round($place->x, 3),
                        "$at/y_m" => round($place->y, 3),
                        "$at/facing_deg" => round(fmod(rad2deg($facing) + 360, 360), 1),
                    ],
                ];
            }
        }

        return $chosen;
    }

    /** Whether direct sun reaches a head there while is recorded. */
    private function isStruck(Vec2 $place, Person $subject): bool
    {
        [$study, $window] = [$this->situation->place()->study(), $this->situation->place()->window()];
        if ($study === null || $window === null) {
            return false;
        }
        foreach ($study->onSpot($place->at($subject->statureM * 0.68)) as [$from, $to]) {
            if ($from < $window[1] && $to > $window[0]) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, mixed>  $chair
     * @return list<Pair>
     */
    private function pairs(Camera $a, ?Camera $b, Person $subject, Vec2 $place, float $facing, array $chair): array
    {
        $firsts = $this->leading($this->spots($a, $subject, $place, $facing, [ShotSize::MediumClose], true));
        $seconds = $b === null
            ? []
            : $this->leading($this->spots($b, $subject, $place, $facing, [ShotSize::Cowboy, ShotSize::Close], false));
        $pairs = [];
        foreach ($firsts as $first) {
            if ($b === null) {
                $pairs[] = $this->paired($a, null, $subject, $place, $first, null, $chair);
            }
            foreach ($seconds as $second) {
                $this->considered++;
                if ($first->place->distanceTo($second->place) > $a->support->legRadiusM + $b->support->legRadiusM * 0.9) {
                    $pairs[] = $this->paired($a, $b, $subject, $place, $first, $second, $chair);
                }
            }
        }

        return array_values(array_filter($pairs));
    }

    /**
     * @param  list<ShotSize>  $sizes
     * @return list<Spot>
     */
    private function spots(Camera $camera, Person $subject, Vec2 $place, float $facing, array $sizes, bool $isFirst): array
    {
        $eye = $this->eyeM($subject);
        $spots = [];
        foreach ($isFirst ? range(-50, 50, 5) : range(-95, 95, 5) as $deg) {
            $out = Vec2::towards($facing + deg2rad($deg));
            [$deep, $wall] = $this->ground->behind($place, $out->times(-1.0), $eye);
            [$window, $windowName] = $this->window($place, $facing + deg2rad($deg), $eye);
            for ($distance = 1.2; $distance <= 4.2; $distance += 0.2) {
                $at = $place->plus($out->times($distance));
                $this->considered++;
                if (
                    ! $this->ground->carries($at, $camera->support->legRadiusM)
                    || ! $this->ground->sees($at, $place, $eye)
                    || $this->ground->windowBehind($at, $place)
                ) {
                    continue;
                }
                foreach ($sizes as $size) {
                    $field = $size->usualStatures() * $subject->statureM;
                    [$lens, $focal] = $this->glass->for($camera, $camera->delivered->heightMm * $distance / $field);
                    if ($lens === '') {
                        continue;
                    }
                    foreach ([$eye - 0.12, $eye - 0.02, $eye + 0.08] as $height) {
                        $this->considered++;
                        if ($height >= $camera->support->lowestM && $height <= $camera->support->highestM) {
                            $spots[] = $this->scored(
                                $at,
                                $height,
                                $eye,
                                deg2rad($deg),
                                $distance,
                                $lens,
                                $focal,
                                $field,
                                $deep,
                                $wall?->inward(),
                                $window,
                                $windowName,
                                $out,
                                $isFirst,
                            );
                        }
                    }
                }
            }
        }

        return $spots;
    }

    private function scored(
        Vec2 $at,
        float $height,
        float $eye,
        float $turn,
        float $distance,
        string $lens,
        float $focal,
        float $field,
        float $deep,
        ?Vec2 $wall,
        float $window,
        string $windowName,
        Vec2 $out,
        bool $isFirst,
    ): Spot {
        $off = $wall === null ? 45.0 : rad2deg(acos(max(-1.0, min(1.0, $wall->dot($out)))));
        $letter = $isFirst ? 'A' : 'B';
        $reasons = [
            "depth-$letter" => [min(1.0, max(0.0, $deep - 0.4) / 2.6), Quantity::metres($deep), $isFirst ? 1.4 : 0.8],
            "perspective-$letter" => [max(0.0, min(1.0, ($distance - 0.9) / 0.9)), Quantity::metres($distance), 0.8],
            "lines-$letter" => [$off < 1.0 || $off > 12.0 ? 1.0 : 0.35, Quantity::degrees($off), 0.4],
            "height-$letter" => [max(0.0, 1.0 - abs($height - $eye + 0.02) / 0.3), Quantity::metres($height), 0.3],
        ] + ($isFirst
            ? ['window' => [$window, $windowName, 1.1]]
            : ['boom' => [max(0.0, min(1.0, 1.5 - $field)), Quantity::metres($field), 0.5]]);
        [$sum, $weights] = [0.0, 0.0];
        foreach ($reasons as [$score, , $weight]) {
            $sum += $score * $weight;
            $weights += $weight;
        }

        return new Spot($at, $height, $turn, $distance, $lens, $focal, $field, $reasons, $sum / $weights);
    }

    /**
     * The best of each sector of the room, so that the unlike survive.
     *
     * @param  list<Spot>  $spots
     * @return list<Spot>
     */
    private function leading(array $spots): array
    {
        usort($spots, static fn (Spot $a, Spot $b): int => $b->score <=> $a->score);
        $taken = $leaders = [];
        foreach ($spots as $spot) {
            $sector = round($spot->turn / 0.26).'/'.round($spot->fieldM / 0.4);
            $taken[$sector] = ($taken[$sector] ?? 0) + 1;
            if ($taken[$sector] <= 4) {
                $leaders[] = $spot;
            }
            if (count($leaders) >= self::LEADERS) {
                break;
            }
        }

        return $leaders;
    }

    /** @param  array<string, mixed>  $chair */
    private function paired(Camera $a, ?Camera $b, Person $subject, Vec2 $place, Spot $first, ?Spot $second, array $chair): ?Pair
    {
        $reasons = $first->reasons;
        if ($second !== null) {
            $angle = abs(rad2deg($second->turn - $first->turn));
            $ratio = max($first->fieldM, $second->fieldM) / min($first->fieldM, $second->fieldM);
            if ($angle < $this->situation->limits->get('angle_apart_deg') || $ratio < $this->situation->limits->get('size_ratio')) {
                return null;
            }
            $wanted = match ($this->situation->setup->plan->brief->schools->of(Question::SecondCamera)) {
                School::ProfileAngle => 70.0,
                School::FortyFive => 45.0,
                default => 50.0,
            };
            $reasons += $second->reasons + ['difference' => [max(0.0, 1.0 - abs($angle - $wanted) / 45.0), Quantity::degrees($angle), 0.9]];
        }
        [$seat, $asker] = [null, $this->asker($subject)];
        if ($asker !== null && $this->situation->setup->plan->brief->schools->has(School::IntoLens)) {
            $seat = $this->hidden($asker, $a, $b, $place, $first, $second);
            if ($seat === null) {
                return null;
            }
        } elseif ($asker !== null) {
            // Beside A's lens, on the side away from B, so that both cameras stay on one side of the line.
            $off = max(deg2rad(8), min(deg2rad(24), ($a->support->legRadiusM + 0.36) / $first->distanceM));
            $seat = $place->plus(
                $first->place->minus($place)->turnedClockwise($second === null || $second->turn >= $first->turn ? -$off : $off),
            );
            if (! $this->ground->carries($seat, 0.35)) {
                return null;
            }
            $reasons['gaze'] = [max(0.0, 1.0 - max(0.0, rad2deg($off) - 10.0) / 15.0), Quantity::degrees(rad2deg($off)), 0.7];
        }
        if ($second !== null && self::meet($a, $b, $place, $first, $second, $seat)) {
            return null;
        }
        [$sum, $weights] = [0.0, 0.0];
        foreach ($reasons as [$score, , $weight]) {
            $sum += $score * $weight;
            $weights += $weight;
        }

        return new Pair($sum / $weights, $first, $second, $place, $seat, $chair, $reasons);
    }

    /** Where whoever asks is out of both frames, though the look goes into the lens: where they are, else behind A, to its sides. */
    private function hidden(Person $asker, Camera $a, ?Camera $b, Vec2 $place, Spot $first, ?Spot $second): ?Vec2
    {
        $out = $first->place->minus($place)->unit();
        $behind = $first->place->plus($out->times(self::BEHIND_A_M));
        foreach ([
            $asker->place,
            $behind,
            $behind->plus($out->left()->times(0.8)),
            $behind->minus($out->left()->times(0.8)),
            $first->place->plus($out->left()->times(1.1)),
            $first->place->minus($out->left()->times(1.1)),
        ] as $seat) {
            $isFree = $seat === $asker->place || $this->ground->carries($seat, 0.35);
            if ($isFree && $seat->distanceTo($first->place) > 0.5 && ! self::meet($a, $b, $place, $first, $second ?? $first, $seat)) {
                return $seat;
            }
        }

        return null;
    }

    private const BEHIND_A_M = 0.9;

    /** Somebody seated, feet and all, from their middle, metres. */
    private const SEATED_M = 0.65;

    /** Whether one camera stands in the other's frame, or the interviewer's seat in either. */
    private static function meet(Camera $a, ?Camera $b, Vec2 $place, Spot $first, Spot $second, ?Vec2 $seat): bool
    {
        foreach ([
            [$a, $first, $second->place, 0.3],
            [$b, $second, $first->place, 0.3],
            [$a, $first, $seat, self::SEATED_M],
            [$b, $second, $seat, self::SEATED_M],
        ] as [$camera, $spot, $other, $radius]) {
            if ($camera === null || $other === null) {
                continue;
            }
            $width = $spot->fieldM * $camera->delivered->widthMm / $camera->delivered->heightMm;
            // The face sits off the middle to leave looking room: half of the frame and that much more.
            $half = atan2($width * (0.5 + $camera->placement->aim->lead), $spot->distanceM);
            $to = $other->minus($spot->place);
            $off = abs(Turn::wrapped($to->bearing() - $place->minus($spot->place)->bearing()));
            if ($off < $half + atan2($radius, max(0.1, $to->length()))) {
                return true;
            }
        }

        return false;
    }

    private function edit(Pair $pair, Camera $a, ?Camera $b, Person $subject): Edit
    {
        $base = "/setups/{$this->situation->setup->setup->id}";
        [$values, $asker, $seat, $taken] = [$pair->chairEdit, $this->asker($subject), $pair->seat, []];
        foreach ([[$a, $pair->first], [$b, $pair->second]] as [$camera, $spot]) {
            if ($camera === null || $spot === null) {
                continue;
            }
            $at = "$base/cameras/{$camera->placement->id}";
            [$id, $focal] = [$spot->lens, $spot->focalMm];
            if (in_array($id, $taken, true)) {
                $other = $this->glass->for($camera, $focal * ($camera->reducer->factor ?? 1.0), $taken);
                // Where no other reaches, the rule on stock says that one is short.
                [$id, $focal] = $other[0] === '' ? [$id, $focal] : $other;
            }
            $taken[] = $id;
            $lens = $this->situation->setup->plan->kit->lenses[$id];
            $values += [
                "$at/x_m" => round($spot->place->x, 3),
                "$at/y_m" => round($spot->place->y, 3),
                "$at/height_m" => round($spot->heightM, 3),
                "$at/lens" => $id,
                "$at/focal_mm" => round($focal, 1),
                "$at/t_stop" => max(round($lens->widestT * ($camera->reducer->factor ?? 1.0), 2), $camera->placement->tStop),
                "$at/aim/mode" => 'eyes',
                "$at/aim/subject" => $subject->id,
            ];
        }

        if ($this->situation->setup->plan->brief->schools->has(School::IntoLens) && $subject->looksAt !== $a->placement->id) {
            $values["$base/subjects/$subject->id/looks_at"] = $a->placement->id;
        }

        return new Edit(
            $values + (
                $asker === null
                || $seat === null
                ? []
                : ["$base/subjects/$asker->id/x_m" => round($seat->x, 3), "$base/subjects/$asker->id/y_m" => round($seat->y, 3)]
            ),
        );
    }

    /**
     * The three best that break nothing of theirs and are unlike one another.
     *
     * @param  list<Pair>  $pairs
     * @return list<Proposal>
     */
    private function held(array $pairs, Camera $a, ?Camera $b, Person $subject): array
    {
        $proposals = $kept = [];
        $judged = 0;
        $placed = array_map(static fn (Camera $c): string => $c->placement->id, array_filter([$a, $b]));
        $rest = new AfterCameras($this->situation, $this->judge, new Elsewhere($this->situation, $this->ground), $placed);
        foreach ($pairs as $pair) {
            if (count($proposals) >= self::WANTED || $judged >= self::JUDGED) {
                break;
            }
            if (array_filter($kept, static fn (Pair $k): bool => $k->isLike($pair)) !== []) {
                continue;
            }
            $judged++;
            $edit = $this->edit($pair, $a, $b, $subject);
            $after = $this->situation->setup->after($edit);
            $toMove = $rest->toMove($after);
            if ($toMove === null) {
                continue;
            }
            $kept[] = $pair;
            $proposals[] = new Proposal($pair->score, $this->reasons($pair), $toMove, $edit);
        }

        return $proposals;
    }

    /** @return list<Reason> */
    private function reasons(Pair $pair): array
    {
        $reasons = [];
        foreach ($pair->reasons as $name => [$score, $value, $weight]) {
            $reasons[] = new Reason($name, $score, $value, $weight);
        }
        usort($reasons, static fn (Reason $a, Reason $b): int => $b->score * $b->weight <=> $a->score * $a->weight);

        return $reasons;
    }

    /** @return array{float, string} how well the best window stands beside a face that looks along a bearing, and its name */
    private function window(Vec2 $place, float $bearing, float $eye): array
    {
        $best = [0.0, 'none'];
        foreach ($this->ground->windows as [$middle, , $height, $name]) {
            $to = $middle->minus($place);
            $off = abs(rad2deg(Turn::wrapped($to->bearing() - $bearing)));
            // From 35° to 95° off the lens it models the face; behind the head it burns out.
            $score = match (true) {
                $off < 35 => 0.4 + 0.6 * $off / 35,
                $off <= 95 => 1.0,
                default => max(0.0, 1.0 - ($off - 95) / 40),
            };
            $near = max(0.2, min(1.0, 3.0 / max(0.8, hypot($to->length(), $height - $eye))));
            $best = $score * $near > $best[0] ? [$score * $near, $name] : $best;
        }

        return $best;
    }

    private function asker(Person $subject): ?Person
    {
        $people = array_column($this->situation->setup->setup->people, null, 'id');
        $looked = $people[$subject->looksAt ?? ''] ?? null;

        return $looked !== null && $looked->role === Role::Interviewer ? $looked : null;
    }

    private function eyeM(Person $subject): float
    {
        return $this->situation->setup->bodies[$subject->id]->eyes->z;
    }
}
