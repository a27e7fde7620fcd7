<?php

declare(strict_types=1);

return [
    'gone' => 'This timer has been stopped in the meantime.',
    'moved_on' => 'The timer was changed in another window or on another device. Look at it again, then repeat what you wanted.',
    'too_long_ago' => 'This was meant too long ago to count. Enter the time in your week instead.',
    'when' => 'Enter the day and time at which you stopped.',
    'note' => 'Shorten the note; use up to 2,000 characters.',
    'nothing' => 'The timer ran for less than half a minute, so nothing was kept.',
    'stopped' => ':hours measured and pencilled in your week. Ink it there.',
    'discarded' => 'Timer discarded.',
];
