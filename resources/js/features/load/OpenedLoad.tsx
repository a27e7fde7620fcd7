import { printHours } from '@/lib/hours';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { HoursFormat, OpenedLoadProps } from '@/types/generated/props';
import { Margin } from '@/ui/Margin';
import { Link } from '@inertiajs/react';
import { useEffect, useRef } from 'react';

const copy = text.loadPage;

interface OpenedProps {
    opened: OpenedLoadProps;
    days: string;
    /** The address of the page without it. */
    closed: string;
    format: HoursFormat;
}

/** What the planned hours of a person are made of, each leading to its plan. */
export function OpenedLoad({ opened, days, closed, format }: OpenedProps) {
    const heading = useRef<HTMLHeadingElement>(null);
    useEffect(() => {
        heading.current?.focus();
    }, [opened.code]);

    return (
        <Margin label={copy.opened}>
            <div className="flex items-baseline justify-between gap-3">
                <h2 ref={heading} tabIndex={-1} className="outline-none [overflow-wrap:anywhere]">
                    {copy.plannedOf(opened.name)}
                </h2>
                <Link href={closed} preserveScroll preserveState className="act">
                    {text.trace.close}
                </Link>
            </div>
            <p className="text-faded">{opened.parts.length === 0 ? copy.nothingPlanned(days) : days}</p>
            <ul className="mt-2">
                {opened.parts.map(({ projectCode, project, task, minutes, mayOpen }, index) => (
                    <li key={index} className="flex justify-between gap-3 border-t border-rule py-1">
                        <span className="min-w-0 [overflow-wrap:anywhere]">
                            {task}
                            <span className="block text-[0.9em] text-faded">
                                {mayOpen ? (
                                    <Link
                                        href={route('project.plan', { project: projectCode })}
                                        className="act-quiet inline-block"
                                    >
                                        {project}
                                    </Link>
                                ) : (
                                    project
                                )}
                            </span>
                        </span>
                        <span className="shrink-0">{printHours(minutes, format)}</span>
                    </li>
                ))}
            </ul>
        </Margin>
    );
}
