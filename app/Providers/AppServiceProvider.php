<?php

declare(strict_types=1);

namespace App\Providers;

use App\Support\Clock\Today;
use App\Support\Database\ImmediateSqliteConnector;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateSqliteConnector::class);
        $this->app->bind(StatefulGuard::class, static fn (): StatefulGuard => Auth::guard('web'));
        $this->app->singleton(Today::class, static function (): Today {
            $fixed = config('moss.today');

            return new Today(is_string($fixed) && $fixed !== '' ? $fixed : null);
        });
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
    }
}
