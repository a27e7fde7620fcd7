import { span } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { ProjectProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { commonScale } from '@/ui/growth';
import { Shell } from '@/ui/Shell';
import { Head, usePage } from '@inertiajs/react';
import clsx from 'clsx';
import { projectAddress, shownIn } from './address';
import { FiguresTable } from './FiguresTable';
import { growthOf, growthWords, verdict } from './growthOf';
import { MoneySentences } from './MoneySentences';
import { ShownChoice } from './ShownChoice';
import { TracePanel } from './TracePanel';

/** A project: what it has come to in a sentence, its bar, its figures by task and holder, and what one of them is made of. */
export function ProjectPage({ project }: { project: ProjectProps }) {
    const format = useHoursFormat();
    const { figures } = project;
    const hours = (minutes: number) => hoursInWords(minutes, format);
    const money = figures.money;
    const asked = shownIn(usePage().url);
    const shown = money === null ? 'hours' : asked;

    return (
        <Shell>
            <Head title={project.name} />
            <h1>{project.name}</h1>
            <p className="text-faded">
                {text.projectPage.about(project.client === null ? '' : `${project.client} · `, project.manager)}
                {project.startsOn !== null && project.endsOn !== null && ` · ${span(project.startsOn, project.endsOn)}`}
                {!project.isOpen && ` · ${text.projectPage.closed}`}
            </p>
            <p className="mt-2 text-[1.12rem]">
                {text.projectPage.sentence(
                    hours(figures.actual + figures.pending),
                    hours(figures.planned),
                    hours(figures.remaining),
                    hours(figures.forecast),
                    verdict(figures.variance, format),
                )}
            </p>
            {money !== null && <MoneySentences money={money} currency={project.currency} format={format} />}
            <Bar
                {...growthOf(figures)}
                scale={commonScale([growthOf(figures)])}
                words={growthWords(figures, format)}
                className="mt-3 h-5"
            />
            <div className="mt-1 flex flex-wrap items-baseline justify-between gap-x-6">
                <p className="pencilled text-[0.9em]">{text.projectPage.legend}</p>
                {money !== null && <ShownChoice code={project.code} shown={shown} />}
            </div>
            <div
                className={clsx(
                    'mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-6',
                    project.trace !== null && 'xl:grid-cols-[minmax(0,1fr)_22rem]',
                )}
            >
                {project.rows.length === 0 ? (
                    <p>
                        {text.projectPage.noTasks} <span className="text-faded">{text.projectPage.noTasksNext}</span>
                    </p>
                ) : (
                    <FiguresTable project={project} shown={shown} format={format} />
                )}
                {project.trace !== null && (
                    <TracePanel
                        trace={project.trace}
                        name={project.name}
                        closeAddress={projectAddress(project.code, shown)}
                        format={format}
                    />
                )}
            </div>
        </Shell>
    );
}
