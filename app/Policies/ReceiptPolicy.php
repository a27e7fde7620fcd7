<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\Receipt;
use Illuminate\Auth\Access\Response;

/** Who may look at a receipt: whoever may see the week of its owner, and of one that an expense has, who manages or approves that. */
final class ReceiptPolicy
{
    public function view(Person $person, Receipt $receipt): Response
    {
        if ($person->isViewer()) {
            return Response::deny((string) __('refusals.viewer'));
        }
        $expense = $receipt->expense;
        $isTheirs = WholeWeeks::isOpenTo($person, $receipt->person)
            || ($expense !== null && ($expense->approver_id === $person->id || $expense->last_decided_by_id === $person->id || $expense->task->project->manager_id === $person->id));

        return $isTheirs ? Response::allow() : Response::deny((string) __('refusals.week'));
    }

    /** Who records for its owner. */
    public function remove(Person $person, Receipt $receipt): Response
    {
        return ! $person->isViewer() && WholeWeeks::isOpenTo($person, $receipt->person) ? Response::allow() : Response::deny((string) __('refusals.record'));
    }
}
