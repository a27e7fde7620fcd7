import { text } from '@/lib/text';
import type { DeskGrouping, WaitingFilter, ReviewProps } from '@/types/generated/props';
import { Link, router } from '@inertiajs/react';
import clsx from 'clsx';
import type { ReactNode } from 'react';
import { deskAddress, type View } from './address';

const groupings: DeskGrouping[] = ['person', 'project', 'week'];
const needingAttention: WaitingFilter[] = ['all', 'attention', 'in order'];

function ViewLink({ to, isChosen, children }: { to: View; isChosen: boolean; children: ReactNode }) {
    return (
        <Link
            href={deskAddress(to)}
            preserveScroll
            aria-current={isChosen ? 'true' : undefined}
            className={clsx(
                'min-h-6 underline-offset-4',
                isChosen ? 'font-semibold underline decoration-moss' : 'hover:underline',
            )}
        >
            {children}
        </Link>
    );
}

/** By what the desk is sorted, and which of it is shown; all of it in the address. */
export function DeskFilters({ review }: { review: ReviewProps }) {
    const { by, show, search } = review;
    const view = { by, show, search };

    return (
        <div className="mt-1 flex flex-wrap items-baseline gap-x-6 gap-y-1">
            <p className="flex flex-wrap gap-x-3" role="group" aria-label={text.reviewPage.by}>
                <span className="text-faded">{text.reviewPage.by}</span>
                {groupings.map((one) => (
                    <ViewLink key={one} to={{ ...view, by: one }} isChosen={by === one}>
                        {text.reviewPage.groupings[one]}
                    </ViewLink>
                ))}
            </p>
            <p className="flex flex-wrap gap-x-3" role="group" aria-label={text.reviewPage.show}>
                <span className="text-faded">{text.reviewPage.show}</span>
                {needingAttention.map((one) => (
                    <ViewLink key={one} to={{ ...view, show: one }} isChosen={show === one}>
                        {text.reviewPage.needingAttention[one]}
                    </ViewLink>
                ))}
            </p>
            <form
                role="search"
                onSubmit={(event) => {
                    event.preventDefault();
                    const said = new FormData(event.currentTarget).get('search');
                    router.get(
                        deskAddress({ ...view, search: typeof said === 'string' ? said.trim() : '' }),
                        {},
                        { preserveScroll: true },
                    );
                }}
            >
                <input
                    type="search"
                    name="search"
                    defaultValue={search}
                    aria-label={text.reviewPage.search}
                    placeholder={text.reviewPage.search}
                    className="min-h-7 w-64 border-b border-edge bg-sheet px-2"
                />
            </form>
        </div>
    );
}
