<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** On what good people differ (D-01 to D-24). */
enum Question: string
{
    case Gaze = 'gaze';
    case Lens = 'lens';
    case SecondCamera = 'second-camera';
    case Cut = 'cut';
    case Contrast = 'contrast';
    case EdgeLight = 'edge-light';
    case FirstLight = 'first-light';
    case Lamps = 'lamps';
    case Support = 'support';
    case Kit = 'kit';
    case Microphone = 'microphone';
    case Levels = 'levels';
    case Recorder = 'recorder';
    case Tighter = 'tighter';
    case Hour = 'hour';
    case Roll = 'roll';
    case Haze = 'haze';
    case RoomLamps = 'room-lamps';
    case TopLight = 'top-light';
    case Repair = 'repair';
    case Coverage = 'coverage';
    case Asker = 'asker';
    case Preparation = 'preparation';
    case Settings = 'settings';

    /** @return non-empty-list<School> what may be answered, the first where nothing is said */
    public function schools(): array
    {
        /** @var array<string, non-empty-list<School>> $all */
        static $all = [];
        if ($all === []) {
            foreach (School::cases() as $school) {
                $all[$school->question()->value][] = $school;
            }
        }

        return $all[$this->value];
    }
}
