import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat } from '@/types/generated/props';

/** What the week has come to, in one sentence. */
export function weekSentence(entered: number, owed: number, format: HoursFormat): string {
    const hours = (minutes: number) => hoursInWords(minutes, format);
    if (owed === 0) {
        return text.week.nothingOwed(hours(entered));
    }
    if (entered < owed) {
        return text.week.short(hours(entered), hours(owed), hours(owed - entered));
    }

    return entered === owed
        ? text.week.full(hours(entered))
        : text.week.above(hours(entered), hours(owed), hours(entered - owed));
}
