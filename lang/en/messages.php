<?php

declare(strict_types=1);

/* What people are told. `:day`, `:from` and `:to` are days in words, hours are as the reader writes them. */
return [
    'assigned' => '{1} A task was assigned to you: :tasks.|[2,*] :count tasks were assigned to you: :tasks.',
    'and_more' => ':names and :count more',
    'returned' => ':name returned :hours of week :week: “:word”',
    'decided' => ':name approved :hours of week :week.',
    'correction asked' => ':name asks for a correction of :day, from :before to :after: “:word”',
    'correction decided' => [
        'accepted' => ':name accepted your correction of :day, from :before to :after.',
        'declined' => ':name declined your correction of :day, from :before to :after: “:word”',
    ],
    'restated' => ':name says :after are left of :task, :project, not :before. The forecast of the task goes from :forecast_before to :forecast.',
    'restatement asked' => ':name says :after are left of :task, :project, not :before. If you accept, the forecast of the task goes from :forecast_before to :forecast.',
    'because' => '“:word”',
    'restatement decided' => [
        'accepted' => ':name accepted that :left are left of :task.',
        'declined' => ':name declined that :left are left of :task: “:word”',
    ],
    'stand-in named' => 'You decide for :name from :from to :to.',
    'nudge' => [
        'pencilled' => ':day is not recorded yet. :hours are pencilled for you.',
        'bare' => ':day is not recorded yet; :missing are owed.',
    ],
    'week due' => 'Week :week is to be handed over by :day. It holds :entered of :owed owed.',
    'week late' => 'Week :week was to be handed over by :day. :missing',
    'late' => [
        'unsubmitted' => ':hours are not submitted.',
        'nothing' => 'Nothing is recorded, and :hours are owed.',
        'returned' => ':hours were returned to you.',
    ],
    'asked by' => ':name reminds you.',
    'period closing' => 'The time office closes the period up to :day. :hours of yours are not approved yet.',

    'mail' => [
        'hidden_link' => '(link for the recipient only)',
        'subject' => '{1} Moss Week: :first|[2,*] Moss Week: :first, and :more more',
        'hello' => 'Hello :name,',
        'open' => 'Open it',
        'ink' => 'Look at the pencil and ink it',
        'hours' => 'This comes once in the morning and once at the end of your day, and only if there is something. Choose what comes, and when, under “Messages”: :address',
        'line' => ':hours :task, :project',
    ],
];
