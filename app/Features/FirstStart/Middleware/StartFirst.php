<?php

declare(strict_types=1);

namespace App\Features\FirstStart\Middleware;

use App\Features\FirstStart\StartKey;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Nobody can sign in where nobody is yet: an empty installation is started first. */
final class StartFirst
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return StartKey::isOpen() ? redirect()->route('start') : $next($request);
    }
}
