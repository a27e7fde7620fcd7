<?php

declare(strict_types=1);

return [
    'name' => 'Enter a name for the calendar, of up to 100 characters.',
    'address' => 'Enter the address of a calendar on the internet, beginning with https:// or webcal://.',
    'known' => 'You have added this address already.',
    'too_many' => 'You have ten calendars. Remove one first.',
    'too_large' => 'This calendar is too large. Use one of at most 5 MB.',
    'unreadable' => 'This is not a calendar file. Choose a file whose name ends in .ics.',
    'task' => 'Choose a task.',
    'failure' => [
        'address' => 'The address is not one that may be asked. Check it, or ask your administrator.',
        'unreachable' => 'The calendar could not be reached. It is tried again every 15 minutes.',
        'refused' => 'The calendar is not there, or not open to us. Check its address.',
        'too_large' => 'The calendar is too large. Use one of at most 5 MB.',
        'unreadable' => 'What the address answers is not a calendar. Check it.',
    ],
    'added' => ':name is added, and its appointments are pencilled.',
    'read' => '{0} No appointments around today were found.|{1} One appointment around today was found.|[2,*] :count appointments around today were found.',
    'refreshed' => 'The calendar is up to date.',
    'removed' => ':name is removed. What you inked stays.',
    'placed' => 'The appointment is pencilled.',
    'left_out' => 'The appointment is left out.',
    'left_out_for_good' => 'These appointments are left out for good.',
    'taken_in' => 'These appointments are pencilled again.',
    'feed_made' => 'The private address is made. Copy it now; it is not shown again.',
    'feed_removed' => 'The private address is removed.',
    'feed_name' => 'Recorded time of :name',
    'no_feed' => 'There is no calendar at this address.',
    'queued' => '{0} No calendar is due.|{1} One calendar is queued.|[2,*] :count calendars are queued.',
    'busy' => 'Busy',
    'why' => [
        'code' => '“:what” is in the title',
        'habit' => '{1} you put one such appointment here|[2,*] you put :count such appointments here',
        'guests' => ':what of the client is invited',
        'words' => 'words of the title: :what',
    ],
];
