<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** In a word, how a film is to feel; each begins with some ways of working, all of which may be chosen otherwise. */
enum Mood: string
{
    case Open = 'nobody has said';
    case Calm = 'calm';
    case Intimate = 'intimate';
    case Tense = 'tense';
    case Bright = 'bright';
    case Grave = 'grave';
    case Lively = 'lively';

    /** @return list<School> what it begins with */
    public function schools(): array
    {
        return match ($this) {
            self::Open => [],
            self::Calm => [School::LongLens, School::OpenFace, School::OnTripods, School::AroundNoon],
            self::Intimate => [School::Fifty, School::ShadowToLens, School::WalkIn, School::WhatIsThere],
            self::Tense => [School::ThirtyFive, School::ShadowToLens, School::SmallAndHard, School::Handheld],
            self::Bright => [School::EvenFace, School::WhatIsThere, School::NoHaze, School::RoomLampsOff],
            self::Grave => [School::LongLens, School::ShadowToLens, School::OneLamp, School::LockedFrames],
            self::Lively => [School::ThirtyFive, School::OpenFace, School::Handheld, School::ByLuck],
        };
    }

    /** @return list<School> what was chosen against it: neither what it begins with, nor what a plan begins with anyway */
    public function against(Schools $chosen): array
    {
        $against = [];
        foreach ($this->schools() as $wanted) {
            $is = $chosen->of($wanted->question());
            if ($is !== $wanted && $is !== $wanted->question()->schools()[0]) {
                $against[] = $is;
            }
        }

        return $against;
    }

    /** @return list<School> what it begins with and nobody has chosen yet */
    public function open(Schools $chosen): array
    {
        return array_values(array_filter(
            $this->schools(),
            static function (School $wanted) use ($chosen): bool {
                $is = $chosen->of($wanted->question());

                return $is !== $wanted && $is === $wanted->question()->schools()[0];
            },
        ));
    }
}
