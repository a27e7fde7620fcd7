import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { TimesheetsProps } from '@/types/generated/props';
import { Link, router } from '@inertiajs/react';

/** The people in whose sheets the reader may record, and why. */
export function OwnersTable({ sheets: { owners, more, search, week } }: { sheets: TimesheetsProps }) {
    const copy = text.timesheetsPage;

    return (
        <section aria-labelledby="owners">
            <h2 id="owners">{copy.title}</h2>
            {(owners.length > 0 || search !== '') && (
                <form
                    role="search"
                    className="mt-2 flex flex-wrap items-baseline-last gap-2"
                    onSubmit={(event) => {
                        event.preventDefault();
                        const asked = new FormData(event.currentTarget).get('search');
                        router.get(route('timesheets'), typeof asked === 'string' && asked !== '' ? { search: asked } : {}, {
                            preserveState: true,
                        });
                    }}
                >
                    <label className="flex items-baseline gap-2">
                        <span className="text-faded">{copy.search}</span>
                        <input
                            name="search"
                            defaultValue={search}
                            maxLength={100}
                            className="min-h-8 border-b border-edge bg-sheet px-2"
                        />
                    </label>
                    <button type="submit" className="act">
                        {copy.find}
                    </button>
                </form>
            )}
            {owners.length === 0 ? (
                <p className="mt-3 max-w-prose">{search === '' ? copy.none : copy.noneFound(search)}</p>
            ) : (
                <table className="mt-3 w-full">
                    <thead>
                        <tr className="text-faded">
                            {[copy.person, copy.team, copy.why].map((name) => (
                                <th key={name} scope="col" className="border-b border-edge pe-4">
                                    {name}
                                </th>
                            ))}
                        </tr>
                    </thead>
                    <tbody>
                        {owners.map(({ code, name, team, reason, maySubmit }) => (
                            <tr key={code}>
                                <th scope="row" className="border-b border-rule py-0.5 pe-4">
                                    <Link
                                        href={route('week.of', { person: code, week })}
                                        className="underline decoration-rule underline-offset-4 hover:decoration-ink"
                                    >
                                        {name}
                                    </Link>
                                </th>
                                <td className="border-b border-rule pe-4 text-faded md:whitespace-nowrap">{team}</td>
                                <td className="border-b border-rule text-faded md:whitespace-nowrap">
                                    {[copy.reasons[reason], maySubmit ? copy.submitsToo : null]
                                        .filter((part) => part !== null)
                                        .join(' ')}
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
            {more > 0 && <p className="pencilled mt-2">{copy.more(more)}</p>}
        </section>
    );
}
