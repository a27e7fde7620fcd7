import { OfficeShell } from '@/features/office';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { PeopleProps } from '@/types/generated/props';
import { Paging } from '@/ui/Paging';
import { SearchBox } from '@/ui/SearchBox';
import { Select } from '@/ui/Select';
import { Link, router } from '@inertiajs/react';
import { PeopleTable } from './PeopleTable';

const copy = officeText.peoplePage;

type PeopleFilter = Pick<PeopleProps, 'search' | 'state' | 'team' | 'sort'>;

function address({ search, state, team, sort }: PeopleFilter, page = 1): string {
    return route(
        'office.people',
        {},
        {
            search: search || null,
            state: state === 'working' ? null : state,
            team: team || null,
            sort: sort === 'name' ? null : sort,
            page: page === 1 ? null : page,
        },
    );
}

/** Who works in the organisation. */
export function PeoplePage({ people }: { people: PeopleProps }) {
    const { working, found, rows, page, pages, ...filter } = people;

    return (
        <OfficeShell title={copy.name} finding={copy.finding(working)}>
            <div className="mt-3 flex flex-wrap items-baseline-last gap-x-6 gap-y-2">
                <SearchBox label={copy.search} value={filter.search} address={(search) => address({ ...filter, search })} />
                <Select
                    label={copy.status}
                    value={filter.state}
                    options={Object.entries(copy.states)}
                    onChoose={(state) => {
                        router.get(address({ ...filter, state }));
                    }}
                />
                <Select
                    label={copy.sort}
                    value={filter.sort}
                    options={Object.entries(copy.sorts)}
                    onChoose={(sort) => {
                        router.get(address({ ...filter, sort }));
                    }}
                />
                {filter.search !== '' && <span className="text-faded">{copy.found(found)}</span>}
                <span className="ms-auto flex flex-wrap items-baseline gap-x-5">
                    <Link href={route('office.people.pasted')} className="act-quiet">
                        {copy.paste}
                    </Link>
                    <Link href={route('office.people.new')} className="act act-main">
                        {copy.add}
                    </Link>
                </span>
            </div>
            {rows.length === 0 ? <p className="mt-4">{copy.none}</p> : <PeopleTable key={address(filter, page)} rows={rows} />}
            <Paging page={page} pages={pages} address={(other) => address(filter, other)} className="mt-3" />
        </OfficeShell>
    );
}
