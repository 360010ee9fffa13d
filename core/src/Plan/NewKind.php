<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** What can be added to a setup. */
enum NewKind: string
{
    case Subject = 'subject';
    case Interviewer = 'interviewer';
    case Furniture = 'furniture';
    case Camera = 'camera';
    case Light = 'light';
    case Boom = 'boom';

    public function list(): string
    {
        return match ($this) {
            self::Subject, self::Interviewer => 'subjects',
            self::Furniture => 'furniture',
            self::Camera => 'cameras',
            self::Light => 'lights',
            self::Boom => 'microphones',
        };
    }
}
