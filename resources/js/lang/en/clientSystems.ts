import type { Side } from '@/types/generated/props';
import { plural } from './plural';

/** Hours that clients keep in systems of their own, beside ours. */
export const clientSystemsText = {
    clientSystemsPage: {
        title: 'Clients’ systems',
        none: 'No client has the same hours in a system of its own.',
        finding: (count: number) =>
            plural(count, {
                one: 'One client has the same hours in a system of its own.',
                other: '# clients have the same hours in systems of their own.',
            }),
        hint: 'Their exports are compared with what is recorded here. A week is billed only once both agree.',
        system: 'System',
        client: 'Client',
        lastRead: 'Last read',
        never: 'Never',
        state: 'State',
        agrees: 'Both agree',
        open: (weeks: number) => plural(weeks, { one: 'One week of one person open', other: '# weeks of people open' }),
        add: 'Add system',
        name: 'What the client calls it',
        startsOn: 'Must agree from',
        headings: 'How its export is read',
        personHeading: 'Heading for people',
        dateHeading: 'Heading for dates',
        hoursHeading: 'Heading for hours',
        chargeCodeHeading: 'Heading for charge codes, if any',
        payKindHeading: 'Heading for kinds of pay, if any',
        payKinds: 'Names of kinds of pay in the export, if different',
        personBy: 'People are named by',
        personBys: { code: 'code', email: 'email address', name: 'name' } as Readonly<Record<string, string>>,
        save: 'Save',
    },
    clientSystemPage: {
        back: 'All systems',
        about: (client: string, day: string) => `${client}; both must agree from ${day}.`,
        read: 'Read an export',
        file: 'CSV file',
        readNow: 'Read',
        hours: 'Our hours of this week as CSV',
        weekOf: (number: string, monday: string) => `Week ${number}, ${monday}`,
        openWeeks: 'Weeks that are open:',
        earlier: 'Week before',
        later: 'Week after',
        everybodyAgrees: 'Everybody’s hours are the same in both.',
        nobody: 'Neither has any time in this week.',
        person: 'Person',
        here: 'Here',
        there: 'There',
        days: 'Days that differ',
        same: 'The same',
        unknown: 'People not matched',
        isPerson: (called: string) => `${called} is`,
        settings: 'Settings',
        remove: 'Remove',
        removeTitle: (name: string) => `Remove ${name}?`,
        removeWill: 'Nothing is compared with it any more, and weeks are billed without it.',
        no: 'Cancel',
    },
};

/** What everybody sees of their own hours in clients’ systems. */
export const differencesText = {
    differences: {
        title: 'Hours in clients’ systems',
        none: 'Your hours are the same in clients’ systems, as far as their exports have been read.',
        finding: 'Some of your hours are not the same in a client’s system. Correct the side that is wrong.',
        of: (system: string, client: string) => `${system}, ${client}`,
        sides: {
            equal: 'The same in total, split differently',
            different: 'Different',
            'only here': 'Only here',
            'only there': 'Only there',
        } satisfies Record<Side, string>,
        both: (day: string, side: string, here: string, there: string) =>
            `${day}: ${side.toLowerCase()}, ${here} here and ${there} there`,
        one: (day: string, side: string, hours: string) => `${day}: ${side.toLowerCase()}, ${hours}`,
        noCode: 'no charge code',
        part: (of: string, here: string, there: string) => `${of}: ${here} here, ${there} there`,
    },
};
