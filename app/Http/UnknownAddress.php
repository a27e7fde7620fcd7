<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Answers every address that no other route answers to. */
final class UnknownAddress
{
    public function __invoke(): never
    {
        throw new NotFoundHttpException;
    }
}
