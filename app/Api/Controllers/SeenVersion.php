<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Support\Language\Wording;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** What has no version of its own is changed as it was seen by the hash of what was answered, which is its ETag. */
final class SeenVersion
{
    /**
     * @param  object  $now  what would be answered
     *
     * @throws HttpException 428 where the request does not say what was seen, 412 where that is not what there is
     */
    public static function mustBe(Request $request, object $now): void
    {
        $seen = $request->headers->get('If-Match') ?? throw new HttpException(428, Wording::of('api.match_needed'));
        if (trim($seen, ' "') !== hash('sha256', (string) (new JsonResponse($now))->getContent())) {
            throw new HttpException(412, Wording::of('api.changed'));
        }
    }
}
