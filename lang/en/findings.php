<?php

declare(strict_types=1);

/*
 * What each house rule is called, what it finds, and what would cure that. `:day` is a day in words, hours are as the
 * reader writes them.
 */
return [
    'levels' => ['blocks' => 'blocks', 'asks' => 'asks', 'mentions' => 'mentions', 'off' => 'off'],

    'week_short' => [
        'name' => 'Week shorter than owed',
        'limit' => 'by more than',
        'what' => 'The week holds :entered of :owed owed, :missing too few.',
        'cure' => 'Record what is missing, or enter the absence.',
    ],
    'week_above' => [
        'name' => 'Week longer than owed',
        'limit' => 'by more than',
        'what' => 'The week holds :entered, :over more than the :owed owed.',
        'cure' => 'Check for hours counted twice.',
    ],
    'day_above' => [
        'name' => 'Long day',
        'limit' => 'of more than',
        'what' => ':day holds :entered; up to :limit is usual.',
        'cure' => 'Move hours to the day on which they were worked.',
    ],
    'empty_working_day' => [
        'name' => 'Working day without time',
        'what' => 'Nothing on :day, which owes :owed.',
        'cure' => 'Record the day, or enter the absence.',
    ],
    'spans_differ' => [
        'name' => 'Start and end disagree with the hours',
        'what' => ':day is :span from start to end less breaks, but holds :entered.',
        'cure' => 'Put right start, end and break below, or the hours.',
    ],
    'time_on_free_day' => [
        'name' => 'Time on a free day',
        'what' => ':entered on :day, which asks for none.',
        'cure' => 'Move them, if they belong to another day.',
    ],
    'time_on_holiday' => [
        'name' => 'Time on a public holiday',
        'what' => ':entered on :day, :holiday, which owes :owed.',
        'cure' => 'Move them, if they belong to another day.',
    ],
    'time_on_absence' => [
        'name' => 'Time on a day of absence',
        'what' => ':entered on :day beside :absence, which leaves :owed owed.',
        'cure' => 'Take them off, or have the absence put right.',
    ],
    'off_step' => [
        'name' => 'Off the step',
        'what' => ':entered is no multiple of :step minutes.',
        'cure' => 'Round it as you mean it; nothing is rounded for you.',
    ],
    'not_assigned' => [
        'name' => 'Task not assigned',
        'what' => 'The task is not assigned to you or your team.',
        'cure' => 'Ask its project manager to assign you.',
    ],
    'task_closed' => [
        'name' => 'Task done or project closed',
        'what' => 'The task was done before this day, or its project is closed.',
        'cure' => 'Move the time, or ask the project manager to open it again.',
    ],
    'task_not_started' => [
        'name' => 'Task not yet started',
        'what' => 'The task starts only on :starts.',
        'cure' => 'Nothing, if the work came early.',
    ],
    'task_ended' => [
        'name' => 'Task past its end',
        'what' => 'The task was to end on :ended.',
        'cure' => 'Ask the project manager to move its end.',
    ],
    'more_than_remained' => [
        'name' => 'More than remained',
        'limit' => 'by more than',
        'what' => 'The task has taken :over more than remained of it.',
        'cure' => 'Say what is left of it, or why it took longer.',
    ],
    'over_budget' => [
        'name' => 'Budget of the project used up',
        'what' => 'What is entered on the project has used up its budget.',
        'cure' => 'Speak with the project manager before going on.',
    ],
    'client_note_missing' => [
        'name' => 'Client note missing on billable time',
        'what' => 'Billable time has no words for the client.',
        'cure' => 'Write the client note; c inks the pencilled one.',
    ],
    'note_missing' => [
        'name' => 'Note missing on non-project time',
        'what' => 'Non-project time has no note.',
        'cure' => 'Say in a note what it was.',
    ],
    'note_short' => [
        'name' => 'Short note',
        'limit' => 'of fewer than',
        'what' => 'A note here has :length characters; at least :limit are wanted.',
        'cure' => 'Say a little more.',
    ],
    'old_time' => [
        'name' => 'Old time',
        'limit' => 'after more than',
        'what' => 'The day is :days days ago; up to :limit is usual.',
        'cure' => 'Say why it comes late.',
    ],
    'same_every_day' => [
        'name' => 'The same hours every day',
        'limit' => 'on days running',
        'what' => ':entered stand here on :days days running.',
        'cure' => 'Check that these are the hours of each day.',
    ],
    'recorded_by_another' => [
        'name' => 'Recorded by somebody else',
        'what' => ':name recorded this.',
        'cure' => 'Check that it is right.',
    ],
];
