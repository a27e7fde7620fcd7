<?php

declare(strict_types=1);

namespace App\Api\Middleware;

use App\Models\AccessRight;
use App\Models\Person;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** Lets only tokens with a right do what needs it. What the person may do is decided besides, by the policies. */
final class RequireRight
{
    public static function of(AccessRight $right): string
    {
        return self::class.':'.$right->value;
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $right): Response
    {
        $person = $request->user();

        return $person instanceof Person && $person->tokenCan($right) ? $next($request) : throw new AccessDeniedHttpException(Wording::of('api.right', ['right' => $right]));
    }
}
