<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Where;
use App\Models\Shoot;
use App\Papers\ContactSheet;
use App\Papers\DayCalendar;
use App\Papers\Paper;
use App\Papers\SetupSheet;
use App\View\Drawing\Drawings;
use App\View\Reader;
use App\View\TakeDesk;
use App\View\Workspace;
use DateTimeImmutable;
use FineFrame\Format\Csv\Table;
use FineFrame\Measure\UnitSystem;
use FineFrame\Plan\PlanWriter;
use FineFrame\Plan\UnknownThing;
use FineFrame\Rundown\ImpossibleDay;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

final readonly class ExportController
{
    public function __construct(private Desk $desk, private Drawings $drawings, private SetupSheet $sheet)
    {
    }

    public function plan(Shoot $shoot): Response
    {
        return $this->file(
            PlanWriter::json($this->desk->store->open($shoot)),
            'application/json',
            Str::slug($shoot->title).'.fineframe.json',
        );
    }

    public function floor(Request $request, Shoot $shoot): Response
    {
        return $this->file(
            $this->drawings->floor($this->desk->workspace($request, $shoot, mends: false)),
            'image/svg+xml',
            Str::slug($shoot->title).'-floor.svg',
        )->withHeaders(self::kept($request, $shoot));
    }

    /** @throws UnknownThing if there is no such camera */
    public function frame(Request $request, Shoot $shoot, string $camera): Response
    {
        return $this->file(
            $this->drawings->frame($this->desk->workspace($request, $shoot, mends: false), $camera),
            'image/svg+xml',
            Str::slug($shoot->title)."-$camera.svg",
        )->withHeaders(self::kept($request, $shoot));
    }

    /**
     * What a moving camera sees at a moment, for the page's slider.
     *
     * @throws UnknownThing if there is no such move
     */
    public function moment(Request $request, Shoot $shoot, string $move): Response
    {
        $work = $this->desk->workspace($request, $shoot, mends: false);
        $take = self::take($work, $move);
        $at = is_numeric($request->query('at'))
            ? max($take->beginsS(), min($take->endsS(), (float) $request->query('at')))
            : $take->beginsS();

        return response()
            ->view('plan.frame', ['frame' => $take->frame($at)])
            ->header('Content-Type', 'image/svg+xml')
            ->header('Cache-Control', 'no-store');
    }

    /** @throws UnknownThing if there is no such move */
    public function strip(Request $request, Shoot $shoot, string $move): Response
    {
        $work = $this->desk->workspace($request, $shoot, mends: false);
        $paper = $this->paper($request);

        return response(
            $this->sheet->strip(self::take($work, $move), $shoot->title, $paper),
            200,
            ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="focus.pdf"'],
        );
    }

    public function contact(Request $request, Shoot $shoot, ContactSheet $contact): Response
    {
        $setup = $this->desk->setup($request, $this->desk->store->open($shoot));
        $pdf = $this->sheet->contact($shoot->title, $contact->rows($setup), $contact->left($setup), $this->paper($request));

        return response(
            $pdf,
            200,
            ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="'.Str::slug($shoot->title).'-lamps.pdf"'],
        );
    }

    /** Tracks, levels, microphones, cables and links on paper. */
    public function sound(Request $request, Shoot $shoot): Response
    {
        return $this->words($request, $shoot, 'papers.sound-sheet', 'sound');
    }

    /** Where, when, who, and the day as it is worked out. */
    public function call(Request $request, Shoot $shoot): Response
    {
        return $this->words($request, $shoot, 'papers.call-sheet', 'call');
    }

    /** A card for each of the crew: what they are at, and their cues. */
    public function cards(Request $request, Shoot $shoot): Response
    {
        return $this->words($request, $shoot, 'papers.role-cards', 'cards');
    }

    /** What goes along, by case. */
    public function pack(Request $request, Shoot $shoot): Response
    {
        return $this->words($request, $shoot, 'papers.pack-list', 'pack');
    }

    public function packTable(Request $request, Shoot $shoot): Response
    {
        $pack = $this->desk->workspace($request, $shoot, mends: false)->pack()->pack;
        $rows = [];
        foreach ($pack->list->items as $item) {
            $rows[] = [
                $item->id, $item->name, $item->kind, $item->count(), $item->needed, $item->there, $item->short(),
                $item->box->lengthM, $item->box->widthM, $item->box->heightM, $item->box->kg,
            ];
        }
        $heads = ['id', 'what', 'kind', 'count', 'needed', 'there', 'short', 'length_m', 'width_m', 'height_m', 'kg'];

        return $this->file(Table::write($heads, $rows), 'text/csv; charset=utf-8', Str::slug($shoot->title).'-pack.csv');
    }

    /** Labels to cut out, with marks that a phone reads; printed by the browser. */
    public function labels(Request $request, Shoot $shoot): Response
    {
        return response()->view('papers.labels', ['work' => $this->desk->workspace($request, $shoot, mends: false)]);
    }

    /**
     * Takes and marks for the edit: as a table, as markers, as subtitles.
     *
     * @throws UnknownThing if there is no such rate
     */
    public function takes(Request $request, Shoot $shoot, string $what): Response
    {
        $desk = $this->desk->workspace($request, $shoot, mends: false)->wrap();
        $name = Str::slug($shoot->title)."-takes.$what";
        try {
            return match ($what) {
                'edl' => $this->file(
                    implode("\r\n", $desk->markers(Where::word($request, 'rate') ?: '25'))."\r\n",
                    'text/plain; charset=utf-8',
                    $name,
                ),
                'vtt' => $this->file(implode("\n", $desk->captions())."\n", 'text/vtt; charset=utf-8', $name),
                default => $this->file(
                    Table::write(['take', 'since its beginning, s', 'clock, UTC', 'mark', 'best sound'], $desk->table()),
                    'text/csv; charset=utf-8',
                    $name,
                ),
            };
        } catch (ImpossibleDay) {
            throw UnknownThing::called('rate', Where::word($request, 'rate'));
        }
    }

    /** @throws UnknownThing if no day is worked out */
    public function calendar(Request $request, Shoot $shoot): Response
    {
        $work = $this->desk->workspace($request, $shoot, mends: false);
        $day = $work->situation->day() ?? throw UnknownThing::called('day', $shoot->id);
        $calendar = (new DayCalendar($work->setup, $day, $shoot->id))->written(new DateTimeImmutable);

        return $this->file($calendar, 'text/calendar; charset=utf-8', Str::slug($shoot->title).'-day.ics');
    }

    /** @throws UnknownThing if no day is worked out */
    public function day(Request $request, Shoot $shoot): Response
    {
        $desk = $this->desk->workspace($request, $shoot, mends: false)->day();
        $day = $desk->day ?? throw UnknownThing::called('day', $shoot->id);
        $rows = array_map(static fn (array $r): array => [
            $day->date, $r['begins'], $r['ends'], (string) $r['minutes'], $r['name'], $r['slack'], $r['why'],
        ], $desk->rows($day));

        return $this->file(
            Table::write(['date', 'from', 'to', 'minutes', 'what', 'can wait', 'because'], $rows),
            'text/csv; charset=utf-8',
            Str::slug($shoot->title).'-day.csv',
        );
    }

    /** @param  view-string  $view */
    private function words(Request $request, Shoot $shoot, string $view, string $name): Response
    {
        $work = $this->desk->workspace($request, $shoot, mends: false);

        return response($this->sheet->words($view, $work, $this->paper($request)), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="'.Str::slug($shoot->title)."-$name.pdf\"",
        ]);
    }

    /** Ways out, cautions, whom to call: to be read out before anybody rigs. */
    public function safety(Request $request, Shoot $shoot): Response
    {
        return response($this->sheet->safety($this->desk->workspace($request, $shoot, mends: false), $this->paper($request)), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="'.Str::slug($shoot->title).'-safety.pdf"',
        ]);
    }

    private static function take(Workspace $work, string $move): TakeDesk
    {
        return array_values(
            array_filter($work->takes(), static fn (TakeDesk $t): bool => $t->id() === $move),
        )[0] ?? throw UnknownThing::called('move', $move);
    }

    public function sheet(Request $request, Shoot $shoot): Response
    {
        $paper = $this->paper($request);

        return response($this->sheet->pdf($this->desk->workspace($request, $shoot, mends: false), $paper), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="'.Str::slug($shoot->title).'-sheet.pdf"',
        ]);
    }

    /** As asked for; else as is usual where people measure so. */
    private function paper(Request $request): Paper
    {
        return Paper::tryFrom(Where::word($request, 'paper')) ?? (
            app(Reader::class)->units === UnitSystem::Metric
            ? Paper::A4
            : Paper::Letter
        );
    }

    /** @return array<string, string> a picture that is asked for by its plan's version stays as it is */
    private static function kept(Request $request, Shoot $shoot): array
    {
        return $request->query('v') === (string) $shoot->version ? ['Cache-Control' => 'private, max-age=604800, immutable'] : [];
    }

    private function file(string $content, string $type, string $name): Response
    {
        return response($content, 200, ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.$name.'"']);
    }
}
