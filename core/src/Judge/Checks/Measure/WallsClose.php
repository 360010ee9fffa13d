<?php

declare(strict_types=1);

namespace FineFrame\Judge\Checks\Measure;

use FineFrame\Judge\Finding;
use FineFrame\Judge\Mend;
use FineFrame\Judge\Rule;
use FineFrame\Judge\Severity;
use FineFrame\Judge\Situation;
use FineFrame\Judge\Stage;
use FineFrame\Judge\Working;
use FineFrame\Measure\Quantity;
use FineFrame\Plan\Edit;
use FineFrame\Space\NextReading;
use FineFrame\Space\PlacedRoom;
use FineFrame\Space\Reading;
use FineFrame\Space\Slip;
use FineFrame\Space\Stretched;
use FineFrame\Space\Survey;
use FineFrame\Space\SurveyFit;

/** The tape readings agree, and there are enough of them; else the one to take again is named. */
final class WallsClose extends Rule
{
    public function id(): string
    {
        return 'walls-close';
    }

    public function stage(): Stage
    {
        return Stage::Measure;
    }

    public function run(Situation $situation): iterable
    {
        foreach ($situation->setup->room->all as $room) {
            $survey = $room->taped->survey;
            yield match (true) {
                ! $room->taped->book->isTaped() => $this->finding(
                    Severity::Watch,
                    ['room' => $room->name],
                    [$situation->setup->location->id],
                    new Working('a sketch: no reading yet', []),
                    case: 'sketched',
                ),
                $survey->stretched !== null => $this->stretched($situation, $room, $survey->stretched),
                $survey->setAside !== null => $this->contradicted($situation, $room, ...$survey->setAside),
                $survey->freedom > 0 && ! $survey->isChain => $this->open($situation, $room),
                default => $this->gap($situation, $room),
            };
        }
    }

    private function gap(Situation $situation, PlacedRoom $room): Finding
    {
        $survey = $room->taped->survey;
        $gap = Quantity::metres($survey->misclosureM);
        $limit = $situation->limits->get('closure_watch_m');
        [$severity, $case] = match (true) {
            $survey->suspects() !== [] => [Severity::Breaks, $survey->next() === [] ? 'torn-again' : 'torn'],
            ! $survey->holds() => [Severity::Breaks, 'apart'],
            ! $survey->isChecked() => [Severity::Holds, 'unchecked'],
            $survey->misclosureM > $limit => [Severity::Watch, 'fails'],
            $survey->unchecked() !== [] => [Severity::Holds, 'partly'],
            default => [Severity::Holds, $survey->isChain ? 'chain' : 'holds'],
        };

        return $this->finding($severity, [
            'room' => $room->name,
            'gap' => $gap,
            'limit' => Quantity::metres($case === 'apart' ? $survey->limitM() : $limit),
            'suspects' => implode(', ', $survey->suspects()),
            'unchecked' => implode(', ', $survey->unchecked()),
            'next' => self::pairs($survey),
        ], [$situation->setup->location->id], $this->working(
            $survey,
            ['gap' => $gap, 'around the walls' => Quantity::metres($survey->perimeterM)],
        ), case: $case);
    }

    private function stretched(Situation $situation, PlacedRoom $room, Stretched $stretched): Finding
    {
        $survey = $room->taped->survey;
        $written = Quantity::metres($survey->fit->readings[$stretched->reading]->value);

        return $this->finding(Severity::Breaks, [
            'room' => $room->name,
            'reading' => $survey->named($stretched->reading),
            'written' => $written,
            'most' => Quantity::metres($stretched->mostM),
            'way' => implode(' and ', array_map($survey->named(...), $stretched->way)),
        ], [$situation->setup->location->id], new Working(
            'a length ≤ the way round by other readings',
            ['written' => $written, 'the way round' => Quantity::metres($stretched->mostM)],
            'the triangle inequality',
        ), case: 'stretched');
    }

    private function contradicted(Situation $situation, PlacedRoom $room, int $index, float $expected): Finding
    {
        $survey = $room->taped->survey;
        $reading = $survey->fit->readings[$index];
        $print = static fn (float $v): Quantity => $reading->before === null ? Quantity::metres($v) : Quantity::degrees(rad2deg($v));
        $slip = $reading->before === null ? Slip::between($reading->value, $expected) : null;
        [$list, $id] = explode('/', $reading->id);
        $at = "/locations/{$situation->setup->location->id}/space{$room->pointer}/$list/$id";
        $leave = match ($list) {
            'walls' => ["$at/by" => 'sketch', "$at/length_m" => round($expected, 3)],
            'angles' => [$at => null],
            default => ["$at/left_out" => true],
        };

        return $this->finding(Severity::Breaks, [
            'room' => $room->name,
            'reading' => $survey->names[$index],
            'written' => $print($reading->value),
            'expected' => $print($expected),
            'others' => (string) (count($survey->fit->readings) - 1),
            'slip' => $slip === null ? '' : ': '.$slip->value,
        ], [$situation->setup->location->id], $this->working($survey, [
            'written' => $print($reading->value),
            'the others make it' => $print($expected),
            'limit of |w|' => number_format(SurveyFit::LIMIT, 2),
        ]), [new Mend('leave-out', ['reading' => $survey->names[$index]], new Edit($leave))], $slip === null ? 'contradicted' : 'slipped');
    }

    private function open(Situation $situation, PlacedRoom $room): Finding
    {
        $survey = $room->taped->survey;

        return $this->finding(Severity::Watch, [
            'room' => $room->name, 'missing' => (string) $survey->freedom, 'next' => self::pairs($survey),
        ], [$situation->setup->location->id], $this->working(
            $survey,
            [
                'readings' => (string) count(array_filter($survey->fit->readings, static fn (Reading $r): bool => $r->isTaped())),
                'still free' => (string) $survey->freedom,
            ],
        ), case: 'open');
    }

    private static function pairs(Survey $survey): string
    {
        return implode(', then ', array_map(static fn (NextReading $n): string => $survey->pair($n), array_slice($survey->next(), 0, 4)));
    }

    /** @param  array<string, Quantity|string>  $inputs */
    private function working(Survey $survey, array $inputs): Working
    {
        return $survey->isChain
            ? new Working('gap = |sum of the walls walked with their turns|', $inputs, 'Bowditch’s rule for a traverse')
            : new Working(
                'w = residual ÷ its standard uncertainty; suspect where |w| > 3.29',
                $inputs,
                'least squares of the tape book; Baarda 1968',
            );
    }
}
