import { plural } from './plural';

const listed = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** How much waits for somebody's decision. */
export interface WaitingCounts {
    entries: number;
    corrections: number;
    expenses: number;
}

/** What waits, as the beginning of a sentence: "2 entries and one expense are". */
export function waitingThings({ entries, corrections, expenses }: WaitingCounts, hours = ''): string {
    const things = [
        entries === 0 ? '' : `${hours === '' ? '' : `${hours} in `}${plural(entries, { one: 'one entry', other: '# entries' })}`,
        corrections === 0 ? '' : plural(corrections, { one: 'one correction', other: '# corrections' }),
        expenses === 0 ? '' : plural(expenses, { one: 'one expense', other: '# expenses' }),
    ];
    const list = listed.format(things.filter((thing) => thing !== ''));

    return `${list.charAt(0).toUpperCase()}${list.slice(1)} ${entries + corrections + expenses === 1 ? 'is' : 'are'}`;
}
