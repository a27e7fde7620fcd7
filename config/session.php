<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => (int) env('SESSION_LIFETIME', 480),
    'expire_on_close' => false,
    'encrypt' => true,
    'files' => storage_path('framework/sessions'),
    // Never by a request: `moss:clear-sessions` removes those that have ended.
    'lottery' => [0, 100],
    // Over TLS, a name that a browser takes from this host alone.
    'cookie' => env('SESSION_SECURE_COOKIE') ? '__Host-moss_week_session' : 'moss_week_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
