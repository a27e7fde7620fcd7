import { text } from '@/lib/text';
import type { RateProps, RatesProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { Select } from '@/ui/Select';
import { FieldError } from '@/ui/FieldError';
import { router } from '@inertiajs/react';

interface RateFormProps {
    rates: RatesProps;
    /** The rate to begin from. */
    from: RateProps | null;
    onDone: () => void;
}

/** Sets a rate from a day on; one of the same person, role and day becomes another. */
export function RateForm({ rates, from, onDone }: RateFormProps) {
    const copy = text.ratesPage;

    return (
        <form
            aria-label={copy.set}
            className="mt-3 flex flex-wrap items-end gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                router.put('/office/rates', Object.fromEntries(new FormData(event.currentTarget)), {
                    preserveScroll: true,
                    preserveState: true,
                    onSuccess: onDone,
                });
            }}
        >
            <Field label={copy.person} name="person" defaultValue={from?.personCode ?? ''} maxLength={200} className="w-52" />
            <Select
                label={copy.role}
                name="role"
                defaultValue={from?.roleCode ?? ''}
                options={[['', copy.anyRole], ...rates.roles.map(({ code, name }) => [code, name] as const)]}
            />
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
