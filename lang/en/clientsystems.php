<?php

declare(strict_types=1);

return [
    'client' => 'Choose a client.',
    'name' => 'Enter what the client calls its system, in at most 100 characters.',
    'starts_on' => 'Enter the day from which on both must agree.',
    'person_by' => 'Choose how the export names people.',
    'headings' => 'Enter the headings of three different columns: person, date and hours.',
    'kind_heading' => 'Enter the heading of a separate column for kinds of pay, in at most 100 characters.',
    'kinds' => 'Enter a different name for each kind of pay, in at most 50 characters.',
    'no_kind' => '“:called” is not a known kind of pay. Enter the names that the export uses under Settings.',
    'saved' => ':name is saved.',
    'removed' => ':name is removed. Nothing is compared with it any more.',
    'gone' => 'The file did not arrive whole. Choose it again.',
    'unreadable' => 'This is not a CSV file that can be read.',
    'too_large' => 'This file is too large. It may have :most rows.',
    'empty' => 'This file has no rows under its headings.',
    'no_heading' => 'No column has the heading “:heading”. Check the file, or change the headings below.',
    'line' => 'Line :line: :sentence Nothing was read.',
    'no_day' => 'It names no person or no day.',
    'read' => '{1} One row was read.|[2,*] :count rows were read.',
    'matched' => 'It is matched.',
    'person' => 'Choose who it is.',
    'person_taken' => 'This person is somebody else there already. Choose another.',
    'reminded' => '{0} Nobody had to be reminded.|{1} One person was reminded.|[2,*] :count people were reminded.',
];
