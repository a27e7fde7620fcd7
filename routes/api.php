<?php

declare(strict_types=1);

use App\Api\Controllers\AssignmentsController;
use App\Api\Controllers\ComparisonsController;
use App\Api\Controllers\CorrectionsController;
use App\Api\Controllers\DecisionsController;
use App\Api\Controllers\DocumentController;
use App\Api\Controllers\EntriesController;
use App\Api\Controllers\EstimatesController;
use App\Api\Controllers\ExpensesController;
use App\Api\Controllers\FilesController;
use App\Api\Controllers\MeController;
use App\Api\Controllers\OwnFieldsController;
use App\Api\Controllers\PeopleController;
use App\Api\Controllers\PlansController;
use App\Api\Controllers\ProjectsController;
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
            Route::get('/people', [PeopleController::class, 'index'])->name('api.people');
            Route::get('/people/{person:code}', [PeopleController::class, 'show'])->name('api.person');
            Route::get('/projects', [ProjectsController::class, 'index'])->name('api.projects');
            Route::get('/projects/{project:code}', [ProjectsController::class, 'show'])->name('api.project');
            Route::get('/projects/{project:code}/status', [ProjectsController::class, 'status'])->name('api.project.status');
            Route::get('/projects/{project:code}/plan', [PlansController::class, 'show'])->name('api.plan');
            Route::get('/projects/{project:code}/tasks/{taskCode}/people/{person:code}/remaining', [EstimatesController::class, 'show'])->withoutScopedBindings()->name('api.remaining');
            Route::get('/people/{person:code}/corrections', [CorrectionsController::class, 'index'])->name('api.corrections');
            Route::get('/people/{person:code}/expenses', [ExpensesController::class, 'index'])->name('api.expenses');
            Route::get('/own-fields', [OwnFieldsController::class, 'index'])->name('api.own-fields');
            Route::get('/clients/{client:code}/charge-codes', [OwnFieldsController::class, 'chargeCodes'])->name('api.charge-codes');
            Route::get('/comparison', [ComparisonsController::class, 'show'])->name('api.comparison');
        });
        Route::middleware(RequireRight::of(AccessRight::Office))->group(static function (): void {
            Route::get('/files', [FilesController::class, 'index'])->name('api.files');
            Route::get('/files/{transfer}', [FilesController::class, 'show'])->name('api.file');
            Route::get('/files/{transfer}/download', [FilesController::class, 'download'])->name('api.file.download');
        });
        Route::middleware([RequireRight::of(AccessRight::Office), RepeatSafely::class])->group(static function (): void {
            Route::post('/people', [PeopleController::class, 'store'])->name('api.people.add');
            Route::put('/people/{person:code}', [PeopleController::class, 'update'])->name('api.person.change');
            Route::post('/files/imports', [FilesController::class, 'import'])->name('api.files.import');
            Route::post('/files/exports', [FilesController::class, 'export'])->name('api.files.export');
            Route::post('/files/{transfer}/run', [FilesController::class, 'run'])->name('api.file.run');
        });
        Route::middleware([RequireRight::of(AccessRight::Plan), RepeatSafely::class])->group(static function (): void {
            Route::post('/projects', [ProjectsController::class, 'store'])->name('api.projects.create');
            Route::put('/projects/{project:code}', [ProjectsController::class, 'update'])->name('api.project.change');
            Route::post('/projects/{project:code}/plan', [PlansController::class, 'store'])->name('api.plan.add');
            Route::patch('/projects/{project:code}/plan', [PlansController::class, 'update'])->name('api.plan.change');
            Route::post('/projects/{project:code}/plan/removals', [PlansController::class, 'remove'])->name('api.plan.remove');
        });
        Route::middleware([RequireRight::of(AccessRight::Review), RepeatSafely::class])->group(static function (): void {
            Route::get('/waiting', [DecisionsController::class, 'index'])->name('api.waiting');
            Route::post('/decisions', [DecisionsController::class, 'store'])->name('api.decisions');
            Route::get('/waiting-corrections', [CorrectionsController::class, 'waiting'])->name('api.waiting-corrections');
            Route::post('/correction-decisions', [CorrectionsController::class, 'decide'])->name('api.correction-decisions');
        });
        Route::middleware([RequireRight::of(AccessRight::Record), RepeatSafely::class])->group(static function (): void {
            Route::put('/projects/{project:code}/tasks/{taskCode}/people/{person:code}/remaining', [EstimatesController::class, 'update'])->withoutScopedBindings()->name('api.remaining.estimate');
            Route::post('/people/{person:code}/corrections', [CorrectionsController::class, 'store'])->name('api.corrections.propose');
            Route::delete('/people/{person:code}/corrections/{correction}', [CorrectionsController::class, 'destroy'])->name('api.correction.take-back');
            Route::put('/people/{person:code}/entries', [EntriesController::class, 'save'])->name('api.entries.save');
            Route::put('/entries/{entry}', [EntriesController::class, 'update'])->name('api.entry.change');
            Route::delete('/entries/{entry}', [EntriesController::class, 'destroy'])->name('api.entry.delete');
            Route::post('/people/{person:code}/days/{days}/submission', [SubmissionsController::class, 'store'])->name('api.submission.submit');
            Route::delete('/people/{person:code}/days/{days}/submission', [SubmissionsController::class, 'destroy'])->name('api.submission.take-back');
        });
    });
});
