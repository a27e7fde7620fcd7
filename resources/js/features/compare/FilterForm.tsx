import { text } from '@/lib/text';
import { Checkbox } from '@/ui/Checkbox';
import { Combobox } from '@/ui/Combobox';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import type { LookupKind } from '@/ui/useLookup';
import { useState } from 'react';
import { ask } from './ask';
import type { Narrowed, Question } from './compareAddress';
import { FieldFilter } from './FieldFilter';

const copy = text.comparePage;

const kinds: readonly (readonly [Narrowed, LookupKind])[] = [
    ['project', 'all-projects'],
    ['person', 'people'],
    ['team', 'teams'],
    ['client', 'clients'],
    ['manager', 'people'],
    ['role', 'roles'],
    ['charge-code', 'charge-codes'],
];

/** Whose work is compared, and what counts. */
export function FilterForm({ asked }: { asked: Question }) {
    const [tolerance, setTolerance] = useState(String(asked.tolerance));
    const askWithin = (): void => {
        if (Number(tolerance) !== asked.tolerance) {
            ask({ ...asked, tolerance: Number(tolerance) });
        }
    };

    return (
        <form
            aria-label={copy.filters}
            className="no-print my-2 flex flex-wrap items-baseline-last gap-x-4 gap-y-2 border-s-2 border-moss ps-3"
            onSubmit={(event) => {
                event.preventDefault();
            }}
        >
            {kinds.map(([kind, lookup]) => (
                <Combobox
                    key={kind}
                    kind={lookup}
                    label={copy.narrowed[kind]}
                    takesMany
                    chosen={asked.narrowed[kind]}
                    className="w-56"
                    onChange={(chosen) => {
                        ask({ ...asked, narrowed: { ...asked.narrowed, [kind]: chosen } });
                    }}
                />
            ))}
            {asked.ownFields.length > 0 && <FieldFilter asked={asked} />}
            <Select
                label={copy.internal}
                value={asked.internal}
                options={Object.entries(copy.internals)}
                onChoose={(internal) => {
                    ask({ ...asked, internal });
                }}
            />
            <Select
                label={copy.billable}
                value={asked.billable}
                options={Object.entries(copy.billableFilter)}
                onChoose={(billable) => {
                    ask({ ...asked, billable });
                }}
            />
            <Field
                label={copy.tolerance}
                inputMode="numeric"
                pattern="\d{1,2}|100"
                title={copy.toleranceRange}
                required
                value={tolerance}
                className="w-28"
                onChange={(event) => {
                    setTolerance(event.target.value);
                }}
                onKeyDown={(event) => {
                    // A form of several fields without a button does nothing by itself.
                    if (event.key === 'Enter' && event.currentTarget.reportValidity()) {
                        askWithin();
                    }
                }}
                onBlur={(event) => {
                    if (event.target.checkValidity()) {
                        askWithin();
                    }
                }}
            />
            <Checkbox
                label={copy.pending}
                checked={asked.withPending}
                onChange={(withPending) => {
                    ask({ ...asked, withPending });
                }}
            />
        </form>
    );
}
