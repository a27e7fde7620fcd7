import { span } from '@/lib/days';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { WeekProps } from '@/types/generated/props';
import { Shell } from '@/ui/Shell';
import { Head } from '@inertiajs/react';
import { Ribbon } from './Ribbon';
import { Sheet } from './Sheet';

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
