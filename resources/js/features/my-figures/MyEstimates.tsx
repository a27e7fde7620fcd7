import { wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printPercent } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { HoursFormat, MyEstimateProps } from '@/types/generated/props';

const copy = text.myFigures;

/** How the reader's first estimates of finished tasks turned out. */
export function MyEstimates({ estimates, format }: { estimates: readonly MyEstimateProps[]; format: HoursFormat }) {
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return (
        <section aria-labelledby="estimates" className="mt-8">
            <h2 id="estimates">{copy.estimates}</h2>
            <p className="text-faded">{estimates.length === 0 ? copy.noEstimates : copy.estimatesExplained}</p>
            <ul>
                {estimates.map(({ project, task, on, estimated, cameTo, difference, percentage }) => (
                    <li key={`${project} ${task}`} className="flex flex-wrap justify-between gap-x-6 border-t border-rule py-1">
                        <span className="min-w-0 [overflow-wrap:anywhere]">
                            {task} <span className="text-faded">{project}</span>
                        </span>
                        <span>
                            {copy.outcome(wholeDate(on), hours(estimated), hours(cameTo))}{' '}
                            <span className={difference > 0 ? 'text-brick' : 'text-faded'}>
                                {percentage === null ? '' : text.percent(printPercent(percentage))}
                            </span>
                        </span>
                    </li>
                ))}
            </ul>
        </section>
    );
}
