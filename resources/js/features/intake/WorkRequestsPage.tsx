import { wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useHoursFormat } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { WorkRequestsProps } from '@/types/generated/props';
import { PageHeading } from '@/ui/PageHeading';
import { Paging } from '@/ui/Paging';
import { SearchBox } from '@/ui/SearchBox';
import { Select } from '@/ui/Select';
import { Shell } from '@/ui/Shell';
import { Link, router } from '@inertiajs/react';
import clsx from 'clsx';
import { RequestForm } from './RequestForm';

const copy = officeText.workRequestsPage;

/** Requests for work, and a form for another. */
export function WorkRequestsPage({ requests }: { requests: WorkRequestsProps }) {
    const { state, search, page, pages } = requests;
    const address = (given: { state?: string; search?: string; page?: number }) => {
        const asked = { state, search, ...given };

        return route(
            'requests',
            {},
            {
                state: asked.state === '' ? null : asked.state,
                search: asked.search === '' ? null : asked.search,
                page: given.page ?? null,
            },
        );
    };

    return (
        <Shell>
            <PageHeading title={copy.title} finding={copy.finding(requests.open)} />
            <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
                <div>
                    <div className="flex flex-wrap items-baseline-last gap-x-6 gap-y-2">
                        <SearchBox label={copy.search} value={search} address={(words) => address({ search: words })} />
                        <Select
                            label={copy.status}
                            value={state}
                            options={Object.entries(copy.states)}
                            onChoose={(chosen) => {
                                router.get(address({ state: chosen }));
                            }}
                        />
                    </div>
                    <Rows requests={requests} />
                    <Paging page={page} pages={pages} address={(other) => address({ page: other })} className="mt-3" />
                </div>
                {requests.mayRequest && (
                    <section aria-labelledby="request-work">
                        <h2 id="request-work">{copy.form}</h2>
                        <RequestForm address={route('requests.store')} begin={route('uploads')} />
                    </section>
                )}
            </div>
        </Shell>
    );
}

function Rows({ requests: { rows, search, state } }: { requests: WorkRequestsProps }) {
    const format = useHoursFormat();
    if (rows.length === 0) {
        return <p className="mt-3 text-faded">{search === '' && state === '' ? copy.none : copy.nothing}</p>;
    }

    return (
        <table className="mt-3 w-full">
            <thead className="text-faded">
                <tr>
                    {[copy.request, copy.client, copy.requester, copy.wantedBy, copy.about, copy.status].map((head) => (
                        <th
                            key={head}
                            scope="col"
                            className={clsx(
                                'border-b border-edge pe-4',
                                head !== copy.request && head !== copy.status && 'max-sm:hidden',
                            )}
                        >
                            {head}
                        </th>
                    ))}
                </tr>
            </thead>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.id} className={clsx(row.state !== 'open' && 'text-faded')}>
                        <th scope="row" className="row-name border-b border-rule py-1 pe-4">
                            <Link className="act-quiet" href={route('requests.request', { workRequest: row.id })}>
                                {row.title}
                            </Link>
                            <span className="block text-faded sm:hidden">
                                {[row.client, row.requester].filter((part) => part !== null && part !== '').join(', ')}
                            </span>
                        </th>
                        <td className="border-b border-rule pe-4 [overflow-wrap:anywhere] max-sm:hidden">{row.client}</td>
                        <td className="border-b border-rule pe-4 [overflow-wrap:anywhere] max-sm:hidden">{row.requester}</td>
                        <td className="border-b border-rule pe-4 max-sm:hidden">
                            {row.wantedBy !== null && wholeDate(row.wantedBy)}
                        </td>
                        <td className="border-b border-rule pe-4 max-sm:hidden">
                            {row.about !== null && hoursWithUnit(row.about, format)}
                        </td>
                        <td className="border-b border-rule">{copy.state[row.state]}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
