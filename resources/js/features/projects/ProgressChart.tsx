import { dayAndMonth } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { ProgressProps, ProgressWeekProps, HoursFormat } from '@/types/generated/props';
import clsx from 'clsx';
import { enteredSoFar, monthsOf, placeOf, points, scaleOf } from './progressScale';

interface CourseChartProps {
    progress: ProgressProps;
    label: string;
    format: HoursFormat;
}

/** The progress drawn: plan and forecast summed up, and below them each week against its plan. */
export function ProgressChart({ progress: { weeks, thisWeek }, label, format }: CourseChartProps) {
    const scale = scaleOf(weeks);
    const now = placeOf(thisWeek, weeks);
    const share = (index: number) => `${(index * 100) / weeks.length}%`;

    return (
        <figure>
            <div role="img" aria-label={label} className="relative">
                <Caption name={text.progress.cumulative} top={hoursWithUnit(scale.sum, format)} />
                <svg
                    viewBox={`0 0 ${weeks.length * 100} 100`}
                    preserveAspectRatio="none"
                    className="block h-32 w-full border-b border-edge"
                >
                    <polyline
                        points={points(
                            weeks.map((week) => week.plannedSoFar),
                            scale.sum,
                        )}
                        className="progress-plan"
                        vectorEffect="non-scaling-stroke"
                    />
                    <polyline
                        points={points(enteredSoFar(thisWeek, weeks), scale.sum)}
                        className="progress-entered"
                        vectorEffect="non-scaling-stroke"
                    />
                    <polyline
                        points={points(
                            weeks.map((week) => week.forecastSoFar),
                            scale.sum,
                        )}
                        className="progress-forecast"
                        vectorEffect="non-scaling-stroke"
                    />
                </svg>
                <Caption name={text.progress.weekly} top={hoursWithUnit(scale.week, format)} />
                <div className="flex h-20 items-end border-b border-edge">
                    {weeks.map((week) => (
                        <WeekColumn key={week.week} week={week} scale={scale.week} />
                    ))}
                </div>
                <div className="relative h-5 text-[0.85em] text-faded">
                    {monthsOf(weeks).map(({ index, monday }) => (
                        <span
                            key={monday}
                            className="absolute whitespace-nowrap"
                            style={{ left: `min(${share(index)}, 100% - 3.5rem)` }}
                        >
                            {dayAndMonth(monday)}
                        </span>
                    ))}
                </div>
                {now >= 0 && now < weeks.length && (
                    <span
                        // Towards the end of the weeks the words stand before the line, below what has been summed up by then.
                        className={clsx(
                            'absolute top-5 bottom-5 border-dashed border-ink text-[0.85em] whitespace-nowrap',
                            (now + 1) / weeks.length < 0.8 ? 'border-s ps-1' : '-translate-x-full border-e pe-1 pt-24',
                        )}
                        style={{ left: share(now + 1) }}
                    >
                        {text.progress.today}
                    </span>
                )}
            </div>
            <figcaption className="pencilled flex flex-wrap gap-x-5 text-[0.9em]">
                <Key className="progress-plan" name={text.progress.planLine} />
                <Key className="progress-entered" name={text.progress.enteredLine} />
                <Key className="progress-forecast" name={text.progress.forecastLine} />
                <span>{text.projectPage.legendWeek}</span>
            </figcaption>
        </figure>
    );
}

function Caption({ name, top }: { name: string; top: string }) {
    return (
        <p className="mt-1 flex justify-between text-[0.85em] text-faded">
            <span>{name}</span>
            <span>{text.progress.top(top)}</span>
        </p>
    );
}

function Key({ className, name }: { className: string; name: string }) {
    return (
        <span className="inline-flex items-center gap-1.5">
            <svg viewBox="0 0 30 6" className="h-1.5 w-7" aria-hidden="true">
                <line x1="0" y1="3" x2="30" y2="3" className={className} />
            </svg>
            {name}
        </span>
    );
}

/** One week: what is entered and still to come grows from zero; a stroke lies at what is planned. */
function WeekColumn({ week, scale }: { week: ProgressWeekProps; scale: number }) {
    const height = (minutes: number) => `${(Math.max(0, minutes) * 100) / scale}%`;

    return (
        <span className="relative flex h-full min-w-0 flex-1 flex-col-reverse px-px">
            <span className="grown-approved" style={{ height: height(week.actual) }} />
            <span className="grown-pending" style={{ height: height(week.pending) }} />
            <span className="grown-remaining" style={{ height: height(week.remaining) }} />
            {week.planned > 0 && <span className="absolute inset-x-0 h-0.5 bg-ink" style={{ bottom: height(week.planned) }} />}
        </span>
    );
}
