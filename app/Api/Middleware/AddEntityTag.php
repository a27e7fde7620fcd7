<?php

declare(strict_types=1);

namespace App\Api\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** Tells by a tag whether what is read has changed, and answers 304 where it has not. What has a version has that as its tag. */
final class AddEntityTag
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        // Files are read once, and are no text that could be hashed here.
        if ($request->isMethodCacheable() && $response->isSuccessful() && ! $response instanceof BinaryFileResponse) {
            if ($response->getEtag() === null) {
                $response->setEtag(hash('sha256', (string) $response->getContent()));
            }
            $response->headers->set('Cache-Control', 'private, no-cache');
            $response->isNotModified($request);
        }

        return $response;
    }
}
