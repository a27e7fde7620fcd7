import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { DayProps, HoursFormat, TotalsProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { Hours } from '@/ui/Hours';
import type { Marks } from './findings';

interface TotalRowsProps {
    days: DayProps[];
    /** Null where it may not be shown. */
    expected: number | null;
    totals: TotalsProps;
    /** Letters of findings by day; of the week under no day. */
    marks: Marks['days'];
    format: HoursFormat;
}

/** What each day has come to, and how it has grown against what is expected. */
export function TotalRows({ days, expected, totals, marks, format }: TotalRowsProps) {
    const scale = Math.max(1, ...days.map((day) => day.expected ?? 0), ...totals.days);

    return (
        <tfoot>
            <tr>
                <th scope="row" className="border-t border-edge py-0.5 font-semibold">
                    {text.week.dayTotal}
                </th>
                {days.map((day, index) => (
                    <td key={day.date} data-day={index} className="border-t border-edge px-1 text-end font-semibold">
                        <Letters marks={marks[day.date]} />
                        <Hours minutes={totals.days[index] ?? 0} format={format} />
                    </td>
                ))}
                <td className="border-t border-edge pe-1 text-end font-semibold max-md:hidden">
                    <Letters marks={marks['']} />
                    <Hours minutes={totals.week} format={format} />
                </td>
                <td className="border-t border-edge max-md:hidden" />
            </tr>
            {expected !== null && <GrowthRow days={days} expected={expected} totals={totals} scale={scale} format={format} />}
        </tfoot>
    );
}

/** How each day has grown against what is expected. */
function GrowthRow({
    days,
    expected,
    totals,
    scale,
    format,
}: Pick<TotalRowsProps, 'days' | 'totals' | 'format'> & { expected: number; scale: number }) {
    return (
        <tr>
            <th scope="row" className="text-faded">
                {text.week.against}
            </th>
            {days.map((day, index) => {
                const entered = totals.days[index] ?? 0;
                const asked = day.expected ?? 0;
                // A posted correction may leave less than nothing approved; the bar shows what is entered.
                const approved = Math.max(0, totals.approvedDays[index] ?? 0);
                const label = [
                    text.bar.entered(hoursWithUnit(entered, format)),
                    text.bar.expected(hoursWithUnit(asked, format)),
                ].join(', ');

                return (
                    <td key={day.date} data-day={index} className="px-1">
                        <Bar
                            approved={approved}
                            pending={entered - approved}
                            remaining={Math.max(0, asked - entered)}
                            mark={asked}
                            scale={scale}
                            label={label}
                        />
                    </td>
                );
            })}
            <td className="pe-1 text-end text-[0.85em] text-faded max-md:hidden">
                / <Hours minutes={expected} format={format} />
            </td>
            <td className="max-md:hidden" />
        </tr>
    );
}

function Letters({ marks }: { marks: string | undefined }) {
    return marks === undefined ? null : <sup className="me-0.5 text-[0.72em] font-normal text-ochre italic">{marks}</sup>;
}
