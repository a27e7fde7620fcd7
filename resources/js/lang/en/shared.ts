import { printNumber } from '@/lib/numbers';
import { plural } from './plural';

/** What stands on every page. */
export const sharedText = {
    app: 'Moss Week',
    skip: 'Skip to content',
    sections: 'Sections',
    myWeek: 'My week',
    sheets: 'Timesheets',
    review: 'Review',
    projects: 'Projects',
    office: 'Time office',
    messages: 'Messages',
    unread: (count: number) => plural(count, { one: 'One unread message', other: '# unread messages' }),
    recalculating: 'Totals are being recalculated after a large change. Some figures may be out of date until that is done.',
    signOut: 'Sign out',
    theme: { label: 'Theme', light: 'Light theme', dark: 'Dark theme', system: 'System theme' },
    hoursFormat: { label: 'Hours format', decimal: 'Hours as 1.5', clock: 'Hours as 1:30' },
    waiting: (count: number) => `${plural(count, { one: '# entry', other: '# entries' })} waiting for you`,
    percent: (printed: string) => `${printed} %`,
    state: {
        draft: 'draft',
        submitted: 'submitted',
        approved: 'approved',
        returned: 'returned',
        settled: 'settled',
    },
    bar: {
        entered: (hours: string) => `${hours} entered`,
        approved: (hours: string) => `${hours} approved`,
        pending: (hours: string) => `${hours} pending`,
        remaining: (hours: string) => `${hours} remaining`,
        mark: (hours: string) => `${hours} planned`,
        expected: (hours: string) => `${hours} expected`,
        over: (hours: string) => `${hours} over plan`,
        open: (hours: string) => `${hours} missing`,
    },
    paging: {
        of: (page: number, pages: number) => `Page ${printNumber(page)} of ${printNumber(pages)}`,
        before: 'Previous',
        after: 'Next',
    },
    noteKeys: 'Enter saves, Shift+Enter starts a new line, Escape cancels',
    fault: { title: (status: number) => `Something went wrong (${status})`, home: 'Go to the start page' },
    lost: 'The server’s reply could not be read. Nothing was saved.',
};
