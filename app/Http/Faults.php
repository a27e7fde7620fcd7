<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Middleware\HandleInertiaRequests;
use App\Support\Language\Wording;
use Illuminate\Http\Request;
use Illuminate\Routing\Exceptions\InvalidSignatureException;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Shows a fault as a page, or as JSON to a script: what is wrong and what to do. */
final class Faults
{
    public function respond(Response $response, Throwable $fault, Request $request): Response
    {
        $status = $response->getStatusCode();
        if ($status === 419) {
            return $request->expectsJson()
                ? response()->json(['message' => (string) __('faults.419')], 419)
                : back()->with('refusal', (string) __('faults.419'));
        }
        if ($request->is('api/*')) {
            return ProblemDetails::of($response, $fault, self::sentence($fault, $status));
        }
        if (! in_array($status, [400, 401, 403, 404, 405, 413, 429, 500, 503], true) || ($status === 500 && config('app.debug') === true)) {
            return $response;
        }
        if ($fault instanceof InvalidSignatureException) {
            $fault = new AccessDeniedHttpException(Wording::refusal('day_reminder_gone'), $fault);
        }
        $sentence = self::sentence($fault, $status);
        if ($request->expectsJson()) {
            return response()->json(['message' => $sentence], $status);
        }

        // Before the session was opened a page lacks what every page is given.
        Inertia::share(array_diff_key(HandleInertiaRequests::ofNobody($request), (array) Inertia::getShared()));

        return Inertia::render('Fault', ['status' => $status, 'sentence' => $sentence])->toResponse($request)->setStatusCode($status);
    }

    /** Route not found and model not found speak of routes and classes; people are told what they can do. */
    private static function sentence(Throwable $fault, int $status): string
    {
        $said = $fault instanceof HttpExceptionInterface || $status === 403 ? $fault->getMessage() : '';

        return $said === '' || str_contains($said, 'route') || str_contains($said, 'App\\') ? (string) __('faults.'.$status) : $said;
    }
}
