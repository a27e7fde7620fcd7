import { instant, shortDay } from '@/lib/days';
import { hoursInWords } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import type { HandingOverProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import { Parts } from '@/ui/Parts';
import { Shell } from '@/ui/Shell';
import { Paging } from '@/ui/Paging';
import { SearchBox } from '@/ui/SearchBox';
import { Head, Link, router } from '@inertiajs/react';

const address = (week: string, search: string, page = 1) =>
    `/handing-over?week=${week}&search=${encodeURIComponent(search)}${page === 1 ? '' : `&page=${page}`}`;

/** Who has not handed a week over, what is missing of it, and a word to one or all of them. */
export function HandingOverPage({ handingOver }: { handingOver: HandingOverProps }) {
    const format = useHoursFormat();
    const words = text.handingOverPage;
    const { week, search, missing, missingCount, page, atOnce } = handingOver;
    const pages = Math.ceil(missingCount / atOnce);
    const remind = (people: string[] | null) => {
        router.post('/handing-over/reminders', { week, search, people }, { preserveScroll: true });
    };

    return (
        <Shell>
            <Head title={words.name} />
            <Parts label={text.review} parts={text.reviewPage.parts} />
            <h1>{words.title(handingOver.number, missingCount, handingOver.people)}</h1>
            <p className={handingOver.isLate ? 'text-ochre' : 'text-faded'}>
                {handingOver.isLate ? words.wasDue(shortDay(handingOver.due)) : words.isDue(shortDay(handingOver.due))}
            </p>
            <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
                <Link className="act-quiet" href={address(handingOver.before, search)}>
                    {words.weekBefore}
                </Link>
                <Link className="act-quiet" href={address(handingOver.after, search)}>
                    {words.weekAfter}
                </Link>
                <SearchBox label={words.search} value={search} address={(said) => address(week, said)} />
                {missingCount > 0 && (
                    <button
                        type="button"
                        className="act act-main"
                        onClick={() => {
                            remind(null);
                        }}
                    >
                        {words.remindAll(missingCount)}
                    </button>
                )}
            </div>
            {missingCount > 0 && (
                <div className="mt-3 overflow-x-auto" role="region" aria-label={words.list} tabIndex={0}>
                    <table className="w-full max-w-5xl">
                        <thead>
                            <tr className="text-faded">
                                <th scope="col">{words.person}</th>
                                {[words.owed, words.draft, words.returned, words.handed, words.missing].map((name) => (
                                    <th key={name} scope="col" className="px-2 text-end">
                                        {name}
                                    </th>
                                ))}
                                <th scope="col" className="ps-4">
                                    {words.reminded}
                                </th>
                                <td />
                            </tr>
                        </thead>
                        <tbody>
                            {missing.map((person) => (
                                <tr key={person.code} className="border-t border-rule">
                                    <th scope="row" className="py-1 pe-2 [overflow-wrap:anywhere]">
                                        <Link className="act-quiet" href={`/people/${person.code}/week/${week}`}>
                                            {person.name}
                                        </Link>{' '}
                                        <span className="text-faded">{person.team}</span>
                                    </th>
                                    {[person.owed, person.draft, person.returned, person.handed, person.missing].map(
                                        (minutes, index) => (
                                            <td key={index} className="px-2 text-end">
                                                {minutes === 0 ? '' : <Hours minutes={minutes} format={format} />}
                                            </td>
                                        ),
                                    )}
                                    <td className="ps-4 text-faded">
                                        {person.remindedAt === null ? '' : instant(person.remindedAt)}
                                    </td>
                                    <td className="text-end">
                                        <button
                                            type="button"
                                            className="act-quiet"
                                            aria-label={words.remindOf(person.name, hoursInWords(person.missing, format))}
                                            onClick={() => {
                                                remind([person.code]);
                                            }}
                                        >
                                            {words.remind}
                                        </button>
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
            <Paging page={page} pages={pages} address={(other) => address(week, search, other)} className="mt-2" />
        </Shell>
    );
}
