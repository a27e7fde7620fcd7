import { shortDay } from '@/lib/days';
import { text } from '@/lib/text';
import type { StandInProps, StandInsProps } from '@/types/generated/props';
import { Parts } from '@/ui/Parts';
import { Shell } from '@/ui/Shell';
import { Head, router } from '@inertiajs/react';
import type { ReactNode } from 'react';
import { StandInForm } from './StandInForm';

/** Who decides in the reader's place, and in whose place the reader decides. */
export function StandInsPage({ standIns }: { standIns: StandInsProps }) {
    const words = text.standInsPage;
    const now = standIns.named.filter(({ isNow }) => isNow);

    return (
        <Shell>
            <Head title={words.name} />
            <Parts label={text.review} parts={text.reviewPage.parts} />
            <h1>{now.length === 0 ? words.nobodyNow : words.now(now.map(({ standIn }) => standIn).join(', '))}</h1>
            <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_26rem]">
                <div className="flex flex-col gap-5">
                    <List title={standIns.namesForOthers ? words.all : words.named} none={words.nobody} standIns={standIns.named}>
                        {(one) => (
                            <button
                                type="button"
                                className="act-quiet"
                                aria-label={words.endOf(one.standIn)}
                                onClick={() => {
                                    router.delete(`/stand-ins/${one.id}`, { preserveScroll: true });
                                }}
                            >
                                {words.end}
                            </button>
                        )}
                    </List>
                    {standIns.mine.length > 0 && <List title={words.mine} none="" standIns={standIns.mine} />}
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
    const words = text.standInsPage;

    return (
        <section>
            <h2>{title}</h2>
            {standIns.length === 0 && <p className="pencilled">{none}</p>}
            <ul>
                {standIns.map((one) => (
                    <li key={one.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1">
                        <span className="grow">
                            {words.inPlaceOf(one.standIn, one.principal)}{' '}
                            <span className="text-faded">
                                {words.from(shortDay(one.from), shortDay(one.to))};{' '}
                                {one.projects.length === 0 ? words.everything : one.projects.join(', ')}
                            </span>
                        </span>
                        {children?.(one)}
                    </li>
                ))}
            </ul>
        </section>
    );
}
