import { route } from '@/lib/route';
import { dayAndMonth, weekNumber } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, RibbonWeekProps, TotalsProps, WeekProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { commonScale } from '@/ui/growth';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { useEffect, useRef } from 'react';
import { ribbonState, withTotals } from './ribbonState';
import { useIsByTheClock } from './ViewChoice';

function growth({ approved, draft, submitted, returned, expected }: RibbonWeekProps) {
    const pending = draft + submitted + returned;

    return { approved, pending, remaining: Math.max(0, expected - approved - pending), mark: expected };
}

/** The weeks in a row: how full each is against what is expected, and what state it is in. */
export function Ribbon({ sheet, totals, format }: { sheet: WeekProps; totals: TotalsProps; format: HoursFormat }) {
    const row = useRef<HTMLElement>(null);
    const current = useRef<HTMLAnchorElement>(null);
    const weeks = sheet.ribbon.map((week) => (week.week === sheet.week ? withTotals(week, totals) : week));
    const scale = commonScale(weeks.map(growth));
    const view = useIsByTheClock() ? 'clock' : null;
    const address = (week: string) =>
        sheet.isOwn ? route('week', { week }, { view }) : route('week.of', { person: sheet.personCode, week }, { view });

    useEffect(() => {
        const here = current.current;
        if (row.current !== null && here !== null) {
            row.current.scrollLeft = here.offsetLeft - (row.current.clientWidth - here.offsetWidth) / 2;
        }
    }, [sheet.week]);

    return (
        <nav ref={row} aria-label={text.week.ribbon} className="no-print relative -mx-1 flex overflow-x-auto pb-1.5">
            {weeks.map((week) => {
                const state = ribbonState(week, sheet.thisWeek);
                const label =
                    state.kind === 'missing'
                        ? text.week.ribbonState.missing(hoursWithUnit(state.minutes, format))
                        : state.kind === 'none' && !sheet.isWhole
                          ? ''
                          : text.week.ribbonState[state.kind];
                const here = week.week === sheet.week;

                return (
                    <Link
                        key={week.week}
                        ref={here ? current : undefined}
                        href={address(week.week)}
                        aria-current={here ? 'page' : undefined}
                        aria-label={`${text.week.weekLabel(weekNumber(week.week), dayAndMonth(week.monday))}${week.isThisWeek ? `, ${text.week.thisWeek}` : ''}: ${label}`}
                        className={clsx(
                            'min-w-[5.4rem] flex-1 border-t-2 px-1.5 pt-0.5 text-[0.8rem]',
                            here ? 'border-ink' : 'border-transparent hover:border-rule',
                        )}
                    >
                        <span className="flex justify-between">
                            <span className={clsx(week.isThisWeek && 'font-semibold')}>{weekNumber(week.week)}</span>
                            <span className="text-faded">{dayAndMonth(week.monday)}</span>
                        </span>
                        <Bar {...growth(week)} scale={scale} label={label} />
                        <span
                            className={clsx(
                                'block truncate',
                                state.kind === 'missing' || state.kind === 'returned' ? 'text-ochre' : 'text-faded',
                            )}
                        >
                            {label}
                        </span>
                    </Link>
                );
            })}
        </nav>
    );
}
