<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Document\InvalidDocument;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Checks\Light\SoftBoxFitsTheRoom;
use FineFrame\Judge\Checks\Rig\StandFitsItsPlace;
use FineFrame\Judge\DimmerPlan;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Light\FaceLight;
use FineFrame\Light\LightPlacement;
use FineFrame\Light\SoftBox;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;
use FineFrame\Plan\SetupPlan;
use FineFrame\Scene\FaceReading;
use FineFrame\Scene\Scene;
use FineFrame\Staging\Body;
use FineFrame\Staging\Person;

/**
 * Ways to light the first subject from what the kit has: led by daylight or built, from the far side or the near, soft or
 * hard, with few lamps or three. Each recipe's places are scored by quick sums; the best of each are put before the judge and
 * read as they would stand, and the three best of different recipes that break nothing are proposed.
 */
final class LightSearch
{
    private const WANTED = 3;

    /** A face this far under the wanted stop gets a lamp of its own. */
    private const UNDER = -0.6;

    private const EVENED = 3;

    /** About what a room adds to a lamp's own light on a face, for the quick sums alone. */
    public const ROOM = 0.12;

    private const FEW_KEYS = 2;

    /** Stops that a background with a lamp of its own is to lie under the face. */
    private const UNDER_FACE = 0.7;

    /** A background’s lamp gives it so much of what the face is to have: with what the others spill it stays under the face. */
    private const BEHIND = 0.4;

    private readonly SetupPlan $bare;

    private readonly Scene $dark;

    private readonly LampStand $stand;

    private readonly LampKit $kit;

    private readonly LightScore $score;

    private readonly LampPlaces $places;

    private readonly BoardStand $boards;

    /** @var list<array<string, mixed>> lamps that stay as they are */
    private readonly array $kept;

    private readonly float $wanted;

    public function __construct(private readonly Situation $situation, private readonly Judge $judge)
    {
        $setup = $situation->setup;
        $this->kept = $this->kept();
        $this->bare = $setup->after(new Edit(["/setups/{$setup->setup->id}/lights" => $this->kept]));
        $this->dark = new Scene($this->bare, $situation->scene->shared);
        $this->stand = new LampStand($this->dark, $situation->limits->get('way_out_depth_m'));
        $this->kit = new LampKit($this->bare);
        $this->score = new LightScore($setup->plan->brief->schools);
        $this->boards = new BoardStand($setup->room, $this->stand);
        $this->wanted = $setup->setup->metering->wantedLux();
        $this->places = new LampPlaces($this->stand, $this->score, $this->kit, $this->wanted);
    }

    /** @return list<array<string, mixed>> practicals, where the school keeps them on; with another globe in them where it swaps that */
    private function kept(): array
    {
        $school = $this->situation->setup->plan->brief->schools->of(Question::RoomLamps);
        $practicals = $school === School::RoomLampsOff
            ? []
            : array_filter($this->situation->setup->setup->lights, static fn (LightPlacement $l): bool => $l->practical);

        return array_values(
            array_map(
                fn (LightPlacement $l): array => (
                    $school === School::SwapGlobes
                    ? ['kelvin' => $this->situation->plannedKelvin(), 'duv' => 0.0]
                    : []
                ) + $l->write(),
                $practicals,
            ),
        );
    }

    /** How many places were scored. */
    public function considered(): int
    {
        return $this->places->considered;
    }

    /** @return list<Proposal> the best first */
    public function proposals(): array
    {
        $camera = $this->situation->setup->camera(0);
        $body = $camera === null ? null : $this->situation->setup->bodyFor($camera);
        if ($camera === null || $body === null) {
            return [];
        }
        $before = new FaceReading($this->dark, $body);
        $broken = $this->judge->judge($this->situation)->broken();
        $best = [];
        foreach ($this->recipes($before) as $recipe) {
            $proposal = $this->best($recipe, $body, $before, $this->cameraSide($body), $broken);
            if ($proposal !== null) {
                $best[] = $proposal;
            }
        }
        usort($best, static fn (Proposal $a, Proposal $b): int => $b->score <=> $a->score);

        $unlike = [];
        foreach ($best as $proposal) {
            $unlike[$this->likeness($proposal)] ??= $proposal;
        }

        return $this->steered(array_values($unlike));
    }

    /**
     * The best, and among them what the schools begin with: daylight where it leads, several lamps where that is how they work.
     *
     * @param  list<Proposal>  $best
     * @return list<Proposal>
     */
    private function steered(array $best): array
    {
        $schools = $this->situation->setup->plan->brief->schools;
        $byName = array_column($best, null, 'name');
        $several = match ($schools->of(Question::Lamps)) {
            School::OneLamp => null,
            School::ThreeLamps => $byName['classic'] ?? $byName['whole'] ?? null,
            default => $byName['whole'] ?? $byName['classic'] ?? null,
        };
        $first = array_slice($best, 0, 1);
        foreach (array_filter([$schools->has(School::WhatIsThere) ? $byName['daylight'] ?? null : null, $several]) as $one) {
            $first = in_array($one, $first, true) ? $first : [...$first, $one];
        }
        $rest = array_filter($best, static fn (Proposal $p): bool => ! in_array($p, $first, true));
        $chosen = array_slice([...$first, ...$rest], 0, self::WANTED);
        usort($chosen, static fn (Proposal $a, Proposal $b): int => $b->score <=> $a->score);

        return $chosen;
    }

    /** The same for proposals that put the same lamps to about the same places. */
    private function likeness(Proposal $proposal): string
    {
        $things = array_map(
            static fn (LightPlacement $l): string => $l->fixture.' '.round($l->place->x).' '.round($l->place->y),
            $this->situation->setup->after($proposal->edit)->setup->lights,
        );
        sort($things);

        return implode(', ', $things).' '.count($proposal->edit->values);
    }

    /** @return list<LightRecipe> as the schools and the kit have it */
    private function recipes(FaceReading $dark): array
    {
        $schools = $this->situation->setup->plan->brief->schools;
        [$soft, $hard] = [$this->kit->soft(), $this->kit->hard()];
        $edge = match ($schools->of(Question::EdgeLight)) {
            School::WindowEdge => null,
            School::TubeEdge => $this->kit->tube() ?? $hard,
            default => $hard,
        };
        $side = $schools->has(School::OpenFace) ? -1 : 1;
        $stops = $dark->light->stopsOver();
        $recipes = [];
        if ($stops > -1.6 && $schools->has(School::WhatIsThere) && ! $schools->has(School::AfterDark)) {
            $recipes[] = new LightRecipe('daylight', 0, [], $dark->cheeks() < 1.6 ? 'black' : 'board', $stops > -0.8 ? $edge : null);
        }
        $recipes[] = new LightRecipe('one-lamp', $side, $soft, 'none', null);
        $recipes[] = new LightRecipe('soft-and-board', $side, $soft, 'board', null);
        $recipes[] = new LightRecipe('other-side', -$side, $soft, 'board', null);
        $recipes[] = new LightRecipe(
            'soft-and-edge',
            $side,
            $soft,
            $schools->has(School::ShadowToLens) ? 'none' : 'board',
            $edge,
        );
        if (! $schools->has(School::OneLamp)) {
            $recipes[] = new LightRecipe('classic', -$side, $soft, 'lamp', $edge);
            $recipes[] = new LightRecipe('whole', $side, $soft, 'lamp', $edge, $this->kit->wall());
        }
        // Haze shows what comes from behind.
        if (! ($schools->has(School::NoHaze) || $hard === null)) {
            $recipes[] = new LightRecipe('streaks', $side, $soft, 'none', $hard);
        }
        $book = $this->kit->book();
        if ($book !== null) {
            $recipes[] = new LightRecipe('book-light', $side, [$book], 'black', $edge);
        }
        if ($hard !== null) {
            $recipes[] = new LightRecipe('hard', $side, [$hard], 'board', null);
        }

        return $schools->has(School::OneLamp)
            ? array_map(
                static fn (LightRecipe $r): LightRecipe => new LightRecipe(
                    $r->name,
                    $r->side,
                    $r->keys,
                    $r->fill === 'lamp' ? 'board' : $r->fill,
                    $r->keys === [] ? $r->edge : null,
                ),
                $recipes,
            )
            : $recipes;
    }

    /** @param  list<string>  $broken */
    private function best(LightRecipe $recipe, Body $body, FaceReading $dark, int $cameraSide, array $broken): ?Proposal
    {
        $trials = [];
        // Where the frames leave no place on its side, the other is better than none.
        $keys = $this->places->keys($recipe, $body, $dark, $cameraSide)
            ?: $this->places->keys($recipe->turned(), $body, $dark, $cameraSide);
        // With more lamps about it, where the key stands matters less.
        $tried = array_slice($keys, 0, $recipe->edge === null ? count($keys) : self::FEW_KEYS);
        foreach ($recipe->keys === [] ? [null] : $tried as $key) {
            $trial = $this->read($recipe, $body, $dark, $key, $key->sign ?? -$cameraSide);
            if ($trial !== null) {
                $trials[] = $trial;
            }
        }
        usort($trials, static fn (LightTrial $a, LightTrial $b): int => $b->score <=> $a->score);
        foreach ($trials as $trial) {
            $proposal = $this->judged($recipe, $body, $this->together($recipe, $body, $trial), $broken);
            if ($proposal !== null) {
                return $proposal;
            }
        }

        return null;
    }

    /** The recipe as it would stand, read. */
    private function read(LightRecipe $recipe, Body $body, FaceReading $dark, ?LampSpot $key, int $sign): ?LightTrial
    {
        $setup = $this->situation->setup;
        $lamps = $key === null ? [] : [$key->lamp];
        $fill = $recipe->fill === 'lamp' ? $this->places->fill($body, -$sign) : null;
        if ($fill !== null) {
            $lamps[] = $fill;
        }
        $edge = $recipe->edge === null ? null : $this->places->edge($recipe->edge, $body, -$sign);
        if ($edge !== null) {
            $lamps[] = $edge;
        }
        $wall = $this->wall($body);
        $behind = $recipe->behind === null || $wall === null ? null : $this->places->behind($recipe->behind, $body, $wall);
        if ($behind !== null) {
            $lamps[] = $behind;
        }
        // Without what makes it another way of lighting, it is only the one with one lamp again.
        if (
            ($lamps === [] && $recipe->fill === 'none')
            || ($key !== null && $recipe->edge !== null && $edge === null)
            || ($recipe->fill === 'lamp' && $fill === null)
            || ($recipe->behind !== null && $behind === null)
        ) {
            return null;
        }
        $used = array_keys($this->bare->things());
        [$lights, $own] = [$this->kept, []];
        foreach ($lamps as $lamp) {
            $used[] = $own[] = $id = in_array($lamp->placement->id, $used, true)
                ? FreeId::of($lamp->placement->id, $used)
                : $lamp->placement->id;
            $dimmer = $lamp === $behind
                ? $this->dimOnto($lamp, $wall)
                : $this->dim($lamp, $key?->lamp, $fill, $edge, $body, $dark);
            $lights[] = ['id' => $id, 'dimmer' => $dimmer] + $lamp->placement->write();
        }
        $values = ["/setups/{$setup->setup->id}/lights" => $lights];
        $board = in_array($recipe->fill, ['board', 'black'], true)
            ? $this->boards->beside($body, -$sign, $recipe->fill === 'board', $used)
            : null;
        if ($board === null && $recipe->name === 'soft-and-board') {
            return null;
        }
        if ($board !== null) {
            $values["/setups/{$setup->setup->id}/furniture/-"] = $board;
            $own[] = $board['id'];
        }
        $after = $this->with($values);
        if ($after === null) {
            return null;
        }
        [$values, $after] = $recipe->name === 'one-lamp' ? [$values, $after] : $this->others($recipe, $body, $values, $after, $own);

        return new LightTrial($values, $after, $own, $this->scored($recipe, $body, $values, $after, 0)->score);
    }

    /** The lamps of a trial set together, for stop and ratio, and for the background where it has one of its own; edges stay. */
    private function together(LightRecipe $recipe, Body $body, LightTrial $trial): LightTrial
    {
        $setup = $this->situation->setup->setup;
        $at = "/setups/$setup->id/lights";
        $edges = array_filter($trial->own, static fn (string $id): bool => str_starts_with($id, 'edge'));
        $still = [...array_column($this->kept, 'id'), ...$edges];
        $lights = array_values((array) ($trial->values[$at] ?? []));
        if (count($lights) - count($still) < 2) {
            return $trial;
        }
        $under = $recipe->behind === null ? null : self::UNDER_FACE;
        $ids = array_values(array_filter($still, is_string(...)));
        $plan = DimmerPlan::for($trial->after, $body->person->id, $setup->metering->tStop, $this->score->ratio(), $under, $ids);
        foreach ($lights as $i => $light) {
            $light = (array) $light;
            $id = is_string($light['id'] ?? null) ? $light['id'] : '';
            $lights[$i] = isset($plan->dimmers[$id]) ? ['dimmer' => $plan->dimmers[$id]] + $light : $light;
        }
        $values = [$at => $lights] + $trial->values;
        $after = $this->with($values);

        return $after === null
            ? $trial
            : new LightTrial($values, $after, $trial->own, $this->scored($recipe, $body, $values, $after, 0)->score);
    }

    /** @param  array<string, mixed>  $values */
    private function scored(LightRecipe $recipe, Body $body, array $values, Situation $after, int $watched): Proposal
    {
        return $this->score->of(
            $recipe,
            $after,
            $watched,
            $body,
            new Edit($values),
            count($after->setup->setup->lights) - count($this->kept),
        );
    }

    /**
     * @param  list<string>  $broken  what breaks already
     * @return Proposal|null null where something new breaks, or a face stays in the dark
     */
    private function judged(LightRecipe $recipe, Body $body, LightTrial $trial, array $broken): ?Proposal
    {
        $verdicts = $this->judge->judge($trial->after);
        $lit = array_map(
            static fn (Person $p): string => $p->id,
            $recipe->name === 'one-lamp' ? [$body->person] : $trial->after->setup->subjects(),
        );
        $new = array_filter(
            $verdicts->findings,
            static fn (Finding $f): bool => $f->severity === Severity::Breaks && ! in_array($f->key(), $broken, true) && (
                $f->stage === Stage::Light
                || array_intersect($f->about, $trial->own) !== []
            ),
        );
        $still = array_filter(
            $lit,
            static fn (string $id): bool => abs(
                $trial->after->face($id)->light->stopsOver(),
            ) > $trial->after->limits->get('key_break_stops'),
        );

        $watched = count(
            array_filter(
                $verdicts->findings,
                static fn (Finding $f): bool => $f->stage === Stage::Light && $f->severity === Severity::Watch,
            ),
        );

        return $new !== [] || $still !== [] ? null : $this->scored($recipe, $body, $trial->values, $trial->after, $watched);
    }

    /** @param  array<string, mixed>  $values */
    private function with(array $values): ?Situation
    {
        try {
            return $this->situation->after(new Edit($values));
        } catch (InvalidDocument) {
            return null;
        }
    }

    /**
     * Whoever is left in the dark gets a lamp from the same side of the lens, clear of those that stand; then each face's own is
     * set to what the others leave to be done.
     *
     * @param  array<string, mixed>  $values
     * @param  list<string>  $own  ids of what the proposal places; grows
     * @return array{array<string, mixed>, Situation}
     */
    private function others(LightRecipe $recipe, Body $first, array $values, Situation $after, array &$own): array
    {
        $at = "/setups/{$this->situation->setup->setup->id}/lights";
        $alone = count($own);
        foreach ($this->situation->setup->subjects() as $person) {
            $face = $after->face($person->id);
            if ($person->id === $first->person->id || $face->light->stopsOver() > self::UNDER) {
                continue;
            }
            $body = $after->setup->bodies[$person->id];
            $left = array_filter($recipe->keys, static fn (array $key): bool => ($after->setup->left($key[0]) ?? 1) > 0);
            $keys = array_values($left) ?: (new LampKit($after->setup))->soft() ?: $this->kit->soft();
            $more = new LightRecipe($recipe->name, $recipe->side, $keys, 'none', null);
            foreach ($this->places->keys($more, $body, $face, $this->cameraSide($body)) as $spot) {
                $id = FreeId::of('key', array_keys($after->setup->things()));
                $lamp = [
                    'id' => $id,
                    'name' => "Key for $person->name",
                    'dimmer' => $this->dim($spot->lamp, $spot->lamp, null, null, $body, $face),
                ] + $spot->lamp->placement->write();
                $lights = array_values((array) $values[$at]);
                $tried = $this->with([...$values, $at => [...$lights, $lamp]]);
                if ($tried !== null && $this->stands($tried, $id)) {
                    [$values[$at], $after, $own[]] = [[...$lights, $lamp], $tried, $id];
                    break;
                }
            }
        }

        return count($own) > $alone ? $this->evened($values, $after) : [$values, $after];
    }

    /** Whether a lamp's stand keeps clear of all that stands, and its box of the room. */
    private function stands(Situation $tried, string $id): bool
    {
        foreach ([new StandFitsItsPlace, new SoftBoxFitsTheRoom] as $check) {
            foreach ($check->run($tried) as $finding) {
                if ($finding->severity === Severity::Breaks && in_array($id, $finding->about, true)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * Two lamps reach over to each other's faces: each is set again to what is missing without it.
     *
     * @param  array<string, mixed>  $values
     * @return array{array<string, mixed>, Situation}
     */
    private function evened(array $values, Situation $after): array
    {
        $at = "/setups/{$this->situation->setup->setup->id}/lights";
        for ($round = 0; $round < self::EVENED; $round++) {
            $lights = [];
            foreach (array_values((array) $values[$at]) as $light) {
                $light = (array) $light;
                $id = is_string($light['id'] ?? null) ? $light['id'] : '';
                $lamp = $after->scene->lamps[$id];
                $face = $after->face($lamp->placement->subject);
                $gives = $face->byLamp[$id] ?? 0.0;
                // Only what a face is mainly lit by: edges and fills stay.
                if ($face->key() === $id && $gives > 0.3 * $face->light->totalLux()) {
                    $light['dimmer'] = round(
                        max(
                            $lamp->fixture->lowestDim,
                            min(
                                1.0,
                                $lamp->placement->dimmer * max(
                                    0.02 * $this->wanted,
                                    $this->wanted - $face->light->totalLux() + $gives,
                                ) / $gives,
                            ),
                        ),
                        3,
                    );
                }
                $lights[] = $light;
            }
            $values[$at] = $lights;
            $after = $this->with($values) ?? $after;
        }

        return [$values, $after];
    }

    /** On which side of the nose A stands: 1 clockwise, −1 counter-clockwise. */
    private function cameraSide(Body $body): int
    {
        $camera = $this->situation->setup->camera(0);

        return $camera === null
            || Turn::wrapped($camera->placement->place->minus($body->person->place)->bearing() - $body->headBearingRad) >= 0
            ? 1
            : -1;
    }

    /** What is behind them in the first frame that they are in; null where nobody films them. */
    private function wall(Body $body): ?Vec3
    {
        foreach ($this->situation->framings() as [$camera, $framed]) {
            if ($framed->person->id === $body->person->id) {
                return $this->situation->backdrop($camera, $framed)->place();
            }
        }

        return null;
    }

    /** So bright that a wall comes to lie under the face. */
    private function dimOnto(SoftBox $lamp, Vec3 $wall): float
    {
        $full = $lamp->luxAt($wall, $lamp->centre()->minus($wall)->unit());

        return round(max($lamp->fixture->lowestDim, min(1.0, self::BEHIND * $this->wanted / max(1e-6, $full))), 3);
    }

    /** Key to the wanted stop, fill to a third of it, edge to as much as the key gives. */
    private function dim(SoftBox $lamp, ?SoftBox $key, ?SoftBox $fill, ?SoftBox $edge, Body $body, FaceReading $dark): float
    {
        $there = $dark->light->totalLux();
        $missing = max(0.02 * $this->wanted, $this->wanted - $there);
        [$aim, $full] = match ($lamp) {
            $key => [
                $missing * ($fill === null ? 1.0 : 0.72),
                FaceLight::from($lamp, $body->eyes, $body->face()->at(0.0)) * (1 + self::ROOM),
            ],
            $fill => [
                $missing * ($key === null ? 1.0 : 0.24),
                FaceLight::from($lamp, $body->eyes, $body->face()->at(0.0)) * (1 + self::ROOM),
            ],
            default => [0.8 * $this->wanted, $lamp->luxAt($body->eyes, FaceReading::hairNormal($body))],
        };

        return round(max($lamp->fixture->lowestDim, min(1.0, $aim / max(1e-6, $full))), 3);
    }
}
