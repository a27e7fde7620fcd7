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
    recalculating: (percent: number) =>
        `Totals are being recalculated after a large change; ${printNumber(percent)}% is done. Some figures may be out of date until then.`,
    signOut: 'Sign out',
    theme: { label: 'Theme', light: 'Light', dark: 'Dark', system: 'Same as the system' },
    hoursFormat: { label: 'Hours format', decimal: 'Decimal, 1.5', clock: 'Hours and minutes, 1:30' },
    account: {
        label: 'Account',
        of: (name: string) => `Account: ${name}`,
        locale: 'Number and date format',
        browserLocale: 'Same as the browser',
        localeSample: (date: string, number: string) => `Now: ${date}; ${number} h`,
        language: 'Language',
        notifications: 'Notifications',
    },
    waiting: (count: number) => `${plural(count, { one: '# entry', other: '# entries' })} waiting for you`,
    date: {
        missing: 'Enter a date.',
        unreadable: (example: string) => `Enter a date such as ${example}.`,
        tooEarly: (day: string) => `Enter a date on or after ${day}.`,
        tooLate: (day: string) => `Enter a date on or before ${day}.`,
    },
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
