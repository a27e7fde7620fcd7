<?php

declare(strict_types=1);

return [
    // Argon2id reads the whole of a long password; bcrypt stops at 72 bytes.
    'driver' => 'argon2id',
    'argon' => [
        'memory' => (int) env('ARGON_MEMORY', 65536),
        'threads' => 1,
        'time' => (int) env('ARGON_TIME', 4),
        // What another algorithm has made is read, and made anew at the next sign-in.
        'verify' => false,
    ],
    'rehash_on_login' => true,
];
