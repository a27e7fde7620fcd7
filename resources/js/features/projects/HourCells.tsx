import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { FigureKind, HoursFormat } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { Fragment } from 'react';
import { projectAddress } from './address';
import { openedBy, type TableRow } from './tableRow';

const figures: FigureKind[] = ['planned', 'actual', 'pending', 'remaining', 'forecast', 'variance'];

interface HourCellsProps {
    row: TableRow;
    name: string;
    code: string;
    hasBaseline: boolean;
    format: HoursFormat;
}

/** The hours of a row; each opens to what it is made of. The baseline stands beside the plan. */
export function HourCells({ row, name, code, hasBaseline, format }: HourCellsProps) {
    return figures.map((figure) => {
        const minutes = row.figures[figure];
        const shown = <Hours minutes={minutes} format={format} signed={figure === 'variance'} />;
        const isOver = figure === 'variance' && minutes > 0;

        return (
            <Fragment key={figure}>
                <td className={clsx('border-b border-rule ps-3 text-end whitespace-nowrap', isOver && 'text-brick')}>
                    <Link
                        href={projectAddress(code, 'hours', { figure, ...openedBy(row) })}
                        preserveScroll
                        preserveState
                        aria-label={text.projectPage.opens(text.projectPage[figure], hoursWithUnit(minutes, format), name)}
                        className="inline-block min-h-6 min-w-6 underline decoration-transparent underline-offset-4 hover:decoration-current"
                    >
                        {shown}
                    </Link>
                </td>
                {figure === 'planned' && hasBaseline && (
                    <td className="pencilled border-b border-rule ps-3 text-end whitespace-nowrap">
                        {row.baseline !== null && <Hours minutes={row.baseline} format={format} />}
                    </td>
                )}
            </Fragment>
        );
    });
}
