<?php

declare(strict_types=1);

/*
 * What people are paid back, and clients are charged.
 */
return [
    'until' => 'Enter the last day of the statement.',
    'client' => 'Choose the client to be charged.',
    'future' => 'Choose a day up to today; :day is yet to come.',
    'nothing' => 'No expenses are outstanding up to this day.',
    'changed' => 'What is outstanding has changed since you looked. Check the figures, then create the statement.',
    'made' => 'The statement is created. What it contains is settled.',
    'title_reimbursement' => 'Reimbursements, :from to :until',
    'title_client' => 'Expenses charged to :client, :from to :until',
    'total' => 'Total: :sum',
    'receipt' => 'Receipt for expense :number: :name',
    'receipt_missing' => ':receipt. The file is missing.',
    'receipt_packed' => ':receipt. This PDF could not be included; it is with the expense.',
    'heading' => [
        'number' => 'No.',
        'day' => 'Day',
        'person' => 'Person',
        'task' => 'Project and task',
        'category' => 'Category',
        'amount' => 'Amount',
        'rate' => 'Rate',
        'own' => 'In :currency',
    ],
];
