<?php

declare(strict_types=1);

/* Fields that the office adds, and composed charge codes. */
return [
    'missing' => 'Fill in “:field”.',
    'unknown' => 'There is no field :field here.',
    'expected' => [
        'text' => '“:field” takes a text of at most 200 characters, on one line.',
        'number' => '“:field” takes a number such as 12 or 1.5, instead of “:text”.',
        'choice' => '“:field” has no choice “:text”. Choose one that it offers.',
        'yes-no' => '“:field” takes yes or no, instead of “:text”.',
        'date' => '“:field” takes a date such as 2026-06-17, instead of “:text”.',
    ],
    'yes' => 'Yes',
    'no' => 'No',
    'name' => 'Enter a name of at most 200 characters.',
    'code' => 'Enter a code of letters, digits, dots, hyphens and underscores, at most 32.',
    'code_taken' => 'Another field has this code.',
    'subject' => 'Choose what the field belongs to.',
    'kind' => 'Choose what the field holds.',
    'starts_on' => 'Enter a day such as 2026-06-17, or none.',
    'team' => 'Choose a team, or none for everybody.',
    'client' => 'Choose a client, or none for all.',
    'choices' => 'Enter at least one choice, each on a line of its own: a name, or a code, an equals sign and a name.',
    'choice_twice' => 'The code :code stands there twice.',
    'choice_code' => '“:code” is no code. Use letters, digits, dots, hyphens and underscores, at most 32.',
    'added' => 'The field “:field” is added.',
    'saved' => 'The field “:field” is saved.',
    'removed' => 'The field “:field” is removed.',
    'used' => '“:field” holds something already, so it cannot be removed. It can be retired.',
    'charge_code' => [
        'parts' => 'Each part needs a name and at least one code of 1 to 16 letters and digits, none of them twice. “:text” does not fit.',
        'combination' => '“:text” is no combination. Enter a code for each part with spaces between; * stands for any.',
        'code' => 'The charge codes of :client have no “:text”. Choose one for each part.',
        'together' => 'The parts of “:text” do not go together for :client.',
        'saved' => 'The charge codes of :client are saved.',
        'none' => ':client has no charge codes to choose from.',
        'no_client' => 'This project has no client, and so no charge codes to choose from.',
        'chosen' => 'The charge code is :code.',
        'cleared' => 'The charge code of the task holds again.',
    ],
];
