import { overHours } from './overHours';
import { plural } from './plural';

/** Where whoever manages begins the day. */
export const frontPageText = {
    frontPageName: 'Front page',
    frontPage: {
        nothingWaits: 'Nothing waits for your decision.',
        waits: (count: number) => plural(count, { one: 'One decision waits for you.', other: '# decisions wait for you.' }),
        noTrouble: 'No project needs attention.',
        trouble: (count: number) => plural(count, { one: 'One project needs attention.', other: '# projects need attention.' }),
        waiting: 'Waiting for you',
        entries: (entries: number, people: number, oldest: string) =>
            `${plural(entries, { one: 'One entry', other: '# entries' })} of ${plural(people, { one: 'one person', other: '# people' })}, the oldest of ${oldest}`,
        corrections: (count: number) => plural(count, { one: 'One correction', other: '# corrections' }),
        expenses: (count: number) => plural(count, { one: 'One expense', other: '# expenses' }),
        estimates: (count: number) => plural(count, { one: 'One remaining estimate', other: '# remaining estimates' }),
        estimatesToDecide: (count: number) =>
            plural(count, { one: 'One remaining estimate to decide.', other: '# remaining estimates to decide.' }),
        leave: (count: number) => plural(count, { one: 'One leave request', other: '# leave requests' }),
        projects: 'Projects that need attention',
        allProjects: 'All projects',
        overPlan: (hours: string, percent: string) => `Forecast ${hours} over plan${percent === '' ? '' : ` (${percent})`}.`,
        overBudget: 'The budget is used up.',
        load: 'Load',
        loadOf: (days: string, over: number, all: number) =>
            over === 0 ? `${days}: nobody is over their hours.` : `${days}: ${overHours(over, all)}.`,
        loadFree: (hours: string) => `${hours} free.`,
        allLoad: 'All load',
        followed: 'What you follow',
        followsNone: 'Nothing yet. Save a comparison, then put it on your front page.',
        chooses: 'Choose what you follow',
        found0: 'Nothing is planned or recorded.',
        found: (actual: string, planned: string, isWhole: boolean, verdict: string) =>
            `${actual} of ${planned} planned${isWhole ? '' : ' to date'}, ${verdict}.`,
        foundRecorded: (actual: string) => `${actual}.`,
        foundUnplanned: (actual: string) => `${actual}; nothing was planned to date.`,
        moreGroups: (count: number) => plural(count, { one: 'and one more', other: 'and # more' }),
    },
};
