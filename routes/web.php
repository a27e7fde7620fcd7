<?php

declare(strict_types=1);

use App\Api\Controllers\ReferenceController;
use App\Exchange\Controllers\TransfersController;
use App\Features\AccessTokens\Controllers\AccessTokensController;
use App\Features\Account\Controllers\AccountController;
use App\Features\Account\Controllers\PasswordController;
use App\Features\Account\Controllers\SecondFactorController;
use App\Features\Accounts\Controllers\AccountsController;
use App\Features\Accounts\Controllers\SignInSettingsController;
use App\Features\Appointments\Controllers\AppointmentsController;
use App\Features\Appointments\Controllers\TimeFeedController;
use App\Features\Billing\Controllers\BillingController;
use App\Features\Calendars\Controllers\HolidaysController;
use App\Features\Calendars\Controllers\OrganisationController;
use App\Features\ClientSystems\Controllers\ClientSystemsController;
use App\Features\Compare\Controllers\CompareController;
use App\Features\Compare\Controllers\ComparisonFileController;
use App\Features\Compare\Controllers\SavedComparisonsController;
use App\Features\Corrections\Controllers\CorrectionsController;
use App\Features\DayReminder\Controllers\DayReminderController;
use App\Features\Directory\Controllers\ClientController;
use App\Features\Directory\Controllers\DirectoryController;
use App\Features\Directory\Queries\DirectoryKind;
use App\Features\Expenses\Controllers\ExpensesController;
use App\Features\ExpenseSettings\Controllers\ExpenseSettingsController;
use App\Features\ExpenseStatements\Controllers\ExpenseStatementsController;
use App\Features\FirstStart\Controllers\FirstStartController;
use App\Features\FirstStart\Middleware\StartFirst;
use App\Features\FrontPage\Controllers\FrontPageController;
use App\Features\HouseRules\Controllers\FindingsController;
use App\Features\HouseRules\Controllers\HouseRulesController;
use App\Features\Intake\Controllers\ClientRequestsController;
use App\Features\Intake\Controllers\IntakeSettingsController;
use App\Features\Intake\Controllers\WorkRequestsController;
use App\Features\Learning\Controllers\LearningController;
use App\Features\Leave\Controllers\AbsenceCalendarController;
use App\Features\Leave\Controllers\AbsenceKindsController;
use App\Features\Leave\Controllers\LeaveController;
use App\Features\Leave\Controllers\LeaveDeskController;
use App\Features\Leave\Controllers\LeaveFilesController;
use App\Features\Load\Controllers\LoadController;
use App\Features\Messages\Controllers\MessagesController;
use App\Features\Messages\Controllers\OutboxController;
use App\Features\Month\Controllers\MonthController;
use App\Features\MyFigures\Controllers\MyFiguresController;
use App\Features\MyTasks\Controllers\MyTasksController;
use App\Features\NotSubmitted\Controllers\NotSubmittedController;
use App\Features\Office\Controllers\AuditTrailPageController;
use App\Features\Office\Controllers\OfficeController;
use App\Features\Office\Controllers\QuestionsController;
use App\Features\Office\Controllers\RoutesController;
use App\Features\Operations\Controllers\FailedJobsController;
use App\Features\OwnFieldSettings\Controllers\OwnFieldsController;
use App\Features\Passwords\Controllers\ForgottenPasswordController;
use App\Features\Passwords\Controllers\PasswordLinkController;
use App\Features\PayRules\Controllers\PayPremiumsController;
use App\Features\PayRules\Controllers\PayRulesController;
use App\Features\People\Controllers\PeopleController;
use App\Features\People\Controllers\ResponsibilitiesController;
use App\Features\Periods\Controllers\PeriodsController;
use App\Features\PersonalData\Controllers\PersonalDataController;
use App\Features\Plan\Controllers\PlanController;
use App\Features\Plan\Controllers\ProjectSettingsController;
use App\Features\Preferences\Controllers\PreferencesController;
use App\Features\Projects\Controllers\ProjectController;
use App\Features\Rates\Controllers\RatesController;
use App\Features\Receipts\Controllers\ReceiptsController;
use App\Features\Remaining\Controllers\EstimateSettingsController;
use App\Features\Remaining\Controllers\ManagerEstimatesController;
use App\Features\Remaining\Controllers\RemainingController;
use App\Features\Reported\Controllers\ReportedController;
use App\Features\Review\Controllers\PhrasesController;
use App\Features\Review\Controllers\ReviewController;
use App\Features\ScheduleFiles\Controllers\ScheduleController;
use App\Features\Settings\Controllers\SettingsController;
use App\Features\SignIn\Controllers\SignInCodeController;
use App\Features\SignIn\Controllers\SignInController;
use App\Features\SignIn\Middleware\RequireConfirmation;
use App\Features\SignIn\Middleware\RequireSecondFactor;
use App\Features\SingleSignOn\Controllers\SingleSignOnController;
use App\Features\StandIns\Controllers\StandInsController;
use App\Features\Stretches\Controllers\StretchesController;
use App\Features\Submission\Controllers\SubmissionController;
use App\Features\TaskTracker\Controllers\ProjectTrackerController;
use App\Features\TaskTracker\Controllers\TrackersController;
use App\Features\Timer\Controllers\TimerController;
use App\Features\Timesheets\Controllers\TimesheetsController;
use App\Features\Uploads\Controllers\UploadsController;
use App\Features\Webhooks\Controllers\WebhookMessagesController;
use App\Features\Webhooks\Controllers\WebhooksController;
use App\Features\Week\Controllers\AuditTrailController;
use App\Features\Week\Controllers\CellsController;
use App\Features\Week\Controllers\ChargeCodesController;
use App\Features\Week\Controllers\LinesController;
use App\Features\Week\Controllers\QuickLineController;
use App\Features\Week\Controllers\WeekController;
use App\Http\ServiceWorkerController;
use App\Http\UnknownAddress;
use App\Lookup\Controllers\LookupController;
use App\Sheet\Controllers\CalendarController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [SignInController::class, 'show'])->middleware(StartFirst::class)->name('sign-in');
    Route::get('/start', [FirstStartController::class, 'show'])->name('start');
    Route::post('/start', [FirstStartController::class, 'store'])->name('start.store');
    Route::post('/sign-in', [SignInController::class, 'store'])->name('sign-in.store');
    Route::post('/sign-in/demo', [SignInController::class, 'demo'])->name('sign-in.demo');
    Route::get('/sign-in/code', [SignInCodeController::class, 'show'])->name('sign-in.code');
    Route::post('/sign-in/code', [SignInCodeController::class, 'store'])->name('sign-in.code.store');
    Route::get('/password/forgotten', [ForgottenPasswordController::class, 'show'])->name('password.forgotten');
    Route::post('/password/forgotten', [ForgottenPasswordController::class, 'store'])->name('password.forgotten.store');
});

// Also for whoever is signed in: a link of another account, or to confirm that it is them.
Route::get('/password/set/{token}', [PasswordLinkController::class, 'show'])->name('password');
Route::post('/password/set/{token}', [PasswordLinkController::class, 'store'])->name('password.store');
Route::post('/sign-in/single-sign-on', [SingleSignOnController::class, 'store'])->name('sign-in.single-sign-on');
Route::get('/sign-in/single-sign-on/return', [SingleSignOnController::class, 'show'])->name('sign-in.single-sign-on.return');

// The pieces of a file, also of clients who came by a link; the id of an upload is known to its sender alone.
Route::middleware('throttle:uploads')->group(static function (): void {
    Route::put('/uploads/{upload}', [UploadsController::class, 'update'])->where('upload', '[0-9a-f]{32}')->name('uploads.piece');
});

Route::middleware(['signed:relative', 'throttle:intake'])->group(static function (): void {
    Route::get('/intake/{link}', [ClientRequestsController::class, 'create'])->name('intake');
    Route::post('/intake/{link}', [ClientRequestsController::class, 'store'])->name('intake.store');
    Route::post('/intake/{link}/uploads', [ClientRequestsController::class, 'upload'])->name('intake.upload');
    Route::get('/intake/requests/{workRequest}', [ClientRequestsController::class, 'show'])->name('intake.request');
    Route::post('/intake/requests/{workRequest}', [ClientRequestsController::class, 'comment'])->name('intake.comment');
});

Route::get('/service-worker.js', [ServiceWorkerController::class, 'show'])->name('service-worker');
Route::get('/time/{token}.ics', [TimeFeedController::class, 'show'])->where('token', '[A-Za-z0-9]{48}')->middleware('throttle:feeds')->name('time-feed');

Route::middleware('signed:relative')->group(static function (): void {
    Route::get('/day-reminder/{person:code}/{date}', [DayReminderController::class, 'show'])->name('day-reminder');
    Route::post('/day-reminder/{person:code}/{date}', [DayReminderController::class, 'store'])->name('day-reminder.ink');
});

// What somebody may do before they have the second factor that their access needs.
Route::middleware('auth')->group(static function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::get('/account', [AccountController::class, 'show'])->name('account');
    Route::get('/account/api', [ReferenceController::class, 'show'])->name('account.api');
    Route::post('/account/confirmation', [AccountController::class, 'confirm'])->name('account.confirm');
    Route::put('/account/password', [PasswordController::class, 'update'])->name('account.password');
    Route::get('/account/recovery-codes', [SecondFactorController::class, 'codes'])->name('account.recovery-codes');
    Route::middleware(RequireConfirmation::class)->group(static function (): void {
        Route::get('/account/second-factor', [SecondFactorController::class, 'show'])->name('account.factor');
        Route::post('/account/second-factor', [SecondFactorController::class, 'store'])->name('account.factor.store');
        Route::delete('/account/second-factor', [SecondFactorController::class, 'destroy'])->name('account.factor.remove');
        Route::post('/account/recovery-codes', [SecondFactorController::class, 'renewCodes'])->name('account.recovery-codes.renew');
        Route::post('/account/tokens', [AccessTokensController::class, 'store'])->name('account.tokens.create');
        Route::put('/account/tokens/{token}/owner', [AccessTokensController::class, 'takeOver'])->where('token', '[0-9]{1,18}')->name('account.tokens.take-over');
        Route::delete('/account/tokens/{token}', [AccessTokensController::class, 'destroy'])->where('token', '[0-9]{1,18}')->name('account.tokens.revoke');
        Route::delete('/account/sign-ins', [AccountController::class, 'endOthers'])->name('account.sign-ins.end');
        Route::delete('/account/sign-ins/{signIn}', [AccountController::class, 'endOne'])->name('account.sign-ins.end-one');
    });
});

Route::middleware(['auth', RequireSecondFactor::class])->group(static function (): void {

    Route::get('/calendar/{year}', [CalendarController::class, 'show'])->where('year', '[0-9]{4}')->name('calendar');
    Route::get('/lookup/{kind}', [LookupController::class, 'show'])->name('lookup');
    Route::patch('/preferences', [PreferencesController::class, 'update'])->name('preferences');
    Route::put('/preferences/arrangement', [PreferencesController::class, 'arrange'])->name('preferences.arrange');

    Route::get('/timesheets', [TimesheetsController::class, 'show'])->name('timesheets');
    Route::put('/timesheets/recorders/{person:code}', [TimesheetsController::class, 'update'])->name('timesheets.name');
    Route::delete('/timesheets/recorders/{person:code}', [TimesheetsController::class, 'destroy'])->name('timesheets.unname');

    Route::get('/', [FrontPageController::class, 'show'])->name('home');
    Route::get('/week', [WeekController::class, 'current'])->name('week.current');
    Route::get('/week/{week}', [WeekController::class, 'show'])->name('week');

    Route::prefix('/people/{person:code}/week/{week}')->group(static function (): void {
        Route::get('/', [WeekController::class, 'of'])->name('week.of');
        Route::get('/pencil', [WeekController::class, 'pencil'])->name('week.pencil');
        Route::put('/cells', [CellsController::class, 'update'])->name('week.cells');
        Route::get('/lines', [LinesController::class, 'index'])->name('week.lines');
        Route::put('/lines', [LinesController::class, 'update'])->name('week.lines.choose');
        Route::delete('/lines', [LinesController::class, 'destroy'])->name('week.lines.remove');
        Route::get('/charge-code', [ChargeCodesController::class, 'show'])->name('week.charge-code');
        Route::put('/charge-code', [ChargeCodesController::class, 'update'])->name('week.charge-code.choose');
        Route::post('/stretches', [StretchesController::class, 'store'])->name('week.stretches');
        Route::post('/stretches/ink', [StretchesController::class, 'ink'])->name('week.stretches.ink');
        Route::put('/stretches/{stretch}', [StretchesController::class, 'update'])->name('week.stretches.change');
        Route::post('/stretches/{stretch}/split', [StretchesController::class, 'split'])->name('week.stretches.split');
        Route::delete('/stretches/{stretch}', [StretchesController::class, 'destroy'])->name('week.stretches.remove');
        Route::get('/quick-line', [QuickLineController::class, 'show'])->name('week.quick-line');
        Route::get('/audit-trail', [AuditTrailController::class, 'show'])->name('week.audit-trail');
        Route::get('/findings', [FindingsController::class, 'show'])->name('week.findings');
        Route::put('/findings', [FindingsController::class, 'update'])->name('week.findings.answer');
        Route::put('/spans', [FindingsController::class, 'span'])->name('week.spans');
        Route::post('/corrections', [CorrectionsController::class, 'store'])->name('week.corrections');
        Route::delete('/corrections/{correction}', [CorrectionsController::class, 'destroy'])->name('week.corrections.withdraw');
    });

    Route::prefix('/people/{person:code}/tasks/{task}/remaining')->group(static function (): void {
        Route::get('/', [RemainingController::class, 'show'])->name('remaining');
        Route::put('/', [RemainingController::class, 'update'])->name('remaining.say');
        Route::delete('/', [RemainingController::class, 'destroy'])->name('remaining.take-back');
    });

    Route::prefix('/appointments')->group(static function (): void {
        Route::get('/', [AppointmentsController::class, 'show'])->name('appointments');
        Route::post('/calendars', [AppointmentsController::class, 'store'])->name('appointments.add');
        Route::post('/calendars/{appointmentCalendar}/reading', [AppointmentsController::class, 'read'])->name('appointments.read');
        Route::delete('/calendars/{appointmentCalendar}', [AppointmentsController::class, 'destroy'])->name('appointments.remove');
        Route::put('/{appointment}/task', [AppointmentsController::class, 'place'])->name('appointments.place');
        Route::put('/{appointment}/left-out', [AppointmentsController::class, 'leaveOut'])->name('appointments.leave-out');
        Route::delete('/left-out/{series}', [AppointmentsController::class, 'takeIn'])->name('appointments.take-in');
        Route::post('/feed', [TimeFeedController::class, 'store'])->name('appointments.make-feed');
        Route::delete('/feed', [TimeFeedController::class, 'destroy'])->name('appointments.remove-feed');
    });

    Route::prefix('/tasks')->group(static function (): void {
        Route::get('/', [MyTasksController::class, 'show'])->name('tasks');
        Route::post('/', [MyTasksController::class, 'store'])->name('tasks.record');
        Route::put('/pinned', [MyTasksController::class, 'pin'])->name('tasks.pin');
        Route::post('/{task}/picked-up', [MyTasksController::class, 'pickUp'])->name('tasks.pick-up');
    });

    Route::prefix('/people/{person:code}/days/{days}')->group(static function (): void {
        Route::get('/submission', [SubmissionController::class, 'show'])->name('submission.summary');
        Route::post('/submission', [SubmissionController::class, 'store'])->name('submission.submit');
        Route::delete('/submission', [SubmissionController::class, 'destroy'])->name('submission.take-back');
    });

    Route::get('/expenses', [ExpensesController::class, 'current'])->name('expenses.current');
    Route::prefix('/people/{person:code}/expenses')->group(static function (): void {
        Route::get('/{week}', [ExpensesController::class, 'show'])->name('expenses');
        Route::post('/', [ExpensesController::class, 'store'])->name('expenses.add');
        Route::post('/from-receipts', [ExpensesController::class, 'ink'])->name('expenses.ink');
        Route::put('/{expense}', [ExpensesController::class, 'update'])->name('expenses.save');
        Route::delete('/{expense}', [ExpensesController::class, 'destroy'])->name('expenses.remove');
        Route::post('/{expense}/correction', [ExpensesController::class, 'correct'])->name('expenses.correct');
        Route::post('/{week}/submission', [ExpensesController::class, 'submit'])->name('expenses.submit');
        Route::delete('/{week}/submission', [ExpensesController::class, 'takeBack'])->name('expenses.take-back');
    });
    Route::post('/people/{person:code}/receipts', [ReceiptsController::class, 'store'])->middleware('throttle:uploads')->name('receipts.add');
    Route::put('/people/{person:code}/receipts/reminder', [ReceiptsController::class, 'remind'])->name('receipts.remind');
    Route::get('/receipts/{receipt}', [ReceiptsController::class, 'show'])->name('receipts');
    Route::delete('/receipts/{receipt}', [ReceiptsController::class, 'destroy'])->name('receipts.remove');

    Route::get('/month', [MonthController::class, 'current'])->name('month.current');
    Route::get('/month/{days}', [MonthController::class, 'show'])->name('month');
    Route::put('/month/{days}/cells', [MonthController::class, 'enter'])->name('month.enter');
    Route::post('/month/{days}/filled', [MonthController::class, 'fill'])->name('month.fill');
    Route::delete('/month/{days}/filled', [MonthController::class, 'undoFill'])->name('month.undo-fill');

    Route::prefix('/timer')->group(static function (): void {
        Route::get('/', [TimerController::class, 'show'])->name('timer');
        Route::post('/', [TimerController::class, 'store'])->name('timer.start');
        Route::put('/pause', [TimerController::class, 'pause'])->name('timer.pause');
        Route::put('/resume', [TimerController::class, 'resume'])->name('timer.resume');
        Route::put('/note', [TimerController::class, 'note'])->name('timer.note');
        Route::put('/stop', [TimerController::class, 'stop'])->name('timer.stop');
        Route::delete('/', [TimerController::class, 'destroy'])->name('timer.discard');
    });

    Route::post('/uploads', [UploadsController::class, 'store'])->name('uploads');
    Route::prefix('/requests')->scopeBindings()->group(static function (): void {
        Route::get('/', [WorkRequestsController::class, 'index'])->name('requests');
        Route::post('/', [WorkRequestsController::class, 'store'])->name('requests.store');
        Route::get('/{workRequest}', [WorkRequestsController::class, 'show'])->name('requests.request');
        Route::post('/{workRequest}/comments', [WorkRequestsController::class, 'comment'])->name('requests.comment');
        Route::post('/{workRequest}/declined', [WorkRequestsController::class, 'decline'])->name('requests.decline');
        Route::post('/{workRequest}/project', [WorkRequestsController::class, 'accept'])->name('requests.accept');
        Route::get('/{workRequest}/files/{file}', [WorkRequestsController::class, 'file'])->name('requests.file');
    });
    Route::get('/account/data', [PersonalDataController::class, 'own'])->name('account.data');
    Route::get('/client-systems', [ClientSystemsController::class, 'own'])->name('client-systems.own');
    Route::get('/my-figures', [MyFiguresController::class, 'show'])->name('my-figures');

    Route::prefix('/leave')->group(static function (): void {
        Route::get('/', [LeaveController::class, 'own'])->name('leave');
        Route::get('/calendar', [AbsenceCalendarController::class, 'show'])->name('leave.calendar');
        Route::get('/requests', [LeaveDeskController::class, 'show'])->name('leave.requests');
        Route::post('/requests/{leave}/decision', [LeaveDeskController::class, 'store'])->name('leave.decide');
        Route::put('/requests/{leave}', [LeaveController::class, 'update'])->name('leave.change');
        Route::delete('/requests/{leave}', [LeaveController::class, 'destroy'])->name('leave.take-back');
        Route::get('/of/{person:code}', [LeaveController::class, 'show'])->name('leave.of');
        Route::post('/of/{person:code}', [LeaveController::class, 'store'])->name('leave.request');
        Route::get('/of/{person:code}/preview', [LeaveController::class, 'preview'])->name('leave.preview');
        Route::get('/of/{person:code}/calendar.ics', [LeaveFilesController::class, 'show'])->name('leave.file');
        Route::post('/of/{person:code}/calendar-file', [LeaveFilesController::class, 'store'])->name('leave.from-file');
    });

    Route::get('/review', [ReviewController::class, 'show'])->name('review');
    Route::get('/review/effect', [ReviewController::class, 'effect'])->name('review.effect');
    Route::post('/review/decisions', [ReviewController::class, 'decide'])->name('review.decide');
    Route::delete('/review/decisions/{decision}', [ReviewController::class, 'undo'])->name('review.undo');
    Route::post('/review/expenses', [ReviewController::class, 'decideExpenses'])->name('review.decide-expenses');
    Route::delete('/review/expenses/{expenseDecision}', [ReviewController::class, 'undoExpenses'])->name('review.undo-expenses');
    Route::post('/review/in-order', [ReviewController::class, 'approveInOrder'])->name('review.in-order');
    Route::post('/review/reopening', [ReviewController::class, 'reopen'])->name('review.reopen');
    Route::post('/review/corrections', [CorrectionsController::class, 'decide'])->name('review.corrections');
    Route::put('/review/phrases', [PhrasesController::class, 'update'])->name('review.phrases.keep');
    Route::delete('/review/phrases', [PhrasesController::class, 'destroy'])->name('review.phrases.drop');

    Route::get('/not-submitted', [NotSubmittedController::class, 'show'])->name('not-submitted');
    Route::post('/not-submitted/reminders', [NotSubmittedController::class, 'store'])->name('not-submitted.remind');

    Route::get('/messages', [MessagesController::class, 'show'])->name('messages');
    Route::put('/messages/read', [MessagesController::class, 'read'])->name('messages.read');
    Route::put('/messages/notifications', [MessagesController::class, 'update'])->name('messages.notifications');
    Route::get('/outbox', [OutboxController::class, 'show'])->name('outbox');
    Route::get('/outbox/{mail}', [OutboxController::class, 'html'])->name('outbox.mail');
    Route::get('/outbox/{mail}/attachments/{attachment}', [OutboxController::class, 'attachment'])->name('outbox.attachment');

    Route::get('/stand-ins', [StandInsController::class, 'show'])->name('stand-ins');
    Route::post('/stand-ins', [StandInsController::class, 'store'])->name('stand-ins.name');
    Route::delete('/stand-ins/{standIn}', [StandInsController::class, 'destroy'])->name('stand-ins.end');

    Route::prefix('/office')->name('office.')->group(static function (): void {
        Route::get('/', [OfficeController::class, 'show'])->name('today');
        Route::post('/failed-jobs/retries', [FailedJobsController::class, 'retry'])->name('failed-jobs.retry');
        Route::get('/people', [PeopleController::class, 'index'])->name('people');
        Route::put('/people', [PeopleController::class, 'updateSeveral'])->name('people.save-several');
        Route::get('/people/new', [PeopleController::class, 'create'])->name('people.new');
        Route::get('/people/pasted', [PeopleController::class, 'pasted'])->name('people.pasted');
        Route::post('/people/pasted', [PeopleController::class, 'addPasted'])->name('people.add-pasted');
        Route::post('/people', [PeopleController::class, 'store'])->name('people.add');
        Route::get('/people/of/{person:code}', [PeopleController::class, 'edit'])->name('people.person');
        Route::put('/people/of/{person:code}', [PeopleController::class, 'update'])->name('people.save');
        Route::get('/people/of/{person:code}/responsibilities', [ResponsibilitiesController::class, 'show'])->name('people.responsibilities');
        Route::post('/people/of/{person:code}/responsibilities', [ResponsibilitiesController::class, 'store'])->name('people.responsibilities.store');
        foreach (DirectoryKind::cases() as $kind) {
            Route::get('/'.$kind->value, [DirectoryController::class, 'index'])->defaults('kind', $kind->value)->name($kind->value);
        }
        Route::post('/directory/{kind}', [DirectoryController::class, 'store'])->name('directory.add');
        Route::put('/directory/{kind}/{code}', [DirectoryController::class, 'update'])->name('directory.save');
        Route::post('/directory/{kind}/{code}/merge', [DirectoryController::class, 'merge'])->name('directory.merge');
        Route::delete('/directory/{kind}/{code}', [DirectoryController::class, 'destroy'])->name('directory.remove');
        Route::get('/clients/of/{client:code}', [ClientController::class, 'show'])->name('clients.client');
        Route::put('/clients/of/{client:code}', [ClientController::class, 'update'])->name('clients.save');
        Route::put('/clients/of/{client:code}/charge-codes', [ClientController::class, 'saveChargeCodes'])->name('clients.save-charge-codes');
        Route::post('/clients/of/{client:code}/contacts', [ClientController::class, 'addContact'])->name('clients.contacts.add');
        Route::put('/contacts/{contact}', [ClientController::class, 'updateContact'])->name('clients.contacts.save');
        Route::delete('/contacts/{contact}', [ClientController::class, 'removeContact'])->name('clients.contacts.remove');
        Route::put('/calendars/{calendar:code}', [OrganisationController::class, 'renameCalendar'])->name('calendars.save');
        Route::delete('/calendars/{calendar:code}', [OrganisationController::class, 'removeCalendar'])->name('calendars.remove');
        Route::post('/calendars/{calendar:code}/merge', [OrganisationController::class, 'mergeCalendar'])->name('calendars.merge');
        Route::post('/calendars/{calendar:code}/copied-year', [HolidaysController::class, 'copyYear'])->name('holidays.copy-year');
        Route::post('/calendars/{calendar:code}/file', [HolidaysController::class, 'addFromFile'])->name('holidays.add-file');
        Route::get('/settings', [SettingsController::class, 'show'])->name('settings');
        Route::put('/settings', [SettingsController::class, 'update'])->name('settings.save');
        Route::delete('/settings/planned/{planned}', [SettingsController::class, 'cancel'])->name('settings.cancel');
        Route::post('/settings/changes/{line}/restoration', [SettingsController::class, 'restore'])->name('settings.restore');
        Route::get('/people/of/{person:code}/data', [PersonalDataController::class, 'show'])->name('people.data');
        Route::post('/people/of/{person:code}/anonymisation', [PersonalDataController::class, 'destroy'])->name('people.anonymise');
        Route::get('/files', [TransfersController::class, 'index'])->name('files');
        Route::post('/files/imports', [TransfersController::class, 'import'])->name('files.import');
        Route::post('/files/exports', [TransfersController::class, 'export'])->name('files.export');
        Route::get('/files/{transfer}', [TransfersController::class, 'show'])->name('files.transfer');
        Route::delete('/files/{transfer}', [TransfersController::class, 'destroy'])->name('files.discard');
        Route::get('/files/{transfer}/progress', [TransfersController::class, 'progress'])->name('files.progress');
        Route::post('/files/{transfer}/run', [TransfersController::class, 'run'])->name('files.run');
        Route::post('/files/{transfer}/taken-back', [TransfersController::class, 'takeBack'])->name('files.take-back');
        Route::get('/files/{transfer}/download', [TransfersController::class, 'download'])->name('files.download');
        Route::get('/webhooks', [WebhooksController::class, 'index'])->name('webhooks');
        Route::post('/webhooks', [WebhooksController::class, 'store'])->name('webhooks.add');
        Route::get('/webhooks/{webhook}', [WebhooksController::class, 'show'])->name('webhooks.webhook');
        Route::put('/webhooks/{webhook}', [WebhooksController::class, 'update'])->name('webhooks.save');
        Route::delete('/webhooks/{webhook}', [WebhooksController::class, 'destroy'])->name('webhooks.remove');
        Route::post('/webhooks/{webhook}/secret', [WebhooksController::class, 'renewSecret'])->name('webhooks.renew-secret');
        Route::post('/webhooks/{webhook}/test', [WebhooksController::class, 'test'])->name('webhooks.test');
        Route::get('/webhooks/{webhook}/messages/{message}', [WebhookMessagesController::class, 'show'])->scopeBindings()->name('webhooks.message');
        Route::post('/webhooks/{webhook}/messages/{message}/again', [WebhookMessagesController::class, 'sendAgain'])->scopeBindings()->name('webhooks.send-again');
        Route::get('/own-fields', [OwnFieldsController::class, 'index'])->name('own-fields');
        Route::post('/own-fields', [OwnFieldsController::class, 'store'])->name('own-fields.add');
        Route::put('/own-fields/{ownField:code}', [OwnFieldsController::class, 'update'])->name('own-fields.save');
        Route::delete('/own-fields/{ownField:code}', [OwnFieldsController::class, 'destroy'])->name('own-fields.remove');
        Route::get('/expenses', [ExpenseSettingsController::class, 'index'])->name('expenses');
        Route::post('/expenses/categories', [ExpenseSettingsController::class, 'store'])->name('expenses.add-category');
        Route::put('/expenses/categories/{expenseCategory}', [ExpenseSettingsController::class, 'update'])->name('expenses.save-category');
        Route::delete('/expenses/categories/{expenseCategory}', [ExpenseSettingsController::class, 'destroy'])->name('expenses.remove-category');
        Route::post('/expenses/categories/{expenseCategory}/mileage-rates', [ExpenseSettingsController::class, 'addMileageRate'])->name('expenses.add-mileage-rate');
        Route::delete('/expenses/mileage-rates/{mileageRate}', [ExpenseSettingsController::class, 'removeMileageRate'])->name('expenses.remove-mileage-rate');
        Route::put('/expenses/currencies', [ExpenseSettingsController::class, 'saveCurrency'])->name('expenses.save-currency');
        Route::delete('/expenses/currencies/{currency}', [ExpenseSettingsController::class, 'removeCurrency'])->name('expenses.remove-currency');
        Route::delete('/expenses/exchange-rates/{exchangeRate}', [ExpenseSettingsController::class, 'removeExchangeRate'])->name('expenses.remove-exchange-rate');
        Route::get('/expense-statements', [ExpenseStatementsController::class, 'show'])->name('expense-statements');
        Route::post('/expense-statements', [ExpenseStatementsController::class, 'store'])->name('expense-statements.make');
        Route::get('/expense-statements/{expenseStatement}.{format}', [ExpenseStatementsController::class, 'download'])->where('format', 'csv|pdf')->name('expense-statements.file');
        Route::get('/pay-rules', [PayRulesController::class, 'index'])->name('pay-rules');
        Route::post('/pay-rules/premiums', [PayPremiumsController::class, 'store'])->name('pay-rules.add-premium');
        Route::put('/pay-rules/premiums/{payPremium}', [PayPremiumsController::class, 'update'])->name('pay-rules.save-premium');
        Route::delete('/pay-rules/premiums/{payPremium}', [PayPremiumsController::class, 'destroy'])->name('pay-rules.remove-premium');
        Route::post('/pay-rules', [PayRulesController::class, 'store'])->name('pay-rules.add');
        Route::put('/pay-rules/{payRule}', [PayRulesController::class, 'update'])->name('pay-rules.save');
        Route::delete('/pay-rules/{payRule}', [PayRulesController::class, 'destroy'])->name('pay-rules.remove');
        Route::get('/client-systems', [ClientSystemsController::class, 'index'])->name('client-systems');
        Route::post('/client-systems', [ClientSystemsController::class, 'store'])->name('client-systems.save');
        Route::get('/client-systems/{clientSystem}', [ClientSystemsController::class, 'show'])->name('client-systems.system');
        Route::delete('/client-systems/{clientSystem}', [ClientSystemsController::class, 'destroy'])->name('client-systems.remove');
        Route::post('/client-systems/{clientSystem}/export', [ClientSystemsController::class, 'read'])->name('client-systems.read');
        Route::put('/client-systems/{clientSystem}/people/{there}', [ClientSystemsController::class, 'match'])->name('client-systems.match');
        Route::get('/client-systems/{clientSystem}/hours.csv', [ClientSystemsController::class, 'export'])->name('client-systems.hours');
        Route::get('/billing', [BillingController::class, 'show'])->name('billing');
        Route::post('/billing', [BillingController::class, 'store'])->name('billing.make');
        Route::put('/billing/mappings', [BillingController::class, 'saveMapping'])->name('billing.save-mapping');
        Route::delete('/billing/mappings/{mapping}', [BillingController::class, 'removeMapping'])->name('billing.remove-mapping');
        Route::get('/billing/{billingFile}/file.{format}', [BillingController::class, 'download'])->where('format', 'csv|xlsx|pdf')->name('billing.file');
        Route::get('/trackers', [TrackersController::class, 'index'])->name('trackers');
        Route::post('/trackers', [TrackersController::class, 'store'])->name('trackers.add');
        Route::delete('/trackers/{tracker}', [TrackersController::class, 'destroy'])->name('trackers.remove');
        Route::get('/intake', [IntakeSettingsController::class, 'show'])->name('intake');
        Route::put('/intake', [IntakeSettingsController::class, 'update'])->name('intake.save');
        Route::post('/intake/links', [IntakeSettingsController::class, 'store'])->name('intake.add-link');
        Route::delete('/intake/links/{link}', [IntakeSettingsController::class, 'destroy'])->name('intake.revoke-link');
        Route::get('/absence-kinds', [AbsenceKindsController::class, 'index'])->name('absence-kinds');
        Route::post('/absence-kinds', [AbsenceKindsController::class, 'store'])->name('absence-kinds.add');
        Route::put('/absence-kinds/{kind}', [AbsenceKindsController::class, 'update'])->name('absence-kinds.save');
        Route::delete('/absence-kinds/{kind}', [AbsenceKindsController::class, 'destroy'])->name('absence-kinds.remove');
        Route::post('/absence-kinds/{kind}/merge', [AbsenceKindsController::class, 'merge'])->name('absence-kinds.merge');
        Route::post('/absence-kinds/{kind}/allowances', [AbsenceKindsController::class, 'setAllowance'])->name('absence-kinds.allow');
        Route::delete('/allowances/{allowance}', [AbsenceKindsController::class, 'removeAllowance'])->name('absence-kinds.allow-usual');
        Route::get('/organisation', [OrganisationController::class, 'show'])->name('organisation');
        Route::put('/organisation', [OrganisationController::class, 'update'])->name('organisation.save');
        Route::post('/calendars', [OrganisationController::class, 'addCalendar'])->name('calendars.add');
        Route::put('/calendars/{calendar:code}/holidays', [HolidaysController::class, 'update'])->name('holidays.save');
        Route::post('/calendars/{calendar:code}/country', [HolidaysController::class, 'addOfCountry'])->name('holidays.add-country');
        Route::delete('/holidays/{holiday}', [HolidaysController::class, 'destroy'])->name('holidays.remove');
        Route::get('/accounts', [AccountsController::class, 'show'])->name('accounts');
        Route::post('/accounts/invitations', [AccountsController::class, 'invite'])->name('accounts.invite');
        Route::put('/accounts/second-factor', [SignInSettingsController::class, 'factor'])->name('accounts.require-factor');
        Route::put('/accounts/single-sign-on', [SignInSettingsController::class, 'singleSignOn'])->name('accounts.single-sign-on');
        Route::put('/accounts/{person:code}/disabled', [AccountsController::class, 'disable'])->name('accounts.disable');
        Route::delete('/accounts/{person:code}/disabled', [AccountsController::class, 'enable'])->name('accounts.enable');
        Route::delete('/accounts/{person:code}/sign-ins', [AccountsController::class, 'endSignIns'])->name('accounts.end-sign-ins');
        Route::delete('/accounts/{person:code}/second-factor', [AccountsController::class, 'removeFactor'])->name('accounts.remove-factor');
        Route::get('/periods', [PeriodsController::class, 'show'])->name('periods');
        Route::post('/periods', [PeriodsController::class, 'store'])->name('periods.close');
        Route::put('/periods/due', [PeriodsController::class, 'due'])->name('periods.due');
        Route::post('/periods/notice', [PeriodsController::class, 'notice'])->name('periods.notice');
        Route::delete('/periods', [PeriodsController::class, 'destroy'])->name('periods.reopen');
        Route::get('/rules', [HouseRulesController::class, 'show'])->name('rules');
        Route::put('/rules', [HouseRulesController::class, 'update'])->name('rules.set');
        Route::delete('/rules/{setting}', [HouseRulesController::class, 'destroy'])->name('rules.take-away');
        Route::get('/questions', [QuestionsController::class, 'show'])->name('questions');
        Route::post('/questions', [QuestionsController::class, 'store'])->name('questions.ask');
        Route::delete('/questions/{question}', [QuestionsController::class, 'destroy'])->name('questions.end');
        Route::get('/routes', [RoutesController::class, 'show'])->name('routes');
        Route::put('/routes', [RoutesController::class, 'update'])->name('routes.set');
        Route::put('/routes/{project:code}', [RoutesController::class, 'ofProject'])->name('routes.set-of-project');
        Route::get('/remaining', [EstimateSettingsController::class, 'show'])->name('remaining');
        Route::put('/remaining', [EstimateSettingsController::class, 'update'])->name('remaining.set');
        Route::get('/rates', [RatesController::class, 'show'])->name('rates');
        Route::put('/rates', [RatesController::class, 'update'])->name('rates.set');
        Route::put('/rates/bill-value', [RatesController::class, 'showBillValue'])->name('rates.bill-value');
        Route::post('/rates/readers', [RatesController::class, 'addReader'])->name('rates.readers.add');
        Route::delete('/rates/readers/{person:code}', [RatesController::class, 'removeReader'])->name('rates.readers.remove');
        Route::delete('/rates/{rate}', [RatesController::class, 'destroy'])->name('rates.take-away');
        Route::get('/audit-trail', [AuditTrailPageController::class, 'show'])->name('audit-trail');
    });

    Route::get('/compare', [CompareController::class, 'show'])->name('compare');
    Route::get('/compare/asked', [CompareController::class, 'asked'])->name('compare.asked');
    Route::get('/compare.{format}', [ComparisonFileController::class, 'show'])->name('compare.file');

    Route::get('/reported', [ReportedController::class, 'show'])->name('reported');
    Route::get('/past-tasks', [LearningController::class, 'show'])->name('past-tasks');
    Route::get('/load', [LoadController::class, 'show'])->name('load');
    Route::prefix('/comparisons')->name('comparisons')->group(static function (): void {
        Route::get('/', [SavedComparisonsController::class, 'index']);
        Route::post('/', [SavedComparisonsController::class, 'store'])->name('.save');
        Route::put('/front-page', [SavedComparisonsController::class, 'arrange'])->name('.arrange');
        Route::get('/{saved}', [SavedComparisonsController::class, 'show'])->name('.open');
        Route::put('/{saved}', [SavedComparisonsController::class, 'update'])->name('.change');
        Route::delete('/{saved}', [SavedComparisonsController::class, 'destroy'])->name('.remove');
        Route::put('/{saved}/sharing', [SavedComparisonsController::class, 'share'])->name('.share');
        Route::put('/{saved}/mail', [SavedComparisonsController::class, 'subscribe'])->name('.subscribe');
        Route::delete('/{saved}/mail', [SavedComparisonsController::class, 'unsubscribe'])->name('.unsubscribe');
    });

    Route::get('/projects', [ProjectController::class, 'index'])->name('projects');
    Route::get('/new-project', [ProjectSettingsController::class, 'create'])->name('projects.new');
    Route::post('/projects', [ProjectSettingsController::class, 'store'])->name('projects.create');
    Route::prefix('/projects/{project:code}/schedule')->group(static function (): void {
        Route::get('/', [ScheduleController::class, 'show'])->name('project.schedule');
        Route::post('/', [ScheduleController::class, 'store'])->name('project.schedule.send');
        Route::delete('/', [ScheduleController::class, 'destroy'])->name('project.schedule.discard');
        Route::post('/taken', [ScheduleController::class, 'take'])->name('project.schedule.take');
        Route::get('/file.{format}', [ScheduleController::class, 'export'])->where('format', 'csv|xlsx')->name('project.schedule.file');
    });
    Route::prefix('/projects/{project:code}/tracker')->group(static function (): void {
        Route::get('/', [ProjectTrackerController::class, 'show'])->name('project.tracker');
        Route::post('/', [ProjectTrackerController::class, 'store'])->name('project.tracker.link');
        Route::delete('/', [ProjectTrackerController::class, 'destroy'])->name('project.tracker.end');
        Route::post('/sync', [ProjectTrackerController::class, 'sync'])->name('project.tracker.sync');
        Route::put('/people/{there}', [ProjectTrackerController::class, 'matchPerson'])->name('project.tracker.person');
        Route::put('/tasks/{there}', [ProjectTrackerController::class, 'matchTask'])->name('project.tracker.task');
    });
    Route::prefix('/projects/{project:code}')->scopeBindings()->group(static function (): void {
        Route::get('/', [ProjectController::class, 'show'])->name('project');
        Route::put('/', [ProjectSettingsController::class, 'update'])->name('project.change');
        Route::post('/copy', [ProjectSettingsController::class, 'copy'])->name('project.copy');
        Route::put('/baseline', [PlanController::class, 'baseline'])->name('project.baseline');
        Route::prefix('/plan')->group(static function (): void {
            Route::get('/', [PlanController::class, 'show'])->name('project.plan');
            Route::put('/', [PlanController::class, 'update'])->name('project.plan.change');
            Route::post('/', [PlanController::class, 'store'])->name('project.plan.add');
            Route::put('/removed', [PlanController::class, 'destroy'])->name('project.plan.remove');
            Route::put('/days', [PlanController::class, 'spread'])->name('project.plan.spread');
            Route::get('/past', [LearningController::class, 'plan'])->name('project.plan.past');
            Route::get('/load', [PlanController::class, 'load'])->name('project.plan.load');
        });
        Route::post('/estimates/{asked}', [ManagerEstimatesController::class, 'decide'])->name('project.decide-remaining');
        Route::put('/tasks/{task}/done', [ManagerEstimatesController::class, 'done'])->name('project.task-done');
    });
});

// An address that nothing answers to is answered by a page like any other, to whoever asks.
Route::fallback(UnknownAddress::class)->name('nothing');
