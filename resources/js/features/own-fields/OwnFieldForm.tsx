import { changing } from '@/lib/changing';
import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { OwnFieldRowProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { Link, useForm } from '@inertiajs/react';
import { AskedOf } from './AskedOf';
import type { OwnFieldData } from './fieldData';
import { Choices, Flags, NewField } from './FieldParts';

const copy = officeText.ownFieldsPage;

/** What the form begins with: of a field that there is, what it is. */
function entered(field: OwnFieldRowProps | undefined): OwnFieldData {
    return {
        name: field?.name ?? '',
        code: '',
        subject: field?.subject ?? 'entry',
        kind: field?.kind ?? 'choice',
        choices: (field?.choices ?? []).map(({ code, name }) => `${code} = ${name}`).join('\n'),
        isRequired: field?.isRequired ?? false,
        startsOn: field?.startsOn ?? '',
        team: field?.team?.code ?? '',
        client: field?.client?.code ?? '',
        isRetired: field?.isRetired ?? false,
    };
}

/** A new field, or what is said of one that there is. What it belongs to and holds stays. */
export function OwnFieldForm({ field }: { field: OwnFieldRowProps | undefined }) {
    const form = useForm<OwnFieldData>(entered(field));
    const { data } = form;
    const set = changing<OwnFieldData>(form);
    const title = field === undefined ? copy.add : copy.changeOf(field.name);

    return (
        <form
            aria-label={title}
            className="flex flex-col gap-3 self-start"
            onSubmit={(event) => {
                event.preventDefault();
                if (field === undefined) {
                    form.post(route('office.own-fields.add'), { preserveScroll: true });
                } else {
                    form.put(route('office.own-fields.save', { ownField: field.code }), { preserveScroll: true });
                }
            }}
        >
            <h2>{title}</h2>
            <Field
                label={copy.name}
                required
                maxLength={200}
                value={data.name}
                onChange={(event) => {
                    set({ name: event.target.value });
                }}
            />
            {field === undefined ? (
                <NewField data={data} set={set} />
            ) : (
                <p className="pencilled">{copy.fixed(copy.subjects[field.subject], copy.kinds[field.kind])}</p>
            )}
            {data.kind === 'choice' && <Choices data={data} set={set} />}
            <AskedOf field={field} data={data} set={set} />
            <DateField
                label={copy.startsOn}
                defaultValue={data.startsOn}
                onPick={(startsOn) => {
                    set({ startsOn });
                }}
            />
            <Flags isNew={field === undefined} data={data} set={set} />
            <FieldError />
            <p className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
                <button type="submit" className="act act-main" disabled={form.processing}>
                    {field === undefined ? copy.add : copy.save}
                </button>
                {field !== undefined && !field.isUsed && (
                    <button
                        type="button"
                        className="act-quiet"
                        onClick={() => {
                            form.delete(route('office.own-fields.remove', { ownField: field.code }));
                        }}
                    >
                        {copy.remove}
                    </button>
                )}
                {field !== undefined && (
                    <Link className="act-quiet" href={route('office.own-fields')}>
                        {copy.cancel}
                    </Link>
                )}
            </p>
        </form>
    );
}
