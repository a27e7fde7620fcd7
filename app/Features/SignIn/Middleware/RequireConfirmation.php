<?php

declare(strict_types=1);

namespace App\Features\SignIn\Middleware;

use App\Features\SignIn\CurrentSignIn;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets only somebody who has confirmed lately that it is them change how they sign in. */
final readonly class RequireConfirmation
{
    public function __construct(private CurrentSignIn $current, private Today $today)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $this->current->isConfirmed($this->today->instant()->format('Y-m-d\TH:i:s\Z'))
            ? $next($request)
            : redirect()->route('account')->with('refusal', Wording::of('signin.confirm_first'));
    }
}
