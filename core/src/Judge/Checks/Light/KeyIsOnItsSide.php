<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Camera\Camera;
use FineFrame\Judge\Finding;
use FineFrame\Judge\LampMoves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;
use FineFrame\Scene\FaceReading;

/** The key comes from the far side of the face for shape, or from the lens's side for openness, as the school of contrast has it. */
final class KeyIsOnItsSide extends Rule
{
    public function id(): string
    {
        return 'key-is-on-its-side';
    }

    public function stage(): Stage
    {
        return Stage::Light;
    }

    public function run(Situation $situation): iterable
    {
        $school = $situation->setup->plan->brief->schools->of(Question::Contrast);
        if (! in_array($school, [School::ShadowToLens, School::OpenFace], true)) {
            return;
        }
        $firsts = [];
        foreach ($situation->framings() as [$camera, $body]) {
            $face = $situation->face($body->person->id);
            $key = $face->main()[0] ?? null;
            $short = $face->isShort($camera);
            if ($key === null || $short === null) {
                continue;
            }
            $first = $firsts[$body->person->id] ??= [$camera, $short];
            yield $first[0] === $camera
                ? $this->judged($situation, $camera, $face, $key, $short)
                : $this->besides($situation, $camera, $face, $first, $short);
        }
    }

    /** The first camera on a face is who it is lit for. */
    private function judged(Situation $situation, Camera $camera, FaceReading $face, string $key, bool $short): Finding
    {
        $school = $situation->setup->plan->brief->schools->of(Question::Contrast);
        $person = $face->body->person;
        $holds = $short === ($school === School::ShadowToLens);

        return $this->finding(
            $holds ? Severity::Holds : Severity::Watch,
            [
                'key' => $key === 'sun' ? 'The sun' : $situation->name($key),
                'subject' => $person->name,
                'camera' => $camera->placement->label,
            ],
            array_values(array_diff([$key, $person->id], ['sun', FaceReading::THERE])),
            self::working($short, $school),
            isset($situation->scene->lamps[$key]) ? [LampMoves::mirrored($situation, $key, $face->body->eyes, $face->body->face())] : [],
            match (true) {
                $holds => $short ? 'holds' : 'open',
                default => $short ? 'short' : null,
            },
        );
    }

    /** @param  array{Camera, bool}  $first  the camera that the face is lit for, and whether shadow is toward it */
    private function besides(Situation $situation, Camera $camera, FaceReading $face, array $first, bool $short): Finding
    {
        $person = $face->body->person;

        return $this->finding(
            $short === $first[1] ? Severity::Holds : Severity::Watch,
            ['subject' => $person->name, 'camera' => $camera->placement->label, 'first' => $first[0]->placement->label],
            [$camera->placement->id, $person->id],
            self::working($short, $situation->setup->plan->brief->schools->of(Question::Contrast)),
            [],
            match (true) {
                $short === $first[1] => 'alike',
                $short => 'other-short',
                default => 'other-open',
            },
        );
    }

    private static function working(bool $short, School $school): Working
    {
        return new Working(
            'the sides of the nose on which key and lens lie',
            ['shadow toward the lens' => $short ? 'yes' : 'no'],
            "school: {$school->word()}",
        );
    }
}
