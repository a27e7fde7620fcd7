import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { AbsenceKindsProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { Field } from '@/ui/Field';
import { Paging } from '@/ui/Paging';
import { Select } from '@/ui/Select';
import type { Option } from '@/ui/combobox';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.absenceKindsPage;

/** People who have another number of days in a year than everybody else. */
export function OwnAllowances({ absenceKinds }: { absenceKinds: AbsenceKindsProps }) {
    const { allowances, year, page, pages } = absenceKinds;
    const kinds = options(absenceKinds);

    const [person, setPerson] = useState<Option[]>([]);
    const [kind, setKind] = useState(kinds[0]?.[0] ?? '');

    return (
        <section aria-labelledby="own-allowances" className="mt-8 max-w-3xl">
            <h2 id="own-allowances">{copy.own(year)}</h2>
            <p className="text-faded">{allowances.length === 0 ? copy.noOwn(year) : copy.ownHint}</p>
            <ul className="mt-2">
                {allowances.map((one) => (
                    <li key={one.id} className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1">
                        {copy.ofPerson(one.person, one.kind, officeText.leavePage.days(one.halfDays))}
                        <button
                            type="button"
                            className="act-quiet"
                            aria-label={copy.removeOwnOf(one.person)}
                            onClick={() => {
                                router.delete(route('office.absence-kinds.allow-usual', { allowance: one.id }), {
                                    preserveScroll: true,
                                });
                            }}
                        >
                            {copy.removeOwn}
                        </button>
                    </li>
                ))}
            </ul>
            <Paging
                page={page}
                pages={pages}
                address={(other) => route('office.absence-kinds', {}, { year, page: other })}
                className="mt-2"
            />
            <form
                aria-label={copy.saveOwn}
                className="mt-3 flex flex-wrap items-baseline-last gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    router.post(
                        route('office.absence-kinds.allow', { kind: Number(kind) }),
                        Object.fromEntries(new FormData(event.currentTarget)),
                        {
                            preserveScroll: true,
                        },
                    );
                }}
            >
                <Combobox
                    label={copy.person}
                    kind="people"
                    name="person"
                    required
                    className="w-52"
                    chosen={person}
                    onChange={setPerson}
                />
                <Select label={copy.kind} value={kind} options={kinds} onChoose={setKind} />
                <Field
                    label={copy.year}
                    name="year"
                    required
                    inputMode="numeric"
                    maxLength={4}
                    defaultValue={String(year)}
                    className="w-20"
                />
                <Field label={copy.days} name="days" required inputMode="decimal" maxLength={5} className="w-20" />
                <button type="submit" className="act">
                    {copy.saveOwn}
                </button>
            </form>
        </section>
    );
}

/** The kinds that have an allowance, to choose from. */
function options({ kinds }: AbsenceKindsProps) {
    return kinds.filter(({ allowance }) => allowance !== null).map(({ id, name }) => [String(id), name] as const);
}
