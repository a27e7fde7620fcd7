<?php

declare(strict_types=1);

return [
    'created' => 'The token is created. Copy it now: it is not shown again.',
    'revoked' => 'The token is revoked.',
    'taken_over' => 'You answer for :name from now on.',
    'name' => 'Enter what the token is for, in at most 100 characters.',
    'rights' => 'Choose at least one right.',
    'ends_on' => 'Enter the last day of the token, from today to :days days from now.',
];
