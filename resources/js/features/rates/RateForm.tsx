import { route } from '@/lib/route';
import { officeText } from '@/lib/officeText';
import type { RateProps, RatesProps } from '@/types/generated/props';
import { Combobox } from '@/ui/Combobox';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import type { Option } from '@/ui/combobox';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';
import { useState } from 'react';

interface RateFormProps {
    rates: RatesProps;
    /** The rate to begin from. */
    from: RateProps | null;
    onDone: () => void;
}

function optionOf(code: string | null | undefined, name: string | null | undefined): Option[] {
    return typeof code === 'string' && typeof name === 'string' ? [{ code, name }] : [];
}

/** Sets a rate from a day on; one of the same person, role and day becomes another. */
export function RateForm({ rates, from, onDone }: RateFormProps) {
    const copy = officeText.ratesPage;
    const [person, setPerson] = useState(optionOf(from?.personCode, from?.person));
    const [role, setRole] = useState(optionOf(from?.roleCode, from?.role));

    return (
        <form
            aria-label={copy.set}
            className="flex flex-wrap items-baseline-last gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                router.put(
                    route('office.rates.set'),
                    { person: '', role: '', ...Object.fromEntries(new FormData(event.currentTarget)) },
                    {
                        preserveScroll: true,
                        preserveState: true,
                        onSuccess: onDone,
                    },
                );
            }}
        >
            <Combobox label={copy.person} kind="people" name="person" className="w-full" chosen={person} onChange={setPerson} />
            <Combobox label={copy.role} kind="roles" name="role" className="w-full" chosen={role} onChange={setRole} />
            <DateField label={copy.since} name="from" required defaultValue={from?.from ?? rates.today} />
            <Field
                label={copy.cost(rates.currency)}
                name="cost"
                required
                inputMode="decimal"
                defaultValue={from?.cost ?? ''}
                className="w-28 text-end"
            />
            <Field
                label={copy.bill(rates.currency)}
                name="bill"
                inputMode="decimal"
                defaultValue={from?.bill ?? ''}
                className="w-28 text-end"
            />
            <button className="act act-main">{copy.set}</button>
            <div className="w-full">
                <FieldError of={['person', 'role', 'from', 'cost', 'bill']} />
            </div>
        </form>
    );
}
