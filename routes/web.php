<?php

declare(strict_types=1);

use App\Bench\BenchController;
use App\Bench\UnitChecksController;
use App\Calls\AloneController;
use App\Calls\Call;
use App\Calls\CallController;
use App\Calls\CallEventController;
use App\Calls\CallExportController;
use App\Calls\CallImportController;
use App\Calls\ExpectedReadingController;
use App\Calls\FittedPartsController;
use App\Calls\QuickController;
use App\Calls\RedrawController;
use App\Calls\StoryController;
use App\Calls\SuspectController;
use App\Calls\SwapController;
use App\Calls\SwapListController;
use App\Circuits\CircuitController;
use App\Circuits\CircuitFileController;
use App\Circuits\CircuitRevision;
use App\Circuits\SheetController;
use App\Drafts\DraftController;
use App\Drafts\KindsController;
use App\Find\FindController;
use App\Photos\PhotoController;
use App\Print\PrintController;
use App\Shop\HabitController;
use App\Shop\SessionController;
use App\Shop\ShopHabit;
use App\Units\UnitController;
use Illuminate\Support\Facades\Route;

// who may what is said here and nowhere else: signed in for everything, a policy where not everyone may
Route::prefix('api')->middleware('body:64')->group(function (): void {
    Route::post('session', [SessionController::class, 'store']);

    Route::middleware('auth')->group(function (): void {
        Route::get('session', [SessionController::class, 'show']);
        Route::put('session/units', [SessionController::class, 'prefer']);
        Route::delete('session', [SessionController::class, 'destroy']);
        Route::get('shop/habits', [HabitController::class, 'index']);
        Route::put('shop/habits', [HabitController::class, 'change'])->can('change', ShopHabit::class);
        Route::get('find', FindController::class);
        Route::get('bench', [BenchController::class, 'index']);
        Route::get('bench/{check}', [BenchController::class, 'judge'])->where('check', '[a-z0-9-]+');
        Route::get('units', [UnitController::class, 'index']);
        Route::get('units/{unit}', [UnitController::class, 'show']);
        Route::put('units/{unit}', [UnitController::class, 'update']);
        Route::get('units/{unit}/checks', [UnitChecksController::class, 'index']);
        Route::get('units/{unit}/fitted', FittedPartsController::class);
        Route::post('units/{unit}/events', [UnitChecksController::class, 'store']);
        Route::post('units/{unit}/calls', [CallController::class, 'store']);
        Route::get('revisions/{revision}', [SheetController::class, 'show']);
        Route::get('revisions/{revision}/diagram.svg', [SheetController::class, 'svg']);
        Route::get('revisions/{revision}/diagram.pdf', [PrintController::class, 'drawing']);
        Route::get('revisions/{revision}/circuit.yaml', [CircuitFileController::class, 'yaml']);
        Route::get('revisions/{revision}/circuit.cir', [CircuitFileController::class, 'spice']);
        Route::get('revisions/{revision}/difference', [DraftController::class, 'difference']);
        Route::post('revisions/{revision}/again', [CircuitController::class, 'again']);
        Route::put('revisions/{revision}/shops', [CircuitController::class, 'mark'])->can('mark', CircuitRevision::class);
        Route::get('circuits', [CircuitController::class, 'index']);
        Route::get('circuits/making', KindsController::class);
        Route::post('circuits/import', [CircuitController::class, 'import'])->withoutMiddleware('body:64')->middleware('body:512');
        Route::get('circuits/{circuit}', [CircuitController::class, 'show'])->where('circuit', '[a-z0-9][a-z0-9-]*');
        Route::get('drafts', [DraftController::class, 'index']);
        Route::post('drafts', [DraftController::class, 'store']);
        Route::middleware('can:change,draft')->group(function (): void {
            Route::get('drafts/{draft}', [DraftController::class, 'show']);
            Route::delete('drafts/{draft}', [DraftController::class, 'destroy']);
            Route::post('drafts/{draft}/edits', [DraftController::class, 'edit']);
            Route::post('drafts/{draft}/step', [DraftController::class, 'step']);
            Route::post('drafts/{draft}/revision', [DraftController::class, 'save']);
            Route::put('drafts/{draft}/label', [DraftController::class, 'label']);
            Route::get('drafts/{draft}/sequence', [DraftController::class, 'sequence']);
            Route::get('drafts/{draft}/circuit.yaml', [DraftController::class, 'yaml']);
        });
        Route::get('calls', [CallController::class, 'index']);
        Route::post('calls/import', CallImportController::class)
            ->can('import', Call::class)->withoutMiddleware('body:64')->middleware('body:4096');
        Route::get('calls/{call}', [CallController::class, 'show']);
        Route::post('calls/{call}/events', [CallEventController::class, 'store'])->can('append', 'call');
        Route::post('calls/{call}/events/meaning', [CallEventController::class, 'meaning'])->can('append', 'call');
        Route::post('calls/{call}/events/supposed', [CallEventController::class, 'suppose'])->can('append', 'call');
        Route::post('photos', [PhotoController::class, 'store'])->withoutMiddleware('body:64')->middleware('body:12288');
        Route::get('photos/{photo}.jpg', [PhotoController::class, 'show'])->where('photo', '[0-9a-f]{64}');
        Route::get('quick', [QuickController::class, 'show']);
        Route::post('quick', [QuickController::class, 'store']);
        Route::put('calls/{call}/revision', RedrawController::class)->can('append', 'call');
        Route::get('calls/{call}/swap', SwapController::class);
        Route::get('calls/{call}/leads/{target}.pdf', [PrintController::class, 'swapList']);
        Route::get('calls/{call}/leads/{target}', SwapListController::class);
        Route::get('calls/{call}/expected', ExpectedReadingController::class);
        Route::get('calls/{call}/story', StoryController::class);
        Route::get('calls/{call}/suspects/{target}', SuspectController::class);
        Route::get('calls/{call}/alone/{target}', AloneController::class);
        Route::get('calls/{call}/report.pdf', [PrintController::class, 'report']);
        Route::get('calls/{call}/note.pdf', [PrintController::class, 'doorNote']);
        Route::get('calls/{call}/tag.pdf', [PrintController::class, 'tag']);
        Route::get('calls/{call}/call.json', [CallExportController::class, 'json']);
        Route::get('calls/{call}/readings.csv', [CallExportController::class, 'csv']);
    });
});

// everything else is the single-page application
Route::view('/{path?}', 'levin')->where('path', '^(?!api/|build/|up$).*');
