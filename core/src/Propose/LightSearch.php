<?php

declare(strict_types=1);

namespace FineFrame\Propose;

use FineFrame\Camera\Camera;
use FineFrame\Document\InvalidDocument;
use FineFrame\Geometry\Turn;
use FineFrame\Geometry\Vec2;
use FineFrame\Geometry\Vec3;
use FineFrame\Judge\Finding;
use FineFrame\Judge\Judge;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Verdicts;
use FineFrame\Light\FaceLight;
use FineFrame\Light\Fixture;
use FineFrame\Light\LightPlacement;
use FineFrame\Light\ModifierKind;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Edit;
use FineFrame\Plan\FreeId;
use FineFrame\Plan\SetupPlan;
use FineFrame\Scene\FaceReading;
use FineFrame\Scene\Scene;
use FineFrame\Staging\Body;

/**
 * Ways to light the first subject from what the kit has: led by daylight or built, from the far side or the near, soft or
 * hard, with few lamps or three. Each recipe's places are scored by quick sums; the best of each are put before the judge and
 * read as they would stand, and the three best of different recipes that break nothing are proposed.
 */
final class LightSearch
{
    private const WANTED = 3;

    /** Keys of each recipe that are read and judged. */
    private const TRIED = 4;

    /** Cheek to cheek that each school of contrast aims at. */
    private const RATIO = ['shadow-to-lens' => 3.0, 'open' => 2.0, 'even' => 1.3, 'balanced' => 1.8];

    /** About what a room adds to a lamp's own light on a face, for the quick sums alone. */
    private const ROOM = 0.12;

    private const BOARD_M = 1.2;

    private readonly SetupPlan $bare;

    private readonly Scene $dark;

    private readonly LampStand $stand;

    private readonly float $wanted;

    /** How many places were scored. */
    public int $considered = 0;

    public function __construct(private readonly Situation $situation, private readonly Judge $judge)
    {
        $setup = $situation->setup;
        $this->bare = (new Edit(["/setups/{$setup->setup->id}/lights" => []]))->applyTo($setup->plan)->again($setup);
        $this->dark = new Scene($this->bare);
        $this->stand = new LampStand($this->dark, $situation->limits->get('way_out_depth_m'));
        $this->wanted = $setup->setup->metering->wantedLux();
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
        $off = Turn::wrapped($camera->placement->place->minus($body->person->place)->bearing() - $body->headBearingRad);
        $broken = $this->judge->judge($this->situation)->broken();
        $best = [];
        foreach ($this->recipes($before) as $recipe) {
            $proposal = $this->best($recipe, $body, $before, $off >= 0 ? 1 : -1, $broken);
            $proposal === null ?: $best[] = $proposal;
        }
        usort($best, static fn (Proposal $a, Proposal $b): int => $b->score <=> $a->score);

        return array_slice($best, 0, self::WANTED);
    }

    /** @return list<LightRecipe> as the schools and the kit have it */
    private function recipes(FaceReading $dark): array
    {
        $schools = $this->situation->setup->plan->brief->schools;
        [$soft, $hard] = [$this->soft(), $this->hard()];
        $edge = $schools->of('edge-light') === 'window' ? null : ($schools->of('edge-light') === 'tubes' ? $this->tube() ?? $hard : $hard);
        $side = $schools->of('contrast') === 'open' ? -1 : 1;
        $stops = $dark->light->stopsOver();
        $recipes = [];
        if ($stops > -1.6 && $schools->of('first-light') !== 'cut-and-rebuild') {
            $recipes[] = new LightRecipe('daylight', 0, [], $dark->cheeks() < 1.6 ? 'black' : 'board', $stops > -0.8 ? $edge : null);
        }
        $recipes[] = new LightRecipe('one-lamp', $side, $soft, 'none', null);
        $recipes[] = new LightRecipe('soft-and-board', $side, $soft, 'board', null);
        $recipes[] = new LightRecipe('other-side', -$side, $soft, 'board', null);
        $recipes[] = new LightRecipe('soft-and-edge', $side, $soft, $schools->of('contrast') === 'shadow-to-lens' ? 'none' : 'board', $edge);
        if ($schools->of('lamps') !== 'one') {
            $recipes[] = new LightRecipe('classic', -$side, $soft, 'lamp', $edge);
        }
        $book = $this->book();
        $book === null ?: $recipes[] = new LightRecipe('book-light', $side, [$book], 'black', $edge);
        $hard === null ?: $recipes[] = new LightRecipe('hard', $side, [$hard], 'board', null);

        return $schools->of('lamps') === 'one' ? array_map(static fn (LightRecipe $r): LightRecipe => new LightRecipe($r->name, $r->side, $r->keys, $r->fill === 'lamp' ? 'board' : $r->fill, $r->keys === [] ? $r->edge : null), $recipes) : $recipes;
    }

    /** @param  list<string>  $broken */
    private function best(LightRecipe $recipe, Body $body, FaceReading $dark, int $cameraSide, array $broken): ?Proposal
    {
        $best = null;
        foreach ($recipe->keys === [] ? [null] : array_slice($this->keys($recipe, $body, $dark, $cameraSide), 0, self::TRIED) as $key) {
            $proposal = $this->read($recipe, $body, $dark, $key, $key->sign ?? -$cameraSide, $broken);
            $best = $proposal !== null && ($best === null || $proposal->score > $best->score) ? $proposal : $best;
        }

        return $best;
    }

    /** @return list<LampSpot> the best first, none close to a better one */
    private function keys(LightRecipe $recipe, Body $body, FaceReading $dark, int $cameraSide): array
    {
        $spots = [];
        foreach ($recipe->side === 0 ? [1, -1] : [-$recipe->side * $cameraSide] as $sign) {
            foreach ($recipe->keys as $what) {
                for ($deg = 20.0; $deg <= 75.0; $deg += 7.5) {
                    for ($distance = 0.9; $distance <= 2.9; $distance += 0.25) {
                        foreach ([15.0, 28.0, 40.0] as $over) {
                            $this->considered++;
                            $place = $body->person->place->plus(Vec2::towards($body->headBearingRad + $sign * deg2rad($deg))->times($distance));
                            $lamp = $this->stand->lamp('key', 'Key', $what, $place, $body->eyes->z + $distance * tan(deg2rad($over)), $body);
                            $lamp === null ?: $spots[] = new LampSpot($lamp, $sign, $this->quick($lamp, $body, $dark, $deg, $over));
                        }
                    }
                }
            }
        }
        usort($spots, static fn (LampSpot $a, LampSpot $b): int => $b->score <=> $a->score);
        $kept = [];
        foreach ($spots as $spot) {
            if (count($kept) < self::TRIED && array_filter($kept, static fn (LampSpot $k): bool => $k->lamp->centre()->distanceTo($spot->lamp->centre()) < 0.4) === []) {
                $kept[] = $spot;
            }
        }

        return $kept;
    }

    private function quick(SoftBox $lamp, Body $body, FaceReading $dark, float $deg, float $over): float
    {
        $full = FaceLight::from($lamp, $body->eyes, $body->face()->at(0.0));
        $dim = max($lamp->fixture->lowestDim, min(1.0, ($this->wanted - $dark->light->totalLux()) / max(1e-6, $full * (1 + self::ROOM))));
        $reached = log(max(1e-6, $dark->light->totalLux() + $dim * $full * (1 + self::ROOM)) / $this->wanted, 2);
        $cells = array_map(fn (float $sign, float $there): float => $there + $dim * ($lamp->luxAt($body->eyes, $body->face()->turnedClockwise($sign * M_PI / 3)->at(0.0)) + self::ROOM * $full), [-1.0, 1.0], [$dark->cells['left'], $dark->cells['right']]);
        $ratio = max($cells) / max(1e-6, min($cells));

        return 2.0 * max(0.0, 1 - abs($reached)) + 1.5 * max(0.0, 1 - abs(log($ratio / $this->ratio(), 2)) / 1.5) + max(0.0, 1 - abs($deg - 45) / 45) + 0.7 * max(0.0, 1 - abs($over - 28) / 28) + 0.8 * min(1.0, $this->angle($lamp, $body) / 0.6) + ($this->stand->shinesIntoALens($lamp) ? 0.0 : 1.0) + ($dim > 0.95 || $dim <= $lamp->fixture->lowestDim ? 0.0 : 0.3);
    }

    /**
     * The recipe as it would stand, read and judged.
     *
     * @param  list<string>  $broken  what breaks already
     */
    private function read(LightRecipe $recipe, Body $body, FaceReading $dark, ?LampSpot $key, int $sign, array $broken): ?Proposal
    {
        $setup = $this->situation->setup;
        $lamps = $key === null ? [] : [$key->lamp];
        $fill = $recipe->fill === 'lamp' ? $this->beside($body, -$sign) : null;
        $fill === null ?: $lamps[] = $fill;
        $edge = $recipe->edge === null ? null : $this->edge($recipe->edge, $body, -$sign);
        $edge === null ?: $lamps[] = $edge;
        // Without what makes it another way of lighting, it is only the one with one lamp again.
        if (($lamps === [] && $recipe->fill === 'none') || ($key !== null && $recipe->edge !== null && $edge === null) || ($recipe->fill === 'lamp' && $fill === null)) {
            return null;
        }
        $used = array_diff(array_keys($setup->things()), array_map(static fn (LightPlacement $l): string => $l->id, $setup->setup->lights));
        $lights = $own = [];
        foreach ($lamps as $lamp) {
            $used[] = $own[] = $id = in_array($lamp->placement->id, $used, true) ? FreeId::of($lamp->placement->id, $used) : $lamp->placement->id;
            $lights[] = ['id' => $id, 'dimmer' => $this->dim($lamp, $key?->lamp, $fill, $edge, $body, $dark)] + $lamp->placement->write();
        }
        $values = ["/setups/{$setup->setup->id}/lights" => $lights];
        $board = in_array($recipe->fill, ['board', 'black'], true) ? $this->board($body, -$sign, $recipe->fill === 'board', array_values($used)) : null;
        if ($board === null && $recipe->name === 'soft-and-board') {
            return null;
        }
        if ($board !== null) {
            $values["/setups/{$setup->setup->id}/furniture/-"] = $board;
            $own[] = $board['id'];
        }
        $edit = new Edit($values);
        try {
            $after = new Situation($edit->applyTo($setup->plan)->again($setup));
        } catch (InvalidDocument) {
            return null;
        }
        $verdicts = $this->judge->judge($after);
        $new = array_filter($verdicts->findings, static fn (Finding $f): bool => $f->severity === Severity::Breaks && ! in_array($f->key(), $broken, true) && ($f->stage === Stage::Light || array_intersect($f->about, $own) !== []));
        $still = array_filter($verdicts->findings, static fn (Finding $f): bool => $f->severity === Severity::Breaks && $f->check === 'key-gives-the-stop' && in_array($body->person->id, $f->about, true));

        return $new !== [] || $still !== [] ? null : $this->scored($recipe, $after, $verdicts, $body, $edit, count($lights));
    }

    /** Key to the wanted stop, fill to a third of it, edge to as much as the key gives. */
    private function dim(SoftBox $lamp, ?SoftBox $key, ?SoftBox $fill, ?SoftBox $edge, Body $body, FaceReading $dark): float
    {
        $there = $dark->light->totalLux();
        $missing = max(0.02 * $this->wanted, $this->wanted - $there);
        [$aim, $full] = match ($lamp) {
            $key => [$missing * ($fill === null ? 1.0 : 0.72), FaceLight::from($lamp, $body->eyes, $body->face()->at(0.0)) * (1 + self::ROOM)],
            $fill => [$missing * ($key === null ? 1.0 : 0.24), FaceLight::from($lamp, $body->eyes, $body->face()->at(0.0)) * (1 + self::ROOM)],
            default => [0.8 * $this->wanted, $lamp->luxAt($body->eyes, $body->face()->times(-0.6)->at(0.8))],
        };

        return round(max($lamp->fixture->lowestDim, min(1.0, $aim / max(1e-6, $full))), 3);
    }

    private function scored(LightRecipe $recipe, Situation $after, Verdicts $verdicts, Body $body, Edit $edit, int $lamps): Proposal
    {
        $face = $after->face($body->person->id);
        $key = $face->key();
        $soft = $key === null ? null : $this->angle($after->scene->lamps[$key], $body);
        $cameras = array_filter($after->setup->cameras, static fn (Camera $c): bool => ($after->setup->bodyFor($c)?->person->id ?? '') === $body->person->id);
        $behind = $cameras === [] ? -1.0 : max(array_map(static fn (Camera $c): float => $after->background($c, $body), $cameras));
        $apart = min([3.0, ...array_values(array_map(static fn (Camera $c): float => max(array_map(static fn (float $cell): float => abs(log(max(1e-6, $cell) / max(1e-6, $face->light->totalLux()), 2) - $after->background($c, $body)), $face->cells)), $cameras))]);
        $watched = count(array_filter($verdicts->findings, static fn (Finding $f): bool => $f->stage === Stage::Light && $f->severity === Severity::Watch));
        $over = $face->light->stopsOver();
        $reasons = [
            new Reason('exposure', max(0.0, 1 - abs($over)), Quantity::of($over, Unit::Stop), 2.0),
            new Reason('shape', max(0.0, 1 - abs(log($face->cheeks() / $this->ratio(), 2)) / 1.5), Quantity::ratio($face->cheeks()), 2.0),
            new Reason('side', $face->isShort() === null ? 0.6 : ($face->isShort() === ($this->situation->setup->plan->brief->schools->of('contrast') !== 'open') ? 1.0 : 0.3), $face->isShort() === null ? 'no lamp as key' : ($face->isShort() ? 'shadow toward A' : 'light toward A'), 2.0),
            new Reason('softness', $soft === null ? 0.7 : min(1.0, $soft / 0.6), $soft === null ? 'a window' : Quantity::degrees(rad2deg($soft)), 1.0),
            new Reason('background', $behind > 0.3 ? max(0.0, 1 - $behind / 2) : ($behind < -4 ? 0.4 : 1.0), Quantity::of($behind, Unit::Stop), 1.0),
            new Reason('parting', min(1.0, $apart / 1.2), Quantity::of($apart, Unit::Stop), 1.0),
            new Reason('watched', max(0.0, 1 - $watched / 5), Quantity::of($watched, Unit::Count), 1.5),
            new Reason('lamps', max(0.2, 1 - 0.25 * max(0, $lamps - 1)), Quantity::of($lamps, Unit::Count), 0.7),
        ];
        $weights = array_sum(array_map(static fn (Reason $r): float => $r->weight, $reasons));

        return new Proposal(array_sum(array_map(static fn (Reason $r): float => $r->score * $r->weight, $reasons)) / $weights, $reasons, [], $edit, $recipe->name);
    }

    private function ratio(): float
    {
        return self::RATIO[$this->situation->setup->plan->brief->schools->of('contrast')] ?? 2.5;
    }

    /** How wide a lamp looks from a face, radians. */
    private function angle(SoftBox $lamp, Body $body): float
    {
        return 2 * atan(sqrt($lamp->emitter->widthM * $lamp->emitter->heightM) / 2 / max(0.1, $lamp->centre()->distanceTo($body->eyes)));
    }

    /**
     * A lamp behind, on the other side than the key, high and in no frame or lens.
     *
     * @param  array{string, list<string>}  $what
     */
    private function edge(array $what, Body $body, int $sign): ?SoftBox
    {
        [$best, $lamp] = [-INF, null];
        foreach ([$sign, -$sign] as $side) {
            for ($deg = 125.0; $deg <= 165.0; $deg += 10) {
                for ($distance = 1.2; $distance <= 2.8; $distance += 0.4) {
                    foreach ([1.9, 2.2, 2.5, 2.8] as $height) {
                        $this->considered++;
                        $one = $this->stand->lamp('edge', 'Edge', $what, $body->person->place->plus(Vec2::towards($body->headBearingRad + $side * deg2rad($deg))->times($distance)), $height, $body);
                        $score = $one === null || $this->stand->shinesIntoALens($one) ? -INF : ($side === $sign ? 1.0 : 0.0) - abs($deg - 145) / 60 - abs($distance - 1.8) / 3 - abs($height - 2.3) / 3;
                        $score <= $best ?: [$best, $lamp] = [$score, $one];
                    }
                }
            }
        }

        return $lamp;
    }

    /** A fill on the other side of the nose, near A's lens. */
    private function beside(Body $body, int $sign): ?SoftBox
    {
        foreach ([15.0, 25.0, 35.0, 50.0] as $deg) {
            foreach ([1.8, 2.2, 1.4, 2.6] as $distance) {
                foreach ($this->soft(smallestFirst: true) as $what) {
                    $this->considered++;
                    $one = $this->stand->lamp('fill', 'Fill', $what, $body->person->place->plus(Vec2::towards($body->headBearingRad + $sign * deg2rad($deg))->times($distance)), $body->eyes->z + 0.3, $body);
                    if ($one !== null) {
                        return $one;
                    }
                }
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $used
     * @return array{id: string, ...}|null a board or a black cloth beside the cheek away from the key, in no frame
     */
    private function board(Body $body, int $sign, bool $isWhite, array $used): ?array
    {
        foreach ([75.0, 60.0, 90.0] as $deg) {
            foreach ([0.7, 0.9, 1.1, 1.4] as $distance) {
                $this->considered++;
                $out = Vec2::towards($body->headBearingRad + $sign * deg2rad($deg));
                $place = $body->person->place->plus($out->times($distance));
                $half = $out->left()->times(self::BOARD_M / 2);
                $base = max(0.2, $body->eyes->z - self::BOARD_M / 2);
                $corners = [$place->plus($half), $place->minus($half)];
                if (array_filter($corners, fn (Vec2 $c): bool => ! $this->bare->room->contains($c)) === [] && ! $this->stand->shows(self::grid($corners, $base))) {
                    return ['id' => FreeId::of($isWhite ? 'board' : 'black', $used), 'name' => $isWhite ? 'white board' : 'black cloth', 'width_m' => self::BOARD_M, 'depth_m' => 0.02, 'height_m' => self::BOARD_M, 'base_m' => round($base, 2), 'x_m' => round($place->x, 3), 'y_m' => round($place->y, 3), 'turn_deg' => round(rad2deg($out->times(-1.0)->bearing()), 1), 'reflects' => $isWhite ? 0.8 : 0.03, 'keep_out' => true];
                }
            }
        }

        return null;
    }

    /**
     * @param  array{Vec2, Vec2}  $ends
     * @return list<Vec3> places all over a board
     */
    private static function grid(array $ends, float $base): array
    {
        $all = [];
        foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $across) {
            foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $up) {
                $all[] = $ends[0]->plus($ends[1]->minus($ends[0])->times($across))->at($base + $up * self::BOARD_M);
            }
        }

        return $all;
    }

    /** @return list<array{string, list<string>}> the two largest even faces of the kit */
    private function soft(bool $smallestFirst = false): array
    {
        $soft = array_filter($this->bare->plan->kit->fixtures, static fn (Fixture $f): bool => $f->web === null && ! $f->hot && $f->widthM * $f->heightM > 0.1 && min($f->widthM, $f->heightM) > 0.2);
        uasort($soft, static fn (Fixture $a, Fixture $b): int => $b->widthM * $b->heightM <=> $a->widthM * $a->heightM);
        $ids = array_map(strval(...), array_keys($soft));

        return array_map(static fn (string $id): array => [$id, []], $smallestFirst ? array_reverse($ids) : array_slice($ids, 0, 2));
    }

    /** @return array{string, list<string>}|null a small strong lamp, behind a grid where there is one */
    private function hard(): ?array
    {
        $small = array_filter($this->bare->plan->kit->fixtures, static fn (Fixture $f): bool => ! $f->hot && $f->widthM * $f->heightM < 0.25 && $f->luxAt1m >= 800);
        uasort($small, static fn (Fixture $a, Fixture $b): int => $a->luxAt1m <=> $b->luxAt1m);
        $id = array_key_first($small);

        return $id === null ? null : [(string) $id, $this->modifier(ModifierKind::Grid)];
    }

    /** @return array{string, list<string>}|null */
    private function tube(): ?array
    {
        foreach ($this->bare->plan->kit->fixtures as $fixture) {
            if (max($fixture->widthM, $fixture->heightM) > 8 * min($fixture->widthM, $fixture->heightM)) {
                return [$fixture->id, []];
            }
        }

        return null;
    }

    /** @return array{string, list<string>}|null the strongest lamp onto a board and through a cloth */
    private function book(): ?array
    {
        $strong = array_filter($this->bare->plan->kit->fixtures, static fn (Fixture $f): bool => ! $f->hot && $f->widthM * $f->heightM < 0.1);
        uasort($strong, static fn (Fixture $a, Fixture $b): int => $b->luxAt1m <=> $a->luxAt1m);
        $chain = [...$this->modifier(ModifierKind::Board), ...$this->modifier(ModifierKind::Frame)];

        return $strong === [] || count($chain) < 2 ? null : [(string) array_key_first($strong), $chain];
    }

    /** @return list<string> the first of a kind in the kit */
    private function modifier(ModifierKind $kind): array
    {
        foreach ($this->bare->plan->kit->modifiers as $modifier) {
            if ($modifier->kind === $kind) {
                return [$modifier->id];
            }
        }

        return [];
    }
}
