import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { FieldKind, FieldSubject, OwnFieldRowProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { TextArea } from '@/ui/TextArea';
import { Link, useForm } from '@inertiajs/react';
import { AskedOf } from './AskedOf';

const copy = officeText.ownFieldsPage;

export interface OwnFieldData {
    name: string;
    code: string;
    subject: FieldSubject;
    kind: FieldKind;
    choices: string;
    isRequired: boolean;
    startsOn: string;
    team: string;
    client: string;
    isRetired: boolean;
}

interface PartProps {
    data: OwnFieldData;
    set: (changed: Partial<OwnFieldData>) => void;
}

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
    const set = (changed: Partial<OwnFieldData>) => {
        form.setData((before) => ({ ...before, ...changed }));
    };
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

/** What is said of a field once, when it is added. */
function NewField({ data, set }: PartProps) {
    return (
        <>
            <Select
                label={copy.belongsTo}
                value={data.subject}
                options={Object.entries(copy.subjects)}
                onChoose={(subject) => {
                    set({ subject: subject as FieldSubject, team: '', client: '' });
                }}
            />
            <Select
                label={copy.holds}
                value={data.kind}
                options={Object.entries(copy.kinds)}
                onChoose={(kind) => {
                    set({ kind: kind as FieldKind });
                }}
            />
            <div>
                <Field
                    label={copy.code}
                    maxLength={32}
                    value={data.code}
                    aria-describedby="code-hint"
                    onChange={(event) => {
                        set({ code: event.target.value });
                    }}
                />
                <p id="code-hint" className="pencilled mt-1">
                    {copy.codeHint}
                </p>
            </div>
        </>
    );
}

function Choices({ data, set }: PartProps) {
    return (
        <div>
            <TextArea
                label={copy.choices}
                required
                value={data.choices}
                aria-describedby="choices-hint"
                onChange={(event) => {
                    set({ choices: event.target.value });
                }}
            />
            <p id="choices-hint" className="pencilled mt-1">
                {copy.choicesHint}
            </p>
        </div>
    );
}

function Flags({ isNew, data, set }: PartProps & { isNew: boolean }) {
    return (
        <>
            <Checkbox
                label={copy.isRequired}
                checked={data.isRequired}
                onChange={(isRequired) => {
                    set({ isRequired });
                }}
            />
            {data.isRequired && data.subject === 'entry' && <p className="pencilled">{copy.requiredHint}</p>}
            {!isNew && (
                <Checkbox
                    label={copy.isRetired}
                    checked={data.isRetired}
                    onChange={(isRetired) => {
                        set({ isRetired });
                    }}
                />
            )}
        </>
    );
}
