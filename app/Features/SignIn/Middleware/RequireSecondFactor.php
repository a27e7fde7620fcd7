<?php

declare(strict_types=1);

namespace App\Features\SignIn\Middleware;

use App\Features\SignIn\CurrentSignIn;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Shows somebody whose access needs a second factor nothing until they have set one up. */
final readonly class RequireSecondFactor
{
    public function __construct(private CurrentSignIn $current)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $this->current->needsFactor()) {
            return $next($request);
        }
        abort_if($request->expectsJson() && ! $request->hasHeader('X-Inertia'), 403, Wording::of('signin.factor_needed'));

        return redirect()->route('account.factor');
    }
}
