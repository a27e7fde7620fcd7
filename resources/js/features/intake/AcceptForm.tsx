import { typedHours } from '@/lib/hours';
import { route } from '@/lib/route';
import { useHoursFormat, useShared } from '@/lib/shared';
import { officeText } from '@/lib/officeText';
import type { WorkRequestProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.workRequestPage;

/** Makes a project of a request, with what was asked filled in. */
export function AcceptForm({ request }: { request: WorkRequestProps }) {
    const { signedIn, today } = useShared();
    const format = useHoursFormat();
    const [client, setClient] = useState(request.client === null ? [] : [request.client]);
    const [manager, setManager] = useState(signedIn === null ? [] : [{ code: signedIn.code, name: signedIn.name }]);

    return (
        <form
            aria-label={copy.accept}
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                router.post(
                    route('requests.accept', { workRequest: request.id }),
                    Object.fromEntries(new FormData(event.currentTarget)),
                    { preserveScroll: true },
                );
            }}
        >
            <h2>{copy.accept}</h2>
            <Field label={copy.name} name="name" required maxLength={200} defaultValue={request.title} />
            <Combobox label={copy.client} kind="clients" name="client" chosen={client} onChange={setClient} />
            <Combobox label={copy.manager} kind="people" name="manager" required chosen={manager} onChange={setManager} />
            <div className="flex flex-wrap gap-4">
                <DateField label={copy.first} name="startsOn" defaultValue={today} />
                <DateField label={copy.last} name="endsOn" defaultValue={request.wantedBy} />
            </div>
            <Field
                label={copy.hours}
                name="hours"
                inputMode="decimal"
                maxLength={20}
                className="w-32"
                defaultValue={request.about === null ? '' : typedHours(request.about, format)}
            />
            <p className="pencilled">{copy.acceptHint}</p>
            <button type="submit" className="act act-main self-start">
                {copy.accept}
            </button>
        </form>
    );
}
