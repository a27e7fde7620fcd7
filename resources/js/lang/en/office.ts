import type { PlainRoute } from '@/lib/route';
import { printNumber } from '@/lib/numbers';
import type { HealthCheck } from '@/types/generated/props';
import { plural } from './plural';
import { waitingThings, type WaitingCounts } from './waitingThings';

/** The time office. */
export const timeOfficeText = {
    ratesPage: {
        name: 'Rates',
        nothing: 'No rates yet; figures are in hours only.',
        nothingNext: 'Once you add a rate, the time office and the managers who may see costs will see them.',
        complete: 'All recorded time has a rate.',
        missing: (count: number) =>
            plural(count, { one: 'One person has time without a rate.', other: '# people have time without a rate.' }),
        explained:
            'A rate applies from its first day, including to time already recorded. A rate for a person in a role overrides the person’s own rate, which overrides the role’s rate.',
        unrated: (person: string, role: string | null, hours: string, since: string) =>
            `${person}${role === null ? ', no role' : `, ${role}`}: ${hours} recorded since ${since} are not included in costs.`,
        search: 'Search by person or role',
        whose: 'Person or role',
        person: 'Person',
        role: 'Role',
        since: 'Applies from',
        cost: (currency: string) => `Cost rate (${currency}/h)`,
        bill: (currency: string) => `Billing rate (${currency}/h)`,
        acts: 'Actions',
        inForce: 'current',
        set: 'Save rate',
        change: 'Edit',
        changeOf: (whose: string, since: string) => `Edit the rate of ${whose} from ${since}`,
        remove: 'Remove',
        removeOf: (whose: string, since: string) => `Remove the rate of ${whose} from ${since}`,
        notFound: 'No matching rates.',
        billValue: {
            title: 'Bill value',
            explained: 'Under My figures, people can see what their own time brings in at its bill rate; never what it costs.',
            shows: 'People see the bill value of their own time',
        },
        readers: {
            title: 'Who sees cost',
            explained:
                'The time office sees all costs. The managers listed here see them on the projects they manage, and so what an hour of each person costs; everybody else sees hours only.',
            nobody: 'Nobody besides the time office sees cost.',
            person: 'Manager',
            add: 'Add manager',
            remove: 'Remove',
            removeName: (name: string) => `Remove ${name}`,
        },
    },
    officePage: {
        today: {
            name: 'Time office',
            finding: (count: number) =>
                count === 0
                    ? 'Nothing needs the time office today.'
                    : plural(count, { one: 'One thing needs the time office.', other: '# things need the time office.' }),
            begun: 'A few steps lead to the first recorded week.',
            needs: 'Today',
            nothing: 'Nothing is waiting, late or missing.',
            notSubmitted: (missing: number, people: number, week: number) =>
                plural(missing, {
                    one: `One of ${printNumber(people)} people has not submitted week ${String(week)}.`,
                    other: `# of ${printNumber(people)} people have not submitted week ${String(week)}.`,
                }),
            overdue: 'It is overdue.',
            remind: 'See who',
            waiting: (waiting: WaitingCounts) => `${waitingThings(waiting)} waiting for your decision.`,
            leave: (count: number) =>
                plural(count, {
                    one: 'One leave request is waiting for your decision.',
                    other: '# leave requests are waiting for your decision.',
                }),
            review: 'Review',
            toClose: (month: string) => `${month} is not closed.`,
            allApproved: 'All its time is approved.',
            stillOpen: (count: number) =>
                plural(count, { one: 'One entry is not approved yet.', other: '# entries are not approved yet.' }),
            check: 'Check and close',
            unrated: (count: number) =>
                plural(count, { one: 'One person has time without a rate.', other: '# people have time without a rate.' }),
            setRates: 'Set rates',
            estimates: (count: number) =>
                plural(count, {
                    one: 'One remaining estimate is waiting for its project manager.',
                    other: '# remaining estimates are waiting for their project managers.',
                }),
            since: (day: string) => `The oldest is of ${day}.`,
            show: 'Show projects',
            failed: (count: number) => plural(count, { one: 'One background job failed.', other: '# background jobs failed.' }),
            failedDetail: 'Reminders or emails may be missing. If they fail again, tell whoever runs this installation.',
            undelivered: (count: number) =>
                plural(count, {
                    one: 'One message to another system was given up.',
                    other: '# messages to other systems were given up.',
                }),
            tryAgain: 'Try again',
            failing: {
                database: { since: () => 'The database does not answer.', never: 'The database does not answer.' },
                scheduler: {
                    since: (at: string) => `Nothing scheduled has run since ${at}.`,
                    never: 'Nothing scheduled has run yet.',
                },
                queue: {
                    since: (at: string) => `Nothing has run in the background since ${at}.`,
                    never: 'Nothing has run in the background yet.',
                },
                disk: { since: () => 'The disk is nearly full.', never: 'The disk is nearly full.' },
                backup: { since: (at: string) => `The last backup is of ${at}.`, never: 'There is no backup yet.' },
            } satisfies Record<HealthCheck, { since: (at: string) => string; never: string }>,
            failingDetails: {
                database: 'Tell whoever runs this installation.',
                scheduler: 'Reminders wait. Tell whoever runs this installation.',
                queue: 'Emails and recalculations wait. Tell whoever runs this installation.',
                disk: 'Tell whoever runs this installation, before nothing can be saved.',
                backup: 'Tell whoever runs this installation.',
            } satisfies Record<HealthCheck, string>,
            settings: 'Settings',
            settingNames: {
                periods: 'Periods',
                rules: 'House rules',
                questions: 'Questions',
                routes: 'Approval routes',
                remaining: 'Remaining estimates',
                rates: 'Rates',
            },
            settingTexts: {
                periods: 'Until when time is closed and settled, and when a week is due.',
                rules: 'What is checked before a week is submitted.',
                questions: 'What people answer with every week.',
                routes: 'Who approves time, for everyone and by project.',
                remaining: 'Whether a remaining estimate takes effect at once or is approved first.',
                rates: 'What an hour costs and is billed at, and who sees that.',
            },
            changed: (at: string, by: string) => `Last changed ${at} by ${by}`,
            neverChanged: 'Not changed yet',
        },
        groups: [
            ['Today', { 'office.today': 'Today' }],
            [
                'People',
                {
                    'office.people': 'People',
                    'office.accounts': 'Accounts',
                    'office.teams': 'Teams',
                    'office.roles': 'Roles',
                    'office.absence-kinds': 'Absences',
                },
            ],
            ['Clients', { 'office.clients': 'Clients', 'office.intake': 'Intake' }],
            [
                'Time',
                {
                    'office.periods': 'Periods',
                    'office.rules': 'House rules',
                    'office.questions': 'Questions',
                    'office.routes': 'Approval routes',
                    'office.remaining': 'Remaining estimates',
                    'office.own-fields': 'Own fields',
                },
            ],
            [
                'Pay and money',
                {
                    'office.rates': 'Rates',
                    'office.pay-rules': 'Pay rules',
                    'office.expenses': 'Expenses',
                    'office.expense-statements': 'Expense statements',
                    'office.billing': 'Billing and payroll',
                },
            ],
            [
                'Files and systems',
                {
                    'office.files': 'Files',
                    'office.client-systems': 'Clients’ systems',
                    'office.trackers': 'Task trackers',
                    'office.webhooks': 'Webhooks',
                },
            ],
            [
                'Organisation',
                {
                    'office.organisation': 'Organisation',
                    'office.settings': 'Settings',
                    'office.audit-trail': 'Audit trail',
                },
            ],
        ] satisfies (readonly [string, Partial<Record<PlainRoute, string>>])[],
        periods: {
            name: 'Periods',
            nothingClosed: 'No period has been closed yet.',
            weekDue: 'Timesheets due',
            dueAfter: (days: number) =>
                days === 0
                    ? 'On the Sunday of the week'
                    : plural(days, { one: 'On the Monday after', other: '# days after the Sunday' }),
            stillSettling: (entries: number) =>
                plural(entries, {
                    one: 'One entry of the closed period is still being settled.',
                    other: '# entries of the closed period are still being settled.',
                }),
            closedUntil: (day: string) => `Closed up to ${day}.`,
            until: 'Close up to',
            look: 'Check period',
            wouldSettle: (hours: string, entries: number, day: string) =>
                entries === 0
                    ? `There is no approved time to settle up to ${day}.`
                    : `${hours} in ${plural(entries, { one: 'one entry', other: '# entries' })} up to ${day} will be settled.`,
            allApproved: 'All time up to then is approved.',
            open: (hours: string, entries: number, people: number) =>
                `${hours} in ${plural(entries, { one: 'one entry', other: '# entries' })} from ${plural(people, { one: 'one person', other: '# people' })} are not approved.`,
            expensesSettle: (count: number) =>
                plural(count, { one: 'One approved expense will be settled.', other: '# approved expenses will be settled.' }),
            expensesOpen: (count: number) =>
                plural(count, { one: 'One expense is not approved yet.', other: '# expenses are not approved yet.' }),
            correctionsWait: (count: number) =>
                plural(count, { one: 'One correction is still waiting.', other: '# corrections are still waiting.' }),
            leavesOut: (entries: number) =>
                plural(entries, {
                    one: 'Leave out the entry that is not approved; it can still be approved, and a later closing will settle it',
                    other: 'Leave out the # entries that are not approved; they can still be approved, and a later closing will settle them',
                }),
            close: (hours: string) => `Close and settle ${hours}`,
            confirmTitle: (day: string) => `Close all time up to ${day}?`,
            confirmText:
                'Settled time can never be changed again, even after the days are reopened; corrections are posted beside it.',
            confirmNo: 'Not yet',
            announce: 'Notify everyone who still has to act',
            unentered: 'Hours that were never entered are not listed here.',
            notSubmitted: (week: number) => `See who has not submitted week ${String(week)}`,
            approversTitle: 'Waiting for a decision',
            approver: 'Approver',
            timeOffice: 'Time office',
            standIn: (names: string) => `stand-in: ${names}`,
            entries: 'Entries',
            ofPeople: 'People',
            expenses: 'Expenses',
            corrections: 'Corrections',
            reopen: 'Reopen closed days',
            startReopen: 'Reopen closed days…',
            openFrom: 'Reopen from',
            why: 'Reason',
            staysSettled: 'Settled time stays settled; new time can be recorded on these days again.',
            openTitle: 'Not approved yet',
            person: 'Person',
            unsubmitted: 'Not submitted',
            waiting: 'Waiting',
            since: 'Since',
            corrected: 'Corrected since the last closing',
            acts: 'History',
            closed: (day: string) => `closed up to ${day}`,
            reopened: (day: string) => `reopened; closed up to ${day}`,
        },
        rules: {
            name: 'House rules',
            finding: 'These checks run before a week is submitted.',
            explained:
                'A finding blocks submission, needs an explanation that the approver will see, or is for information only. A project’s setting overrides a team’s, and a team’s overrides the one for everyone; the most recent one in effect applies.',
            rule: 'Rule',
            severity: 'Severity',
            limit: 'Limit',
            holds: 'Applies to',
            usual: 'Everyone (default)',
            everybody: 'Everyone',
            from: (day: string) => `from ${day}`,
            severities: {
                blocking: 'Blocks submission',
                explanation: 'Needs explanation',
                information: 'Information only',
                off: 'Off',
            },
            units: {
                days: (count: number) => plural(count, { one: '# day', other: '# days' }),
                characters: (count: number) => plural(count, { one: '# character', other: '# characters' }),
                money: (count: number) => String(count),
            },
            unitNames: { minutes: 'hours', days: 'days', characters: 'characters', money: 'amount' },
            set: 'Change…',
            setRule: (rule: string) => `Change the rule: ${rule}`,
            remove: 'Remove',
            removeOf: (rule: string, whom: string) => `Remove the setting: ${rule}, ${whom}`,
            fromDay: 'Applies from',
            for: 'Applies to',
            aTeam: 'One team',
            aProject: 'One project',
            whichTeam: 'Team',
            whichProject: 'Project',
            save: 'Save rule',
            cancel: 'Cancel',
        },
        remaining: {
            name: 'Remaining estimates',
            finding: {
                immediate: 'New estimates take effect immediately.',
                notify: 'New estimates take effect immediately, with notice to the project manager.',
                approve: 'New estimates take effect after approval by the project manager.',
            },
            explained: (tolerance: string) =>
                `A reason is required if an estimate differs by more than ${tolerance} from the calculated remaining hours.`,
            otherwise: (count: number) =>
                plural(count, { one: 'One open project has its own setting.', other: '# open projects have their own setting.' }),
            mode: 'New remaining estimates',
            modes: {
                immediate: 'Effective immediately',
                notify: 'Effective with notice to the manager',
                approve: 'Effective after approval',
            },
            tolerance: 'Tolerance (hours)',
            set: 'Save settings',
        },
        questions: {
            name: 'Questions',
            finding: (count: number) =>
                count === 0
                    ? 'No questions are asked when a week is submitted.'
                    : plural(count, {
                          one: 'One question is asked when a week is submitted.',
                          other: '# questions are asked when a week is submitted.',
                      }),
            kinds: { text: 'Free text', choice: 'Multiple choice', 'yes/no': 'Yes or no' },
            required: 'Required',
            optional: 'Optional',
            from: (day: string) => `From ${day}`,
            between: (from: string, to: string) => `${from} to ${to}`,
            answers: (count: number) => plural(count, { one: 'One answer', other: '# answers' }),
            end: 'Stop asking',
            endOf: (wording: string) => `Stop asking: ${wording}`,
            wording: 'Question',
            kind: 'Answer type',
            choices: 'Choices, separated by commas',
            since: 'From the week of',
            ask: 'Add question',
        },
        routes: {
            name: 'Approval routes',
            finding: (kind: string) => `Time is approved by default as follows: ${kind}.`,
            kinds: {
                none: 'No approver',
                project: 'Project manager',
                line: 'Line manager',
                'project+line': 'Project manager, then line manager',
            },
            default: 'Default route',
            selfApprove: 'Automatically approve time that is in order',
            explained:
                'Nobody approves their own time: it goes to their line manager. If no approver is set, time goes to the time office.',
            withoutManager: (names: string) => `People without a line manager: ${names}.`,
            search: 'Search projects',
            project: 'Project',
            manager: 'Manager',
            waiting: 'Waiting',
            route: 'Approved by',
            routeOf: (project: string) => `Approval route of ${project}`,
            asOrganisation: (kind: string) => `Default: ${kind}`,
        },
    },
};
