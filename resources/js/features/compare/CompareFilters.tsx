import { text } from '@/lib/text';
import { soon } from '@/ui/soon';
import clsx from 'clsx';
import { useState } from 'react';
import type { Narrowed, Question } from './compareAddress';

const copy = text.comparePage;
const FilterForm = soon(async () => (await import('./FilterForm')).FilterForm);

/** What a comparison is narrowed to, in words. */
function filtersOf({ narrowed, internal, withPending }: Question): string[] {
    return [
        ...(Object.keys(narrowed) as Narrowed[]).flatMap((kind) => narrowed[kind].map(({ name }) => name)),
        ...(internal === 'out' || internal === 'only' ? [`${copy.internal}: ${copy.internals[internal]}`] : []),
        ...(withPending ? [copy.withPending] : []),
    ];
}

/** What of all work is compared; the fields to change that open below. */
export function CompareFilters({ asked }: { asked: Question }) {
    const [isOpen, open] = useState(false);
    const filters = filtersOf(asked);

    return (
        <>
            <p className={clsx('mt-2', filters.length === 0 && 'no-print')}>
                <button
                    type="button"
                    className="act-quiet"
                    aria-expanded={isOpen}
                    onClick={() => {
                        open(!isOpen);
                    }}
                >
                    {isOpen ? copy.closeFilters : filters.length === 0 ? copy.filters : copy.filtered(filters.join(', '))}
                </button>
            </p>
            {isOpen && <FilterForm asked={asked} />}
        </>
    );
}
