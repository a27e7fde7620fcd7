import type { PlainRoute } from '@/lib/route';
import { printList, printNumber } from '@/lib/numbers';
import { plural } from './plural';
import { waitingThings, type WaitingCounts } from './waitingThings';

/** Approving, stand-ins and weeks not submitted. */
export const reviewText = {
    reviewPage: {
        tabs: {
            review: 'Waiting for you',
            'not-submitted': 'Not submitted',
            'stand-ins': 'Stand-ins',
        } satisfies Partial<Record<PlainRoute, string>>,
        finding: (waiting: WaitingCounts, hours: string, needingAttention: number) =>
            `${waitingThings(waiting, hours)} waiting for you; ${needingAttention === 0 ? 'everything is in order' : plural(needingAttention, { one: 'one needs attention', other: '# need attention' })}.`,
        correctionsOnly: (corrections: number) => `${waitingThings({ entries: 0, corrections, expenses: 0 })} waiting for you.`,
        oldest: (shown: number) => `The oldest ${printNumber(shown)} are shown; the others follow as you decide.`,
        oldestExpenses: (shown: number) =>
            `The oldest ${printNumber(shown)} expenses are shown; the others follow as you decide.`,
        nothing: 'Nothing is waiting for you.',
        nothingNext: 'Weeks appear here as soon as people submit them. There is nothing to do until then.',
        noneFits: 'Nothing matches. Show all, or change your search.',
        by: 'Group by',
        groupings: { person: 'Person', project: 'Project', week: 'Week' },
        show: 'Show',
        needingAttention: { all: 'All', attention: 'Needs attention', 'in order': 'In order' },
        search: 'Search people, projects, tasks',
        list: 'Waiting for you',
        item: (entries: number, hours: string) => `${hours} in ${plural(entries, { one: 'one entry', other: '# entries' })}`,
        itemsNeedingAttention: (count: number) => plural(count, { one: 'one needs attention', other: '# need attention' }),
        weekFrom: (day: string) => `Week of ${day}`,
        sheetsOf: (shown: number, all: number) => `${printNumber(shown)} of ${printNumber(all)} weeks shown`,
        approveInOrder: (entries: number, hours: string) =>
            `Approve all in order: ${hours} in ${plural(entries, { one: 'one entry', other: '# entries' })}`,
        approveInOrderHere: (entries: number, hours: string) =>
            `Approve only those in this group: ${hours} in ${plural(entries, { one: 'one entry', other: '# entries' })}`,
        open: (name: string, week: number) => `${name}, week ${week}`,
        sentence: (waits: string, entered: string, expected: string) =>
            `${waits} waiting; ${entered} of the expected ${expected} entered.`,
        waitingOnly: (waits: string) => `${waits} waiting.`,
        standing: (names: string) => `You are standing in for ${names}.`,
        gridOf: (name: string, week: number) => `Hours waiting for approval: ${name}, week ${week}`,
        line: 'Project and task',
        total: 'Total',
        client: 'client note',
        recordedBy: (name: string) => `recorded by ${name}`,
        notBillable: 'not billable',
        decided: (steps: number) => plural(steps, { one: 'one approval given', other: '# approvals given' }),
        then: (names: string) => `next: ${names}`,
        cell: (day: string, hours: string, needsAttention: boolean, leftOut: boolean) =>
            `${day}: ${hours}${needsAttention ? ', needs attention' : ''}${leftOut ? ', excluded' : ''}`,
        take: (task: string) => `Include ${task}`,
        needsAttention: 'needs attention',
        nothingOn: (day: string) => `${day}: nothing waiting`,
        approveAll: (hours: string) => `Approve ${hours}`,
        returnAll: (hours: string) => `Return ${hours}…`,
        comment: 'Comment (required)',
        commentHelp: 'The person will see this next to the hours. Press Ctrl+Enter to send.',
        commentMissing: 'Enter a comment so that the person knows why.',
        phrases: 'Saved phrases',
        keepPhrase: 'Save phrase',
        drop: 'Remove',
        dropPhrase: (phrase: string) => `Remove “${phrase}”`,
        sendBack: 'Return',
        cancel: 'Cancel',
        chosen: (count: number, all: number) =>
            count === all
                ? 'All entries selected; press Space to exclude some'
                : `${printNumber(count)} of ${printNumber(all)} entries selected`,
        corrections: (count: number) => plural(count, { one: 'One correction to decide', other: '# corrections to decide' }),
        accept: 'Accept',
        decline: 'Decline',
        startDecline: 'Decline…',
        whyDeclined: 'Comment (required)',
        wouldChange: (hours: string, cost: string | null, isSettled: boolean) =>
            `If accepted: ${hours}${cost === null ? '' : `, cost ${cost}`}${isSettled ? ', posted on the first open day' : ''}.`,
        margin: 'Remarks',
        effect: 'If you approve this',
        approvedHours: (before: string, after: string) => `Approved ${before} → ${after}`,
        forecast: (forecast: string) => `Forecast ${forecast}`,
        forecastOf: (forecast: string, planned: string) => `Forecast ${forecast}; ${planned} planned`,
        unrated: (hours: string) => `No rate for ${hours} of it`,
        cost: (before: string, after: string) => `Cost ${before} → ${after}`,
        budgetLeft: (before: string, after: string) => `Budget remaining ${before} → ${after}`,
        decisions: 'Your decisions today',
        decision: {
            approve: (entries: number, hours: string) =>
                `Approved ${hours} in ${plural(entries, { one: 'one entry', other: '# entries' })}`,
            return: (entries: number, hours: string) =>
                `Returned ${hours} in ${plural(entries, { one: 'one entry', other: '# entries' })}`,
            'approve itself': (entries: number, hours: string) =>
                `${hours} in ${plural(entries, { one: 'one entry', other: '# entries' })} approved automatically`,
        },
        expenseDecision: {
            approve: (count: number) => `Approved ${plural(count, { one: 'one expense', other: '# expenses' })}`,
            return: (count: number) => `Returned ${plural(count, { one: 'one expense', other: '# expenses' })}`,
        },
        ofPeople: (names: string[]) => (names.length > 3 ? `for ${names.length} people` : `for ${printList(names)}`),
        undo: 'Undo',
        actedOn: 'changed since',
        selfApproved: 'Approved automatically',
        selfApprovedOf: (name: string, week: number, hours: string) => `${name}, week ${week}: ${hours}`,
        reopen: 'Reopen for review',
        keys: [
            ['n, p', 'next, previous week'],
            ['], [', 'next, previous in the list'],
            ['arrows', 'one cell'],
            ['space', 'include or exclude a cell or line'],
            ['a', 'approve the selection'],
            ['r', 'return the selection'],
            ['o, Enter', 'approve all in order'],
            ['u', 'undo your last decision'],
            ['?', 'this list'],
        ] as const,
    },
    notSubmittedPage: {
        name: 'Not submitted',
        finding: (week: number, missing: number, people: number) =>
            people === 0
                ? 'Nobody matches your search.'
                : missing === 0
                  ? `Everyone has submitted week ${week}.`
                  : plural(missing, {
                        one: `# of ${printNumber(people)} people has not submitted week ${week}.`,
                        other: `# of ${printNumber(people)} people have not submitted week ${week}.`,
                    }),
        wasDue: (day: string) => `It was due on ${day}.`,
        isDue: (day: string) => `It is due on ${day}.`,
        weekBefore: 'Previous week',
        weekAfter: 'Next week',
        search: 'Search by person or team',
        remindAll: (count: number) => plural(count, { one: 'Remind one person', other: 'Remind all # people' }),
        remind: 'Remind',
        remindOf: (name: string, hours: string) => `Remind ${name}, ${hours} missing`,
        list: 'People who have not submitted',
        person: 'Person',
        expected: 'Expected',
        draft: 'Draft',
        returned: 'Returned',
        submitted: 'Submitted',
        missing: 'Not recorded',
        reminded: 'Reminded',
    },
    standInsPage: {
        name: 'Stand-ins',
        nobodyNow: 'None of your stand-ins is active at the moment.',
        now: (names: string) => `Standing in at the moment: ${names}.`,
        named: 'Your stand-ins',
        all: 'All stand-ins',
        mine: 'You stand in for',
        nobody: 'No stand-ins.',
        inPlaceOf: (standIn: string, principal: string) => `${standIn} for ${principal}`,
        from: (from: string, to: string) => `${from} to ${to}`,
        everything: 'all approvals',
        end: 'End stand-in',
        endOf: (name: string) => `End stand-in: ${name}`,
        nameOne: 'Add a stand-in',
        explained:
            'A stand-in decides on everything waiting for approval during these days. Each decision shows on whose behalf it was made.',
        principal: 'Stands in for',
        standIn: 'Stand-in',
        firstDay: 'First day',
        lastDay: 'Last day',
        onlySome: 'Only for some projects',
        projects: 'Projects (hold Ctrl to select several)',
        save: 'Add stand-in',
    },
};
