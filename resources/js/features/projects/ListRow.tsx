import { route } from '@/lib/route';
import { printPercent } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { HoursFormat, ProjectSummaryProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { Hours } from '@/ui/Hours';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { growthOf, growthLabel } from './growthOf';
import { Trend } from './Trend';

const copy = text.projectsPage;

interface ListRowProps {
    project: ProjectSummaryProps;
    /** What the full width of a bar stands for. */
    scale: number;
    format: HoursFormat;
}

/** A project in the list. */
export function ListRow({ project, scale, format }: ListRowProps) {
    const { code, name, client, manager, isOpen, isInternal, figures, budgetIsGone, waiting, trend } = project;
    const about = [client, isInternal ? copy.internal : null, isOpen ? null : copy.closed].filter((part) => part !== null);

    return (
        <tr className="align-baseline">
            <th scope="row" className="border-b border-rule py-1">
                <Link
                    href={route('project', { project: code })}
                    className="underline decoration-rule underline-offset-4 hover:decoration-ink"
                >
                    {name}
                </Link>
                <span className="block text-[0.88em] text-faded">
                    {about.join(' · ')}
                    {budgetIsGone && <span className="ms-2 text-brick">{copy.budgetIsGone}</span>}
                    {waiting > 0 && <span className="ms-2 text-ochre">{copy.waiting(waiting)}</span>}
                </span>
            </th>
            <td className="border-b border-rule ps-3 max-lg:hidden">{manager}</td>
            <td className="border-b border-rule ps-3 text-end max-sm:hidden">
                <Hours minutes={figures.planned} format={format} />
            </td>
            <td className="border-b border-rule ps-3 text-end">
                <Hours minutes={figures.forecast} format={format} />
            </td>
            <td className={clsx('border-b border-rule ps-3 text-end whitespace-nowrap', figures.variance > 0 && 'text-brick')}>
                <Hours minutes={figures.variance} format={format} signed />
                <span className="block text-[0.88em]">
                    {figures.variancePercentage !== null && text.percent(printPercent(figures.variancePercentage))}
                </span>
            </td>
            <td className="border-b border-rule ps-5 max-md:hidden">
                <Trend forecasts={trend} planned={figures.planned} format={format} />
            </td>
            <td className="border-b border-rule ps-5 max-md:hidden">
                {isInternal ? (
                    <span className="pencilled">{copy.offScale}</span>
                ) : (
                    <Bar {...growthOf(figures)} scale={scale} label={growthLabel(figures, format)} />
                )}
            </td>
        </tr>
    );
}
