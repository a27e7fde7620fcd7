import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { ProgressProps, HoursFormat } from '@/types/generated/props';
import { useState } from 'react';
import { upTo } from './progressScale';
import { ProgressChart } from './ProgressChart';
import { ProgressTable } from './ProgressTable';

const copy = text.course;

/** Planned, actual and forecast over the weeks: in a sentence, drawn, and as a table. */
export function Progress({ course, format }: { course: ProgressProps; format: HoursFormat }) {
    const [isTable, setTable] = useState(false);
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const last = course.weeks[course.weeks.length - 1];
    if (last === undefined) {
        return (
            <section aria-labelledby="course">
                <h2 id="course">{copy.title}</h2>
                <p>{copy.nothing}</p>
            </section>
        );
    }
    const now = upTo(course.thisWeek, course.weeks);
    const sentence = copy.sentence(hours(last.plannedSoFar), hours(last.forecastSoFar), hours(now.planned), hours(now.entered));

    return (
        <section aria-labelledby="course">
            <div className="flex flex-wrap items-baseline justify-between gap-x-6">
                <h2 id="course">{copy.title}</h2>
                <button
                    type="button"
                    className="act-quiet no-print"
                    aria-pressed={isTable}
                    onClick={() => {
                        setTable(!isTable);
                    }}
                >
                    {isTable ? copy.asChart : copy.asTable}
                </button>
            </div>
            <p>{sentence}</p>
            {isTable ? (
                <ProgressTable course={course} format={format} />
            ) : (
                <ProgressChart course={course} label={sentence} format={format} />
            )}
        </section>
    );
}
