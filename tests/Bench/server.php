<?php

declare(strict_types=1);

/*
 * What the server of bin/bench answers with: the application, and beside its pages an empty route, and a page with
 * nothing on it for who is signed in. Writes down how much memory each request took.
 */

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Inertia\Inertia;

require __DIR__.'/../../vendor/autoload.php';
$application = require __DIR__.'/../../bootstrap/app.php';
assert($application instanceof Application);
register_shutdown_function(static function (): void {
    file_put_contents((string) getenv('MOSS_BENCH_MEMORY'), memory_get_peak_usage()."\n");
});
$kernel = $application->make(Kernel::class);
$kernel->bootstrap();
// After the application's own, which may come from a cache.
Route::middleware('web')->get('/empty-route', static fn () => '');
Route::middleware(['web', 'auth'])->get('/nothing', static fn () => Inertia::render('Fault', ['status' => 404, 'message' => '']));
$request = Request::capture();
$response = $kernel->handle($request)->send();
$kernel->terminate($request, $response);
