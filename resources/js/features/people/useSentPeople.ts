import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import { router, usePage } from '@inertiajs/react';
import { useState } from 'react';
import type { PastedPerson, PersonField } from './pastedPeople';

const copy = officeText.pastedPeoplePage;

/** Sends people to be added, and holds what the server found wrong with those that were sent. */
export function useSentPeople(people: readonly PastedPerson[]) {
    const { errors } = usePage().props;
    const [sent, setSent] = useState<readonly PastedPerson[] | null>(null);
    const [isSending, setSending] = useState(false);
    const [agreed, agree] = useState('');
    const faults = Object.keys(errors).filter((name) => name.startsWith('rows.')).length;

    return {
        isSending,
        /** Teams and roles that there are not yet, in the server's words; none where all are known. */
        news: sent === null ? undefined : errors.new,
        /** Which of them are to be added with the people. */
        agreed,
        agree,
        /** What is wrong with a cell, as long as its row is as it was sent. */
        faultOf: (row: number, field: PersonField) => {
            const index = people[row] === undefined ? -1 : (sent ?? []).indexOf(people[row]);

            return index < 0 ? undefined : errors[`rows.${String(index)}.${field}`];
        },
        problem: sent === null ? null : (errors.rows ?? (faults === 0 ? null : copy.faults(faults))),
        send: () => {
            setSent(people);
            router.post(
                route('office.people.add-pasted'),
                { rows: [...people], agreed },
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
        },
    };
}
