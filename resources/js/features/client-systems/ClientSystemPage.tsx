import { OfficeShell } from '@/features/office';
import { DifferentDays } from '@/features/own-differences';
import { wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { ClientSystemProps, ComparedPersonProps } from '@/types/generated/props';
import { Confirm } from '@/ui/Confirm';
import { TableHead } from '@/ui/TableHead';
import { SideScroll } from '@/ui/SideScroll';
import { Link, router } from '@inertiajs/react';
import { ReadForm } from './ReadForm';
import { SystemForm } from './SystemForm';
import { UnknownPeople } from './UnknownPeople';

const copy = officeText.clientSystemPage;

/** One client's system: a week in both, what its export says, and how that is read. */
export function ClientSystemPage({ system }: { system: ClientSystemProps }) {
    return (
        <OfficeShell title={system.name} finding={copy.about(system.clientName, wholeDate(system.startsOn))}>
            <p>
                <Link className="act-quiet" href={route('office.client-systems')}>
                    {copy.back}
                </Link>
            </p>
            <div className="mt-4 grid gap-x-14 gap-y-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
                <WeekInBoth system={system} />
                <div className="flex flex-col gap-8">
                    <ReadForm system={system.id} />
                    <UnknownPeople system={system} />
                </div>
            </div>
            <section aria-labelledby="settings" className="mt-8">
                <h2 id="settings">{copy.settings}</h2>
                <SystemForm system={system} startsOn={system.startsOn} />
                <p className="mt-3">
                    <Confirm
                        button={{ className: 'act-quiet', children: copy.remove }}
                        title={copy.removeTitle(system.name)}
                        yes={copy.remove}
                        no={copy.no}
                        onYes={() => {
                            router.delete(route('office.client-systems.remove', { clientSystem: system.id }));
                        }}
                    >
                        {copy.removeWill}
                    </Confirm>
                </p>
            </section>
        </OfficeShell>
    );
}

function WeekInBoth({ system }: { system: ClientSystemProps }) {
    const weekAt = (week: string) => route('office.client-systems.system', { clientSystem: system.id }, { week });
    const open = system.openWeeks.filter((week) => week !== system.week);

    return (
        <section aria-labelledby="week" className="min-w-0">
            <h2 id="week">{copy.weekOf(String(Number(system.week.slice(-2))), wholeDate(system.monday))}</h2>
            <p className="flex flex-wrap gap-x-4">
                <Link className="act-quiet" href={weekAt(system.before)}>
                    {copy.earlier}
                </Link>
                <Link className="act-quiet" href={weekAt(system.after)}>
                    {copy.later}
                </Link>
            </p>
            {open.length > 0 && (
                <p className="flex flex-wrap gap-x-4 text-ochre">
                    {copy.openWeeks}
                    {open.map((week) => (
                        <Link key={week} className="act-quiet" href={weekAt(week)}>
                            {week}
                        </Link>
                    ))}
                </p>
            )}
            {system.people.length === 0 ? (
                <p className="text-faded">{copy.nobody}</p>
            ) : (
                <>
                    {system.people.every((person) => person.days.length === 0) && <p>{copy.everybodyAgrees}</p>}
                    <PeopleInBoth people={system.people} />
                </>
            )}
            <p className="mt-2">
                <a
                    className="act-quiet"
                    href={route('office.client-systems.hours', { clientSystem: system.id }, { week: system.week })}
                >
                    {copy.hours}
                </a>
            </p>
        </section>
    );
}

function PeopleInBoth({ people }: { people: ComparedPersonProps[] }) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';

    return (
        <SideScroll labelledBy="week">
            <table className="mt-2 w-full min-w-[32rem]">
                <TableHead heads={[copy.person, copy.here, copy.there, copy.days]} />
                <tbody>
                    {people.map((person) => (
                        <tr key={person.person}>
                            <th scope="row" className="row-name border-b border-rule py-1 pe-4 align-top">
                                {person.name}
                            </th>
                            <td className="border-b border-rule py-1 pe-4 align-top whitespace-nowrap">
                                {hoursWithUnit(person.here, format)}
                            </td>
                            <td className="border-b border-rule py-1 pe-4 align-top whitespace-nowrap">
                                {hoursWithUnit(person.there, format)}
                            </td>
                            <td className="border-b border-rule py-1 align-top">
                                {person.days.length === 0 ? (
                                    <span className="text-faded">{copy.same}</span>
                                ) : (
                                    <DifferentDays days={person.days} />
                                )}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </SideScroll>
    );
}
