import { dayAndMonth, weekNumber } from '@/lib/days';
import { text } from '@/lib/text';
import type { ProgressProps, HoursFormat } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';

const copy = text.progress;

/** The progress in figures, a week a row. */
export function ProgressTable({ progress: { weeks, thisWeek }, format }: { progress: ProgressProps; format: HoursFormat }) {
    return (
        <div className="max-h-96 overflow-auto" tabIndex={0} role="region" aria-label={copy.inFigures}>
            <table className="border-collapse">
                <thead className="text-faded">
                    <tr>
                        <th scope="col" className="border-b border-edge">
                            {copy.week}
                        </th>
                        {[copy.planned, copy.actual, copy.pending, copy.remaining, copy.plannedSoFar, copy.forecastSoFar].map(
                            (name) => (
                                <th key={name} scope="col" className="border-b border-edge ps-5 text-end">
                                    {name}
                                </th>
                            ),
                        )}
                    </tr>
                </thead>
                <tbody>
                    {weeks.map((week) => (
                        <tr key={week.week} className={clsx(week.monday === thisWeek && 'font-semibold')}>
                            <th scope="row" className="border-b border-rule whitespace-nowrap">
                                {weekNumber(week.week)} <span className="text-faded">{dayAndMonth(week.monday)}</span>
                                {week.monday === thisWeek && <span className="pencilled ms-2">{copy.now}</span>}
                            </th>
                            {[week.planned, week.actual, week.pending, week.remaining, week.plannedSoFar, week.forecastSoFar].map(
                                (minutes, index) => (
                                    <td key={index} className="border-b border-rule ps-5 text-end">
                                        <Hours minutes={minutes} format={format} />
                                    </td>
                                ),
                            )}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
