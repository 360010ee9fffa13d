<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Prompter;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Staging\Body;

/** The letters on a prompter are large enough for where the reader sits, and what it shows is looked into, not past. */
final class PrompterCanBeRead extends Rule
{
    public function id(): string
    {
        return 'prompter-can-be-read';
    }

    public function stage(): Stage
    {
        return Stage::Cameras;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->framings() as $id => [$camera, $body]) {
            if ($camera->prompter === null) {
                continue;
            }
            $distance = $camera->pupil()->distanceTo($body->eyes) - $camera->prompter->depthM / 2;
            $most = $camera->prompter->readFromM();
            $looks = $body->person->looksAt === $id;
            $case = match (true) {
                $distance > $most => null,
                ! $looks => 'unlooked',
                default => 'holds',
            };
            yield $this->finding(
                $case === 'holds' ? Severity::Holds : Severity::Watch,
                [
                    'camera' => $camera->placement->label,
                    'subject' => $body->person->name,
                    'distance' => Quantity::metres($distance),
                    'most' => Quantity::metres($most),
                    'letter' => Quantity::of($camera->prompter->letterMm * $distance / $most, Unit::Millimetre),
                ],
                [$id, $body->person->id],
                new Working(
                    'read from letter / 20 minutes of arc',
                    [
                        'letters' => Quantity::of($camera->prompter->letterMm, Unit::Millimetre),
                        'eyes to glass' => Quantity::metres($distance),
                        'read from up to' => Quantity::metres($most),
                    ],
                    'ISO 9241-303: 20 to 22 minutes of arc for capitals',
                ),
                fn (): array => $this->ideas($situation, $camera, $body, $distance - $most),
                $case,
            );
        }
    }

    /**
     * Looked into; else another with larger letters, or the camera nearer.
     *
     * @return list<Mend>
     */
    private function ideas(Situation $situation, Camera $camera, Body $body, float $short): array
    {
        $id = $camera->placement->id;
        if ($short <= 0.0) {
            return [
                new Mend(
                    'look-into',
                    ['subject' => $body->person->name, 'camera' => $camera->placement->label],
                    $situation->edit("subjects/{$body->person->id}", ['looks_at' => $id]),
                ),
            ];
        }
        $larger = array_filter(
            $situation->setup->plan->kit->prompters,
            static fn (Prompter $p): bool => $p->letterMm > ($camera->prompter->letterMm ?? 0.0),
        );
        $ideas = array_map(
            static fn (Prompter $p): Mend => new Mend(
                'prompter',
                ['thing' => $camera->placement->label, 'prompter' => lcfirst($p->name)],
                $situation->edit("cameras/$id", ['prompter' => $p->id]),
            ),
            array_values($larger),
        );
        $towards = $body->person->place->minus($camera->placement->place)->unit()->times($short + 0.03);

        return [
            ...$ideas,
            new Mend(
                'move-forward',
                ['thing' => $camera->placement->label, 'distance' => Quantity::metres($short + 0.03)],
                $situation->moved("cameras/$id", $camera->placement->place->plus($towards)),
            ),
        ];
    }
}
