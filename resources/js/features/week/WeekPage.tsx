import { span } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { HoursFormat, WeekProps } from '@/types/generated/props';
import { Shell } from '@/ui/Shell';
import { Head } from '@inertiajs/react';
import { Ribbon } from './Ribbon';
import { Sheet } from './Sheet';

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

/** A person's week: the ribbon to move in time, the sheet, and the margin beside it. */
export function WeekPage({ sheet }: { sheet: WeekProps }) {
    const format = useHoursFormat();
    const title = text.week.title(sheet.number, span(sheet.days[0]?.date ?? '', sheet.days[6]?.date ?? ''));
    // A sheet that comes anew from the server, after submitting or in another week, starts from what the server has.
    const version = JSON.stringify([sheet.personCode, sheet.week, sheet.totals.states, sheet.lines.map((line) => line.key)]);

    return (
        <Shell>
            <Head title={title} />
            <Ribbon sheet={sheet} format={format} />
            <Sheet key={version} sheet={sheet} title={title} format={format} />
        </Shell>
    );
}
