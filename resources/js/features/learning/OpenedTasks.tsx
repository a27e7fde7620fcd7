import { shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { printNumberText } from '@/lib/numbers';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { PastTasksProps } from '@/types/generated/props';
import { Margin } from '@/ui/Margin';
import { Link } from '@inertiajs/react';
import { useEffect, useRef } from 'react';

const copy = text.learning;

/** The finished tasks behind a figure: first plan, estimates on the way, what each came to. */
export function OpenedTasks({ past, opened }: { past: PastTasksProps; opened: string }) {
    const format = useHoursFormat();
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const heading = useRef<HTMLHeadingElement>(null);
    useEffect(() => {
        heading.current?.focus();
    }, [opened]);

    return (
        <Margin label={copy.opened}>
            <div className="flex items-baseline justify-between gap-3">
                <h2 ref={heading} tabIndex={-1} className="outline-none [overflow-wrap:anywhere]">
                    {copy.tasksOf(opened)}
                </h2>
                <Link href={route('past-tasks', {}, { by: past.by })} preserveScroll className="act">
                    {text.trace.close}
                </Link>
            </div>
            <ul className="mt-2">
                {past.tasks.map(({ project, name, person, planned, estimates, cameTo, ratio }, index) => (
                    <li key={index} className="border-t border-rule py-1">
                        <span className="flex justify-between gap-3">
                            <span className="min-w-0 [overflow-wrap:anywhere]">{name}</span>
                            <span className="shrink-0">{copy.times(printNumberText(ratio))}</span>
                        </span>
                        <span className="block text-[0.9em] text-faded">
                            {[project, ...(person === null ? [] : [person])].join(' · ')}
                        </span>
                        <span className="block text-[0.9em]">
                            {copy.planned(hours(planned))}
                            {estimates.map(({ on, remaining }) => `; ${copy.estimated(hours(remaining), shortDay(on))}`)}
                            {`; ${copy.cameTo(hours(cameTo))}`}
                        </span>
                    </li>
                ))}
            </ul>
        </Margin>
    );
}
