import { pastForecastText } from '@/features/learning';
import { route } from '@/lib/route';
import { span, wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { ChangesProps, HoursFormat, PastForecastProps, ProgressProps, ProjectProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { commonScale } from '@/ui/growth';
import { Shell } from '@/ui/Shell';
import { ProjectTabs } from '@/ui/ProjectTabs';
import { Head, Link, usePage } from '@inertiajs/react';
import clsx from 'clsx';
import { openedRow, shownIn } from './address';
import { Attention } from './Attention';
import { Changes } from './Changes';
import { Progress } from './Progress';
import { EarnedValue } from './EarnedValue';
import { FiguresTable } from './FiguresTable';
import { growthOf, growthLabel } from './growthOf';
import { Later } from '@/ui/Later';
import { MoneySentences } from './MoneySentences';
import { People } from './People';
import { Sentence } from './Sentence';
import { ShownChoice } from './ShownChoice';
import { TracePanel } from './TracePanel';
import { WaitingEstimates } from './WaitingEstimates';

interface ProjectPageProps {
    project: ProjectProps;
    /** They come after the page, or not at all. */
    progress?: ProgressProps | null | undefined;
    changes?: ChangesProps | null | undefined;
    past?: PastForecastProps | null | undefined;
}

/** A project: what it has come to in a sentence, what asks for attention, its figures, and what one of them is made of. */
export function ProjectPage({ project, progress, changes, past }: ProjectPageProps) {
    const format = useHoursFormat();
    const { figures } = project;
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const money = figures.money;
    const { url } = usePage();
    const asked = shownIn(url);
    const shown = money === null ? 'hours' : asked;

    return (
        <Shell>
            <Head title={project.name} />
            <ProjectTabs code={project.code} />
            <h1 className="mt-1">{project.name}</h1>
            <p className="text-faded">
                {text.projectPage.about(project.client === null ? '' : `${project.client} · `, project.manager)}
                {project.startsOn !== null && project.endsOn !== null && ` · ${span(project.startsOn, project.endsOn)}`}
                {!project.isOpen && ` · ${text.projectPage.closed}`}
                {project.contact !== '' && ` · ${text.projectPage.contact(project.contact)}`}
            </p>
            <p className="mt-2 text-[1.12rem]">
                <Sentence project={project} shown={shown} format={format} />
                {project.baseline !== null &&
                    project.baselineOn !== null &&
                    project.baseline !== figures.planned &&
                    ` ${text.projectPage.baselineSentence(wholeDate(project.baselineOn), hours(project.baseline))}`}
            </p>
            {money !== null && <MoneySentences money={money} currency={project.currency} format={format} />}
            <Bar
                {...growthOf(figures)}
                scale={commonScale([growthOf(figures)])}
                label={growthLabel(figures, format)}
                className="mt-3 h-5"
            />
            <div className="mt-1 flex flex-wrap items-baseline justify-between gap-x-6">
                <p className="pencilled text-[0.9em]">{text.projectPage.legend}</p>
                {money !== null && <ShownChoice code={project.code} shown={shown} />}
            </div>
            <Attention project={project} format={format} />
            <WaitingEstimates project={project} format={format} />
            <div
                className={clsx(
                    'mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-6 gap-y-6',
                    project.trace !== null && 'xl:grid-cols-[minmax(0,1fr)_22rem]',
                )}
            >
                {project.rows.length === 0 ? (
                    <NoTasks project={project} />
                ) : (
                    <FiguresTable project={project} shown={shown} format={format} />
                )}
                {project.trace !== null && (
                    <TracePanel
                        trace={project.trace}
                        row={openedRow(project, url)}
                        project={project}
                        shown={shown}
                        format={format}
                    />
                )}
            </div>
            <Beneath project={project} progress={progress} changes={changes} past={past} format={format} />
        </Shell>
    );
}

/** That nothing is planned yet, and who does it. */
function NoTasks({ project }: { project: ProjectProps }) {
    return (
        <p>
            {text.projectPage.noTasks}{' '}
            {project.mayPlan ? (
                <Link href={route('project.plan', { project: project.code })} className="act-quiet">
                    {text.projectPage.planIt}
                </Link>
            ) : (
                <span className="text-faded">{text.projectPage.noTasksNext}</span>
            )}
        </p>
    );
}

/** How it went week by week and by person, what was earned, and what has changed. */
function Beneath({ project, progress, changes, past, format }: ProjectPageProps & { format: HoursFormat }) {
    return (
        <div className="mt-6 grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
            <div className="flex min-w-0 flex-col gap-6">
                <Later data="progress">
                    {progress != null && (
                        <>
                            <Progress progress={progress} format={format} />
                            <People progress={progress} format={format} />
                        </>
                    )}
                </Later>
            </div>
            <div className="flex flex-col gap-6">
                {past != null && (
                    <section aria-labelledby="past">
                        <h2 id="past">{text.learning.title}</h2>
                        <p className="pencilled">{pastForecastText(past, format)}</p>
                    </section>
                )}
                {project.earnedValue !== null && <EarnedValue value={project.earnedValue} currency={project.currency} />}
                <Later data="changes">{changes != null && <Changes changes={changes} format={format} />}</Later>
            </div>
        </div>
    );
}
