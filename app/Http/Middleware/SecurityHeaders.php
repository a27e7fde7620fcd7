<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Lets a page load nothing but what this application serves, and no script that is written into it. */
final class SecurityHeaders
{
    /** The nonce is for the few styles that controls write while a list or dialog is open. */
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-%s'; font-src 'self'; img-src 'self' data:; "
        ."connect-src 'self'; frame-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        $response = $next($request);
        // What is shown inside a page, as a mail is, has a stricter one of its own.
        if (! $response->headers->has('Content-Security-Policy')) {
            $response->headers->set('Content-Security-Policy', sprintf(self::POLICY, $nonce));
        }
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'same-origin');
        $response->headers->set('Cross-Origin-Opener-Policy', 'same-origin');

        return $response;
    }
}
