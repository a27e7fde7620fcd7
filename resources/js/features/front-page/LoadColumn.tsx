import { span, weekdayAndDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { LoadSummaryProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';

const copy = text.frontPage;

/** Who is over their hours this week and next, and on which day most. */
export function LoadColumn({ load }: { load: LoadSummaryProps }) {
    const format = useHoursFormat();
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return (
        <>
            <p>
                {copy.loadOf(span(load.first, load.last), load.overCount, load.count)} {copy.loadFree(hours(load.free))}
            </p>
            <ul className="mt-1">
                {load.people.map(({ code, name, cells: [cell] }) => (
                    <li key={code} className="border-t border-rule py-1">
                        <span className="flex justify-between gap-3">
                            <Link href={route('load', {}, { open: code })} className="act-quiet min-w-0 [overflow-wrap:anywhere]">
                                {name}
                            </Link>
                            {cell !== undefined && (
                                <span className="shrink-0 text-brick">{text.loadPage.overBy(hours(cell.over))}</span>
                            )}
                        </span>
                        {cell?.daysOver[0] !== undefined && (
                            <span className="block text-[0.9em] text-faded">
                                {cell.daysOver
                                    .slice(0, 2)
                                    .map(({ date, over }) => text.loadPage.dayOver(weekdayAndDay(date), hours(over)))
                                    .join(', ')}
                            </span>
                        )}
                    </li>
                ))}
            </ul>
            <Link href={route('load')} className="act-quiet mt-1 inline-block">
                {copy.allLoad}
            </Link>
        </>
    );
}
