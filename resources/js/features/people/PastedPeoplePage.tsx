import { OfficeShell } from '@/features/office';
import { locale } from '@/lib/locale';
import { route } from '@/lib/route';
import { useShared } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import { Link, router, usePage } from '@inertiajs/react';
import { useId, useState } from 'react';
import { PastedTable } from './PastedTable';
import { pastedPeople, type PastedPerson } from './pastedPeople';

const copy = officeText.pastedPeoplePage;

/** Rows of a spreadsheet become people; what is wrong is said in its row before anybody is added. */
export function PastedPeoplePage() {
    const { today } = useShared();
    const { errors } = usePage().props;
    const [pasted, paste] = useState('');
    const [people, setPeople] = useState<readonly PastedPerson[]>([]);
    // What was wrong belongs to what was sent.
    const [sent, setSent] = useState<readonly PastedPerson[] | null>(null);
    const [isSending, setSending] = useState(false);
    const id = useId();

    return (
        <OfficeShell title={copy.title} finding={copy.finding}>
            <label htmlFor={id} className="mt-4 block">
                {copy.rows}
            </label>
            <textarea
                id={id}
                autoFocus
                rows={6}
                value={pasted}
                spellCheck={false}
                placeholder={copy.example}
                className="mt-1 block w-full max-w-4xl border-b border-edge bg-sheet px-2 py-1"
                onChange={(event) => {
                    paste(event.target.value);
                    setPeople(pastedPeople(event.target.value, today, locale));
                }}
            />
            <p className="pencilled mt-1 max-w-prose">{copy.hint}</p>
            {people.length > 0 && (
                <PastedTable
                    people={people}
                    faultsOf={(index, field) =>
                        people[index] === sent?.[index] ? errors[`rows.${String(index)}.${field}`] : undefined
                    }
                    problem={
                        sent === null || Object.keys(errors).length === 0
                            ? null
                            : (errors.rows ?? copy.faults(Object.keys(errors).length))
                    }
                    onChange={(index, changed) => {
                        setPeople(people.map((person, each) => (each === index ? { ...person, ...changed } : person)));
                    }}
                />
            )}
            <p className="mt-4 flex flex-wrap items-baseline gap-x-5 gap-y-2">
                <button
                    type="button"
                    className="act act-main"
                    disabled={people.length === 0 || isSending}
                    onClick={() => {
                        setSent(people);
                        router.post(
                            route('office.people.add-pasted'),
                            { rows: [...people] },
                            {
                                preserveScroll: true,
                                onStart: () => {
                                    setSending(true);
                                },
                                onFinish: () => {
                                    setSending(false);
                                },
                            },
                        );
                    }}
                >
                    {copy.add(people.length)}
                </button>
                <Link href={route('office.people')} className="act-quiet">
                    {officeText.personPage.back}
                </Link>
            </p>
        </OfficeShell>
    );
}
