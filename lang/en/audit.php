<?php

declare(strict_types=1);

return [
    'by_application' => '(by the application :name)',
    // What changed, by the name under which an act stores it.
    'fields' => [
        'address' => 'question', 'sharing' => 'shared with', 'readers' => 'readers',
        'answer' => 'answer', 'approval' => 'approval route', 'approvals' => 'approvals given', 'approver' => 'approver',
        'baseline_on' => 'baseline', 'bill_rate' => 'billing rate', 'billable' => 'billable', 'break' => 'breaks', 'budget' => 'budget',
        'charge_code' => 'charge code', 'choices' => 'choices', 'client' => 'client', 'client_note' => 'client note',
        'closed_until' => 'closed up to', 'code' => 'code', 'comment' => 'comment', 'cost_rate' => 'cost rate', 'date' => 'date',
        'days' => 'days after the Sunday', 'disabled_at' => 'disabled', 'done' => 'done', 'done_on' => 'done on',
        'ends_at' => 'end', 'ends_on' => 'last day', 'entries' => 'entries', 'entry_step' => 'time step', 'explanation' => 'explanation', 'forecast' => 'task forecast',
        'from' => 'from', 'in_role' => 'role', 'kind' => 'kind', 'from_midday' => 'from midday', 'until_midday' => 'until midday', 'counts_as' => 'counts as', 'charge_code_scheme' => 'charge code scheme', 'email' => 'email address', 'phone' => 'phone', 'position' => 'position', 'calendar' => 'calendar', 'visible_to' => 'visible to', 'needs_approval' => 'needs approval', 'allowance' => 'half days a year', 'carried_at_most' => 'half days carried over', 'allowance_from' => 'counted from', 'is_retired' => 'retired', 'half_days' => 'half days', 'year' => 'year', 'wanted_by' => 'wanted by', 'about' => 'about', 'months' => 'months', 'shown' => 'shown', 'currency' => 'currency', 'limit_number' => 'limit', 'manager' => 'manager',
        'may_submit' => 'may submit', 'minutes' => 'hours', 'mode' => 'effect of estimates', 'name' => 'name', 'note' => 'team note',
        'person' => 'person', 'phase' => 'phase', 'planned' => 'planned hours', 'posted_on' => 'posted on', 'project' => 'project',
        'projects' => 'projects', 'reason' => 'reason', 'remaining' => 'remaining hours', 'required' => 'required', 'role' => 'role',
        'route' => 'approval route', 'rule' => 'house rule', 'sees_cost' => 'sees cost', 'self_approve' => 'automatic approval',
        'severity' => 'severity', 'stand_in' => 'stand-in', 'task' => 'task', 'lead' => 'lead', 'pattern' => 'work pattern', 'estimated_on' => 'estimate of', 'starts_at' => 'start', 'starts_on' => 'first day', 'state' => 'state', 'stretches' => 'parts',
        'team' => 'team', 'to' => 'to', 'tolerance' => 'tolerance', 'until' => 'up to', 'estimate_mode' => 'effect of estimates',
        'week' => 'week',
    ],

    // Values that are names of ours.
    'values' => [
        'yes' => 'yes', 'no' => 'no', 'office' => 'time office', 'draft' => 'draft', 'submitted' => 'submitted', 'approved' => 'approved', 'returned' => 'returned',
        'settled' => 'settled', 'waiting' => 'waiting', 'accepted' => 'accepted', 'declined' => 'declined', 'withdrawn' => 'withdrawn', 'requested' => 'requested', 'taken back' => 'taken back', 'replaced' => 'replaced',
        'open' => 'open', 'closed' => 'closed', 'immediate' => 'immediately', 'notify' => 'with notice to the manager',
        'approve' => 'after approval', 'blocking' => 'blocks submission', 'explanation' => 'needs an explanation',
        'information' => 'information only', 'off' => 'off', 'nobody' => 'nobody', 'some' => 'people and teams', 'everybody' => 'everybody', 'none' => 'no approver', 'line' => 'line manager', 'project' => 'project manager',
        'project+line' => 'project manager, then line manager',
    ],

    // Settings, by the name under which they are stored.
    'settings' => [
        'approval' => 'default approval route', 'remaining estimates' => 'remaining estimates', 'week due' => 'due day of a week', 'bill value' => 'bill value of own time',
        'intake' => 'requests for work', 'name' => 'name of the organisation', 'currency' => 'currency', 'calendar' => 'calendar', 'anonymising' => 'anonymising', 'organisation' => 'organisation',
        'organisations' => 'organisation', 'calendars' => 'calendars', 'teams' => 'teams', 'roles' => 'roles', 'people' => 'people',
        'clients' => 'clients', 'start, end and break' => 'start, end and breaks', 'absences' => 'absences', 'stand_ins' => 'stand-ins', 'phases' => 'phases',
    ],
    // Beside files that were imported, what came of each is all there is to say.
    'nothing' => '',

    'week' => 'week :number',
    'rows_added_and_changed' => ':added added, :changed changed',
    'rows_added' => ':count added',
    'rows_changed' => ':count changed',
    'rows_unchanged' => 'unchanged',
];
