import { printHours } from '@/lib/hours';
import { text } from '@/lib/text';
import type { ComparedPeriodProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import clsx from 'clsx';
import type { Opened } from './compareAddress';
import type { CompareTools } from './CompareTable';
import { FigureLink } from './FigureLink';
import { groupName } from './groupName';

const copy = text.comparePage;

interface PeriodCellsProps {
    /** Of whom or what they are. */
    called: string;
    place: Omit<Opened, 'figure'>;
    periods: readonly ComparedPeriodProps[];
    cell: string;
    tools: CompareTools;
}

/** Actual hours of each period that stands across, with its planned hours below. */
export function PeriodCells({ called, place, periods, cell, tools }: PeriodCellsProps) {
    const { comparison, asked, format } = tools;

    return comparison.periods.map((period, index) => {
        const at = periods[index];

        return (
            <td key={period} className={clsx(cell, 'whitespace-nowrap')}>
                {at !== undefined && isNothing(at) && <Hours minutes={0} format={format} className="text-faded" />}
                {at !== undefined && !isNothing(at) && (
                    <>
                        <FigureLink
                            value={{ measure: 'actual', unit: 'hours', amount: at.actual, percentage: null, leftOut: 0 }}
                            name={`${called}, ${groupName(comparison.across ?? 'month', period, period)}`}
                            asked={asked}
                            place={{ ...place, at: period }}
                            currency={comparison.currency}
                            format={format}
                        />
                        {comparison.total.standing !== 'recorded' && (
                            <span className="block text-[0.88em] font-normal text-faded">
                                <span className="sr-only">{copy.ofPlanned(printHours(at.planned, format))}</span>
                                <span aria-hidden>
                                    <Hours minutes={at.planned} format={format} />
                                </span>
                            </span>
                        )}
                    </>
                )}
            </td>
        );
    });
}

/** Whether nothing was planned or recorded, so that there is nothing to open. */
function isNothing({ planned, actual, pending }: ComparedPeriodProps): boolean {
    return planned === 0 && actual === 0 && pending === 0;
}
