<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SheetRequest;
use App\Instruments\Bench;
use App\Instruments\NoReading;
use App\Models\Shoot;
use App\Plans\Sheets\SheetInput;
use App\Plans\Sheets\SheetMerge;
use App\Plans\Sheets\Sheets;
use App\Plans\StalePlan;
use FineFrame\Plan\Edit;
use FineFrame\Plan\RecordedHours;
use FineFrame\Plan\Refit;
use FineFrame\Plan\Stock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Keeps a list of the plan as typed; or takes a reading into one of its fields, which is kept only when the sheet is. */
final readonly class SheetController
{
    public function __construct(private Desk $desk, private Bench $bench)
    {
    }

    public function __invoke(SheetRequest $request, Shoot $shoot): Response|RedirectResponse
    {
        $plan = $this->desk->store->open($shoot);
        $setup = $this->desk->setup($request, $plan);
        $sheet = (new Sheets($setup, $this->desk->room($request, $setup->location)))->of($request->string('sheet')->toString());
        if ($request->string('take')->toString() !== '') {
            return $this->taken($request, $shoot);
        }
        $merge = new SheetMerge($sheet, $this->desk->reader);
        $typed = $request->isMerge()
            ? $merge->typed($request->rows('rows'), $request->rows('was'), $request->string('drop')->toString())
            : $request->typed();
        $rows = (new SheetInput($sheet, $this->desk->reader))->rows($typed);
        $edit = match (true) {
            str_contains($sheet->pointer, '/space/') => Refit::with($plan, $setup->location->id, new Edit([$sheet->pointer => $rows])),
            str_contains($sheet->pointer, '/scouted/') => $setup->location->listing($plan, $sheet->name, $rows),
            $sheet->pointer === '/brief/days' => RecordedHours::days($plan, $rows),
            str_starts_with($sheet->pointer, '/kit/') && $sheet->name !== 'stock' => Stock::kit($plan, $sheet->name, $rows),
            default => new Edit([$sheet->pointer => $rows]),
        };
        $words = 'Save '.mb_strtolower($sheet->title());
        if ($merge->isTorn) {
            throw StalePlan::meanwhile($shoot, $request->version(), $edit, $words);
        }

        return $this->desk->changed(
            $request,
            $this->desk->store->commit($shoot, $request->isMerge() ? $shoot->version : $request->version(), $edit, $words),
        );
    }

    /** The field is named as `row/column`; what the instrument says stands in the form, unsaved. */
    private function taken(SheetRequest $request, Shoot $shoot): Response
    {
        [$row, $column] = explode('/', $request->string('take')->toString()) + ['', ''];
        $work = $this->desk->workspace($request, $shoot);
        $typed = $request->typed();
        try {
            $reading = $this->bench->take(
                $work->setup->location,
                $work->room->taped,
                $request->string('sheet')->toString(),
                $column,
                $typed[$row] ?? [],
            );
            $typed[$row] = array_merge($typed[$row] ?? [], $reading->cells($this->desk->reader));
            $said = $reading->words($this->desk->reader);
        } catch (NoReading $e) {
            $said = $e->getMessage();
        }
        app()->instance('typed', ['sheet' => $request->string('sheet')->toString(), 'rows' => $typed]);
        session()->now('said', $said);

        return $request->hasHeader('HX-Request') ? $this->desk->parts($work, $said) : response()->view('plan.page', ['work' => $work]);
    }
}
