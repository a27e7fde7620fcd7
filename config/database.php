<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',

    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('moss.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 10000,
            'journal_mode' => 'wal',
            // With full, what was saved survives a power cut; with normal, the last moments may not. See docs/operations.md.
            'synchronous' => env('DB_SYNCHRONOUS', 'full'),
            // An act changes a few bytes of many pages, and writes each of them whole. Counts when a database is made.
            // What stands in the log is put into the database every 4 MB, as with larger pages.
            'pragmas' => ['page_size' => 2048, 'wal_autocheckpoint' => 2000, 'temp_store' => 'memory', 'cache_size' => -16000],
        ],
    ],

    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
