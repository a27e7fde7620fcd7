import { route } from '@/lib/route';
import { shortDay, span } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { read } from '@/lib/http';
import { text } from '@/lib/text';
import type { HoursFormat, LoadProps } from '@/types/generated/props';
import { AttentionItem } from '@/ui/Margin';
import { Link } from '@inertiajs/react';
import { useEffect, useState } from 'react';

const SHOWN = 12;

interface LoadRemarkProps {
    project: string;
    person: string;
    from: string;
    to: string;
    format: HoursFormat;
    /** Changes whenever the plan has, so that it is asked for anew. */
    version: unknown;
}

/** How loaded somebody is while they are on a task, on all projects: how many hours over, on which days. */
export function LoadRemark({ project, person, from, to, format, version }: LoadRemarkProps) {
    const [load, setLoad] = useState<LoadProps | null>(null);
    useEffect(() => {
        let isOver = false;
        void read<LoadProps>(route('project.plan.load', { project }), { person, from, to }).then((found) => {
            if (!isOver) {
                setLoad(found);
            }
        });

        return () => {
            isOver = true;
        };
    }, [project, person, from, to, version]);
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    if (load === null) {
        return null;
    }
    const over = load.over.reduce((sum, day) => sum + day.planned - day.expected, 0);

    return (
        <AttentionItem title={text.plan.load(load.name)}>
            <p>{text.plan.loadSentence(hours(load.planned), hours(load.expected), span(load.from, load.to))}</p>
            {load.over.length === 0 ? (
                <p className="text-faded">{text.plan.notOver}</p>
            ) : (
                <>
                    <p className="text-brick">{text.plan.over(hours(over), load.over.length)}</p>
                    <ul>
                        {load.over.slice(0, SHOWN).map((day) => (
                            <li key={day.date}>
                                {text.plan.overOn(
                                    shortDay(day.date),
                                    hours(day.planned - day.expected),
                                    hours(day.planned),
                                    hours(day.expected),
                                )}
                            </li>
                        ))}
                    </ul>
                    {load.over.length > SHOWN && <p className="text-faded">{text.plan.overMore(load.over.length - SHOWN)}</p>}
                </>
            )}
            <Link href={route('load', {}, { unit: 'week', open: load.code })} className="act-quiet inline-block">
                {text.plan.loadOfEverybody}
            </Link>
        </AttentionItem>
    );
}
