import { wholeDate } from '@/lib/days';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { PersonListRowProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { useChosen } from '@/ui/useChosen';
import { SideScroll } from '@/ui/SideScroll';
import { Link } from '@inertiajs/react';
import clsx from 'clsx';
import { SeveralForm } from './SeveralForm';

const copy = officeText.peoplePage;

/** People, each with where they stand; on a phone that is below the name. Some can be chosen and changed together. */
export function PeopleTable({ rows }: { rows: PersonListRowProps[] }) {
    const { chosen, toggle, clear, all } = useChosen(
        rows.map(({ code }) => code),
        copy.chooseAll,
    );
    const details = [
        [copy.team, 'w-[17%]'],
        [copy.role, 'w-[12%]'],
        [copy.manager, 'w-[17%]'],
        [copy.access, 'w-[10%]'],
        [copy.from, 'w-28'],
        [copy.to, 'w-28'],
    ] as const;

    return (
        <>
            {chosen.length > 0 && <SeveralForm chosen={chosen} onDone={clear} />}
            <SideScroll label={copy.name} className="mt-3">
                <table className="w-full sm:min-w-[58rem] sm:table-fixed">
                    <thead>
                        <tr className="text-faded">
                            <th scope="col" className="w-8 border-b border-edge">
                                {all}
                            </th>
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
                            <PersonRow
                                key={row.code}
                                row={row}
                                isChosen={chosen.includes(row.code)}
                                onChoose={(isOn) => {
                                    toggle(row.code, isOn);
                                }}
                            />
                        ))}
                    </tbody>
                </table>
            </SideScroll>
        </>
    );
}

interface PersonRowProps {
    row: PersonListRowProps;
    isChosen: boolean;
    onChoose: (isOn: boolean) => void;
}

function PersonRow({ row, isChosen, onChoose }: PersonRowProps) {
    const access = copy.accessNames[row.access];
    const dates = [row.startsOn, row.endsOn].map((day) => (day === null ? null : wholeDate(day)));

    return (
        <tr>
            <td className="border-b border-rule py-1">
                <Checkbox label={copy.choose(row.name)} hidesLabel checked={isChosen} onChange={onChoose} />
            </td>
            <th scope="row" className="row-name border-b border-rule py-1 pe-4">
                <Link href={route('office.people.person', { person: row.code })} className="act-quiet">
                    {row.name}
                </Link>
                <span className="block text-faded [overflow-wrap:anywhere] sm:hidden">
                    {[row.team, row.role, access].filter((part) => part !== null).join(', ')}
                </span>
            </th>
            {[row.team, row.role, row.manager, access, ...dates].map((cell, place) => (
                <td key={place} className="border-b border-rule py-1 pe-4 max-sm:hidden">
                    {cell}
                </td>
            ))}
        </tr>
    );
}
