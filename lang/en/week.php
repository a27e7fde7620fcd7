<?php

declare(strict_types=1);

return [
    'pencil_even' => 'plan: :hours h from :first to :last, :share h a day',
    'pencil_uneven' => 'plan: :hours h from :first to :last, :share h on this day',
    'pencil_last_week' => 'last week: :hours h on :day',
    'pencil_usual' => 'usual week: :hours h, the median of every :weekday in weeks :first to :last',

    'quick' => [
        'no_hours' => 'Begin with hours, as in 2h, 1:30 or 90m.',
        'no_words' => 'Say what you worked on: words of the project, the task or its codes.',
        'no_day' => 'Say on which day of week :week, as in tue, mon-wed or a date.',
        'not_in_week' => '“:text” is not in week :week. Open the week that it is in.',
        'days_reversed' => '“:text” runs backwards. Give the first day and then the last.',
        'too_long' => 'This is too long to be read. Keep it under 2000 letters.',
        'no_task' => 'No task of yours fits “:words”. Try other words, or ask its project manager to assign you.',
        'several' => ':count tasks fit. Choose one.',
        'no_role' => 'No role begins with “:role”.',
        'roles' => 'Several roles begin with “:role”. Write more of it.',
    ],
];
