<?php

declare(strict_types=1);

namespace App\Papers;

use App\Access\Visitor;
use App\Http\Controllers\Desk;
use App\Models\Shoot;
use App\View\Drawing\Drawings;
use App\View\Drawing\FrameDrawing;
use App\View\Workspace;
use FineFrame\Judge\Stage;
use FineFrame\Plan\Setup;
use Illuminate\Http\Request;

/** A shoot to take along: the addresses of its pages, or all that is read on the day in one file that needs nothing else. */
final readonly class FieldPack
{
    /** Pages that are worked from on the day, for each setup; what is only planned with stays behind. */
    private const PAGES = [
        'measure' => ['above'], 'stage' => ['above'], 'cameras' => ['above', 'settings', 'take'], 'light' => ['above', 'list'],
        'sound' => ['above', 'mics', 'tracks', 'cables', 'radio', 'music'], 'rig' => ['above', 'power', 'grip', 'safety', 'side', 'table'],
        'rundown' => ['hours', 'today', 'cues', 'live'],
        'roll' => ['ready', 'rolling', 'drill'], 'wrap' => ['restore', 'copies', 'edit'],
    ];

    /** Once for the shoot. */
    private const ONCE = ['brief' => ['board'], 'scout' => ['notes', 'ticks'], 'pack' => ['list', 'cases', 'out']];

    public function __construct(private Desk $desk, private Drawings $drawings)
    {
    }

    /** @return list<array{url: string, also: list<string>}> addresses, as the pages’ own links spell them: the first setup has two */
    public function pages(Shoot $shoot): array
    {
        $plan = $this->desk->store->open($shoot);
        $only = Visitor::now()->link->setup ?? '';
        $pages = [];
        foreach (self::ONCE as $stage => $looks) {
            foreach (self::theirs($stage, $looks) as $look) {
                $pages[] = ['url' => $this->address($shoot, $stage, $look), 'also' => []];
            }
        }
        foreach ($plan->setups as $i => $setup) {
            foreach ($only === '' || $only === $setup->id ? self::PAGES : [] as $stage => $looks) {
                foreach (self::theirs($stage, $looks) as $look) {
                    $named = $this->address($shoot, $stage, $look, $setup->id);
                    $pages[] = $i === 0 || $only !== ''
                        ? ['url' => $this->address($shoot, $stage, $look), 'also' => [$named]]
                        : ['url' => $named, 'also' => []];
                }
            }
        }

        return $pages;
    }

    /**
     * @param  list<string>  $looks
     * @return list<string> those that whoever asks may open
     */
    private static function theirs(string $stage, array $looks): array
    {
        return array_values(array_filter($looks, static fn (string $look): bool => Visitor::now()->opens(Stage::from($stage), $look)));
    }

    private function address(Shoot $shoot, string $stage, string $look, ?string $place = null): string
    {
        $isOpening = $look === array_key_first(Visitor::now()->looks(Stage::from($stage)));

        return route('stage', array_filter([
            'shoot' => $shoot->id, 'stage' => $stage, 'look' => $isOpening ? null : $look, 'place' => $place,
        ]), false);
    }

    public function html(Request $request, Shoot $shoot): string
    {
        $plan = $this->desk->store->open($shoot);
        $parts = array_map(function (Setup $setup) use ($request, $shoot): array {
            $request->merge(['place' => $setup->id, 'stage' => 'rig', 'look' => 'above']);
            $work = $this->desk->workspace($request, $shoot, mends: false);

            return [
                'work' => $work,
                'floor' => SetupSheet::image($this->drawings->floor($work, overlays: ['lenses', 'tape', 'mains'])),
                'frames' => $this->frames($work),
            ];
        }, $plan->setups);

        return view('papers.field-pack', ['shoot' => $shoot, 'plan' => $plan, 'parts' => $parts])->render();
    }

    /** @return list<array{frame: FrameDrawing, image: string}> */
    private function frames(Workspace $work): array
    {
        return array_map(
            fn (FrameDrawing $f): array => ['frame' => $f, 'image' => SetupSheet::image($this->drawings->framed($f))],
            $work->frames(),
        );
    }
}
