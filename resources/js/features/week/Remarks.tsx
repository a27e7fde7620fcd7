import { shortDay } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { DayProps, EntryState, HoursFormat } from '@/types/generated/props';
import { Remark } from '@/ui/Margin';

const states: EntryState[] = ['draft', 'submitted', 'approved', 'returned', 'settled'];

/** Holidays and absences of the week, with their names. */
export function WeekRemarks({ days, format }: { days: DayProps[]; format: HoursFormat }) {
    const remarks = days.flatMap((day) => [
        ...(day.holiday === null ? [] : [text.week.holiday(shortDay(day.date), day.holiday, hoursInWords(day.owed, format))]),
        ...day.absences.map(({ kind, minutes }) =>
            text.week.absence(shortDay(day.date), kind, minutes === null ? null : hoursInWords(minutes, format)),
        ),
    ]);

    return remarks.length === 0 ? null : (
        <Remark title={text.week.thisWeekHas}>
            <ul>
                {remarks.map((remark) => (
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

/** The keys of the grid. */
export function Keys() {
    return (
        <section className="max-md:hidden">
            <h2 className="text-faded">{text.week.keys.title}</h2>
            <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3 text-[0.92em]">
                {text.week.keys.list.map(([key, does]) => (
                    <div key={key} className="col-span-2 grid grid-cols-subgrid">
                        <dt>{key}</dt>
                        <dd className="text-faded">{does}</dd>
                    </div>
                ))}
            </dl>
        </section>
    );
}
