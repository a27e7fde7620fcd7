<?php

declare(strict_types=1);

use App\Features\Operations\Controllers\HealthController;
use App\Http\FaultLog;
use App\Http\Faults;
use App\Http\Middleware\CleanInput;
use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\StartSession;
use App\Http\Middleware\UseReaderLanguage;
use App\Http\TrustedPlaces;
use App\OwnFields\OwnFieldsRefused;
use Demo\ActsCommand;
use Demo\FilesCommand;
use Demo\IdentitiesCommand;
use Demo\SystemsCommand;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Session\Middleware\StartSession as LaravelStartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\ValidationException;

// Whatever php.ini says: what functions were called with, which people may have typed, stays out of traces and logs.
ini_set('zend.exception_ignore_args', '1');

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        apiPrefix: 'api/v1',
        commands: __DIR__.'/../routes/console.php',
        // Without a session: whoever asks does so every few seconds.
        then: static fn () => Route::get('/up', [HealthController::class, 'show'])->name('up'),
    )
    // Nothing but commands is loaded to find them, by every command and every test.
    ->withCommands([...glob(dirname(__DIR__).'/app/{*,Features/*}/Console', GLOB_BRACE) ?: [], __DIR__.'/../app/Support/Types', FilesCommand::class, ActsCommand::class, IdentitiesCommand::class, SystemsCommand::class])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append([SecurityHeaders::class, CleanInput::class]);
        $middleware->trustHosts(at: TrustedPlaces::hosts(...), subdomains: false);
        $middleware->web(append: [UseReaderLanguage::class, HandleInertiaRequests::class], replace: [LaravelStartSession::class => StartSession::class]);
        // A page that says what is not there needs what every page is given.
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: HandleInertiaRequests::class);
        $middleware->prependToPriorityList(before: HandleInertiaRequests::class, prepend: UseReaderLanguage::class);
        $middleware->encryptCookies(except: [HandleInertiaRequests::THEME_COOKIE]);
        $middleware->redirectGuestsTo(static fn (): string => route('sign-in'));
        $middleware->redirectUsersTo(static fn (): string => route('home'));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->respond((new Faults)->respond(...));
        $exceptions->map(OwnFieldsRefused::class, static fn (OwnFieldsRefused $refused): ValidationException => ValidationException::withMessages($refused->messages()));
        // What people typed stays out of the log.
        $exceptions->report(fn (QueryException $fault) => FaultLog::write($fault))->stop();
    })
    ->create();
