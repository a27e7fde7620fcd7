import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { ProjectsProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { commonScale } from '@/ui/growth';
import { Hours } from '@/ui/Hours';
import { Shell } from '@/ui/Shell';
import { Head, Link } from '@inertiajs/react';
import clsx from 'clsx';
import { growthOf, growthWords } from './growthOf';

/** All projects that the reader may see, their hours on one scale. */
export function ProjectsPage({ list: { projects } }: { list: ProjectsProps }) {
    const format = useHoursFormat();
    // Internal projects hold everybody's own time and would dwarf the others on the common scale.
    const scale = commonScale(projects.filter((project) => !project.isInternal).map((project) => growthOf(project.figures)));
    const above = projects.filter((project) => project.figures.variance > 0).length;

    return (
        <Shell>
            <Head title={text.projects} />
            <h1>{projects.length === 0 ? text.projectsPage.nothing : text.projectsPage.title(projects.length, above)}</h1>
            {projects.length === 0 ? (
                <p className="mt-3">{text.projectsPage.nothingNext}</p>
            ) : (
                <table className="mt-3 w-full border-collapse">
                    <thead className="text-faded">
                        <tr>
                            <th scope="col" className="border-b border-edge">
                                {text.projectsPage.project}
                            </th>
                            <th scope="col" className="border-b border-edge ps-3 max-lg:hidden">
                                {text.projectsPage.manager}
                            </th>
                            {[text.projectsPage.planned, text.projectsPage.forecast, text.projectsPage.variance].map(
                                (name, index) => (
                                    <th
                                        key={name}
                                        scope="col"
                                        className={clsx('border-b border-edge ps-3 text-end', index === 0 && 'max-sm:hidden')}
                                    >
                                        {name}
                                    </th>
                                ),
                            )}
                            <th scope="col" className="w-[36%] border-b border-edge ps-5 max-md:hidden">
                                {text.projectsPage.growth}
                            </th>
                        </tr>
                    </thead>
                    <tbody>
                        {projects.map(({ code, name, client, manager, isOpen, isInternal, figures }) => (
                            <tr key={code} className="align-baseline">
                                <th scope="row" className="border-b border-rule py-1">
                                    <Link
                                        href={`/projects/${code}`}
                                        className="underline decoration-rule underline-offset-4 hover:decoration-ink"
                                    >
                                        {name}
                                    </Link>
                                    <span className="block text-[0.88em] text-faded">
                                        {[
                                            client,
                                            isInternal ? text.projectsPage.internal : null,
                                            isOpen ? null : text.projectsPage.closed,
                                        ]
                                            .filter((part) => part !== null)
                                            .join(' · ')}
                                    </span>
                                </th>
                                <td className="border-b border-rule ps-3 max-lg:hidden">{manager}</td>
                                <td className="border-b border-rule ps-3 text-end max-sm:hidden">
                                    <Hours minutes={figures.planned} format={format} />
                                </td>
                                <td className="border-b border-rule ps-3 text-end">
                                    <Hours minutes={figures.forecast} format={format} />
                                </td>
                                <td
                                    className={clsx(
                                        'border-b border-rule ps-3 text-end whitespace-nowrap',
                                        figures.variance > 0 && 'text-brick',
                                    )}
                                >
                                    <Hours minutes={figures.variance} format={format} signed />
                                    <span className="block text-[0.88em]">
                                        {figures.variancePercentage !== null &&
                                            `${figures.variancePercentage.replace('-', '−')} %`}
                                    </span>
                                </td>
                                <td className="border-b border-rule ps-5 max-md:hidden">
                                    {isInternal ? (
                                        <span className="pencilled">{text.projectsPage.offScale}</span>
                                    ) : (
                                        <Bar {...growthOf(figures)} scale={scale} words={growthWords(figures, format)} />
                                    )}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </Shell>
    );
}
