<?php

declare(strict_types=1);

use App\Api\Controllers\AssignmentsController;
use App\Api\Controllers\DecisionsController;
use App\Api\Controllers\DocumentController;
use App\Api\Controllers\EntriesController;
use App\Api\Controllers\MeController;
use App\Api\Controllers\SubmissionsController;
use App\Api\Middleware\AddEntityTag;
use App\Api\Middleware\AnswerInJson;
use App\Api\Middleware\NoteTokenUse;
use App\Api\Middleware\RepeatSafely;
use App\Api\Middleware\RequireRight;
use App\Models\AccessRight;
use Illuminate\Support\Facades\Route;

Route::middleware([AnswerInJson::class, 'throttle:api'])->group(static function (): void {
    Route::get('/openapi.json', [DocumentController::class, 'show'])->name('api.document');

    Route::middleware(['auth:sanctum', NoteTokenUse::class, AddEntityTag::class])->group(static function (): void {
        Route::middleware(RequireRight::of(AccessRight::Read))->group(static function (): void {
            Route::get('/me', [MeController::class, 'show'])->name('api.me');
            Route::get('/assignments', [AssignmentsController::class, 'index'])->name('api.assignments');
            Route::get('/entries', [EntriesController::class, 'index'])->name('api.entries');
            Route::get('/entries/{entry}', [EntriesController::class, 'show'])->name('api.entry');
            Route::get('/people/{person:code}/days/{days}/submission', [SubmissionsController::class, 'show'])->name('api.submission');
        });
        Route::middleware([RequireRight::of(AccessRight::Review), RepeatSafely::class])->group(static function (): void {
            Route::get('/waiting', [DecisionsController::class, 'index'])->name('api.waiting');
            Route::post('/decisions', [DecisionsController::class, 'store'])->name('api.decisions');
        });
        Route::middleware([RequireRight::of(AccessRight::Record), RepeatSafely::class])->group(static function (): void {
            Route::put('/people/{person:code}/entries', [EntriesController::class, 'save'])->name('api.entries.save');
            Route::put('/entries/{entry}', [EntriesController::class, 'update'])->name('api.entry.change');
            Route::delete('/entries/{entry}', [EntriesController::class, 'destroy'])->name('api.entry.delete');
            Route::post('/people/{person:code}/days/{days}/submission', [SubmissionsController::class, 'store'])->name('api.submission.submit');
            Route::delete('/people/{person:code}/days/{days}/submission', [SubmissionsController::class, 'destroy'])->name('api.submission.take-back');
        });
    });
});
