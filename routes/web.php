<?php

declare(strict_types=1);

use App\Http\Controllers\CardController;
use App\Http\Controllers\EditController;
use App\Http\Controllers\ExchangeController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FramingController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\LightController;
use App\Http\Controllers\MendController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShootController;
use App\Http\Controllers\StageController;
use App\Http\Controllers\TapeController;
use App\Http\Controllers\ThingController;
use App\Http\Controllers\UnderlayController;
use Illuminate\Support\Facades\Route;

Route::get('/', [ShootController::class, 'index'])->name('home');
Route::post('/shoots', [ShootController::class, 'store'])->name('shoots.store');
Route::post('/shoots/import', [ShootController::class, 'import'])->name('shoots.import');
Route::delete('/shoots/{shoot}', [ShootController::class, 'destroy'])->name('shoots.destroy');
Route::post('/shoots/{shoot}/restore', [ShootController::class, 'restore'])->name('shoots.restore')->withTrashed();
Route::post('/settings', SettingsController::class)->name('settings');

Route::prefix('/shoots/{shoot}')->group(function (): void {
    Route::get('/plan.fineframe.json', [ExportController::class, 'plan'])->name('export.plan');
    Route::get('/floor.svg', [ExportController::class, 'floor'])->name('export.floor');
    Route::get('/frames/{camera}.svg', [ExportController::class, 'frame'])->name('export.frame');
    Route::get('/takes/{move}.svg', [ExportController::class, 'moment'])->name('export.moment');
    Route::post('/frame/size', [FramingController::class, 'size'])->name('frame.size');
    Route::post('/frame/square', [FramingController::class, 'square'])->name('frame.square');
    Route::post('/dimmers', LightController::class)->name('dimmers');
    Route::get('/contact.pdf', [ExportController::class, 'contact'])->name('export.contact');
    Route::post('/marks', [ThingController::class, 'mark'])->name('marks.store');
    Route::get('/sheet.pdf', [ExportController::class, 'sheet'])->name('export.sheet');
    Route::post('/edit', [EditController::class, 'store'])->name('edit');
    Route::post('/preview', [EditController::class, 'preview'])->name('preview');
    Route::post('/card', CardController::class)->name('card');
    Route::post('/photos', [PhotoController::class, 'store'])->name('photos.store');
    Route::get('/photos/{file}', [PhotoController::class, 'show'])->name('photos.show');
    Route::get('/tape.csv', [ExchangeController::class, 'tape'])->name('exchange.tape');
    Route::get('/room.dxf', [ExchangeController::class, 'drawing'])->name('exchange.drawing');
    Route::get('/kit.csv', [ExchangeController::class, 'kit'])->name('exchange.kit');
    Route::get('/takes/{move}.pdf', [ExportController::class, 'strip'])->name('export.strip');
    Route::post('/bring', [ExchangeController::class, 'bring'])->name('exchange.bring');
    Route::post('/sheet', SheetController::class)->name('sheet');
    Route::post('/tape', TapeController::class)->name('tape');
    Route::post('/places', [PlaceController::class, 'store'])->name('places.store');
    Route::post('/places/remove', [PlaceController::class, 'destroy'])->name('places.destroy');
    Route::post('/places/setup', [PlaceController::class, 'setup'])->name('places.setup');
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
    Route::get('/{stage?}', StageController::class)->name('stage');
});
