import { daysOfForm } from '@/lib/daysOfForm';
import { text } from '@/lib/text';
import { Combobox } from '@/ui/Combobox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { lengthOf, loadAddress, moved, type LoadAsked } from './loadAddress';

const copy = text.loadPage;

function ask(asked: LoadAsked): void {
    router.get(loadAddress(asked), {}, { preserveState: true, preserveScroll: true });
}

/** Whose load, over which days; and for how many hours somebody is sought. Each answer is in the address. */
export function LoadForm({ asked }: { asked: LoadAsked }) {
    const [need, setNeed] = useState(asked.need);

    return (
        <form
            aria-label={copy.title}
            className="no-print mt-2 flex flex-wrap items-baseline-last gap-x-4 gap-y-2"
            onSubmit={(event) => {
                event.preventDefault();
                ask({ ...asked, ...daysOfForm(event.currentTarget, asked), need, sort: need === '' ? asked.sort : 'free' });
            }}
        >
            <Select
                label={copy.unit}
                value={asked.unit}
                options={Object.entries(copy.units)}
                onChoose={(unit) => {
                    ask({ ...asked, unit, from: '', to: '' });
                }}
            />
            <DateField label={copy.from} name="from" required defaultValue={asked.from} />
            <DateField label={copy.to} name="to" required defaultValue={asked.to} />
            <Combobox
                kind="teams"
                label={copy.teams}
                takesMany
                chosen={asked.teams}
                className="w-44"
                onChange={(teams) => {
                    ask({ ...asked, teams });
                }}
            />
            <Combobox
                kind="roles"
                label={copy.roles}
                takesMany
                chosen={asked.roles}
                className="w-44"
                onChange={(roles) => {
                    ask({ ...asked, roles });
                }}
            />
            <Field
                label={copy.need}
                value={need}
                className="w-32"
                inputMode="decimal"
                placeholder={copy.needPlaceholder}
                onChange={(event) => {
                    setNeed(event.target.value);
                }}
            />
            <button type="submit" className="act act-main">
                {copy.show}
            </button>
            <Moves asked={asked} />
            <Select
                label={copy.sort}
                value={asked.sort}
                options={Object.entries(copy.sorts)}
                onChoose={(sort) => {
                    ask({ ...asked, sort });
                }}
            />
        </form>
    );
}

/** As many days earlier or later as there are. */
function Moves({ asked }: { asked: LoadAsked }) {
    return (
        <span className="flex gap-3">
            {([-1, 1] as const).map((way) => (
                <button
                    key={way}
                    type="button"
                    className="act-quiet"
                    onClick={() => {
                        ask(moved(asked, way * lengthOf(asked)));
                    }}
                >
                    {way < 0 ? copy.earlier : copy.later}
                </button>
            ))}
        </span>
    );
}
