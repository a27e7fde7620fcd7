<?php

declare(strict_types=1);

/*
 * Expenses: what is said about what was entered, and what was done.
 */
return [
    'percent' => ':percent %',
    'percent_of' => ':percent % of :share %',
    'day' => 'Enter the day of the expense.',
    'task' => 'Choose the task.',
    'category' => 'Choose a category from the list.',
    'currency' => 'Choose a currency from the list.',
    'amount' => 'Enter the amount with at most :places decimal places, such as 12.50.',
    'tax' => 'Enter the tax in the amount, or leave it empty. It cannot be more than the amount.',
    'rate' => 'Enter how much :own one :currency is worth, such as 1.0823.',
    'no_rate' => 'There is no rate for :currency on :day. Enter the rate you paid.',
    'no_mileage_rate' => 'There is no mileage rate on :day. Ask the time office.',
    'distance' => 'Enter the distance in kilometres with at most one decimal place, such as 23.5.',
    'gone' => 'This expense is no longer there. Load the page again.',
    'changed_meanwhile' => 'This expense was changed elsewhere in the meantime. Load the page again.',
    'corrected_already' => 'A correction of this expense has been started already.',
    'blocked' => ':expense on :day: :what Nothing was submitted.',
    'asked' => ':expense on :day: :what Explain it in the expense, then submit again. Nothing was submitted.',
    'added' => 'Expense added.',
    'saved' => 'Expense saved.',
    'removed' => 'Expense removed.',
    'correcting' => 'Correction started. Change it, then submit it.',
    'nothing_to_submit' => 'There are no expenses to submit.',
    'submitted' => '{1} One expense submitted.|[2,*] :count expenses submitted.',
    'approved' => '{1} One expense submitted and approved at once.|[2,*] :count expenses submitted and approved at once.',
    'decided_approve' => '{0} Nothing was decided.|{1} One expense approved.|[2,*] :count expenses approved.',
    'decided_return' => '{0} Nothing was decided.|{1} One expense returned.|[2,*] :count expenses returned.',
    'undone' => '{0} This was already undone.|{1} Undone: one expense waiting again.|[2,*] Undone: :count expenses waiting again.',
    'decided_gone' => 'Some of these expenses no longer exist. Nothing was decided; check them again.',
    'decided_changed' => 'Some of these expenses have changed since you opened them. Nothing was decided; check them again.',
    'taken_back' => '{0} Nothing to take back.|{1} One expense taken back.|[2,*] :count expenses taken back.',
];
