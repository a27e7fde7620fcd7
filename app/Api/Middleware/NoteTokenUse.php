<?php

declare(strict_types=1);

namespace App\Api\Middleware;

use App\AuditTrail\ActingApplication;
use App\Models\AccessToken;
use App\Models\Person;
use App\Support\Clock\Today;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Notes when a token was used last, once a minute at most, as reading should not write; and which application is at work. */
final readonly class NoteTokenUse
{
    private const SECONDS = 60;

    public function __construct(private Today $today, private ActingApplication $application)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->user();
        $token = $person instanceof Person ? $person->currentAccessToken() : null;
        $now = $this->today->instant();
        $this->application->is($token instanceof AccessToken && $token->is_application ? $token->name : '');
        if ($token instanceof AccessToken && ($token->last_used_at === null || $now->getTimestamp() - $token->last_used_at->getTimestamp() >= self::SECONDS)) {
            AccessToken::query()->whereKey($token->id)->update(['last_used_at' => $now->format('Y-m-d H:i:s')]);
        }

        return $next($request);
    }
}
