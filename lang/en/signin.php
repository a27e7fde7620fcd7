<?php

declare(strict_types=1);

return [
    'wrong' => 'The email address or password is wrong. Check both, or set a new password under “Forgotten password?”.',
    'wrong_password' => 'The password is wrong. Enter the one that you sign in with.',
    'pause' => 'Too many attempts. Try again in :seconds seconds.',
    'ended' => 'Your access has ended. Ask the time office if you still need it.',
    'email' => 'Enter your email address, such as name@example.org.',
    'password' => 'Enter your password.',
    'signed_out' => 'You have signed out.',
    'no_demo' => 'This is not a demo. Sign in with your email address and password.',
    'code' => 'Enter the six digits that your app shows, or a recovery code.',
    'factor_wrong' => 'This code is not valid, or has been used. Enter the code that your app shows now, or a recovery code that you have not used.',
    'factor_needed' => 'Set up your second factor first. Reload the page to do so.',
    'factor_on' => 'The second factor is set up.',
    'factor_off' => 'The second factor is removed.',
    'factor_required' => 'Your access requires a second factor, so it cannot be removed. You can set it up anew.',
    'too_late' => 'It took too long, or your password was changed meanwhile. Enter your email address and password again.',
    'confirm_first' => 'Confirm with your password that it is you; then do it again.',
    'confirmed' => 'Thank you. For 15 minutes you can change how you sign in.',
    'ended_one' => 'That browser has been signed out.',
    'ended_others' => 'All other browsers have been signed out.',
    'sso_failed' => 'Signing in at :name did not work. Try again, or sign in with your password.',
    'sso_off' => 'There is no single sign-on here. Sign in with your email address and password.',
    'sso_unverified' => ':name has not verified your email address. Ask whoever runs it.',
    'sso_unknown' => 'Nobody here has the email address :email. Ask the time office for an account.',
    'sso_other' => 'You signed in at :name as somebody else. Sign in there as :email.',
];
