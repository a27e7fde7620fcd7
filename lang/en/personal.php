<?php

declare(strict_types=1);

/* Personal data and settings. */
return [
    'name' => 'Former person :number',
    'already' => 'This person is anonymised already.',
    'not_gone' => 'Only somebody whose last day has passed can be anonymised. Enter their last day first.',
    'responsible' => 'This person still manages an open project, leads a team or is somebody’s line manager. Transfer their responsibilities first.',
    'open_expenses' => 'Some of this person’s expenses are not approved yet. Have them approved or removed first.',
    'open_time' => 'Some of this person’s time is not approved yet. Have it approved or removed first.',
    'done' => '{0} Nobody was anonymised.|{1} One person was anonymised.|[2,*] :count people were anonymised.',
    'settings' => [
        'saved' => 'The setting is saved.',
        'scheduled' => 'The setting will change on :day.',
        'cancelled' => 'The change planned for :day is cancelled.',
        'restored' => 'The setting is as it was before.',
        'nothing' => 'The setting has this value already.',
        'lost' => 'This change cannot be taken back: it says nothing about what was before, or that no longer exists.',
        'setting' => 'Choose a setting.',
        'from' => 'Enter the day from which it applies, today or later.',
        'value' => 'Enter a value that this setting can have.',
        'names' => ['name' => 'Name of the organisation', 'currency' => 'Currency', 'calendar' => 'Calendar', 'approval' => 'Approval route', 'remaining estimates' => 'Remaining estimates', 'week due' => 'Timesheets due', 'bill value' => 'Bill value of own time', 'anonymising' => 'Anonymising'],
    ],
];
