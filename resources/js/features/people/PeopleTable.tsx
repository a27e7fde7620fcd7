import { wholeDate } from '@/lib/days';
import { route } from '@/lib/route';
import { text } from '@/lib/text';
import type { PersonListRowProps } from '@/types/generated/props';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';

const copy = text.peoplePage;

/** People, each with where they stand; on a phone that is below the name. */
export function PeopleTable({ rows }: { rows: PersonListRowProps[] }) {
    const details = [
        [copy.team, 'w-[17%]'],
        [copy.role, 'w-[12%]'],
        [copy.manager, 'w-[17%]'],
        [copy.access, 'w-[10%]'],
        [copy.from, 'w-28'],
        [copy.to, 'w-28'],
    ] as const;

    return (
        <div className="mt-3 overflow-x-auto" tabIndex={0} role="group" aria-label={copy.name}>
            <table className="w-full sm:min-w-[58rem] sm:table-fixed">
                <thead>
                    <tr className="text-faded">
                        <th scope="col" className="border-b border-edge pe-4">
                            {copy.person}
                        </th>
                        {details.map(([head, width]) => (
                            <th key={head} scope="col" className={clsx('border-b border-edge pe-4 max-sm:hidden', width)}>
                                {head}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <tr key={row.code}>
                            <th scope="row" className="border-b border-rule py-1 pe-4 [overflow-wrap:anywhere]">
                                <Link href={route('office.people.person', { person: row.code })} className="act-quiet">
                                    {row.name}
                                </Link>
                                <span className="block text-faded [overflow-wrap:anywhere] sm:hidden">
                                    {[row.team, row.role, copy.accessNames[row.access]]
                                        .filter((part) => part !== null)
                                        .join(', ')}
                                </span>
                            </th>
                            {[
                                row.team,
                                row.role,
                                row.manager,
                                copy.accessNames[row.access],
                                row.startsOn === null ? null : wholeDate(row.startsOn),
                                row.endsOn === null ? null : wholeDate(row.endsOn),
                            ].map((cell, place) => (
                                <td key={place} className="border-b border-rule py-1 pe-4 max-sm:hidden">
                                    {cell}
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </div>
    );
}
