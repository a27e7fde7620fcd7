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
    'causes' => [
        'day' => ':day: :hours :kind, above :limit a day.',
        'long day' => ':day: :hours :kind, above :limit a day.',
        'week' => ':day: :hours :kind, above :limit regular hours a week.',
        'seventh day' => ':day: :hours :kind, since all six days before were worked.',
        'night' => ':day: :hours at night.',
        'sunday' => ':day: :hours on a Sunday.',
        'holiday' => ':day: :hours on a public holiday.',
    ],
    'hours' => 'Enter hours such as 8, 7.5 or 7:30, or nothing.',
    'time' => 'Enter when the night begins and ends, such as 23:00 and 6:00, or neither.',
    'nothing' => 'Say at least one thing that is not regular time, or for whom or from when all of it is.',
    'order' => 'Double time begins after overtime does.',
    'starts_on' => 'Enter a day such as 2026-06-17, or none.',
    'team' => 'Choose a team or a person, or neither for everybody.',
    'twice' => 'There is a rule for the same people from the same day on already.',
    'saved' => 'The pay rule is saved. Time that is approved already stays as it is.',
    'removed' => 'The pay rule is removed. Time that is approved already stays as it is.',
];
