<?php

declare(strict_types=1);

namespace FineFrame\Judge;

/** Every rule, once, in the order people work. */
final class CheckSet
{
    /** @return list<PlaceRule> what a place alone is judged by */
    public static function places(): array
    {
        return [
            new Checks\Scout\PlaceIsKnown,
            new Checks\Scout\NaturalLightIsEnough,
            new Checks\Scout\LampsMatchTheCamera,
            new Checks\Scout\PlaceIsQuietEnough,
            new Checks\Scout\RoomIsNotTooHard,
            new Checks\Scout\PowerCarriesTheLamps,
            new Checks\Scout\GearComesIn,
            new Checks\Scout\NothingIsLeftOpen,
            new Checks\Scout\SunStaysOffTheFace,
        ];
    }

    /** @return list<Check> */
    public static function standard(): array
    {
        return [
            ...self::places(),
            new Checks\Measure\WallsClose,
            new Checks\Measure\CornersAreKnown,
            new Checks\Stage\SubjectStandsOffTheBackground,
            new Checks\Stage\WindowIsNotBehindTheSubject,
            new Checks\Stage\SeatIsSlim,
            new Checks\Stage\ColoursKeepToThePalette,
            new Checks\Stage\ClothesPartFromTheBackground,
            new Checks\Stage\WayOutIsClear,
            new Checks\Cameras\FrameIsClear,
            new Checks\Cameras\FramesDiffer,
            new Checks\Cameras\LineIsKept,
            new Checks\Cameras\LookingRoomIsAhead,
            new Checks\Cameras\GazeSuitsTheLens,
            new Checks\Cameras\FaceKeepsItsShape,
            new Checks\Cameras\SubjectStaysInFocus,
            new Checks\Cameras\LensFocusesThisNear,
            new Checks\Cameras\CameraIsSetToTheStop,
            new Checks\Cameras\ReflectionsAreClear,
            new Checks\Cameras\CameraIsSquare,
            new Checks\Cameras\SecondLiesUnderFirst,
            new Checks\Cameras\NothingDistracts,
            new Checks\Cameras\PrompterCanBeRead,
            new Checks\Cameras\EyelinesMatch,
            new Checks\Cameras\PatternsDoNotShimmer,
            new Checks\Cameras\RateIsHad,
            new Checks\Cameras\SettingsAgree,
            new Checks\Cameras\LampsDoNotFlicker,
            new Checks\Cameras\CameraOutlastsTheTake,
            new Checks\Cameras\CameraIsManual,
            new Checks\Cameras\PicturesReachEveryone,
            new Checks\Cameras\TalkTightens,
            new Checks\Cover\EveryoneIsCovered,
            new Checks\Cover\SightIsClear,
            new Checks\Cover\SafetyHolds,
            new Checks\Take\TakeStaysClean,
            new Checks\Take\TakeCanBeWalked,
            new Checks\Take\TakeKeepsFocus,
            new Checks\Light\KeyGivesTheStop,
            new Checks\Light\FaceHasShape,
            new Checks\Light\KeyIsOnItsSide,
            new Checks\Light\ColoursAgree,
            new Checks\Light\LensIsShaded,
            new Checks\Light\FaceIsUnshaded,
            new Checks\Light\BackLightMissesTheNose,
            new Checks\Light\BackgroundSitsUnderTheFace,
            new Checks\Light\SubjectPartsByLight,
            new Checks\Light\EyesCatchLight,
            new Checks\Light\FacesAgree,
            new Checks\Light\TintIsNeutral,
            new Checks\Light\WindowKeepsItsDetail,
            new Checks\Light\LightIsSteady,
            new Checks\Light\DarkIsWaitedFor,
            new Checks\Light\HazeSuitsTheFrames,
            new Checks\Light\ShadowsStayOutOfFrame,
            new Checks\Light\LampEarnsItsPlace,
            new Checks\Light\PracticalsHold,
            new Checks\Light\RoomLampsAreAsChosen,
            new Checks\Light\HotLampsKeepTheirDistance,
            new Checks\Light\DimmerIsClean,
            new Checks\Light\SoftBoxFitsTheRoom,
            new Checks\Light\LampsOutsideReachIn,
            new Checks\Light\WalkKeepsItsLight,
            new Checks\Sound\BoomStaysOutOfFrame,
            new Checks\Sound\BoomIsAsNearAsItCanBe,
            new Checks\Sound\VoiceIsNearerThanTheRoom,
            new Checks\Sound\VoiceStandsOverTheNoise,
            new Checks\Sound\OthersAreThreeTimesAsFar,
            new Checks\Sound\VoiceHasTwoWays,
            new Checks\Sound\LinksLeaveEachOtherAlone,
            new Checks\Sound\PoleReaches,
            new Checks\Rig\StandFitsItsPlace,
            new Checks\Rig\SupportReachesItsHeight,
        ];
    }
}
