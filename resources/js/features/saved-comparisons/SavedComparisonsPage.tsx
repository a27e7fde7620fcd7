import { text } from '@/lib/text';
import type { SavedComparisonProps } from '@/types/generated/props';
import { CompareTabs } from '@/ui/CompareTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { SavedComparison } from './SavedComparison';

const copy = text.savedPage;

/** All comparisons that the reader may open by a name: their own and those shared with them. */
export function SavedComparisonsPage({ comparisons }: { comparisons: SavedComparisonProps[] }) {
    const front = comparisons.flatMap(({ id, place }) => (place === null ? [] : [id]));

    return (
        <Shell>
            <CompareTabs />
            <PageHeading
                title={copy.title}
                finding={comparisons.length === 0 ? copy.none : copy.count(comparisons.length, front.length)}
            />
            <ul className="mt-3 border-t border-edge">
                {comparisons.map((one) => (
                    <li key={one.id} className="border-b border-rule">
                        <SavedComparison comparison={one} front={front} />
                    </li>
                ))}
            </ul>
        </Shell>
    );
}
