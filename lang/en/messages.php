<?php

declare(strict_types=1);

/* What people are told. `:day`, `:from` and `:to` are days in words, hours are as the reader writes them. */
return [
    'assigned' => '{1} You have been assigned a task: :tasks.|[2,*] You have been assigned :count tasks: :tasks.',
    'of_project' => ':tasks (:project)',
    'and_more' => '{1} :names; and one more|[2,*] :names; and :count more',
    // In the place of :days.
    'several_days' => 'from :from to :to',
    'one_day' => 'on :from',
    'task picked up' => ':name took over :hours of :task, :project, from the team.',
    'returned' => ':name returned :hours in week :week: “:comment”',
    'decided' => ':name approved :hours in week :week.',
    'expenses returned' => ':name returned expenses in week :week: “:comment”',
    'expenses decided' => ':name approved your expenses in week :week.',
    'receipts waiting' => 'Receipts waiting to be confirmed: :count.',
    'correction waiting' => ':name proposes a correction for :day, from :before to :after: “:comment”',
    'correction decided' => [
        'accepted' => ':name accepted your correction for :day, from :before to :after.',
        'declined' => ':name declined your correction for :day, from :before to :after: “:comment”',
    ],
    'estimate updated' => ':name updated the remaining estimate for :task, :project, from :before to :after. The task forecast changes from :forecast_before to :forecast.',
    'estimate waiting' => ':name proposes a remaining estimate of :after instead of :before for :task, :project. If you accept it, the task forecast changes from :forecast_before to :forecast.',
    'because' => '“:reason”',
    'estimate decided' => [
        'accepted' => ':name accepted your estimate of :remaining remaining for :task.',
        'declined' => ':name declined your estimate of :remaining remaining for :task: “:comment”',
    ],
    'stand-in added' => 'You are the stand-in for :name :days.',
    'day reminder' => [
        'pencilled' => ':day is not fully recorded yet; :hours pencilled in for you.',
        'bare' => ':day is not fully recorded yet; :missing missing.',
    ],
    'week due' => 'Submit week :week by :day. It has :entered of the expected :expected.',
    'timesheet due' => 'Submit your timesheet, :first to :last, by :day. It has :entered of the expected :expected.',
    'timesheet overdue' => 'Your timesheet, :first to :last, was due on :day. :missing',
    'week overdue' => 'Week :week was due on :day. :missing',
    'late' => [
        'unsubmitted' => ':hours not submitted.',
        'nothing' => 'Nothing is recorded; :hours expected.',
        'returned' => ':hours returned to you.',
    ],
    'leave requested' => ':name requests :kind :days, :hours.',
    'leave approved by rule' => ':name is away :days, :hours: :kind, approved by rule.',
    'leave decided' => [
        'approved' => ':name approved your :kind :days.',
        'declined' => ':name declined your :kind :days: “:comment”',
    ],
    'leave taken back' => ':name took back :kind :days, :hours.',
    'hours differ' => '{1} In one week, :system has other hours than you recorded.|[2,*] In :count weeks, :system has other hours than you recorded.',
    'work requested' => ':name requests work: “:title”.',
    'work request discussed' => ':name on “:title”: “:text”',
    'work request decided' => [
        'accepted' => ':name accepted your request “:title”: it is now the project :project.',
        'declined' => ':name declined your request “:title”: “:comment”',
    ],
    'asked by' => 'Reminder sent by :name.',
    'period closing' => 'The time office is about to close the period up to :day. You have :hours that are not submitted yet.',
    'decisions due' => [
        'entries' => 'The time office is about to close the period up to :day. Entries waiting for your approval: :count.',
        'other' => 'The time office is about to close the period up to :day. Expenses or corrections up to then are waiting for your decision.',
    ],

    'sign-in changed' => [
        'password' => 'Your password was changed. If it was not you, tell the time office at once.',
        'factor on' => 'A second factor was set up for your account. If it was not you, tell the time office at once.',
        'factor off' => 'The second factor of your account was removed. If you did not ask for that, tell the time office at once.',
    ],

    // In the subject of a mail, where the whole sentence would be too long.
    'subjects' => [
        'assigned' => '{1} A task has been assigned to you|[2,*] :count tasks have been assigned to you',
        'returned' => ':name returned :hours in week :week',
        'expenses returned' => ':name returned expenses in week :week',
        'correction waiting' => ':name proposes a correction for :day',
        'estimate updated' => ':name updated the remaining estimate for :task',
        'estimate waiting' => ':name proposes a remaining estimate for :task',
        'work request discussed' => ':name on “:title”',
    ],

    'mail' => [
        'hidden_link' => '(link for the recipient only)',
        'subject' => '{1} Moss Week: :first|{2} Moss Week: :first, and one more message|[3,*] Moss Week: :first, and :more more messages',
        'hello' => 'Hello :name,',
        'open' => 'Open in Moss Week',
        'ink' => 'Review and ink the pencilled hours',
        'hours' => 'You get at most one email in the morning and one at the end of your day, and only if there is something to report. Choose what you receive, and when, under “Messages”: :address',
        'line' => ':hours :task, :project',
        'open_days' => 'Still open: :days',
    ],
];
