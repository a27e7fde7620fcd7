<?php

declare(strict_types=1);

return [
    'wrong' => 'The email address or password is wrong. Check both, or ask the time office for a new password.',
    'pause' => 'Too many attempts. Try again in :seconds seconds.',
    'ended' => 'Your access has ended. Ask the time office if you still need it.',
    'email' => 'Enter your email address, such as name@example.org.',
    'password' => 'Enter your password.',
    'signed_out' => 'You have signed out.',
    'no_demo' => 'This is not a demo. Sign in with your email address and password.',
];
