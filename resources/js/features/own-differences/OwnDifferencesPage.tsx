import { text } from '@/lib/text';
import type { OwnDifferencesProps } from '@/types/generated/props';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { DifferentDays } from './DifferentDays';

const copy = text.differences;

/** Where somebody's hours are not the same in a client's own system. */
export function OwnDifferencesPage({ differences }: { differences: OwnDifferencesProps[] }) {
    return (
        <Shell>
            <PageHeading title={copy.title} finding={differences.length === 0 ? copy.none : copy.finding} />
            {differences.map(({ system, client, days }) => (
                <section key={system} className="mt-5 max-w-prose">
                    <h2>{copy.of(system, client)}</h2>
                    <DifferentDays days={days} />
                </section>
            ))}
        </Shell>
    );
}
