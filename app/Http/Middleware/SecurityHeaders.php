<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Lets a page load nothing but what this application serves, and no script that is written into it; and keeps what it shows out of caches. */
final class SecurityHeaders
{
    /** The nonce is for the few styles that controls write while a list or dialog is open. */
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-%s'; font-src 'self'; img-src 'self' data:; "
        ."connect-src 'self'; frame-src 'self'; manifest-src 'self'; worker-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** For a year, over TLS alone. */
    private const ONLY_SECURE = 'max-age=31536000; includeSubDomains';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        $response = $next($request);
        // What is shown inside a page, as a mail is, has a stricter one of its own.
        if (! $response->headers->has('Content-Security-Policy')) {
            $response->headers->set('Content-Security-Policy', sprintf(self::POLICY, $nonce));
        }
        $response->headers->add([
            // Nothing that was made for one reader stays in a browser or a proxy.
            'Cache-Control' => 'no-store, private',
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Cross-Origin-Resource-Policy' => 'same-origin',
        ] + ($request->isSecure() ? ['Strict-Transport-Security' => self::ONLY_SECURE] : []));

        return $response;
    }
}
