<?php

declare(strict_types=1);

return [
    // Addresses or ranges of the proxies whose X-Forwarded-* headers are believed, separated by commas; empty for none.
    'proxies' => env('MOSS_TRUSTED_PROXIES', ''),
];
