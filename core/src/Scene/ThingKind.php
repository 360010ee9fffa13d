<?php

declare(strict_types=1);

namespace FineFrame\Scene;

enum ThingKind: string
{
    case Room = 'room';
    case Built = 'built';
    case Furniture = 'furniture';
    case Subject = 'subject';
    case Interviewer = 'interviewer';
    case Camera = 'camera';
    case Light = 'light';
    case Boom = 'boom';
    /** A microphone on a stand or a table of its own. */
    case Microphone = 'microphone';
    /** What a slider's carriage runs on. */
    case Rail = 'rail';
    /** Cases, ladders and the like, which came with the shoot. */
    case Kit = 'kit';

    /** Things of the shoot that nobody wants to see. */
    public function intrudes(): bool
    {
        return match ($this) {
            self::Interviewer, self::Camera, self::Light, self::Boom, self::Microphone, self::Rail, self::Kit => true,
            self::Room, self::Built, self::Furniture, self::Subject => false,
        };
    }
}
