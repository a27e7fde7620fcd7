<?php

declare(strict_types=1);

return [
    '400' => 'This request could not be read. Check the address, or go back and try again from the page.',
    'too_much' => 'That is more than can be sent at once (:most values). Send it in parts.',
    '401' => 'You are signed out, so nothing was saved. Sign in again in another tab and press Enter here; what you typed is kept.',
    '403' => 'This is not yours to see or do.',
    '404' => 'There is nothing here. Check the address, or go on from one of the sections above.',
    '405' => 'This address cannot be used that way. Go back and try again from the page.',
    '419' => 'Your session has ended, so nothing was changed. Sign in again; what you typed is still here.',
    '413' => 'That is more than can be sent at once. Send it in parts.',
    '429' => 'That was too often. Wait a minute and try again.',
    '500' => 'Something went wrong on our side, and nothing was changed. Try again; if it stays, tell the time office when it happened.',
    '503' => 'Moss Week is being looked after and will be back shortly.',
];
