import { span, weekdayAndDay } from '@/lib/days';
import { hoursWithUnit, printHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, LoadCellProps, WorkloadProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { loadAddress, type LoadAsked } from './loadAddress';

const copy = text.loadPage;

/** So many days that are over are named in a week. */
const SHOWN_DAYS = 2;

interface LoadTableProps {
    load: WorkloadProps;
    asked: LoadAsked;
    format: HoursFormat;
}

/** People by weeks or days: load of expected hours, and in words what is over or free. */
export function LoadTable({ load, asked, format }: LoadTableProps) {
    return (
        <div className="printed-wide relative min-w-0 overflow-x-auto" role="region" aria-label={copy.title} tabIndex={0}>
            <table className="w-full border-collapse">
                <thead className="text-faded">
                    <tr>
                        <th scope="col" className="sticky start-0 z-10 border-b border-edge bg-paper">
                            {copy.person}
                        </th>
                        {load.ranges.map(({ first, last }) => (
                            <th
                                key={first}
                                scope="col"
                                aria-current={first <= load.today && load.today <= last ? 'date' : undefined}
                                className="border-b border-edge ps-4 text-end whitespace-nowrap aria-[current]:text-ink"
                            >
                                {first === last ? weekdayAndDay(first) : span(first, last)}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {load.people.map(({ code, name, team, role, cells }) => (
                        <tr key={code} className="align-baseline">
                            <th
                                scope="row"
                                className="sticky start-0 z-10 min-w-40 max-w-56 border-b border-rule bg-paper py-1 pe-2 font-normal [overflow-wrap:anywhere]"
                            >
                                <Link
                                    href={loadAddress(asked, code)}
                                    preserveScroll
                                    preserveState
                                    className="underline decoration-rule underline-offset-4 hover:decoration-ink"
                                >
                                    {name}
                                </Link>
                                <span className="block text-[0.88em] text-faded">
                                    {[role, team].filter((part) => part !== null).join(', ')}
                                </span>
                            </th>
                            {cells.map((cell, index) => (
                                <Cell key={index} cell={cell} isDay={load.unit === 'day'} format={format} />
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
            <p className="pencilled mt-1">{copy.explained}</p>
        </div>
    );
}

function Cell({ cell, isDay, format }: { cell: LoadCellProps; isDay: boolean; format: HoursFormat }) {
    const { expected, load, over, free, daysOver } = cell;
    const isNothing = expected === 0 && load === 0;

    return (
        <td className="border-b border-rule ps-4 text-end whitespace-nowrap">
            {isNothing ? (
                <span className="text-faded">{copy.notExpected}</span>
            ) : (
                <>
                    {printHours(load, format)}
                    <span className="text-faded"> {copy.of(printHours(expected, format))}</span>
                    {(over > 0 || free > 0 || load === expected) && (
                        <span className={clsx('block text-[0.88em]', over > 0 ? 'text-brick' : 'text-faded')}>
                            {over > 0
                                ? copy.overBy(hoursWithUnit(over, format))
                                : free > 0
                                  ? copy.freeFor(hoursWithUnit(free, format))
                                  : copy.full}
                        </span>
                    )}
                    {!isDay &&
                        daysOver.slice(0, SHOWN_DAYS).map(({ date, over: by }) => (
                            <span key={date} className="block text-[0.85em] text-faded">
                                {copy.dayOver(weekdayAndDay(date), hoursWithUnit(by, format))}
                            </span>
                        ))}
                    {!isDay && daysOver.length > SHOWN_DAYS && (
                        <span className="block text-[0.85em] text-faded">{copy.moreDays(daysOver.length - SHOWN_DAYS)}</span>
                    )}
                </>
            )}
        </td>
    );
}
