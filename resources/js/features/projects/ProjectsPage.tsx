import { hoursInWords } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { HoursFormat, ProjectsProps } from '@/types/generated/props';
import { Shell } from '@/ui/Shell';
import { Paging } from '@/ui/Paging';
import { Head, Link } from '@inertiajs/react';
import clsx from 'clsx';
import { verdict } from './growthOf';
import { listAddress } from './listAddress';
import { ListFilters } from './ListFilters';
import { ListRow } from './ListRow';

const words = text.projectsPage;

/** All projects that the reader may see, their hours on one scale, what needs attention first. */
export function ProjectsPage({ list }: { list: ProjectsProps }) {
    const format = useHoursFormat();
    const { figures } = list;
    const hours = (minutes: number) => hoursInWords(minutes, format);
    const isAsked = listAddress(list, {}) !== '/projects';
    const hasNone = list.count === 0 && !isAsked;

    return (
        <Shell>
            <Head title={text.projects} />
            <div className="flex flex-wrap items-baseline justify-between gap-x-6">
                <h1>{hasNone ? words.nothing : list.count === 0 ? words.notFound : words.title(list.count, list.above)}</h1>
                {list.mayCreate && (
                    <Link href="/new-project" className="act">
                        {words.newProject}
                    </Link>
                )}
            </div>
            {list.count > 0 && (
                <p>
                    {words.sums(
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
                <p className="mt-3">{hasNone ? words.nothingNext : words.notFoundNext}</p>
            ) : (
                <ProjectTable list={list} format={format} />
            )}
            <Paging page={list.page} pages={list.pages} address={(page) => listAddress(list, { page })} className="mt-3" />
        </Shell>
    );
}

function ProjectTable({ list, format }: { list: ProjectsProps; format: HoursFormat }) {
    return (
        <table className="mt-3 w-full border-collapse">
            <thead className="text-faded">
                <tr>
                    <th scope="col" className="border-b border-edge">
                        {words.project}
                    </th>
                    <th scope="col" className="border-b border-edge ps-3 max-lg:hidden">
                        {words.manager}
                    </th>
                    {[words.planned, words.forecast, words.variance].map((name, index) => (
                        <th
                            key={name}
                            scope="col"
                            className={clsx('border-b border-edge ps-3 text-end', index === 0 && 'max-sm:hidden')}
                        >
                            {name}
                        </th>
                    ))}
                    <th scope="col" className="border-b border-edge ps-5 whitespace-nowrap max-md:hidden">
                        {words.trend}
                    </th>
                    <th scope="col" className="w-[28%] border-b border-edge ps-5 max-md:hidden">
                        {words.growth}
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
