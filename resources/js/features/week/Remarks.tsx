import { shortDay } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { DayProps, EntryState, HoursFormat, LineProps } from '@/types/generated/props';
import { Remark } from '@/ui/Margin';
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
    const hours = (minutes: number) => hoursInWords(minutes, format);
    const remarks = days.flatMap((day, index) => {
        const name = shortDay(day.date);
        const { owed } = day;
        if (owed === null) {
            // Somebody else's day: that it is one off, and no more.
            return [day.holiday, ...day.absences.map(({ kind }) => kind)].flatMap((what) =>
                what === null ? [] : [text.week.dayOff(name, what)],
            );
        }
        const over = overtimeOf(day, entered[index] ?? 0);

        return [
            ...(day.holiday === null ? [] : [text.week.holiday(name, day.holiday, hours(owed))]),
            ...day.absences.map(({ kind, minutes }) => text.week.absence(name, kind, minutes === null ? null : hours(minutes))),
            ...(over === null ? [] : [text.week.hoursOff(name, hours(over.minutes), over.reason)]),
        ];
    });
    const saved = lines.flatMap((line) => days.map((day) => cells[cellKey(line.key, day.date)]?.saved));
    const byOthers = recordedByOthers(saved.filter((cell) => cell !== undefined)).map(({ name, minutes, dates }) =>
        text.week.byOthers(name, hours(minutes), dates.map(shortDay).join(', ')),
    );
    const all = [...remarks, ...byOthers];

    return all.length === 0 ? null : (
        <Remark title={text.week.thisWeekHas}>
            <ul>
                {all.map((remark) => (
                    <li key={remark}>{remark}</li>
                ))}
            </ul>
        </Remark>
    );
}

/** What the underlines of figures mean. */
export function Strokes() {
    return (
        <Remark title={text.week.strokes}>
            <ul className="flex flex-wrap gap-x-3">
                <li className="pencilled whitespace-nowrap">{text.week.pencilWord}</li>
                {states.map((state) => (
                    <li key={state} className="whitespace-nowrap">
                        <span aria-hidden className={`stroke-${state}`}>
                            3
                        </span>{' '}
                        {text.state[state]}
                    </li>
                ))}
            </ul>
        </Remark>
    );
}
