import type { OrganisationSetting } from '@/types/generated/props';
import { plural } from './plural';

/** The organisation's settings, and personal data. */
export const settingsText = {
    settingsPage: {
        title: 'Settings',
        finding: (planned: number) =>
            planned === 0
                ? 'No change is planned.'
                : plural(planned, { one: 'One change is planned.', other: '# changes are planned.' }),
        names: {
            name: 'Name of the organisation',
            currency: 'Currency',
            calendar: 'Calendar',
            approval: 'Approval route',
            'remaining estimates': 'Remaining estimates',
            'week due': 'Timesheets due',
            'bill value': 'Bill value of own time',
            recording: 'Step of entries and timer',
            anonymising: 'Anonymising',
        } satisfies Record<OrganisationSetting, string>,
        form: 'Change a setting',
        setting: 'Setting',
        from: 'Applies from',
        fromHint: 'Without a day, it applies at once.',
        save: 'Save setting',
        route: 'Approver',
        selfApprove: 'Automatically approve time that is in order',
        mode: 'Estimates take effect',
        tolerance: 'Tolerance in minutes',
        days: 'Days after the Sunday',
        step: 'Step in minutes',
        stepHint: 'Time off the step is a finding of a house rule. Without a step, there is none.',
        rounding: 'Timer rounding',
        roundings: { exact: 'Exact, to the minute', nearest: 'To the nearest step', up: 'Up to the next step' },
        shown: 'People see what their own time brings in',
        months: 'Months after the last day',
        monthsHint:
            'Names, addresses, messages and sign-ins of people who left are removed this long after their last day. Their time and every sum stay. Without months, nobody is anonymised.',
        toAnonymise: (count: number) =>
            plural(count, { one: 'One person will be anonymised next.', other: '# people will be anonymised next.' }),
        noCalendar: 'None',
        planned: 'Planned changes',
        nothingPlanned: 'Nothing is planned.',
        plannedBy: (day: string, by: string) => `from ${day}, planned by ${by}`,
        cancel: 'Cancel change',
        cancelOf: (setting: string, day: string) => `Cancel change: ${setting}, ${day}`,
        history: 'History',
        noHistory: 'Nothing has changed yet.',
        restore: 'Change back',
        restoreOf: (what: string) => `Change back: ${what}`,
        never: 'never',
        yes: 'yes',
        no: 'no',
    },
    personalData: {
        own: 'Your data',
        ownHint: 'Everything that is stored about you, as one file in JSON.',
        download: 'Download your data',
        ofPerson: 'Personal data',
        downloadOf: (name: string) => `Download the data of ${name}`,
        anonymise: 'Anonymise person',
        asks: (name: string) => `Anonymise ${name}?`,
        effect: 'Name, address, messages and sign-ins are removed. Time and every sum stay. This cannot be undone.',
        keep: 'Keep the name',
    },
};
