<?php

declare(strict_types=1);

namespace App\Providers;

use App\AuditTrail\ActingApplication;
use App\Features\Appointments\Feeds\CalendarFeed;
use App\Features\Appointments\Feeds\HttpCalendarFeed;
use App\Features\Operations\Listeners\BeatQueue;
use App\Features\Receipts\Mail\FolderMailbox;
use App\Features\Receipts\Mail\Mailbox;
use App\Features\Receipts\Reading\ReceiptWords;
use App\Features\Receipts\Reading\WordsOfFiles;
use App\Features\SignIn\CurrentSignIn;
use App\Features\SignIn\SignedInPeople;
use App\Features\SingleSignOn\IdentityProvider;
use App\Features\SingleSignOn\OpenId\OpenIdProvider;
use App\Features\TaskTracker\Remote\HttpTaskTracker;
use App\Features\TaskTracker\Remote\TaskTracker;
use App\Http\BuiltFiles;
use App\Http\Input\DaysText;
use App\Http\Input\WorkWeek;
use App\Models\AccessToken;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Database\ImmediateSqliteConnector;
use App\Support\Database\Schema\SchemaMacros;
use App\Support\Database\StrictSqliteConnection;
use App\Support\Language\Wording;
use App\Support\Mail\OutboxTransport;
use App\Support\Network\OutsideHttp;
use App\Support\Network\PinnedHttp;
use App\Support\Network\PublicAddress;
use Closure;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Foundation\Vite;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Number;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\FileLoader;
use Laravel\Sanctum\Sanctum;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use PDO;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

final class AppServiceProvider extends ServiceProvider
{
    /** Programs ask with tokens, for as long as the person whose token it is has access. */
    private function letProgramsAsk(): void
    {
        Relation::morphMap(['person' => Person::class]);
        Sanctum::usePersonalAccessTokenModel(AccessToken::class);
        Sanctum::authenticateAccessTokensUsing(fn (AccessToken $token, bool $isValid): bool => $isValid
            && $token->tokenable instanceof Person && $token->tokenable->hasAccess($this->app->make(Today::class)->for($token->tokenable)));
        RateLimiter::for('api', static fn (Request $request): Limit => Limit::perMinute(600)->by(hash('sha256', (string) $request->bearerToken()).' '.$request->ip()));
    }

    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateSqliteConnector::class);
        Connection::resolverFor('sqlite', static fn (PDO|Closure $pdo, string $database, string $prefix, array $config): StrictSqliteConnection => new StrictSqliteConnection($pdo, $database, $prefix, $config));
        SchemaMacros::register();
        $this->app->scoped(CurrentSignIn::class);
        $this->app->scoped(ActingApplication::class);
        $this->app->singleton(BeatQueue::class);
        $this->app->singleton(Vite::class, BuiltFiles::class);
        $this->app->bind(IdentityProvider::class, OpenIdProvider::class);
        $this->app->bind(CalendarFeed::class, HttpCalendarFeed::class);
        $this->app->bind(OutsideHttp::class, PinnedHttp::class);
        $this->app->bind(ReceiptWords::class, WordsOfFiles::class);
        $this->app->bind(Mailbox::class, static fn (): FolderMailbox => new FolderMailbox(config()->string('moss.receipts_mailbox')));
        $this->app->bind(TaskTracker::class, HttpTaskTracker::class);
        $this->app->bind(PublicAddress::class, static fn (): PublicAddress => new PublicAddress(array_values(array_filter(array_map(trim(...), explode(',', strtolower(config()->string('moss.allowed_hosts'))))))));
        $this->app->bind(StatefulGuard::class, static fn (): StatefulGuard => Auth::guard('web'));
        $this->app->singleton(Today::class, static function (): Today {
            $fixed = config('moss.today');

            return new Today(is_string($fixed) && $fixed !== '' ? $fixed : null);
        });
    }

    public function boot(): void
    {
        $this->letProgramsAsk();
        Auth::provider('signed-in', fn (): SignedInPeople => $this->app->make(SignedInPeople::class));
        // Longer numbers are no row of ours, and no integer either.
        foreach (['correction', 'task', 'decision', 'mail', 'standIn', 'setting', 'question', 'rate', 'asked', 'saved', 'attachment', 'signIn', 'holiday', 'leave', 'allowance', 'contact', 'planned', 'line', 'link', 'workRequest', 'file', 'transfer', 'stretch', 'appointmentCalendar', 'appointment', 'series', 'webhook', 'message', 'tracker', 'there', 'mapping', 'billingFile', 'clientSystem', 'payRule', 'payPremium', 'expense', 'receipt', 'mileageRate', 'exchangeRate', 'currency', 'expenseCategory', 'expenseStatement', 'expenseDecision'] as $number) {
            Route::pattern($number, '[0-9]{1,18}');
        }
        RateLimiter::for('uploads', static fn (Request $request): Limit => Limit::perMinute(900)->by((string) $request->ip()));
        RateLimiter::for('feeds', static fn (Request $request): Limit => Limit::perMinute(60)->by((string) $request->ip()));
        RateLimiter::for('intake', static fn (Request $request): Limit => Limit::perMinute(60)->by((string) $request->ip()));
        Number::useLocale(config()->string('languages.default_locale'));
        $this->callAfterResolving('translation.loader', static function (FileLoader $loader): void {
            $folder = config('languages.folder');
            if (is_string($folder) && $folder !== '') {
                $loader->addPath($folder);
            }
        });
        Event::listen(Looping::class, BeatQueue::class);
        Mail::extend('outbox', fn (): OutboxTransport => $this->app->make(OutboxTransport::class));
        Model::shouldBeStrict(! $this->app->isProduction());
        Route::bind('person', static function (string $code): Person {
            $signedIn = Auth::user();

            // Whoever opens their own sheet has been read already.
            return $signedIn instanceof Person && $signedIn->code === $code ? $signedIn : Person::query()->where('code', $code)->firstOrFail();
        });
        Route::bind('week', static function (string $text): Week {
            return WorkWeek::read($text) ?? throw new NotFoundHttpException(Wording::refusal('no_week', ['week' => mb_strimwidth($text, 0, 20, '…')]));
        });
        Route::bind('days', static function (string $text): DayRange {
            return DaysText::read($text) ?? throw new NotFoundHttpException(Wording::refusal('no_days', ['days' => mb_strimwidth($text, 0, 20, '…')]));
        });
    }
}
