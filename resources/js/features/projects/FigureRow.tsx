import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { HoursFormat, ProjectProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import clsx from 'clsx';
import type { Shown } from './address';
import { growthOf, growthLabel } from './growthOf';
import { HourCells } from './HourCells';
import { MoneyCells } from './MoneyCells';
import type { TableRow } from './tableRow';

interface FigureRowProps {
    row: TableRow;
    name: string;
    project: ProjectProps;
    shown: Shown;
    /** What the full width of a bar stands for; null for no bar. */
    scale: number | null;
    format: HoursFormat;
}

/** A phase, task or assignee. */
export function FigureRow({ row, name, project, shown, scale, format }: FigureRowProps) {
    const task =
        row.level === 'assignee' ? project.rows.find((other) => other.level === 'task' && other.task === row.task) : undefined;
    // A person may hold several tasks; read out, a figure says which.
    const full = task === undefined ? name : `${name}, ${task.name}`;

    return (
        <tr
            className={clsx('align-baseline', {
                'font-semibold': row.level === 'phase',
                'text-[0.93em] text-faded': row.level === 'assignee',
            })}
        >
            <th
                scope="row"
                className={clsx('border-b border-rule py-0.5', {
                    'pt-2.5 text-moss': row.level === 'phase',
                    'ps-3': row.level === 'task',
                    'ps-8': row.level === 'assignee',
                })}
            >
                {name}
                {row.isDone && (
                    <span className="pencilled ms-2">
                        {row.level === 'assignee' ? text.projectPage.assigneeDone : text.projectPage.done}
                    </span>
                )}
                {row.overAssigned > 0 && (
                    <span className="ms-2 text-[0.9em] text-ochre">
                        {text.projectPage.overAssigned(hoursWithUnit(row.overAssigned, format))}
                    </span>
                )}
            </th>
            {shown === 'hours' ? (
                <HourCells row={row} name={full} code={project.code} hasBaseline={project.baseline !== null} format={format} />
            ) : (
                <MoneyCells row={row} name={full} code={project.code} format={format} />
            )}
            {shown === 'hours' && (
                <td className="border-b border-rule ps-4">
                    {row.level !== 'phase' && scale !== null && (
                        <Bar {...growthOf(row.figures)} scale={scale} label={growthLabel(row.figures, format)} />
                    )}
                </td>
            )}
        </tr>
    );
}
