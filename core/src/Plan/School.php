<?php

declare(strict_types=1);

namespace FineFrame\Plan;

/** A way of working that a shoot may follow, by its question and its name in the plan file; a plan starts with a question’s first. */
enum School: string
{
    case BesideLens = 'gaze/beside-lens';
    case IntoLens = 'gaze/into-lens';

    case AnyLens = 'lens/free';
    case LongLens = 'lens/long';
    case ThirtyFive = 'lens/thirty-five';
    case Fifty = 'lens/fifty';

    case UnlikeFrames = 'second-camera/unlike';
    case FortyFive = 'second-camera/forty-five';
    case ProfileAngle = 'second-camera/profile';
    case SameAxis = 'second-camera/same-axis';
    case WideToCrop = 'second-camera/wide-to-crop';
    case OverheadAndSide = 'second-camera/overhead-and-side';

    case SizeAndAngle = 'cut/size-and-angle';
    case SizeAlone = 'cut/size-alone';
    case AngleAlone = 'cut/angle-alone';

    case ShadowToLens = 'contrast/shadow-to-lens';
    case OpenFace = 'contrast/open';
    case EvenFace = 'contrast/even';
    case BalancedFace = 'contrast/balanced';

    case SmallAndHard = 'edge-light/small-and-hard';
    case TubeEdge = 'edge-light/tubes';
    case HighAndKicker = 'edge-light/high-and-kicker';
    case WindowEdge = 'edge-light/window';
    case OnlyIfReadable = 'edge-light/only-if-readable';

    case WhatIsThere = 'first-light/what-is-there';
    case CutAndRebuild = 'first-light/cut-and-rebuild';
    case WaitForDark = 'first-light/wait-for-dark';

    case ThreeLamps = 'lamps/three';
    case OneLamp = 'lamps/one';
    case ThreeToFiveLamps = 'lamps/three-to-five';
    case FiveOrSixLamps = 'lamps/five-or-six';
    case TenLamps = 'lamps/ten';

    case OnTripods = 'support/tripod';
    case Handheld = 'support/handheld';
    case LockedFrames = 'support/locked';
    case SliderMoves = 'support/slider';
    case ConvertibleRig = 'support/convertible';

    case LeanKit = 'kit/lean';
    case CompleteKit = 'kit/complete';

    case BoomFirst = 'microphone/boom-first';
    case BoomOnly = 'microphone/boom-only';
    case BodyFirst = 'microphone/body-first';

    case PersonListens = 'levels/a-person';
    case WideRange = 'levels/wide-range';
    case Glances = 'levels/glances';

    case RecorderAndFeed = 'recorder/recorder-and-feed';
    case RecorderIfAny = 'recorder/recorder-if-any';
    case CameraRecords = 'recorder/camera';
    case OnTheSpeaker = 'recorder/on-the-speaker';
    case VenueDesk = 'recorder/venue-desk';

    case ChangeTheLens = 'tighter/change-the-lens';
    case WalkIn = 'tighter/walk-in';
    case ZoomIn = 'tighter/zoom-in';

    case AroundNoon = 'hour/around-noon';
    case AfterDark = 'hour/after-dark';
    case ByLuck = 'hour/by-luck';

    case LongRolls = 'roll/long';
    case BoundedRolls = 'roll/bounded';

    case NoHaze = 'haze/none';
    case HazeThroughout = 'haze/throughout';
    case HazeInWides = 'haze/wides-only';
    case HazeOffWhenDense = 'haze/off-when-dense';

    case RoomLampsOff = 'room-lamps/off';
    case Practicals = 'room-lamps/practicals';
    case SwapGlobes = 'room-lamps/swap-globes';
    case TryBoth = 'room-lamps/try-both';

    case NoTopLight = 'top-light/avoid';
    case SoftTopLight = 'top-light/soft-ambience';
    case TopLightIsTheLook = 'top-light/the-look';

    case RightInCamera = 'repair/in-camera';
    case RepairLater = 'repair/later';
    case ReverbLater = 'repair/reverb-later';

    case Angles = 'coverage/angles';
    case OneTake = 'coverage/one-take';
    case RoamingAndSafety = 'coverage/roaming-and-safety';

    case SilentAsker = 'asker/silent';
    case AskerInScene = 'asker/in-the-scene';

    case Measured = 'preparation/measured';
    case StoryFirst = 'preparation/story-first';
    case TrialOnTheDay = 'preparation/trial';
    case LittleByLittle = 'preparation/little-by-little';

    case ManualSettings = 'settings/manual';
    case TouchSettings = 'settings/touch';

    public function question(): Question
    {
        return Question::from(explode('/', $this->value)[0]);
    }

    /** Whether it leaves the answer open, so that no layout is at odds with it. */
    public function isOpen(): bool
    {
        return in_array($this, [self::AnyLens, self::UnlikeFrames, self::TryBoth], true);
    }

    /** @return array<string, float> what it judges by instead of the usual, by limit */
    public function limits(): array
    {
        return match ($this) {
            self::LongLens => ['background_watch_m' => 1.8],
            self::ThirtyFive => ['face_watch_m' => 1.0, 'background_watch_m' => 0.9],
            self::FortyFive => ['angle_apart_deg' => 30.0, 'gaze_widest_deg' => 60.0],
            self::ProfileAngle => ['angle_apart_deg' => 50.0, 'gaze_widest_deg' => 95.0],
            self::SameAxis => ['angle_apart_deg' => 5.0],
            self::OverheadAndSide => ['gaze_widest_deg' => 95.0],
            self::SmallAndHard, self::HighAndKicker => ['hair_over_stops' => 1.5],
            self::WindowEdge => ['hair_over_stops' => 2.0],
            self::OnlyIfReadable => ['hair_over_stops' => 0.5],
            self::CutAndRebuild => ['key_watch_stops' => 0.25],
            self::Handheld => ['boom_margin_m' => 0.15],
            self::LockedFrames => ['boom_margin_m' => 0.04],
            self::SliderMoves => ['boom_margin_m' => 0.1],
            self::BoomOnly => ['boom_slack_m' => 0.05],
            self::BodyFirst => ['boom_slack_m' => 0.4],
            self::WalkIn => ['face_watch_m' => 1.0],
            self::ByLuck => ['drift_watch_stops' => 1.5],
            self::RepairLater => [
                'key_watch_stops' => 0.67,
                'colour_watch_mired' => 50.0,
                'tint_watch_duv' => 0.008,
                'background_over_stops' => 0.8,
            ],
            self::ReverbLater => ['echo_watch_s' => 0.5],
            self::TrialOnTheDay => ['closure_watch_m' => 0.05, 'corner_watch_m' => 0.15],
            default => [],
        };
    }

    /** What the plan file calls it. */
    public function word(): string
    {
        return explode('/', $this->value)[1];
    }
}
