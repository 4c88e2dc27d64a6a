<?php

use App\Http\Controllers\CallController;
use App\Http\Controllers\CallEventController;
use App\Http\Controllers\CallExportController;
use App\Http\Controllers\CallImportController;
use App\Http\Controllers\ExpectedReadingController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\UnitController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::post('session', [SessionController::class, 'store']);

    Route::middleware('auth')->group(function (): void {
        Route::get('session', [SessionController::class, 'show']);
        Route::delete('session', [SessionController::class, 'destroy']);
        Route::get('units', [UnitController::class, 'index']);
        Route::get('units/{unit}', [UnitController::class, 'show']);
        Route::get('units/{unit}/diagram.svg', [UnitController::class, 'diagram']);
        Route::post('units/{unit}/calls', [CallController::class, 'store']);
        Route::get('calls', [CallController::class, 'index']);
        Route::post('calls/import', CallImportController::class);
        Route::get('calls/{call}', [CallController::class, 'show']);
        Route::post('calls/{call}/events', [CallEventController::class, 'store']);
        Route::get('calls/{call}/expected', ExpectedReadingController::class);
        Route::get('calls/{call}/call.json', [CallExportController::class, 'json']);
        Route::get('calls/{call}/readings.csv', [CallExportController::class, 'csv']);
    });
});

// everything else is the single-page application
Route::view('/{path?}', 'levin')->where('path', '^(?!api/|build/|up$).*');
