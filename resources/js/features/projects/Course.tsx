import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { CourseProps, HoursFormat } from '@/types/generated/props';
import { useState } from 'react';
import { upTo } from './courseScale';
import { CourseChart } from './CourseChart';
import { CourseTable } from './CourseTable';

const words = text.course;

/** Planned, actual and forecast over the weeks: in a sentence, drawn, and as a table. */
export function Course({ course, format }: { course: CourseProps; format: HoursFormat }) {
    const [isTable, setTable] = useState(false);
    const hours = (minutes: number) => hoursInWords(minutes, format);
    const last = course.weeks[course.weeks.length - 1];
    if (last === undefined) {
        return (
            <section aria-labelledby="course">
                <h2 id="course">{words.title}</h2>
                <p>{words.nothing}</p>
            </section>
        );
    }
    const now = upTo(course.thisWeek, course.weeks);
    const sentence = words.sentence(hours(last.plannedSoFar), hours(last.forecastSoFar), hours(now.planned), hours(now.entered));

    return (
        <section aria-labelledby="course">
            <div className="flex flex-wrap items-baseline justify-between gap-x-6">
                <h2 id="course">{words.title}</h2>
                <button
                    type="button"
                    className="act-quiet no-print"
                    aria-pressed={isTable}
                    onClick={() => {
                        setTable(!isTable);
                    }}
                >
                    {isTable ? words.asChart : words.asTable}
                </button>
            </div>
            <p>{sentence}</p>
            {isTable ? (
                <CourseTable course={course} format={format} />
            ) : (
                <CourseChart course={course} words={sentence} format={format} />
            )}
        </section>
    );
}
