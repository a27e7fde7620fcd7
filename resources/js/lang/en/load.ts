import { overHours } from './overHours';
import { plural } from './plural';

/** Who has too much to do, and who has time. */
export const loadText = {
    loadPage: {
        title: 'Load',
        over: (days: string, over: number, all: number, hours: string) =>
            `${days}, taken together: ${overHours(over, all)}, by ${hours} in all.`,
        nobodyOver: (days: string, all: number) =>
            `${days}, taken together: none of ${plural(all, { one: 'one person', other: '# people' })} is over their hours.`,
        free: (hours: string) => `${hours} free on the days to come.`,
        none: (days: string) => `${days}: nobody here whose load you may see.`,
        noneNext: 'Choose other days, teams or roles.',
        unit: 'By',
        units: { week: 'Week', day: 'Day' },
        from: 'From',
        to: 'To',
        teams: 'Teams',
        roles: 'Roles',
        need: 'Who is free for',
        needPlaceholder: '20 h',
        show: 'Show',
        earlier: 'Earlier',
        later: 'Later',
        sort: 'Sort by',
        sorts: { over: 'Most over', free: 'Most free', name: 'Name' },
        person: 'Person',
        of: (hours: string) => `of ${hours}`,
        overBy: (hours: string) => `${hours} over`,
        freeFor: (hours: string) => `${hours} free`,
        full: 'full',
        notExpected: 'not working',
        dayOver: (day: string, hours: string) => `${day}: ${hours} over`,
        moreDays: (count: number) => plural(count, { one: 'and one more day', other: 'and # more days' }),
        explained:
            'Load of expected hours: what was entered on days gone by, what is planned on days to come, the larger of both today. Open a name to see what is planned.',
        who: (hours: string) => `Who is free for ${hours}`,
        nobodyFree: (hours: string) => `Nobody has ${hours} free on these days.`,
        freeCount: (count: number) =>
            plural(count, { one: 'One person has all of it free.', other: '# people have all of it free.' }),
        freeBy: (day: string, hours: string) => `by ${day}; ${hours} in all`,
        partFree: (hours: string) => `only ${hours}`,
        opened: 'What is planned',
        plannedOf: (name: string) => `Planned for ${name}`,
        nothingPlanned: (days: string) => `${days}: nothing is planned.`,
    },
};
