<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Light;

use FineFrame\Judge\LampMoves;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;

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
        $a = $situation->setup->camera(0);
        $body = $a === null ? null : $situation->setup->bodyFor($a);
        if ($a === null || $body === null || ! in_array($school, [School::ShadowToLens, School::OpenFace], true)) {
            return;
        }
        $face = $situation->face($body->person->id);
        $key = $face->main()[0] ?? null;
        $short = $face->isShort();
        if ($key === null || $short === null) {
            return;
        }
        $holds = $short === ($school === School::ShadowToLens);
        yield $this->finding(
            $holds ? Severity::Holds : Severity::Watch,
            [
                'key' => $key === 'sun' ? 'The sun' : $situation->name($key),
                'subject' => $body->person->name,
                'camera' => $a->placement->label,
            ],
            array_values(array_filter([$key === 'sun' ? '' : $key, $body->person->id])),
            new Working(
                'the sides of the nose on which key and lens lie',
                ['shadow toward the lens' => $short ? 'yes' : 'no'],
                "school: {$school->word()}",
            ),
            isset($situation->scene->lamps[$key]) ? [LampMoves::mirrored($situation, $key, $face->body->eyes, $face->body->face())] : [],
            match (true) {
                $holds => $short ? 'holds' : 'open',
                default => $short ? 'short' : null,
            },
        );
    }
}
