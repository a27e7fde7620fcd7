<?php

declare(strict_types=1);

/* Kinds of pay. */
return [
    'kinds' => [
        'regular' => 'Regular',
        'overtime' => 'Overtime',
        'double' => 'Double time',
        'night' => 'Night',
        'sunday' => 'Sunday',
        'holiday' => 'Public holiday',
    ],
    'some' => ':hours :kind',
    'unknown' => 'Name each kind of pay as overtime, double, or the code of a premium.',
    'more_than_entered' => 'The kinds of pay that you chose come to more than the :hours entered. Enter fewer hours.',
    'not_open' => 'You cannot choose :kind. Ask the time office who may use it.',
    'asked' => '(:hours :kind chosen)',
    'causes' => [
        'day' => ':day: :hours :kind, after :limit that day.',
        'long day' => ':day: :hours :kind, after :limit that day.',
        'week' => ':day: :hours :kind, after :limit of regular time in the week.',
        'seventh day' => ':day: :hours :kind, on the seventh day in a row.',
        'night' => ':day: :hours at night.',
        'sunday' => ':day: :hours on a Sunday.',
        'holiday' => ':day: :hours on a public holiday.',
    ],
    'percent' => 'Enter a whole percentage from 0 to 1000, such as 150; 100 costs the same as regular time.',
    'premium' => [
        'code' => 'Enter a code of at most 32 small letters, digits and hyphens that begins with a letter, such as late-shift, and is no kind of pay already.',
        'code_taken' => 'There is already a premium with this code. Choose another code.',
        'name' => 'Enter a name of at most 100 characters.',
        'users' => 'Choose teams and people from the list.',
        'saved' => 'Premium saved. Time that is already approved does not change.',
        'removed' => 'Premium removed.',
        'used' => 'There is time with this premium, so it cannot be removed. Clear “In use” instead.',
    ],
    'hours' => 'Enter hours such as 8, 7.5 or 7:30, or nothing.',
    'time' => 'Enter when the night begins and ends, such as 23:00 and 6:00, or neither.',
    'nothing' => 'Enter at least one threshold or kind of pay, or choose a team, a person or a first day.',
    'order' => 'Enter more hours for double time than for overtime.',
    'starts_on' => 'Enter a day such as 2026-06-17, or none.',
    'team' => 'Choose a team or a person, or neither for everybody.',
    'twice' => 'There is already a rule for the same people from the same day. Change that one, or choose another day.',
    'saved' => 'Pay rule saved. Time that is already approved does not change.',
    'removed' => 'Pay rule removed. Time that is already approved does not change.',
];
