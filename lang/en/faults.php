<?php

declare(strict_types=1);

return [
    'offline_title' => 'No connection',
    'offline' => 'This page needs a connection. Your week and your tasks open without one.',
    'offline_week' => 'Open my week',
    '400' => 'This request could not be read. Check the address, or go back and try again from the page.',
    'too_much' => 'That is more than can be sent at once (:most values). Send it in parts.',
    '413' => 'That is more than can be sent at once. Send it in parts.',
    '401' => 'You are signed out; nothing was saved. Sign in again in another tab, then press Enter here. What you typed is still here.',
    '403' => 'You do not have permission to see or do this.',
    '404' => 'There is nothing at this address. Check it, or choose one of the sections above.',
    '405' => 'This address cannot be used that way. Go back and try again from the page.',
    '419' => 'Your session has ended; nothing was changed. Sign in again. What you typed is still here.',
    '429' => 'Too many requests. Wait a minute and try again.',
    '500' => 'Something went wrong on our side; nothing was changed. Try again. If it keeps happening, tell the time office what you did and when.',
    '503' => 'Moss Week is down for maintenance and will be back shortly.',
];
