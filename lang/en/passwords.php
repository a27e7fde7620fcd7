<?php

declare(strict_types=1);

/* Passwords, and the links by which people set them. */
return [
    'short' => 'Choose a password of at least :shortest characters; this one has :length.',
    'long' => 'Choose a password of at most :longest characters; this one has :length.',
    'own' => 'Choose a password without “:word”, which is part of your name, your email address or the organisation’s name.',
    'common' => 'Choose another password: this one is among the first that somebody would try.',
    'missing' => 'Enter a new password.',
    'current_missing' => 'Enter your current password.',
    'current_wrong' => 'The current password is wrong. Your password was not changed.',
    'link_over' => 'This link has been used or has expired. Ask for a new one; your password was not changed.',
    'sent' => 'If somebody has an account with this email address, a link to set a password is on its way. It works for one hour.',
    'too_many' => 'Too many links were asked for from here. Try again in :minutes minutes.',
    'set' => 'Your password is set.',
    'changed' => 'Your password has been changed. All other browsers have been signed out.',

    'mail' => [
        'once' => 'The link works once, within :minutes minutes.',
        'invitation' => [
            'subject' => 'Your account at Moss Week, :organisation',
            'text' => 'You have an account for the weekly timesheets of :organisation. Choose a password, and you can start.',
            'open' => 'Choose a password',
            'otherwise' => 'If it has expired, ask for a new one at :address',
        ],
        'forgotten' => [
            'subject' => 'Set a new password for Moss Week, :organisation',
            'text' => 'Somebody, most likely you, asked for a new password for the weekly timesheets of :organisation.',
            'open' => 'Set a new password',
            'otherwise' => 'If it was not you, ignore this email; your password stays as it is. A new link can be asked for at :address',
        ],
    ],
];
