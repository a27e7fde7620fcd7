<?php

declare(strict_types=1);

/*
 * Receipts: why a file is not taken, and what was done.
 */
return [
    'empty' => ':name is empty. Choose the file of the receipt.',
    'large' => ':name is larger than :most MB. Photograph it at a lower resolution, or send fewer pages.',
    'type' => ':name is neither a picture (JPEG, PNG, WebP, GIF) nor a PDF. Photograph or scan the receipt.',
    'broken' => ':name cannot be opened. Photograph or scan the receipt again.',
    'pixels' => ':name has too many pixels. Photograph it at a lower resolution.',
    'active' => ':name contains scripts or other files. Print it to a new PDF, or send a picture.',
    'locked' => ':name is locked with a password. Remove the password, or send a picture.',
    'twice' => ':name is already among your receipts.',
    'in_use' => 'This receipt belongs to an expense. Remove it there first.',
    'lost' => 'A file did not arrive whole, or is larger than 10 MB. Add it again, or photograph it at a lower resolution.',
    'none' => 'Choose at least one file.',
    'many' => 'Add at most 20 files at a time.',
    'added' => '{1} Receipt added.|[2,*] :count receipts added.',
    'reminded' => 'People reminded of receipts: :count.',
    'reminder_saved' => 'Reminder saved.',
    'removed' => 'Receipt removed.',
    'mail' => 'Receipts taken: :taken. Messages put aside: :aside.',
    'items' => 'Choose at least one receipt.',
    'task' => 'Choose the task.',
    'item_day' => 'Enter the day of the expense.',
    'inked' => '{1} One expense added.|[2,*] :count expenses added.',
    'trip' => ':from to :until',
    'gone' => 'One of these receipts is no longer waiting. Load the page again.',
];
