<?php

declare(strict_types=1);

/* Running the application. */
return [
    'jobs_retried' => 'What failed in the background is being tried again.',
];
