import { text } from '@/lib/text';
import type { ComparisonProps, HoursFormat } from '@/types/generated/props';
import clsx from 'clsx';
import { Fragment } from 'react';
import type { Question } from './compareAddress';
import { CompareRow } from './CompareRow';
import { groupName } from './groupName';
import { groupingName } from './groupings';
import { MeasureHeading } from './MeasureHeading';

const copy = text.comparePage;

const FIGURES_ON_UPRIGHT_PAPER = 5;

/** What of a comparison every row needs. */
export interface CompareTools {
    comparison: ComparisonProps;
    asked: Question;
    format: HoursFormat;
}

interface CompareTableProps {
    comparison: ComparisonProps;
    asked: Question;
    format: HoursFormat;
}

/** Groups with their figures, on one scale; with periods across, or with a bar for each. */
export function CompareTable({ comparison, asked, format }: CompareTableProps) {
    const tools: CompareTools = {
        comparison,
        asked: { ...asked, page: comparison.page },
        format,
    };
    const isWide = comparison.across !== null || comparison.measures.length > FIGURES_ON_UPRIGHT_PAPER;

    return (
        <div
            className={clsx('relative min-w-0 overflow-x-auto', isWide && 'printed-wide')}
            role="region"
            aria-label={text.compare}
            tabIndex={0}
        >
            {comparison.across !== null && <Explanation comparison={comparison} />}
            <table className="w-full border-collapse">
                <Head tools={tools} />
                <tbody>
                    {comparison.groups.map((group) => (
                        <Fragment key={group.code}>
                            <CompareRow
                                kind="group"
                                code={group.code}
                                name={group.name}
                                row={group.row}
                                periods={group.periods}
                                tools={tools}
                            />
                            {group.parts.map((part) => (
                                <CompareRow
                                    key={part.code}
                                    kind="part"
                                    group={group.code}
                                    code={part.code}
                                    name={part.name}
                                    row={part.row}
                                    periods={part.periods}
                                    tools={tools}
                                />
                            ))}
                            {group.moreParts > 0 && (
                                <tr>
                                    <td colSpan={99} className="border-b border-rule py-1 ps-5 text-[0.92em] text-faded">
                                        {copy.moreParts(group.parts.length, group.parts.length + group.moreParts)}
                                    </td>
                                </tr>
                            )}
                        </Fragment>
                    ))}
                </tbody>
                <tfoot className="font-semibold">
                    <CompareRow
                        kind="total"
                        code=""
                        name={copy.total}
                        row={comparison.total}
                        periods={comparison.totals}
                        tools={tools}
                    />
                </tfoot>
            </table>
            {comparison.across === null && <Explanation comparison={comparison} />}
        </div>
    );
}

function Head({ tools }: { tools: CompareTools }) {
    const { comparison } = tools;

    return (
        <thead className="text-faded">
            <tr>
                <th scope="col" className={clsx('border-b border-edge', comparison.across !== null && 'kept-head')}>
                    {groupingName(comparison.by, comparison.field)}
                    {comparison.then !== null && `, ${groupingName(comparison.then, comparison.field).toLowerCase()}`}
                </th>
                {comparison.measures.map((measure) => (
                    <th key={measure} scope="col" className="border-b border-edge ps-3 text-end">
                        <MeasureHeading measure={measure} tools={tools} />
                    </th>
                ))}
                <th scope="col" className="border-b border-edge ps-2">
                    <span className="sr-only">{copy.standsAs}</span>
                </th>
                {comparison.across !== null &&
                    comparison.periods.map((code) => (
                        <th key={code} scope="col" className="border-b border-edge ps-3 text-end whitespace-nowrap">
                            {groupName(comparison.across ?? 'month', code, code)}
                        </th>
                    ))}
                {comparison.across === null && (
                    <th scope="col" className="w-[26%] border-b border-edge ps-5">
                        {comparison.total.standing === 'recorded' ? copy.drawnRecorded : copy.drawn}
                    </th>
                )}
            </tr>
        </thead>
    );
}

/** How the table is read; above it where figures stand in it that no heading names. */
function Explanation({ comparison }: { comparison: ComparisonProps }) {
    const { across, chosen, measures } = comparison;
    const isMissing = (some: readonly string[]) =>
        some.some((one) => chosen.includes(one as never) && !measures.includes(one as never));

    return (
        <p className="pencilled sticky start-0 mt-1 w-fit">
            {[
                comparison.total.standing === 'recorded' ? '' : across === null ? copy.explained : copy.explainedAcross,
                measures.includes('utilisation') ? copy.explainedUtilisation : '',
                measures.includes('forecast') || measures.includes('remaining') ? copy.explainedCompletion : '',
                isMissing(['expected', 'utilisation']) ? copy.noExpected : '',
                isMissing(['remaining', 'forecast']) ? copy.noCompletion : '',
                isMissing(['planned']) ? copy.noPlan : '',
            ]
                .filter((sentence) => sentence !== '')
                .join(' ')}
        </p>
    );
}
