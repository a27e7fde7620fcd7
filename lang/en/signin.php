<?php

declare(strict_types=1);

return [
    'wrong' => 'This e-mail address and password do not belong together. Check both, or ask the time office for a new password.',
    'pause' => 'Too many attempts. Try again in :seconds seconds.',
    'ended' => 'Your access has ended. Ask the time office if you still need it.',
    'email' => 'Give your e-mail address, as in name@example.org.',
    'password' => 'Give your password.',
    'signed_out' => 'You are signed out.',
    'no_demo' => 'This is no demonstration: sign in with your e-mail address and password.',
];
