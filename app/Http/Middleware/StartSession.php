<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as LaravelStartSession;

/**
 * Keeps a message for the next page until a page has shown it.
 *
 * A page asks for more beside it (what is found, the pencil, an audit trail). Such a request writes no session: it would take what
 * was said for itself, or put an older session over the one in which it was said.
 */
final class StartSession extends LaravelStartSession
{
    private const STORED_AT = 'stored_at';

    /** After so many seconds it writes all the same, so that who only records time stays signed in. */
    private const AT_LEAST_EVERY = 600;

    /** @param  Request  $request */
    protected function saveSession($request): void
    {
        $session = $request->hasSession() ? $request->session() : null;
        $stored = $session?->get(self::STORED_AT);
        if (self::isBesidePage($request) && is_int($stored) && time() - $stored < self::AT_LEAST_EVERY) {
            return;
        }
        $session?->put(self::STORED_AT, time());
        parent::saveSession($request);
    }

    private static function isBesidePage(Request $request): bool
    {
        return $request->expectsJson() && ! $request->hasHeader('X-Inertia');
    }
}
