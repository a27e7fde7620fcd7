import { route } from '@/lib/route';
import { hoursWithUnit } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { HoursFormat, ProjectsProps } from '@/types/generated/props';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Paging } from '@/ui/Paging';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { verdict } from './growthOf';
import { listAddress } from './listAddress';
import { ListFilters } from './ListFilters';
import { ListRow } from './ListRow';

const copy = text.projectsPage;

/** All projects that the reader may see, their hours on one scale, what needs attention first. */
export function ProjectsPage({ list }: { list: ProjectsProps }) {
    const format = useHoursFormat();
    const { figures } = list;
    const hours = (minutes: number) => hoursWithUnit(minutes, format);
    const isAsked = listAddress(list, {}) !== route('projects');
    const hasNone = list.count === 0 && !isAsked;

    return (
        <Shell>
            <PageHeading
                title={text.projects}
                finding={
                    hasNone ? copy.nothing : list.count === 0 ? copy.notFound : copy.finding(list.count, list.above, list.state)
                }
            >
                {list.mayCreate && (
                    <Link href={route('projects.new')} className="act">
                        {copy.newProject}
                    </Link>
                )}
            </PageHeading>
            {list.count > 0 && (
                <p>
                    {copy.sums(
                        hours(figures.planned),
                        hours(figures.actual + figures.pending),
                        hours(figures.remaining),
                        hours(figures.forecast),
                        verdict(figures.variance, format),
                    )}
                </p>
            )}
            {!hasNone && <ListFilters key={list.search} list={list} />}
            {list.count === 0 ? (
                <p className="mt-3">{hasNone ? copy.nothingNext : copy.notFoundNext}</p>
            ) : (
                <ProjectTable list={list} format={format} />
            )}
            <Paging page={list.page} pages={list.pages} address={(page) => listAddress(list, { page })} className="mt-3" />
        </Shell>
    );
}

function ProjectTable({ list, format }: { list: ProjectsProps; format: HoursFormat }) {
    return (
        <table className="sticky-head mt-3 w-full border-collapse">
            <thead className="text-faded">
                <tr>
                    <th scope="col" className="border-b border-edge">
                        {copy.project}
                    </th>
                    <th scope="col" className="border-b border-edge ps-3 max-lg:hidden">
                        {copy.manager}
                    </th>
                    {[copy.planned, copy.forecast, copy.variance].map((name, index) => (
                        <th
                            key={name}
                            scope="col"
                            className={clsx('border-b border-edge ps-3 text-end', index === 0 && 'max-sm:hidden')}
                        >
                            {name}
                        </th>
                    ))}
                    <th scope="col" className="border-b border-edge ps-5 whitespace-nowrap max-md:hidden">
                        {copy.trend}
                    </th>
                    <th scope="col" className="w-[28%] border-b border-edge ps-5 max-md:hidden">
                        {copy.growth}
                    </th>
                </tr>
            </thead>
            <tbody>
                {list.projects.map((project) => (
                    <ListRow key={project.code} project={project} scale={list.scale} format={format} />
                ))}
            </tbody>
        </table>
    );
}
