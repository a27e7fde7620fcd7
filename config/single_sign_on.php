<?php

declare(strict_types=1);

return [
    // The address that names the identity provider, as its documents say it; without one there is no single sign-on.
    'issuer' => env('MOSS_SINGLE_SIGN_ON_ISSUER') ?: null,
    // What people call it, for the sign-in page.
    'name' => (string) env('MOSS_SINGLE_SIGN_ON_NAME', 'single sign-on'),
    'client_id' => (string) env('MOSS_SINGLE_SIGN_ON_CLIENT', ''),
    'client_secret' => (string) env('MOSS_SINGLE_SIGN_ON_SECRET', ''),
];
