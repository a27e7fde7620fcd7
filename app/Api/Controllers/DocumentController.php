<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\OpenApi\Document;
use Illuminate\Http\JsonResponse;

/** What programs can ask, for everybody to read. */
final class DocumentController
{
    public function show(Document $document): JsonResponse
    {
        return new JsonResponse($document->toArray(), 200, [], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
