import { OfficeShell } from '@/features/office';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import { Link, router, usePage } from '@inertiajs/react';
import { useId, useState } from 'react';
import { PastedTable } from './PastedTable';
import type { PastedPerson } from './pastedPeople';
import { usePastedPeople } from './usePastedPeople';

const copy = officeText.pastedPeoplePage;

/** Rows of a spreadsheet become people; what is wrong is said in its row before anybody is added. */
export function PastedPeoplePage() {
    const { errors } = usePage().props;
    const [rows, setRows] = useState('');
    const pasted = usePastedPeople();
    const { people } = pasted;
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
                value={rows}
                spellCheck={false}
                placeholder={copy.example}
                className="mt-1 block w-full max-w-4xl border-b border-edge bg-sheet px-2 py-1"
                onChange={(event) => {
                    setRows(event.target.value);
                    pasted.read(event.target.value);
                }}
            />
            <p className="pencilled mt-1 max-w-prose">{copy.hint}</p>
            {people.length > 0 && (
                <PastedTable
                    pasted={pasted}
                    faultOf={(row, field) => {
                        const index = people[row] === undefined ? -1 : (sent ?? []).indexOf(people[row]);

                        return index < 0 ? undefined : errors[`rows.${String(index)}.${field}`];
                    }}
                    problem={
                        sent === null || Object.keys(errors).length === 0
                            ? null
                            : (errors.rows ?? copy.faults(Object.keys(errors).length))
                    }
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
