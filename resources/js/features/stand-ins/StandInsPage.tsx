import { route } from '@/lib/route';
import { shortDay } from '@/lib/days';
import { printList } from '@/lib/numbers';
import { text } from '@/lib/text';
import type { StandInProps, StandInsProps } from '@/types/generated/props';
import { RouteTabs } from '@/ui/SectionTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { router } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { StandInForm } from './StandInForm';

/** Who decides in the reader's place, and in whose place the reader decides. */
export function StandInsPage({ standIns }: { standIns: StandInsProps }) {
    const copy = text.standInsPage;
    const now = standIns.named.filter(({ isNow }) => isNow);

    return (
        <Shell>
            <RouteTabs label={text.review} tabs={text.reviewPage.tabs} />
            <PageHeading
                title={copy.name}
                finding={now.length === 0 ? copy.nobodyNow : copy.now(printList(now.map(({ standIn }) => standIn)))}
            />
            <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_26rem]">
                <div className="flex flex-col gap-5">
                    <List title={standIns.namesForOthers ? copy.all : copy.named} none={copy.nobody} standIns={standIns.named}>
                        {(one) => (
                            <button
                                type="button"
                                className="act-quiet"
                                aria-label={copy.endOf(one.standIn)}
                                onClick={() => {
                                    router.delete(route('stand-ins.end', { standIn: one.id }), { preserveScroll: true });
                                }}
                            >
                                {copy.end}
                            </button>
                        )}
                    </List>
                    {standIns.mine.length > 0 && <List title={copy.mine} none="" standIns={standIns.mine} />}
                </div>
                <StandInForm key={standIns.named.length} standIns={standIns} />
            </div>
        </Shell>
    );
}

interface ListProps {
    title: string;
    none: string;
    standIns: StandInProps[];
    children?: (standIn: StandInProps) => ReactNode;
}

function List({ title, none, standIns, children }: ListProps) {
    const copy = text.standInsPage;

    return (
        <section>
            <h2>{title}</h2>
            {standIns.length === 0 && <p className="pencilled">{none}</p>}
            <ul>
                {standIns.map((one) => (
                    <li key={one.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1">
                        <span className="grow">
                            {copy.inPlaceOf(one.standIn, one.principal)}{' '}
                            <span className="text-faded">
                                {copy.from(shortDay(one.from), shortDay(one.to))};{' '}
                                {one.projects.length === 0 ? copy.everything : printList(one.projects)}
                            </span>
                        </span>
                        {children?.(one)}
                    </li>
                ))}
            </ul>
        </section>
    );
}
