import { dateOf, fullDay, fullWeekday, isoOf, monthName, narrowWeekday } from '@/lib/calendarDays';
import type { IsoDay } from '@/lib/dateText';
import { text } from '@/lib/text';
import clsx from 'clsx';
import { useState } from 'react';
import { DayPicker } from 'react-day-picker';
import { useCalendarYear } from './useCalendarYear';

interface CalendarProps {
    chosen: IsoDay | null;
    today: IsoDay;
    min?: IsoDay | undefined;
    max?: IsoDay | undefined;
    onPick: (day: IsoDay) => void;
}

/** A month to pick a day from, with its weeks, the reader's holidays and what is closed. */
export function Calendar({ chosen, today, min, max, onPick }: CalendarProps) {
    const [month, setMonth] = useState(dateOf(chosen ?? today));
    const year = useCalendarYear(month.getFullYear());
    const holidays = year?.holidays ?? {};
    const closedUntil = year?.closedUntil ?? null;
    const isClosed = (date: Date) => closedUntil !== null && isoOf(date) <= closedUntil;

    return (
        <DayPicker
            mode="single"
            autoFocus
            showOutsideDays
            fixedWeeks
            showWeekNumber
            ISOWeek
            month={month}
            onMonthChange={setMonth}
            selected={chosen === null ? undefined : dateOf(chosen)}
            today={dateOf(today)}
            disabled={[
                ...(min === undefined ? [] : [{ before: dateOf(min) }]),
                ...(max === undefined ? [] : [{ after: dateOf(max) }]),
            ]}
            modifiers={{ holiday: (date) => isoOf(date) in holidays, closed: isClosed }}
            modifiersClassNames={{ holiday: 'text-ochre', closed: 'line-through decoration-rule' }}
            onSelect={(date) => {
                if (date !== undefined) {
                    onPick(isoOf(date));
                }
            }}
            formatters={{ formatCaption: monthName, formatWeekdayName: narrowWeekday }}
            labels={{
                labelDayButton: (date, { selected }) =>
                    [
                        fullDay(date),
                        holidays[isoOf(date)],
                        isClosed(date) ? text.calendar.closed : undefined,
                        selected === true ? text.calendar.chosen : undefined,
                    ]
                        .filter((part) => part !== undefined)
                        .join(', '),
                labelNext: () => text.calendar.next,
                labelPrevious: () => text.calendar.previous,
                labelNav: () => text.calendar.open,
                labelGrid: monthName,
                labelWeekday: fullWeekday,
                labelWeekNumber: (number) => text.calendar.week(number),
                labelWeekNumberHeader: () => text.calendar.weeks,
            }}
            classNames={{
                months: 'relative',
                month_caption: 'min-h-8 px-1 font-semibold',
                nav: 'absolute end-0 top-0 flex gap-1',
                button_previous: 'size-8 cursor-pointer',
                button_next: 'size-8 cursor-pointer',
                chevron: 'inline size-4 fill-ink',
                month_grid: 'border-collapse',
                weekday: 'w-9 py-1 text-center font-normal text-faded',
                week_number: 'pe-2 text-end font-normal text-pencil italic',
                day: 'p-0 text-center',
                day_button: clsx('size-9 cursor-pointer border-b-2 border-transparent hover:border-edge disabled:cursor-default'),
                selected: 'bg-moss-wash [&_button]:border-moss',
                today: 'font-semibold',
                outside: 'text-pencil',
                disabled: 'text-pencil opacity-60',
            }}
        />
    );
}
