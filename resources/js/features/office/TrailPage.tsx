import { text } from '@/lib/text';
import type { TrailPageProps } from '@/types/generated/props';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { TrailRow } from '@/ui/TrailRow';
import { Link, router } from '@inertiajs/react';
import { OfficeShell } from './OfficeShell';

function addressOf({ search, subject, from, to }: TrailPageProps, before: number): string {
    const query = new URLSearchParams({ search, subject, from: from ?? '', to: to ?? '', before: String(before) });

    return `/office/trail?${query.toString()}`;
}

/** Who did what, for whom, when, from what to what, and why. */
export function TrailPage({ trail }: { trail: TrailPageProps }) {
    const words = text.officePage.trail;

    return (
        <OfficeShell title={words.name}>
            <h1>{words.title}</h1>
            <form
                role="search"
                className="mt-2 flex flex-wrap items-end gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.get('/office/trail', Object.fromEntries(new FormData(event.currentTarget)) as Record<string, string>);
                }}
            >
                <Field label={words.search} name="search" type="search" defaultValue={trail.search} className="w-72" />
                <Select
                    label={words.subject}
                    name="subject"
                    defaultValue={trail.subject}
                    options={[['', words.everything], ...trail.subjects.map((one) => [one, words.subjects[one] ?? one] as const)]}
                />
                <Field label={words.from} name="from" type="date" defaultValue={trail.from ?? ''} />
                <Field label={words.to} name="to" type="date" defaultValue={trail.to ?? ''} />
                <button type="submit" className="act">
                    {words.find}
                </button>
            </form>
            {trail.rows.length === 0 ? (
                <p className="mt-3">{words.nothing}</p>
            ) : (
                <ol className="mt-3">
                    {trail.rows.map((row) => (
                        <li key={row.id} className="border-t border-rule py-1 [overflow-wrap:anywhere]">
                            <TrailRow row={row} />
                        </li>
                    ))}
                </ol>
            )}
            {trail.before !== null && (
                <Link className="act mt-2" href={addressOf(trail, trail.before)}>
                    {words.older}
                </Link>
            )}
            <p className="pencilled mt-3">{words.chain}</p>
        </OfficeShell>
    );
}
