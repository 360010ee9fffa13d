<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AssumedController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CopiesController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\EditController;
use App\Http\Controllers\EverythingController;
use App\Http\Controllers\ExchangeController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FieldPackController;
use App\Http\Controllers\FramingController;
use App\Http\Controllers\HearController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\LightController;
use App\Http\Controllers\LinkController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MendController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PowerController;
use App\Http\Controllers\RadioController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\SetupController;
use App\Http\Controllers\ShareController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShootController;
use App\Http\Controllers\SightingController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StageController;
use App\Http\Controllers\TapeController;
use App\Http\Controllers\ThingController;
use App\Http\Controllers\UnderlayController;
use App\Http\Controllers\VersionController;
use Illuminate\Support\Facades\Route;

Route::get('/sign-in', [SignInController::class, 'create'])->name('sign-in');
Route::post('/sign-in', [SignInController::class, 'store']);
Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
Route::get('/with/{token}', LinkController::class)->name('with')->where('token', '[A-Za-z0-9_-]{22}')->middleware('throttle:links');
Route::get('/', [ShootController::class, 'index'])->name('home');
Route::middleware('can:plan')->group(function (): void {
    Route::post('/shoots', [ShootController::class, 'store'])->name('shoots.store');
    Route::post('/shoots/import', [ShootController::class, 'import'])->name('shoots.import');
    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::post('/account/password', [AccountController::class, 'password'])->name('account.password');
    Route::post('/account/sessions', [AccountController::class, 'end'])->name('account.sessions');
});
Route::middleware('can:keep')->group(function (): void {
    Route::get('/everything.zip', [EverythingController::class, 'take'])->name('everything')->middleware('throttle:heavy');
    Route::post('/everything', [EverythingController::class, 'bring'])->name('everything.bring')->middleware('throttle:heavy');
});
Route::post('/shoots/{shoot}/copy', [ShootController::class, 'copy'])->name('shoots.copy')->can('edit', 'shoot');
Route::delete('/shoots/{shoot}', [ShootController::class, 'destroy'])->name('shoots.destroy')->can('edit', 'shoot');
Route::post('/shoots/{shoot}/restore', [ShootController::class, 'restore'])->name('shoots.restore')->withTrashed()->can('edit', 'shoot');
Route::get('/sounds/{sound}.wav', [HearController::class, 'dry'])->name('hear.dry');
Route::post('/settings', SettingsController::class)->name('settings');

Route::prefix('/shoots/{shoot}')->group(function (): void {
    // Changes of the plan, and what only whoever plans it takes away.
    Route::middleware(['can:edit,shoot', 'throttle:changes'])->group(function (): void {
        Route::post('/frame/size', [FramingController::class, 'size'])->name('frame.size');
        Route::post('/frame/square', [FramingController::class, 'square'])->name('frame.square');
        Route::post('/dimmers', LightController::class)->name('dimmers');
        Route::post('/power', PowerController::class)->name('power');
        Route::post('/radio', RadioController::class)->name('radio');
        Route::post('/day', DayController::class)->name('day');
        Route::post('/day/instead', [DayController::class, 'instead'])->name('day.instead');
        Route::post('/copies', CopiesController::class)->name('copies');
        Route::post('/marks', [ThingController::class, 'mark'])->name('marks.store');
        Route::post('/edit', [EditController::class, 'store'])->name('edit');
        Route::post('/preview', [EditController::class, 'preview'])->name('preview');
        Route::post('/card', CardController::class)->name('card');
        Route::post('/assumed', AssumedController::class)->name('assumed');
        Route::post('/sightings', [SightingController::class, 'mark'])->name('sightings');
        Route::post('/photos', [PhotoController::class, 'store'])->name('photos.store');
        Route::post('/bring', [ExchangeController::class, 'bring'])->name('exchange.bring');
        Route::post('/sheet', SheetController::class)->name('sheet');
        Route::post('/tape', TapeController::class)->name('tape');
        Route::post('/places', [PlaceController::class, 'store'])->name('places.store');
        Route::post('/places/remove', [PlaceController::class, 'destroy'])->name('places.destroy');
        Route::post('/setups', [SetupController::class, 'store'])->name('setups.store');
        Route::post('/setups/copy', [SetupController::class, 'copy'])->name('setups.copy');
        Route::post('/setups/remove', [SetupController::class, 'destroy'])->name('setups.destroy');
        Route::post('/places/compass', [PlaceController::class, 'compass'])->name('places.compass');
        Route::post('/places/bearing', [PlaceController::class, 'bearing'])->name('places.bearing');
        Route::post('/rooms', [PlaceController::class, 'join'])->name('rooms.join');
        Route::post('/rooms/remove', [PlaceController::class, 'part'])->name('rooms.part');
        Route::post('/underlay', UnderlayController::class)->name('underlay');
        Route::post('/shape', [PlaceController::class, 'shape'])->name('shape');
        Route::post('/things', [ThingController::class, 'store'])->name('things.store');
        Route::post('/things/remove', [ThingController::class, 'destroy'])->name('things.destroy');
        Route::post('/mend', MendController::class)->name('mend');
        Route::post('/undo', [HistoryController::class, 'undo'])->name('undo');
        Route::post('/redo', [HistoryController::class, 'redo'])->name('redo');
        Route::get('/plan.fineframe.json', [ExportController::class, 'plan'])->name('export.plan');
        Route::get('/hear/{microphone}.wav', [HearController::class, 'microphone'])->name('hear');
        Route::get('/sightings', [SightingController::class, 'read'])->name('sightings.read');
        Route::get('/tape.csv', [ExchangeController::class, 'tape'])->name('exchange.tape');
        Route::get('/room.dxf', [ExchangeController::class, 'drawing'])->name('exchange.drawing');
        Route::get('/kit.csv', [ExchangeController::class, 'kit'])->name('exchange.kit');
        Route::get('/share', [ShareController::class, 'index'])->name('share');
        Route::post('/share', [ShareController::class, 'store']);
        Route::post('/share/{link}/revoke', [ShareController::class, 'revoke'])->name('share.revoke')->scopeBindings();
        Route::post('/share/partners', [ShareController::class, 'partner'])->name('share.partner');
    });
    Route::middleware(['can:mark,shoot', 'throttle:changes'])->group(function (): void {
        Route::post('/log', [LogController::class, 'store']);
    });
    // Pages and papers: for a link, those of its role.
    Route::middleware(['can:open,shoot', 'throttle:pages'])->group(function (): void {
        Route::get('/version', VersionController::class)->name('version');
        Route::get('/floor.svg', [ExportController::class, 'floor'])->name('export.floor');
        Route::get('/frames/{camera}.svg', [ExportController::class, 'frame'])->name('export.frame');
        Route::get('/takes/{move}.svg', [ExportController::class, 'moment'])->name('export.moment');
        Route::get('/sound.pdf', [ExportController::class, 'sound'])->name('export.sound')->middleware('throttle:heavy');
        Route::get('/log', [LogController::class, 'index'])->name('log');
        Route::get('/pack.json', [FieldPackController::class, 'pages'])->name('pack.pages');
        Route::get('/pack.html', [FieldPackController::class, 'file'])->name('pack.file')->middleware('throttle:heavy');
        Route::get('/call.pdf', [ExportController::class, 'call'])->name('export.call')->middleware('throttle:heavy');
        Route::get('/cards.pdf', [ExportController::class, 'cards'])->name('export.cards')->middleware('throttle:heavy');
        Route::get('/day.ics', [ExportController::class, 'calendar'])->name('export.calendar');
        Route::get('/day.csv', [ExportController::class, 'day'])->name('export.day');
        Route::get('/takes.{what}', [ExportController::class, 'takes'])->whereIn('what', ['csv', 'edl', 'vtt'])->name('export.takes');
        Route::get('/pack.pdf', [ExportController::class, 'pack'])->name('export.pack')->middleware('throttle:heavy');
        Route::get('/pack.csv', [ExportController::class, 'packTable'])->name('export.packTable');
        Route::get('/labels', [ExportController::class, 'labels'])->name('export.labels');
        Route::get('/safety.pdf', [ExportController::class, 'safety'])->name('export.safety')->middleware('throttle:heavy');
        Route::get('/contact.pdf', [ExportController::class, 'contact'])->name('export.contact')->middleware('throttle:heavy');
        Route::get('/sheet.pdf', [ExportController::class, 'sheet'])->name('export.sheet')->middleware('throttle:heavy');
        Route::get('/photos/{file}', [PhotoController::class, 'show'])->name('photos.show');
        Route::get('/takes/{move}.pdf', [ExportController::class, 'strip'])->name('export.strip')->middleware('throttle:heavy');
        Route::get('/{stage?}', StageController::class)->name('stage');
    });
});
