import { weekNumber } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, OpenWeekProps, WaitingWeekProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';

interface WaitingListProps {
    weeks: WaitingWeekProps[];
    open: OpenWeekProps | null;
    format: HoursFormat;
}

/** The weeks that wait, oldest first; arrow keys go from one to the next. */
export function WaitingList({ weeks, open, format }: WaitingListProps) {
    return (
        <nav
            aria-label={text.reviewPage.list}
            onKeyDown={(event) => {
                const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
                if (step !== 0) {
                    event.preventDefault();
                    const links = [...event.currentTarget.querySelectorAll<HTMLElement>('a')];
                    links[links.indexOf(document.activeElement as HTMLElement) + step]?.focus();
                }
            }}
        >
            <ul className="border-t border-rule max-lg:max-h-56 max-lg:overflow-y-auto">
                {weeks.map((week) => {
                    const here = week.personCode === open?.personCode && week.week === open.week;

                    return (
                        <li key={`${week.week} ${week.personCode}`} className="border-b border-rule">
                            <Link
                                href={`/review?person=${week.personCode}&week=${week.week}`}
                                preserveScroll
                                aria-current={here ? 'true' : undefined}
                                className={clsx(
                                    'block border-s-2 py-1 ps-2',
                                    here ? 'border-ink bg-sheet' : 'border-transparent hover:bg-sheet',
                                )}
                            >
                                <span className={clsx('block truncate', here && 'font-semibold')}>{week.personName}</span>
                                <span className="text-[0.92em] text-faded">
                                    {text.reviewPage.item(weekNumber(week.week), hoursInWords(week.minutes, format))}
                                    {week.standingInFor.length > 0 && (
                                        <span className="pencilled ms-1">
                                            {text.reviewPage.for(week.standingInFor.join(', '))}
                                        </span>
                                    )}
                                </span>
                            </Link>
                        </li>
                    );
                })}
            </ul>
        </nav>
    );
}
