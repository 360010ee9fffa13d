<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Reader;
use FineFrame\Camera\ShotSize;
use FineFrame\Geometry\Convex;
use FineFrame\Judge\Situation;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Scene\FramePicture;
use FineFrame\Scene\FramePolygon;
use FineFrame\Scene\Intrusion;
use FineFrame\Scene\Intrusions;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Material;
use FineFrame\Scene\Outline;
use FineFrame\Scene\Reflection;
use FineFrame\Scene\Target;
use FineFrame\Scene\ThingKind;

/** What one lens sees, as paths for the view, with the frame lines and marks over it. */
final readonly class FrameDrawing
{
    public const WIDTH = 480.0;

    /** Soft edges in drawing units, from none. */
    public const BLURS = [0.0, 0.5, 1.0, 2.0, 3.5, 6.0, 10.0];

    public string $id;

    public string $label;

    public float $height;

    /** @var list<Reflection> */
    private array $reflected;

    /** @var list<Intrusion> */
    private array $intruded;

    public function __construct(
        private Situation $situation,
        private LensView $view,
        private Reader $reader,
        private bool $isSharp = false,
        private bool $isLit = false,
        private bool $isFalse = false,
        bool $isClean = false,
    ) {
        $this->id = $view->camera->placement->id;
        $this->label = $view->camera->placement->label;
        $this->height = round(self::WIDTH * $view->tanY / $view->tanX, 1);
        $isPlaced = ($situation->scene->views[$this->id] ?? null) === $view;
        $survey = $isPlaced ? $situation->survey($view) : new Intrusions($situation->scene, $view);
        if ($isClean) {
            [$this->reflected, $this->intruded] = [[], []];

            return;
        }
        $this->reflected = $isPlaced ? $situation->reflections($view) : Reflection::in($situation->scene, $view, $survey->covers());
        $this->intruded = $isPlaced ? $situation->intrusions($view) : $survey->all();
    }

    /**
     * @param  bool  $isSharp  while something is dragged, without blur
     * @param  bool  $isLit  with shadows and pools of light
     * @param  bool  $isFalse  in false colour, by stops
     * @param  bool  $isClean  without a word on what should not be in it
     * @return list<self>
     */
    public static function all(
        Situation $situation,
        Reader $reader,
        bool $isSharp = false,
        bool $isLit = false,
        bool $isFalse = false,
        bool $isClean = false,
    ): array {
        return array_values(
            array_map(
                static fn (LensView $v): self => new self($situation, $v, $reader, $isSharp, $isLit, $isFalse, $isClean),
                $situation->scene->views,
            ),
        );
    }

    public function headline(): string
    {
        $body = $this->situation->setup->bodyFor($this->view->camera);
        $c = $this->view->camera;
        $size = $body === null
            ? $this->field()
            : ShotSize::of($c->delivered->heightAt($this->view->depth($body->eyes)), $body->person->statureM)->value;

        return Quantity::of($c->placement->focalMm, Unit::Millimetre)->print($this->reader->units).($size === '' ? '' : " · $size");
    }

    /** How much of a thing or a surface is in the frame of a camera that is on nobody. */
    private function field(): string
    {
        $target = Target::of($this->situation->scene, $this->view);
        $field = $this->view->camera->delivered;

        return $target === null ? '' : $this->reader->metres($field->widthAt($target->depthM)).' across';
    }

    public function stop(): string
    {
        return Quantity::of($this->view->camera->placement->tStop, Unit::TStop)->print($this->reader->units);
    }

    /**
     * From back to front; neighbours of one blur share a layer, of one colour a path.
     *
     * @return list<array{blur: int, opacity: float, paths: list<array{string, string}>}> the blur as a step of BLURS
     */
    public function layers(): array
    {
        $layers = $paths = [];
        [$blur, $opacity, $fill, $run] = [0, 1.0, '', ''];
        $sampled = array_column($this->situation->colours()->sampled(), 'hex', 'on');
        foreach (FramePicture::of($this->situation->scene, $this->view, $this->isLit)->polygons as $polygon) {
            $colour = $this->isFalse
                ? Scale::fill($polygon->stops)
                : Palette::fill($polygon->material, $polygon->stops, self::takesColour($polygon) ? $sampled[$polygon->owner] ?? '' : '');
            $step = $this->isSharp ? 0 : self::step($polygon->blur);
            $isNew = $step !== $blur || $polygon->opacity !== $opacity;
            if ($run !== '' && ($isNew || $colour !== $fill)) {
                $paths[] = [$fill, $run];
                $run = '';
            }
            if ($isNew && $paths !== []) {
                $layers[] = ['blur' => $blur, 'opacity' => $opacity, 'paths' => $paths];
                $paths = [];
            }
            // What reaches over the frame's edge is there for soft edges alone: paper cuts nothing off.
            $points = $step > 0 ? $polygon->points : Convex::clip($polygon->points, 1.0, 1.0);
            [$blur, $opacity, $fill, $run] = [$step, $polygon->opacity, $colour, $run.(count($points) > 2 ? $this->path($points) : '')];
        }
        if ($run !== '') {
            $layers[] = ['blur' => $blur, 'opacity' => $opacity, 'paths' => [...$paths, [$fill, $run]]];
        }

        return $layers;
    }

    /** Someone's clothes, not their skin; a wall, not its windows. */
    private static function takesColour(FramePolygon $polygon): bool
    {
        return in_array($polygon->material, [Material::Cloth, Material::Wall], true)
            || ($polygon->kind === ThingKind::Furniture && $polygon->material === Material::Wood);
    }

    /** A disc of blur as the step of a soft edge that is nearest: a third of the disc across. */
    private static function step(float $disc): int
    {
        $soft = $disc * self::WIDTH / 3;
        $best = 0;
        foreach (self::BLURS as $i => $blur) {
            $best = abs(log(max(0.2, $blur) / max(0.2, $soft))) < abs(log(max(0.2, self::BLURS[$best]) / max(0.2, $soft))) ? $i : $best;
        }

        return $best;
    }

    /** @return list<array{words: string, path: string, x: float, y: float}> what intrudes, outlined and named */
    public function intruders(): array
    {
        $all = [];
        foreach ($this->intruded as $intrusion) {
            [$path, $x, $y] = ['', 0.0, self::WIDTH];
            foreach ($this->situation->scene->solidsOf($intrusion->owner) as $solid) {
                $outline = Convex::clip(Outline::of($solid, $this->view), $this->view->cropX, $this->view->cropY);
                if (count($outline) > 2) {
                    $path .= $this->path($outline);
                    [$x, $y] = [
                        max($x, ...array_map(fn (array $p): float => $this->x($p[0]), $outline)),
                        min($y, ...array_map(fn (array $p): float => $this->y($p[1]), $outline)),
                    ];
                }
            }
            $words = $this->situation->name($intrusion->owner).' '.Quantity::share($intrusion->share)->print($this->reader->units);
            $all[] = ['words' => $words, 'path' => $path, 'x' => min($x + 6, self::WIDTH - 8 * mb_strlen($words)), 'y' => max(16, $y + 16)];
        }

        return $all;
    }

    /** @return list<array{words: string, path: string, x: float, y: float}> what shows in glass, outlined and named */
    public function reflections(): array
    {
        $all = [];
        foreach ($this->reflected as $reflection) {
            $points = array_merge([], ...$reflection->outlines);
            if ($points !== []) {
                $words = $this->situation->name($reflection->owner).' in the '.$reflection->pane->name;
                $all[] = [
                    'words' => $words, 'path' => implode('', array_map($this->path(...), $reflection->outlines)),
                    'x' => max(4.0, min(self::WIDTH - 7.5 * mb_strlen($words), $this->x(max(array_column($points, 0))) + 6)),
                    'y' => max(16.0, $this->y(max(array_column($points, 1))) + 12),
                ];
            }
        }

        return $all;
    }

    /** @return array{float, float, float, float} the delivered frame: x, y, width, height */
    public function delivered(): array
    {
        return [
            round($this->x(-$this->view->cropX), 1), round($this->y($this->view->cropY), 1),
            round(self::WIDTH * $this->view->cropX, 1), round($this->height * $this->view->cropY, 1),
        ];
    }

    public function isCropped(): bool
    {
        return $this->view->cropX < 0.999 || $this->view->cropY < 0.999;
    }

    /**
     * @return array{headroom: string, headWords: string, headAt: array{float, float}, looking: string, lookWords: string, lookAt: array{float, float}}|null
     */
    public function marks(): ?array
    {
        $body = $this->situation->setup->bodyFor($this->view->camera);
        $crown = $body === null ? null : $this->view->place($body->person->place->at($body->crownM));
        $eyes = $body === null ? null : $this->view->place($body->eyes);
        if ($body === null || $crown === null || $eyes === null || max(abs($eyes[0]), abs($eyes[1])) > 1) {
            return null;
        }
        [$left, $top, $width, $height] = $this->delivered();
        $right = LensView::gazeOff($this->view->camera, $body) > 0;
        [$cx, $cy, $ex, $ey] = [
            round($this->x($crown[0]), 1),
            round($this->y($crown[1]), 1),
            round($this->x($eyes[0]), 1),
            round($this->y($eyes[1]), 1),
        ];
        $edge = $right ? $left + $width : $left;
        $start = $ex + ($right ? 1 : -1) * 0.09 * $height;
        $share = static fn (float $part, float $of): Quantity => Quantity::share(max(0.0, $part / $of));

        return [
            'headroom' => 'M'.$cx.' '.$top.'V'.max($top, $cy),
            'headWords' => $share($cy - $top, $height)->print($this->reader->units),
            'headAt' => [$cx + 5, round($top + max(14, ($cy - $top) / 2 + 5), 1)],
            'looking' => 'M'.round($start, 1)." $ey"."H$edge",
            'lookWords' => $share(abs($edge - $ex), $width)->print($this->reader->units),
            'lookAt' => [round(($start + $edge) / 2 - 12, 1), $ey - 6],
        ];
    }

    private function x(float $x): float
    {
        return ($x + 1) / 2 * self::WIDTH;
    }

    private function y(float $y): float
    {
        return (1 - $y) / 2 * $this->height;
    }

    /** @param  list<array{float, float}>  $points */
    private function path(array $points): string
    {
        $path = '';
        foreach ($points as [$x, $y]) {
            $path .= ($path === '' ? 'M' : 'L').round(($x + 1) / 2 * self::WIDTH, 1).' '.round((1 - $y) / 2 * $this->height, 1);
        }

        return $path.'Z';
    }
}
