<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Camera\Camera;
use FineFrame\Camera\Equivalence;
use FineFrame\Light\LampPart;
use FineFrame\Light\LightSide;
use FineFrame\Light\SoftBox;
use FineFrame\Measure\Quantity;
use FineFrame\Measure\Unit;
use FineFrame\Plan\Question;
use FineFrame\Plan\School;
use FineFrame\Scene\LensView;
use FineFrame\Sound\Ear;
use FineFrame\Staging\Body;

/**
 * Which school a layout follows as it stands, whatever was chosen: read from where people, lenses, lamps and microphones are. What a
 * layout does not show (how long is rolled, who guards the levels) is left out.
 */
final readonly class Followed
{
    /** Off the lens a look is into it up to here, degrees. */
    private const INTO_LENS_DEG = 3.0;

    /** What counts as 35 and as 50 mm, and from where on as long, on a sensor 36 mm wide. */
    private const THIRTY_FIVE_MM = [28.0, 42.0];

    private const FIFTY_MM = [42.0, 62.0];

    private const LONG_MM = 70.0;

    /** Two lenses under this are on one axis; from the second on the other looks toward profile. */
    private const APART_DEG = [10.0, 30.0, 65.0];

    private const EVEN = 1.6;

    /** A camera that looks down so far is over the work. */
    private const DOWN_RAD = 40 * M_PI / 180;

    /** @param  array<string, Quantity|string>  $arguments */
    private function __construct(public School $school, public array $arguments)
    {
    }

    /** @return array<string, self> by question, where the layout answers it */
    public static function allOf(Situation $situation): array
    {
        $all = [
            ...self::ofFrames($situation), ...self::ofFace($situation), ...self::ofLamps($situation),
            self::support($situation), self::microphone($situation), self::settings($situation), self::hour($situation),
        ];
        $byQuestion = [];
        foreach (array_filter($all) as $one) {
            $byQuestion[$one->school->question()->value] = $one;
        }

        return $byQuestion;
    }

    public function question(): Question
    {
        return $this->school->question();
    }

    /** @return list<self|null> */
    private static function ofFrames(Situation $situation): array
    {
        $a = $situation->setup->camera(0);
        $body = $a === null ? null : $situation->setup->bodyFor($a);
        if ($a === null || $body === null) {
            return [];
        }
        $look = abs(rad2deg(LensView::gazeOff($a, $body)));
        $mm = $a->effectiveFocalMm() * (new Equivalence($a->recorded))->byWidth();
        $isIn = static fn (float $v, array $range): bool => $v >= $range[0] && $v < $range[1];

        return [
            ! $situation->setup->isTalk() ? null : new self(
                $look <= self::INTO_LENS_DEG ? School::IntoLens : School::BesideLens,
                ['subject' => $body->person->name, 'camera' => $a->placement->label, 'angle' => Quantity::degrees($look)],
            ),
            new self(
                match (true) {
                    $isIn($mm, self::THIRTY_FIVE_MM) => School::ThirtyFive,
                    $isIn($mm, self::FIFTY_MM) => School::Fifty,
                    $mm >= self::LONG_MM => School::LongLens,
                    default => School::AnyLens,
                },
                ['camera' => $a->placement->label, 'focal' => Quantity::of($mm, Unit::Millimetre)],
            ),
            ...self::ofPair($situation, $a, $body),
        ];
    }

    /** @return list<self|null> where a second camera goes, and what makes a cut */
    private static function ofPair(Situation $situation, Camera $a, Body $body): array
    {
        $others = array_filter(
            $situation->setup->cameras,
            static fn (Camera $c): bool => $c !== $a && $situation->setup->bodyFor($c) === $body,
        );
        $b = reset($others);
        if ($b === false) {
            return [];
        }
        $angle = rad2deg($a->pupil()->minus($body->eyes)->angleTo($b->pupil()->minus($body->eyes)));
        $sizes = array_map(static fn (Camera $c): float => $c->delivered->heightAt(LensView::depthOf($c, $body)), [$a, $b]);
        $ratio = max($sizes) / min($sizes);
        $isUnlike = $ratio >= $situation->limits->get('size_ratio');
        $isApart = $angle >= $situation->limits->get('angle_apart_deg');
        $said = [
            'a' => $a->placement->label, 'b' => $b->placement->label,
            'angle' => Quantity::degrees($angle), 'ratio' => Quantity::ratio($ratio),
        ];

        return [
            new self(
                match (true) {
                    ($situation->scene->views[$b->placement->id] ?? null)?->tiltRad < -self::DOWN_RAD => School::OverheadAndSide,
                    $angle < self::APART_DEG[0] => School::SameAxis,
                    $angle >= self::APART_DEG[2] => School::ProfileAngle,
                    $angle >= self::APART_DEG[1] => School::FortyFive,
                    default => School::UnlikeFrames,
                },
                $said,
            ),
            match (true) {
                $isUnlike && $isApart => new self(School::SizeAndAngle, $said),
                $isUnlike => new self(School::SizeAlone, $said),
                $isApart => new self(School::AngleAlone, $said),
                default => null,
            },
        ];
    }

    /** @return list<self|null> contrast, edges, top light and where the light begins, on the lead's face */
    private static function ofFace(Situation $situation): array
    {
        $lead = $situation->setup->subjects()[0] ?? null;
        if ($lead === null) {
            return [];
        }
        $face = $situation->face($lead->id);
        $there = $face->light->ambientLux / max(1e-6, $face->light->totalLux());
        $said = ['subject' => $lead->name, 'ratio' => Quantity::ratio($face->cheeks())];
        $elevation = $face->main() === null ? null : $face->keyElevationDeg();

        return [
            $face->pattern() === null ? null : new self(
                match (true) {
                    $face->cheeks() <= self::EVEN => School::EvenFace,
                    $face->isShort() === null => School::BalancedFace,
                    $face->isShort() => School::ShadowToLens,
                    default => School::OpenFace,
                },
                $said,
            ),
            self::edge($situation),
            new self(
                $there > 0.5 ? School::WhatIsThere : School::CutAndRebuild,
                ['subject' => $lead->name, 'share' => Quantity::share($there)],
            ),
            $elevation === null ? null : new self(
                $elevation > 60.0 ? School::TopLightIsTheLook : School::NoTopLight,
                ['subject' => $lead->name, 'angle' => Quantity::degrees($elevation)],
            ),
        ];
    }

    private static function edge(Situation $situation): self
    {
        $edges = [];
        foreach (LampWork::allOf($situation) as $id => $works) {
            if ($works[0]->part === LampPart::Back || $works[0]->part === LampPart::Kicker) {
                $edges[$id] = $works[0]->part;
            }
        }
        $parts = array_unique(array_map(static fn (LampPart $p): string => $p->value, $edges));
        $first = $situation->scene->lamps[array_key_first($edges) ?? ''] ?? null;
        $lead = $situation->setup->subjects()[0] ?? null;
        $windows = $lead === null ? [] : array_filter(
            $situation->face($lead->id)->windowSides(),
            static fn (LightSide $s): bool => $s === LightSide::Edge || $s === LightSide::Behind,
        );
        $school = match (true) {
            $first !== null && count($parts) > 1 => School::HighAndKicker,
            $first !== null && self::isTube($first) => School::TubeEdge,
            $first !== null => School::SmallAndHard,
            $windows !== [] => School::WindowEdge,
            default => School::OnlyIfReadable,
        };
        $names = array_map($situation->name(...), [...array_keys($edges), ...($edges === [] ? array_keys($windows) : [])]);

        return new self($school, ['lamps' => implode(', ', $names) ?: 'nothing']);
    }

    private static function isTube(SoftBox $lamp): bool
    {
        [$width, $height] = [$lamp->emitter->widthM, $lamp->emitter->heightM];

        return max($width, $height) > 8 * min($width, $height);
    }

    /** @return list<self|null> how many lamps burn, and whether any of the room's */
    private static function ofLamps(Situation $situation): array
    {
        $burn = array_filter($situation->scene->lamps, static fn (SoftBox $l): bool => $l->placement->on);
        $ours = count(array_filter($burn, static fn (SoftBox $l): bool => ! $l->placement->practical));

        return [
            $ours === 0 ? null : new self(
                match (true) {
                    $ours === 1 => School::OneLamp,
                    $ours <= 3 => School::ThreeLamps,
                    $ours === 4 => School::ThreeToFiveLamps,
                    $ours <= 6 => School::FiveOrSixLamps,
                    default => School::TenLamps,
                },
                ['count' => (string) $ours],
            ),
            new self(
                count($burn) > $ours ? School::Practicals : School::RoomLampsOff,
                ['count' => (string) (count($burn) - $ours)],
            ),
        ];
    }

    private static function support(Situation $situation): ?self
    {
        $cameras = $situation->setup->cameras;
        if ($cameras === []) {
            return null;
        }
        $carried = count(array_filter($cameras, static fn (Camera $c): bool => $c->support->kind->isCarried()));
        $moves = count($situation->sweeps());

        return new self(
            match (true) {
                $carried === count($cameras) => School::Handheld,
                $carried > 0 => School::ConvertibleRig,
                $moves > 0 => School::SliderMoves,
                default => School::OnTripods,
            },
            ['count' => (string) $carried, 'moves' => (string) $moves],
        );
    }

    private static function microphone(Situation $situation): ?self
    {
        $ears = array_filter($situation->ears(), static fn (Ear $e): bool => ! $e->spare);
        [$booms, $worn] = [
            count(array_filter($ears, static fn (Ear $e): bool => $e->isBoom())),
            count(array_filter($ears, static fn (Ear $e): bool => $e->isWorn())),
        ];

        return $booms + $worn === 0 ? null : new self(
            match (true) {
                $booms === 0 => School::BodyFirst,
                $worn === 0 => School::BoomOnly,
                default => School::BoomFirst,
            },
            ['booms' => (string) $booms, 'worn' => (string) $worn],
        );
    }

    private static function settings(Situation $situation): ?self
    {
        $automatic = array_filter($situation->settings(), static fn ($s): bool => $s->automatic !== 'nothing');

        return $situation->setup->cameras === [] ? null : new self(
            $automatic === [] ? School::ManualSettings : School::TouchSettings,
            ['count' => (string) count($automatic)],
        );
    }

    /** Noon by the sun, as far as it stands around the middle of what is recorded. */
    private static function hour(Situation $situation): ?self
    {
        $site = $situation->setup->location->site;
        $window = $site === null ? null : $situation->setup->hours()->window($site);
        $day = $situation->place()->study()?->day;
        if ($site === null || $window === null || $day === null) {
            return null;
        }
        $hour = (float) substr($site->clock(array_sum($window) / 2), 0, 2);

        return new self(
            match (true) {
                $day->isDark($window) => School::AfterDark,
                $hour >= 11 && $hour < 14 => School::AroundNoon,
                default => School::ByLuck,
            },
            ['from' => $site->clock($window[0]), 'to' => $site->clock($window[1])],
        );
    }
}
