import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printList } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { DayProps, EntryState, HoursFormat, LineProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import type { Cells } from './cells';
import { cellKey } from './cells';
import { overtimeOf, recordedByOthers } from './weekRemarks';

const states: EntryState[] = ['draft', 'submitted', 'approved', 'returned', 'settled'];

interface WeekRemarksProps {
    days: DayProps[];
    lines: LineProps[];
    cells: Cells;
    entered: readonly number[];
    format: HoursFormat;
}

/** Holidays and absences of the week with their names, hours on such days, and what others have recorded. */
export function WeekRemarks({ days, lines, cells, entered, format }: WeekRemarksProps) {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const remarks = days.flatMap((day, index) => {
        const name = shortDay(day.date);
        const { expected } = day;
        if (expected === null) {
            // Somebody else's day: that it is one off, and no more.
            return [day.holiday, ...day.absences.map(({ kind }) => kind)].flatMap((what) =>
                what === null ? [] : [text.week.dayOff(name, what)],
            );
        }
        const over = overtimeOf(day, entered[index] ?? 0);

        return [
            ...(day.holiday === null ? [] : [text.week.holiday(name, day.holiday, hours(expected))]),
            ...day.absences.map(({ kind, minutes, isPencilled }) =>
                text.week[isPencilled ? 'requestedAbsence' : 'absence'](name, kind, minutes === null ? null : hours(minutes)),
            ),
            ...(over === null ? [] : [text.week.hoursOff(name, hours(over.minutes), over.reason)]),
        ];
    });
    const saved = lines.flatMap((line) => days.map((day) => cells[cellKey(line.key, day.date)]?.saved));
    const byOthers = recordedByOthers(saved.filter((cell) => cell !== undefined)).map(({ name, minutes, dates }) =>
        text.week.byOthers(name, hours(minutes), printList(dates.map(shortDay))),
    );
    const all = [...remarks, ...byOthers];

    return all.length === 0 ? null : (
        <AttentionItem title={text.week.thisWeekHas}>
            <ul>
                {all.map((remark) => (
                    <li key={remark}>{remark}</li>
                ))}
            </ul>
        </AttentionItem>
    );
}

/** What the underlines of figures mean. */
export function Strokes() {
    return (
        <AttentionItem title={text.week.strokes}>
            <ul className="flex flex-wrap gap-x-3">
                <li className="pencilled whitespace-nowrap">{text.week.pencilExample}</li>
                {states.map((state) => (
                    <li key={state} className="whitespace-nowrap">
                        <span aria-hidden className={`stroke-${state}`}>
                            3
                        </span>{' '}
                        {text.state[state]}
                    </li>
                ))}
            </ul>
        </AttentionItem>
    );
}
