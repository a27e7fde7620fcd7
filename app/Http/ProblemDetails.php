<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** What is wrong with a request of a program, as RFC 9457 has it, in the sentence that a person would see. */
final class ProblemDetails
{
    /** What the answer says besides. */
    private const KEPT = ['Retry-After', 'X-RateLimit-Limit', 'X-RateLimit-Remaining', 'X-RateLimit-Reset', 'Allow'];

    /** @param  string  $sentence  for people */
    public static function of(Response $response, Throwable $fault, string $sentence): JsonResponse
    {
        $status = $response->getStatusCode();
        $errors = [];
        foreach ($fault instanceof ValidationException ? $fault->errors() : [] as $field => $sentences) {
            foreach (is_array($sentences) ? $sentences : [] as $one) {
                $errors[] = ['pointer' => '#/'.str_replace('.', '/', (string) $field), 'detail' => is_string($one) ? $one : ''];
            }
        }

        $problem = ['type' => 'about:blank', 'title' => Response::$statusTexts[$status] ?? 'Error', 'status' => $status, 'detail' => $errors[0]['detail'] ?? $sentence];
        $answer = new JsonResponse($problem + ($errors === [] ? [] : ['errors' => $errors]), $status, ['Content-Type' => 'application/problem+json']);
        foreach (self::KEPT as $name) {
            if ($response->headers->has($name)) {
                $answer->headers->set($name, (string) $response->headers->get($name));
            }
        }

        return $answer;
    }
}
