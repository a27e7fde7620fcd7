<?php

declare(strict_types=1);

return [
    // Files, so that counting sign-in attempts never waits for the database.
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'file' => ['driver' => 'file', 'path' => env('CACHE_FOLDER', storage_path('framework/cache/data')), 'lock_path' => env('CACHE_FOLDER', storage_path('framework/cache/data'))],
    ],
    'prefix' => 'moss-week-',
];
