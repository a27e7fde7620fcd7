import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpenseSettingsProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { useForm } from '@inertiajs/react';

const copy = officeText.expenseSettings;

/** A currency, and a rate of it from a day on; that of a currency that there is replaces how it is rounded. */
export function CurrencyForm({ settings }: { settings: ExpenseSettingsProps }) {
    const form = useForm({ currency: '', places: '2', smallest: '0.01', rate: '', from: '' });
    const fields = [
        ['currency', copy.currency, 3],
        ['places', copy.places, 1],
        ['smallest', copy.smallest, 10],
        ['rate', copy.rateIn(settings.currency), 20],
    ] as const;

    return (
        <form
            aria-label={copy.saveCurrency}
            className="flex flex-col gap-3 self-start"
            onSubmit={(event) => {
                event.preventDefault();
                form.put(route('office.expenses.save-currency'), { preserveScroll: true });
            }}
        >
            <div className="flex flex-wrap gap-3">
                {fields.map(([name, label, longest]) => (
                    <Field
                        key={name}
                        label={label}
                        className="w-28"
                        maxLength={longest}
                        value={form.data[name]}
                        onChange={(event) => {
                            form.setData(name, name === 'currency' ? event.target.value.toUpperCase() : event.target.value);
                        }}
                    />
                ))}
            </div>
            <DateField
                label={copy.from}
                onPick={(from) => {
                    form.setData('from', from);
                }}
            />
            <FieldError of={['currency', 'places', 'smallest', 'rate', 'from']} />
            <p>
                <button type="submit" className="act" disabled={form.processing}>
                    {copy.saveCurrency}
                </button>
            </p>
        </form>
    );
}
