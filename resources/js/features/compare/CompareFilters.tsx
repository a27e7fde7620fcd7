import { text } from '@/lib/text';
import type { ComparisonProps } from '@/types/generated/props';
import { soon } from '@/ui/soon';
import clsx from 'clsx';
import { useState } from 'react';
import { ask } from './ask';
import type { Narrowed, Question } from './compareAddress';

const copy = text.comparePage;
const MeasureForm = soon(async () => (await import('./MeasureForm')).MeasureForm);
const FilterForm = soon(async () => (await import('./FilterForm')).FilterForm);

/** What a comparison is narrowed to, in words. */
function filtersOf({ narrowed, internal, billable, withPending }: Question): string[] {
    return [
        ...(Object.keys(narrowed) as Narrowed[]).flatMap((kind) => narrowed[kind].map(({ name }) => name)),
        ...(internal === 'out' || internal === 'only' ? [`${copy.internal}: ${copy.internals[internal]}`] : []),
        ...(billable === 'yes' || billable === 'no' ? [copy.billables[billable]] : []),
        ...(withPending ? [copy.withPending] : []),
    ];
}

/** Whether there are periods to draw. */
function canBeLines({ across, by }: ComparisonProps): boolean {
    return across !== null || by === 'week' || by === 'month' || by === 'quarter';
}

/** What of all work is compared and which figures are shown; the fields to change either open below. */
export function CompareFilters({ comparison, asked }: { comparison: ComparisonProps; asked: Question }) {
    const [shown, show] = useState<'filters' | 'figures' | null>(null);
    const filters = filtersOf(asked);
    const toggle = (kind: 'filters' | 'figures') => () => {
        show(shown === kind ? null : kind);
    };

    return (
        <>
            <p className={clsx('mt-2 flex flex-wrap gap-x-4', filters.length === 0 && 'no-print')}>
                <button type="button" className="act-quiet" aria-expanded={shown === 'filters'} onClick={toggle('filters')}>
                    {shown === 'filters'
                        ? copy.closeFilters
                        : filters.length === 0
                          ? copy.filters
                          : copy.filtered(filters.join(', '))}
                </button>
                {canBeLines(comparison) && (
                    <button
                        type="button"
                        className="act-quiet no-print"
                        onClick={() => {
                            ask({ ...asked, withLines: !asked.withLines });
                        }}
                    >
                        {asked.withLines ? copy.withoutLines : copy.withLines}
                    </button>
                )}
                <button
                    type="button"
                    className="act-quiet no-print"
                    aria-expanded={shown === 'figures'}
                    onClick={toggle('figures')}
                >
                    {shown === 'figures' ? copy.closeFigures : copy.chooseFigures}
                </button>
            </p>
            {shown === 'filters' && <FilterForm asked={asked} />}
            {shown === 'figures' && <MeasureForm comparison={comparison} asked={asked} />}
        </>
    );
}
