import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { ClientSystemProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { useForm } from '@inertiajs/react';
import { useState } from 'react';
import { ExportFields, headings } from './ExportFields';

const copy = officeText.clientSystemsPage;

interface SystemFormProps {
    /** Which is changed; without one, a new one is added. */
    system?: ClientSystemProps;
    startsOn: string;
}

/** Whose system it is, from when both must agree, and how its export is read. */
export function SystemForm({ system, startsOn }: SystemFormProps) {
    const [client, choose] = useState(system === undefined ? [] : [{ code: system.clientCode, name: system.clientName }]);
    const form = useForm({
        client: system?.clientCode ?? '',
        name: system?.name ?? '',
        startsOn,
        personBy: system?.personBy ?? 'email',
        personHeading: system?.personHeading ?? '',
        dateHeading: system?.dateHeading ?? '',
        hoursHeading: system?.hoursHeading ?? '',
        chargeCodeHeading: system?.chargeCodeHeading ?? '',
        payKindHeading: system?.payKindHeading ?? '',
        payKinds: Object.fromEntries((system?.payKinds ?? []).map(({ kind, called }) => [kind, called])),
    });

    return (
        <form
            aria-label={system === undefined ? copy.add : copy.save}
            className="mt-3 flex max-w-4xl flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('office.client-systems.save'));
            }}
        >
            {system === undefined && (
                <Combobox
                    kind="clients"
                    label={copy.client}
                    required
                    chosen={client}
                    className="w-56"
                    onChange={(chosen) => {
                        choose(chosen);
                        form.setData('client', chosen[0]?.code ?? '');
                    }}
                />
            )}
            <Field
                label={copy.name}
                required
                maxLength={100}
                className="w-56"
                value={form.data.name}
                onChange={(event) => {
                    form.setData('name', event.target.value);
                }}
            />
            <DateField
                label={copy.startsOn}
                required
                defaultValue={startsOn}
                onPick={(day) => {
                    form.setData('startsOn', day);
                }}
            />
            <ExportFields
                data={form.data}
                kinds={system?.payKinds ?? []}
                set={(changed) => {
                    form.setData((before) => ({ ...before, ...changed }));
                }}
            />
            <button type="submit" disabled={form.processing} className="act">
                {system === undefined ? copy.add : copy.save}
            </button>
            <div className="w-full">
                <FieldError of={['client', 'name', 'startsOn', 'personBy', ...headings, 'payKinds']} />
            </div>
        </form>
    );
}
