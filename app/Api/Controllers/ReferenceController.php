<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\OpenApi\Reference;
use Inertia\Inertia;
use Inertia\Response;

/** The document as a page, for whoever is signed in: it says nothing of anybody. */
final class ReferenceController
{
    public function show(Reference $reference): Response
    {
        return Inertia::render('ApiReference', ['reference' => $reference->props()]);
    }
}
