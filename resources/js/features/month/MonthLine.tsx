import { hoursWithUnit, printHours } from '@/lib/hours';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import { useNarrow } from '@/lib/useNarrow';
import type { HoursFormat, MonthLineProps, MonthProps } from '@/types/generated/props';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { shadeOf } from './dayText';

const copy = text.month;

interface Props {
    line: MonthLineProps;
    month: MonthProps;
    format: HoursFormat;
}

/** What is entered on one line, day by day; and the way to fill the rest of the month on it. */
export function MonthLine({ line, month, format }: Props) {
    const [isFilling, setFilling] = useState(false);
    const isNarrow = useNarrow();
    const fill = line.canFill && month.free > 0 && (
        <button
            type="button"
            className="act-quiet no-print whitespace-nowrap max-md:min-h-11"
            disabled={isFilling}
            aria-label={copy.fillLine(line.taskName, hoursWithUnit(month.free, format))}
            onClick={() => {
                setFilling(true);
                router.post(
                    route('month.fill', { month: month.month }),
                    { task: line.task, role: line.role },
                    {
                        preserveScroll: true,
                        preserveState: true,
                        onFinish: () => {
                            setFilling(false);
                        },
                    },
                );
            }}
        >
            {copy.fill}
        </button>
    );

    return (
        <tr className="border-t border-rule">
            <th
                scope="row"
                className="sticky start-0 max-w-64 min-w-32 bg-paper py-0.5 pe-3 text-start leading-tight font-normal"
            >
                <span className="block [overflow-wrap:anywhere]">{line.taskName}</span>
                <span className="block text-[0.85rem] leading-tight [overflow-wrap:anywhere] text-faded">
                    {line.projectName}
                    {line.roleName === null ? '' : `, ${line.roleName}`}
                </span>
                {isNarrow && fill}
            </th>
            {line.minutes.map((minutes, index) => {
                const day = month.days[index];

                return (
                    <td key={day?.date ?? index} className={`px-0.5 text-center ${shadeOf(day)}`}>
                        {minutes === 0 ? '' : printHours(minutes, format)}
                    </td>
                );
            })}
            <td className="ps-2 text-end">{line.total === 0 ? '' : printHours(line.total, format)}</td>
            <td className="ps-3 text-end">{!isNarrow && fill}</td>
        </tr>
    );
}
