<?php

declare(strict_types=1);

return [
    // Its page of a cross-site token is for others.
    'routes' => false,
    // Pages use the session, programs a token; neither is taken for the other.
    'stateful' => [],
    'guard' => [],
    // Each token has its own last day.
    'expiration' => null,
    'token_prefix' => 'moss_',
    // Noted by a middleware, once a minute at most.
    'last_used_at' => false,
];
