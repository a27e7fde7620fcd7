import { printHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { ComparedGroupProps, ComparedPeriodProps, ComparisonProps, HoursFormat } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { Foldout } from '@/ui/Foldout';
import { Hours } from '@/ui/Hours';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { compareAddress, lookedInto, type Question } from './compareAddress';
import { FigureLink } from './FigureLink';
import { groupName, partName } from './groupName';
import { growthLabel, growthOf } from './rowFigures';
import { Standing, standingColour } from './Standing';

const copy = text.comparePage;

interface CompareItemProps {
    comparison: ComparisonProps;
    asked: Question;
    format: HoursFormat;
    group: ComparedGroupProps;
    name: string;
}

/** A group in one line, which opens to all its figures and what it is made of. */
export function CompareItem({ group, name, comparison, asked, format }: CompareItemProps) {
    const { row } = group;
    const into = group.code === '' ? null : lookedInto(asked, group);
    const place = group.code === '' ? {} : { group: group.code };

    return (
        <Foldout
            className="border-b border-rule"
            lineClassName="items-baseline py-2"
            contentClassName="pb-3 ps-5 font-normal"
            line={
                <>
                    <span className="min-w-0 grow [overflow-wrap:anywhere]">{name}</span>
                    <span className="w-20 shrink-0 text-end">
                        <Hours minutes={row.actual} format={format} />
                    </span>
                    <span className={clsx('w-24 shrink-0 text-end', standingColour(row))}>
                        {row.standing !== 'recorded' && <Hours minutes={row.difference} format={format} signed />}
                        <span className="block text-[0.88em]">
                            <Standing row={row} />
                        </span>
                    </span>
                </>
            }
        >
            {group.code !== '' && (
                <div className="mb-2">
                    <Bar
                        {...growthOf(row, comparison.withPending)}
                        scale={comparison.scale}
                        label={growthLabel(row, comparison.withPending, format)}
                    />
                </div>
            )}
            <dl className="grid grid-cols-2 gap-x-6">
                {row.values.map((value) => (
                    <div key={value.measure} className="flex min-h-8 items-baseline justify-between gap-2">
                        <dt className="text-faded">{copy.measures[value.measure]}</dt>
                        <dd className="text-end">
                            <FigureLink
                                value={value}
                                name={name}
                                asked={asked}
                                place={place}
                                currency={comparison.currency}
                                format={format}
                            />
                        </dd>
                    </div>
                ))}
            </dl>
            {into !== null && (
                <Link href={compareAddress(into)} className="act-quiet inline-block">
                    {copy.looksInto(name)}
                </Link>
            )}
            <Rows
                comparison={comparison}
                rows={group.parts.map((part) => [partName(comparison, part.code, part.name), part.row])}
                format={format}
            />
            {group.moreParts > 0 && (
                <p className="text-faded">{copy.moreParts(group.parts.length, group.parts.length + group.moreParts)}</p>
            )}
            <Rows
                comparison={comparison}
                rows={comparison.periods.flatMap((period, index) => {
                    const at = group.periods[index];

                    return at === undefined ? [] : [[groupName(comparison.across ?? 'month', period, period), at] as const];
                })}
                format={format}
            />
        </Foldout>
    );
}

interface RowsProps {
    rows: readonly (readonly [string, ComparedPeriodProps])[];
    comparison: ComparisonProps;
    format: HoursFormat;
}

/** What a group is made of, a line each. */
function Rows({ rows, comparison, format }: RowsProps) {
    return (
        rows.length > 0 && (
            <ul className="mt-2 border-s-2 border-rule ps-3">
                {rows.map(([name, row], index) => (
                    <li key={index} className="flex items-baseline justify-between gap-3 py-1">
                        <span className="min-w-0 [overflow-wrap:anywhere]">{name}</span>
                        <span className="shrink-0">
                            <Hours minutes={row.actual} format={format} />
                            {comparison.total.standing !== 'recorded' && (
                                <span className="text-faded">{` ${copy.ofPlanned(printHours(row.planned, format))}`}</span>
                            )}
                        </span>
                    </li>
                ))}
            </ul>
        )
    );
}
