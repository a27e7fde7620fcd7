import { text } from '@/lib/text';

const copy = text.comparePage;
const periods: Readonly<Record<string, string>> = copy.periods;

/** What a rolling period is called; also one that is on no list, as `last-6-months`. */
export function periodName(period: string): string {
    const listed = periods[period];
    if (listed !== undefined) {
        return listed;
    }
    const [which = '', count = '', unit = ''] = period.split('-');
    const whiches: Readonly<Record<string, string>> = copy.whiches;
    const units: Readonly<Record<string, string>> = copy.units;

    return copy.otherPeriod(whiches[which] ?? which, Number(count), units[unit] ?? unit);
}
