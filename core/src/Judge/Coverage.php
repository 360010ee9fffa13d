<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Camera\Camera;
use FineFrame\Document\Record;
use FineFrame\Scene\Intrusions;
use FineFrame\Scene\LensView;
use FineFrame\Scene\Sightline;
use FineFrame\Scene\Sweep;

/** Who is on whom: what each camera is there for, and what of each performer it sees. */
final class Coverage
{
    /** A face turned farther than this from the lens is a back of a head. */
    public const FACE_RAD = 100 * M_PI / 180;

    /** Less of a head than this is no picture of anybody. */
    public const ENOUGH = 0.6;

    /** @var array<string, array<string, Sightline>>|null */
    private ?array $lines = null;

    /** @var list<array{section: string, seen: array<string, list<string>>}>|null */
    private ?array $sections = null;

    public function __construct(private readonly Situation $situation)
    {
    }

    /** @return array<string, array<string, Sightline>> by camera, by performer; a moving camera where it stands now */
    public function lines(): array
    {
        return $this->lines ??= array_map($this->from(...), $this->situation->scene->views);
    }

    /** @return array<string, Sightline> by performer */
    public function from(LensView $view): array
    {
        $lines = [];
        $survey = ($this->situation->scene->views[$view->camera->placement->id] ?? null) === $view
            ? $this->situation->survey($view)
            : new Intrusions($this->situation->scene, $view);
        foreach ($this->situation->setup->subjects() as $subject) {
            $lines[$subject->id] = Sightline::of($survey, $this->situation->scene, $view, $this->situation->setup->bodies[$subject->id]);
        }

        return $lines;
    }

    /** Whether a camera is meant to be on a performer. */
    public static function isOn(Camera $camera, string $subject): bool
    {
        return $camera->placement->aim->subject === $subject || in_array($subject, $camera->placement->covers, true);
    }

    public static function isSeen(Sightline $line): bool
    {
        return $line->inFrame * $line->clear >= self::ENOUGH && $line->turnedRad <= self::FACE_RAD;
    }

    /** @return list<string> ids of cameras that see a performer's face, moving ones at some mark or other */
    public function seenBy(string $subject): array
    {
        $seen = [];
        foreach ($this->lines() as $id => $lines) {
            if (self::isSeen($lines[$subject])) {
                $seen[] = $id;
            }
        }
        foreach ($this->situation->sweeps() as $sweep) {
            $camera = $sweep->path->camera;
            foreach (in_array($camera->placement->id, $seen, true) || ! self::isOn($camera, $subject) ? [] : $sweep->path->marks as $mark) {
                $view = $sweep->path->mark($mark);
                if (self::isSeen(
                    Sightline::of(
                        new Intrusions($this->situation->scene, $view),
                        $this->situation->scene,
                        $view,
                        $this->situation->setup->bodies[$subject],
                    ),
                )) {
                    $seen[] = $camera->placement->id;
                    break;
                }
            }
        }

        return $seen;
    }

    /**
     * @return list<array{section: string, seen: array<string, list<string>>}> for each section, whose faces each camera has at its middle
     */
    public function sections(): array
    {
        return $this->sections ??= array_map(
            fn (Record $section): array => ['section' => $section->text('name'), 'seen' => $this->at($section)],
            $this->situation->setup->setup->list('sections'),
        );
    }

    /** @return array<string, list<string>> */
    private function at(Record $section): array
    {
        $middle = (($section->number('from_s') ?? 0.0) + ($section->number('to_s') ?? 0.0)) / 2;
        $moving = [];
        foreach ($this->situation->sweeps() as $sweep) {
            $moving[$sweep->path->camera->placement->id] = $this->from($sweep->path->at($middle));
        }
        $seen = [];
        foreach ($moving + $this->lines() as $id => $lines) {
            $seen[$id] = array_map(strval(...), array_keys(array_filter($lines, self::isSeen(...))));
        }

        return $seen;
    }

    /** @return Sweep|null the move of a camera */
    public function moveOf(string $camera): ?Sweep
    {
        return array_values(
            array_filter($this->situation->sweeps(), static fn (Sweep $s): bool => $s->path->camera->placement->id === $camera),
        )[0] ?? null;
    }
}
