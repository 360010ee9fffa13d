<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Cameras;

use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;

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
                ['camera' => $camera->placement->label, 'subject' => $body->person->name, 'distance' => Quantity::metres($distance), 'most' => Quantity::metres($most), 'letter' => Quantity::of($camera->prompter->letterMm * $distance / $most, Unit::Millimetre)],
                [$id, $body->person->id],
                new Working('read from letter / 20 minutes of arc', ['letters' => Quantity::of($camera->prompter->letterMm, Unit::Millimetre), 'eyes to glass' => Quantity::metres($distance), 'read from up to' => Quantity::metres($most)], 'ISO 9241-303: 20 to 22 minutes of arc for capitals'),
                case: $case,
            );
        }
    }
}
