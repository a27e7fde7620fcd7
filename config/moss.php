<?php

declare(strict_types=1);

return [
    // Fixes "today" (YYYY-MM-DD) for tests, pictures and demonstrations; empty means the real day.
    'today' => env('MOSS_TODAY'),

    // Lets the sign-in page offer demo people without a password. Never on with real data.
    'demo' => (bool) env('MOSS_DEMO', false),
];
