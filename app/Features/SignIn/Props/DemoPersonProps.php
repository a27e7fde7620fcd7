<?php

declare(strict_types=1);

namespace App\Features\SignIn\Props;

/** Somebody of the demonstration, chosen by what they do. */
final readonly class DemoPersonProps
{
    public function __construct(public string $code, public string $name, public string $does)
    {
    }
}
