import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { BillingDetail, BillingMappingProps, BillingProps } from '@/types/generated/props';
import { Checkbox } from '@/ui/Checkbox';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { useState } from 'react';

const copy = officeText.billingPage;
const details = Object.entries(copy.details) as [BillingDetail, string][];

/** How files are made up for other programs: seen, added, changed under the same name, removed. */
export function BillingMappings({ billing }: { billing: BillingProps }) {
    const { mappings } = billing;

    return (
        <section aria-labelledby="mappings" className="mt-8">
            <h2 id="mappings">{copy.mappings}</h2>
            <p className="pencilled max-w-prose">{copy.mappingsHint}</p>
            <SavedMappings mappings={mappings} />
            <MappingForm billing={billing} />
        </section>
    );
}

function SavedMappings({ mappings }: { mappings: BillingMappingProps[] }) {
    return (
        <ul className="mt-1 max-w-4xl">
            {mappings.map((mapping) => (
                <li key={mapping.id} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule py-1">
                    <span className="font-semibold [overflow-wrap:anywhere]">{mapping.name}</span>
                    <span className="min-w-0 text-faded [overflow-wrap:anywhere]">
                        {copy.madeUp(copy.details[mapping.detail], mapping.columns.map((one) => one.heading).join(', '))}
                    </span>
                    <button
                        type="button"
                        className="act-quiet ms-auto"
                        aria-label={copy.removeOf(mapping.name)}
                        onClick={() => {
                            router.delete(route('office.billing.remove-mapping', { mapping: mapping.id }), {
                                preserveScroll: true,
                            });
                        }}
                    >
                        {copy.remove}
                    </button>
                </li>
            ))}
        </ul>
    );
}

/** Columns and headings, of a new one or of one that has the name already. */
function MappingForm({ billing: { kind, client, from, until, detail, columns } }: { billing: BillingProps }) {
    const [name, rename] = useState('');
    const [headings, change] = useState<Readonly<Record<string, string>>>(
        Object.fromEntries(columns.map((column) => [column, copy.columns[column] ?? column])),
    );
    const [chosen, choose] = useState<readonly string[]>(columns);

    return (
        <form
            aria-labelledby="mappings"
            className="mt-3 flex flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                router.put(
                    route('office.billing.save-mapping'),
                    {
                        kind,
                        name,
                        detail,
                        columns: columns
                            .filter((column) => chosen.includes(column))
                            .map((column) => ({ column, heading: headings[column] ?? column })),
                    },
                    { preserveScroll: true },
                );
            }}
        >
            <Field
                label={copy.name}
                required
                maxLength={100}
                className="w-52"
                value={name}
                onChange={(event) => {
                    rename(event.target.value);
                }}
            />
            <Select
                label={copy.detail}
                options={details}
                value={detail}
                className="w-32"
                onChoose={(other) => {
                    router.get(
                        route('office.billing', {}, { kind, client: client?.code ?? null, from, until, detail: other }),
                        {},
                        { preserveScroll: true },
                    );
                }}
            />
            <button type="submit" disabled={chosen.length === 0} className="act">
                {copy.save}
            </button>
            <div className="w-full">
                <FieldError of={['name', 'columns', 'detail']} />
            </div>
            <ul className="grid w-full max-w-4xl gap-x-8 sm:grid-cols-2">
                {columns.map((column) => (
                    <Column
                        key={column}
                        column={column}
                        isChosen={chosen.includes(column)}
                        heading={headings[column] ?? ''}
                        onChoose={(isChosen) => {
                            choose(isChosen ? [...chosen, column] : chosen.filter((one) => one !== column));
                        }}
                        onChange={(heading) => {
                            change({ ...headings, [column]: heading });
                        }}
                    />
                ))}
            </ul>
        </form>
    );
}

interface ColumnProps {
    column: string;
    isChosen: boolean;
    heading: string;
    onChoose: (isChosen: boolean) => void;
    onChange: (heading: string) => void;
}

function Column({ column, isChosen, heading, onChoose, onChange }: ColumnProps) {
    const called = copy.columns[column] ?? column;

    return (
        <li className="flex items-center gap-3 border-b border-rule py-1">
            <Checkbox label={called} className="w-44" checked={isChosen} onChange={onChoose} />
            <input
                aria-label={copy.heading(called)}
                required={isChosen}
                maxLength={100}
                value={heading}
                className="min-h-9 min-w-0 grow border-b border-edge bg-sheet px-2"
                onChange={(event) => {
                    onChange(event.target.value);
                }}
            />
        </li>
    );
}
