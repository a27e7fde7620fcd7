import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { HoursFormat, ReportedEffortProps, ReportedProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import type { ReactNode } from 'react';

const copy = text.reportedPage;

const figures = ['planned', 'actual', 'remaining', 'forecast'] as const;

interface RowProps {
    name: ReactNode;
    then: ReportedEffortProps | null;
    now: ReportedEffortProps;
    change: number;
    format: HoursFormat;
}

/** Projects as reported and as they are, those whose forecast changed most first. */
export function ReportedTable({ reported, format }: { reported: ReportedProps; format: HoursFormat }) {
    const { projects, then, now } = reported;

    return (
        <div className="relative mt-3 min-w-0 overflow-x-auto" role="region" aria-label={copy.title} tabIndex={0}>
            <table className="w-full border-collapse">
                <thead className="text-faded">
                    <tr>
                        <th rowSpan={2} scope="col" className="border-b border-edge align-bottom">
                            {copy.project}
                        </th>
                        <th colSpan={figures.length} scope="colgroup" className="ps-5 text-center">
                            {copy.then}
                        </th>
                        <th colSpan={figures.length} scope="colgroup" className="ps-5 text-center">
                            {copy.now}
                        </th>
                        <th rowSpan={2} scope="col" className="border-b border-edge ps-5 text-end align-bottom">
                            {copy.change}
                        </th>
                    </tr>
                    <tr>
                        {[0, 1].flatMap((group) =>
                            figures.map((figure, index) => (
                                <th
                                    key={`${String(group)} ${figure}`}
                                    scope="col"
                                    className={clsx('border-b border-edge text-end', index === 0 ? 'ps-5' : 'ps-3')}
                                >
                                    {copy.figures[figure]}
                                </th>
                            )),
                        )}
                    </tr>
                </thead>
                <tbody>
                    {projects.map((project) => (
                        <Row
                            key={project.code}
                            name={
                                <Link
                                    href={route('project', { project: project.code })}
                                    className="underline decoration-rule underline-offset-4 hover:decoration-ink"
                                >
                                    {project.name}
                                </Link>
                            }
                            then={project.then}
                            now={project.now}
                            change={project.change}
                            format={format}
                        />
                    ))}
                </tbody>
                <tfoot className="font-semibold">
                    <Row name={copy.total} then={then} now={now} change={now.forecast - then.forecast} format={format} />
                </tfoot>
            </table>
        </div>
    );
}

function Row({ name, then, now, change, format }: RowProps) {
    return (
        <tr className="align-baseline">
            <th scope="row" className="min-w-44 border-b border-rule py-1 font-normal [overflow-wrap:anywhere]">
                {name}
                {then === null && <span className="block text-[0.88em] text-faded">{copy.newSince}</span>}
            </th>
            {[then, now].flatMap((effort, group) =>
                figures.map((figure, index) => (
                    <td
                        key={`${String(group)} ${figure}`}
                        className={clsx(
                            'border-b border-rule text-end',
                            index === 0 ? 'ps-5' : 'ps-3',
                            group === 0 && 'text-faded',
                        )}
                    >
                        {effort === null ? copy.notThere : <Hours minutes={effort[figure]} format={format} />}
                    </td>
                )),
            )}
            <td
                className={clsx(
                    'border-b border-rule ps-5 text-end whitespace-nowrap',
                    change > 0 ? 'text-brick' : change < 0 ? 'text-ochre' : 'text-faded',
                )}
            >
                <Hours minutes={change} format={format} signed />
                <span className="block text-[0.85em] font-normal">
                    {change > 0 ? copy.rose : change < 0 ? copy.fell : copy.same}
                </span>
            </td>
        </tr>
    );
}
