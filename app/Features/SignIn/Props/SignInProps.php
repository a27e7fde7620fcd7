<?php

declare(strict_types=1);

namespace App\Features\SignIn\Props;

/** The sign-in page. */
final readonly class SignInProps
{
    /**
     * @param  list<DemoPersonProps>  $demoPeople  empty unless this is a demonstration
     * @param  string|null  $singleSignOn  what the identity provider is called; null where there is none
     */
    public function __construct(public string $organisation, public array $demoPeople, public ?string $singleSignOn)
    {
    }

    public static function singleSignOnName(): ?string
    {
        return config('single_sign_on.issuer') === null ? null : config()->string('single_sign_on.name');
    }
}
