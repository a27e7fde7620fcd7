import { OfficeShell } from '@/features/office';
import { wholeDate } from '@/lib/days';
import { hoursWithUnit } from '@/lib/hours';
import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { ResponsibilitiesProps, OptionProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { FieldError } from '@/ui/FieldError';
import { Link, useForm } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.responsibilitiesPage;

/** What somebody who leaves would leave behind, and who takes it over. */
export function ResponsibilitiesPage({ responsibilities }: { responsibilities: ResponsibilitiesProps }) {
    const format = useShared().signedIn?.hoursFormat ?? 'decimal';
    const { openWeeks, openExpenses, entries, corrections, expenses, estimates, leave, standIns, plannedAfter, endsOn } =
        responsibilities;
    const remarks = [
        openWeeks > 0 && copy.openWeeks(openWeeks),
        openExpenses > 0 && copy.openExpenses(openExpenses),
        plannedAfter > 0 && copy.plannedAfter(hoursWithUnit(plannedAfter, format), endsOn === null ? null : wholeDate(endsOn)),
        entries + corrections + expenses > 0 && copy.waiting({ entries, corrections, expenses }),
        estimates > 0 && copy.estimates(estimates),
        leave > 0 && copy.leave(leave),
        standIns > 0 && copy.standIns(standIns),
    ].filter((remark) => remark !== false);
    const given = [
        [copy.projects, responsibilities.projects],
        [copy.teams, responsibilities.teams],
        [copy.reports, responsibilities.reports],
    ] as const;
    const isNothing = given.every(([, list]) => list.length === 0);

    return (
        <OfficeShell
            title={copy.title(responsibilities.name)}
            finding={endsOn === null ? copy.noLastDay : copy.lastDay(wholeDate(endsOn))}
        >
            <ul className="mt-3 max-w-prose">
                {remarks.map((remark) => (
                    <li key={remark} className="border-b border-rule py-1">
                        {remark}
                    </li>
                ))}
            </ul>
            {isNothing ? (
                <p className="mt-4">{copy.nothing}</p>
            ) : (
                <div className="mt-4 grid gap-x-12 gap-y-4 md:grid-cols-3">
                    {given.map(([title, list]) => list.length > 0 && <Given key={title} title={title} list={list} />)}
                </div>
            )}
            {!isNothing && <TransferForm code={responsibilities.code} />}
            <p className="mt-5">
                <Link href={route('office.people.person', { person: responsibilities.code })} className="act-quiet">
                    {copy.back(responsibilities.name)}
                </Link>
            </p>
        </OfficeShell>
    );
}

function Given({ title, list }: { title: string; list: OptionProps[] }) {
    return (
        <section>
            <h2>{title}</h2>
            <ul>
                {list.map(({ code, name }) => (
                    <li key={code} className="border-b border-rule py-1 [overflow-wrap:anywhere]">
                        {name}
                    </li>
                ))}
            </ul>
        </section>
    );
}

function TransferForm({ code }: { code: string }) {
    const form = useForm({ to: '' });
    const [to, setTo] = useState<OptionProps[]>([]);

    return (
        <form
            className="mt-5 flex flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('office.people.responsibilities.store', { person: code }), { preserveScroll: true });
            }}
        >
            <Combobox
                label={copy.to}
                kind="people"
                required
                className="w-60"
                chosen={to}
                onChange={(chosen) => {
                    setTo(chosen);
                    form.setData('to', chosen[0]?.code ?? '');
                }}
            />
            <button type="submit" disabled={form.processing} className="act">
                {copy.submit}
            </button>
            <div className="w-full">
                <FieldError />
            </div>
        </form>
    );
}
