import { route } from '@/lib/route';
import { printNumberText } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { PastTasksProps, SpreadProps } from '@/types/generated/props';
import { CompareTabs } from '@/ui/CompareTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Select } from '@/ui/Select';
import { Shell } from '@/ui/Shell';
import { SideScroll } from '@/ui/SideScroll';
import { Link, router } from '@inertiajs/react';
import clsx from 'clsx';
import { OpenedTasks } from './OpenedTasks';
import { spreadText } from './pastText';

const copy = text.learning;

/** What finished tasks came to against their first plans, where there are enough of them. */
export function LearningPage({ past }: { past: PastTasksProps }) {
    const { by, count, whole, groups, few, fewest, opened } = past;

    return (
        <Shell>
            <CompareTabs />
            <PageHeading title={copy.title} finding={whole === null ? copy.tooFew(count, fewest) : spreadText(whole)} />
            <p className="mt-1 max-w-prose text-faded">{copy.explained(fewest)}</p>
            <div className="no-print mt-2 flex">
                <Select
                    label={copy.by}
                    value={by}
                    options={Object.entries(copy.bys)}
                    onChoose={(chosen) => {
                        router.get(route('past-tasks', {}, { by: chosen }), {}, { preserveScroll: true });
                    }}
                />
            </div>
            {groups.length > 0 && (
                <div
                    className={clsx(
                        'mt-3 grid grid-cols-[minmax(0,1fr)] items-start gap-x-8',
                        opened !== null && 'lg:grid-cols-[minmax(0,1fr)_24rem]',
                    )}
                >
                    <SideScroll label={copy.title}>
                        <table className="w-full max-w-3xl border-collapse">
                            <thead className="text-faded">
                                <tr>
                                    <th scope="col" className="border-b border-edge">
                                        {copy.bys[by]}
                                    </th>
                                    {[copy.cases, copy.median, copy.range].map((name) => (
                                        <th key={name} scope="col" className="border-b border-edge ps-4 text-end">
                                            {name}
                                        </th>
                                    ))}
                                </tr>
                            </thead>
                            <tbody>
                                {groups.map(({ name, spread }) => (
                                    <Row key={name} name={name} by={by} spread={spread} />
                                ))}
                            </tbody>
                        </table>
                    </SideScroll>
                    {opened !== null && <OpenedTasks past={past} opened={opened} />}
                </div>
            )}
            {few > 0 && <p className="pencilled mt-1">{copy.few(few, fewest)}</p>}
        </Shell>
    );
}

function Row({ name, by, spread: { count, median, low, high } }: { name: string; by: string; spread: SpreadProps }) {
    return (
        <tr className="align-baseline">
            <th scope="row" className="row-name border-b border-rule py-1 font-normal">
                <Link
                    href={route('past-tasks', {}, { by, group: name })}
                    preserveScroll
                    className="underline decoration-rule underline-offset-4 hover:decoration-ink"
                >
                    {name}
                </Link>
            </th>
            <td className="border-b border-rule ps-4 text-end text-faded">{count}</td>
            <td className="border-b border-rule ps-4 text-end">{copy.times(printNumberText(median))}</td>
            <td className="border-b border-rule ps-4 text-end whitespace-nowrap">
                {copy.between(printNumberText(low), printNumberText(high))}
            </td>
        </tr>
    );
}
