import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { ClientSystemProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { useForm } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.clientSystemsPage;

interface SystemFormProps {
    /** Which is changed; without one, a new one is added. */
    system?: ClientSystemProps;
    startsOn: string;
}

const headings = ['personHeading', 'dateHeading', 'hoursHeading', 'chargeCodeHeading'] as const;

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
    });
    const field = (name: 'name' | (typeof headings)[number]) => (
        <Field
            key={name}
            label={copy[name]}
            required={name !== 'chargeCodeHeading'}
            maxLength={100}
            className="w-56"
            value={form.data[name]}
            onChange={(event) => {
                form.setData(name, event.target.value);
            }}
        />
    );

    return (
        <form
            aria-label={system === undefined ? copy.add : copy.save}
            className="mt-3 flex max-w-4xl flex-wrap items-end gap-3"
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
            {field('name')}
            <DateField
                label={copy.startsOn}
                required
                defaultValue={startsOn}
                onPick={(day) => {
                    form.setData('startsOn', day);
                }}
            />
            <fieldset className="flex w-full flex-wrap items-end gap-3">
                <legend>{copy.headings}</legend>
                {headings.map(field)}
                <Select
                    label={copy.personBy}
                    options={Object.entries(copy.personBys)}
                    value={form.data.personBy}
                    className="w-60"
                    onChoose={(by) => {
                        form.setData('personBy', by);
                    }}
                />
            </fieldset>
            <button type="submit" disabled={form.processing} className="act">
                {system === undefined ? copy.add : copy.save}
            </button>
            <div className="w-full">
                <FieldError of={['client', 'name', 'startsOn', 'personBy', ...headings]} />
            </div>
        </form>
    );
}
