import { route } from '@/lib/route';
import { instant, shortDay } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { useHoursFormat } from '@/lib/shared';
import { text } from '@/lib/text';
import { timesheetDays } from '@/lib/timesheetDays';
import type { NotSubmittedProps } from '@/types/generated/props';
import { Hours } from '@/ui/Hours';
import { RouteTabs } from '@/ui/SectionTabs';
import { PageHeading } from '@/ui/PageHeading';
import { Shell } from '@/ui/Shell';
import { Paging } from '@/ui/Paging';
import { SearchBox } from '@/ui/SearchBox';
import { Link, router } from '@inertiajs/react';

const address = (week: string, search: string, page = 1) =>
    route('not-submitted', {}, { week, search, page: page === 1 ? null : page });

/** Who has not submitted a week, what is missing of it, and reminders to one or all of them. */
export function NotSubmittedPage({ notSubmitted }: { notSubmitted: NotSubmittedProps }) {
    const copy = text.notSubmittedPage;
    const { week, search, missingCount, page, atOnce } = notSubmitted;
    const pages = Math.ceil(missingCount / atOnce);
    const remind = (people: string[] | null) => {
        router.post(route('not-submitted.remind'), { week, search, people }, { preserveScroll: true });
    };

    return (
        <Shell>
            <RouteTabs label={text.review} tabs={text.reviewPage.tabs} />
            <PageHeading title={copy.name} finding={copy.finding(notSubmitted.number, missingCount, notSubmitted.people)} />
            <p className={notSubmitted.isLate ? 'text-ochre' : 'text-faded'}>
                {notSubmitted.isLate ? copy.wasDue(shortDay(notSubmitted.due)) : copy.isDue(shortDay(notSubmitted.due))}
            </p>
            <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
                <Link className="act-quiet" href={address(notSubmitted.before, search)}>
                    {copy.weekBefore}
                </Link>
                <Link className="act-quiet" href={address(notSubmitted.after, search)}>
                    {copy.weekAfter}
                </Link>
                <SearchBox label={copy.search} value={search} address={(said) => address(week, said)} />
                {missingCount > 0 && (
                    <button
                        type="button"
                        className="act act-main"
                        onClick={() => {
                            remind(null);
                        }}
                    >
                        {copy.remindAll(missingCount)}
                    </button>
                )}
            </div>
            {missingCount > 0 && <MissingTable notSubmitted={notSubmitted} onRemind={remind} />}
            <Paging page={page} pages={pages} address={(other) => address(week, search, other)} className="mt-2" />
        </Shell>
    );
}

interface MissingTableProps {
    notSubmitted: NotSubmittedProps;
    onRemind: (people: string[]) => void;
}

function MissingTable({ notSubmitted, onRemind }: MissingTableProps) {
    const copy = text.notSubmittedPage;

    return (
        <div className="mt-3 overflow-x-auto" role="region" aria-label={copy.list} tabIndex={0}>
            <table className="sticky-head w-full">
                <thead>
                    <tr className="text-faded">
                        <th scope="col">{copy.person}</th>
                        {[copy.expected, copy.draft, copy.returned, copy.submitted, copy.missing].map((name) => (
                            <th key={name} scope="col" className="px-2 text-end md:whitespace-nowrap">
                                {name}
                            </th>
                        ))}
                        <th scope="col" className="ps-4">
                            {copy.reminded}
                        </th>
                        <td />
                    </tr>
                </thead>
                <tbody>
                    {notSubmitted.missing.map((person) => (
                        <MissingRow key={person.code} person={person} week={notSubmitted.week} onRemind={onRemind} />
                    ))}
                </tbody>
            </table>
        </div>
    );
}

interface MissingRowProps extends Pick<MissingTableProps, 'onRemind'> {
    person: NotSubmittedProps['missing'][number];
    week: string;
}

function MissingRow({ person, week, onRemind }: MissingRowProps) {
    const format = useHoursFormat();
    const copy = text.notSubmittedPage;

    return (
        <tr className="border-t border-rule">
            <th scope="row" className="row-name py-1 pe-2">
                <Link className="act-quiet" href={route('week.of', { person: person.code, week })}>
                    {person.name}
                </Link>{' '}
                <span className="text-faded">
                    {person.team}
                    {person.days === week ? '' : `, ${timesheetDays(person.days)}`}
                </span>
            </th>
            {[person.expected, person.draft, person.returned, person.submitted, person.missing].map((minutes, index) => (
                <td key={index} className="px-2 text-end">
                    {minutes === 0 ? '' : <Hours minutes={minutes} format={format} />}
                </td>
            ))}
            <td className="ps-4 text-faded md:whitespace-nowrap">
                {person.remindedAt === null ? '' : instant(person.remindedAt)}
            </td>
            <td className="ps-4 text-end">
                <button
                    type="button"
                    className="act-quiet"
                    aria-label={copy.remindOf(person.name, hoursWithUnit(person.missing, format))}
                    onClick={() => {
                        onRemind([person.code]);
                    }}
                >
                    {copy.remind}
                </button>
            </td>
        </tr>
    );
}
