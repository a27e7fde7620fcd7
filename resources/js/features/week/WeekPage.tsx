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

    return (
        <Shell skipTo="#hours">
            <Head title={title} />
            <Ribbon sheet={sheet} format={format} />
            <Sheet key={sheet.address} sheet={sheet} title={title} format={format} />
        </Shell>
    );
}
