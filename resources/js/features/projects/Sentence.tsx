import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { FigureKind, HoursFormat, ProjectProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { Fragment } from 'react';
import { projectAddress, type Shown } from './address';
import { verdict } from './growthOf';

interface SentenceProps {
    project: ProjectProps;
    shown: Shown;
    format: HoursFormat;
}

/** What the project has come to; every figure opens to what it is made of. */
export function Sentence({ project, shown, format }: SentenceProps) {
    const { figures } = project;
    const opening = (figure: FigureKind, label: string) => (
        <Link
            href={projectAddress(project.code, shown, { figure })}
            preserveScroll
            preserveState
            className="underline decoration-rule underline-offset-4 hover:decoration-ink"
        >
            {label}
        </Link>
    );
    const hours = (minutes: number) => hoursWithUnit(minutes, format);

    return text.projectPage
        .sentence(
            opening('forecast', hours(figures.actual + figures.pending)),
            opening('planned', hours(figures.planned)),
            opening('remaining', hours(figures.remaining)),
            opening('forecast', hours(figures.forecast)),
            opening('variance', verdict(figures.variance, format)),
        )
        .map((part, index) => <Fragment key={index}>{part}</Fragment>);
}
