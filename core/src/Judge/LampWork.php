<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Light\LampPart;
use FineFrame\Light\LightSide;
use FineFrame\Light\SoftBox;
use FineFrame\Scene\FaceReading;
use FineFrame\Staging\Body;

/**
 * What each lamp does, read from its light: who has most of theirs from it, whose hair and far cheek it edges, which background it lights.
 * A name, or the order in the list, says nothing of it.
 */
final readonly class LampWork
{
    /** A share of the light there under this is nothing that anybody sees. */
    public const SEEN = 0.02;

    /** Of what is behind a head, so much makes it the background’s lamp. */
    private const BEHIND = 0.1;

    /** A weak lamp so near to the lens lights eyes, and little else. */
    private const BY_THE_LENS_RAD = 18 * M_PI / 180;

    private const WEAK = 0.12;

    /** @param  float  $share  of the light there that is its own */
    private function __construct(public string $lamp, public LampPart $part, public string $person, public float $share)
    {
    }

    /** @return array<string, non-empty-list<self>> by lamp, what it does most first; a practical is one whatever else it does */
    public static function allOf(Situation $situation): array
    {
        $all = [];
        foreach ($situation->scene->lamps as $id => $lamp) {
            if ($lamp->placement->practical) {
                $all[$id] = [new self($id, LampPart::Practical, '', 0.0)];

                continue;
            }
            $works = [];
            foreach ($lamp->placement->on ? $situation->setup->subjects() : [] as $subject) {
                $works[] = self::onFace($situation, $situation->face($subject->id), $lamp);
            }
            foreach ($lamp->placement->on ? $situation->framings() : [] as [$camera, $body]) {
                $behind = $situation->behind($camera, $body);
                $share = ($behind[$id] ?? 0.0) / max(1e-6, array_sum($behind));
                $works[] = self::whereSeen($id, LampPart::Background, $body->person->id, $share, self::BEHIND);
            }
            $works = array_values(array_filter($works));
            // What it does to a face is more than what it does behind one.
            usort($works, static fn (self $a, self $b): int => [$b->isOnFace(), $b->share] <=> [$a->isOnFace(), $a->share]);
            $all[$id] = $works ?: [new self($id, LampPart::Nothing, '', 0.0)];
        }

        return $all;
    }

    /** The largest share that a lamp has where it matters: of the light on a face, straight or by the walls, on hair, behind a head. */
    public static function largestShare(Situation $situation, string $id): float
    {
        $most = 0.0;
        foreach ($situation->setup->subjects() as $subject) {
            $face = $situation->face($subject->id);
            $bounced = $face->byRoom * ($situation->scene->room()->lampShares[$id] ?? 0.0);
            $most = max(
                $most,
                ($face->byLamp[$id] + $bounced) / max(1e-6, $face->light->totalLux()),
                $face->onHair($id) / max(1e-6, $face->cells['hair']),
            );
        }
        foreach ($situation->framings() as [$camera, $body]) {
            $lux = $situation->behind($camera, $body);
            $most = max($most, ($lux[$id] ?? 0.0) / max(1e-6, array_sum($lux)));
        }

        return $most;
    }

    private static function onFace(Situation $situation, FaceReading $face, SoftBox $lamp): ?self
    {
        [$id, $body] = [$lamp->placement->id, $face->body];
        $to = $lamp->centre()->minus($body->eyes);
        $side = $face->side($to);
        if ($side === LightSide::Edge || $side === LightSide::Behind) {
            $part = $side === LightSide::Edge ? LampPart::Kicker : LampPart::Back;

            return self::whereSeen($id, $part, $body->person->id, $face->onHair($id) / max(1e-6, $face->cells['hair']), self::SEEN);
        }
        $bounced = $face->byRoom * ($situation->scene->room()->lampShares[$id] ?? 0.0);
        $share = ($face->byLamp[$id] + $bounced) / max(1e-6, $face->light->totalLux());
        $part = match (true) {
            ($face->main()[0] ?? null) === $id => LampPart::Key,
            $share < self::WEAK && self::isByTheLens($situation, $body, $lamp) => LampPart::Eye,
            default => LampPart::Fill,
        };

        return self::whereSeen($id, $part, $body->person->id, $share, self::SEEN);
    }

    private static function isByTheLens(Situation $situation, Body $body, SoftBox $lamp): bool
    {
        foreach ($situation->framings() as [$camera, $framed]) {
            $toLens = $camera->pupil()->minus($body->eyes);
            if ($framed === $body && $toLens->angleTo($lamp->centre()->minus($body->eyes)) < self::BY_THE_LENS_RAD) {
                return true;
            }
        }

        return false;
    }

    private static function whereSeen(string $lamp, LampPart $part, string $person, float $share, float $least): ?self
    {
        return $share < $least ? null : new self($lamp, $part, $person, $share);
    }

    private function isOnFace(): bool
    {
        return $this->part !== LampPart::Background;
    }
}
