import { span } from '@/lib/days';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { TotalsProps, WeekProps } from '@/types/generated/props';
import { Shell } from '@/ui/Shell';
import { Head } from '@inertiajs/react';
import { useCallback, useState } from 'react';
import { Ribbon } from './Ribbon';
import { Sheet } from './Sheet';

/** A person's week: the ribbon to move in time, the sheet, and the margin beside it. */
export function WeekPage({ sheet }: { sheet: WeekProps }) {
    const format = useHoursFormat();
    const address = route('week.of', sheet.at);
    // What the sheet has come to since it was opened, for the ribbon above it.
    const [since, setSince] = useState<{ address: string; totals: TotalsProps } | null>(null);
    const keep = useCallback(
        (totals: TotalsProps) => {
            setSince({ address, totals });
        },
        [address],
    );
    const title = text.week.title(sheet.number, span(sheet.days[0]?.date ?? '', sheet.days[6]?.date ?? ''));

    return (
        <Shell skipTo="#hours">
            <Head title={title} />
            <Ribbon
                sheet={sheet}
                totals={since !== null && since.address === address ? since.totals : sheet.totals}
                format={format}
            />
            <Sheet key={address} sheet={sheet} title={title} format={format} onTotals={keep} />
        </Shell>
    );
}
