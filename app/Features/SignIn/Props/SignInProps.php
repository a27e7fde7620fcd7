<?php

declare(strict_types=1);

namespace App\Features\SignIn\Props;

/** The sign-in page. */
final readonly class SignInProps
{
    /** @param  list<DemoPersonProps>  $demoPeople  empty unless this is a demonstration */
    public function __construct(public string $organisation, public array $demoPeople)
    {
    }
}
