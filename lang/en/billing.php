<?php

declare(strict_types=1);

return [
    'future' => 'The period must be over: :day is still to come.',
    'under_way' => 'Another file is being made. Try again in a moment.',
    'nothing' => 'There is nothing to take out up to this day.',
    'from' => 'Enter the first day of the period.',
    'until' => 'Enter the last day of the period.',
    'reversed' => 'The last day must not be before the first.',
    'client' => 'Choose a client.',
    'making' => 'The file is being made. It can be downloaded in a moment.',
    'not_done' => 'The file is still being made. Try again in a moment.',
    'queued' => '{0} No file is waiting.|{1} One file is queued.|[2,*] :count files are queued.',
    'mapping_name' => 'Enter a name, in at most 100 characters.',
    'columns' => 'Choose columns that rows of this kind have, at least one.',
    'heading' => 'Enter a heading for each column, in at most 100 characters.',
    'mapping_saved' => ':name is saved.',
    'mapping_removed' => ':name is removed.',
    'all_columns' => 'All columns',
    'all_clients' => 'all clients',
    'title_bill' => 'Billable time, :client, :first to :last',
    'title_payroll' => 'Hours for payroll, :first to :last',
    'total' => 'Total: :hours h',
    'first_rows' => 'The first :shown of :all rows. The CSV and XLSX files have all of them.',
];
