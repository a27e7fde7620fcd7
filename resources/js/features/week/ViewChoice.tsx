import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { WeekProps } from '@/types/generated/props';
import { Link, usePage } from '@inertiajs/react';

const copy = text.week.view;

/** Whether the address asks for the week by the clock. */
export function useIsByTheClock(): boolean {
    return new URLSearchParams(usePage().url.split('?')[1] ?? '').get('view') === 'clock';
}

/** The grid, or the week by the clock: two ways to the same time. */
export function ViewChoice({ sheet }: { sheet: WeekProps }) {
    const isByTheClock = useIsByTheClock();
    const address = (view: 'clock' | null) =>
        sheet.isOwn ? route('week', { week: sheet.week }, { view }) : route('week.of', sheet.at, { view });

    return (
        <span role="group" aria-label={copy.label} className="no-print ms-6 inline-flex gap-x-3">
            {(
                [
                    [null, copy.grid, !isByTheClock],
                    ['clock', copy.clock, isByTheClock],
                ] as const
            ).map(([view, name, isHere]) => (
                <Link
                    key={name}
                    href={address(view)}
                    only={['signedIn']}
                    preserveState
                    preserveScroll
                    aria-current={isHere ? 'page' : undefined}
                    className={isHere ? 'underline decoration-moss decoration-2 underline-offset-4' : 'act-quiet'}
                >
                    {name}
                </Link>
            ))}
        </span>
    );
}
