import { shortDay } from '@/lib/days';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { WaitingProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';

const copy = text.frontPage;

/** What waits for the reader, and where it is decided. */
export function WaitingColumn({ waiting }: { waiting: WaitingProps }) {
    const { entries, people, oldest, corrections, expenses, estimates, leave } = waiting;
    const items = [
        entries === 0
            ? null
            : { what: copy.entries(entries, people, oldest === null ? '' : shortDay(oldest)), href: route('review') },
        corrections === 0 ? null : { what: copy.corrections(corrections), href: route('review') },
        expenses === 0 ? null : { what: copy.expenses(expenses), href: route('review') },
        estimates === 0
            ? null
            : { what: copy.estimates(estimates), href: route('projects', {}, { concern: 'estimates waiting' }) },
        leave === 0 ? null : { what: copy.leave(leave), href: route('leave.requests') },
    ].filter((item) => item !== null);

    return (
        <section aria-labelledby="waiting">
            <h2 id="waiting">{copy.waiting}</h2>
            {items.length === 0 && <p className="text-faded">{copy.nothingWaits}</p>}
            <ul>
                {items.map(({ what, href }) => (
                    <li key={what} className="border-t border-rule py-1">
                        <Link href={href} className="act-quiet inline-block">
                            {what}
                        </Link>
                    </li>
                ))}
            </ul>
        </section>
    );
}
