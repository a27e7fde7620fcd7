<?php

declare(strict_types=1);

namespace App\Api\Middleware;

use App\Models\AccessToken;
use App\Models\IdempotencyKey;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * A request with an `Idempotency-Key` is done once: repeated within a day, it gets the answer that it got. Another request under
 * the same key is refused, and so is the same one while the first is being worked on.
 */
final readonly class RepeatSafely
{
    private const LONGEST_KEY = 200;

    public function __construct(private Today $today)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->headers->get('Idempotency-Key');
        $person = $request->user();
        $token = $person instanceof Person ? $person->currentAccessToken() : null;
        // Reading may be repeated as it is.
        if ($key === null || $request->isMethodSafe() || ! $token instanceof AccessToken) {
            return $next($request);
        }
        if ($key === '' || strlen($key) > self::LONGEST_KEY) {
            throw new HttpException(400, Wording::of('api.key', ['most' => self::LONGEST_KEY]));
        }
        $hash = hash('sha256', implode("\n", [$request->method(), $request->getRequestUri(), (string) $request->headers->get('If-Match'), $request->getContent()]));
        $stored = IdempotencyKey::query()->createOrFirst(['access_token_id' => $token->id, 'key' => $key], ['request_hash' => $hash, 'headers' => [], 'body' => '', 'asked_at' => $this->today->instant()->format('Y-m-d\TH:i:s\Z')]);

        return $stored->wasRecentlyCreated ? $this->first($request, $next, $stored) : self::repeated($stored, $hash);
    }

    /** @param  Closure(Request): Response  $next */
    private function first(Request $request, Closure $next, IdempotencyKey $stored): Response
    {
        $response = $next($request);
        if ($response->getStatusCode() >= 500 || $response->getStatusCode() === 429) {
            // Nothing was done; it may be tried again under the same key.
            $stored->delete();
        } else {
            $stored->update(['status' => $response->getStatusCode(), 'headers' => array_filter(['Content-Type' => (string) $response->headers->get('Content-Type'), 'ETag' => (string) $response->headers->get('ETag')]), 'body' => (string) $response->getContent()]);
        }

        return $response;
    }

    private static function repeated(IdempotencyKey $stored, string $hash): Response
    {
        if ($stored->request_hash !== $hash) {
            throw new HttpException(422, Wording::of('api.key_used'));
        }
        if ($stored->status === null) {
            throw new ConflictHttpException(Wording::of('api.key_busy'));
        }

        return new Response($stored->body, $stored->status, ['Idempotent-Replayed' => 'true', ...$stored->headers]);
    }
}
