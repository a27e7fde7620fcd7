<?php

declare(strict_types=1);

use App\Features\Preferences\Controllers\PreferencesController;
use App\Features\Projects\Controllers\ProjectController;
use App\Features\Review\Controllers\ReviewController;
use App\Features\SignIn\Controllers\SignInController;
use App\Features\Week\Controllers\CellController;
use App\Features\Week\Controllers\WeekController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [SignInController::class, 'show'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store'])->name('sign-in.store');
    Route::post('/sign-in/demo', [SignInController::class, 'demo'])->name('sign-in.demo');
});

Route::middleware('auth')->group(static function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');

    Route::patch('/preferences', [PreferencesController::class, 'update'])->name('preferences');

    Route::get('/', [WeekController::class, 'current'])->name('home');
    Route::get('/week', [WeekController::class, 'current']);
    Route::put('/week/cells', [CellController::class, 'update'])->name('week.cell');
    Route::get('/week/{week}', [WeekController::class, 'show'])->name('week');
    Route::post('/week/{week}/submission', [WeekController::class, 'submit'])->name('week.submit');
    Route::delete('/week/{week}/submission', [WeekController::class, 'takeBack'])->name('week.take-back');
    Route::get('/people/{person:code}/week/{week}', [WeekController::class, 'of'])->name('week.of');

    Route::get('/review', [ReviewController::class, 'show'])->name('review');
    Route::post('/review/decisions', [ReviewController::class, 'decide'])->name('review.decide');

    Route::get('/projects', [ProjectController::class, 'index'])->name('projects');
    Route::get('/projects/{project:code}', [ProjectController::class, 'show'])->name('project');
});
