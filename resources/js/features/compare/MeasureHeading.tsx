import { text } from '@/lib/text';
import type { Measure } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import { compareAddress } from './compareAddress';
import type { CompareTools } from './CompareTable';

const copy = text.comparePage;

const money: readonly Measure[] = ['cost', 'expenses', 'bill-value', 'margin'];

/** What a column shows; it sorts by it, the largest first. */
export function MeasureHeading({ measure, tools }: { measure: Measure; tools: CompareTools }) {
    const name = copy.measures[measure];
    const called = money.includes(measure) ? `${name}, ${tools.comparison.currency}` : name;

    return tools.asked.sort === measure ? (
        <span>
            {called}
            <span className="sr-only">, {copy.sorted}</span>
            <span aria-hidden> ▾</span>
        </span>
    ) : (
        <Link
            href={compareAddress({ ...tools.asked, sort: measure, page: 1 })}
            preserveScroll
            preserveState
            title={copy.sortsBy(name)}
            className="underline-offset-4 hover:underline"
        >
            {called}
        </Link>
    );
}
