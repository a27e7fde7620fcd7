import { hoursWithUnit } from '@/lib/hours';
import { text } from '@/lib/text';
import type { FigureKind, HoursFormat } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { Foldout } from '@/ui/Foldout';
import { Hours } from '@/ui/Hours';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { projectAddress } from './address';
import { growthLabel, growthOf } from './growthOf';
import { openedBy, type TableRow } from './tableRow';

const figures: FigureKind[] = ['planned', 'actual', 'pending', 'remaining', 'forecast', 'variance'];

interface FigureItemProps {
    row: TableRow;
    name: string;
    code: string;
    /** What the full width of a bar stands for; null for no bar. */
    scale: number | null;
    format: HoursFormat;
    assignees: readonly { row: TableRow; name: string }[];
}

/** A task in one line, which opens to all its figures and who is on it. */
export function FigureItem({ row, name, code, scale, format, assignees }: FigureItemProps) {
    return (
        <Foldout
            className="border-b border-rule"
            lineClassName="items-baseline py-2"
            contentClassName="pb-3 ps-5 font-normal"
            line={
                <>
                    <span className="min-w-0 grow [overflow-wrap:anywhere]">
                        {name}
                        {row.isDone && <span className="pencilled ms-2">{text.projectPage.done}</span>}
                    </span>
                    <span className="w-20 shrink-0 text-end">
                        <Hours minutes={row.figures.forecast} format={format} />
                    </span>
                    <span className={clsx('w-20 shrink-0 text-end', row.figures.variance > 0 && 'text-brick')}>
                        <Hours minutes={row.figures.variance} format={format} signed />
                    </span>
                </>
            }
        >
            {scale !== null && (
                <div className="mb-2">
                    <Bar {...growthOf(row.figures)} scale={scale} label={growthLabel(row.figures, format)} />
                </div>
            )}
            <Figures row={row} name={name} code={code} format={format} />
            {assignees.map((one) => (
                <div key={`${one.row.assignee ?? ''} ${one.name}`} className="mt-2 border-s-2 border-rule ps-3">
                    <p>{one.name}</p>
                    <Figures row={one.row} name={`${one.name}, ${name}`} code={code} format={format} />
                </div>
            ))}
        </Foldout>
    );
}

/** The figures of a row, each with its name; each opens to what it is made of. */
function Figures({ row, name, code, format }: Pick<FigureItemProps, 'row' | 'name' | 'code' | 'format'>) {
    return (
        <dl className="grid grid-cols-2 gap-x-6">
            {figures.map((figure) => (
                <div key={figure} className="flex min-h-8 items-baseline justify-between gap-2">
                    <dt className="text-faded">{text.projectPage[figure]}</dt>
                    <dd className={clsx(figure === 'variance' && row.figures.variance > 0 && 'text-brick')}>
                        <Link
                            href={projectAddress(code, 'hours', { figure, ...openedBy(row) })}
                            preserveScroll
                            preserveState
                            aria-label={text.projectPage.opens(
                                text.projectPage[figure],
                                hoursWithUnit(row.figures[figure], format),
                                name,
                            )}
                            className="underline decoration-rule underline-offset-4"
                        >
                            <Hours minutes={row.figures[figure]} format={format} signed={figure === 'variance'} />
                        </Link>
                    </dd>
                </div>
            ))}
        </dl>
    );
}
