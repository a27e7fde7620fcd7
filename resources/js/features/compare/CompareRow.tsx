import { text } from '@/lib/text';
import type { ComparedPeriodProps, ComparedRowProps } from '@/types/generated/props';
import { Bar } from '@/ui/Bar';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { compareAddress, lookedInto } from './compareAddress';
import type { CompareTools } from './CompareTable';
import { FigureLink } from './FigureLink';
import { groupName, projectOf } from './groupName';
import { PeriodCells } from './PeriodCells';
import { growthLabel, growthOf } from './rowFigures';
import { Standing, standingColour } from './Standing';

const copy = text.comparePage;

interface CompareRowProps {
    kind: 'group' | 'part' | 'total';
    /** Of which group it is a part. */
    group?: string;
    code: string;
    name: string;
    row: ComparedRowProps;
    /** One for each period that stands across. */
    periods?: readonly ComparedPeriodProps[];
    tools: CompareTools;
}

/** A group, a part of one, or the total: its figures and what they come to. */
export function CompareRow({ kind, group, code, name, row, periods, tools }: CompareRowProps) {
    const { comparison, asked, format } = tools;
    const grouping = kind === 'part' ? (comparison.then ?? comparison.by) : comparison.by;
    const called = kind === 'total' ? name : groupName(grouping, code, name);
    const project = kind === 'total' || (kind === 'part' && comparison.by === 'project') ? null : projectOf(grouping, code);
    const inFull = project === null ? called : copy.inProject(called, project);
    const place = kind === 'total' ? {} : kind === 'group' ? { group: code } : { group: group ?? '', part: code };
    const cell = clsx('border-b border-rule ps-3 text-end', kind === 'part' && 'text-[0.92em]');

    return (
        <tr className="align-baseline">
            <th
                scope="row"
                className={clsx(
                    'min-w-44 border-b border-rule py-1 [overflow-wrap:anywhere]',
                    comparison.across !== null && 'kept-head max-w-64',
                    kind === 'part' && 'ps-5 text-[0.92em] font-normal',
                )}
            >
                <GroupName kind={kind} code={code} name={name} called={called} tools={tools} />
                {project !== null && <span className="ms-2 text-[0.88em] font-normal text-faded">{project}</span>}
            </th>
            {row.values.map((value) => (
                <td
                    key={value.measure}
                    className={clsx(
                        cell,
                        value.measure === 'pending' && 'text-faded',
                        (value.measure === 'difference' || value.measure === 'difference-pct') && standingColour(row),
                    )}
                >
                    <FigureLink
                        value={value}
                        name={inFull}
                        asked={asked}
                        place={place}
                        currency={comparison.currency}
                        format={format}
                    />
                </td>
            ))}
            <td className={clsx('border-b border-rule ps-3 text-[0.88em] whitespace-nowrap', standingColour(row))}>
                <Standing row={row} />
            </td>
            <PeriodCells called={inFull} place={place} periods={periods ?? []} cell={cell} tools={tools} />
            {comparison.across === null && (
                <td className="border-b border-rule ps-5">
                    {kind !== 'total' && (
                        <Bar
                            {...growthOf(row, comparison.withPending)}
                            scale={comparison.scale}
                            label={growthLabel(row, comparison.withPending, format)}
                        />
                    )}
                </td>
            )}
        </tr>
    );
}

/** A name, which leads to a comparison of what the group is made of where there is one. */
function GroupName({
    kind,
    code,
    name,
    called,
    tools,
}: Pick<CompareRowProps, 'kind' | 'code' | 'name' | 'tools'> & { called: string }) {
    const into = kind === 'group' ? lookedInto(tools.asked, { code, name }) : null;

    return into === null ? (
        called
    ) : (
        <Link
            href={compareAddress(into)}
            title={copy.looksInto(called)}
            className="underline decoration-rule underline-offset-4 hover:decoration-ink"
        >
            {called}
        </Link>
    );
}
