<?php

declare(strict_types=1);

namespace FineFrame\Tests\Reference;

use FineFrame\FineFrameException;

/** Runs a folder of case files through the core: the core's tests and `bin/reference` both use it. */
final class CaseRunner
{
    /**
     * @param  string  $folder  that the cases and their files lie in
     * @return array<string, Topic> by the case file's name
     */
    public static function topics(string $folder): array
    {
        return [
            'optics' => new Optics,
            'dof' => new DepthOfFieldCases,
            'exposure' => new ExposureCases,
            'survey' => new Survey,
            'sun' => new SunCases,
            'sunpatch' => new SunPatchCases,
            'colour' => new ColourCases,
            'photometry' => new PhotometryCases($folder),
            'acoustics' => new AcousticsCases($folder),
            'wireless' => new WirelessCases,
            'light' => new LightCases($folder),
            'impulse' => new ImpulseCases,
            'powergrip' => new PowerGripCases,
            'circuits' => new CircuitCases,
            'cables' => new CableCases,
            'batteries' => new BatteryCases,
            'log' => new LogCases,
            'schedule' => new ScheduleCases,
            'coverage' => new CoverageCases,
            'packing' => new PackingCases,
            'edl' => new EdlCases,
            'photo' => new PhotoCases,
            'copies' => new CopiesCases($folder),
            'midi' => new MidiCases($folder),
            'media' => new MediaCases,
            'routes' => new RouteCases,
            'supports' => new SupportCases,
        ];
    }

    /**
     * @return array<string, array<string, mixed>> answers by case id; topics that are not built are left out
     *
     * @throws \JsonException if a case file is not JSON
     */
    public static function answers(string $folder): array
    {
        $answers = [];
        foreach (self::topics($folder) as $name => $topic) {
            foreach (self::cases("$folder/$name.json") as $case) {
                $answer = self::answer($topic, $case);
                if ($answer !== null) {
                    $answers[$case['id']] = $answer;
                }
            }
        }

        return $answers;
    }

    /**
     * @return list<array{id: string, kind: string, inputs: array<string, mixed>, expected: array<string, mixed>}>
     *
     * @throws \JsonException if the file is not JSON
     */
    public static function cases(string $file): array
    {
        if (! is_file($file)) {
            return [];
        }
        /** @var array{cases: list<array{id: string, kind: string, inputs: array<string, mixed>, expected: array<string, mixed>}>} $read */
        $read = json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR);

        return $read['cases'];
    }

    /**
     * A refusal of the core is an answer too.
     *
     * @param  array{id: string, kind: string, inputs: array<string, mixed>, expected: array<string, mixed>}  $case
     * @return array<string, mixed>|null
     */
    private static function answer(Topic $topic, array $case): ?array
    {
        try {
            return $topic->answer($case['kind'], $case['inputs']);
        } catch (FineFrameException $refusal) {
            return ['valid' => false, 'reason' => $refusal->getMessage()];
        }
    }
}
