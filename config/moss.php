<?php

declare(strict_types=1);

return [
    // Fixes "today" (YYYY-MM-DD) for tests, pictures and demonstrations; empty means the real day.
    'today' => env('MOSS_TODAY'),

    // Host names besides that of APP_URL under which the application may be asked for, separated by commas.
    'trusted_hosts' => env('MOSS_TRUSTED_HOSTS', ''),

    // Lets the sign-in page offer demo people without a password. Never on with real data.
    'demo' => (bool) env('MOSS_DEMO', false),
];
