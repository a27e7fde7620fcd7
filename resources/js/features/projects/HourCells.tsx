import { hoursInWords } from '@/lib/hours';
import { text } from '@/lib/text';
import type { Figure, HoursFormat, ProjectRowProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { projectAddress } from './address';

const figures: Figure[] = ['planned', 'actual', 'pending', 'remaining', 'forecast', 'variance'];

interface HourCellsProps {
    row: ProjectRowProps;
    name: string;
    code: string;
    format: HoursFormat;
}

/** The hours of a row; each opens to what it is made of. A phase is opened by its tasks. */
export function HourCells({ row, name, code, format }: HourCellsProps) {
    const opens = row.task !== null || row.name === '';

    return figures.map((figure) => {
        const minutes = row.figures[figure];
        const shown = <Hours minutes={minutes} format={format} signed={figure === 'variance'} />;
        const isOver = figure === 'variance' && minutes > 0;

        return (
            <td key={figure} className={clsx('border-b border-rule ps-3 text-end whitespace-nowrap', isOver && 'text-brick')}>
                {opens ? (
                    <Link
                        href={projectAddress(code, 'hours', { figure, task: row.task, holder: row.holder })}
                        preserveScroll
                        preserveState
                        aria-label={text.projectPage.opens(text.projectPage[figure], hoursInWords(minutes, format), name)}
                        className="inline-block min-h-6 min-w-6 underline decoration-transparent underline-offset-4 hover:decoration-current"
                    >
                        {shown}
                    </Link>
                ) : (
                    shown
                )}
            </td>
        );
    });
}
