<?php

declare(strict_types=1);

namespace FineFrame\Judge;

use FineFrame\Document\Record;
use FineFrame\Sound\Ear;
use FineFrame\Sound\InputLevel;

/** What comes to each input of each recorder: how loud, with how much gain, and what is left over it. */
final readonly class LevelPlan
{
    /** What a preamplifier gives at most, dB; more is noise. */
    public const MOST_GAIN_DB = 60.0;

    /** An input that nobody has described clips here with no gain, dBu. */
    private const CLIPS_DBU = 4.0;

    /** @param  Record|null  $recorder  null where the list of recorders does not know it */
    private function __construct(
        public Record $track,
        public Ear $ear,
        public Voice $voice,
        public ?Record $recorder,
        public float $meanDb,
        public InputLevel $level,
    ) {
    }

    /** @return list<self> one for each track whose microphone and voice are placed */
    public static function allOf(Situation $situation): array
    {
        $recorders = self::byName($situation->setup->setup->list('recorders'));
        $voices = Voice::allOf($situation->setup);
        $all = [];
        foreach ($situation->setup->setup->list('tracks') as $track) {
            $ear = $situation->ear($track->text('source'));
            $voice = $voices[$track->text('voice')] ?? null;
            if ($ear === null || $voice === null) {
                continue;
            }
            $recorder = $recorders[mb_strtolower(trim($track->text('recorder')))] ?? null;
            $mean = $ear->hears($voice->at, $voice->dbAt1m);
            $all[] = new self(
                $track,
                $ear,
                $voice,
                $recorder,
                $mean,
                InputLevel::of($ear->model->millivolts, $mean, $voice->crestDb, $recorder?->number('clips_dbu') ?? self::CLIPS_DBU),
            );
        }

        return $all;
    }

    /** Whether the recording keeps what an input of 24 bits would clip. */
    public function isFloat(): bool
    {
        return $this->track->flag('float') || ($this->recorder?->flag('float') ?? false);
    }

    /** Decibels of the voice over what the microphone itself hisses. */
    public function overHissDb(): float
    {
        return $this->meanDb - $this->ear->model->selfNoiseDba;
    }

    /** Decibels of the loudest peaks under what the microphone bears. */
    public function overloadDb(): float
    {
        return $this->ear->model->mostDb - $this->meanDb - $this->voice->crestDb;
    }

    /**
     * @param  list<Record>  $rows
     * @return array<string, Record>
     */
    public static function byName(array $rows): array
    {
        return array_combine(array_map(static fn (Record $r): string => mb_strtolower(trim($r->text('name'))), $rows), $rows);
    }
}
