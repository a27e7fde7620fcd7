import type { LeaveState } from '@/types/generated/props';
import type { PlainRoute } from '@/lib/route';
import { printHalves, printList, printNumber } from '@/lib/numbers';
import { plural } from './plural';

/** Half days as days: `half a day`, `one day`, `2.5 days`. */
function days(halfDays: number): string {
    return halfDays === 1 ? 'half a day' : halfDays === 2 ? 'one day' : `${printHalves(halfDays)} days`;
}

/** Leave and absences. */
export const leaveText = {
    leavePage: {
        tabs: { leave: 'My leave', 'leave.calendar': 'Who is away' } satisfies Partial<Record<PlainRoute, string>>,
        requestsTab: { 'leave.requests': 'Requests' } satisfies Partial<Record<PlainRoute, string>>,
        title: 'My leave',
        titleOf: (name: string) => `Leave of ${name}`,
        days,
        left: (kind: string, left: number, year: number) =>
            left < 0
                ? `${kind}: the allowance of ${String(year)} is exceeded by ${days(-left)}.`
                : `${kind}: ${left === 0 ? 'nothing' : days(left)} left in ${String(year)}.`,
        noAllowance: (year: number, count: number) =>
            count === 0
                ? `No absences in ${String(year)}.`
                : plural(count, { one: `One absence in ${String(year)}.`, other: `# absences in ${String(year)}.` }),
        balance: 'Allowance',
        kind: 'Kind',
        allowance: 'Allowance',
        carried: 'Carried over',
        approved: 'Approved',
        requested: 'Requested',
        leftHead: 'Left',
        besideBalance: (carriedOver: number, requested: number) =>
            [
                carriedOver === 0 ? '' : `${printHalves(carriedOver)} carried over`,
                requested === 0 ? '' : `${printHalves(requested)} requested`,
            ]
                .filter((part) => part !== '')
                .join(', '),
        list: 'Absences',
        when: 'Days',
        amount: 'Length',
        status: 'Status',
        acts: 'Actions',
        states: {
            requested: 'requested',
            approved: 'approved',
            declined: 'declined',
            'taken back': 'taken back',
            replaced: 'changed since',
        } satisfies Record<LeaveState, string>,
        recorded: 'recorded by the time office',
        by: (state: string, name: string) => `${state} by ${name}`,
        byRule: 'approved by rule',
        changeRequested: 'change requested',
        waitsFor: (name: string | null) => `requested; ${name ?? 'the time office'} decides`,
        fromMidday: 'from midday',
        untilMidday: 'until midday',
        morning: 'morning',
        afternoon: 'afternoon',
        change: 'Change',
        changeOf: (days: string) => `Change ${days}`,
        takeBack: 'Take back',
        takeBackOf: (days: string) => `Take back ${days}`,
        asksTakeBack: 'Take back this absence?',
        takeBackEffect: 'The days count as working days again, and whoever decides is told.',
        keep: 'Keep absence',
        none: (year: number) => `Nothing is requested or recorded for ${String(year)}.`,
        earlier: 'Previous year',
        later: 'Next year',
        request: 'Request leave',
        requestFor: (name: string) => `Enter leave for ${name}`,
        changeTitle: 'Change leave',
        first: 'First day',
        last: 'Last day',
        part: 'Part of the day',
        parts: { whole: 'Whole day', morning: 'Morning', afternoon: 'Afternoon' },
        startsAtMidday: 'First day from midday',
        endsAtMidday: 'Last day until midday',
        note: 'Note',
        submit: 'Request leave',
        save: 'Save change',
        cancel: 'Cancel',
        takes: (halfDays: number, hours: string) => `Takes ${days(halfDays)}, ${hours}.`,
        leavesLeft: (left: number, year: number) =>
            left < 0
                ? `Exceeds the allowance of ${String(year)} by ${days(-left)}.`
                : `The allowance of ${String(year)} will have ${left === 0 ? 'nothing' : days(left)} left.`,
        clash: (hours: string, task: string, project: string, on: string) => `${hours} planned: ${task}, ${project} (${on}).`,
        clashes: 'Planned work on these days',
        noClash: 'No work is planned on these days.',
        byRuleHint: 'Approved at once while the allowance lasts.',
        files: 'Calendar files',
        download: 'Download as iCalendar',
        fileHint: 'Events of whole days become requests. An event with the name of a kind is of that kind.',
        file: 'Calendar file (.ics)',
        fileKind: 'Kind of other events',
        fileSubmit: 'Request from file',
        noKinds: 'The time office has not set up any kind of absence yet.',
    },
    absenceCalendarPage: {
        title: 'Who is away',
        nobody: 'Nobody is away today.',
        /** Some of them by name. */
        today: (names: readonly string[], count: number) =>
            plural(count, {
                one: `${printList(names)} is away today.`,
                other: `${printList(count > names.length ? [...names, `${printNumber(count - names.length)} more`] : names)} are away today.`,
            }),
        team: 'Team',
        everybody: 'My people',
        person: 'Person',
        before: 'Previous month',
        after: 'Next month',
        day: (name: string, day: string, what: string) => `${name}, ${day}: ${what}`,
        part: (what: string) => `${what}, part of the day`,
        requested: (what: string) => `${what}, requested`,
        noWork: 'no working day',
        none: 'Nobody to show. Choose a team.',
        key: 'A filled day is an absence, a half-filled one part of a day. A day in outline is requested. A dot is no working day.',
    },
    leaveRequestsPage: {
        title: 'Leave requests',
        finding: (count: number) =>
            count === 0
                ? 'No request is waiting for you.'
                : plural(count, { one: 'One request is waiting for you.', other: '# requests are waiting for you.' }),
        others: (count: number) =>
            plural(count, {
                one: 'One more is shown once these are decided.',
                other: '# more are shown once these are decided.',
            }),
        standingIn: (name: string) => `You stand in for ${name}.`,
        change: 'This changes leave that is approved.',
        note: (note: string) => `“${note}”`,
        alsoAway: (names: string) => `Also away: ${names}.`,
        nobodyElse: 'Nobody else of the team is away.',
        left: (left: number, requested: number, year: number) =>
            left - requested < 0
                ? `If approved, the allowance of ${String(year)} is exceeded by ${days(requested - left)}.`
                : `If approved, the allowance of ${String(year)} has ${left - requested === 0 ? 'nothing' : days(left - requested)} left.`,
        approve: 'Approve leave',
        approveOf: (name: string) => `Approve leave of ${name}`,
        decline: 'Decline leave',
        declineOf: (name: string) => `Decline leave of ${name}`,
        comment: 'Comment',
        commentMissing: 'Enter a comment so that the person knows why it is declined.',
    },
};
