import { wholeDate } from '@/lib/days';
import { officeText } from '@/lib/officeText';
import { route } from '@/lib/route';
import type { ExpenseSettingsProps, CategorySettingsProps } from '@/types/generated/props';
import { DateField } from '@/ui/DateField';
import { Field } from '@/ui/Field';
import { FieldError } from '@/ui/FieldError';
import { router, useForm } from '@inertiajs/react';

const copy = officeText.expenseSettings;

/** What a kilometre costs, from which day on. */
export function MileageRates({ settings, category }: { settings: ExpenseSettingsProps; category: CategorySettingsProps }) {
    const form = useForm({ mileageFrom: '', mileageRate: '' });

    return (
        <form
            aria-label={copy.mileageRates}
            className="mt-6 flex flex-col gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                form.post(route('office.expenses.add-mileage-rate', { expenseCategory: category.id }), { preserveScroll: true });
            }}
        >
            <h2>{copy.mileageRates}</h2>
            <ul>
                {category.mileageRates.map(({ id, from, rate }) => (
                    <li key={id} className="flex items-baseline gap-3">
                        {rate} {copy.since(wholeDate(from))}
                        <button
                            type="button"
                            className="act-quiet"
                            aria-label={copy.removeMileageRate(wholeDate(from))}
                            onClick={() => {
                                router.delete(route('office.expenses.remove-mileage-rate', { mileageRate: id }), {
                                    preserveScroll: true,
                                });
                            }}
                        >
                            ×
                        </button>
                    </li>
                ))}
            </ul>
            <Field
                label={copy.mileageRate(settings.currency)}
                inputMode="decimal"
                className="w-24"
                maxLength={12}
                value={form.data.mileageRate}
                onChange={(event) => {
                    form.setData('mileageRate', event.target.value);
                }}
            />
            <DateField
                label={copy.from}
                onPick={(from) => {
                    form.setData('mileageFrom', from);
                }}
            />
            <FieldError of={['mileageFrom', 'mileageRate']} />
            <p>
                <button type="submit" className="act" disabled={form.processing}>
                    {copy.setRate}
                </button>
            </p>
        </form>
    );
}
